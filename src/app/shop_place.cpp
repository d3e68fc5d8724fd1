// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shop_place.h"

#include "app/stoppable_progress.h"
#include "domain/base/faults.h"
#include "domain/job/edits.h"
#include "store/files.h"
#include "store/logbook_copy.h"
#include "widgets/dialogs/server_dialog.h"

#include <QFileDialog>
#include <QFileInfo>
#include <QLocale>
#include <QMessageBox>
#include <QPushButton>
#include <QTimer>
#include <QtConcurrentRun>
#include <chrono>
#include <thread>

namespace flenzo {

ShopPlace::ShopPlace(const ShellPaths& paths, AppContext& context, QWidget* window)
    : QObject(window), paths_(paths), context_(context), window_(window) {
    connect(&reaching_, &QFutureWatcher<bool>::finished, this, [this] {
        if (context_.session().logbook())
            return;
        if (reaching_.result())
            open();
        else
            waitForServer();
    });
}

ShopPlace::~ShopPlace() {
    reaching_.cancel();
    reaching_.waitForFinished();
}

QString ShopPlace::place() const {
    return paths_.server.isEmpty() ? paths_.logbookFile : paths_.server;
}

QString ShopPlace::name() const {
    return withoutPassword(place());
}

QString ShopPlace::backupStem() const {
    return paths_.server.isEmpty()
               ? paths_.logbookFile
               : QFileInfo(paths_.logbookFile).absolutePath() + QStringLiteral("/server.flenzo-logbook");
}

void ShopPlace::open() {
    Session& session = context_.session();
    auto book = Logbook::open(place(), paths_.bench);
    if (!book.ok()) {
        const QString why = sentence(name(), book.fault());
        context_.complain(why + tr(". The shop stays closed until then; jobs can still be saved as files."));
        if (book.fault().is(faults::bookDamaged))
            offerBackup(why);
        if (book.fault().is(faults::serverNotReached))
            waitForServer();
        if (book.fault().is(faults::serverRefused)) // the password is kept nowhere, so it is asked for
            QTimer::singleShot(0, this, &ShopPlace::chooseServer);
        Q_EMIT changed();
        return;
    }
    session.setLogbook(book.value());
    context_.shop().setPlace(book.value()->backend().fullAddress());
    const Result<QString> last = book.value()->setting(session.openJobSetting());
    const qint64 id = last.ok() ? last.value().toLongLong() : 0;
    if (!session.isModified()) // otherwise the server came late, and somebody is at work
        Q_EMIT opened(id > 0 && !book.value()->readOnly() && !session.openKept(id));
    if (const auto why = book.value()->whyReadOnly())
        context_.say(sentence(name(), *why));
    lookAtClock();
    Q_EMIT changed();
}

/// The open job is left, which somebody was asked about.
void ShopPlace::close() {
    context_.session().start(newJob(), QString(), Unsaved::Discard);
    context_.shop().setPlace({});
    context_.session().setLogbook(nullptr);
}

void ShopPlace::offerBackup(const QString& why) {
    const QStringList backups = backupsOf(paths_.logbookFile);
    auto* box = new QMessageBox(
        QMessageBox::Warning, tr("The logbook is damaged"),
        why + QStringLiteral(".\n\n") +
            (backups.isEmpty()
                 ? tr("There is no backup. Put it aside and begin an empty one?")
                 : tr("Put it aside and go on with the newest backup, %1?").arg(QFileInfo(backups.first()).fileName())),
        QMessageBox::NoButton, window_);
    box->setObjectName(QStringLiteral("damagedBox"));
    box->setAttribute(Qt::WA_DeleteOnClose);
    QPushButton* replace = box->addButton(tr("Put it aside"), QMessageBox::AcceptRole);
    replace->setObjectName(QStringLiteral("putAside"));
    box->addButton(tr("Leave it"), QMessageBox::RejectRole);
    connect(replace, &QPushButton::clicked, this, &ShopPlace::replaceDamaged);
    box->open();
}

void ShopPlace::replaceDamaged() {
    const QStringList backups = backupsOf(paths_.logbookFile);
    const Result<QString> aside = setAsideLogbook(paths_.logbookFile, backups.isEmpty() ? QString() : backups.first());
    if (!aside.ok()) {
        context_.complain(sentence(paths_.logbookFile, aside.fault()));
        return;
    }
    open();
    context_.say(tr("The damaged logbook is at %1.").arg(aside.value()));
}

/// The shop opens by itself once its server answers.
void ShopPlace::waitForServer() {
    constexpr std::chrono::milliseconds step{250}; // after which it can be told to stop
    constexpr std::chrono::seconds pause{3};
    reaching_.setFuture(QtConcurrent::run([address = paths_.server, step, pause](QPromise<bool>& answer) {
        for (int k = 0; k < static_cast<int>(pause / step) && !answer.isCanceled(); ++k)
            std::this_thread::sleep_for(step);
        answer.addResult(!answer.isCanceled() && serverAnswers(address));
    }));
}

std::optional<Fault> ShopPlace::useServer(const ServerChoice& choice) {
    auto book = Logbook::open(choice.address, choice.bench);
    if (!book.ok())
        return book.fault();
    if (!context_.mayLeave())
        return Fault{faults::jobNotSaved, QStringLiteral("job")};
    if (choice.moves && context_.session().logbook())
        if (auto fault = moveShop(*context_.session().logbook(), *book.value()))
            return fault;
    book.value().reset();
    close();
    paths_.server = choice.address;
    paths_.bench = choice.bench;
    context_.change([&](Preferences& preferences) {
        preferences.server = withoutPassword(choice.address);
        preferences.bench = choice.bench;
    });
    open();
    return std::nullopt;
}

std::optional<Fault> ShopPlace::moveShop(const Logbook& from, Logbook& to) {
    const Result<qint64> rows = rowsIn(from);
    if (!rows.ok())
        return rows.fault();
    StoppableProgress progress(tr("Moving the shop"), tr("Stop"), rows.value(), window_);
    return copyLogbook(from, to, std::ref(progress));
}

void ShopPlace::useOwnFile() {
    if (!context_.mayLeave())
        return;
    close();
    paths_.server.clear();
    context_.change([](Preferences& preferences) { preferences.server.clear(); });
    open();
}

void ShopPlace::chooseServer() {
    std::function<void()> leave;
    if (!paths_.server.isEmpty())
        leave = [this] { useOwnFile(); };
    auto* dialog = new ServerDialog(
        {paths_.server, paths_.bench, false}, [this](const ServerChoice& choice) { return useServer(choice); }, leave,
        window_);
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    dialog->open();
}

/// A clock that was set back puts due dates and times wrong; one sentence says so.
void ShopPlace::lookAtClock() {
    constexpr std::chrono::seconds slack = std::chrono::minutes(2); // by which clocks of one shop may differ
    const Result<QDateTime> last = context_.session().logbook()->lastChange();
    const QDateTime now = QDateTime::currentDateTime();
    if (!last.ok() || !last.value().isValid() || now.secsTo(last.value()) < slack.count())
        return;
    const auto words = [](const QDateTime& time) {
        return QLocale().toString(time.toLocalTime(), QLocale::ShortFormat);
    };
    context_.complain(
        sentence(name(), {faults::clockBehind, QStringLiteral("logbook"), {words(last.value()), words(now)}}));
}

void ShopPlace::backUp() {
    const Logbook& book = *context_.session().logbook();
    const QString path = backupPath(backupStem(), QDateTime::currentDateTime());
    const Result<qint64> rows = rowsIn(book);
    if (!rows.ok()) {
        context_.accept(rows.fault());
        return;
    }
    StoppableProgress progress(tr("Backing up the shop"), tr("Stop"), rows.value(), window_);
    if (context_.accept(book.backUp(path, std::ref(progress))))
        context_.say(tr("Backed up as %1.").arg(path));
}

void ShopPlace::restore() {
    if (!paths_.server.isEmpty()) {
        context_.say(tr("A backup goes into an empty database of the server: flenzo-cli move BACKUP ADDRESS."));
        return;
    }
    const QStringList backups = backupsOf(paths_.logbookFile);
    const QString path =
        QFileDialog::getOpenFileName(window_, tr("Put a backup in the logbook's place"),
                                     backups.isEmpty() ? QFileInfo(paths_.logbookFile).absolutePath() : backups.first(),
                                     tr("Logbooks (*.flenzo-logbook)"));
    if (path.isEmpty() || !context_.mayLeave())
        return;
    close(); // so that its file can be moved
    const Result<QString> aside = setAsideLogbook(paths_.logbookFile, path);
    open(); // with what is there now, whichever that is
    if (!aside.ok())
        context_.complain(sentence(paths_.logbookFile, aside.fault()));
    else
        context_.say(tr("The backup is in place. What was there before is at %1.").arg(aside.value()));
}

void ShopPlace::addActions(std::vector<ActionSpec>& list, const QString& menu) {
    const auto isOpen = [this] { return context_.session().logbook() != nullptr; };
    list.push_back({"server", menu, tr("Logbook on a &server…"), {}, [this] { chooseServer(); }});
    list.push_back({"backUp", menu, tr("&Back up now"), {}, [this] { backUp(); }, isOpen});
    list.push_back({"restore",
                    menu,
                    tr("&Restore a backup…"),
                    {},
                    [this] { restore(); },
                    // Another window that writes goes on in the very file.
                    [this, isOpen] { return !isOpen() || !context_.session().logbook()->readOnly(); }});
    list.push_back({"checkLogbook",
                    menu,
                    tr("&Check the logbook"),
                    {},
                    [this] {
                        if (const auto fault = context_.session().logbook()->check())
                            context_.complain(sentence(name(), *fault));
                        else
                            context_.say(tr("The logbook has no faults."));
                    },
                    isOpen});
}

} // namespace flenzo
