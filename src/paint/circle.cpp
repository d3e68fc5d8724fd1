// SPDX-License-Identifier: GPL-3.0-or-later
#include "paint/circle.h"

#include <cmath>
#include <numbers>

namespace flenzo {

QPolygonF circleAt(const QPointF& centre, double radius, int corners) {
    QPolygonF points;
    for (int k = 0; k < corners; ++k) {
        const double a = 2.0 * std::numbers::pi * k / corners;
        points.append(centre + radius * QPointF(std::cos(a), std::sin(a)));
    }
    return points;
}

} // namespace flenzo
