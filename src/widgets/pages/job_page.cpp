// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/pages/job_page.h"

#include "domain/faults.h"
#include "domain/warnings.h"
#include "widgets/controls/fitting_label.h"
#include "widgets/controls/photo_strip.h"
#include "widgets/controls/step_clock.h"
#include "widgets/look.h"
#include "widgets/pages/step_panel.h"
#include "widgets/text/step_words.h"
#include "widgets/text/wording.h"

#include <QBoxLayout>
#include <QDateTime>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QSet>
#include <QStyle>
#include <cmath>

namespace flenzo {

namespace {

bool isForBench(StepId step) {
    return step == StepId::RoughTune || step == StepId::Settle || step == StepId::Level || step == StepId::Tune ||
           step == StepId::FineTune || step == StepId::Checks;
}

QString stepLine(const QString& title, StepState state, bool current) {
    const QString mark = current                       ? QStringLiteral("\u25b8  ")
                         : state == StepState::Done    ? QStringLiteral("\u2713  ")
                         : state == StepState::Skipped ? QStringLiteral("\u2013  ")
                                                       : QStringLiteral("     ");
    return mark + title;
}

} // namespace

JobPage::JobPage(AppContext& context, QWidget* parent) : Page(context, parent) {
    setFocusPolicy(Qt::StrongFocus);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(10, 8, 10, 8);
    column->setSpacing(8);
    auto* top = new QHBoxLayout;
    for (int h = 0; h < static_cast<int>(Hazard::Count); ++h) {
        auto* chip = new QLabel(hazardWords(static_cast<Hazard>(h)), this);
        chip->setObjectName(QStringLiteral("hazard%1").arg(h));
        chip->setProperty("chip", true);
        chip->setProperty("alarm",
                          h == static_cast<int>(Hazard::BlockIn) || h == static_cast<int>(Hazard::InsertsOpen));
        chip->hide();
        top->addWidget(chip);
        hazards_.push_back(chip);
    }
    left_ = new FittingLabel(this);
    left_->setObjectName(QStringLiteral("stepsLeft"));
    setVoice(left_, TextRole::Small);
    left_->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
    top->addWidget(left_, 1);
    clock_ = new StepClock(this);
    top->addSpacing(10);
    top->addWidget(clock_);
    column->addLayout(top);
    auto* row = new QHBoxLayout;
    row->setSpacing(8);
    list_ = new QListWidget(this);
    list_->setObjectName(QStringLiteral("steps"));
    list_->setAccessibleName(tr("Steps of this job"));
    list_->setFocusPolicy(Qt::NoFocus);
    list_->setSelectionMode(QAbstractItemView::NoSelection);
    list_->setMinimumWidth(190);
    list_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    row->addWidget(list_, 24);
    auto* panel = new QFrame(this);
    panel->setProperty("panel", true);
    auto* inPanel = new QVBoxLayout(panel);
    inPanel->setContentsMargins(0, 0, 0, 0);
    step_ = new StepPanel(context_, panel);
    inPanel->addWidget(step_);
    row->addWidget(panel, 76);
    column->addLayout(row, 1);
    column->addWidget(buildAsk());
    column->addWidget(buildButtons());
    connect(clock_, &StepClock::soakIsOver, this, [this] { context_.say(tr("The time is up.")); });
    connect(&context_.session(), &Session::remainingChanged, this, &JobPage::refreshWhenSeen);
}

QWidget* JobPage::buildAsk() {
    ask_ = new QFrame(this);
    ask_->setObjectName(QStringLiteral("message"));
    auto* row = new QHBoxLayout(ask_);
    row->setContentsMargins(14, 6, 8, 6);
    question_ = label(TextRole::Body, ask_, QStringLiteral("question"));
    question_->setWordWrap(true);
    reason_ = new QLineEdit(ask_);
    reason_->setObjectName(QStringLiteral("reason"));
    reason_->setAccessibleName(tr("Reason or note"));
    reason_->installEventFilter(this);
    auto* leave = new QPushButton(tr("Leave it  (Esc)"), ask_);
    row->addWidget(question_, 2);
    row->addWidget(reason_, 2);
    row->addWidget(leave);
    connect(leave, &QPushButton::clicked, this, [this] {
        ask_->hide();
        takeFocus();
    });
    ask_->hide();
    return ask_;
}

QWidget* JobPage::buildButtons() {
    auto* bar = new QWidget(this);
    auto* row = new QHBoxLayout(bar);
    row->setContentsMargins(0, 0, 0, 0);
    const auto button = [&](const QString& text, const char* name) {
        auto* made = new QPushButton(text, bar);
        made->setObjectName(QLatin1String(name));
        made->setFocusPolicy(Qt::TabFocus);
        row->addWidget(made);
        return made;
    };
    done_ = button(tr("Done  (Space)"), "done");
    bench_ = button(tr("To the bench  (B)"), "toBench");
    auto* before = button(tr("Back"), "stepBack");
    auto* skip = button(tr("Skip…"), "stepSkip");
    auto* note = button(tr("Note…"), "stepNote");
    auto* photo = button(tr("Photo…"), "stepPhoto");
    auto* troubleshooting = button(tr("Trouble?"), "stepFinder");
    troubleshooting->setToolTip(tr("What went wrong? From what is seen to cause and remedy (F2)"));
    row->addStretch();
    connect(done_, &QPushButton::clicked, this, [this] { say(WorkEvent::Done); });
    connect(bench_, &QPushButton::clicked, this, &JobPage::benchWanted);
    connect(before, &QPushButton::clicked, this, [this] { say(WorkEvent::Back); });
    connect(skip, &QPushButton::clicked, this, [this] { ask(WorkEvent::Skip, tr("Why is this step skipped?")); });
    connect(note, &QPushButton::clicked, this, [this] { ask(WorkEvent::Note, tr("Note to this step")); });
    connect(photo, &QPushButton::clicked, this, &JobPage::takePhoto);
    connect(troubleshooting, &QPushButton::clicked, this, &JobPage::troubleshootingWanted);
    return bar;
}

void JobPage::takeFocus() {
    setFocus();
}

bool JobPage::isBig() const {
    return step_->isBig();
}

void JobPage::setBig(bool big) {
    list_->setVisible(!big);
    step_->setBig(big);
}

void JobPage::say(WorkEvent event, const QString& text) {
    Session& session = context_.session();
    const QString now = QDateTime::currentDateTime().toString(Qt::ISODate);
    std::optional<Fault> fault;
    const auto change = [&](Job& job) { fault = apply(job, session.derived(), event, text, now); };
    const auto refused = session.edit(tr("step"), change);
    if (fault && fault->is(faults::warned) && event == WorkEvent::Done) {
        ask(WorkEvent::Overrule, fault->whatIsWrong() + QLatin1Char(' ') + tr("To go on all the same, say why:"));
        return;
    }
    if (!context_.accept(fault ? fault : refused))
        return;
    ask_->hide();
    reason_->clear();
    takeFocus();
    if (event == WorkEvent::Overrule)
        say(WorkEvent::Done);
}

void JobPage::ask(WorkEvent event, const QString& question) {
    asked_ = event;
    question_->setText(question);
    ask_->setProperty("alarm", event == WorkEvent::Overrule);
    ask_->style()->polish(ask_);
    ask_->show();
    reason_->clear();
    reason_->setFocus();
}

void JobPage::takePhoto() {
    if (const QString kept = askForPhoto(context_, this, tr("Photo to this step")); !kept.isEmpty())
        say(WorkEvent::Photo, kept);
}

/// Steps, words and figures of the whole job: only worth it while somebody looks.
void JobPage::refresh() {
    const Job& job = context_.session().job();
    const std::optional<Step> current = currentStep(job);
    refreshList(stepsOf(job), current);
    refreshHazards();
    done_->setEnabled(current.has_value());
    bench_->setVisible(current && isForBench(current->id));
    if (step_->showStep(current)) {
        clock_->restart();
        ask_->hide();
    }
}

void JobPage::refreshList(const QList<Step>& steps, const std::optional<Step>& current) {
    const Job& job = context_.session().job();
    const Units& units = context_.preferences().units;
    list_->clear();
    QSet<int> headed;
    QListWidgetItem* here = nullptr;
    for (const Step& step : steps) {
        const Phase phase = specOf(step.id).phase;
        // The cover comes off where the shop wants it, so its own phase would interrupt another one.
        if (step.id != StepId::CoverOff && !headed.contains(static_cast<int>(phase))) {
            headed.insert(static_cast<int>(phase));
            auto* heading = new QListWidgetItem(phaseTitle(phase).toUpper(), list_);
            heading->setFlags(Qt::NoItemFlags);
        }
        const bool isCurrent = current && *current == step;
        auto* item = new QListWidgetItem(
            stepLine(stepWords(job, context_.session().derived(), step, units).title, stateOf(job, step), isCurrent),
            list_);
        if (isCurrent) {
            QFont bold = font();
            bold.setBold(true);
            item->setFont(bold);
            here = item;
        }
    }
    if (here)
        list_->scrollToItem(here, QAbstractItemView::PositionAtCenter);
    const auto open = std::count_if(steps.begin(), steps.end(),
                                    [&](const Step& step) { return stateOf(job, step) == StepState::Open; });
    QString next;
    bool passed = false;
    for (const Step& step : steps) {
        if (passed && stateOf(job, step) == StepState::Open) {
            next = tr("then: %1  ·  ").arg(stepWords(job, context_.session().derived(), step, units).title);
            break;
        }
        passed = passed || (current && *current == step);
    }
    const Quantiles minutes = minutesLeft(job, context_.session().derived());
    const QString time = wording::rangeText(std::ceil(minutes.p10), std::ceil(minutes.p90));
    const QString left = tr("%1 steps left, about %2 min").arg(open).arg(time);
    left_->setTexts({next + left, left, tr("%1 steps, %2 min").arg(open).arg(time), tr("%1 min").arg(time)});
}

void JobPage::refreshHazards() {
    const Hazards hazards = hazardsOf(context_.session().job());
    for (std::size_t h = 0; h < hazards_.size(); ++h)
        hazards_[h]->setVisible(hazards.has(static_cast<Hazard>(h)));
}

bool JobPage::eventFilter(QObject* watched, QEvent* event) {
    if (watched != reason_ || event->type() != QEvent::KeyPress)
        return QWidget::eventFilter(watched, event);
    const int key = static_cast<QKeyEvent*>(event)->key();
    // Taken here, for a line edit hands Enter on to the page, where it means "done".
    if (key == Qt::Key_Return || key == Qt::Key_Enter) {
        say(asked_, reason_->text());
        return true;
    }
    if (key == Qt::Key_Escape) {
        ask_->hide();
        takeFocus();
        return true;
    }
    return QWidget::eventFilter(watched, event);
}

void JobPage::keyPressEvent(QKeyEvent* event) {
    const bool enter = event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter;
    if (enter && step_->hasFieldFocus()) {
        takeFocus(); // Enter ends the field, not the step
        return;
    }
    switch (event->key()) {
    case Qt::Key_Space:
    case Qt::Key_Return:
    case Qt::Key_Enter:
    case Qt::Key_PageDown:
        say(WorkEvent::Done);
        return;
    case Qt::Key_PageUp:
    case Qt::Key_Backspace:
        say(WorkEvent::Back);
        return;
    case Qt::Key_B:
        Q_EMIT benchWanted();
        return;
    default:
        QWidget::keyPressEvent(event);
    }
}

} // namespace flenzo
