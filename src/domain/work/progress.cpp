// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/work/progress.h"

#include "domain/work/warnings.h"

#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

constexpr double halfStep_cents = 50.0;

/// What a log tells beyond its readings.
struct Heard {
    std::set<std::size_t> strings; ///< new strings that have sounded
    bool clawTurned = false;       ///< with strings on
    bool stretched = false, locked = false, readLocked = false;

    explicit Heard(const Job& job) {
        for (const Event& event : job.log) {
            for (const auto& reading : event.readings_cents)
                strings.insert(reading.first);
            if (event.turnsString())
                strings.insert(event.string);
            clawTurned = clawTurned || (event.kind == Event::Kind::Claw && !strings.empty());
            stretched = stretched || event.kind == Event::Kind::Stretched;
            readLocked = readLocked || (locked && !event.readings_cents.empty());
            locked = locked || event.kind == Event::Kind::Lock;
        }
    }
};

/// Looks at the whole way once.
class Looker {
public:
    Looker(const Job& job, const Derived& derived)
        : job_(job), derived_(derived), steps_(stepsOf(job)), heard_(job), reach_(reach()) {}

    QSet<QString> met() const {
        QSet<QString> names;
        for (qsizetype k = 0; k < steps_.size(); ++k)
            if ((k < reach_ || shows(steps_[k])) && !saidOf(job_, steps_[k].name()).reopened)
                names.insert(steps_[k].name());
        return names;
    }

private:
    [[nodiscard]] qsizetype placeOf(StepId id) const {
        const auto found = std::find_if(steps_.begin(), steps_.end(), [id](const Step& step) { return step.id == id; });
        return found == steps_.end() ? -1 : found - steps_.begin();
    }
    /// Everything before this place is behind.
    [[nodiscard]] qsizetype reach() const {
        qsizetype far = 0;
        if (!heard_.strings.empty()) {
            const qsizetype first = placeOf(StepId::SwapString);
            far = first < 0 || heard_.strings.size() >= job_.rig.strings.size() ? placeOf(StepId::RoughTune) : first;
            if (const qsizetype out = placeOf(StepId::BlockOut); first < 0 && out >= 0 && out < far)
                far = blockIsIn(job_) ? out : far;
        }
        if (heard_.locked)
            far = std::max(far, placeOf(StepId::Lock) + 1);
        return far;
    }
    [[nodiscard]] bool over() const {
        const auto what = derived_.next().what;
        return what == NextAct::Do::Done || what == NextAct::Do::Leave;
    }
    [[nodiscard]] bool isNear() const {
        const TrackedState& now = derived_.now();
        for (std::size_t i = 0; i < job_.rig.strings.size(); ++i)
            if (!now.everRead[i] || !(std::abs(now.shown_cents(i)) <= halfStep_cents))
                return false;
        return true;
    }
    [[nodiscard]] bool isSettled() const {
        const auto& strings = derived_.advice.guitar.settling;
        return over() || (heard_.stretched && std::all_of(strings.begin(), strings.end(),
                                                          [](const auto& string) { return string.needed.p50 <= 0; }));
    }
    [[nodiscard]] bool isLevel() const {
        const Advice& advice = derived_.advice;
        return over() || (advice.plateEverRead && advice.act.what != NextAct::Do::Claw &&
                          std::abs(advice.guitar.state.angle_rad - job_.goal.angle_rad) <= advice.plateTolerance_rad);
    }
    [[nodiscard]] bool laterSaid(StepId id) const {
        for (qsizetype k = placeOf(id) + 1; k < steps_.size(); ++k)
            if (saidOf(job_, steps_[k].name()).state == StepState::Done)
                return true;
        return false;
    }
    [[nodiscard]] bool shows(const Step& step) const {
        if (heard_.strings.empty() || derived_.standings.empty())
            return false;
        switch (step.id) {
        case StepId::SwapString:
            return heard_.strings.count(*step.string) > 0;
        case StepId::RoughTune:
            return isNear() || over() || derived_.next().what == NextAct::Do::Unblock || laterSaid(step.id);
        case StepId::BlockOut:
            return !blockIsIn(job_) && reach_ > placeOf(StepId::BlockIn);
        case StepId::CoverOff:
            return heard_.clawTurned;
        case StepId::Settle:
            return job_.method.stretch && isSettled();
        case StepId::Level:
            return isLevel() && !blockIsIn(job_);
        case StepId::Tune:
            return over();
        case StepId::FineTune:
            return heard_.readLocked && over();
        default:
            return false;
        }
    }

    const Job& job_;
    const Derived& derived_;
    QList<Step> steps_;
    Heard heard_;
    qsizetype reach_;
};

} // namespace

QList<Phase> phasesOf(const QList<Step>& steps) {
    QList<Phase> phases;
    Phase far = Phase::Intake;
    for (const Step& step : steps)
        phases.append(far = std::max(far, specOf(step.id).phase));
    return phases;
}

Said saidOf(const Job& job, const QString& step) {
    Said said;
    for (const StepRecord& record : job.work.records) {
        if (record.step != step)
            continue;
        if (record.what == StepRecord::What::Done)
            said.state = StepState::Done;
        else if (record.what == StepRecord::What::Skipped)
            said.state = StepState::Skipped;
        else if (record.what == StepRecord::What::Overruled)
            said.overruled = true;
        else if (record.what == StepRecord::What::Reopened)
            said = {StepState::Open, false, true};
    }
    return said;
}

QString tickName(const QString& act, std::size_t string) {
    return act + QLatin1Char(':') + QString::number(string);
}

bool isTicked(const Job& job, StepId step, const QString& act, std::size_t string) {
    return job.work.ticks.value(QLatin1String(specOf(step).name)).contains(tickName(act, string));
}

QSet<QString> metByLog(const Job& job, const Derived& derived) {
    return Looker(job, derived).met();
}

std::optional<Step> Progress::current() const {
    const qsizetype first = states.indexOf(StepState::Open);
    return first < 0 ? std::nullopt : std::optional(steps[first]);
}

Progress progressOf(const Job& job, const Derived& derived) {
    Progress progress;
    progress.steps = stepsOf(job);
    progress.phases = phasesOf(progress.steps);
    const QSet<QString> met = metByLog(job, derived);
    for (const Step& step : progress.steps) {
        const StepState said = saidOf(job, step.name()).state;
        progress.states.append(said == StepState::Open && met.contains(step.name()) ? StepState::Done : said);
    }
    return progress;
}

std::optional<Step> currentStep(const Job& job, const Derived& derived) {
    return progressOf(job, derived).current();
}

} // namespace flenzo
