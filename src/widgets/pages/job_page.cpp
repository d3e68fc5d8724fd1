// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/pages/job_page.h"

#include "domain/base/faults.h"
#include "domain/base/moment.h"
#include "widgets/controls/fitting_label.h"
#include "widgets/controls/phase_path.h"
#include "widgets/controls/photo_strip.h"
#include "widgets/controls/quiet_scroll_bar.h"
#include "widgets/controls/step_list.h"
#include "widgets/forms/string_form.h"
#include "widgets/look.h"
#include "widgets/pages/bench_page.h"
#include "widgets/pages/bench_views.h"
#include "widgets/pages/listen_bar.h"
#include "widgets/pages/rig_page.h"
#include "widgets/pages/step_panel.h"
#include "widgets/text/step_words.h"
#include "widgets/text/wording.h"

#include <QBoxLayout>
#include <QFrame>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QMenu>
#include <QPushButton>
#include <QScrollArea>
#include <QScrollBar>
#include <QStackedWidget>
#include <QStyle>
#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

constexpr double narrowWidth = 58.0; ///< in base sizes: below it the bar is in two rows

} // namespace

JobPage::JobPage(AppContext& context, QWidget* parent) : Page(context, parent) {
    setFocusPolicy(Qt::StrongFocus);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(8, 4, 8, 8);
    column->setSpacing(8);
    column->addWidget(buildTop());
    auto* row = new QHBoxLayout;
    row->setSpacing(8);
    work_ = new QStackedWidget(this);
    panel_ = new QFrame(this);
    panel_->setProperty("panel", true);
    auto* inPanel = new QVBoxLayout(panel_);
    inPanel->setContentsMargins(0, 0, 0, 0);
    step_ = new StepPanel(context_, panel_);
    inPanel->addWidget(step_);
    bench_ = new BenchPage(context_, this);
    listen_ = new ListenBar(context_, bench_);
    bench_->holdListenBar(listen_);
    connect(&listen_->listening(), &Listening::changed, this, [this] {
        if (!listen_->listening().isOn() && !listen_->listening().isWanted())
            listen_->hide();
    });
    work_->addWidget(panel_);
    work_->addWidget(bench_);
    figures_ = new QScrollArea(this);
    figures_->setObjectName(QStringLiteral("figures"));
    figures_->setWidgetResizable(true);
    figures_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    figures_->setVerticalScrollBar(new QuietScrollBar(figures_));
    figures_->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOn);
    figures_->setFocusPolicy(Qt::NoFocus);
    figures_->hide();
    row->addWidget(work_, 3);
    row->addWidget(figures_, 2);
    column->addLayout(row, 1);
    column->addWidget(buildAsk());
    list_ = new StepList(this);
    bottom_ = new QHBoxLayout;
    bottom_->setSpacing(8);
    bottom_->addWidget(list_, 1);
    bottom_->addWidget(buildButtons(), 0, Qt::AlignRight);
    column->addLayout(bottom_);
    connect(list_, &StepList::picked, this, &JobPage::look);
    connect(step_, &StepPanel::methodsToCompare, this, &JobPage::methodsToCompare);
    // Somebody who only looked at the bench from another step has not done that step.
    connect(bench_, &BenchPage::actIsOver, this, [this] {
        current_&& isBenchWork(context_.session().job(), current_->id) ? say(WorkEvent::Done) : goToWork();
    });
    connect(bench_, &BenchPage::stepBackWanted, this, [this] { say(WorkEvent::Back); });
    connect(bench_, &BenchPage::leaveWanted, this, &JobPage::goToWork);
    connect(step_, &StepPanel::soakWanted, clock_, &StepClock::soak);
    connect(clock_, &StepClock::soaking, step_, &StepPanel::showSoak);
    connect(clock_, &StepClock::soakIsOver, this, [this] { context_.say(tr("The time is up.")); });
    connect(&context_.session(), &Session::remainingChanged, this, &JobPage::refreshWhenSeen);
    connect(&context_.session(), &Session::started, this, [this] { leftIsKnown_ = false; }); // of another job
}

