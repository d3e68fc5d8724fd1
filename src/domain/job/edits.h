// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/guitar/catalogue.h"
#include "domain/job/job.h"

namespace flenzo {

enum class Side { Off, On };

/// What a user edits on a job beyond single figures. Each changes the job in place and leaves it sound or untouched.
void applySet(Job& job, Side side, const CatalogueSet& set, const Catalogue& catalogue);
void applyTuning(Job& job, Side side, const CatalogueTuning& tuning);
/// All noted strings follow; those given in hertz stay.
void setReferencePitch(Job& job, double a4_Hz);

void setString(Job& job, Side side, std::size_t string, const CatalogueString& entry);
[[nodiscard]] double targetOf_Hz(const Job& job, Side side, std::size_t string);
/// A pitch by its frequency, and as a note where it was one.
void setTarget(Job& job, Side side, std::size_t string, double target_Hz, const QString& note);

/// As a shop knows it, in the language of the moment.
[[nodiscard]] QString familyName(Family family);
/// Gives the guitar a bridge of another family with nominal figures for what that family has, and the nut, bar, tuners
/// and cover that belong to it; strings, tuning and whatever was measured stay.
void setFamily(Job& job, Family family);
/// Rests the plate on its rear stop with the springs winning, or lets it float level again.
void setDecked(Job& job, bool decked);
/// The same of a guitar that is found so: with its old set it was pressed down as well, unless it was said to have
/// stood elsewhere.
void findDecked(Job& job, bool decked);
/// Gives the bridge a stabiliser with the figures of a usual one, centred where the plate is to be, or takes it away.
void setAssisted(Job& job, bool assisted);
/// What rests on the rear stop stays on it when the stop's figure is corrected: the goal, and the old set's plate.
void followStop(const Job& before, Job& after);

/// Strings to the string posts by the head's layout, from what is measured of it or as most heads are; distances that
/// were measured string by string stay.
void spreadPosts(Job& job);
/// Makes the job one of a single broken string, whose set stays on, or of a whole set again, which has to stretch.
void setBroken(Job& job, std::optional<std::size_t> string);

/// A new guitar with what belongs to the bridge that is chosen first: its nut, its fine tuners, a set that is sold.
[[nodiscard]] Job firstJob(const Catalogue& catalogue);
inline constexpr int leastStrings = 4; ///< that the screens offer
/// Another number of strings, geometry spread as on the guitar before, standard tuning and the first fitting set.
/// Refused once anything has been logged.
std::optional<Fault> setStringCount(Job& job, std::size_t count, const Catalogue& catalogue);
std::optional<Fault> addSpring(Job& job);
std::optional<Fault> removeSpring(Job& job);

} // namespace flenzo
