// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/setup/photo_level.h"

#include <cmath>
#include <numbers>

namespace flenzo {

namespace {

/// Direction of an undirected edge against the picture's horizontal, counter-clockwise, in (-pi/2, pi/2].
double slope_rad(const Edge& edge) {
    const Eigen::Vector2d along = edge.to.x() < edge.from.x() ? edge.from - edge.to : edge.to - edge.from;
    return std::atan2(-along.y(), along.x());
}

} // namespace

std::optional<PhotoAngle> photoAngle(const Edge& top, const Edge& plate, bool neckIsRight, double mark_px) {
    constexpr double shortest_px = 20.0;
    const double topLength = (top.to - top.from).norm(), plateLength = (plate.to - plate.from).norm();
    if (!(topLength >= shortest_px) || !(plateLength >= shortest_px))
        return std::nullopt;
    // The neck to the right, a plate that rises at its rear falls to the right.
    const double turned = std::remainder(slope_rad(plate) - slope_rad(top), std::numbers::pi);
    PhotoAngle angle;
    angle.angle_rad = neckIsRight ? -turned : turned;
    angle.deviation_rad = mark_px * std::sqrt(2.0) * std::hypot(1.0 / topLength, 1.0 / plateLength);
    return angle;
}

} // namespace flenzo