QWidget* JobPage::buildTop() {
    auto* top = new QWidget(this);
    auto* row = new QHBoxLayout(top);
    row->setContentsMargins(0, 0, 0, 0);
    path_ = new PhasePath(top);
    row->addWidget(path_, 5);
    left_ = new FittingLabel(top);
    left_->setObjectName(QStringLiteral("stepsLeft"));
    setVoice(left_, TextRole::Small);
    left_->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
    row->addWidget(left_, 2);
    clock_ = new StepClock(top);
    row->addWidget(clock_);
    connect(path_, &PhasePath::picked, this, &JobPage::lookAtPhase);
    return top;
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
    auto* goOn = new QPushButton(tr("Continue  (Enter)"), ask_);
    goOn->setObjectName(QStringLiteral("reasonGiven"));
    auto* leave = new QPushButton(tr("Cancel  (Esc)"), ask_);
    row->addWidget(question_, 2);
    row->addWidget(reason_, 2);
    row->addWidget(goOn);
    row->addWidget(leave);
    connect(goOn, &QPushButton::clicked, this, [this] { say(asked_, reason_->text()); });
    connect(leave, &QPushButton::clicked, this, [this] {
        ask_->hide();
        takeFocus();
    });
    ask_->hide();
    return ask_;
}

/// One row: the way on and back, what else a step may want, or a menu of it where there is no room.
QWidget* JobPage::buildButtons() {
    auto* bar = new QWidget(this);
    bar->setSizePolicy(QSizePolicy::Maximum, QSizePolicy::Preferred);
    auto* row = new QHBoxLayout(bar);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(8);
    const auto button = [&](const QString& text, const char* name) {
        auto* made = new QPushButton(text, bar);
        made->setObjectName(QLatin1String(name));
        made->setFocusPolicy(Qt::TabFocus);
        row->addWidget(made);
        return made;
    };
    toWork_ = button(tr("Back to the work  (Esc)"), "toWork");
    auto* before = button(tr("Back"), "stepBack");
    skip_ = button(tr("Skip…"), "stepSkip");
    note_ = button(tr("Note…"), "stepNote");
    photo_ = button(tr("Photo…"), "stepPhoto");
    auto* trouble = button(tr("Trouble?"), "stepFinder");
    trouble->setToolTip(tr("What went wrong? From what is seen to cause and remedy (F2)"));
    toBench_ = button(tr("Bench  (F6)"), "toBench");
    figuresButton_ = button(tr("Figures  (F4)"), "showFigures");
    figuresButton_->setCheckable(true);
    figuresButton_->setToolTip(tr("The guitar's figures, measured or assumed, beside any step"));
    spare_ = {note_, photo_, trouble, toBench_, figuresButton_};
    more_ = button(tr("More"), "stepMore");
    auto* menu = new QMenu(more_);
    more_->setMenu(menu);
    connect(menu, &QMenu::aboutToShow, this, [this, menu] {
        menu->clear();
        if (isTight_ && isAtBench())
            for (QPushButton* view : bench_->views().keys())
                menu->addAction(view->text(), view, &QPushButton::click);
        if (isTight_ && (isAtBench() || step_->hearing() || listen_->listening().isOn())) {
            menu->addAction(listen_->listening().isOn() ? tr("Stop listening  (F8)") : tr("Listen  (F8)"), listen_,
                            &ListenBar::toggle);
            listen_->menu()->setTitle(tr("More of listening"));
            menu->addMenu(listen_->menu());
        }
        for (QPushButton* spare : spare_)
            if (spare != toBench_ || benchKeyWanted_)
                menu->addAction(spare->text(), spare, &QPushButton::click)->setEnabled(spare->isEnabled());
    });
    done_ = new QPushButton(tr("Step done  (Space)"), step_);
    done_->setObjectName(QStringLiteral("stepDone"));
    done_->setFocusPolicy(Qt::TabFocus);
    done_->setProperty("primary", true);
    looking_ = label(TextRole::Small, step_, QStringLiteral("looking"));
    looking_->setText(tr("Only looking: the work is at another step."));
    looking_->setWordWrap(true); // a page that is not seen would keep the bench as wide as its one line
    step_->addToFoot(looking_);
    step_->addToFoot(done_);
    connect(done_, &QPushButton::clicked, this, [this] { say(WorkEvent::Done); });
    connect(toWork_, &QPushButton::clicked, this, &JobPage::goToWork);
    connect(before, &QPushButton::clicked, this, [this] { say(WorkEvent::Back); });
    connect(skip_, &QPushButton::clicked, this, [this] { ask(WorkEvent::Skip, tr("Why is this step skipped?")); });
    connect(note_, &QPushButton::clicked, this, [this] { ask(WorkEvent::Note, tr("Note to this step")); });
    connect(photo_, &QPushButton::clicked, this, &JobPage::takePhoto);
    connect(trouble, &QPushButton::clicked, this, &JobPage::troubleshootingWanted);
    connect(toBench_, &QPushButton::clicked, this, [this] { isAtBench() ? goToWork() : showBench(); });
    connect(figuresButton_, &QPushButton::clicked, this, &JobPage::showFigures);
    return bar;
}

