// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/controls/reading_entry.h"

#include <QKeyEvent>
#include <utility>

namespace flenzo {

/// A line edit takes undo for itself even when it has nothing to undo; on the bench it means the last act.
bool ReadingEntry::event(QEvent* event) {
    if (event->type() == QEvent::ShortcutOverride && text().isEmpty()) {
        event->ignore();
        return true;
    }
    return QLineEdit::event(event);
}

/// True where the key meant something that only an empty field says.
bool ReadingEntry::takeWhileEmpty(const QKeyEvent& event) {
    const bool plain = event.modifiers() == Qt::NoModifier;
    if (event.key() == Qt::Key_Space) {
        Q_EMIT confirmed();
        return true;
    }
    if (event.key() == Qt::Key_Backspace) {
        Q_EMIT stepBackWanted();
        return true;
    }
    if (plain && isAsked_ && event.key() == Qt::Key_N) {
        Q_EMIT denied();
        return true;
    }
    if (plain && isPlateAsked_)
        for (const auto& [letter, seen] :
             {std::pair{Qt::Key_S, PlateByEye::Sunk}, {Qt::Key_L, PlateByEye::Level}, {Qt::Key_F, PlateByEye::Forward}})
            if (event.key() == letter) {
                Q_EMIT plateSeen(seen);
                return true;
            }
    return false;
}

/// What is taken here goes no further: for the page Enter means that the step is done.
void ReadingEntry::keyPressEvent(QKeyEvent* event) {
    const bool empty = text().isEmpty();
    if (empty && (event->matches(QKeySequence::Undo) || event->matches(QKeySequence::Redo))) {
        event->ignore();
        return;
    }
    if (empty && takeWhileEmpty(*event))
        return;
    switch (event->key()) {
    case Qt::Key_PageDown:
        Q_EMIT confirmed();
        return;
    case Qt::Key_PageUp:
        Q_EMIT stepBackWanted();
        return;
    case Qt::Key_Return:
    case Qt::Key_Enter:
        if (event->modifiers() & Qt::ControlModifier)
            break;
        Q_EMIT submitted();
        return;
    case Qt::Key_Up:
        Q_EMIT neighbourWanted(-1);
        return;
    case Qt::Key_Down:
        Q_EMIT neighbourWanted(1);
        return;
    case Qt::Key_Escape:
        Q_EMIT leaveWanted();
        return;
    default:
        break;
    }
    QLineEdit::keyPressEvent(event);
}

} // namespace flenzo
