// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/statics/level.h"

#include "core/statics/pitch.h"
#include "core/statics/readings.h"

#include <boost/math/tools/toms748_solve.hpp>
#include <cmath>

namespace flenzo {

namespace {

BalanceEquation allAtPitch(const Rig& rig, const State& state, const Goal& goal, double offset_cents = 0.0) {
    BalanceEquation equation(rig, state);
    for (std::size_t i = 0; i < rig.strings.size(); ++i)
        if (goal.wants(i))
            equation.holdAtPitch(i, frequencyAt_Hz(rig.strings[i].target_Hz, offset_cents));
        else
            equation.setRest(i, 0.0);
    return equation;
}

void tuneAll(const Rig& rig, State& state, const Goal& goal, double angle_rad, double offset_cents = 0.0) {
    const BalanceEquation equation(rig, state);
    state.angle_rad = angle_rad;
    for (std::size_t i = 0; i < rig.strings.size(); ++i)
        state.unstretchedLength_m[i] =
            goal.wants(i)
                ? equation.unstretchedForPitch_m(i, frequencyAt_Hz(rig.strings[i].target_Hz, offset_cents), angle_rad)
                : 0.0;
}

/// No claw to turn: where the bridge rests in tune is what there is.
LevelSolution inTune(const Rig& rig, const State& from, const Goal& goal) {
    LevelSolution level;
    const EquilibriumAtPitch landing = equilibriumAtPitch(rig, from, goal);
    level.state = landing.state;
    level.tensions_N = tensions_N(rig, level.state);
    level.springForces_N = springForces_N(rig, level.state);
    const double angle = landing.rest.angle_rad;
    level.floatStiffness_NmPerRad = -allAtPitch(rig, level.state, goal).at(angle).slope_NmPerRad;
    level.stiffness_NmPerRad = -BalanceEquation(rig, level.state).at(angle).slope_NmPerRad;
    level.missing_Nm = landing.stable ? 0.0 : landing.rest.moment_Nm;
    level.status = landing.stable ? LevelStatus::Found : LevelStatus::NoStableFloat;
    return level;
}

/// A stop or an assist under the plate makes a rest stable whatever the float stiffness is.
bool heldAtGoal(const Rig& rig, const Goal& goal) {
    const auto& assist = rig.bridge.assist;
    return goal.deckLoad_Nm > 0.0 ||
           (assist && assist->preload_Nm > 0.0 && std::abs(assist->centre_rad - goal.angle_rad) < 1e-9);
}

} // namespace

LevelSolution levelSolution(const Rig& rig, const State& from, const Goal& goal) {
    if (!hasClaw(rig))
        return inTune(rig, from, goal);
    LevelSolution level;
    level.state = from;
    level.state.block.reset();
    BalanceEquation equation = allAtPitch(rig, level.state, goal);
    const auto momentAt = [&](double more) {
        equation.setClaw(rig, from.claw.plus(more));
        return equation.at(goal.angle_rad).moment_Nm + goal.deckLoad_Nm;
    };
    const double least = rig.claw.least_turns - from.claw.mean(), most = rig.claw.most_turns - from.claw.mean();
    const double loose_Nm = momentAt(least), tight_Nm = momentAt(most);
    tuneAll(rig, level.state, goal, goal.angle_rad);
    level.tensions_N = tensions_N(rig, level.state);
    if (!(loose_Nm > 0.0) || !(tight_Nm < 0.0)) {
        const bool tooTight = loose_Nm <= 0.0;
        level.status = tooTight                               ? LevelStatus::ClawTooTight
                       : std::abs(loose_Nm - tight_Nm) < 1e-9 ? LevelStatus::NoMoment
                                                              : LevelStatus::ClawTooShort;
        level.missing_Nm = tooTight ? loose_Nm : tight_Nm;
        level.moreTurns = tooTight ? least : most;
        level.state.claw = from.claw.plus(level.moreTurns);
        level.springForces_N = springForces_N(rig, level.state);
        return level;
    }
    std::uintmax_t budget = 100;
    const auto close = [](double a, double b) { return std::abs(a - b) < 1e-13; };
    const auto root = boost::math::tools::toms748_solve(momentAt, least, most, loose_Nm, tight_Nm, close, budget);
    level.moreTurns = (root.first + root.second) / 2.0;
    level.state.claw = from.claw.plus(level.moreTurns);
    level.springForces_N = springForces_N(rig, level.state);
    equation.setClaw(rig, level.state.claw);
    level.floatStiffness_NmPerRad = -equation.at(goal.angle_rad).slope_NmPerRad;
    level.stiffness_NmPerRad = -BalanceEquation(rig, level.state).at(goal.angle_rad).slope_NmPerRad;
    constexpr double balanced_Nm = 1e-7;
    level.missing_Nm = momentAt(level.moreTurns);
    if (std::abs(level.missing_Nm) > balanced_Nm) {
        level.status = LevelStatus::SpringEdge; // the bracket closed on a jump, not on a root
        return level;
    }
    level.missing_Nm = 0.0;
    const bool stable = level.floatStiffness_NmPerRad > 0.0 || heldAtGoal(rig, goal);
    level.status = stable ? LevelStatus::Found : LevelStatus::NoStableFloat;
    return level;
}

Rig asTunedNow(Rig rig, const Goal& goal, bool nutLocked) {
    for (std::size_t i = 0; i < goal.lead_cents.size() && i < rig.strings.size() && !nutLocked; ++i)
        rig.strings[i].target_Hz = frequencyAt_Hz(rig.strings[i].target_Hz, goal.lead_cents[i]);
    return rig;
}

EquilibriumAtPitch equilibriumAtPitch(const Rig& rig, const State& from, const Goal& goal, double offset_cents) {
    EquilibriumAtPitch landing;
    landing.state = from;
    landing.state.block.reset();
    const Limits limits = limitsOf(rig.bridge, std::nullopt);
    landing.rest = findEquilibrium(allAtPitch(rig, landing.state, goal, offset_cents), limits, from.angle_rad);
    const EquilibriumKind kind = landing.rest.kind;
    landing.stable = kind == EquilibriumKind::Free || kind == EquilibriumKind::Centred ||
                     kind == EquilibriumKind::Fixed || (kind == EquilibriumKind::RearStop && goal.deckLoad_Nm > 0.0);
    tuneAll(rig, landing.state, goal, landing.rest.angle_rad, offset_cents);
    return landing;
}

} // namespace flenzo
