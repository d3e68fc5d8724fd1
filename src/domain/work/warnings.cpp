// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/work/warnings.h"

#include "core/statics/readings.h"
#include "domain/methods/fine_tuners.h"
#include "domain/work/route.h"

#include <QCoreApplication>
#include <QHash>
#include <cmath>

namespace flenzo {

namespace {

struct WarningsWords {
    Q_DECLARE_TR_FUNCTIONS(Warnings)
};

using Has = bool (*)(const FamilyTraits&);

/// A state that makes an act go wrong, and what to say of it; `has`: on which bridges, none: on all.
struct Guard {
    StepId step;
    Hazard hazard;
    const char* sentence;
    Has has = nullptr;
};
constexpr Has comesLoose = [](const FamilyTraits& has) { return !has.keepsOneString(); };
constexpr Has turnsPosts = [](const FamilyTraits& has) { return has.heightAtPosts; };
constexpr Has turnsSaddles = [](const FamilyTraits& has) { return has.hasClaw() && !has.heightAtPosts; };
constexpr Has turnsBridge = [](const FamilyTraits& has) { return !has.hasClaw(); };
constexpr const char* openInserts =
    QT_TRANSLATE_NOOP("Warnings", "Tape the open saddle inserts first: they fall out when the guitar is turned over.");
constexpr const char* unsettled =
    QT_TRANSLATE_NOOP("Warnings", "Settle the strings first: while they stretch, no pitch holds.");
constexpr const char* blocked =
    QT_TRANSLATE_NOOP("Warnings", "Take the block out first: everything moves once it is out.");
constexpr Guard guards[] = {
    {StepId::CutOld, Hazard::TensionOn,
     QT_TRANSLATE_NOOP("Warnings",
                       "Slacken the strings first: a string cut under tension whips, and the bridge jumps."),
     comesLoose},
    {StepId::CoverOff, Hazard::InsertsOpen, openInserts},
    {StepId::CloseUp, Hazard::InsertsOpen, openInserts},
    {StepId::Level, Hazard::Unsettled, unsettled},
    {StepId::Height, Hazard::Unsettled, unsettled},
    {StepId::Intonate, Hazard::Unsettled, unsettled},
    {StepId::Lock, Hazard::Unsettled, unsettled},
    {StepId::Lock, Hazard::BlockIn, blocked},
    {StepId::Tune, Hazard::BlockIn, blocked},
    {StepId::FineTune, Hazard::BlockIn, blocked},
    {StepId::ReturnTest, Hazard::BlockIn, blocked},
    {StepId::HandOver, Hazard::BlockIn, blocked},
    {StepId::Height, Hazard::TensionOn,
     QT_TRANSLATE_NOOP("Warnings",
                       "Slacken the strings before bridge posts are turned, then retune: they and their edges wear."),
     turnsPosts},
    {StepId::Height, Hazard::TensionOn,
     QT_TRANSLATE_NOOP("Warnings", "Slacken each string before its saddle is turned, then retune: its screws wear."),
     turnsSaddles},
    {StepId::Height, Hazard::TensionOn,
     QT_TRANSLATE_NOOP("Warnings", "Slacken the strings before the bridge is moved, then retune: its screws wear."),
     turnsBridge},
    {StepId::ReturnTest, Hazard::CapsOff,
     QT_TRANSLATE_NOOP("Warnings", "Lock the nut first: a dive pulls the strings through an open one.")},
};

} // namespace

bool blockIsIn(const Job& job) {
    bool in = false;
    for (const Event& event : job.log)
        in = event.kind == Event::Kind::Block || (in && event.kind != Event::Kind::Unblock);
    return in;
}

namespace {

/// Steps in the order in which they happened, as far as anybody said: one that was reopened has still happened once.
/// Those that only the log shows come before the first said one that follows them.
QList<StepId> happened(const Job& job, const Derived& derived) {
    const QList<Step> steps = stepsOf(job);
    const QSet<QString> met = metByLog(job, derived);
    QHash<QString, qsizetype> places;
    QSet<QString> said;
    for (qsizetype k = 0; k < steps.size(); ++k)
        places.insert(steps[k].name(), k);
    for (const StepRecord& record : job.work.records)
        if (record.what == StepRecord::What::Done)
            said.insert(record.step);
    QList<StepId> order;
    qsizetype next = 0;
    const auto passTo = [&](qsizetype end) {
        for (; next < end; ++next)
            if (met.contains(steps[next].name()) && !said.contains(steps[next].name()))
                order.append(steps[next].id);
    };
    for (const StepRecord& record : job.work.records)
        if (const auto place = places.constFind(record.step);
            record.what == StepRecord::What::Done && place != places.constEnd()) {
            passTo(*place);
            order.append(steps[*place].id);
        }
    passTo(steps.size());
    return order;
}

} // namespace

namespace {

/// The one that keeps the bridge together was ticked with the others.
bool losesTheLast(const Job& job, StepId step, std::size_t kept) {
    return (step == StepId::Slacken && isTicked(job, step, QStringLiteral("slack"), kept)) ||
           (step == StepId::CutOld && isTicked(job, step, QStringLiteral("cut"), kept)) ||
           (step == StepId::TakeOut && isTicked(job, step, QStringLiteral("out"), kept));
}

} // namespace

Hazards hazardsOf(const Job& job, const Derived& derived) {
    Hazards hazards{Hazard::TensionOn};
    hazards.set(Hazard::ArmIn, job.rig.bridge.has().moves());
    for (const StepId step : happened(job, derived)) {
        hazards.add(specOf(step).sets);
        Hazards cleared = specOf(step).clears;
        if (step == StepId::Slacken && remainingString(job)) // which is at pitch yet
            cleared.set(Hazard::TensionOn, false);
        hazards.remove(cleared);
    }
    if (!job.rig.bridge.has().clampsAtSaddle)
        hazards.set(Hazard::InsertsOpen, false);
    hazards.set(Hazard::BlockIn, blockIsIn(job));
    return hazards;
}

bool spillsInserts(const Job& job, const Derived& derived, Orientation to) {
    return (to == Orientation::FaceDown || to == Orientation::Upright) &&
           hazardsOf(job, derived).has(Hazard::InsertsOpen);
}

namespace {

const Guard* guardOf(StepId step, const Hazards& now, const FamilyTraits& has) {
    for (const Guard& guard : guards)
        if (guard.step == step && now.has(guard.hazard) && (!guard.has || guard.has(has)))
            return &guard;
    return nullptr;
}

} // namespace

std::optional<Hazard> hazardAt(StepId step, const Hazards& now, const FamilyTraits& has) {
    const Guard* guard = guardOf(step, now, has);
    return guard ? std::optional(guard->hazard) : std::nullopt;
}

std::optional<QString> warningAt(const Job& job, const Derived& derived, StepId step) {
    const Hazards hazards = hazardsOf(job, derived);
    const FamilyTraits& has = job.rig.bridge.has();
    if (step == StepId::Slacken && floats(job.rig, job.goal) && !hazards.has(Hazard::BlockIn))
        return has.onScrews || has.tunersAtBridge
                   ? WarningsWords::tr("Block the bridge first: nothing keeps it still, it sinks into the body.")
                   : WarningsWords::tr(
                         "Block the bridge first: nothing keeps it still, it sinks or drops off its bridge posts.");
    if (const auto kept = remainingString(job); kept && losesTheLast(job, step, *kept))
        return WarningsWords::tr("Keep string %1 on, or hold the shaft: with all tension gone its spring falls out.")
            .arg(QString::fromStdString(job.rig.strings[*kept].name));
    if (step == StepId::Lock)
        if (const QStringList missing = missingForLock(job, derived); !missing.isEmpty())
            return WarningsWords::tr("Not ready to lock: %1.").arg(missing.join(QStringLiteral(", ")));
    const Guard* guard = guardOf(step, hazards, has);
    return guard ? std::optional(WarningsWords::tr(guard->sentence)) : std::nullopt;
}

QStringList missingForLock(const Job& job, const Derived& derived) {
    QStringList missing;
    // What the adviser calls done has been read, and is inside as far as the shop's tools can tell.
    if (const Advice& advice = derived.advice; advice.act.what != NextAct::Do::Done) {
        const Estimate& guitar = advice.guitar;
        const bool level = std::abs(guitar.state.angle_rad - advice.wantedAngle_rad) <= advice.plateTolerance_rad;
        bool inTune = true;
        for (std::size_t i = 0; i < advice.wanted_cents.size(); ++i)
            inTune = inTune && std::abs(advice.off_cents(i)) <= advice.pitchTolerance_cents;
        if (advice.plateCounts && !level)
            missing.append(WarningsWords::tr("the plate is off level"));
        if (!inTune)
            missing.append(WarningsWords::tr("strings are out of tune"));
        if (inTune && (level || !advice.plateCounts))
            missing.append(WarningsWords::tr("what was done last has not been checked"));
    }
    const Hazards hazards = hazardsOf(job, derived);
    if (hazards.has(Hazard::Unsettled))
        missing.append(WarningsWords::tr("the strings are not settled"));
    if (hazards.has(Hazard::BlockIn))
        missing.append(WarningsWords::tr("the block is in"));
    for (const Step& step : stepsOf(job))
        if (step.id == StepId::PresetFine && saidOf(job, step.name()).state != StepState::Done)
            missing.append(job.rig.bridge.has().tunersAtBridge
                               ? WarningsWords::tr("the bridge tuners are not at their preset")
                               : WarningsWords::tr("fine tuners are not at their preset"));
    const std::vector<FineDemand> demands = fineDemands(job, derived);
    for (std::size_t i = 0; i < demands.size(); ++i)
        if (!demands[i].forecast.covers)
            missing.append(WarningsWords::tr("the fine tuner of string %1 would run out")
                               .arg(QString::fromStdString(job.rig.strings[i].name)));
    return missing;
}

} // namespace flenzo
