// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/job/edits.h"

#include "core/statics/note.h"
#include "domain/base/faults.h"

#include <QCoreApplication>
#include <algorithm>
#include <array>
#include <cmath>

namespace flenzo {

namespace {

constexpr double flushStop_rad = radians(-1.0);

SidePicks& picksOf(Job& job, Side side) {
    return side == Side::Off ? job.offPicks : job.onPicks;
}
Wire& wireOf(Job& job, Side side, std::size_t i) {
    return side == Side::Off ? job.off[i].wire : job.rig.strings[i].wire;
}
double& targetOf(Job& job, Side side, std::size_t i) {
    return side == Side::Off ? job.off[i].target_Hz : job.rig.strings[i].target_Hz;
}

void spreadSlots(std::vector<Spring>& springs) {
    const auto n = static_cast<double>(springs.size());
    for (std::size_t j = 0; j < springs.size(); ++j)
        springs[j].slot = (static_cast<double>(j) + 0.5) / n;
}

} // namespace

void applySet(Job& job, Side side, const CatalogueSet& set, const Catalogue& catalogue) {
    picksOf(job, side).setName = set.name;
    for (std::size_t i = 0; i < job.rig.strings.size() && i < static_cast<std::size_t>(set.items.size()); ++i)
        if (const CatalogueString* entry = catalogue.stringById(set.items.at(static_cast<qsizetype>(i)))) {
            picksOf(job, side).strings[i].item = entry->id;
            wireOf(job, side, i) = entry->wire;
        }
}

void applyTuning(Job& job, Side side, const CatalogueTuning& tuning) {
    picksOf(job, side).tuningName = tuning.name;
    for (std::size_t i = 0; i < job.rig.strings.size() && i < static_cast<std::size_t>(tuning.notes.size()); ++i) {
        const QString note = tuning.notes.at(static_cast<qsizetype>(i));
        if (const auto midi = parseNote(note.toStdString())) {
            picksOf(job, side).strings[i].note = note;
            targetOf(job, side, i) = noteFrequency_Hz(*midi, job.referencePitch_Hz);
        }
    }
}

void setReferencePitch(Job& job, double a4_Hz) {
    const double ratio = a4_Hz / job.referencePitch_Hz;
    job.referencePitch_Hz = a4_Hz;
    for (const Side side : {Side::Off, Side::On})
        for (std::size_t i = 0; i < job.rig.strings.size(); ++i)
            if (!picksOf(job, side).strings[i].note.isEmpty())
                targetOf(job, side, i) *= ratio;
}

void setString(Job& job, Side side, std::size_t string, const CatalogueString& entry) {
    picksOf(job, side).strings[string].item = entry.id;
    picksOf(job, side).setName.clear();
    wireOf(job, side, string) = entry.wire;
}

double targetOf_Hz(const Job& job, Side side, std::size_t string) {
    return side == Side::Off ? job.off[string].target_Hz : job.rig.strings[string].target_Hz;
}

void setTarget(Job& job, Side side, std::size_t string, double target_Hz, const QString& note) {
    picksOf(job, side).strings[string].note = note;
    picksOf(job, side).tuningName.clear();
    targetOf(job, side, string) = target_Hz;
}

QString familyName(Family family) {
    static constexpr std::array<const char*, families.size()> names{
        QT_TRANSLATE_NOOP("Edits", "double-locking, recessed"),
        QT_TRANSLATE_NOOP("Edits", "double-locking, flush"),
        QT_TRANSLATE_NOOP("Edits", "two posts, open nut"),
        QT_TRANSLATE_NOOP("Edits", "six screws, open nut"),
        QT_TRANSLATE_NOOP("Edits", "headless, tuners at the bridge"),
        QT_TRANSLATE_NOOP("Edits", "roller shaft on the top"),
        QT_TRANSLATE_NOOP("Edits", "fixed")};
    return QCoreApplication::translate("Edits", names[static_cast<std::size_t>(family)]);
}

namespace {

/// Figures that a family presets and somebody may have measured; those stay as they are.
struct Preset {
    const char* key;
    double& (*of)(Rig&);
};
constexpr std::array<Preset, 9> bridgePresets{
    {{"bridge.rearStop", [](Rig& rig) -> double& { return rig.bridge.rearStop_rad; }},
     {"bridge.forwardStop", [](Rig& rig) -> double& { return rig.bridge.forwardStop_rad; }},
     {"bridge.mass", [](Rig& rig) -> double& { return rig.bridge.mass_kg; }},
     {"bridge.comX", [](Rig& rig) -> double& { return rig.bridge.centreOfMass_m.x(); }},
     {"bridge.comY", [](Rig& rig) -> double& { return rig.bridge.centreOfMass_m.y(); }},
     {"bridge.shaft", [](Rig& rig) -> double& { return rig.bridge.shaftRadius_m; }},
     {"bridge.armTip", [](Rig& rig) -> double& { return rig.bridge.armTip_m; }},
     {"bridge.armTipHeight", [](Rig& rig) -> double& { return rig.bridge.armTipHeight_m; }},
     {"bridge.rearEdge", [](Rig& rig) -> double& { return rig.bridge.rearEdge_m; }}}};
struct StringPreset {
    const char* key;
    double RigString::*of;
};
constexpr std::array<StringPreset, 3> stringPresets{{{"strings.nutTail", &RigString::nutTail_m},
                                                     {"strings.saddleTail", &RigString::saddleTail_m},
                                                     {"strings.fine", &RigString::finePerTurn_m}}};

void restoreMeasured(Job& job, Rig before) {
    const auto isMeasured = [&job](const char* key) { return job.measured.count(QLatin1String(key)) > 0; };
    for (const Preset& preset : bridgePresets)
        if (isMeasured(preset.key))
            preset.of(job.rig) = preset.of(before);
    for (const StringPreset& preset : stringPresets)
        for (std::size_t i = 0; isMeasured(preset.key) && i < job.rig.strings.size(); ++i)
            job.rig.strings[i].*preset.of = before.strings[i].*preset.of;
    const bool springs = std::any_of(job.measured.begin(), job.measured.end(),
                                     [](const QString& key) { return key.startsWith(QLatin1String("springs.")); });
    if (springs && before.bridge.has().motion == job.rig.bridge.has().motion)
        job.rig.springs = before.springs;
}

void presetRig(Job& job, Family family);
void presetCard(Card& card, const FamilyTraits& has);

} // namespace

void spreadPosts(Job& job) {
    constexpr double usualFirst_m = 0.050, usualSpacing_m = 0.025;
    const HeadFigures& head = job.card.head;
    const bool measured = head.firstPost_m && head.spacing_m;
    if (job.card.headstock == Headstock::None ||
        (!measured && job.measured.contains(QStringLiteral("strings.nutTail"))))
        return;
    const double first_m = head.firstPost_m.value_or(usualFirst_m), spacing_m = head.spacing_m.value_or(usualSpacing_m);
    const std::size_t last = job.rig.strings.size() - 1;
    for (std::size_t i = 0; i <= last; ++i) {
        const std::size_t place = job.card.headstock == Headstock::Split ? std::min(i, last - i) : i;
        job.rig.strings[i].nutTail_m = first_m + spacing_m * static_cast<double>(place);
    }
    if (measured)
        job.measured.insert(QStringLiteral("strings.nutTail"));
}

void setBroken(Job& job, std::optional<std::size_t> string) {
    if (!string) {
        job.method.stretch = job.method.stretch || job.work.broken; // a whole set again
        job.work.broken.reset();
        job.work.brokeAt = BreakPlace::NotSaid;
        return;
    }
    job.work.broken = string;
    job.method.stretch = false; // one string is stretched by hand; the bench would ask it of all
    for (std::size_t i = 0; i < job.off.size() && i < job.rig.strings.size(); ++i) {
        job.off[i].wire = job.rig.strings[i].wire;
        job.off[i].target_Hz = job.rig.strings[i].target_Hz;
    }
    job.offPicks = job.onPicks;
}

void setFamily(Job& job, Family family) {
    const Rig before = job.rig;
    if (before.bridge.family != family) {
        job.prior.reset(); // what was learned of another kind
        job.shopPrior.reset();
    }
    presetRig(job, family);
    if (job.rig.bridge.has().keepsOneString())
        job.work.methods.remove(QStringLiteral("atOnce")); // chosen for a bridge that bears it
    presetCard(job.card, job.rig.bridge.has());
    spreadPosts(job);
    restoreMeasured(job, before);
}

namespace {

/// What belongs to a family on the rest of the guitar, so that nothing contradicts it.
void presetCard(Card& card, const FamilyTraits& has) {
    card.cavityCover = has.hasClaw();
    card.retainerBar = has.clampsAtSaddle;
    card.nut = has.opensAtNut ? Nut::Open : has.tunersAtBridge ? Nut::ClampPerString : Nut::Caps;
    if (has.tunersAtBridge) {
        card.tuners = Tuners::AtBridge;
        card.headstock = Headstock::None;
        card.stringTree = false;
    } else if (card.tuners == Tuners::AtBridge || card.headstock == Headstock::None) {
        card.tuners = Tuners::ThroughHole;
        card.headstock = Headstock::OneSide;
    }
}

void presetRig(Job& job, Family family) {
    Rig& rig = job.rig;
    const Motion before = rig.bridge.has().motion;
    rig.bridge.family = family;
    const FamilyTraits& has = rig.bridge.has();
    for (std::size_t i = 0; i < rig.strings.size(); ++i) {
        RigString& string = rig.strings[i];
        string.saddleTail_m = has.saddleTail_m;
        string.nutTail_m = 0.0; // none behind clamps; else by the head (`spreadPosts`)
        string.finePerTurn_m = has.finePerTurn_m;
    }
    rig.nutLocked = has.tunersAtBridge;
    const Bridge nominal;
    if (has.hasClaw())
        rig.bridge.rearStop_rad = has.divesOnly ? flushStop_rad : nominal.rearStop_rad;
    if (has.motion == before)
        return;
    rig.bridge.assist.reset();
    job.goal.deckLoad_Nm = 0.0;
    rig.springs.clear();
    job.springsBefore.clear(); // springs of another motion would not be read back
    if (has.motion == Motion::KnifeEdge) {
        rig.bridge.forwardStop_rad = nominal.forwardStop_rad;
        rig.bridge.centreOfMass_m = nominal.centreOfMass_m;
        rig.bridge.mass_kg = nominal.mass_kg;
        rig.springs.assign(3, Spring{});
        spreadSlots(rig.springs);
    } else if (has.motion == Motion::Shaft) {
        rig.bridge.rearStop_rad = radians(-25.0);
        rig.bridge.forwardStop_rad = radians(25.0);
        rig.bridge.mass_kg = 0.11;
        rig.bridge.centreOfMass_m = {0.020, 0.008};
        rig.bridge.shaftRadius_m = 0.0064;
        rig.bridge.armTip_m = 0.115;
        rig.bridge.armTipHeight_m = 0.050;
        Spring spring;
        spring.rate_Npm = 24500.0;
        spring.initial_N = 0.0;
        spring.free_m = 0.0265;
        spring.seat_m = 0.022;
        spring.lever_m = 0.031;
        rig.springs.assign(1, spring);
    }
}

} // namespace

void setDecked(Job& job, bool decked) {
    job.goal.deckLoad_Nm = decked ? usualDeckLoad_Nm : 0.0;
    job.goal.angle_rad = decked ? job.rig.bridge.rearStop_rad : 0.0;
}

void findDecked(Job& job, bool decked) {
    setDecked(job, decked);
    const bool unsaid = decked ? job.oldAngle_rad == 0.0 : liesOnStop(job.rig, job.oldAngle_rad);
    if (unsaid && job.log.empty())
        job.oldAngle_rad = job.goal.angle_rad;
}

void followStop(const Job& before, Job& after) {
    const double stop_rad = after.rig.bridge.rearStop_rad;
    if (stop_rad == before.rig.bridge.rearStop_rad)
        return;
    if (after.goal.deckLoad_Nm > 0.0)
        after.goal.angle_rad = stop_rad;
    if (liesOnStop(before.rig, before.oldAngle_rad) && after.oldAngle_rad == before.oldAngle_rad)
        after.oldAngle_rad = stop_rad;
}

void setAssisted(Job& job, bool assisted) {
    CentringAssist usual;
    usual.centre_rad = job.goal.angle_rad;
    job.rig.bridge.assist = assisted ? std::optional(usual) : std::nullopt;
}

namespace {

/// The first set and tuning of the catalogue that fit, on both sides.
void fitFirstSet(Job& job, const Catalogue& catalogue) {
    const auto sets = catalogue.setsFor(job.rig.strings.size());
    const auto tunings = catalogue.tuningsFor(job.rig.strings.size());
    if (sets.empty() || tunings.empty())
        return;
    for (const Side side : {Side::Off, Side::On}) {
        picksOf(job, side).strings.resize(job.rig.strings.size());
        applySet(job, side, *sets.front(), catalogue);
        applyTuning(job, side, *tunings.front());
    }
}

} // namespace

Job firstJob(const Catalogue& catalogue) {
    Job job = newJob();
    setFamily(job, job.rig.bridge.family);
    fitFirstSet(job, catalogue);
    return job;
}

std::optional<Fault> setStringCount(Job& job, std::size_t count, const Catalogue& catalogue) {
    if (!job.log.empty())
        return Fault{faults::stringsFixed, QStringLiteral("strings")};
    const auto sets = catalogue.setsFor(count);
    const auto tunings = catalogue.tuningsFor(count);
    if (sets.empty() || tunings.empty())
        return Fault{faults::stringCount, QStringLiteral("strings")};
    const std::vector<RigString> old = job.rig.strings;
    job.rig.strings.clear();
    for (std::size_t i = 0; i < count; ++i) {
        const double place = static_cast<double>(i) / static_cast<double>(count - 1);
        RigString string = old[static_cast<std::size_t>(std::lround(place * static_cast<double>(old.size() - 1)))];
        string.name = std::to_string(count - i);
        job.rig.strings.push_back(string);
    }
    job.measured.erase(QStringLiteral("strings.nutTail"));
    spreadPosts(job);
    setBroken(job, std::nullopt);
    job.off.assign(count, {});
    for (const Side side : {Side::Off, Side::On})
        picksOf(job, side).strings.assign(count, {});
    fitFirstSet(job, catalogue);
    job.method.order = orderOf(kindOf(job.method.order), count);
    return std::nullopt;
}

std::optional<Fault> addSpring(Job& job) {
    if (job.rig.springs.size() >= maxSprings)
        return Fault{faults::mostSprings, QStringLiteral("springs")};
    job.rig.springs.push_back(job.rig.springs.empty() ? Spring{} : job.rig.springs.back());
    spreadSlots(job.rig.springs);
    return std::nullopt;
}

std::optional<Fault> removeSpring(Job& job) {
    if (job.rig.springs.empty())
        return Fault{faults::noSprings, QStringLiteral("springs")};
    job.rig.springs.pop_back();
    spreadSlots(job.rig.springs);
    return std::nullopt;
}

} // namespace flenzo
