// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/pages/practice_result.h"

#include "language/decimal.h"
#include "widgets/controls/scene_view.h"
#include "widgets/look.h"
#include "widgets/text/convergence.h"
#include "widgets/text/practice_words.h"
#include "widgets/text/wording.h"

#include <QBoxLayout>
#include <QCoreApplication>
#include <QLabel>
#include <QListWidget>
#include <QPushButton>

namespace flenzo {

PracticeResult::PracticeResult(AppContext& context, QWidget* parent) : QWidget(parent), context_(context) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(8, 8, 8, 8);
    column->setSpacing(8);
    points_ = label(TextRole::Act, this, QStringLiteral("practicePoints"));
    lines_ = label(TextRole::Body, this, QStringLiteral("practiceLines"));
    for (QLabel* each : {points_, lines_}) {
        each->setWordWrap(true);
        column->addWidget(each);
    }
    auto* ways = new QHBoxLayout;
    const auto way = [&](const QString& title, const char* name) {
        auto* side = new QVBoxLayout;
        QLabel* heading = label(TextRole::Heading, this);
        heading->setText(title);
        auto* view = new SceneView(this);
        view->setObjectName(QLatin1String(name));
        view->setAccessibleName(title);
        view->setMinimumHeight(static_cast<int>(basePixels(context.preferences()) * 11.0));
        side->addWidget(heading);
        side->addWidget(view, 1);
        ways->addLayout(side, 1);
        return std::pair(view, side);
    };
    yours_ = way(tr("Your progress"), "practiceYours").first;
    const auto [view, side] = way(tr("The adviser at the same guitar"), "practiceAdvised");
    advised_ = view;
    adviserWords_ = label(TextRole::Small, this, QStringLiteral("practiceAdviser"));
    side->addWidget(adviserWords_);
    column->addLayout(ways, 3);
    acts_ = new QListWidget(this);
    acts_->setObjectName(QStringLiteral("practiceActs"));
    acts_->setAccessibleName(tr("Your acts, one by one"));
    column->addWidget(acts_, 2);
    why_ = label(TextRole::Body, this, QStringLiteral("practiceWhy"));
    why_->setWordWrap(true);
    column->addWidget(why_);
    auto* row = new QHBoxLayout;
    const auto button = [&](const QString& words, const char* name) {
        auto* made = new QPushButton(words, this);
        made->setObjectName(QLatin1String(name));
        row->addWidget(made);
        return made;
    };
    connect(button(tr("Try again from this act"), "practiceAgainFrom"), &QPushButton::clicked, this,
            [this] { Q_EMIT againFrom(std::max(0, acts_->currentRow())); });
    connect(button(tr("Another guitar"), "practiceAnother"), &QPushButton::clicked, this,
            &PracticeResult::anotherWanted);
    connect(button(tr("To the ladder"), "practiceLadder"), &QPushButton::clicked, this, &PracticeResult::ladderWanted);
    row->addStretch();
    column->addLayout(row);
    connect(acts_, &QListWidget::currentRowChanged, this, &PracticeResult::explain);
}

void PracticeResult::showAdviser(const PracticeRun& adviser) {
    adviser_ = std::make_unique<PracticeRun>(adviser);
    const PracticeScore score = adviser.score();
    adviserWords_->setText(tr("Passes %1, visits to the claw %2, minutes %3; ends within %4 ¢")
                               .arg(decimal(score.passes, 1))
                               .arg(score.clawVisits)
                               .arg(decimal(score.minutes, 0))
                               .arg(decimal(score.worst_cents, 1)));
    showWay(*advised_, adviser, tr("The adviser at the same guitar"));
}

void PracticeResult::showWay(SceneView& view, const PracticeRun& run, const QString& title) {
    Convergence way = convergenceOf(run.job(), derive(run.job()));
    way.likelyActs = way.mostActs = 0.0; // it is over
    view.show([way, scale = context_.preferences().scale()](
                  const QSizeF& size) { return buildConvergence(way, size, scale); },
              context_.preferences());
    view.setAccessibleName(title);
}

void PracticeResult::show(const PracticeRun& run) {
    run_ = std::make_unique<PracticeRun>(run);
    adviser_.reset();
    QStringList lines = wording::practiceScore(run, context_.preferences().units);
    points_->setText(lines.takeFirst());
    setVoice(points_, TextRole::Act);
    lines_->setText(lines.join(QLatin1Char('\n')));
    showWay(*yours_, run, tr("Your progress"));
    adviserWords_->setText(tr("The adviser is playing…"));
    acts_->clear();
    for (qsizetype k = 0; k < run.acts().size(); ++k)
        acts_->addItem(QStringLiteral("%1  %2  ·  %3")
                           .arg(k + 1)
                           .arg(wording::practiceAct(run.acts()[k], run.job().rig, context_.preferences().units),
                                tr("then %1 ¢ off pitch").arg(decimal(run.distances_cents()[k + 1], 0))));
    acts_->setCurrentRow(static_cast<int>(run.costliestAct().value_or(0)));
    playing_.ask(
        [exercise = run.exercise(), seed = run.seed()](const std::atomic<bool>&) { return adviserAt(exercise, seed); });
}

/// Why did it move: from the model and what was logged up to that act.
void PracticeResult::explain() {
    const qsizetype row = acts_->currentRow();
    if (!run_ || row < 0 || row >= run_->acts().size())
        return;
    Job upTo = run_->job();
    upTo.log.resize(static_cast<std::size_t>(run_->entries()[row + 1]));
    const bool logged = run_->entries()[row + 1] > run_->entries()[row];
    const QString why = logged ? wording::whyItMoved(upTo, derive(upTo)) : QString();
    const double away = run_->distances_cents()[row + 1] - run_->distances_cents()[row];
    const QString how = away > 0.5    ? tr("This act put the tuning %1 ¢ further off.").arg(decimal(away, 0))
                        : away < -0.5 ? tr("This act brought the tuning %1 ¢ nearer.").arg(decimal(-away, 0))
                                      : tr("This act changed nothing.");
    why_->setText(why.isEmpty() ? how : how + QLatin1Char(' ') + why);
}

} // namespace flenzo
