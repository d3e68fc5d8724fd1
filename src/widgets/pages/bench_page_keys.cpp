// SPDX-License-Identifier: GPL-3.0-or-later
// What is typed and said on the bench.
#include "widgets/pages/bench_page.h"
#include "widgets/pages/listen_bar.h"

#include <QKeyEvent>
#include <QLineEdit>
#include <QPushButton>

namespace flenzo {

void BenchPage::submit() {
    if (entry_->text().trimmed().isEmpty()) {
        if (listen_ && listen_->takeAnyway())
            return;
        context_.say(tr("Type a reading first: cents like −12.5, a frequency like 82.4 Hz, or a note like E2+12."));
        return;
    }
    typed_ = entry_->text().trimmed();
    if (context_.accept(context_.bench().enter(entry_->text(), context_.preferences().units.inches)))
        entry_->clear();
    else
        entry_->selectAll();
}

void BenchPage::confirm() {
    typed_.clear();
    const Confirmation confirms = confirmationOf(context_.session().derived().advice);
    if (confirms == Confirmation::NothingIsAsked || confirms == Confirmation::NotOurs) {
        Q_EMIT actIsOver();
        return;
    }
    context_.accept(context_.bench().confirm());
    entry_->setFocus();
}

void BenchPage::deny() {
    typed_.clear();
    if (isAsked())
        context_.accept(context_.bench().answer(false));
    entry_->setFocus();
}

void BenchPage::pickNeighbour(int step) {
    const int rows = static_cast<int>(context_.session().job().rig.strings.size()) + 1;
    const int now = context_.bench().gapPicked() ? rows - 1
                                                 : static_cast<int>(context_.bench().pickedString().value_or(
                                                       step > 0 ? static_cast<std::size_t>(rows) - 1 : 0));
    const int next = (now + step + rows) % rows;
    if (next == rows - 1)
        context_.bench().pickGap();
    else
        context_.bench().pickString(static_cast<std::size_t>(next));
}

bool BenchPage::eventFilter(QObject* watched, QEvent* event) {
    const bool empty = entry_->text().isEmpty();
    // A line edit takes undo for itself even when it has nothing to undo; on the bench it means the last act.
    if (watched == entry_ && empty && event->type() == QEvent::ShortcutOverride) {
        event->ignore();
        return true;
    }
    if (watched != entry_ || event->type() != QEvent::KeyPress)
        return QWidget::eventFilter(watched, event);
    const auto* key = static_cast<QKeyEvent*>(event);
    if (empty && (key->matches(QKeySequence::Undo) || key->matches(QKeySequence::Redo))) {
        event->ignore();
        return true;
    }
    if (key->key() == Qt::Key_PageDown || (key->key() == Qt::Key_Space && empty)) {
        confirm();
        return true;
    }
    // Taken here, for a line edit hands Enter on to the page, where it means that the step is done.
    if (key->key() == Qt::Key_Return || key->key() == Qt::Key_Enter) {
        if (key->modifiers() & Qt::ControlModifier)
            return false;
        submit();
        return true;
    }
    if (empty && key->key() == Qt::Key_N && key->modifiers() == Qt::NoModifier && isAsked()) {
        deny();
        return true;
    }
    if (empty && plateKeys_.front()->isVisibleTo(this) && key->modifiers() == Qt::NoModifier)
        for (const auto& [letter, seen] :
             {std::pair{Qt::Key_S, PlateByEye::Sunk}, {Qt::Key_L, PlateByEye::Level}, {Qt::Key_F, PlateByEye::Forward}})
            if (key->key() == letter) {
                see(seen);
                return true;
            }
    if (key->key() == Qt::Key_PageUp || (key->key() == Qt::Key_Backspace && empty)) {
        Q_EMIT stepBackWanted();
        return true;
    }
    if (key->key() == Qt::Key_Up || key->key() == Qt::Key_Down) {
        pickNeighbour(key->key() == Qt::Key_Down ? 1 : -1);
        return true;
    }
    if (key->key() == Qt::Key_Escape) {
        if (empty)
            Q_EMIT leaveWanted();
        entry_->clear();
        context_.bench().pickString(std::nullopt);
        return true;
    }
    return QWidget::eventFilter(watched, event);
}

} // namespace flenzo
