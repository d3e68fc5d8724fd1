// SPDX-License-Identifier: GPL-3.0-or-later
#include "paint/section_parts.h"

#include <cmath>
#include <optional>
#include <utility>

namespace flenzo {

namespace {

using Eigen::Vector2d;
using Ends = std::pair<Vector2d, Vector2d>;

std::optional<Ends> endsAtBridge(const SectionValues& v) {
    const Bridge& bridge = v.rig.bridge;
    const Turned turned(v.state.angle_rad);
    const Vector2d edge = turned.place({-bridge.rearEdge_m, 0.0}), axis(0.0, 0.0);
    if (v.span == QLatin1String("bridge.rearEdge"))
        return Ends{axis, edge};
    if (v.span == QLatin1String("bridge.rearGap"))
        return Ends{{edge.x(), -bridge.rearGap_m}, edge};
    return std::nullopt;
}

std::optional<Ends> endsAtSpring(const SectionValues& v) {
    if (v.spanAt >= v.rig.springs.size())
        return std::nullopt;
    const Spring& spring = v.rig.springs[v.spanAt];
    const Vector2d hook = Turned(v.state.angle_rad).place(spring.hook_m);
    const Vector2d anchor = anchorAt_m(spring, v.rig.claw, v.state.claw);
    for (const auto& [name, at] : {std::pair("hook", hook), {"anchor", anchor}}) {
        if (v.span == QStringLiteral("springs.%1X").arg(QLatin1String(name)))
            return Ends{{0.0, at.y()}, at};
        if (v.span == QStringLiteral("springs.%1Y").arg(QLatin1String(name)))
            return Ends{{at.x(), 0.0}, at};
    }
    if (v.span == QLatin1String("springs.free"))
        return Ends{hook, anchor};
    return std::nullopt;
}

std::optional<Ends> endsAtString(const SectionValues& v) {
    if (v.spanAt >= v.rig.strings.size())
        return std::nullopt;
    const Vector2d saddle = Turned(v.state.angle_rad).place(v.rig.strings[v.spanAt].saddle_m);
    if (v.span == QLatin1String("strings.saddleX"))
        return Ends{{0.0, saddle.y()}, saddle};
    if (v.span == QLatin1String("strings.saddleY"))
        return Ends{{saddle.x(), 0.0}, saddle};
    if (v.span == QLatin1String("strings.saddleTail"))
        return Ends{saddle, saddle - Vector2d(0.0, v.rig.strings[v.spanAt].saddleTail_m)};
    return std::nullopt;
}

} // namespace

void drawMeasure(Scene& scene, const QPointF& from, const QPointF& to) {
    const QPointF along = to - from;
    const double length = std::hypot(along.x(), along.y());
    constexpr double tick_px = 7.0, halo_px = 7.0, line_px = 3.0;
    const QPointF side = length > 0.0 ? QPointF(-along.y(), along.x()) / length * tick_px : QPointF(0.0, tick_px);
    const auto draw = [&](ColourRole role, double width, const QString& id) {
        scene.line({from, to}, role, width).id = id;
        for (const QPointF& end : {from, to})
            scene.line({end - side, end + side}, role, width).id = id;
    };
    draw(ColourRole::Sheet, halo_px, QStringLiteral("span-ground")); // so that it is seen over any part
    draw(ColourRole::Focus, line_px, QStringLiteral("span"));
}

void drawSpan(Scene& scene, const SectionValues& v, const ViewTransform& paper) {
    std::optional<Ends> ends = endsAtBridge(v);
    if (!ends)
        ends = endsAtSpring(v);
    if (!ends)
        ends = endsAtString(v);
    if (ends)
        drawMeasure(scene, paper.at(ends->first), paper.at(ends->second));
}

} // namespace flenzo
