// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/statics/formulas.h"
#include "core/statics/rig.h"

#include <cmath>

namespace flenzo {

/// Sine and cosine of one bridge angle, taken once for all points.
struct Turned {
    explicit Turned(double angle) : angle_rad(angle), sine(std::sin(angle)), cosine(std::cos(angle)) {}
    double angle_rad, sine, cosine;
    /// Where a point fixed in the bridge is in the guitar's frame (PHYSICS frame; eq. 7).
    [[nodiscard]] Eigen::Vector2d place(const Eigen::Vector2d& point_m) const {
        return {point_m.x() * cosine + point_m.y() * sine, -point_m.x() * sine + point_m.y() * cosine};
    }
    /// Derivative of `place` by the angle.
    [[nodiscard]] Eigen::Vector2d velocity(const Eigen::Vector2d& point_m) const {
        return {-point_m.x() * sine + point_m.y() * cosine, -point_m.x() * cosine - point_m.y() * sine};
    }
};

using Reach = ReachOf<double>;
using Link = LinkOf<double>;
/// `aside_m` is how far the two points lie apart across the strings, as the ends of a slanted spring do.
[[nodiscard]] Link link(const Eigen::Vector2d& moving_m, const Eigen::Vector2d& fixed_m, double aside_m = 0.0);

/// Where a string crosses the nut, in the guitar's frame.
[[nodiscard]] Eigen::Vector2d nutPoint_m(const RigString& string);
/// Length of wire outside the speaking length that stretches with it.
[[nodiscard]] double tails_m(const RigString& string, bool nutLocked);
/// Where the claw holds a spring at given screw turns.
[[nodiscard]] Eigen::Vector2d anchorAt_m(const Spring& spring, const Claw& claw, const ClawTurns& turns);
/// Unit vector of gravity in the guitar's frame (shorter when the neck points up or down in the playing position, where
/// the rest of it lies across the strings); `neckElevation_rad` counts in the playing position only.
[[nodiscard]] Eigen::Vector2d gravityDirection(Orientation orientation, double neckElevation_rad);

} // namespace flenzo
