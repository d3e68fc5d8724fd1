// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/job_page.h"

#include "paint/section.h"
#include "paint/step_diagram.h"
#include "session/work/schools.h"
#include "widgets/look.h"
#include "widgets/scene_view.h"
#include "widgets/step_forms.h"
#include "widgets/step_words.h"

#include <QBoxLayout>
#include <QDateTime>
#include <QFileDialog>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QScrollArea>
#include <QSet>
#include <QStyle>
#include <QTimer>
#include <cmath>

namespace flenzo {

namespace {

bool isForBench(StepId step) {
    return step == StepId::RoughTune || step == StepId::Settle || step == StepId::Level || step == StepId::Tune ||
           step == StepId::FineTune || step == StepId::Checks;
}

/// Which picture a step of this guitar has.
std::optional<Diagram> diagramOf(const Job& job, StepId step) {
    const bool claw = hasClaw(job.rig);
    switch (step) {
    case StepId::Wind:
    case StepId::SwapString:
        if (job.card.headstock == Headstock::None)
            return std::nullopt;
        return job.card.headstock == Headstock::Split ? Diagram::Split : Diagram::OneSide;
    case StepId::Thread:
        return job.card.retainerBar && job.rig.strings.size() > 2 ? std::optional(Diagram::Bar) : std::nullopt;
    case StepId::CapsOff:
    case StepId::Lock:
        return job.card.nut == Nut::Caps ? std::optional(Diagram::Caps) : std::nullopt;
    case StepId::Seat:
    case StepId::TakeOut:
        return claw && (job.rig.bridge.form == Form::DoubleLocking || job.rig.bridge.form == Form::DoubleLockingFlush)
                   ? std::optional(Diagram::Clamp)
                   : std::nullopt;
    case StepId::CoverOff:
    case StepId::Level:
        return claw ? std::optional(Diagram::Claw) : std::nullopt;
    default:
        return std::nullopt;
    }
}

QString stepLine(const QString& title, StepState state, bool current) {
    const QString mark = current                       ? QStringLiteral("\u25b8  ")
                         : state == StepState::Done    ? QStringLiteral("\u2713  ")
                         : state == StepState::Skipped ? QStringLiteral("\u2013  ")
                                                       : QStringLiteral("     ");
    return mark + title;
}

void showText(QLabel* label, const QString& text) {
    label->setText(text);
    label->setVisible(!text.isEmpty());
}

} // namespace

JobPage::JobPage(Desk& desk, QWidget* parent) : QWidget(parent), desk_(desk), timer_(new QTimer(this)) {
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
        top->addWidget(chip);
        hazards_.push_back(chip);
    }
    left_ = label(Voice::Small, this, QStringLiteral("stepsLeft"));
    left_->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
    left_->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
    top->addWidget(left_, 1);
    clock_ = label(Voice::Small, this, QStringLiteral("stepClock"));
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
    row->addWidget(buildStep(), 76);
    column->addLayout(row, 1);
    column->addWidget(buildAsk());
    column->addWidget(buildButtons());
    timer_->setInterval(1000);
    connect(timer_, &QTimer::timeout, this, &JobPage::tick);
    connect(&desk_.session(), &Session::changed, this, &JobPage::refresh);
    connect(&desk_, &Desk::preferencesChanged, this, &JobPage::refresh);
    since_.start();
    refresh();
}

