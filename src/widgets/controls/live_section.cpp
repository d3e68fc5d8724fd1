// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/controls/live_section.h"

#include "core/base/units.h"

#include <QMouseEvent>
#include <algorithm>
#include <cmath>

namespace flenzo {

LiveSection::LiveSection(QWidget* parent) : SceneView(parent) {
    setMouseTracking(true); // the pointer says what can be dragged, and which way
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

namespace {

bool isNear(const Scene& scene, std::initializer_list<const char*> marks, const QPointF& at) {
    constexpr double near_px = 14.0; // a screw is thin
    return std::any_of(marks.begin(), marks.end(), [&](const char* id) {
        const Mark* mark = scene.find(QLatin1String(id));
        return mark && mark->points.boundingRect().adjusted(-near_px, -near_px, near_px, near_px).contains(at);
    });
}

} // namespace

bool LiveSection::isClaw(const QPointF& at) const {
    return isNear(scene(), {"claw", "claw-screw"}, at);
}

bool LiveSection::isPlate(const QPointF& at) const {
    return isNear(scene(), {"plate"}, at);
}

void LiveSection::mouseMoveEvent(QMouseEvent* event) {
    if (event->buttons() == Qt::NoButton)
        setCursor(isClaw(event->position())    ? Qt::SizeHorCursor
                  : isPlate(event->position()) ? Qt::SizeVerCursor
                                               : Qt::ArrowCursor);
    SceneView::mouseMoveEvent(event);
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
