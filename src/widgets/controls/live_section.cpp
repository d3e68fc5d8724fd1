// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/controls/live_section.h"

#include "core/base/units.h"

#include <algorithm>
#include <cmath>

namespace flenzo {

LiveSection::LiveSection(QWidget* parent) : SceneView(parent) {
    connect(this, &SceneView::pressed, this, &LiveSection::take);
    connect(this, &SceneView::dragged, this, &LiveSection::drag);
    connect(this, &SceneView::dropped, this, [this] { showRig(values_, preferences_); });
}

void LiveSection::showRig(const SectionValues& values, const Preferences& preferences) {
    const double least_rad = radians(0.02), from_rad = values_.state.angle_rad,
                 by_rad = values.state.angle_rad - from_rad;
    const bool moved = values_.rig.strings.size() == values.rig.strings.size() && std::abs(by_rad) > least_rad;
    values_ = values;
    preferences_ = preferences;
    if (!moved)
        return show([values](const QSizeF& size) { return buildSection(values, size); }, preferences);
    showMoving(
        [values, from_rad, by_rad](const QSizeF& size, double share) {
            SectionValues passing = values;
            passing.state.angle_rad = from_rad + share * by_rad;
            return buildSection(passing, size);
        },
        preferences);
}

bool LiveSection::isClaw(const QPointF& at) const {
    constexpr double near_px = 14.0; // a screw is thin
    for (const char* id : {"claw", "claw-screw"})
        if (const Mark* mark = scene().find(QLatin1String(id));
            mark && mark->points.boundingRect().adjusted(-near_px, -near_px, near_px, near_px).contains(at))
            return true;
    return false;
}

void LiveSection::take(const QPointF& at) {
    holdsClaw_ = isClaw(at);
    if (!holdsClaw_)
        Q_EMIT platePressed();
}

void LiveSection::drag(const QPointF& from, const QPointF& to) {
    if (holdsClaw_) {
        constexpr double perEighth_px = 6.0;
        Q_EMIT clawDragged(std::round((to.x() - from.x()) / perEighth_px) / 8.0);
        return;
    }
    const Mark* pivot = scene().find(QStringLiteral("pivot"));
    if (!pivot)
        return;
    const auto bearing_rad = [&](const QPointF& at) { // screens count downwards, so that forward is positive
        const QPointF arm = at - pivot->points.first();
        return std::atan2(arm.y(), arm.x());
    };
    const double by_rad = std::remainder(bearing_rad(to) - bearing_rad(from), radians(360.0));
    const Bridge& bridge = values_.rig.bridge;
    const double angle_rad = std::clamp(values_.state.angle_rad + by_rad, bridge.rearStop_rad, bridge.forwardStop_rad);
    SectionValues seen = values_;
    seen.outlines = {{angle_rad, lengthText(std::max(0.0, gapAt_m(bridge, angle_rad)), values_.units)}};
    show([seen](const QSizeF& size) { return buildSection(seen, size); }, preferences_);
    Q_EMIT plateDragged(angle_rad);
}

} // namespace flenzo
