// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/work/workflow.h"

#include "core/balance/readings.h"
#include "session/work/schools.h"

#include <QCoreApplication>
#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

QString tr(const char* text) {
    return QCoreApplication::translate("Workflow", text);
}

bool hasVibrato(const Job& job) {
    return job.rig.bridge.family != Family::Fixed;
}
bool floats(const Job& job) {
    return hasClaw(job.rig) && job.goal.deckLoad_Nm <= 0.0;
}
bool clampsAtSaddle(const Job& job) {
    const Form form = job.rig.bridge.form;
    return hasClaw(job.rig) && (form == Form::DoubleLocking || form == Form::DoubleLockingFlush);
}
bool hasFineTuners(const Job& job) {
    return clampsAtSaddle(job) || std::any_of(job.rig.strings.begin(), job.rig.strings.end(),
                                              [](const RigString& string) { return string.finePerTurn_m > 0.0; });
}
bool goesOnAsItWas(const Job& job) {
    if (!job.springsBefore.empty() || job.off.size() != job.rig.strings.size())
        return false;
    for (std::size_t i = 0; i < job.off.size(); ++i)
        if (!(job.off[i].wire == job.rig.strings[i].wire) || job.off[i].target_Hz != job.rig.strings[i].target_Hz)
            return false;
    return true;
}
bool wants(const Job& job, const char* extra) {
    return job.work.extras.contains(QLatin1String(extra));
}
bool goes(const Job& job, const char* topic, const char* way) {
    return schoolOf(job, QLatin1String(topic)) == QLatin1String(way);
}

/// Collects the steps of one job.
class Route {
public:
    explicit Route(const Job& job) : job_(job) {}

    QList<Step> whole() {
        for (const StepId id :
             {StepId::LookOver, StepId::AskOwner, StepId::OldSet, StepId::Checks, StepId::Plan, StepId::Tools})
            add(id);
        unlock();
        if (goes(job_, "atOnce", "one"))
            oneByOne();
        else
            allOff();
        settleAndLevel();
        finish();
        return steps_;
    }

private:
    void add(StepId id, bool when = true) {
        if (when)
            steps_.append({id, std::nullopt, specOf(id).minutes});
    }
    [[nodiscard]] bool blocks() const { return floats(job_) && goes(job_, "atOnce", "all"); }
    [[nodiscard]] bool hasCover() const { return hasClaw(job_.rig) && job_.card.cavityCover; }

