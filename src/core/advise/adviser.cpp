// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/advise/adviser.h"

#include "core/balance/equation.h"
#include "core/learn/track.h"
#include "core/strings/pitch.h"

#include <Eigen/Cholesky>
#include <algorithm>
#include <cmath>
#include <limits>

namespace flenzo {

namespace {

/// How uncertain a figure of the level solution is over what the fit leaves open, by first differences along its axes.
double levelDeviation(const BenchJob& job, const Fit& fit, const State& now, double Level::*figure) {
    const Eigen::MatrixXd axes = fit.covariance.llt().matrixL();
    const double at = levelSolution(fit.rig, now, job.goal).*figure;
    double variance = 0.0;
    for (Eigen::Index k = 0; k < learnedCount + static_cast<Eigen::Index>(job.rig.strings.size()); ++k) {
        const Level level = levelSolution(corrected(job, fit.mean + axes.col(k)), now, job.goal);
        if (level.balanced())
            variance += std::pow(level.*figure - at, 2);
    }
    return std::sqrt(variance);
}

/// Whether what was known before the log has this set float.
bool wasPromised(const BenchJob& job, const State& now) {
    const Rig rig = job.prior ? corrected(job, extended(job.prior->mean, LearnedLayout(job))) : job.rig;
    return levelSolution(rig, now, job.goal).status == LevelStatus::Found;
}

/// By how much the float may be more stubborn than learned. Before anything is read the nominal figures stand, so that
/// a set that will not float is said before a string comes off. A float that was promised is given some passes before
/// it is given up: what a fit makes of slack strings and a sunken plate says little of the stiffness at pitch.
double floatDoubt_NmPerRad(const BenchJob& job, const Fit& fit, const Standing& now, int passes) {
    constexpr double deviations = 4.0;
    constexpr int patience = 5;
    const bool read = std::all_of(now.everRead.begin(), now.everRead.end(), [](bool r) { return r; });
    if (!read || levelSolution(fit.rig, now.state, job.goal).status != LevelStatus::NoStableFloat)
        return 0.0;
    if (passes < patience && wasPromised(job, now.state))
        return std::numeric_limits<double>::infinity();
    return deviations * levelDeviation(job, fit, now.state, &Level::floatStiffness_NmPerRad);
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
    bool atClaw = false; // turns with nothing but looks at the plate between them are one visit
    for (std::size_t e = 0; e < log.size(); ++e) {
        const bool look = atClaw && log[e].kind == Event::Kind::Read && log[e].readings_cents.empty();
        switch (log[e].kind) {
        case Event::Kind::Claw:
            counts.clawVisits += atClaw ? 0 : 1;
            seconds += atClaw ? pace.look_s : pace.claw_s;
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
            if (look)
                seconds += pace.look_s;
            else if (atClaw || e == 0 || log[e - 1].kind != Event::Kind::Read)
                seconds += pace.read_s;
            break;
        default:
            break;
        }
        atClaw = look || log[e].kind == Event::Kind::Claw;
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
    known.passes = static_cast<int>(passesOf(log).size());
    known.pegInHand = turnsOfPegInHand(log);
    takeClawVisits(known, job.log, job.habit, rig, levelSolution(rig, advice.now.state, job.goal), job.goal);
    advice.settling = settlingOf(job, rig, advice.standings);
    for (const StringSettling& string : advice.settling)
        known.stretchesLeft.push_back(string.needed.p50);
    known.floatDoubt_NmPerRad = floatDoubt_NmPerRad(job, advice.fit, advice.now, known.passes);
    const std::vector<std::size_t> tuned = tunedInThisPass(log, rig.strings.size());
    advice.act = nextAct(rig, job.goal, job.habit, advice.now, tuned, known);
    if (advice.act.what == NextAct::Do::Claw && known.passes == 0) {
        known.clawDeviation_turns = std::hypot(job.spread.clawHand * advice.act.level.moreTurns,
                                               levelDeviation(job, advice.fit, advice.now.state, &Level::moreTurns));
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
    for (std::size_t i = 0; i < rig.strings.size(); ++i) {
        const double perCent_m = wirePerCent_m(rig, now, job.goal, i);
        StringSettling string;
        // A drop is the difference of two readings, and of what the plate made of them.
        string.fit = fitSettling(drops[i], 2.0 * job.spread.tuner_cents * perCent_m,
                                 usualSettling(rig.strings[i].wire, job.habit.wraps, job.habit.pullShare));
        string.nextDrop_cents = string.fit.now.nextDrop_m() / perCent_m;
        string.needed = stretchesNeeded(string.fit, settledWithin_cents(job.goal) * perCent_m);
        out.push_back(string);
    }
    return out;
}

double settledWithin_cents(const Goal& goal) {
    constexpr double share = 0.75;
    return share * goal.pitchTolerance_cents;
}

double wirePerCent_m(const Rig& rig, const State& now, const Goal& goal, std::size_t string) {
    constexpr double step_cents = 5.0;
    const BalanceEquation equation(rig, now);
    const double target_Hz = rig.strings[string].target_Hz, angle = goal.angle_rad;
    return (equation.restForPitch_m(string, frequencyAt_Hz(target_Hz, -step_cents), angle) -
            equation.restForPitch_m(string, target_Hz, angle)) /
           step_cents;
}

Advice advise(const BenchJob& job) {
    return adviseFrom(job, learnFrom(job));
}

} // namespace flenzo
