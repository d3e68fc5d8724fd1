// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/controls/scene_view.h"

#include <QAccessible>
#include <QAccessibleWidget>
#include <QHelpEvent>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QToolTip>

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
    if (event->button() == Qt::LeftButton)
        Q_EMIT pressed(event->position());
    QWidget::mousePressEvent(event);
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
    paint(painter, scene_, *theme_);
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
