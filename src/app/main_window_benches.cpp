// SPDX-License-Identifier: GPL-3.0-or-later
// A logbook that several benches share.
#include "app/main_window.h"
#include "app/stoppable_progress.h"

#include "domain/base/faults.h"
#include "store/logbook_copy.h"
#include "widgets/dialogs/conflict_dialog.h"
#include "widgets/dialogs/server_dialog.h"
#include "widgets/pages/shop_page.h"

#include <QFileInfo>
#include <QLocale>
#include <QtConcurrentRun>
#include <chrono>
#include <thread>

namespace flenzo {

namespace {

constexpr std::chrono::milliseconds notices{250}; ///< of other benches that are answered together
constexpr std::chrono::minutes clockSlack{2};     ///< by which clocks of one shop may differ

} // namespace

QString MainWindow::place() const {
    return paths_.server.isEmpty() ? paths_.logbookFile : paths_.server;
}

QString MainWindow::shopName() const {
    return withoutPassword(place());
}

QString MainWindow::backupStem() const {
    return paths_.server.isEmpty()
               ? paths_.logbookFile
               : QFileInfo(paths_.logbookFile).absolutePath() + QStringLiteral("/server.flenzo-logbook");
}

void MainWindow::listenToBenches() {
    connect(&session_, &Session::wentAway, this, [this](const Fault& fault) {
        showMessage(sentence(shopName(), fault), true);
        refresh();
    });
    connect(&session_, &Session::cameBack, this, [this] {
        showMessage(tr("The server is back, and has everything that was entered."), false);
        offerRecovery();
        refresh();
        shop_->refresh();
    });
    connect(&session_, &Session::changedElsewhere, this,
            [this] { showMessage(tr("Changed at another bench; shown as it is now. Undo begins anew."), false); });
    connect(&session_, &Session::removedElsewhere, this, [this] {
        showMessage(
            tr("This job was taken out at another bench. It is still open here: Job, Keep in the shop puts it back."),
            true);
        refresh();
    });
    connect(&session_, &Session::openElsewhere, this, [this] {
        showMessage(
            tr("Another bench has this job open too. Each sees what the other enters; agree who reads and turns."),
            false);
    });
    connect(&session_, &Session::conflicted, this, &MainWindow::showConflict);
    shopNotices_.setSingleShot(true);
    shopNotices_.setInterval(notices);
    connect(&session_, &Session::shopChanged, this, [this] { shopNotices_.start(); });
    connect(&shopNotices_, &QTimer::timeout, this, [this] {
        if (shop_->isVisible()) // otherwise it reads when it is seen
            shop_->refresh();
    });
    connect(&reaching_, &QFutureWatcher<bool>::finished, this, [this] {
        if (!session_.logbook() && reaching_.result())
            openShop();
        else if (!session_.logbook())
            waitForServer();
    });
}

void MainWindow::showConflict() {
    refresh();
    const auto* shown = findChild<ConflictDialog*>();
    if (!session_.conflict() || (shown && shown->isVisible()))
        return;
    auto* dialog = new ConflictDialog(*context_, this);
    connect(dialog, &QDialog::finished, this, &MainWindow::refresh);
    dialog->open();
}

/// The shop opens by itself once its server answers.
void MainWindow::waitForServer() {
    constexpr std::chrono::seconds pause{3};
    const QString address = paths_.server;
    reaching_.setFuture(QtConcurrent::run([address, pause](QPromise<bool>& answer) {
        for (int k = 0; k < static_cast<int>(pause / notices) && !answer.isCanceled(); ++k)
            std::this_thread::sleep_for(notices);
        answer.addResult(!answer.isCanceled() && serverAnswers(address));
    }));
}

std::optional<Fault> MainWindow::useServer(const ServerChoice& choice) {
    auto opened = Logbook::open(choice.address, choice.bench);
    if (!opened.ok())
        return opened.fault();
    if (!leaveJob())
        return Fault{faults::jobNotSaved, QStringLiteral("job")};
    if (choice.moves && session_.logbook())
        if (auto fault = moveShop(*session_.logbook(), *opened.value()))
            return fault;
    opened.value().reset();
    closeShop();
    paths_.server = choice.address;
    paths_.bench = choice.bench;
    change([&](Preferences& preferences) {
        preferences.server = withoutPassword(choice.address);
        preferences.bench = choice.bench;
    });
    openShop();
    shop_->refresh();
    return std::nullopt;
}

std::optional<Fault> MainWindow::moveShop(const Logbook& from, Logbook& to) {
    const Result<qint64> rows = rowsIn(from);
    if (!rows.ok())
        return rows.fault();
    StoppableProgress progress(tr("Moving the shop"), tr("Stop"), rows.value(), this);
    return copyLogbook(from, to, std::ref(progress));
}

void MainWindow::useOwnFile() {
    if (!leaveJob())
        return;
    closeShop();
    paths_.server.clear();
    change([](Preferences& preferences) { preferences.server.clear(); });
    openShop();
    shop_->refresh();
}

void MainWindow::chooseServer() {
    std::function<void()> leave;
    if (!paths_.server.isEmpty())
        leave = [this] { useOwnFile(); };
    auto* dialog = new ServerDialog(
        {paths_.server, paths_.bench, false}, [this](const ServerChoice& choice) { return useServer(choice); }, leave,
        this);
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    dialog->open();
}

/// A clock that was set back puts due dates and times wrong; one sentence says so.
void MainWindow::lookAtClock() {
    const Result<QDateTime> last = session_.logbook()->lastChange();
    const QDateTime now = QDateTime::currentDateTime();
    if (!last.ok() || !last.value().isValid() || now.secsTo(last.value()) < std::chrono::seconds(clockSlack).count())
        return;
    const auto words = [](const QDateTime& time) {
        return QLocale().toString(time.toLocalTime(), QLocale::ShortFormat);
    };
    showMessage(
        sentence(shopName(), {faults::clockBehind, QStringLiteral("logbook"), {words(last.value()), words(now)}}),
        true);
}

} // namespace flenzo
