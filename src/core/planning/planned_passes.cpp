// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/planning/planned_passes.h"

#include "core/operations/acts.h"

#include <algorithm>
#include <cmath>

namespace flenzo {

PlannedPasses plannedPasses(const Rig& rig, const Goal& goal, const WorkMethod& method, const State& from,
                            const std::vector<std::size_t>& tuned, int mostPasses) {
    PlannedPasses out;
    const LevelSolution level = levelSolution(rig, from, goal);
    if (level.status != LevelStatus::Found)
        return out;
    const ClawStepPolicy hand = clawStepPolicyOf(method, rig, level, goal);
    State state = from;
    state.block.reset();
    LevelSolution target = level;
    if (hasClaw(rig) && std::abs(level.moreTurns) >= worthAStep * hand.step_turns) {
        const ClawTurns by = hand.dealt(level.moreTurns, from.claw);
        state.claw = {from.claw.bass + by.bass, from.claw.treble + by.treble};
        out.clawVisits = 1;
    }
    state = settle(rig, std::move(state)).state;
    // What the steps of the claw leave is pitch at the claw as it then is.
    if (const EquilibriumAtPitch landing = equilibriumAtPitch(rig, state, goal); landing.stable)
        target.state = landing.state;
    for (int pass = 0; pass < mostPasses && !withinGoal(rig, state, goal); ++pass) {
        Order order;
        for (const std::size_t string : method.order)
            if (pass > 0 || out.clawVisits > 0 || std::find(tuned.begin(), tuned.end(), string) == tuned.end())
                order.push_back(string);
        if (order.empty())
            continue;
        out.passes.push_back(method.aims ? aimedPass(rig, state, target, order) : exactPass(rig, state, order));
        state = out.passes.back().after;
    }
    out.reachesGoal = withinGoal(rig, state, goal);
    return out;
}

} // namespace flenzo
