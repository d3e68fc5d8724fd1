// SPDX-License-Identifier: GPL-3.0-or-later
// A window on a server's logbook, driven by clicks and keys; run by tools/with-postgres.
#include "app/shop_place.h"
#include "domain/base/faults.h"
#include "session/document/photos.h"
#include "support/place.h"
#include "support/window.h"
#include "widgets/pages/shop_page.h"

#include <QAction>
#include <QCheckBox>
#include <QDialog>
#include <QImage>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QSignalSpy>
#include <QTableWidget>

using namespace flenzo;
using namespace flenzo::testing;

namespace {
constexpr int patience_ms = 20000;
}

class TestBenchesWindow : public QObject {
    Q_OBJECT
    std::unique_ptr<QTemporaryDir> dir_;
    std::unique_ptr<MainWindow> window_;
    QString place_;

    void openOn(const QString& server) {
        ShellPaths paths = pathsIn(dir_->path());
        paths.server = server;
        paths.bench = QStringLiteral("Window side");
        window_ = std::make_unique<MainWindow>(paths, bundledCatalogue().value());
        window_->context().session().setPatience(std::chrono::minutes(1));
        window_->shop().open();
        window_->offerRecovery();
        window_->resize(1280, 800);
        window_->show();
        window_->activateWindow();
        QVERIFY(QTest::qWaitForWindowActive(window_.get()));
    }
    [[nodiscard]] Session& session() const { return window_->context().session(); }
    [[nodiscard]] BenchEntry& bench() const { return window_->context().bench(); }
    template <class T> [[nodiscard]] T* find(const char* name) const {
        return window_->findChild<T*>(QLatin1String(name));
    }
    void press(const char* button) const {
        auto* pressed = find<QPushButton>(button);
        QVERIFY2(pressed && pressed->isVisible(), button);
        QTest::mouseClick(pressed, Qt::LeftButton);
    }

private Q_SLOTS:
    void initTestCase() {
        if (testServer().isEmpty())
            QSKIP("run by tools/with-postgres");
        loadTypeface();
    }
    void init() {
        dir_ = std::make_unique<QTemporaryDir>();
        place_ = newDatabase();
    }
    void cleanup() {
        window_.reset();
        dir_.reset();
        if (QTest::currentTestFailed())
            controlServer(QStringLiteral("start"));
    }

    /// From a file to the server by the dialog, with what the shop has; and back to the file.
    void aShopGoesToTheServerByHand() {
        openOn(QString());
        window_->newGuitar();
        QVERIFY(session().isKept());
        window_->actions().find("server")->trigger();
        auto* dialog = find<QDialog>("serverDialog");
        QVERIFY(dialog && dialog->isVisible());
        QUrl bare(place_);
        bare.setPassword(QString());
        auto* address = find<QLineEdit>("serverAddress");
        address->clear();
        QTest::keyClicks(address, bare.toString());
        QTest::keyClicks(find<QLineEdit>("serverPassword"), QStringLiteral("wrong"));
        QTest::mouseClick(find<QCheckBox>("serverMoves"), Qt::LeftButton, {}, QPoint(8, 8));
        QVERIFY(find<QCheckBox>("serverMoves")->isChecked());
        press("serverConnect");
        auto* says = find<QLabel>("serverSays");
        QVERIFY(says->isVisible() && says->text().contains(QLatin1String("password")));
        find<QLineEdit>("serverPassword")->clear();
        QTest::keyClicks(find<QLineEdit>("serverPassword"), QStringLiteral("secret"));
        QTest::keyClick(find<QLineEdit>("serverPassword"), Qt::Key_Return);
        QTRY_VERIFY(!dialog->isVisible());
        QCOMPARE(session().logbook()->path(), bare.toString());
        QCOMPARE(session().logbook()->jobCount().value(), 1);
        const Preferences kept = loadPreferences(pathsIn(dir_->path()).settingsFile);
        QCOMPARE(kept.server, bare.toString()); // and no password in the file
        window_->actions().find("server")->trigger();
        QTRY_VERIFY(find<QPushButton>("serverLeave"));
        press("serverLeave");
        QCOMPARE(session().logbook()->path(), pathsIn(dir_->path()).logbookFile);
    }