QWidget* JobPage::buildStep() {
    auto* panel = new QFrame(this);
    panel->setProperty("panel", true);
    auto* outer = new QVBoxLayout(panel);
    outer->setContentsMargins(2, 2, 2, 2);
    auto* scroll = new QScrollArea(panel);
    scroll->setWidgetResizable(true);
    scroll->setFocusPolicy(Qt::NoFocus);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    auto* inside = new QWidget(scroll);
    auto* column = new QVBoxLayout(inside);
    column->setContentsMargins(20, 12, 20, 12);
    column->setSpacing(8);
    const auto line = [&](Voice voice, const char* name) {
        QLabel* made = label(voice, inside, QLatin1String(name));
        made->setWordWrap(true);
        column->addWidget(made);
        return made;
    };
    phase_ = line(Voice::Small, "phase");
    act_ = line(Voice::Act, "stepAct");
    why_ = line(Voice::Body, "stepWhy");
    figures_ = line(Voice::Heading, "stepFigures");
    tools_ = line(Voice::Body, "stepTools");
    caution_ = line(Voice::Warn, "stepCaution");
    doneWhen_ = line(Voice::Good, "stepDoneWhen");
    formPlace_ = new QVBoxLayout;
    column->addLayout(formPlace_);
    picture_ = new SceneView(inside);
    picture_->setObjectName(QStringLiteral("stepPicture"));
    picture_->setMinimumHeight(220);
    column->addWidget(picture_, 1);
    column->addStretch();
    scroll->setWidget(inside);
    inside->setAutoFillBackground(false);
    scroll->viewport()->setAutoFillBackground(false);
    outer->addWidget(scroll);
    return panel;
}

QWidget* JobPage::buildAsk() {
    ask_ = new QFrame(this);
    ask_->setObjectName(QStringLiteral("message"));
    auto* row = new QHBoxLayout(ask_);
    row->setContentsMargins(14, 6, 8, 6);
    question_ = label(Voice::Body, ask_, QStringLiteral("question"));
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
    auto* finder = button(tr("Trouble?"), "stepFinder");
    finder->setToolTip(tr("What went wrong? From what is seen to cause and remedy (F2)"));
    row->addStretch();
    connect(done_, &QPushButton::clicked, this, [this] { say(WorkEvent::Done); });
    connect(bench_, &QPushButton::clicked, this, &JobPage::benchWanted);
    connect(before, &QPushButton::clicked, this, [this] { say(WorkEvent::Back); });
    connect(skip, &QPushButton::clicked, this, [this] { ask(WorkEvent::Skip, tr("Why is this step skipped?")); });
    connect(note, &QPushButton::clicked, this, [this] { ask(WorkEvent::Note, tr("Note to this step")); });
    connect(photo, &QPushButton::clicked, this, &JobPage::takePhoto);
    connect(finder, &QPushButton::clicked, this, &JobPage::finderWanted);
    return bar;
}

void JobPage::takeFocus() {
    setFocus();
}

void JobPage::setBig(bool big) {
    big_ = big;
    list_->setVisible(!big);
    act_->setProperty("big", big);
    figures_->setProperty("big", big);
    for (QLabel* words : {act_, figures_}) {
        words->style()->unpolish(words);
        words->style()->polish(words);
    }
    refresh();
}

void JobPage::say(WorkEvent event, const QString& text) {
    Session& session = desk_.session();
    const QString now = QDateTime::currentDateTime().toString(Qt::ISODate);
    std::optional<Fault> fault;
    const auto change = [&](Job& job) { fault = apply(job, session.derived(), event, text, now); };
    const auto refused = session.edit(tr("step"), change);
    if (fault && fault->field == "warning" && event == WorkEvent::Done) {
        ask(WorkEvent::Overrule,
            QString::fromStdString(fault->what) + QLatin1Char(' ') + tr("To go on all the same, say why:"));
        return;
    }
    if (!desk_.accept(fault ? fault : refused))
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
    const QString file =
        QFileDialog::getOpenFileName(this, tr("Photo to this step"), QString(), tr("Pictures (*.png *.jpg *.jpeg)"));
    if (!file.isEmpty())
        say(WorkEvent::Photo, file);
}

void JobPage::refresh() {
    const Job& job = desk_.session().job();
    const QList<Step> steps = stepsOf(job);
    const std::optional<Step> current = currentStep(job);
    refreshList(steps, current);
    refreshHazards();
    refreshWords(current);
    refreshForm(current);
    refreshPicture(current);
}

