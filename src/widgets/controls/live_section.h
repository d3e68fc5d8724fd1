// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "paint/section.h"
#include "widgets/controls/scene_view.h"

namespace flenzo {

/// The bridge from the side, as it is now: the plate moves to where it comes to be, and can be touched where a hand
/// would touch it. Dragging the plate says where it is seen to be, dragging the claw how far its screws were turned;
/// nothing is entered by that, whoever listens proposes it.
class LiveSection : public SceneView {
    Q_OBJECT
public:
    explicit LiveSection(QWidget* parent);
    void showRig(const SectionValues& values, const Preferences& preferences);

Q_SIGNALS:
    void platePressed();
    void plateDragged(double angle_rad);
    void clawDragged(double turns); ///< in eighths, tightened positive

protected:
    void mouseMoveEvent(QMouseEvent* event) override;

private:
    void take(const QPointF& at);
    void drag(const QPointF& from, const QPointF& to);
    [[nodiscard]] bool isClaw(const QPointF& at) const;
    [[nodiscard]] bool isPlate(const QPointF& at) const;

    SectionValues values_;
    Preferences preferences_;
    bool holdsClaw_ = false;
};

} // namespace flenzo
