// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/bridge/rig.h"

namespace flenzo {

/// A length that changes with the bridge angle, with its first and second derivative (m, m/rad, m/rad2).
struct Reach {
    double length_m = 0.0;
    double slope = 0.0;
    double curve = 0.0;
};

/// Sine and cosine of one bridge angle, taken once for all points.
struct Turned {
    explicit Turned(double angle_rad);
    double angle_rad, sine, cosine;
    /// Where a point fixed in the bridge stands in the guitar's frame (PHYSICS frame; eq. 7).
    [[nodiscard]] Eigen::Vector2d place(const Eigen::Vector2d& point_m) const {
        return {point_m.x() * cosine + point_m.y() * sine, -point_m.x() * sine + point_m.y() * cosine};
    }
    /// Derivative of `place` by the angle.
    [[nodiscard]] Eigen::Vector2d velocity(const Eigen::Vector2d& point_m) const {
        return {-point_m.x() * sine + point_m.y() * cosine, -point_m.x() * cosine - point_m.y() * sine};
    }
};

/// Distance from a point fixed in the bridge to a point fixed in the guitar, and its derivatives (eq. 8).
[[nodiscard]] Reach distance(const Turned& turned, const Eigen::Vector2d& moving_m, const Eigen::Vector2d& fixed_m);

/// Where a string crosses the nut, in the guitar's frame.
[[nodiscard]] Eigen::Vector2d nutPoint_m(const RigString& string);
/// Length of wire outside the speaking length that stretches with it.
[[nodiscard]] double tails_m(const RigString& string, bool nutLocked);
/// Where the claw holds a spring at given screw turns.
[[nodiscard]] Eigen::Vector2d anchorAt_m(const Spring& spring, const Claw& claw, const ClawTurns& turns);
/// Unit vector of gravity in the guitar's frame; `neckElevation_rad` counts in the playing position only.
[[nodiscard]] Eigen::Vector2d gravityDirection(Orientation orientation, double neckElevation_rad = 0.0);

} // namespace flenzo
