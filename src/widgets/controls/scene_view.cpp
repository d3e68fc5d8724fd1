// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/controls/scene_view.h"

#include <QAccessible>
#include <QAccessibleWidget>
#include <QApplication>
#include <QHelpEvent>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QStyle>
#include <QToolTip>
#include <QVariantAnimation>
#include <utility>

namespace flenzo {

namespace {

/// A picture to a screen reader: its sentences, and as its value the mark that the keys are at.
class SceneAccessible : public QAccessibleWidget {
public:
    explicit SceneAccessible(SceneView* view) : QAccessibleWidget(view, QAccessible::Graphic), view_(view) {}
    QString text(QAccessible::Text kind) const override {
        if (kind == QAccessible::Description)
            return view_->scene().description;
        if (kind == QAccessible::Value)
            return view_->spoken();
        return QAccessibleWidget::text(kind);
    }

private:
    SceneView* view_;
};

QAccessibleInterface* makeAccessible(const QString&, QObject* object) {
    auto* view = qobject_cast<SceneView*>(object);
    return view ? new SceneAccessible(view) : nullptr;
}

} // namespace

SceneView::SceneView(QWidget* parent) : QWidget(parent) {
    [[maybe_unused]] static const bool once = [] {
        QAccessible::installFactory(makeAccessible);
        return true;
    }();
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
    setAttribute(Qt::WA_OpaquePaintEvent);
    setFocusPolicy(Qt::TabFocus);
    constexpr int passage_ms = 150;
    motion_ = new QVariantAnimation(this);
    motion_->setStartValue(0.0);
    motion_->setEndValue(1.0);
    motion_->setDuration(passage_ms);
    motion_->setEasingCurve(QEasingCurve::OutCubic);
    connect(motion_, &QVariantAnimation::valueChanged, this, [this] { update(); });
}

void SceneView::showMoving(Passage passage, const Preferences& preferences) {
    show([passage](const QSizeF& size) { return passage(size, 1.0); }, preferences);
    if (!isVisible() || style()->styleHint(QStyle::SH_Widget_Animation_Duration, nullptr, this) <= 0)
        return;
    passage_ = std::move(passage);
    motion_->start();
}

void SceneView::show(Builder builder, const Preferences& preferences) {
    motion_->stop();
    builder_ = std::move(builder);
    theme_ = &preferences.theme();
    if (textScale_ != preferences.scale()) {
        textScale_ = preferences.scale(); // larger words want a larger picture
        updateGeometry();
    }
    rebuild();
}

void SceneView::rebuild() {
    if (!builder_ || width() < 2 || height() < 2)
        return;
    scene_ = builder_(size());
    at_.reset();
    setAccessibleDescription(scene_.description);
    update();
}

const Mark* SceneView::at() const {
    return at_ && *at_ < scene_.marks.size() ? &scene_.marks[*at_] : nullptr;
}

QString SceneView::spoken() const {
    return at() ? at()->tip : QString();
}

/// To the next or the last mark that says something.
void SceneView::goTo(int by) {
    const auto count = static_cast<int>(scene_.marks.size());
    int k = at_ ? static_cast<int>(*at_) : (by > 0 ? -1 : count);
    for (int tried = 0; tried < count; ++tried) {
        k = (k + by + count) % count;
        if (scene_.marks[static_cast<std::size_t>(k)].tip.isEmpty())
            continue;
        at_ = static_cast<std::size_t>(k);
        const QPointF place = at()->points.boundingRect().center();
        QToolTip::showText(mapToGlobal(place.toPoint()), at()->tip, this);
        QAccessibleValueChangeEvent changed(this, at()->tip);
        QAccessible::updateAccessibility(&changed);
        update();
        return;
    }
}

void SceneView::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Right || event->key() == Qt::Key_Left)
        goTo(event->key() == Qt::Key_Right ? 1 : -1);
    else
        QWidget::keyPressEvent(event);
}

void SceneView::mousePressEvent(QMouseEvent* event) {
    if (event->button() == Qt::LeftButton) {
        heldAt_ = event->position();
        isDragging_ = false;
        Q_EMIT pressed(event->position());
    }
    QWidget::mousePressEvent(event);
}

void SceneView::mouseMoveEvent(QMouseEvent* event) {
    if (heldAt_ &&
        (isDragging_ || (event->position() - *heldAt_).manhattanLength() >= QApplication::startDragDistance())) {
        isDragging_ = true;
        Q_EMIT dragged(*heldAt_, event->position());
    }
    QWidget::mouseMoveEvent(event);
}

void SceneView::mouseReleaseEvent(QMouseEvent* event) {
    heldAt_.reset();
    if (std::exchange(isDragging_, false))
        Q_EMIT dropped();
    QWidget::mouseReleaseEvent(event);
}

void SceneView::focusOutEvent(QFocusEvent* event) {
    at_.reset();
    QWidget::focusOutEvent(event);
    update();
}

void SceneView::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    rebuild();
}

void SceneView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    if (!theme_)
        return;
    const bool moves = motion_->state() == QAbstractAnimation::Running;
    paint(painter, moves ? passage_(size(), motion_->currentValue().toDouble()) : scene_, *theme_);
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen((*theme_)[ColourRole::Focus], 2.0));
    if (at())
        painter.drawRect(at()->points.boundingRect().adjusted(-5.0, -5.0, 5.0, 5.0));
    if (hasFocus())
        painter.drawRect(rect().adjusted(1, 1, -1, -1));
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