    /// The server goes while somebody types; they type on, and it is all there when it is back.
    void theBenchGoesOnWithoutItsServer() {
        openOn(place_);
        window_->newGuitar();
        window_->showBench();
        QVERIFY(!find<QPushButton>("away")->isVisible());
        QVERIFY(controlServer(QStringLiteral("stop")));
        QVERIFY(!bench().enter(QStringLiteral("6=-12"), false));
        QTRY_VERIFY(find<QPushButton>("away")->isVisible());
        QTRY_VERIFY(window_->message().contains(QLatin1String("kept on this machine")));
        QVERIFY(!bench().enter(QStringLiteral("5=-9"), false));
        window_->showPage(MainWindow::Shop); // says it rather than showing an empty shop
        QVERIFY(!find<QLabel>("history")->text().isEmpty());
        QVERIFY(controlServer(QStringLiteral("start")));
        QTRY_VERIFY_WITH_TIMEOUT(!find<QPushButton>("away")->isVisible(), patience_ms);
        QVERIFY(window_->message().contains(QLatin1String("back")));
        QCOMPARE(Logbook::open(place_).value()->job(*session().keptAs()).value().log.size(), std::size_t(2));
    }

    /// A photo comes from the server beside the window; one that did not come is asked for again.
    void aPhotoIsFetchedBesideTheWindow() {
        openOn(place_);
        QVERIFY(!session().addToLogbook(newJob()));
        QImage image(60, 40, QImage::Format_RGB32);
        image.fill(Qt::darkCyan);
        const QString picture = dir_->filePath(QStringLiteral("plate.png"));
        QVERIFY(image.save(picture));
        const QString kept = savePhoto(session(), picture).value();
        QVERIFY(!attachedHere(session(), kept)); // only the server has it
        window_->showWork();
        press("moreCard");
        QVERIFY(!session().edit(QStringLiteral("photo"), [&](Job& job) { job.card.photos = {kept}; }));
        QTRY_VERIFY_WITH_TIMEOUT(find<QLabel>("photo") && !find<QLabel>("photo")->pixmap().isNull(), patience_ms);
        QCOMPARE(QImage(*attachedHere(session(), kept)), image);
        const QString gone = QStringLiteral("0123456789abcdef0123.png");
        QVERIFY(!session().edit(QStringLiteral("photo"), [&](Job& job) { job.card.photos = {gone}; }));
        QTRY_VERIFY_WITH_TIMEOUT(find<QLabel>("photo") && find<QLabel>("photo")->text().contains(QLatin1String("yet")),
                                 patience_ms);
        QFile file(picture);
        QVERIFY(file.open(QIODevice::ReadOnly));
        QVERIFY(session().logbook()->backend().attach(gone, file.readAll()).ok());
        QVERIFY(!session().edit(QStringLiteral("note"), [](Job& job) { job.reason = QStringLiteral("again"); }));
        QTRY_VERIFY_WITH_TIMEOUT(find<QLabel>("photo") && !find<QLabel>("photo")->pixmap().isNull(), patience_ms);
    }

    void theShopOpensByItselfWhenItsServerComes() {
        QVERIFY(controlServer(QStringLiteral("stop")));
        openOn(place_);
        QVERIFY(!session().logbook());
        QVERIFY(window_->message().contains(QLatin1String("does not answer")));
        QVERIFY(!window_->message().contains(QLatin1String("secret")));
        QVERIFY(controlServer(QStringLiteral("start")));
        QTRY_VERIFY_WITH_TIMEOUT(session().logbook(), patience_ms);
    }

    /// Kept nowhere, the password is asked for at the next start.
    void aRefusedPasswordIsAskedFor() {
        openOn(place_);
        const QString address = session().logbook()->path();
        window_.reset();
        QUrl wrong(place_);
        wrong.setPassword(QStringLiteral("wrong"));
        openOn(wrong.toString());
        QTRY_VERIFY(find<QDialog>("serverDialog"));
        QCOMPARE(find<QLineEdit>("serverAddress")->text(), address);
        QTest::keyClicks(find<QLineEdit>("serverPassword"), QStringLiteral("secret"));
        press("serverConnect");
        QTRY_VERIFY(session().logbook());
    }