void JobPage::focusWork() {
    step_->focusWork();
}

void JobPage::takeFocus() {
    isAtBench() ? bench_->takeFocus() : setFocus();
}

bool JobPage::isAtBench() const {
    return work_->currentWidget() == bench_;
}

std::optional<Step> JobPage::shownStep() const {
    return looked_ ? looked_ : currentStep(context_.session().job(), context_.session().derived());
}

JobPage::View JobPage::view() const {
    return {looked_, benchWanted_, figuresShown(), clock_->times()};
}

void JobPage::goOnFrom(const View& view) {
    refresh(); // a page that is new begins at the step where the work is
    looked_ = view.looked;
    benchWanted_ = view.benchWanted;
    showFigures(view.figures);
    clock_->goOnFrom(view.times);
    refresh();
}

void JobPage::look(const Step& step) {
    benchWanted_ = false;
    ask_->hide(); // what was asked belongs to the step that was seen
    looked_ = step;
    if (step == currentStep(context_.session().job(), context_.session().derived()))
        looked_.reset();
    refresh();
    takeFocus();
}

void JobPage::lookAt(StepId step) {
    for (const Step& each : stepsOf(context_.session().job()))
        if (each.id == step) {
            look(each);
            return;
        }
}

/// The first step of it that is open, else its first.
void JobPage::lookAtPhase(Phase phase) {
    const Progress progress = progressOf(context_.session().job(), context_.session().derived());
    std::optional<Step> first;
    for (qsizetype k = 0; k < progress.steps.size(); ++k)
        if (progress.phases[k] == phase) {
            if (progress.states[k] == StepState::Open) {
                first = progress.steps[k];
                break;
            }
            first = first ? first : progress.steps[k];
        }
    if (first)
        look(*first);
}

void JobPage::lookBeside(int by) {
    const QList<Step> steps = stepsOf(context_.session().job());
    const auto shown = shownStep();
    const qsizetype at = shown ? steps.indexOf(*shown) : steps.size();
    look(steps[std::clamp<qsizetype>(at + by, 0, steps.size() - 1)]);
}

void JobPage::showBench() {
    benchWanted_ = true;
    looked_.reset();
    refresh();
    takeFocus();
}

void JobPage::goToWork() {
    benchWanted_ = false;
    looked_.reset();
    refresh();
    takeFocus();
}

void JobPage::confirm() {
    isAtBench() ? bench_->confirm() : say(WorkEvent::Done);
}

void JobPage::showFigures(bool shown) {
    if (shown && !figures_->widget())
        figures_->setWidget(new RigPage(context_, figures_->viewport()));
    figures_->setVisible(shown);
    figuresButton_->setChecked(shown);
    arrange();
    if (!shown)
        takeFocus();
}

bool JobPage::figuresShown() const {
    return !figures_->isHidden();
}

/// On a narrow page the figures take the place of the work until they are closed.
void JobPage::arrange() {
    const double base = basePixels(context_.preferences());
    // What there is to see of the page, which can be less than the page is wide.
    const double room = (parentWidget() ? parentWidget()->width() : width()) / base;
    // As wide as what is in it, so that no figure is cut.
    if (const QWidget* inside = figures_->widget())
        figures_->setMinimumWidth(
            std::max(static_cast<int>(18.0 * base),
                     inside->minimumSizeHint().width() + figures_->verticalScrollBar()->sizeHint().width() + 4));
    isTight_ = !isBig_ && isLow(*this, context_.preferences());
    bench_->setTight(isTight_);
    listen_->setTight(isTight_);
    bench_->setDrawer(figuresShown());
    fitBar();
    work_->setVisible(!(figuresShown() && room < 76.0));
    constexpr double leastForPath = 25.0; // in base sizes; below it the work needs the height
    path_->setVisible(window()->height() > leastForPath * base);
    left_->setVisible(room > 50.0);
    clock_->setVisible(room > 42.0);
}

void JobPage::resizeEvent(QResizeEvent* event) {
    Page::resizeEvent(event);
    arrange();
}

/// Steps and buttons share one row; where the buttons would take too much of it, what is seldom wanted is in a menu.
void JobPage::fitBar() {
    constexpr double mostOfIt = 0.62;
    int wide = skip_->sizeHint().width() * 2; // with the one before it
    for (const QPushButton* spare : spare_)
        wide += spare->sizeHint().width() + bottom_->spacing();
    const int room = std::min(width(), parentWidget() ? parentWidget()->width() : width());
    const bool compact = isTight_ || wide > mostOfIt * room;
    for (QPushButton* spare : spare_)
        spare->setVisible(!compact && (spare != toBench_ || benchKeyWanted_));
    more_->setVisible(compact);
    list_->setVisible(!isBig_ && !isTight_);
    bottom_->activate();
    list_->fit();
}

