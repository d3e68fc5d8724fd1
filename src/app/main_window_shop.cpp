// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/main_window.h"
#include "app/stoppable_progress.h"

#include "domain/base/faults.h"
#include "domain/job/edits.h"
#include "domain/work/workflow.h"
#include "session/document/demo_shop.h"
#include "session/models/pace.h"
#include "store/exchange.h"
#include "store/files.h"
#include "store/logbook_copy.h"
#include "widgets/dialogs/job_sheet.h"
#include "widgets/dialogs/troubleshooting_dialog.h"
#include "widgets/pages/job_page.h"
#include "widgets/pages/practice_page.h"
#include "widgets/pages/shop_page.h"

#include <QFileDialog>
#include <QFileInfo>
#include <QMenuBar>
#include <QMessageBox>
#include <QPushButton>

namespace flenzo {

void MainWindow::openShop() {
    auto book = Logbook::open(place(), paths_.bench);
    if (!book.ok()) {
        const QString why = sentence(shopName(), book.fault());
        showMessage(why + tr(". The shop stays closed until then; jobs can still be kept as files."), true);
        if (book.fault().is(faults::bookDamaged))
            offerBackup(why);
        if (book.fault().is(faults::serverNotReached))
            waitForServer();
        if (book.fault().is(faults::serverRefused)) // the password is kept nowhere, so it is asked for
            QTimer::singleShot(0, this, &MainWindow::chooseServer);
        return;
    }
    session_.setLogbook(book.value());
    context_->shop().setPlace(book.value()->backend().fullAddress());
    const Result<QString> last = book.value()->setting(session_.openJobSetting());
    const qint64 id = last.ok() ? last.value().toLongLong() : 0;
    if (!session_.isModified()) { // otherwise the server came late, and somebody is at work
        const bool goesOn = id > 0 && !book.value()->readOnly() && !session_.openKept(id);
        goesOn ? showWork() : showPage(Shop);
    }
    if (const auto why = book.value()->whyReadOnly())
        showMessage(sentence(shopName(), *why), false);
    lookAtClock();
    refresh();
}

/// The open job is left, which somebody was asked about.
void MainWindow::closeShop() {
    session_.start(newJob(), QString(), Unsaved::Discard);
    context_->shop().setPlace({});
    session_.setLogbook(nullptr);
}

void MainWindow::offerBackup(const QString& why) {
    const QStringList backups = backupsOf(paths_.logbookFile);
    auto* box = new QMessageBox(
        QMessageBox::Warning, tr("The logbook is damaged"),
        why + QStringLiteral(".\n\n") +
            (backups.isEmpty()
                 ? tr("There is no backup. Put it aside and begin an empty one?")
                 : tr("Put it aside and go on with the newest backup, %1?").arg(QFileInfo(backups.first()).fileName())),
        QMessageBox::NoButton, this);
    box->setObjectName(QStringLiteral("damagedBox"));
    box->setAttribute(Qt::WA_DeleteOnClose);
    QPushButton* replace = box->addButton(tr("Put it aside"), QMessageBox::AcceptRole);
    replace->setObjectName(QStringLiteral("putAside"));
    box->addButton(tr("Leave it"), QMessageBox::RejectRole);
    connect(replace, &QPushButton::clicked, this, &MainWindow::replaceDamaged);
    box->open();
}

void MainWindow::replaceDamaged() {
    const QStringList backups = backupsOf(paths_.logbookFile);
    const Result<QString> aside = setAsideLogbook(paths_.logbookFile, backups.isEmpty() ? QString() : backups.first());
    if (!aside.ok()) {
        showMessage(sentence(paths_.logbookFile, aside.fault()), true);
        return;
    }
    openShop();
    showMessage(tr("The damaged logbook is at %1.").arg(aside.value()), false);
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
    Job job = newJob();
    fitFirstSet(job, context_->catalogue());
    job.work.received = QDate::currentDate();
    if (!context_->replaceJob([&](Unsaved unsaved) { return begin(job, unsaved); }))
        return;
    showWork();
    steps_->focusWork();
}

std::optional<Fault> MainWindow::begin(Job job, Unsaved unsaved) {
    const ShopSays& says = context_->shopSays(this);
    const auto& book = session_.logbook();
    if (!book)
        return session_.start(job, QString(), unsaved);
    auto fault = beginAsTheShopDoes(job, *book, says);
    if (!fault)
        fault = session_.keep(job, unsaved);
    if (!fault || !fault->is(faults::serverAway))
        return fault;
    fault = session_.start(job, QString(), unsaved); // the bench goes on
    if (!fault)
        showMessage(
            tr("The server does not answer. The job is open on this machine; put it into the shop later with Job, "
               "Keep in the shop."),
            true);
    return fault;
}

void MainWindow::showTroubleshooting() {
    if (!finder_)
        finder_ = new TroubleshootingDialog(this);
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

std::optional<Fault> MainWindow::exportSheet(const QString& path) {
    const QString html = illustratedSheet(session_.job(), session_.derived());
    const bool pdf = QFileInfo(path).suffix().toLower() == QLatin1String("pdf");
    // Drawn into memory first: a full disk then leaves the old file as it was.
    return writeFile(path, pdf ? sheetPdf(html, session_.job().guitar) : html.toUtf8());
}

void MainWindow::previewSheet() {
    const auto keep = [this](const QString& path) {
        if (context_->accept(exportSheet(path)))
            showMessage(tr("Kept as %1.").arg(path), false);
    };
    auto* dialog =
        new SheetDialog(illustratedSheet(session_.job(), session_.derived()), session_.job().guitar, keep, this);
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    dialog->show();
}

void MainWindow::backUp() {
    const QString path = backupPath(backupStem(), QDateTime::currentDateTime());
    const Result<qint64> rows = rowsIn(*session_.logbook());
    if (!rows.ok()) {
        context_->accept(rows.fault());
        return;
    }
    StoppableProgress progress(tr("Backing up the shop"), tr("Stop"), rows.value(), this);
    if (context_->accept(session_.logbook()->backUp(path, std::ref(progress))))
        showMessage(tr("Backed up as %1.").arg(path), false);
}

void MainWindow::restore() {
    if (!paths_.server.isEmpty()) {
        showMessage(tr("A backup goes into an empty database of the server: flenzo-cli move BACKUP ADDRESS."), false);
        return;
    }
    const QStringList backups = backupsOf(paths_.logbookFile);
    const QString path =
        QFileDialog::getOpenFileName(this, tr("Put a backup in the logbook's place"),
                                     backups.isEmpty() ? QFileInfo(paths_.logbookFile).absolutePath() : backups.first(),
                                     tr("Logbooks (*.flenzo-logbook)"));
    if (path.isEmpty() || !leaveJob())
        return;
    closeShop(); // so that its file can be moved
    const Result<QString> aside = setAsideLogbook(paths_.logbookFile, path);
    openShop(); // with what is there now, whichever that is
    if (!aside.ok())
        showMessage(sentence(paths_.logbookFile, aside.fault()), true);
    else
        showMessage(tr("The backup is in place. What was there before is at %1.").arg(aside.value()), false);
}

void MainWindow::exportEverything() {
    const QString folder = QFileDialog::getExistingDirectory(this, tr("Folder for jobs.csv and events.csv"));
    if (folder.isEmpty())
        return;
    const Result<int> count = session_.logbook()->jobCount();
    if (!count.ok()) {
        context_->accept(count.fault());
        return;
    }
    StoppableProgress progress(tr("Writing the tables"), tr("Stop"), count.value(), this);
    if (context_->accept(exportCsv(*session_.logbook(), folder, std::ref(progress))))
        showMessage(tr("Written to %1.").arg(folder), false);
}

bool MainWindow::importGuitar(const QString& path) {
    const Result<int> count = importFile(*session_.logbook(), path);
    if (!count.ok()) {
        showMessage(sentence(path, count.fault()), true);
        return false;
    }
    showMessage(tr("%n jobs came in.", nullptr, count.value()), false);
    shop_->refresh();
    return true;
}

bool MainWindow::openFromDesktop(const QString& path) {
    if (path.endsWith(QLatin1String(".flenzo-exercise"), Qt::CaseInsensitive)) {
        showPage(Practice);
        return practice_->openExercise(path);
    }
    if (!path.endsWith(QLatin1String(".flenzo-guitar"), Qt::CaseInsensitive) || !session_.logbook())
        return openFile(path);
    showPage(Shop);
    return importGuitar(path);
}

void MainWindow::addExchangeActions(std::vector<ActionSpec>& list, const QString& menu) {
    const auto open = [this] { return session_.logbook() != nullptr; };
    list.push_back({"import",
                    menu,
                    tr("&Import a guitar or job…"),
                    {},
                    [this] {
                        const QString path = QFileDialog::getOpenFileName(
                            this, tr("Import"), QString(), tr("Guitars and jobs (*.flenzo-guitar *.flenzo-job)"));
                        if (!path.isEmpty())
                            importGuitar(path);
                    },
                    open});
    list.push_back({"exportGuitar",
                    menu,
                    tr("&Export this guitar with its history…"),
                    {},
                    [this] {
                        const QString path = QFileDialog::getSaveFileName(
                            this, tr("Export the guitar"),
                            QString(session_.job().guitar).replace(QLatin1Char('/'), QLatin1Char('-')) +
                                QStringLiteral(".flenzo-guitar"));
                        if (path.isEmpty())
                            return;
                        const Result<qint64> guitar = session_.logbook()->guitarOf(*session_.keptAs());
                        context_->accept(guitar.ok() ? exportGuitar(*session_.logbook(), guitar.value(), path)
                                                     : guitar.fault());
                    },
                    [this] { return session_.isKept(); }});
    list.push_back({"exportCsv", menu, tr("Export everything as &tables…"), {}, [this] { exportEverything(); }, open});
}

void MainWindow::addShopActions(std::vector<ActionSpec>& list) {
    const QString menu = tr("&Shop");
    const auto open = [this] { return session_.logbook() != nullptr; };
    list.push_back({"sheet", menu, tr("&Job sheet…"), {QKeySequence::Print}, [this] { previewSheet(); }});
    addExchangeActions(list, menu);
    list.push_back({"server", menu, tr("Logbook on a &server…"), {}, [this] { chooseServer(); }});
    list.push_back({"backUp", menu, tr("&Back up now"), {}, [this] { backUp(); }, open});
    list.push_back({"restore",
                    menu,
                    tr("&Restore a backup…"),
                    {},
                    [this] { restore(); },
                    // Another window that writes goes on in the very file.
                    [this] { return !session_.logbook() || !session_.logbook()->readOnly(); }});
    list.push_back({"checkLogbook",
                    menu,
                    tr("&Check the logbook"),
                    {},
                    [this] {
                        if (const auto fault = session_.logbook()->check())
                            showMessage(sentence(shopName(), *fault), true);
                        else
                            showMessage(tr("The logbook has no faults."), false);
                    },
                    open});
}

} // namespace flenzo
