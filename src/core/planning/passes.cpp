// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/planning/passes.h"

#include "core/operations/acts.h"

#include "core/statics/pitch.h"
#include "core/statics/readings.h"

#include <cmath>

namespace flenzo {

namespace {

Aim readingOf(const Rig& rig, const State& state, std::size_t string) {
    const double f_Hz = BalanceEquation(rig, state).frequency_Hz(string, state.angle_rad);
    return {string, cents(f_Hz, rig.strings[string].target_Hz), f_Hz};
}

} // namespace

Pass exactPass(const Rig& rig, State from, const Order& order) {
    Pass pass;
    for (const std::size_t string : order) {
        Outcome next = tunePeg(rig, std::move(from), string, rig.strings[string].target_Hz);
        from = std::move(next.state);
        pass.rest = next.rest.kind;
        pass.aims.push_back({string, 0.0, rig.strings[string].target_Hz});
    }
    pass.after = std::move(from);
    return pass;
}

Pass aimedPass(const Rig& rig, State from, const LevelSolution& level, const Order& order) {
    Pass pass;
    for (const std::size_t string : order) {
        Outcome next = setRest(rig, std::move(from), string, level.state.unstretchedLength_m[string]);
        from = std::move(next.state);
        pass.rest = next.rest.kind;
        pass.aims.push_back(readingOf(rig, from, string));
    }
    pass.after = std::move(from);
    return pass;
}

std::vector<Aim> blockedAims(const Rig& rig, const LevelSolution& level, double block_rad) {
    State held = level.state;
    held.angle_rad = block_rad;
    std::vector<Aim> aims;
    for (std::size_t i = 0; i < rig.strings.size(); ++i)
        aims.push_back(readingOf(rig, held, i));
    return aims;
}

std::vector<Pass> exactPassesUntilDone(const Rig& rig, const State& from, const Goal& goal, const Order& order,
                                       int most) {
    std::vector<Pass> passes;
    State state = from;
    for (int i = 0; i < most; ++i) {
        passes.push_back(exactPass(rig, state, order));
        state = passes.back().after;
        if (worst_cents(readings_cents(rig, state)) <= goal.pitchTolerance_cents)
            break;
    }
    return passes;
}

bool withinGoal(const Rig& rig, const State& state, const Goal& goal) {
    if (hasClaw(rig) && std::abs(state.angle_rad - goal.angle_rad) > goal.angleTolerance_rad)
        return false;
    for (const double reading : readings_cents(rig, state))
        if (!(std::abs(reading) <= goal.pitchTolerance_cents))
            return false;
    return true;
}

} // namespace flenzo
