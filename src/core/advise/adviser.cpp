// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/advise/adviser.h"

#include "core/balance/readings.h"
#include "core/base/dice.h"
#include "core/strings/pitch.h"

#include <Eigen/Cholesky>
#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

constexpr int prospectSamples = 40;
/// A gauge and a learned model are about equally sure of the angle.
constexpr double fittedTrust = 0.6;

/// How the guitar would stand after the advised claw turn and one pass to the aims of the fitted rig, were it `truth`.
State afterOnePass(const BenchJob& job, const Rig& truth, const Standing& now, const Advice& advice, Dice& dice) {
    State real = now.state, believed = now.state;
    real.block.reset();
    believed.block.reset();
    // The sample must stand where the guitar was seen to stand.
    real.extraMoment_Nm = 0.0;
    const BalanceEquation geometry(truth, real);
    for (std::size_t i = 0; i < truth.strings.size(); ++i)
        if (std::isfinite(now.readings_cents[i]))
            real.rest_m[i] = geometry.restForPitch_m(
                i, frequencyAt_Hz(truth.strings[i].target_Hz, now.readings_cents[i]), real.angle_rad);
    const double turns = advice.act.atClaw ? 0.0 : advice.act.level.moreTurns;
    real = turnClaw(truth, real, {turns, turns}).state;
    believed = turnClaw(advice.fit.rig, believed, {turns, turns}).state;
    for (const std::size_t string : job.habit.order) {
        Outcome next = setRest(advice.fit.rig, believed, string, advice.act.target.rest_m[string]);
        believed = std::move(next.state);
        const double aim = cents(BalanceEquation(advice.fit.rig, believed).frequency_Hz(string, believed.angle_rad),
                                 truth.strings[string].target_Hz);
        if (!std::isfinite(aim))
            continue;
        const double to = aim + dice.normal(job.spread.peg_cents) + dice.normal(job.spread.tuner_cents);
        real = tunePeg(truth, real, string, frequencyAt_Hz(truth.strings[string].target_Hz, to)).state;
    }
    return real;
}

Quantiles quantilesOf(std::vector<double> values) {
    std::sort(values.begin(), values.end());
    const auto at = [&](double share) {
        return values[static_cast<std::size_t>(std::lround(share * static_cast<double>(values.size() - 1)))];
    };
    return {at(0.1), at(0.5), at(0.9)};
}

/// Passes still needed once the guitar has been read at `miss` of its tolerance: each reading teaches most of what was
/// wrong.
int passesAfter(double misses) {
    constexpr double shrink = 0.06;
    int passes = 0;
    while (misses > 1.0 && passes < 4) {
        ++passes;
        misses = misses * shrink;
    }
    return passes;
}

} // namespace

Prospect prospectOf(const BenchJob& job, const Fit& fit, const Standing& now, const NextAct& act, int samples) {
    Prospect prospect;
    if (act.what == NextAct::Do::Done || act.what == NextAct::Do::Stuck)
        return prospect;
    const LearnedMatrix root = Eigen::LLT<LearnedMatrix>(fit.covariance + 1e-9 * LearnedMatrix::Identity()).matrixL();
    Advice advice;
    advice.act = act;
    advice.fit = fit;
    std::vector<double> passes, claws, minutes;
    for (int s = 0; s < samples; ++s) {
        Dice dice(0x5eedU, static_cast<std::uint32_t>(s));
        LearnedVector draw;
        for (Eigen::Index k = 0; k < draw.size(); ++k)
            draw[k] = dice.normal(1.0);
        const State end = afterOnePass(job, corrected(job, fit.mean + root * draw), now, advice, dice);
        const double pitch = worst_cents(readings_cents(job.rig, end)) / job.goal.pitchTolerance_cents;
        const double plate = std::abs(end.angle_rad - job.goal.angle_rad) / job.goal.angleTolerance_rad;
        const int more = passesAfter(std::max(pitch, plate));
        const int claw = (act.atClaw ? 0 : 1) + std::min(2, passesAfter(plate));
        passes.push_back(1 + more);
        claws.push_back(claw);
        const double strings = static_cast<double>(job.rig.strings.size());
        minutes.push_back((passes.back() * (strings * job.pace.tune_s + job.pace.read_s) + claw * job.pace.claw_s) /
                          60.0);
    }
    prospect.passes = quantilesOf(passes);
    prospect.clawVisits = quantilesOf(claws);
    prospect.minutes = quantilesOf(minutes);
    return prospect;
}

Advice advise(const BenchJob& job) {
    Advice advice;
    const Doubts doubts = findDoubts(job);
    advice.doubt = doubts.open;
    advice.fit = fitGuitar(job, doubts.leftOut);
    std::vector<Event> log = job.log;
    for (const std::size_t event : doubts.leftOut) {
        log[event].readings_cents.clear();
        log[event].gap_m.reset();
        log[event].angle_rad.reset();
    }
    const Rig& rig = advice.fit.rig;
    advice.now = replay(rig, slackStart(rig, job.rig.claw.turns, job.slackStart_cents), log, fittedTrust).back();
    advice.act = nextAct(rig, job.goal, job.habit, advice.now, tunedInThisPass(log, rig.strings.size()));
    advice.prospect = prospectOf(job, advice.fit, advice.now, advice.act, prospectSamples);
    return advice;
}

} // namespace flenzo
