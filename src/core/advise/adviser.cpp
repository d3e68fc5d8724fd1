// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/advise/adviser.h"

#include "core/balance/equation.h"
#include "core/learn/track.h"
#include "core/strings/pitch.h"

#include <Eigen/Cholesky>
#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

/// A string counts as settled when the next stretch would drop it by less than this share of the pitch tolerance.
constexpr double settledShare = 0.75;

/// How uncertain the turns still to make are over what the fit leaves open, by first differences along its axes.
double clawDeviation_turns(const BenchJob& job, const Fit& fit, const NextAct& act, const Standing& now) {
    const Eigen::MatrixXd axes = fit.covariance.llt().matrixL();
    double variance = std::pow(job.spread.clawHand * act.level.moreTurns, 2);
    for (Eigen::Index k = 0; k < learnedCount + static_cast<Eigen::Index>(job.rig.strings.size()); ++k) {
        const Level level = levelSolution(corrected(job, fit.mean + axes.col(k)), now.state, job.goal);
        if (level.balanced())
            variance += std::pow(level.moreTurns - act.level.moreTurns, 2);
    }
    return std::sqrt(variance);
}

/// Wire that each stretch of each string released, in order, as the model followed it.
std::vector<std::vector<double>> dropsOf(const BenchJob& job, const std::vector<Standing>& standings) {
    std::vector<std::vector<double>> drops(job.rig.strings.size());
    for (std::size_t e = 0; e < job.log.size(); ++e)
        if (const Event& event = job.log[e]; event.kind == Event::Kind::Stretched)
            drops[event.string].push_back(standings[e + 1].state.rest_m[event.string] -
                                          standings[e].state.rest_m[event.string]);
    return drops;
}

} // namespace

Counts countsOf(const std::vector<Event>& log, const Pace& pace) {
    Counts counts;
    counts.passes = static_cast<int>(passesOf(log).size());
    double seconds = 0.0;
    for (std::size_t e = 0; e < log.size(); ++e)
        switch (log[e].kind) {
        case Event::Kind::Claw:
            ++counts.clawVisits;
            seconds += pace.claw_s;
            break;
        case Event::Kind::Stretched:
            ++counts.stretches;
            seconds += pace.stretch_s;
            break;
        case Event::Kind::Tuned:
        case Event::Kind::Fine:
            seconds += pace.tune_s;
            break;
        case Event::Kind::Read:
            if (e == 0 || log[e - 1].kind != Event::Kind::Read)
                seconds += pace.read_s;
            break;
        default:
            break;
        }
    counts.minutes = seconds / 60.0;
    return counts;
}

Advice adviseFrom(const BenchJob& job, const Insight& insight) {
    Advice advice;
    advice.doubt = insight.open;
    advice.fit = insight.fit;
    const LearnedLayout layout(job);
    const Eigen::VectorXd mean = extended(advice.fit.mean, layout);
    const std::vector<Event> log = without(correctedLog(job, layout, mean), insight.leftOut);
    const Rig& rig = advice.fit.rig;
    advice.standings = track(job, rig, slackStart(rig, job.rig.claw.turns, job.slackStart_cents), log);
    advice.now = advice.standings.back();
    Known known;
    known.spread = job.spread;
    known.stretching = !log.empty() && log.back().kind == Event::Kind::Stretched;
    known.pegInHand = turnsOfPegInHand(log);
    advice.settling = settlingOf(job, rig, advice.standings);
    for (const StringSettling& string : advice.settling)
        known.stretchesLeft.push_back(string.needed.p50);
    const std::vector<std::size_t> tuned = tunedInThisPass(log, rig.strings.size());
    advice.act = nextAct(rig, job.goal, job.habit, advice.now, tuned, known);
    if (advice.act.what == NextAct::Do::Claw && passesOf(log).empty()) {
        known.clawDeviation_turns = clawDeviation_turns(job, advice.fit, advice.act, advice.now);
        advice.act = nextAct(rig, job.goal, job.habit, advice.now, tuned, known);
    }
    return advice;
}

std::vector<StringSettling> settlingOf(const BenchJob& job, const Rig& rig, const std::vector<Standing>& standings) {
    const auto drops = dropsOf(job, standings);
    const bool expected =
        job.habit.stretch || std::any_of(drops.begin(), drops.end(), [](const auto& list) { return !list.empty(); });
    std::vector<StringSettling> out;
    if (!expected)
        return out;
    const State& now = standings.back().state;
    const BalanceEquation equation(rig, now);
    for (std::size_t i = 0; i < rig.strings.size(); ++i) {
        const double target_Hz = rig.strings[i].target_Hz, angle = job.goal.angle_rad;
        const double perCent_m = (equation.restForPitch_m(i, frequencyAt_Hz(target_Hz, -5.0), angle) -
                                  equation.restForPitch_m(i, target_Hz, angle)) /
                                 5.0;
        StringSettling string;
        // A drop is the difference of two readings, and of what the plate made of them.
        string.fit =
            fitSettling(drops[i], 2.0 * job.spread.tuner_cents * perCent_m, usualSettling(rig.strings[i].wire, false));
        string.nextDrop_cents = string.fit.now.nextDrop_m() / perCent_m;
        string.needed = stretchesNeeded(string.fit, settledShare * job.goal.pitchTolerance_cents * perCent_m);
        out.push_back(string);
    }
    return out;
}

Advice advise(const BenchJob& job) {
    return adviseFrom(job, learnFrom(job));
}

} // namespace flenzo
