// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/controls/step_list.h"

#include <algorithm>

namespace flenzo {

namespace {

QString stepLine(const QString& title, StepState state, bool current) {
    return (current                       ? QStringLiteral("\u25b8 ")
            : state == StepState::Skipped ? QStringLiteral("\u2013 ")
            : state == StepState::Done    ? QStringLiteral("\u2713 ")
                                          : QStringLiteral("\u00b7 ")) +
           title;
}

} // namespace

StepList::StepList(QWidget* parent) : QListWidget(parent) {
    setObjectName(QStringLiteral("steps"));
    setAccessibleName(tr("Steps of this phase"));
    setFocusPolicy(Qt::NoFocus);
    setFlow(QListView::LeftToRight);
    setWrapping(true);
    setResizeMode(QListView::Adjust);
    setSelectionMode(QAbstractItemView::NoSelection);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    connect(this, &QListWidget::itemClicked, this,
            [this](QListWidgetItem* item) { Q_EMIT picked(Step(steps_[row(item)])); }); // it may fill the list anew
}

void StepList::showSteps(const Progress& progress, const std::optional<Step>& looked,
                         const std::function<QString(const Step&)>& titleOf) {
    const std::optional<Step> current = progress.current(), shown = looked ? looked : current;
    const Phase phase = shown ? progress.phases[progress.steps.indexOf(*shown)] : Phase::HandOver;
    clear();
    steps_.clear();
    for (qsizetype k = 0; k < progress.steps.size(); ++k) {
        const Step& step = progress.steps[k];
        if (progress.phases[k] != phase)
            continue;
        auto* item = new QListWidgetItem(stepLine(titleOf(step), progress.states[k], current == step), this);
        if (shown == step) {
            QFont bold = font();
            bold.setBold(true);
            item->setFont(bold);
        }
        steps_.append(step);
    }
    fit();
}

void StepList::fit() {
    doItemsLayout();
    int bottom = fontMetrics().height();
    for (int row = 0; row < count(); ++row)
        bottom = std::max(bottom, visualItemRect(item(row)).bottom());
    setFixedHeight(bottom + 6);
}

} // namespace flenzo
