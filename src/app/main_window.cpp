// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/main_window.h"

#include "core/statics/readings.h"
#include "domain/work/warnings.h"
#include "store/files.h"
#include "widgets/look.h"
#include "widgets/pages/job_page.h"
#include "widgets/pages/practice_page.h"
#include "widgets/pages/shop_page.h"
#include "widgets/text/step_words.h"

#include <QBoxLayout>
#include <QCloseEvent>
#include <QFileInfo>
#include <QLabel>
#include <QPushButton>
#include <QStackedWidget>
#include <QStandardPaths>
#include <QStyle>
#include <QToolButton>
#include <algorithm>
#include <utility>

namespace flenzo {

ShellPaths defaultPaths() {
    const QString data = QStandardPaths::writableLocation(QStandardPaths::AppDataLocation);
    const QString config = QStandardPaths::writableLocation(QStandardPaths::AppConfigLocation);
    return {data + QStringLiteral("/recovery"), config + QStringLiteral("/flenzo.ini"),
            data + QStringLiteral("/own-catalogue.json"), data + QStringLiteral("/shop.flenzo-logbook")};
}

MainWindow::MainWindow(const ShellPaths& paths, Catalogue catalogue)
    : paths_(paths), session_(paths.recoveryFolder),
      context_(new AppContext(session_, bench_, std::move(catalogue), paths.ownCatalogueFile, this)) {
    context_->setPreferences(loadPreferences(paths_.settingsFile));
    applyLook(context_->preferences());
    build();
    listenToSession();
    listenToBenches();
    connect(context_, &AppContext::said, this, &MainWindow::showMessage);
    context_->askBeforeLeaving([this] { return leaveJob(); });
    connect(context_, &AppContext::preferencesChanged, this, [this] {
        savePreferences(paths_.settingsFile, context_->preferences());
        refresh();
    });
    resize(1280, 800);
    showPage(Work);
    context_->sayWhatWasFound();
}

MainWindow::~MainWindow() {
    // Its undo stack speaks once more when it goes.
    reaching_.cancel();
    reaching_.waitForFinished();
    session_.undoStack().disconnect(this);
    session_.disconnect(this);
    takeDown();
}

void MainWindow::listenToSession() {
    // A message goes with the next change of the job, not with the answer to the last one, which may come after it.
    connect(&session_, &Session::deriving, this, [this] {
        answerAwaited_ = true;
        messageFrame_->hide();
    });
    connect(&session_, &Session::changed, this, [this] {
        if (!std::exchange(answerAwaited_, false))
            messageFrame_->hide();
        refresh();
    });
    connect(&session_, &Session::identityChanged, this, &MainWindow::refreshTitle);
    // A command shows its job before the stack has moved on, so what can be undone is known only now.
    connect(&session_.undoStack(), &QUndoStack::indexChanged, this, [this] { actions_->refresh(); });
    connect(&session_, &Session::notKept, this,
            [this](const Fault& fault) { showMessage(sentence(shopName(), fault), true); });
}

void MainWindow::offerRecovery() {
    leftover_ = session_.recovery().leftover();
    banner_->setVisible(leftover_.has_value());
    if (leftover_)
        banner_->findChild<QLabel*>(QStringLiteral("recoveryText"))
            ->setText((leftover_->place
                           ? tr("\"%1\" was changed while the server was away, and waits here. Entries in its log: %2.")
                           : tr("The program ended unexpectedly with \"%1\" open. Entries in its log: %2."))
                          .arg(leftover_->job.guitar)
                          .arg(leftover_->job.log.size()));
}

void MainWindow::showPage(Page page) {
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

QString MainWindow::titleOf(const Job& job) {
    return job.guitar.isEmpty() ? tr("New guitar") : job.guitar;
}

void MainWindow::refresh() {
    const Job& job = session_.job();
    // An empty shop has no guitar yet to speak of.
    const bool nothing = session_.logbook() && !session_.isKept() && session_.path().isEmpty() && job.log.empty() &&
                         job.work.records.isEmpty();
    guitar_->setText(nothing ? QString() : titleOf(job));
    story_->setText(job.story);
    story_->setToolTip(job.story);
    simulated_->setVisible(job.simulatedSeed.has_value());
    simulated_->setText(tr("simulated guitar"));
    refreshHazards();
    constexpr double largeText = 1.5;
    headRows_->setDirection(context_->preferences().textScale >= largeText ? QBoxLayout::TopToBottom
                                                                           : QBoxLayout::LeftToRight);
    refreshTitle();
}

void MainWindow::refreshBenches() {
    away_->setVisible(session_.isAway());
    away_->setText(session_.conflict() ? tr("Two versions: compare") : tr("Server away: kept here"));
    away_->setToolTip(session_.conflict() ? tr("Another bench changed this job too; say which one goes on")
                                          : tr("What is entered is kept on this machine; press to try the server now"));
}

/// One strip for all that can hurt, wherever one is.
void MainWindow::refreshHazards() {
    refreshBenches();
    const Hazards hazards = hazardsOf(session_.job(), session_.derived());
    const TrackedState& now = session_.derived().now();
    // Until a new string sounds the old set is on.
    const bool sounds = std::find(now.everRead.begin(), now.everRead.end(), true) != now.everRead.end();
    double pull_N = sounds ? 0.0 : session_.derived().report.sumBefore_N;
    if (sounds)
        for (const double tension_N : tensions_N(session_.derived().rig(), now.state))
            pull_N += tension_N;
    for (std::size_t h = 0; h < hazards_.size(); ++h) {
        const auto hazard = static_cast<Hazard>(h);
        // The model hears of strings only when they are read; the steps know that they are off.
        const bool pulls = hazard == Hazard::TensionOn && pull_N > 0.0;
        hazards_[h]->setText(
            pulls ? tr("%1, %2").arg(hazardWords(hazard), forceText(pull_N, context_->preferences().units))
                  : hazardWords(hazard));
        // Caps off and unlocked are one thing to whoever looks.
        const bool said = hazard == Hazard::Unlocked && hazards.has(Hazard::CapsOff);
        hazards_[h]->setVisible(hazards.has(hazard) && !said && !guitar_->text().isEmpty() && !isPractising());
    }
}

/// What the job is called and where it is kept; needs nothing that is worked out.
void MainWindow::refreshTitle() {
    const QString name = titleOf(session_.job());
    const QString file =
        session_.path().isEmpty() ? QString() : QStringLiteral(", ") + QFileInfo(session_.path()).fileName();
    setWindowTitle(
        QStringLiteral("%1%2%3 – Flenzo").arg(name, file, session_.isModified() ? tr(", not saved") : QString()));
    if (session_.logbook() && session_.logbook()->readOnly())
        setWindowTitle(windowTitle() + tr(" (read only)"));
    if (actions_)
        actions_->refresh();
}

void MainWindow::showMessage(const QString& sentence, bool complaint) {
    message_->setText(sentence);
    messageFrame_->setProperty("alarm", complaint);
    messageFrame_->style()->polish(messageFrame_);
    messageFrame_->show();
}

QString MainWindow::message() const {
    return messageFrame_->isHidden() ? QString() : message_->text();
}

void MainWindow::closeEvent(QCloseEvent* event) {
    if (!leaveJob()) {
        event->ignore();
        return;
    }
    if (!session_.isAway())
        session_.recovery().clear();
    event->accept();
}

void MainWindow::change(const std::function<void(Preferences&)>& change) {
    Preferences preferences = context_->preferences();
    change(preferences);
    if (preferences == context_->preferences())
        return;
    applyLook(preferences);
    context_->setPreferences(preferences);
    refreshRecent();
}

} // namespace flenzo