void JobPage::setBig(bool big) {
    isBig_ = big;
    arrange();
    step_->setBig(big);
    bench_->setBig(big);
}

void JobPage::say(WorkEvent event, const QString& text) {
    if (looked_ && event == WorkEvent::Done)
        return goToWork(); // nothing is done by looking
    Session& session = context_.session();
    const QString now = nowText();
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
    if (event != WorkEvent::Note && event != WorkEvent::Photo) {
        looked_.reset();
        benchWanted_ = false;
        refreshWhenSeen();
    }
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
    if (figures_->isAncestorOf(focusWidget())) {
        QWidget::keyPressEvent(event); // a figure that was typed is no step that is done
        return;
    }
    const bool enter = event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter;
    if (enter && step_->hasFieldFocus()) {
        takeFocus(); // Enter ends the field, not the step
        return;
    }
    if (event->modifiers().testFlag(Qt::AltModifier)) {
        QWidget::keyPressEvent(event);
        return;
    }
    if (event->key() >= Qt::Key_0 && event->key() <= Qt::Key_9) {
        const int digit = event->key() - Qt::Key_0;
        if (const auto string = stringNamed(context_.session().job().rig, std::to_string(digit == 0 ? 10 : digit)))
            step_->tickString(*string);
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
    case Qt::Key_Escape:
        goToWork();
        return;
    case Qt::Key_Left:
        lookBeside(-1);
        return;
    case Qt::Key_Right:
        lookBeside(1);
        return;
    default:
        QWidget::keyPressEvent(event);
    }
}

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
    done_->setVisible(!looked_); // the bench has a key of its own, which knows whether a reading is missing
    for (QWidget* seen : {static_cast<QWidget*>(toWork_), static_cast<QWidget*>(looking_)})
        seen->setVisible(looked_.has_value());
    refreshPath(progress);
    refreshList(progress);
    refreshLeft(progress);
    done_->setEnabled(current.has_value());
    // They go to the step the work is at, which is not the one that is seen.
    for (QPushButton* button : {skip_, note_, photo_})
        button->setEnabled(!looked_ && current.has_value());
    toBench_->setText(bench && benchWanted_ ? tr("Step  (F6)") : tr("Bench  (F6)"));
    benchKeyWanted_ = benchWanted_ || !bench;
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
    StringForm* form = bench ? nullptr : step_->hearing();
    const bool strings = form || (shown && shown->id == StepId::Settle);
    const bool isOn = listen_->listening().isOn(); // what listens can be seen and stopped at every step
    if (bench)
        bench_->holdListenBar(listen_);
    else if ((strings || isOn) && listen_->parentWidget() != panel_)
        panel_->layout()->addWidget(listen_);
    const int aside = bench ? 0 : 12;
    listen_->setContentsMargins(aside, 0, aside, aside / 2);
    listen_->setVisible(bench || strings || isOn);
    listen_->setNarrow(!bench && width() < narrowWidth * basePixels(context_.preferences()));
    listen_->setForm(form);
    listen_->listening().attend(bench || strings); // elsewhere nobody sees what would be taken
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

void JobPage::refreshList(const Progress& progress) {
    list_->showSteps(progress, looked_, [this](const Step& step) {
        return stepWords(context_.session().job(), context_.session().derived(), step, context_.preferences().units)
            .title;
    });
}

void JobPage::refreshLeft(const Progress& progress) {
    const Derived& derived = context_.session().derived();
    const bool known = derived.remaining || progress.open() == 0 || derived.next().what == NextAct::Do::Done;
    setDrawn(left_, Drawn::Stale, !known && leftIsKnown_);
    if (!known && leftIsKnown_)
        return; // the last value, until it is worked out
    leftIsKnown_ = known;
    const Quantiles minutes = minutesLeft(context_.session().job(), derived);
    const QString time = wording::rangeText(std::ceil(minutes.p10), std::ceil(minutes.p90));
    const auto open = progress.open();
    left_->setTexts(open > 0 ? QStringList{tr("%1 steps, about %2 min left").arg(open).arg(time),
                                           tr("%1 steps, %2 min").arg(open).arg(time), tr("%1 min").arg(time)}
                             : QStringList{tr("job finished")});
}

} // namespace flenzo
