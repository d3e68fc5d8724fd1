// SPDX-License-Identifier: GPL-3.0-or-later
#include "paint/section_parts.h"

#include <algorithm>

namespace flenzo {

using Eigen::Vector2d;

QPointF ViewTransform::at(const Vector2d& p) const {
    return origin + QPointF((p.x() - left_m) * pixelsPerMetre, (top_m - p.y()) * pixelsPerMetre);
}

QPolygonF ViewTransform::polygon(const std::vector<Vector2d>& points) const {
    QPolygonF out;
    for (const Vector2d& point : points)
        out.append(at(point));
    return out;
}

ViewTransform paperFor(const QSizeF& size, double left, double right, double top, double bottom, double strip) {
    const QSizeF room(size.width() - 20.0, size.height() - strip - 12.0);
    const double scale = std::max(1.0, std::min(room.width() / (right - left), room.height() / (top - bottom)));
    ViewTransform paper{left, top, scale, {}};
    paper.origin = {10.0 + (room.width() - scale * (right - left)) / 2.0,
                    8.0 + (room.height() - scale * (top - bottom)) / 2.0};
    return paper;
}

void drawStringAlong(Scene& scene, const SectionValues& v, const ViewTransform& paper, std::size_t i, double pull_N,
                     const std::vector<Vector2d>& path) {
    const RigString& string = v.rig.strings[i];
    const QString name = QString::fromStdString(string.name);
    Mark& mark =
        scene.line(paper.polygon(path), ColourRole::Strings, std::max(1.0, string.wire.gauge_m * paper.pixelsPerMetre));
    mark.dashed = pull_N <= 0.0;
    mark.id = QStringLiteral("string-%1").arg(name);
    mark.tip = pull_N > 0.0 ? SectionWords::tr("String %1 pulls %2").arg(name, forceText(pull_N, v.units))
                            : SectionWords::tr("String %1 is slack or off").arg(name);
}

} // namespace flenzo