    void unlock() {
        add(StepId::CapsOff, job_.card.nut != Nut::Open);
        add(StepId::ArmOff, hasVibrato(job_));
        add(StepId::BlockIn, blocks());
        add(StepId::CoverOff, hasCover() && goes(job_, "cover", "start"));
    }
    void oneByOne() {
        add(StepId::LayOut);
        add(StepId::Dust, wants(job_, "clean"));
        for (const std::size_t string : job_.habit.order)
            steps_.append({StepId::SwapString, string, specOf(StepId::SwapString).minutes});
        add(StepId::PresetFine, hasFineTuners(job_));
        add(StepId::RoughTune);
    }
    void allOff() {
        for (const StepId id : {StepId::Slacken, StepId::CutOld, StepId::TakeOut})
            add(id);
        add(StepId::PresetFine, hasFineTuners(job_));
        add(StepId::Dust, wants(job_, "clean"));
        add(StepId::Frets, wants(job_, "polish"));
        add(StepId::OilBoard, wants(job_, "oil") && job_.card.board == Board::DarkUnlacquered);
        add(StepId::TightenTuners, job_.card.tuners != Tuners::AtBridge);
        add(StepId::LayOut);
        if (clampsAtSaddle(job_))
            steps_.append({StepId::BallEnd, std::nullopt, goes(job_, "ballEnd", "cut") ? 1.5 : 0.8});
        add(StepId::Seat);
        add(StepId::Thread, job_.card.nut != Nut::Open || job_.card.retainerBar || job_.card.stringTree);
        const double wind = specOf(StepId::Wind).minutes;
        const bool quick =
            job_.card.tuners == Tuners::Locking || job_.card.tuners == Tuners::AtBridge || goes(job_, "wraps", "few");
        steps_.append({StepId::Wind, std::nullopt, quick ? 0.5 * wind : wind});
        const bool early = goes(job_, "trim", "before") && job_.card.headstock != Headstock::None;
        add(StepId::TrimTails, early);
        add(StepId::BlockOut, blocks() && goes(job_, "blockOut", "before"));
        add(StepId::RoughTune);
        add(StepId::BlockOut, blocks() && goes(job_, "blockOut", "after"));
    }
    void settleAndLevel() {
        add(StepId::Settle);
        add(StepId::CoverOff, hasCover() && goes(job_, "cover", "needed") && !goesOnAsItWas(job_));
        add(StepId::Intonate, wants(job_, "intonate"));
        add(StepId::Height, wants(job_, "height"));
        add(StepId::Level, hasVibrato(job_));
        add(StepId::Tune);
        add(StepId::Play, goes(job_, "lockWhen", "played") && job_.card.nut != Nut::Open);
    }
    void finish() {
        add(StepId::Lock, job_.card.nut != Nut::Open);
        add(StepId::FineTune, job_.card.nut != Nut::Open);
        const bool tails = job_.card.headstock != Headstock::None;
        add(StepId::TrimTails, tails && (goes(job_, "trim", "after") || goes(job_, "atOnce", "one")));
        add(StepId::CloseUp,
            std::any_of(steps_.begin(), steps_.end(), [](const Step& step) { return step.id == StepId::CoverOff; }));
        add(StepId::ArmIn, hasVibrato(job_));
        add(StepId::ReturnTest, hasVibrato(job_));
        add(StepId::HandOver);
    }

    const Job& job_;
    QList<Step> steps_;
};

std::optional<Hazard> hazardOf(char letter) {
    static constexpr char letters[] = "TBCIULVA";
    const char* const at = std::find(letters, letters + 8, letter);
    return at == letters + 8 ? std::nullopt : std::optional(static_cast<Hazard>(at - letters));
}

bool blockIsIn(const Job& job) {
    bool in = false;
    for (const Event& event : job.log)
        in = event.kind == Event::Kind::Block || (in && event.kind != Event::Kind::Unblock);
    return in;
}

