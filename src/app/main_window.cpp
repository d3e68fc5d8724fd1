// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/main_window.h"

#include "app/at_hand.h"

#include "app/guitar_acts.h"
#include "app/help_page.h"
#include "app/job_exchange.h"
#include "app/job_files.h"
#include "app/languages.h"
#include "app/message_bar.h"
#include "app/other_benches.h"
#include "app/recovery_banner.h"
#include "app/shop_place.h"
#include "app/window_head.h"
#include "domain/base/faults.h"
#include "domain/job/edits.h"
#include "domain/work/workflow.h"
#include "session/document/demo.h"
#include "session/document/demo_shop.h"
#include "session/models/pace.h"
#include "widgets/dialogs/troubleshooting_dialog.h"
#include "widgets/look.h"
#include "widgets/pages/job_page.h"
#include "widgets/pages/practice_page.h"
#include "widgets/pages/shop_page.h"

#include <QBoxLayout>
#include <QCloseEvent>
#include <QFileInfo>
#include <QMenuBar>
#include <QScreen>
#include <QScrollArea>
#include <QStackedWidget>
#include <QToolButton>
#include <utility>

namespace flenzo {

namespace {

/// Large text on a small screen wants more room than there is: a page then scrolls, and the window still fits.
QScrollArea* addArea(QStackedWidget* stack) {
    auto* area = new QScrollArea(stack);
    area->setWidgetResizable(true);
    area->setFocusPolicy(Qt::NoFocus);
    stack->addWidget(area);
    return area;
}

/// The page is made where it stays: put there afterwards, all that is on it would be styled a second time.
template <typename PageKind, typename... With> PageKind* makeIn(QScrollArea* area, With&&... with) {
    auto* page = new PageKind(std::forward<With>(with)..., area->viewport());
    area->setWidget(page);
    return page;
}

} // namespace

MainWindow::MainWindow(const ShellPaths& paths, Catalogue catalogue)
    : settingsFile_(paths.settingsFile), session_(paths.recoveryFolder),
      context_(new AppContext(session_, bench_, std::move(catalogue), paths.ownCatalogueFile, this)),
      files_(new JobFiles(*context_, this)), place_(new ShopPlace(paths, *context_, this)),
      others_(new OtherBenches(*context_, this)), exchange_(new JobExchange(*context_, this)),
      guitarActs_(new GuitarActs(*context_, this)), hand_(new AtHand(
                                                        *context_, [this] { return steps_; }, this)) {
    Preferences preferences = loadPreferences(settingsFile_);
    preferences.desktopScale = desktopTextScale();
    context_->setPreferences(preferences);
    applyType(context_->preferences());
    setFont({}); // the window itself was there before, and what is built takes its typeface from it
    build();
    applyLook(context_->preferences()); // all that is built at once; sooner, each part would be styled as it is added
    listenToSession();
    listenToShop();
    connect(context_, &AppContext::said, this,
            [this](const QString& sentence, bool complaint) { message_->say(sentence, complaint); });
    context_->askBeforeLeaving([this] { return files_->mayLeave(); });
    connect(context_, &AppContext::preferencesChanged, this, [this] {
        savePreferences(settingsFile_, context_->preferences());
        files_->fillRecent(*recent_);
        refresh();
    });
    resize(QSize(1280, 800).boundedTo(screen()->availableSize()));
    showPage(Work);
    context_->sayWhatWasFound();
}

MainWindow::~MainWindow() {
    session_.disconnect(this);
    delete hand_;
    takeDown();
    delete place_; // waits for a server, which nobody does any more
}

void MainWindow::build() {
    auto* centre = new QWidget(this);
    auto* column = new QVBoxLayout(centre);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    head_ = new WindowHead(*context_, centre);
    banner_ = new RecoveryBanner(*context_, centre);
    message_ = new MessageBar(centre);
    stack_ = new QStackedWidget(centre);
    shop_ = makeIn<ShopPage>(addArea(stack_), *context_);
    steps_ = makeIn<JobPage>(addArea(stack_), *context_);
    practiceArea_ = addArea(stack_);
    help_ = makeIn<HelpPage>(addArea(stack_));
    railPlace_ = buildRail();
    auto* row = new QHBoxLayout;
    row->setSpacing(0);
    row->addWidget(railPlace_);
    row->addWidget(stack_, 1);
    column->addWidget(head_);
    column->addWidget(new HandStrip(*hand_, centre));
    column->addWidget(banner_);
    column->addLayout(row, 1);
    column->addWidget(message_);
    setCentralWidget(centre);
    centre->show(); // where the window is seen already
    actions_ = std::make_unique<Actions>(this, specs());
    buildMenus();
    connectPages();
}

/// The pages read the session to the last, so they go before it.
void MainWindow::takeDown() {
    delete takeCentralWidget();
    practice_ = nullptr;
    delete std::exchange(finder_, nullptr);
    setMenuBar(nullptr);
    recent_ = nullptr;
    rail_.clear();
    actions_.reset();
}

void MainWindow::connectPages() {
    connect(head_, &WindowHead::conflictWanted, others_, &OtherBenches::showConflict);
    connect(banner_, &RecoveryBanner::restored, this, &MainWindow::showWork);
    connect(shop_, &ShopPage::jobOpened, this, &MainWindow::showWork);
    connect(shop_, &ShopPage::newGuitarWanted, this, &MainWindow::newGuitar);
    connect(shop_, &ShopPage::demoWanted, this, &MainWindow::stockWithDemo);
    connect(shop_, &ShopPage::trialWanted, this, &MainWindow::tryGuitar);
    connect(steps_, &JobPage::methodsToCompare, this, [this] {
        showPage(Practice);
        practice().showMethods();
    });
    connect(steps_, &JobPage::troubleshootingWanted, this, &MainWindow::showTroubleshooting);
}

/// Made when somebody first wants it: a start need not wait for what it does not show.
PracticePage& MainWindow::practice() {
    if (!practice_) {
        practice_ = makeIn<PracticePage>(practiceArea_, *context_, demoNames());
        connect(practice_, &PracticePage::practising, this, &MainWindow::refresh);
        connect(practice_, &PracticePage::guitarPicked, this, &MainWindow::openDemo);
    }
    return *practice_;
}

void MainWindow::listenToSession() {
    // A message goes with the next change of the job, not with the answer to the last one, which may come after it;
    // that to the job it begins with may come later still than why the shop did not open.
    answerAwaited_ = !session_.hasAnswer();
    connect(&session_, &Session::deriving, this, [this] {
        answerAwaited_ = true;
        message_->hide();
    });
    connect(&session_, &Session::changed, this, [this] {
        if (!std::exchange(answerAwaited_, false))
            message_->hide();
        refresh();
    });
    connect(&session_, &Session::identityChanged, this, &MainWindow::refreshTitle);
    // A command shows its job before the stack has moved on, so what can be undone is known only now.
    connect(&session_, &Session::undoMoved, this, [this] { actions_->refresh(); });
    connect(&session_, &Session::notKept, this,
            [this](const Fault& fault) { context_->complain(sentence(place_->name(), fault)); });
    connect(files_, &JobFiles::opened, this, &MainWindow::showWork);
    connect(hand_, &AtHand::brought, this, &MainWindow::showWork);
    connect(hand_, &AtHand::changed, this, [this] {
        if (actions_) // not while another language is learned
            actions_->refresh();
    });
}

void MainWindow::listenToShop() {
    connect(place_, &ShopPlace::opened, this, [this](bool goesOn) { goesOn ? showWork() : showPage(Shop); });
    connect(place_, &ShopPlace::changed, this, [this] {
        refresh();
        refreshShop();
    });
    connect(others_, &OtherBenches::changed, this, &MainWindow::refresh);
    connect(others_, &OtherBenches::cameBack, this, [this] {
        offerRecovery();
        refreshShop();
    });
    connect(others_, &OtherBenches::shopChanged, this, &MainWindow::refreshShop);
    connect(exchange_, &JobExchange::imported, this, &MainWindow::refreshShop);
}

QWidget* MainWindow::buildRail() {
    auto* rail = new QWidget(this);
    auto* column = new QVBoxLayout(rail);
    column->setContentsMargins(0, 8, 0, 8);
    column->setSpacing(2);
    const QString names[] = {tr("Shop"), tr("Job"), tr("Practice"), tr("Help")};
    for (int page = 0; page < PageCount; ++page) {
        auto* button = new QToolButton(rail);
        button->setText(names[page]);
        button->setObjectName(QStringLiteral("rail%1").arg(page));
        button->setAccessibleName(names[page]);
        button->setProperty("rail", true);
        button->setCheckable(true);
        button->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
        connect(button, &QToolButton::clicked, this, [this, page] { showPage(static_cast<Page>(page)); });
        column->addWidget(button);
        if (page == Practice)
            column->addStretch();
        rail_.push_back(button);
    }
    return rail;
}

void MainWindow::speak(const QString& language) {
    if (QWidget* typing = focusWidget())
        typing->clearFocus(); // so that what is typed there is taken
    context_->change([&](Preferences& preferences) { preferences.language = language; });
    const Page shown = page();
    const JobPage::View job = steps_->view();
    const auto practised = practice_ ? std::optional(practice_->view()) : std::nullopt;
    const QString tab = shop_->tab();
    const bool offers = !banner_->isHidden();
    takeDown();
    useLanguage(language);
    build();
    steps_->goOnFrom(job);
    if (practised)
        practice().goOnFrom(*practised);
    shop_->showTab(tab);
    if (offers)
        offerRecovery();
    showPage(shown);
}

void MainWindow::offerRecovery() {
    banner_->offer();
}

QString MainWindow::message() const {
    return message_->sentence();
}

void MainWindow::showPage(Page page) {
    if (page == Practice)
        practice();
    stack_->setCurrentIndex(page);
    for (int p = 0; p < PageCount; ++p)
        rail_[static_cast<std::size_t>(p)]->setChecked(p == page);
    if (page == Shop)
        shop_->takeFocus();
    else if (page == Work)
        steps_->takeFocus();
    refresh(); // what keys mean and what can hurt depends on it
}

void MainWindow::showWork() {
    showPage(Work);
    steps_->goToWork();
}

void MainWindow::showBench() {
    showPage(Work);
    steps_->showBench();
}

void MainWindow::lookAt(StepId step) {
    showPage(Work);
    steps_->lookAt(step);
}

void MainWindow::showFigures(bool shown) {
    showPage(Work);
    steps_->showFigures(shown);
}

MainWindow::Page MainWindow::page() const {
    return static_cast<Page>(stack_->currentIndex());
}

bool MainWindow::isPractising() const {
    return page() == Practice && practice_ && practice_->isPractising();
}

void MainWindow::refresh() {
    head_->refresh(isPractising());
    refreshTitle();
}

/// What the job is called and where it is kept; needs nothing that is worked out.
void MainWindow::refreshTitle() {
    const QString file =
        session_.path().isEmpty() ? QString() : QStringLiteral(", ") + QFileInfo(session_.path()).fileName();
    const QString state = session_.isModified() ? tr(", not saved") : QString();
    setWindowTitle(QStringLiteral("%1%2%3 – Flenzo").arg(WindowHead::titleOf(session_.job()), file, state));
    if (session_.logbook() && session_.logbook()->readOnly())
        setWindowTitle(windowTitle() + tr(" (read only)"));
    if (actions_)
        actions_->refresh();
}

void MainWindow::refreshShop() {
    if (shop_->isVisible()) // otherwise it reads when it is seen
        shop_->refresh();
}

void MainWindow::resizeEvent(QResizeEvent* event) {
    QMainWindow::resizeEvent(event);
    if (centralWidget())
        head_->fit();
}

void MainWindow::closeEvent(QCloseEvent* event) {
    if (!files_->mayLeave()) {
        event->ignore();
        return;
    }
    if (!session_.isAway())
        session_.recovery().clear();
    event->accept();
}

bool MainWindow::openFromDesktop(const QString& path) {
    if (path.endsWith(QLatin1String(".flenzo-exercise"), Qt::CaseInsensitive)) {
        showPage(Practice);
        return practice().openExercise(path);
    }
    if (!path.endsWith(QLatin1String(".flenzo-guitar"), Qt::CaseInsensitive) || !session_.logbook())
        return files_->open(path);
    showPage(Shop);
    return exchange_->importGuitar(path);
}

void MainWindow::openDemo(int index) {
    const Result<Job> job = demoJob(index);
    if (!job.ok()) {
        context_->complain(sentence(tr("demo"), job.fault()));
        return;
    }
    if (!context_->replaceJob([&](Unsaved unsaved) { return session_.start(job.value(), QString(), unsaved); }))
        return;
    showWork();
    if (session_.derived().next().what == NextAct::Do::Stuck)
        steps_->lookAt(StepId::Plan); // where the ways out are
}

void MainWindow::stockWithDemo() {
    const auto& book = session_.logbook();
    if (!book)
        return;
    const Result<int> count = book->jobCount();
    if (!count.ok() || count.value() > 0)
        return;
    if (!context_->accept(putDemoShop(*book, QDate::currentDate())))
        return;
    const Result<QList<JobRow>> rows = book->jobs({});
    if (rows.ok() && !rows.value().isEmpty() &&
        context_->replaceJob([&](Unsaved unsaved) { return session_.openKept(rows.value().first().id, unsaved); }))
        showWork();
}

void MainWindow::newGuitar() {
    Job job = firstJob(context_->catalogue());
    job.work.received = QDate::currentDate();
    if (!context_->replaceJob([&](Unsaved unsaved) { return begin(job, unsaved); }))
        return;
    showWork();
    steps_->focusWork();
}

void MainWindow::tryGuitar() {
    Job job = trialJob(context_->catalogue());
    job.work.received = QDate::currentDate();
    // Not as the shop does: it is to be short.
    const auto open = [&](Unsaved unsaved) {
        return session_.logbook() ? session_.addToLogbook(job, unsaved) : session_.start(job, QString(), unsaved);
    };
    if (!context_->replaceJob(open))
        return;
    showWork();
    context_->say(tr("This guitar answers by itself: press F9 and watch, or type readings of your own."));
}

std::optional<Fault> MainWindow::begin(Job job, Unsaved unsaved) {
    const ShopSays& says = context_->shopSays(this);
    const auto& book = session_.logbook();
    if (!book)
        return session_.start(job, QString(), unsaved);
    auto fault = beginAsTheShopDoes(job, *book, says);
    if (!fault)
        fault = session_.addToLogbook(job, unsaved);
    if (!fault || !fault->is(faults::serverAway))
        return fault;
    fault = session_.start(job, QString(), unsaved); // the bench goes on
    if (!fault)
        context_->complain(tr("The server does not answer. The job is open on this machine; put it into the shop later "
                              "with Job, Save in the shop."));
    return fault;
}

void MainWindow::showTroubleshooting() {
    if (!finder_)
        finder_ = new TroubleshootingDialog(*context_, this);
    const auto step = currentStep(session_.job(), session_.derived());
    finder_->showFor(step ? specOf(step->id).phase : Phase::HandOver);
}

void MainWindow::setBig(bool big) {
    isBig_ = big;
    steps_->setBig(big);
    railPlace_->setVisible(!big);
    menuBar()->setVisible(!big);
    setWindowState(big ? windowState() | Qt::WindowFullScreen : windowState() & ~Qt::WindowFullScreen);
    if (big)
        showPage(Work);
}

} // namespace flenzo
