// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/statics/level.h"

namespace flenzo {

/// Height of a roller shaft's arm tip above the top: tip at level less the arm's reach times the sine (eq. 33).
[[nodiscard]] double armTipHeight_m(const Bridge& bridge, double angle_rad);

/// Packing under the spring that brings the arm of a roller shaft to an angle with every string at pitch; negative: the
/// spring has to be that much shorter, or its seat lower. Nothing without a spring.
[[nodiscard]] std::optional<double> shimForAngle_m(const Rig& rig, const State& state, double angle_rad);

/// A spring of another rate or length under the arm, and where the arm then rests in tune.
struct SpringOption {
    double rate_Npm = 0.0, free_m = 0.0;
    double angle_rad = 0.0, tip_m = 0.0, floatStiffness_NmPerRad = 0.0;
    bool stable = false;
};
/// For each rate (as a share of the present one) the free length that brings the arm to the angle, and what it would be
/// like. Springs are chosen, never cut.
[[nodiscard]] std::vector<SpringOption> springOptions(const Rig& rig, const State& state, double angle_rad,
                                                      const std::vector<double>& rateShares = {0.6, 0.8, 1.0, 1.25,
                                                                                               1.6});

} // namespace flenzo
