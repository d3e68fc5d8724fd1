// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/controls/lane_view.h"

#include <cmath>
#include <utility>

namespace flenzo {

namespace {

/// Whether the eye would miss where a string went; what sounds moves by itself.
bool goesFar(const StringLanes& from, const StringLanes& to) {
    constexpr double least_cents = 0.5;
    bool far = false;
    for (std::size_t i = 0; i < to.lanes.size(); ++i) {
        if (to.lanes[i].live_cents)
            return false;
        far = far || (i < from.lanes.size() && from.lanes[i].cents && to.lanes[i].cents &&
                      std::abs(*from.lanes[i].cents - *to.lanes[i].cents) > least_cents);
    }
    return far && from.lanes.size() == to.lanes.size();
}

} // namespace

LaneView::LaneView(QWidget* parent) : SceneView(parent) {
    connect(this, &SceneView::pressed, this, [this](const QPointF& at) {
        if (const auto lane = laneAt(scene(), at))
            Q_EMIT lanePicked(*lane);
    });
}

void LaneView::showLanes(const StringLanes& lanes, const Preferences& preferences) {
    const StringLanes from = std::exchange(lanes_, lanes);
    const double scale = preferences.scale();
    if (!goesFar(from, lanes))
        return show([lanes, scale](const QSizeF& size) { return buildStringLanes(lanes, size, scale); }, preferences);
    showMoving(
        [from, lanes, scale](const QSizeF& size, double share) {
            return buildStringLanes(between(from, lanes, share), size, scale);
        },
        preferences);
}

} // namespace flenzo
