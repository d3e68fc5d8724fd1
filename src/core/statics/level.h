// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/statics/equilibrium.h"

#include <algorithm>
#include <vector>

namespace flenzo {

/// What one presses a decked plate down with: enough for bends, little enough to dive.
inline constexpr double usualDeckLoad_Nm = 0.6;

/// When a job counts as done.
struct Goal {
    double angle_rad = 0.0;
    double angleTolerance_rad = radians(0.15);
    double pitchTolerance_cents = 2.0;
    /// Above 0: the bridge is decked. With every string at pitch the springs press the plate onto its rear stop with
    /// this moment (`angle_rad` is then the stop's angle).
    double deckLoad_Nm = 0.0;
    std::vector<std::size_t> without = {}; ///< strings that stay off
    /// What each string is to read while the nut is open, where locking it then moves them to pitch; empty: 0.
    std::vector<double> lead_cents = {};
    [[nodiscard]] bool wants(std::size_t string) const {
        return std::find(without.begin(), without.end(), string) == without.end();
    }
    bool operator==(const Goal&) const = default;
};

/// Whether this family has a claw to turn and a plate to bring to an angle.
[[nodiscard]] inline bool hasClaw(const Rig& rig) {
    return rig.bridge.has().hasClaw();
}

/// Whether a plate at this angle lies on its rear stop, as a decked one does.
[[nodiscard]] inline bool liesOnStop(const Rig& rig, double angle_rad) {
    return hasClaw(rig) && angle_rad < 0.0 && angle_rad <= rig.bridge.rearStop_rad + radians(0.05);
}

/// Whether the plate hovers between strings and springs at its goal, and so sinks when they go.
[[nodiscard]] inline bool floats(const Rig& rig, const Goal& goal) {
    return hasClaw(rig) && goal.deckLoad_Nm <= 0.0;
}

enum class LevelStatus {
    Found,
    NoStableFloat, ///< the balance exists but Kf <= 0: it runs away however often it is retuned
    ClawTooShort,  ///< even the tightest claw cannot hold the strings
    ClawTooTight,  ///< even the loosest claw pulls too much
    SpringEdge,    ///< the moment jumps past balance where a spring comes loose: it would have to be half hooked
    NoMoment       ///< nothing pulls back at any claw position (no springs, or all loose)
};

/// All strings at pitch with the bridge at the goal angle (PHYSICS section 5).
struct LevelSolution {
    LevelStatus status = LevelStatus::NoMoment;
    State state;                          ///< the state itself; its claw holds the answer
    double moreTurns = 0.0;               ///< turns from the claw as it was, both screws alike
    double missing_Nm = 0.0;              ///< moment left over at the end of the claw's reach when there is no answer
    double stiffness_NmPerRad = 0.0;      ///< K, pegs untouched
    double floatStiffness_NmPerRad = 0.0; ///< Kf, every string kept at pitch
    std::vector<double> tensions_N;       ///< string by string; valid whatever the status
    std::vector<double> springForces_N;

    /// The state is a real balance, if not a stable one.
    [[nodiscard]] bool balanced() const { return status == LevelStatus::Found || status == LevelStatus::NoStableFloat; }
};

/// One root of the moment in the claw; block and last angle of `from` do not matter, its claw, orientation and
/// lock do. Without a claw (roller shaft, fixed bridge) it is the state in tune on the springs there are. With
/// a centring assist at the goal's angle the claw is the one that leaves the assist nothing to hold.
[[nodiscard]] LevelSolution levelSolution(const Rig& rig, const State& from, const Goal& goal);

/// The same claw, every string at pitch: where the plate ends when someone retunes without end.
/// `stable` is false when that balance does not exist or runs to a stop it should not rest on.
struct EquilibriumAtPitch {
    bool stable = false;
    State state;
    Equilibrium rest;
};
/// The rig with the pitches to which its strings are tuned as the nut is now.
[[nodiscard]] Rig asTunedNow(Rig rig, const Goal& goal, bool nutLocked);
/// All strings are held `offset_cents` from their pitch. A decked goal wants the rear stop.
[[nodiscard]] EquilibriumAtPitch equilibriumAtPitch(const Rig& rig, const State& from, const Goal& goal,
                                                    double offset_cents = 0.0);

} // namespace flenzo
