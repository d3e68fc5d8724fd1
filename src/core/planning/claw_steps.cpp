// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/planning/claw_steps.h"

#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

constexpr double quarter_turns = 0.25;

/// Whether no step of both screws would bring the plate nearer, and it is further off than anybody would leave it.
bool isStuckBetweenSteps(const Rig& rig, const LevelSolution& level, const Goal& goal, bool turnedBack) {
    const double least = turnedBack ? 1.0 : worthAStep;
    if (!floats(rig, goal) || std::abs(level.moreTurns) >= least * ClawStepPolicy::both_turns)
        return false;
    State as = level.state;
    as.claw = as.claw.plus(-level.moreTurns);
    const EquilibriumAtPitch landing = equilibriumAtPitch(rig, as, goal);
    return !landing.stable || std::abs(landing.state.angle_rad - goal.angle_rad) > clawShare * goal.angleTolerance_rad;
}

} // namespace

double ClawStepPolicy::atOneGo_turns(double wanted_turns) const {
    if (!looks())
        return wanted_turns;
    if (way == ClawMethod::CoarseThenQuarters && std::abs(wanted_turns) >= 1.0)
        return std::trunc(wanted_turns);
    return std::clamp(wanted_turns, -quarter_turns, quarter_turns);
}

ClawTurns ClawStepPolicy::dealt(double mean_turns, const ClawTurns& stands) const {
    const double mean = std::round(mean_turns / step_turns) * step_turns;
    const double both = std::trunc(mean / both_turns) * both_turns;
    const double odd = 2.0 * (mean - both);
    ClawTurns turns{both, both};
    const bool bassIsLooser = stands.bass < stands.treble;
    (bassIsLooser == (odd > 0.0) ? turns.bass : turns.treble) += odd;
    return turns;
}

ClawStepPolicy clawStepPolicyOf(const WorkMethod& method, const Rig& rig, const LevelSolution& level, const Goal& goal,
                                bool turnedBack) {
    const bool single = method.claw == ClawMethod::EachScrew || isStuckBetweenSteps(rig, level, goal, turnedBack);
    return {method.claw, single ? ClawStepPolicy::finest_turns : ClawStepPolicy::both_turns};
}

} // namespace flenzo
