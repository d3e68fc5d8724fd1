// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QPolygonF>

namespace flenzo {

/// The outline of a circle in a scene's pixels, as a polygon of `corners` corners that begins at the right.
[[nodiscard]] QPolygonF circleAt(const QPointF& centre, double radius, int corners = 32);

} // namespace flenzo