    /// What is said once a job is open stays, though the answer to what follows from the job comes later.
    void whatIsSaidOutlivesALateAnswer() {
        openOn(place_);
        window_->newGuitar();
        const auto other = Logbook::open(place_, QStringLiteral("Door")).value();
        const qint64 id = other->add(session().job()).value();
        QVERIFY(other->backend().claim(id));
        session().setPatience(std::chrono::milliseconds(0));
        QSignalSpy answered(&session(), &Session::changed);
        QVERIFY(!session().openKept(id));
        QTRY_VERIFY(!answered.isEmpty());
        QVERIFY2(window_->message().contains(QLatin1String("Another bench")), qPrintable(window_->message()));
    }

    void twoVersionsAreShownSideBySide() {
        openOn(place_);
        window_->newGuitar();
        const qint64 id = *session().keptAs();
        QVERIFY(controlServer(QStringLiteral("stop")));
        QVERIFY(!session().edit(QStringLiteral("name"), [](Job& job) { job.guitar = QStringLiteral("Half Sun"); }));
        QVERIFY(controlServer(QStringLiteral("start")));
        QVERIFY(renameBeside(place_, id, QStringLiteral("Half Star")));
        QTRY_VERIFY_WITH_TIMEOUT(find<QTableWidget>("conflictTable"), patience_ms);
        const auto* table = find<QTableWidget>("conflictTable");
        QCOMPARE(table->item(0, 0)->text(), QStringLiteral("guitar"));
        QCOMPARE(table->item(0, 1)->text(), QStringLiteral("Half Sun"));
        QCOMPARE(table->item(0, 2)->text(), QStringLiteral("Half Star"));
        press("conflictLater");
        QTRY_VERIFY(!find<QDialog>("conflictDialog"));
        QVERIFY(find<QPushButton>("away")->text().contains(QLatin1String("Two versions")));
        press("away");
        QTRY_VERIFY(find<QPushButton>("conflictTheirs"));
        press("conflictTheirs");
        QTRY_VERIFY(!find<QPushButton>("away")->isVisible());
        QCOMPARE(session().job().guitar, QStringLiteral("Half Star"));
        QCOMPARE(session().logbook()->jobCount().value(), 2);
    }

    /// Closed while the server is away, and opened again when it is back.
    void closingWhileTheServerIsAwayLosesNothing() {
        openOn(place_);
        window_->newGuitar();
        const qint64 id = *session().keptAs();
        QVERIFY(controlServer(QStringLiteral("stop")));
        QVERIFY(!bench().enter(QStringLiteral("6=-12"), false));
        window_->close();
        window_.reset();
        QVERIFY(controlServer(QStringLiteral("start")));
        openOn(place_);
        QVERIFY(find<QLabel>("recoveryText")->text().contains(QLatin1String("server was away")));
        press("bringBack");
        QCOMPARE(session().logbook()->job(id).value().log.size(), std::size_t(1));
        QVERIFY(session().isKept() && !session().isAway());
    }

    void aClockThatWasSetBackIsSaid() {
        openOn(place_);
        window_->newGuitar();
        QCOMPARE(behind(place_, QStringLiteral("UPDATE jobs SET changed='2199-01-01T10:00:00.000Z'")), QString());
        window_.reset();
        openOn(place_);
        QVERIFY2(window_->message().contains(QLatin1String("clock")), qPrintable(window_->message()));
        // And what is entered now is still the newest.
        QVERIFY(!bench().enter(QStringLiteral("6=-12"), false));
        const qint64 id = *session().keptAs();
        QVERIFY(session().logbook()->add(newJob()).ok());
        QVERIFY(session().logbook()->jobs({}).value().first().id != id);
    }
};

QTEST_MAIN(TestBenchesWindow)
#include "test_benches_window.moc"
