// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/work/route.h"

#include "core/statics/pitch.h"
#include "domain/methods/methods.h"
#include "domain/work/workflow.h"

#include <algorithm>
#include <cmath>

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

/// More pull bends a neck that was set for less.
bool bendsTheNeck(const Job& job) {
    constexpr double share = 0.2;
    if (job.off.size() != job.rig.strings.size())
        return false;
    double before_N = 0.0, after_N = 0.0;
    for (std::size_t i = 0; i < job.off.size(); ++i) {
        const double scale_m = job.rig.strings[i].scale_m;
        const auto pull_N = [scale_m](const Wire& wire, double pitch_Hz) {
            return tensionForPitch_N(unitMass_kgpm(wire), axialStiffness_N(wire), scale_m, pitch_Hz);
        };
        before_N += pull_N(job.off[i].wire, job.off[i].target_Hz);
        after_N += pull_N(job.rig.strings[i].wire, job.rig.strings[i].target_Hz);
    }
    return before_N > 0.0 && std::abs(after_N / before_N - 1.0) >= share;
}

/// Collects the steps of one job.
class Route {
public:
    explicit Route(const Job& job) : job_(job) {}

    QList<Step> whole() {
        if (job_.work.broken)
            return oneBroken();
        for (const StepId id :
             {StepId::LookOver, StepId::AskOwner, StepId::OldSet, StepId::Checks, StepId::Plan, StepId::Tools})
            add(id);
        unlock();
        if (allAtOnce())
            allOff();
        else
            oneByOne();
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
    void addString(std::size_t string) { steps_.append({StepId::SwapString, string, minutesOf(StepId::SwapString)}); }
    [[nodiscard]] bool has(StepId id) const {
        return std::any_of(steps_.begin(), steps_.end(), [id](const Step& step) { return step.id == id; });
    }
    [[nodiscard]] bool allAtOnce() const { return isChosen(job_, "atOnce", "all"); }
    [[nodiscard]] bool blocks() const { return floats(job_.rig, job_.goal) && allAtOnce(); }
    [[nodiscard]] bool locks() const { return job_.card.nut != Nut::Open; }
    /// Strings go in from behind, under the cover.
    [[nodiscard]] bool loadsFromBehind() const { return job_.rig.bridge.has().isFulcrum(); }
    [[nodiscard]] bool quickToWind() const { return wrapsOnThis(job_) != Wraps::Usual; }
    [[nodiscard]] bool hasCover() const { return hasClaw(job_.rig) && job_.card.cavityCover; }

    void unlock() {
        // The nut holds the strings until the block is in; the arm raises the edge for it, so it comes off after.
        add(StepId::BlockIn, blocks());
        add(StepId::CapsOff, locks(), isChosen(job_, "caps", "loosened") ? 0.5 : 1.0);
        add(StepId::ArmOff, hasVibrato(job_));
        add(StepId::CoverOff, hasCover() && (isChosen(job_, "cover", "start") || loadsFromBehind()));
    }
    void oneByOne() {
        add(StepId::LayOut);
        add(StepId::Dust, job_.work.wants("clean"));
        add(StepId::PresetFine, hasFineTuners(job_)); // while no new string is at pitch
        for (const std::size_t string : job_.method.order)
            addString(string);
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
        add(StepId::Thread, locks() || job_.card.retainerBar || job_.card.stringTree,
            isChosen(job_, "caps", "loosened") ? 1.25 : 1.0);
        add(StepId::Wind, true, (quickToWind() ? 0.5 : 1.0) * (isChosen(job_, "winding", "tie") ? 1.3 : 1.0));
        if (const auto kept = remainingString(job_))
            addString(*kept);
        add(StepId::TrimTails, isChosen(job_, "trim", "before") && job_.card.headstock != Headstock::None);
        add(StepId::BlockOut, blocks() && isChosen(job_, "blockOut", "before"));
        add(StepId::RoughTune);
        add(StepId::BlockOut, blocks() && !isChosen(job_, "blockOut", "before"));
    }
    void settleAndLevel() {
        add(StepId::Settle);
        add(StepId::CoverOff, hasCover() && !has(StepId::CoverOff) && !goesOnAsItWas(job_));
        add(StepId::Relief, job_.work.wants("relief") || job_.work.wants("height") || bendsTheNeck(job_));
        add(StepId::Height, job_.work.wants("height"));
        add(StepId::Intonate, job_.work.wants("intonate"));
        add(StepId::Level, hasVibrato(job_));
        add(StepId::Tune);
        add(StepId::Play, isChosen(job_, "lockWhen", "played") && locks());
    }
    void finish() {
        add(StepId::Lock, locks());
        add(StepId::FineTune, locks());
        add(StepId::TrimTails, !has(StepId::TrimTails));
        add(StepId::CloseUp, has(StepId::CoverOff));
        add(StepId::ArmIn, hasVibrato(job_));
        add(StepId::ReturnTest, hasVibrato(job_));
        add(StepId::HandOver);
    }
    /// That string off and on, settled, and the neighbours looked at: at pitch again the rest is as it was.
    QList<Step> oneBroken() {
        for (const StepId id : {StepId::LookOver, StepId::Tools})
            add(id);
        add(StepId::CapsOff, locks(), 0.5);
        add(StepId::ArmOff, hasVibrato(job_));
        add(StepId::CoverOff, hasCover() && loadsFromBehind());
        addString(*job_.work.broken);
        add(StepId::Settle, true, 1.0 / static_cast<double>(job_.rig.strings.size()));
        add(StepId::Tune);
        finish();
        return steps_;
    }

    const Job& job_;
    QList<Step> steps_;
};

} // namespace

std::optional<std::size_t> remainingString(const Job& job) {
    if (job.work.broken || !job.rig.bridge.has().keepsOneString() || !isChosen(job, "atOnce", "all"))
        return std::nullopt;
    return job.method.order.back();
}

QList<Step> stepsOf(const Job& job) {
    return Route(job).whole();
}

} // namespace flenzo
