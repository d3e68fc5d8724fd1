// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/work/route.h"

#include "domain/methods/methods.h"
#include "domain/work/workflow.h"

#include <algorithm>

namespace flenzo {

namespace {

bool hasVibrato(const Job& job) {
    return job.rig.bridge.has().moves();
}
bool goesOnAsItWas(const Job& job) {
    if (!job.springsBefore.empty() || job.off.size() != job.rig.strings.size())
        return false;
    for (std::size_t i = 0; i < job.off.size(); ++i)
        if (!(job.off[i].wire == job.rig.strings[i].wire) || job.off[i].target_Hz != job.rig.strings[i].target_Hz)
            return false;
    return true;
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
        if (isChosen(job_, "atOnce", "one"))
            oneByOne();
        else
            allOff();
        settleAndLevel();
        finish();
        return steps_;
    }

private:
    void add(StepId id, bool when = true, double share = 1.0) {
        if (when)
            steps_.append({id, std::nullopt, share * minutesOf(id)});
    }
    /// What the step usually takes in this shop, else what is assumed.
    [[nodiscard]] double minutesOf(StepId id) const {
        const StepSpec& spec = specOf(id);
        return job_.work.usualMinutes.value(QLatin1String(spec.name), spec.minutes);
    }
    [[nodiscard]] bool blocks() const { return floats(job_.rig, job_.goal) && isChosen(job_, "atOnce", "all"); }
    [[nodiscard]] bool quickToWind() const { return wrapsOnThis(job_) != Wraps::Usual; }
    [[nodiscard]] bool hasCover() const { return hasClaw(job_.rig) && job_.card.cavityCover; }

    void unlock() {
        add(StepId::CapsOff, job_.card.nut != Nut::Open, isChosen(job_, "caps", "loosened") ? 0.5 : 1.0);
        add(StepId::BlockIn, blocks()); // the arm presses the plate down for it, so it comes off after
        add(StepId::ArmOff, hasVibrato(job_));
        add(StepId::CoverOff, hasCover() && isChosen(job_, "cover", "start"));
    }
    void oneByOne() {
        add(StepId::LayOut);
        add(StepId::Dust, job_.work.wants("clean"));
        for (const std::size_t string : job_.method.order)
            steps_.append({StepId::SwapString, string, minutesOf(StepId::SwapString)});
        add(StepId::PresetFine, hasFineTuners(job_));
        add(StepId::RoughTune);
    }
    void allOff() {
        for (const StepId id : {StepId::Slacken, StepId::CutOld, StepId::TakeOut})
            add(id);
        add(StepId::PresetFine, hasFineTuners(job_));
        add(StepId::Dust, job_.work.wants("clean"));
        add(StepId::Frets, job_.work.wants("polish"), isChosen(job_, "boardCare", "wool") ? 0.6 : 1.0);
        add(StepId::OilBoard, job_.work.wants("oil") && job_.card.board == Board::DarkUnlacquered);
        add(StepId::TightenTuners, job_.card.tuners != Tuners::AtBridge);
        add(StepId::LayOut);
        add(StepId::BallEnd, job_.rig.bridge.has().clampsAtSaddle, isChosen(job_, "ballEnd", "cut") ? 1.0 : 0.5);
        add(StepId::Seat);
        add(StepId::Thread, job_.card.nut != Nut::Open || job_.card.retainerBar || job_.card.stringTree,
            isChosen(job_, "caps", "loosened") ? 1.25 : 1.0);
        add(StepId::Wind, true, (quickToWind() ? 0.5 : 1.0) * (isChosen(job_, "winding", "tie") ? 1.3 : 1.0));
        const bool early = isChosen(job_, "trim", "before") && job_.card.headstock != Headstock::None;
        add(StepId::TrimTails, early);
        add(StepId::BlockOut, blocks() && isChosen(job_, "blockOut", "before"));
        add(StepId::RoughTune);
        add(StepId::BlockOut, blocks() && !isChosen(job_, "blockOut", "before"));
    }
    void settleAndLevel() {
        add(StepId::Settle);
        add(StepId::CoverOff, hasCover() && isChosen(job_, "cover", "needed") && !goesOnAsItWas(job_));
        add(StepId::Intonate, job_.work.wants("intonate"));
        add(StepId::Height, job_.work.wants("height"));
        add(StepId::Level, hasVibrato(job_));
        add(StepId::Tune);
        add(StepId::Play, isChosen(job_, "lockWhen", "played") && job_.card.nut != Nut::Open);
    }
    void finish() {
        add(StepId::Lock, job_.card.nut != Nut::Open);
        add(StepId::FineTune, job_.card.nut != Nut::Open);
        const bool tails = job_.card.headstock != Headstock::None;
        add(StepId::TrimTails, tails && (isChosen(job_, "trim", "after") || isChosen(job_, "atOnce", "one")));
        add(StepId::CloseUp,
            std::any_of(steps_.begin(), steps_.end(), [](const Step& step) { return step.id == StepId::CoverOff; }));
        add(StepId::ArmIn, hasVibrato(job_));
        add(StepId::ReturnTest, hasVibrato(job_));
        add(StepId::HandOver);
    }

    const Job& job_;
    QList<Step> steps_;
};

} // namespace

QList<Step> stepsOf(const Job& job) {
    return Route(job).whole();
}

} // namespace flenzo
