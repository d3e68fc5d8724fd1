// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/estimation/estimator.h"
#include "core/log/shop_prior.h"
#include "core/planning/change.h"
#include "core/planning/work_method.h"
#include "domain/base/fault.h"
#include "domain/guitar/card.h"
#include "domain/job/work.h"

#include <QDate>
#include <QJsonObject>
#include <QString>
#include <set>
#include <vector>

namespace flenzo {

/// How one string was chosen: from the catalogue and as a note, or freely (both empty).
struct StringPick {
    QString item; ///< id in the string catalogue
    QString note; ///< "E2"; empty when the pitch was given in hertz
    bool operator==(const StringPick&) const = default;
};

/// Names and choices behind one set of strings; the wires and pitches themselves are in the rig or in `Job::off`.
struct SidePicks {
    QString setName;
    QString tuningName;
    std::vector<StringPick> strings;
    bool operator==(const SidePicks&) const = default;
};

/// One guitar on the bench: what a `flenzo-job` file holds. A value; every edit makes a new one.
struct Job {
    QString guitar; ///< how the shop calls it
    QString owner;
    QString reason; ///< why it is here
    Rig rig;        ///< the nominal guitar with the strings that go on, as it is now
    std::optional<Rig>
        startRig; ///< as it was at the first entry, once an entry has changed it (`domain/job/changes.h`)
    SidePicks onPicks;
    std::vector<SetString> off; ///< the strings that come off
    SidePicks offPicks;
    bool wasLevel = true; ///< with the old set at pitch the plate stood at `oldAngle_rad`; tells where the claw is
    double oldAngle_rad = 0.0;
    std::vector<Spring> springsBefore; ///< empty: the springs are the same as with the old set
    double referencePitch_Hz = 440.0;
    double slackStart_cents = -300.0; ///< assumed start of new strings before anything is read
    Goal goal;
    WorkMethod method;
    Pace pace;
    Tools tools;                                ///< what this guitar is measured with
    std::optional<Prior> prior;                 ///< learned of this guitar in an earlier job
    std::optional<ShopPrior> shopPrior;         ///< of this shop's guitars of the form, for one that nobody learned yet
    std::set<QString> measured;                 ///< fields of the rig that somebody measured; all others are assumed
    std::optional<std::uint32_t> simulatedSeed; ///< the guitar that answers is a simulated one
    std::vector<Event> log;
    Card card;       ///< the guitar apart from its bridge
    Work work;       ///< the job around the balance
    QJsonObject raw; ///< the file as read, so that members unknown to this version survive

    [[nodiscard]] OldSet oldSet() const;
    bool operator==(const Job&) const = default;
};

/// A six-string with nominal figures and one medium-light set, for a new job.
[[nodiscard]] Job newJob();

/// Strings leave this bridge fine tuners, or tuners that are as fine, once the nut is locked or has none: those that
/// clamp at the saddle, those tuned at the bridge, and any whose fine tuners were measured.
[[nodiscard]] bool hasFineTuners(const Job& job);

/// The shop's way, as far as this guitar's posts leave it any.
[[nodiscard]] Wraps wrapsOnThis(const Job& job);
/// What the adviser goes by.
[[nodiscard]] BenchJob benchJobOf(const Job& job);

/// The next job on the same guitar: what is on comes off, what was learned is kept, the claw is where it was left, and
/// nothing has happened yet. `on` is the day it is taken in.
[[nodiscard]] Job nextJob(const Job& last, const Estimate& guitar, const QDate& on);

/// If the old set stood level, the claw that did it becomes the rig's; otherwise the job is returned as it is.
[[nodiscard]] Job withClawFromOldSet(Job job);

/// How files call the ways with the claw; an unknown name is the first of them.
[[nodiscard]] QString clawWayName(ClawMethod way);
[[nodiscard]] ClawMethod clawWayNamed(const QString& name);

} // namespace flenzo
