// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/statics/coupling.h"
#include "core/statics/level.h"

namespace flenzo {

/// What makes a float unstable, each by how much it would have to change for the float stiffness to reach a margin.
/// Not set: no change within reason does it.
struct Shortfall {
    double floatStiffness_NmPerRad = 0.0;
    std::optional<double> springRate;  ///< share to add
    std::optional<double> tension;     ///< share of the strings' pull to take off
    std::optional<double> hookDepth_m; ///< deeper
    std::optional<double> setback_m;   ///< saddles nearer to the pivot
};

/// One way out, computed on this guitar.
struct Alternative {
    enum class Kind {
        AsItIs,
        SpringCount,
        SpringRate,
        SlantedSprings,
        StraightSprings,
        LighterSet,
        Decked,
        CentringAssist
    };
    Kind kind = Kind::AsItIs;
    int springs = 0;             ///< SpringCount: how many in all
    double share = 0.0;          ///< SpringRate: factor on the rate; LighterSet: factor on the gauges
    double assist_Nm = 0.0;      ///< CentringAssist: preload
    LevelSolution level;         ///< status, claw, K, Kf
    double passFactor = 0.0;     ///< of exact passes; 0 where nothing moves, 1 where it never ends
    double pull_N = 0.0;         ///< of all strings
    double clawLeft_turns = 0.0; ///< from the claw it would take to the tightest one
};

/// Float stiffness below which a technician goes round for hours.
inline constexpr double comfortableFloat_NmPerRad = 1.5;

/// Whether a claw within its reach holds all strings at pitch, and the float is stiff enough to be tuned in peace.
[[nodiscard]] bool isComfortable(const Rig& rig, const Goal& goal);
/// As many springs as that, more of them like the first.
[[nodiscard]] Rig withSpringCount(Rig rig, std::size_t springs);

/// What is missing for a stable float, by quantity (eq. 34).
[[nodiscard]] Shortfall shortfallOf(const Rig& rig, const Goal& goal);
/// The guitar as it is, then every way out side by side; ways that lead nowhere are left out.
[[nodiscard]] std::vector<Alternative> alternativesFor(const Rig& rig, const Goal& goal, const Order& order);
/// The guitar as it is, then with one spring fewer and one more, softer and stiffer ones, slanted or straight ones: for
/// somebody who wants another feel of the arm. A choice that does not balance says so by its status. Empty without a
/// claw.
[[nodiscard]] std::vector<Alternative> springChoices(const Rig& rig, const Goal& goal, const Order& order);

/// Other springs under the same strings: how many, and how much stiffer each.
struct SpringWay {
    std::size_t springs = 0;
    double rateShare = 1.0; ///< of what they are now
    bool operator==(const SpringWay&) const = default;
};
[[nodiscard]] Rig withSprings(Rig rig, const SpringWay& way);
/// The springs as they are, then those that somebody could hang in instead: up to two fewer or more, each as they are,
/// softer or stiffer; on a shaft the one spring of another rate. Only as they are where nothing pulls back.
[[nodiscard]] std::vector<SpringWay> springWays(const Rig& rig);

} // namespace flenzo
