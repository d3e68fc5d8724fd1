// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/planning/change.h"

#include "core/operations/acts.h"

#include "core/statics/readings.h"

#include <algorithm>
#include <cmath>
#include <numeric>

namespace flenzo {

namespace {

constexpr double sameTurns = 1.0 / 16.0;
constexpr double touchUpTurns = 0.25;
constexpr int mostPasses = 60;

Verdict verdictOf(const LevelSolution& level) {
    if (level.status != LevelStatus::Found)
        return Verdict::Rebalance;
    const double turns = std::abs(level.moreTurns);
    return turns < sameTurns ? Verdict::Same : turns <= touchUpTurns ? Verdict::TouchUp : Verdict::Rebalance;
}

double sum(const std::vector<double>& values) {
    return std::accumulate(values.begin(), values.end(), 0.0);
}

} // namespace

Rig withSet(Rig rig, const std::vector<SetString>& set) {
    for (std::size_t i = 0; i < std::min(set.size(), rig.strings.size()); ++i) {
        rig.strings[i].wire = set[i].wire;
        rig.strings[i].target_Hz = set[i].target_Hz;
    }
    return rig;
}

State slackStart(const Rig& rig, const ClawTurns& claw, double slack_cents) {
    State start = bareState(rig);
    start.claw = claw;
    return stringUp(rig, start, std::vector<double>(rig.strings.size(), slack_cents), 0.0).state;
}

Rig asItWas(Rig rig, const OldSet& old) {
    if (!old.springs.empty())
        rig.springs = old.springs;
    return withSet(std::move(rig), old.strings);
}

std::optional<ClawTurns> clawBefore(const Rig& rig, const OldSet& old) {
    const Rig before = asItWas(rig, old);
    Goal stood;
    stood.angle_rad = old.angle_rad;
    stood.deckLoad_Nm = old.pressed_Nm;
    const LevelSolution level = levelSolution(before, bareState(before), stood);
    if (!level.balanced())
        return std::nullopt;
    return level.state.claw;
}

ChangeReport reportChange(const Rig& rig, const OldSet& old, const Goal& goal, const Order& order, double slack_cents) {
    ChangeReport report;
    const Rig before = asItWas(rig, old);
    report.before_N = levelSolution(before, bareState(before), goal).tensions_N;
    report.level = levelSolution(rig, bareState(rig), goal);
    report.after_N = report.level.tensions_N;
    report.sumBefore_N = sum(report.before_N);
    report.sumAfter_N = sum(report.after_N);
    report.hasClaw = hasClaw(rig);
    report.verdict = verdictOf(report.level);
    const State asIs = slackStart(rig, rig.claw.turns, slack_cents);
    report.alone = equilibriumAtPitch(rig, asIs, goal);
    report.aloneFirst = exactPass(rig, asIs, order);
    report.aloneFirst_cents = readings_cents(rig, report.aloneFirst.after);
    if (!report.level.balanced())
        return report;
    const State right = slackStart(rig, report.level.state.claw, slack_cents);
    report.exactPasses = exactPassesUntilDone(rig, right, goal, order, mostPasses);
    report.exactDone = worst_cents(readings_cents(rig, report.exactPasses.back().after)) <= goal.pitchTolerance_cents;
    report.aimedPass = aimedPass(rig, right, report.level, order);
    return report;
}

} // namespace flenzo
