// SPDX-License-Identifier: GPL-3.0-or-later
// What the page of a job shows, apart from what is done on it.
#include "widgets/pages/job_page.h"

#include "widgets/controls/fitting_label.h"
#include "widgets/controls/phase_path.h"
#include "widgets/forms/hears_strings.h"
#include "widgets/look.h"
#include "widgets/pages/bench_page.h"
#include "widgets/pages/listen_bar.h"
#include "widgets/pages/step_panel.h"
#include "widgets/text/step_words.h"
#include "widgets/text/wording.h"

#include <QFrame>
#include <QLabel>
#include <QListWidget>
#include <QPushButton>
#include <QStackedWidget>
#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

constexpr double narrowWidth = 58.0; ///< in base sizes: below it the bar stands in two rows

QString stepLine(const QString& title, StepState state, bool current) {
    return (current                       ? QStringLiteral("\u25b8 ")
            : state == StepState::Skipped ? QStringLiteral("\u2013 ")
            : state == StepState::Done    ? QStringLiteral("\u2713 ")
                                          : QStringLiteral("\u00b7 ")) +
           title;
}

} // namespace

/// Steps, words and figures of the whole job: only worth it while somebody looks.
void JobPage::refresh() {
    const Job& job = context_.session().job();
    const Progress progress = progressOf(job, context_.session().derived());
    const std::optional<Step> current = progress.current();
    const bool moved = current != current_;
    current_ = current;
    if (moved || (looked_ && !progress.steps.contains(*looked_)))
        looked_.reset();
    const std::optional<Step> shown = looked_ ? looked_ : current;
    const bool bench = benchWanted_ || (shown && isBenchWork(job, shown->id));
    refreshPath(progress);
    refreshList(progress);
    refreshLeft(progress);
    done_->setText(looked_ ? tr("Back to the work  (Esc)") : tr("Step done  (Space)"));
    done_->setEnabled(looked_ || current.has_value());
    // They go to the step the work is at, which is not the one that is seen.
    for (QPushButton* button : {skip_, note_, photo_})
        button->setEnabled(!looked_ && current.has_value());
    looking_->setText(looked_ ? tr("Only looking: the work is at another step.") : QString());
    toBench_->setText(bench && benchWanted_ ? tr("Step  (F6)") : tr("Bench  (F6)"));
    toBench_->setVisible(benchWanted_ || !bench);
    const bool another = step_->showStep(shown);
    if (moved) {
        clock_->restart();
        ask_->hide();
    }
    bench_->setStep(bench && shown && isBenchWork(job, shown->id)
                        ? stepWords(job, context_.session().derived(), *shown, context_.preferences().units)
                        : StepWords());
    const bool hadFocus = isAncestorOf(focusWidget()) || hasFocus() || another;
    if (isAtBench() != bench) {
        work_->setCurrentWidget(bench ? static_cast<QWidget*>(bench_) : panel_);
        if (hadFocus && isVisible() && ask_->isHidden())
            takeFocus();
    }
    refreshListening(bench, shown);
    arrange();
}

/// Readings go into the log, or into the form of a step that is filled by plucking.
void JobPage::refreshListening(bool bench, const std::optional<Step>& shown) {
    HearsStrings* form = bench ? nullptr : step_->hearing();
    const bool strings = form || (shown && shown->id == StepId::Settle);
    if (bench)
        bench_->holdListenBar(listen_);
    else if (strings && listen_->parentWidget() != panel_)
        panel_->layout()->addWidget(listen_);
    const int aside = bench ? 0 : 12;
    listen_->setContentsMargins(aside, 0, aside, aside / 2);
    listen_->setVisible(bench || strings);
    listen_->setNarrow(!bench && width() < narrowWidth * basePixels(context_.preferences()));
    listen_->setForm(form);
}

void JobPage::refreshPath(const Progress& progress) {
    const std::optional<Step> current = progress.current();
    PhasePath::States states{};
    Phase here = Phase::HandOver, shown = Phase::HandOver;
    for (qsizetype k = 0; k < progress.steps.size(); ++k) {
        auto& state = states[static_cast<std::size_t>(progress.phases[k])];
        ++state.steps;
        state.done += progress.states[k] != StepState::Open ? 1 : 0;
        if (current == progress.steps[k])
            here = shown = progress.phases[k];
    }
    if (looked_)
        shown = progress.phases[progress.steps.indexOf(*looked_)];
    path_->show(states, here, shown, context_.preferences());
}

/// The steps of the phase that is looked at.
void JobPage::refreshList(const Progress& progress) {
    const Job& job = context_.session().job();
    const Derived& derived = context_.session().derived();
    const std::optional<Step> current = progress.current();
    const std::optional<Step> shown = looked_ ? looked_ : current;
    const Phase phase = shown ? progress.phases[progress.steps.indexOf(*shown)] : Phase::HandOver;
    list_->clear();
    listed_.clear();
    for (qsizetype k = 0; k < progress.steps.size(); ++k) {
        const Step& step = progress.steps[k];
        if (progress.phases[k] != phase)
            continue;
        const QString title = stepWords(job, derived, step, context_.preferences().units).title;
        auto* item = new QListWidgetItem(stepLine(title, progress.states[k], current == step), list_);
        if (shown == step) {
            QFont bold = font();
            bold.setBold(true);
            item->setFont(bold);
        }
        listed_.append(step);
    }
    list_->doItemsLayout();
    int bottom = list_->fontMetrics().height();
    for (int row = 0; row < list_->count(); ++row)
        bottom = std::max(bottom, list_->visualItemRect(list_->item(row)).bottom());
    list_->setFixedHeight(bottom + 6);
}

void JobPage::refreshLeft(const Progress& progress) {
    const Quantiles minutes = minutesLeft(context_.session().job(), context_.session().derived());
    const QString time = wording::rangeText(std::ceil(minutes.p10), std::ceil(minutes.p90));
    const auto open = progress.open();
    left_->setTexts(open > 0 ? QStringList{tr("%1 steps, about %2 min left").arg(open).arg(time),
                                           tr("%1 steps, %2 min").arg(open).arg(time), tr("%1 min").arg(time)}
                             : QStringList{tr("job finished")});
}

} // namespace flenzo