void JobPage::refreshPicture(const std::optional<Step>& current) {
    const Job& job = desk_.session().job();
    const StepId id = current ? current->id : StepId::HandOver;
    const bool section = id == StepId::BlockIn || id == StepId::BlockOut || id == StepId::Checks;
    const std::optional<Diagram> diagram = diagramOf(job, id);
    picture_->setVisible(section || diagram);
    if (diagram)
        picture_->show(
            [this, kind = *diagram](const QSizeF& size) {
                const Job& drawn = desk_.session().job();
                return buildStepDiagram(kind, drawn.rig, drawn.card.leftHanded, size, desk_.preferences().textScale);
            },
            desk_.preferences().theme());
    else if (section)
        picture_->show(
            [this](const QSizeF& size) {
                const Session& session = desk_.session();
                const Standing& now = session.derived().now();
                return buildSection({session.derived().rig(), now.state, session.job().goal, desk_.preferences().units,
                                     now.gapMeasured, desk_.preferences().textScale},
                                    size);
            },
            desk_.preferences().theme());
}

void JobPage::refreshList(const QList<Step>& steps, const std::optional<Step>& current) {
    const Job& job = desk_.session().job();
    const Units& units = desk_.preferences().units;
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
            stepLine(stepWords(job, desk_.session().derived(), step, units).title, stateOf(job, step), isCurrent),
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
            next = tr("then: %1  ·  ").arg(stepWords(job, desk_.session().derived(), step, units).title);
            break;
        }
        passed = passed || (current && *current == step);
    }
    left_->setText(next + tr("%1 steps left, about %2 min")
                              .arg(open)
                              .arg(std::ceil(minutesLeft(job, desk_.session().derived())), 0, 'f', 0));
}

void JobPage::refreshHazards() {
    const Hazards hazards = hazardsOf(desk_.session().job());
    for (std::size_t h = 0; h < hazards_.size(); ++h)
        hazards_[h]->setVisible(hazards.has(static_cast<Hazard>(h)));
}

void JobPage::refreshWords(const std::optional<Step>& current) {
    const Job& job = desk_.session().job();
    StepWords words;
    if (current)
        words = stepWords(job, desk_.session().derived(), *current, desk_.preferences().units);
    else
        words.act = tr("The job is through");
    showText(phase_, current ? phaseTitle(specOf(current->id).phase) : QString());
    act_->setText(words.act);
    showText(why_, big_ ? QString() : words.why);
    showText(figures_, words.figures);
    showText(tools_, words.tools.isEmpty() ? QString() : tr("Tools: %1").arg(words.tools));
    showText(caution_, words.caution);
    showText(doneWhen_, words.doneWhen.isEmpty() ? QString() : tr("Done when %1.").arg(words.doneWhen));
    done_->setEnabled(current.has_value());
    bench_->setVisible(current && isForBench(current->id));
}

void JobPage::refreshForm(const std::optional<Step>& current) {
    const QString name = current ? current->name() : QString();
    // What the ways cost depends on the ways chosen.
    const QString wanted = current && current->id == StepId::Plan ? name + houseOf(desk_.session().job()) : name;
    const QString identity = wanted + QString::number(desk_.session().keptAs().value_or(0));
    if (identity == formFor_)
        return;
    const bool sameStep = !name.isEmpty() && formFor_.startsWith(name);
    formFor_ = identity;
    const QString focused = form_ && focusWidget() ? focusWidget()->objectName() : QString();
    if (form_) {
        form_->hide();
        form_->deleteLater();
    }
    form_ = current ? stepForm(current->id, desk_, this) : nullptr;
    if (form_)
        formPlace_->addWidget(form_);
    if (sameStep) {
        if (QWidget* again = form_ && !focused.isEmpty() ? form_->findChild<QWidget*>(focused) : nullptr)
            again->setFocus();
        return;
    }
    since_.restart();
    tick();
    ask_->hide();
}

void JobPage::tick() {
    if (!timer_->isActive())
        timer_->start();
    const qint64 seconds = since_.elapsed() / 1000;
    clock_->setText(tr("this step %1:%2").arg(seconds / 60).arg(seconds % 60, 2, 10, QLatin1Char('0')));
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
    if (enter && form_ && form_->isAncestorOf(focusWidget())) {
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