/// Effects of a step on the guitar, beyond what is dangerous: what the model has to know.
void tellTheModel(Job& job, StepId step, const QString& now) {
    Event event;
    event.at = now.toStdString();
    if (step == StepId::BlockIn && !blockIsIn(job)) {
        constexpr double forward_rad = radians(1.5);
        event.kind = Event::Kind::Block;
        event.block = {Block::Kind::Captive,
                       job.goal.angle_rad + (goes(job, "blockHeight", "forward") ? forward_rad : 0.0)};
    } else if (step == StepId::BlockOut && blockIsIn(job)) {
        event.kind = Event::Kind::Unblock;
    } else if (step == StepId::Lock) {
        event.kind = Event::Kind::Lock;
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

std::optional<Fault> back(Job& job, const QList<Step>& steps, const QString& now) {
    std::optional<Step> last;
    for (const Step& step : steps) {
        if (stateOf(job, step) == StepState::Open)
            break;
        last = step;
    }
    if (!last)
        return Fault{"step", "is the first one; there is nothing to go back to"};
    job.work.records.append({last->name(), StepRecord::What::Reopened, QString(), now});
    return std::nullopt;
}

} // namespace

QList<Step> stepsOf(const Job& job) {
    return Route(job).whole();
}

StepState stateOf(const Job& job, const Step& step) {
    StepState state = StepState::Open;
    const QString name = step.name();
    for (const StepRecord& record : job.work.records) {
        if (record.step != name)
            continue;
        if (record.what == StepRecord::What::Done)
            state = StepState::Done;
        else if (record.what == StepRecord::What::Skipped)
            state = StepState::Skipped;
        else if (record.what == StepRecord::What::Reopened)
            state = StepState::Open;
    }
    return state;
}

std::optional<Step> currentStep(const Job& job) {
    for (const Step& step : stepsOf(job))
        if (stateOf(job, step) == StepState::Open)
            return step;
    return std::nullopt;
}

double minutesLeft(const Job& job, const Derived& derived) {
    double minutes = 0.0;
    bool tuning = false;
    for (const Step& step : stepsOf(job)) {
        if (stateOf(job, step) != StepState::Open)
            continue;
        const Phase phase = specOf(step.id).phase;
        const bool byAdviser =
            phase == Phase::Tune || step.id == StepId::Settle || step.id == StepId::Level || step.id == StepId::Tune;
        tuning = tuning || byAdviser;
        if (!byAdviser)
            minutes += step.minutes;
    }
    return minutes + (tuning ? derived.prospect.minutes.p50 : 0.0);
}

Hazards hazardsOf(const Job& job) {
    Hazards hazards;
    hazards.set(Hazard::TensionOn, true);
    hazards.set(Hazard::ArmIn, hasVibrato(job));
    // In the order things were done, not in the order of steps: a step that was reopened has still happened once.
    for (const StepRecord& record : job.work.records) {
        if (record.what != StepRecord::What::Done)
            continue;
        for (const Step& step : stepsOf(job)) {
            if (step.name() != record.step)
                continue;
            for (const char* letter = specOf(step.id).sets; *letter != '\0'; ++letter)
                hazards.set(*hazardOf(*letter), true);
            for (const char* letter = specOf(step.id).clears; *letter != '\0'; ++letter)
                hazards.set(*hazardOf(*letter), false);
        }
    }
    if (!clampsAtSaddle(job))
        hazards.set(Hazard::InsertsOpen, false);
    hazards.set(Hazard::BlockIn, blockIsIn(job));
    return hazards;
}

std::optional<Interlock> interlockAt(const Job& job, const Derived& derived, StepId step) {
    const Hazards hazards = hazardsOf(job);
    switch (step) {
    case StepId::Slacken:
        if (floats(job) && !hazards.has(Hazard::BlockIn))
            return Interlock{
                QStringLiteral("no-block"),
                tr("Nothing keeps the bridge still: it sinks or drops off its posts when the strings go.")};
        break;
    case StepId::CutOld:
        if (hazards.has(Hazard::TensionOn))
            return Interlock{QStringLiteral("cut-under-tension"),
                             tr("The strings still pull: a string cut now whips and the bridge jumps. Slacken first.")};
        break;
    case StepId::CoverOff:
    case StepId::CloseUp:
        if (hazards.has(Hazard::InsertsOpen))
            return Interlock{
                QStringLiteral("turn-over-open"),
                tr("Saddle inserts are open and fall out when the guitar is turned over. Tape them first.")};
        break;
    case StepId::Level:
    case StepId::Height:
    case StepId::Intonate:
        if (hazards.has(Hazard::Unsettled))
            return Interlock{QStringLiteral("level-unsettled"),
                             tr("The strings are not settled: what is level now will not be level in an hour.")};
        break;
    case StepId::Tune:
    case StepId::FineTune:
        if (hazards.has(Hazard::BlockIn))
            return Interlock{QStringLiteral("tune-blocked"),
                             tr("The block is still in: everything moves once it is out.")};
        break;
    case StepId::Lock:
        if (const QStringList missing = missingForLock(job, derived); !missing.isEmpty())
            return Interlock{QStringLiteral("lock-unready"),
                             tr("Not ready to lock: %1.").arg(missing.join(QStringLiteral(", ")))};
        break;
    case StepId::Play:
    case StepId::ReturnTest:
        if (job.card.nut != Nut::Open && hazards.has(Hazard::CapsOff) && step == StepId::ReturnTest)
            return Interlock{QStringLiteral("vibrato-caps-off"),
                             tr("The caps are off: a dive now pulls the strings through the open nut.")};
        break;
    default:
        break;
    }
    return std::nullopt;
}

std::optional<Fault> apply(Job& job, const Derived& derived, WorkEvent event, const QString& text, const QString& now) {
    const QList<Step> steps = stepsOf(job);
    if (event == WorkEvent::Back)
        return back(job, steps, now);
    const std::optional<Step> step = currentStep(job);
    if (!step)
        return Fault{"step", "was the last one; the job is through"};
    const auto record = [&](StepRecord::What what) { job.work.records.append({step->name(), what, text, now}); };
    const bool needsText = event != WorkEvent::Done;
    if (needsText && text.trimmed().isEmpty())
        return Fault{"reason", "is missing; say in a few words why"};
    switch (event) {
    case WorkEvent::Done:
        if (const auto interlock = interlockAt(job, derived, step->id)) {
            const bool overruled =
                std::any_of(job.work.records.begin(), job.work.records.end(), [&](const StepRecord& r) {
                    return r.step == step->name() && r.what == StepRecord::What::Overruled;
                });
            if (!overruled)
                return Fault{"warning", interlock->sentence.toStdString()};
        }
        record(StepRecord::What::Done);
        tellTheModel(job, step->id, now);
        if (step->id == StepId::FineTune)
            if (std::vector<double> shifts = clampShiftIn(job); !shifts.empty())
                job.card.clampShift_cents = std::move(shifts);
        if (step->id == StepId::HandOver)
            job.work.state = JobState::Finished;
        break;
    case WorkEvent::Skip:
        record(StepRecord::What::Skipped);
        break;
    case WorkEvent::Overrule:
        if (!interlockAt(job, derived, step->id))
            return Fault{"warning", "does not stand at this step"};
        record(StepRecord::What::Overruled);
        break;
    case WorkEvent::Note:
        record(StepRecord::What::Note);
        break;
    case WorkEvent::Photo:
        record(StepRecord::What::Photo);
        break;
    case WorkEvent::Back:
        break;
    }
    return std::nullopt;
}

QStringList missingForLock(const Job& job, const Derived& derived) {
    QStringList missing;
    const Standing& now = derived.now();
    const Goal& goal = job.goal;
    if (hasClaw(job.rig) && goal.deckLoad_Nm <= 0.0 &&
        !(std::abs(now.state.angle_rad - goal.angle_rad) <= goal.angleTolerance_rad))
        missing.append(tr("the plate is off level"));
    if (!(worst_cents(now.readings_cents) <= goal.pitchTolerance_cents))
        missing.append(tr("strings are out of tune"));
    else if (now.readsInRow < 2)
        missing.append(tr("every string wants to be read in tune twice"));
    const Hazards hazards = hazardsOf(job);
    if (hazards.has(Hazard::Unsettled))
        missing.append(tr("the strings are not settled"));
    if (hazards.has(Hazard::BlockIn))
        missing.append(tr("the block is in"));
    for (const Step& step : stepsOf(job))
        if (step.id == StepId::PresetFine && stateOf(job, step) != StepState::Done)
            missing.append(tr("fine tuners are not at their preset"));
    return missing;
}

Job repeated(const Job& last, const Derived& derived) {
    Job job = last;
    job.log.clear();
    job.raw = {};
    job.off.clear();
    for (const RigString& string : last.rig.strings)
        job.off.push_back({string.wire, string.target_Hz});
    job.offPicks = last.onPicks;
    job.springsBefore.clear();
    job.wasLevel = true;
    job.oldAngle_rad = last.goal.angle_rad;
    job.prior = derived.advice.fit.prior();
    job.rig.nutLocked = false;
    job.rig.claw.turns = derived.now().state.claw;
    job.simulatedSeed.reset();
    job.work = {};
    job.work.schools = last.work.schools;
    job.work.extras = last.work.extras;
    job.work.received = QDate::currentDate();
    return withClawFromOldSet(std::move(job));
}

} // namespace flenzo
