// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/controls/value_drag.h"

#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QMouseEvent>

namespace flenzo {

namespace {
constexpr int pixelsPerStep = 6, far = 10;
}

ValueDrag::ValueDrag(QLabel* name, QLineEdit* edit) : QObject(edit), name_(name), edit_(edit) {
    name_->setCursor(Qt::SizeHorCursor);
    name_->setToolTip(tr("Drag sideways to try values; Shift for long steps"));
    name_->installEventFilter(this);
    edit_->installEventFilter(this);
}

bool ValueDrag::eventFilter(QObject* watched, QEvent* event) {
    if (watched == name_)
        return dragged(event);
    if (event->type() != QEvent::KeyPress)
        return false;
    const auto* key = static_cast<QKeyEvent*>(event);
    if (key->key() == Qt::Key_Escape && edit_->isModified()) {
        Q_EMIT undone();
        return true;
    }
    if (key->key() != Qt::Key_Up && key->key() != Qt::Key_Down)
        return false;
    const int step = key->modifiers() & Qt::ShiftModifier ? far : 1;
    Q_EMIT stepped(key->key() == Qt::Key_Up ? step : -step);
    return true;
}

bool ValueDrag::dragged(QEvent* event) {
    if (event->type() != QEvent::MouseButtonPress && event->type() != QEvent::MouseMove &&
        event->type() != QEvent::MouseButtonRelease)
        return false;
    const auto* mouse = static_cast<QMouseEvent*>(event);
    if (event->type() == QEvent::MouseButtonPress && mouse->button() == Qt::LeftButton) {
        from_ = mouse->position().toPoint();
        done_ = 0;
        held_ = true;
        edit_->setFocus(Qt::MouseFocusReason);
    } else if (held_ && event->type() == QEvent::MouseMove) {
        const int steps = (mouse->position().toPoint().x() - from_.x()) / pixelsPerStep;
        if (steps != done_)
            Q_EMIT stepped((steps - done_) * (mouse->modifiers() & Qt::ShiftModifier ? far : 1));
        done_ = steps;
    } else if (held_ && mouse->button() == Qt::LeftButton) {
        held_ = false;
        Q_EMIT let();
    }
    return true;
}

} // namespace flenzo
