// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/controls/scene_view.h"

#include <QHelpEvent>
#include <QToolTip>

namespace flenzo {

SceneView::SceneView(QWidget* parent) : QWidget(parent) {
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
    setAttribute(Qt::WA_OpaquePaintEvent);
}

void SceneView::show(Builder builder, const Preferences& preferences) {
    builder_ = std::move(builder);
    theme_ = &preferences.theme();
    if (textScale_ != preferences.textScale) {
        textScale_ = preferences.textScale; // larger words want a larger picture
        updateGeometry();
    }
    rebuild();
}

void SceneView::rebuild() {
    if (!builder_ || width() < 2 || height() < 2)
        return;
    scene_ = builder_(size());
    setAccessibleDescription(scene_.description);
    update();
}

void SceneView::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    rebuild();
}

void SceneView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    if (theme_)
        paint(painter, scene_, *theme_);
}

bool SceneView::event(QEvent* event) {
    if (event->type() != QEvent::ToolTip)
        return QWidget::event(event);
    const auto* help = static_cast<QHelpEvent*>(event);
    if (const Mark* mark = scene_.hit(help->pos()))
        QToolTip::showText(help->globalPos(), mark->tip, this);
    else
        QToolTip::hideText();
    return true;
}

} // namespace flenzo
