// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "paint/section.h"

#include <vector>

namespace flenzo {

/// Maps the guitar's frame to pixels: x to the right (towards the nut), y up, one scale for both.
struct ViewTransform {
    double left_m = 0.0, top_m = 0.0, pixelsPerMetre = 1.0;
    QPointF origin;
    [[nodiscard]] QPointF at(const Eigen::Vector2d& point_m) const;
    [[nodiscard]] QPolygonF polygon(const std::vector<Eigen::Vector2d>& points_m) const;
};

/// The roller shaft on the top: strings over the shaft, arm, and the spring that holds it up.
[[nodiscard]] Scene buildShaftSection(const SectionValues& values, const QSizeF& size);
/// A fixed bridge: nothing moves, strings only.
[[nodiscard]] Scene buildFixedSection(const SectionValues& values, const QSizeF& size);

} // namespace flenzo
