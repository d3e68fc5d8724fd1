// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/warnings.h"

#include "core/statics/readings.h"

#include <QCoreApplication>
#include <QHash>
#include <cmath>

namespace flenzo {

namespace {

struct Words {
    Q_DECLARE_TR_FUNCTIONS(Warnings)
};

/// A state that makes an act go wrong, and what to say of it.
struct Guard {
    StepId step;
    Hazard hazard;
    const char* sentence;
};
constexpr const char* openInserts = QT_TRANSLATE_NOOP(
    "Warnings", "Saddle inserts are open and fall out when the guitar is turned over. Tape them first.");
constexpr const char* unsettled =
    QT_TRANSLATE_NOOP("Warnings", "The strings are not settled: what is level now will not be level in an hour.");
constexpr const char* blocked =
    QT_TRANSLATE_NOOP("Warnings", "The block is still in: everything moves once it is out.");
constexpr Guard guards[] = {
    {StepId::CutOld, Hazard::TensionOn,
     QT_TRANSLATE_NOOP("Warnings",
                       "The strings still pull: a string cut now whips and the bridge jumps. Slacken first.")},
    {StepId::CoverOff, Hazard::InsertsOpen, openInserts},
    {StepId::CloseUp, Hazard::InsertsOpen, openInserts},
    {StepId::Level, Hazard::Unsettled, unsettled},
    {StepId::Height, Hazard::Unsettled, unsettled},
    {StepId::Intonate, Hazard::Unsettled, unsettled},
    {StepId::Tune, Hazard::BlockIn, blocked},
    {StepId::FineTune, Hazard::BlockIn, blocked},
    {StepId::ReturnTest, Hazard::CapsOff,
     QT_TRANSLATE_NOOP("Warnings", "The caps are off: a dive now pulls the strings through the open nut.")},
};

} // namespace

bool blockIsIn(const Job& job) {
    bool in = false;
    for (const Event& event : job.log)
        in = event.kind == Event::Kind::Block || (in && event.kind != Event::Kind::Unblock);
    return in;
}

Hazards hazardsOf(const Job& job) {
    QHash<QString, StepId> known;
    for (const Step& step : stepsOf(job))
        known.insert(step.name(), step.id);
    Hazards hazards{Hazard::TensionOn};
    hazards.set(Hazard::ArmIn, job.rig.bridge.family != Family::Fixed);
    // In the order things were done, not in the order of steps: a step that was reopened has still happened once.
    for (const StepRecord& record : job.work.records)
        if (const auto step = known.constFind(record.step);
            record.what == StepRecord::What::Done && step != known.constEnd()) {
            hazards.add(specOf(*step).sets);
            hazards.remove(specOf(*step).clears);
        }
    if (!clampsAtSaddle(job.rig.bridge))
        hazards.set(Hazard::InsertsOpen, false);
    hazards.set(Hazard::BlockIn, blockIsIn(job));
    return hazards;
}

std::optional<QString> warningAt(const Job& job, const Derived& derived, StepId step) {
    const Hazards hazards = hazardsOf(job);
    if (step == StepId::Slacken && floats(job.rig, job.goal) && !hazards.has(Hazard::BlockIn))
        return Words::tr("Nothing keeps the bridge still: it sinks or drops off its posts when the strings go.");
    if (step == StepId::Lock)
        if (const QStringList missing = missingForLock(job, derived); !missing.isEmpty())
            return Words::tr("Not ready to lock: %1.").arg(missing.join(QStringLiteral(", ")));
    for (const Guard& guard : guards)
        if (guard.step == step && hazards.has(guard.hazard))
            return Words::tr(guard.sentence);
    return std::nullopt;
}

QStringList missingForLock(const Job& job, const Derived& derived) {
    QStringList missing;
    // What the adviser calls done has been read, and is inside as far as the shop's tools can tell.
    if (const Advice& advice = derived.advice; advice.act.what != NextAct::Do::Done) {
        const Estimate& guitar = advice.guitar;
        const bool level = std::abs(guitar.state.angle_rad - job.goal.angle_rad) <= advice.plateTolerance_rad;
        const bool inTune = worst_cents(guitar.readings_cents) <= advice.pitchTolerance_cents;
        if (advice.plateCounts && !level)
            missing.append(Words::tr("the plate is off level"));
        if (!inTune)
            missing.append(Words::tr("strings are out of tune"));
        if (inTune && (level || !advice.plateCounts))
            missing.append(Words::tr("what was done last has not been checked"));
    }
    const Hazards hazards = hazardsOf(job);
    if (hazards.has(Hazard::Unsettled))
        missing.append(Words::tr("the strings are not settled"));
    if (hazards.has(Hazard::BlockIn))
        missing.append(Words::tr("the block is in"));
    for (const Step& step : stepsOf(job))
        if (step.id == StepId::PresetFine && stateOf(job, step) != StepState::Done)
            missing.append(Words::tr("fine tuners are not at their preset"));
    return missing;
}

} // namespace flenzo
