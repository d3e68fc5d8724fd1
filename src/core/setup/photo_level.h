// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <Eigen/Core>
#include <optional>

namespace flenzo {

/// Two marks on one straight edge of a picture, in pixels, y downwards.
struct Edge {
    Eigen::Vector2d from, to;
};
/// The plate's angle against the body's top in a picture taken from the side, with what the marks leave uncertain.
struct PhotoAngle {
    double angle_rad = 0.0;     ///< positive as everywhere: rear up
    double deviation_rad = 0.0; ///< of marks set to `mark_px`
};
/// `neckIsRight`: the nut lies to the right in the picture. Nothing when an edge is shorter than 20 pixels, too short
/// to tell an angle (eq. 41). The lens should be square to the side: a picture taken aslant shows another angle.
[[nodiscard]] std::optional<PhotoAngle> photoAngle(const Edge& top, const Edge& plate, bool neckIsRight,
                                                   double mark_px = 1.5);

} // namespace flenzo
