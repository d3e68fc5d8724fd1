// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/work/workflow.h"
#include "domain/job/held_readings.h"

#include "domain/base/faults.h"
#include "domain/methods/fine_tuners.h"
#include "domain/methods/method_figures.h"
#include "domain/work/warnings.h"

#include <algorithm>

namespace flenzo {

namespace {

/// Effects of a step on the guitar, beyond what is dangerous: what the model has to know.
void tellTheModel(Job& job, StepId step, const QString& now) {
    Event event;
    event.at = now.toStdString();
    if (step == StepId::BlockIn && !blockIsIn(job)) {
        event.kind = Event::Kind::Block;
        event.block = {Block::Kind::Captive, blockAngle_rad(job)};
    } else if (step == StepId::BlockOut && blockIsIn(job)) {
        event.kind = Event::Kind::Unblock;
    } else if (step == StepId::Lock) {
        event.kind = Event::Kind::Lock;
    } else if (step == StepId::SwapString && job.work.broken) {
        event = Event::ofString(Event::Kind::Strung, *job.work.broken);
        event.at = now.toStdString();
    } else {
        return;
    }
    job.log.push_back(event);
}

/// What locking did to each string: the first reading after it less the last one before; empty unless all are known.
std::vector<double> clampShiftIn(const Job& job) {
    const std::size_t strings = job.rig.strings.size();
    std::vector<std::optional<double>> before(strings), after(strings);
    bool locked = false;
    for (const Event& event : job.log) {
        locked = locked || event.kind == Event::Kind::Lock;
        auto readings = event.readings_cents;
        if (event.tunes() && !locked)
            readings.emplace_back(event.string, event.to_cents);
        for (const auto& [string, cents] : readings)
            if (string < strings && !(locked && after[string]))
                (locked ? after : before)[string] = cents;
        if (locked && event.kind == Event::Kind::Fine)
            break; // from here it is the fine tuners that move them
    }
    std::vector<double> shifts;
    for (std::size_t i = 0; i < strings; ++i)
        if (before[i] && after[i])
            shifts.push_back(*after[i] - *before[i]);
    return shifts.size() == strings ? shifts : std::vector<double>();
}

void finish(Job& job, StepId step, const QString& now) {
    tellTheModel(job, step, now);
    if (step == StepId::PresetFine)
        presetFineTuners(job);
    if (step == StepId::FineTune)
        if (std::vector<double> shifts = clampShiftIn(job); !shifts.empty())
            job.card.clampShift_cents = std::move(shifts);
    if (step != StepId::HandOver)
        return;
    job.work.state = JobState::Finished;
    noteLeft(job, now);
    const QDate today = QDateTime::fromString(now, Qt::ISODate).date();
    if (!job.work.due.isValid())
        job.work.due = nextRestring(job.card.playing, today).on;
    job.work.checkOn = today.addDays(static_cast<qint64>(DueOptions().checkAfter_days));
}

std::optional<Fault> back(Job& job, const Derived& derived, const QString& now) {
    const std::optional<Step> current = currentStep(job, derived);
    std::optional<Step> last;
    for (const Step& step : stepsOf(job)) {
        if (current == step)
            break;
        last = step;
    }
    if (!last)
        return Fault{faults::firstStep, QStringLiteral("step")};
    job.work.records.append({last->name(), StepRecord::What::Reopened, QString(), now});
    return std::nullopt;
}

StepRecord::What recordOf(WorkEvent event) {
    switch (event) {
    case WorkEvent::Done:
        return StepRecord::What::Done;
    case WorkEvent::Skip:
        return StepRecord::What::Skipped;
    case WorkEvent::Back:
        return StepRecord::What::Reopened;
    case WorkEvent::Overrule:
        return StepRecord::What::Overruled;
    case WorkEvent::Note:
        return StepRecord::What::Note;
    case WorkEvent::Photo:
        return StepRecord::What::Photo;
    }
    return StepRecord::What::Note;
}

/// Strings that the bench does not ask to be pulled are settled by hand.
bool isByHand(const Job& job, StepId step) {
    return !specOf(step).byAdviser || (step == StepId::Settle && !job.method.stretch);
}

QList<Step> openSteps(const Job& job, const Derived& derived) {
    const Progress progress = progressOf(job, derived);
    QList<Step> open;
    for (qsizetype k = 0; k < progress.steps.size(); ++k)
        if (progress.states[k] == StepState::Open)
            open.append(progress.steps[k]);
    return open;
}

double handMinutesOf(const Job& job, const QList<Step>& steps) {
    double minutes = 0.0;
    for (const Step& step : steps)
        if (isByHand(job, step.id))
            minutes += step.minutes;
    return minutes;
}

} // namespace

double handMinutes(const Job& job) {
    return handMinutesOf(job, stepsOf(job));
}

Quantiles minutesLeft(const Job& job, const Derived& derived) {
    const QList<Step> open = openSteps(job, derived);
    const bool tuning =
        std::any_of(open.begin(), open.end(), [&](const Step& step) { return !isByHand(job, step.id); });
    const double byHand = handMinutesOf(job, open);
    const Quantiles tune = tuning && derived.remaining ? derived.remaining->minutes : Quantiles();
    return {byHand + tune.p10, byHand + tune.p50, byHand + tune.p90};
}

std::optional<Fault> apply(Job& job, const Derived& derived, WorkEvent event, const QString& text, const QString& now) {
    if (event == WorkEvent::Back)
        return back(job, derived, now);
    const std::optional<Step> step = currentStep(job, derived);
    if (!step)
        return Fault{faults::lastStep, QStringLiteral("step")};
    if (event != WorkEvent::Done && text.trimmed().isEmpty())
        return Fault{faults::reasonMissing, QStringLiteral("reason")};
    const auto warning = warningAt(job, derived, step->id);
    if (event == WorkEvent::Done && warning && !saidOf(job, step->name()).overruled)
        return Fault{faults::warned, QStringLiteral("warning"), {*warning}};
    if (event == WorkEvent::Overrule && !warning)
        return Fault{faults::noWarning, QStringLiteral("warning")};
    job.work.records.append({step->name(), recordOf(event), text, now});
    if (event == WorkEvent::Done)
        finish(job, step->id, now);
    return std::nullopt;
}

void cameBack(Job& job, const QString& now) {
    const bool locked =
        std::any_of(job.log.begin(), job.log.end(), [](const Event& event) { return event.kind == Event::Kind::Lock; });
    for (const Step& step : stepsOf(job)) {
        const bool again =
            step.id == StepId::ReturnTest || step.id == StepId::HandOver ||
            (locked ? step.id == StepId::FineTune : step.id == StepId::Settle || step.id == StepId::Tune);
        if (again)
            job.work.records.append({step.name(), StepRecord::What::Reopened, QString(), now});
    }
    job.work.state = JobState::Waiting;
}

Job repeated(const Job& last, const Derived& derived) {
    return nextJob(last, derived.advice.guitar, QDate::currentDate());
}

} // namespace flenzo
