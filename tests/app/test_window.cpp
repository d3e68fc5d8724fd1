// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/job_files.h"
#include "app/main_window.h"
#include "core/simulation/simulated_guitar.h"
#include "core/statics/readings.h"
#include "domain/job/edits.h"
#include "session/document/demo.h"
#include "store/catalogue_files.h"
#include "store/files.h"
#include "store/job_json.h"
#include "support/window.h"
#include "widgets/controls/pass_sheet_view.h"
#include "widgets/controls/scene_view.h"
#include "widgets/look.h"
#include "widgets/pages/bench_page.h"
#include "widgets/pages/job_page.h"

#include <QAction>
#include <QApplication>
#include <QCheckBox>
#include <QComboBox>
#include <QDir>
#include <QInputDialog>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QScreen>
#include <QScrollArea>
#include <QScrollBar>
#include <QSignalSpy>
#include <QSpinBox>
#include <QStackedWidget>
#include <QTableView>
#include <QTemporaryDir>
#include <QTest>
#include <QTextEdit>
#include <QTimer>
#include <QToolButton>
#include <memory>

using namespace flenzo;

class TestWindow : public QObject {
    Q_OBJECT
    std::unique_ptr<QTemporaryDir> dir_;
    std::unique_ptr<MainWindow> window_;

    Session& session() { return window_->context().session(); }
    BenchEntry& bench() { return window_->context().bench(); }
    template <class T> T* find(const char* name) {
        T* found = window_->findChild<T*>(QLatin1String(name));
        if (!found)
            qFatal("no widget named %s", name);
        return found;
    }
    QString text(const char* name) { return find<QLabel>(name)->text(); }
    void type(const QString& words) {
        QTest::keyClicks(find<QLineEdit>("entry"), words);
        QTest::keyClick(find<QLineEdit>("entry"), Qt::Key_Return);
    }
    /// A bare X server has no window manager to give the focus back, so a late focus event of the window before this
    /// one may take it away; a shortcut is only heard in an active window.
    void holdFocus() {
        if (QApplication::activeWindow())
            return;
        window_->activateWindow();
        QVERIFY(QTest::qWaitForWindowActive(window_.get()));
    }
    void press(int key, Qt::KeyboardModifiers modifiers = Qt::NoModifier) {
        holdFocus();
        QTest::keyClick(QApplication::focusWidget() ? QApplication::focusWidget() : window_.get(),
                        static_cast<Qt::Key>(key), modifiers);
    }
    /// Types what the hidden guitar answers, the way a technician would.
    void answerByHand() {
        const Job& job = session().job();
        SimulatedGuitar guitar(benchJobOf(job), UncertaintyModel(), *job.simulatedSeed);
        guitar.follow(job.log);
        const NextAct next = session().derived().next();
        if (next.what == NextAct::Do::Claw) {
            QTest::keyClick(find<QLineEdit>("entry"), Qt::Key_Space);
            return;
        }
        const Event answer = guitar.answer(next);
        if (answer.kind == Event::Kind::Tuned) {
            type(QString::number(answer.to_cents, 'f', 1));
            return;
        }
        const std::size_t before = job.log.size();
        for (const auto& [string, reading] : answer.readings_cents)
            type(QStringLiteral("%1=%2")
                     .arg(QString::fromStdString(job.rig.strings[string].name))
                     .arg(reading, 0, 'f', 1));
        if (answer.gap_m)
            type(QStringLiteral("gap %1").arg(*answer.gap_m * 1e3, 0, 'f', 2));
        QVERIFY(session().job().log.size() > before);
    }

private Q_SLOTS:
    void init() {
        dir_ = std::make_unique<QTemporaryDir>();
        loadTypeface();
        const ShellPaths paths{dir_->filePath(QStringLiteral("recovery")), dir_->filePath(QStringLiteral("flenzo.ini")),
                               dir_->filePath(QStringLiteral("own.json")),
                               dir_->filePath(QStringLiteral("shop.flenzo-logbook"))};
        window_ = std::make_unique<MainWindow>(paths, bundledCatalogue().value());
        session().setPatience(std::chrono::minutes(1));
        window_->openDemo(0);
        window_->showBench();
        QVERIFY(window_->width() <= window_->screen()->availableSize().width()); // whatever screen there is
        window_->resize(1280, 800);
        window_->show();
        window_->activateWindow();
        QVERIFY(QTest::qWaitForWindowActive(window_.get()));
        find<QLineEdit>("entry")->setFocus();
    }
    void cleanup() {
        session().undoStack().setClean();
        window_.reset();
        dir_.reset();
    }

    /// The typeface that ships, on all that is written: on what is built with the window, and on what comes later.
    void everythingIsSetInTheProgramsTypeface() {
        window_->showFigures(true);
        window_->showPage(MainWindow::Help);
        int seen = 0;
        for (const QWidget* each : window_->findChildren<QWidget*>())
            if (!qobject_cast<const QTextEdit*>(each->parentWidget())) { // that of a page of text is its document's
                QVERIFY2(QFontInfo(each->font()).family().startsWith(QLatin1String("B612")),
                         qPrintable(QLatin1String(each->metaObject()->className()) + each->objectName()));
                ++seen;
            }
        QVERIFY(seen > 200);
    }

    void theDemoStartsWithItsStory() {
        QCOMPARE(window_->page(), MainWindow::Work);
        QVERIFY(window_->findChild<JobPage*>()->isAtBench());
        QVERIFY(text("headReason").contains(QLatin1String("drop A")));
        QVERIFY(!text("act").isEmpty() && !text("figure").isEmpty());
        QVERIFY(find<QTableView>("passSheet")->model()->columnCount() > 2);
        QCOMPARE(find<QTableView>("passSheet")->model()->rowCount(), 8);
    }

    /// With no patience at all: what was typed is in the job and on the screen at once, its advice follows, and nothing
    /// of the state before stands beside it. Nobody can say "done" to what is not yet shown.
    void theReadingIsThereBeforeItsAdvice() {
        session().setPatience(std::chrono::milliseconds(0));
        const QString before = text("act");
        int rounds = 0;
        for (int string = 1; string <= 6; ++string) {
            const std::size_t entries = session().job().log.size();
            type(QStringLiteral("%1=-%1.5").arg(string));
            QCOMPARE(session().job().log.size(), entries + 1);
            if (!text("act").contains(QLatin1String("Taken")))
                continue; // it was quicker than we look
            ++rounds;
            QVERIFY(text("act").contains(QStringLiteral("%1=-%1.5").arg(string)));
            QCOMPARE(text("figure"), QStringLiteral("…"));
            QVERIFY(!window_->findChild<BenchPage*>()->findChild<QPushButton*>(QStringLiteral("done"))->isEnabled());
            press(Qt::Key_Space);
            QCOMPARE(session().job().log.size(), entries + 1);
            QTRY_VERIFY(!text("act").contains(QLatin1String("Taken")));
        }
        QVERIFY(rounds > 0);
        QCOMPARE(session().derived().standings.size(), session().job().log.size() + 1);
        QVERIFY(text("act") != before || text("figure") != QStringLiteral("…"));
    }

    /// The latest wins: a burst of edits ends with what follows from the last of them, shown once.
    void aBurstOfEditsEndsWithTheLast() {
        session().setPatience(std::chrono::milliseconds(0));
        QSignalSpy changed(&session(), &Session::changed);
        for (int k = 1; k <= 20; ++k)
            QVERIFY(
                !session().edit(QStringLiteral("gap"), [k](Job& job) { job.rig.bridge.rearGap_m = 0.003 + 1e-5 * k; }));
        QTRY_VERIFY(changed.count() > 0);
        QCOMPARE(session().derived().rig().bridge.rearGap_m, session().job().rig.bridge.rearGap_m);
        QVERIFY(changed.count() < 20);
        QTRY_COMPARE(find<SceneView>("section")->isVisible(), true);
    }

    /// A page nobody sees does no work, and is right when it is seen.
    void hiddenPagesWait() {
        window_->showFigures(true);
        const QString words = text("rigWords");
        window_->showFigures(false);
        QVERIFY(!session().edit(QStringLiteral("tuning"), [](Job& job) {
            for (std::size_t i = 0; i < job.rig.strings.size(); ++i)
                setTarget(job, Side::On, i, job.rig.strings[i].target_Hz * 0.9, QString());
        }));
        QCOMPARE(text("rigWords"), words);
        window_->showFigures(true);
        QVERIFY(text("rigWords") != words);
        window_->showFigures(false);
    }

    void fromTheDemoStartToDoneByKeys() {
        int acts = 0;
        for (; acts < 120 && session().derived().next().what != NextAct::Do::Done; ++acts)
            answerByHand();
        QCOMPARE(session().derived().next().what, NextAct::Do::Done);
        QVERIFY2(text("act").startsWith(QLatin1String("In tune")), qPrintable(text("act") + text("aside")));
        const Job& job = session().job();
        for (const double reading : session().derived().now().readings_cents)
            QVERIFY(std::abs(reading) <= job.goal.pitchTolerance_cents);
        // The guitar nobody saw agrees.
        SimulatedGuitar guitar(benchJobOf(job), UncertaintyModel(), *job.simulatedSeed);
        guitar.follow(job.log);
        QVERIFY(worst_cents(readings_cents(guitar.rig(), guitar.state())) < 2.3);
        QVERIFY(std::abs(guitar.state().angle_rad) < radians(0.2));
    }

    void fromTheDemoStartToDoneByOneKey() {
        for (int acts = 0; acts < 120 && session().derived().next().what != NextAct::Do::Done; ++acts)
            press(Qt::Key_F9);
        QVERIFY(text("act").startsWith(QLatin1String("In tune")));
        QVERIFY(!find<QPushButton>("answer")->isEnabled());
    }

    void theScreenFollowsAReading() {
        const QString sentence = text("act");
        const double before = find<SceneView>("section")
                                  ->scene()
                                  .find(QStringLiteral("level-pointer"))
                                  ->points.boundingRect()
                                  .center()
                                  .x();
        type(QString::number(session().derived().next().aim.cents, 'f', 1));
        QVERIFY(text("act") != sentence);
        QVERIFY(find<QLineEdit>("entry")->text().isEmpty());
        const double after = find<SceneView>("section")
                                 ->scene()
                                 .find(QStringLiteral("level-pointer"))
                                 ->points.boundingRect()
                                 .center()
                                 .x();
        QVERIFY(before != after);
    }

    void badReadingsAreRefusedInOneSentence_data() {
        QTest::addColumn<QString>("typed");
        for (const char* typed : {"nonsense", "9000", "12=3", "-900", "gap 55", "E9"})
            QTest::newRow(typed) << QString::fromLatin1(typed);
    }
    void badReadingsAreRefusedInOneSentence() {
        QFETCH(QString, typed);
        const QByteArray before = jobBytes(session().job());
        type(typed);
        QCOMPARE(jobBytes(session().job()), before);
        QVERIFY(window_->message().size() > 20);
        QCOMPARE(find<QLineEdit>("entry")->text(), typed); // to be mended, not typed again
    }

    void undoAndRedoByKeys() {
        const std::size_t before = session().job().log.size();
        type(QString::number(session().derived().next().aim.cents, 'f', 1));
        QCOMPARE(session().job().log.size(), before + 1);
        press(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(session().job().log.size(), before);
        press(Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
        QCOMPARE(session().job().log.size(), before + 1);
    }

    void aStringIsPickedWithItsNumber() {
        const auto asked = bench().pickedString();
        const bool third = asked && session().job().rig.strings[*asked].name == "3";
        press(third ? Qt::Key_4 : Qt::Key_3, Qt::ControlModifier);
        QVERIFY(text("entryFor").contains(third ? QLatin1String("string 4") : QLatin1String("string 3")));
        type(QStringLiteral("-7.5"));
        QCOMPARE(session().job().log.back().kind, Event::Kind::Read);
        QCOMPARE(session().job().rig.strings[session().job().log.back().readings_cents.front().first].name,
                 std::string(third ? "4" : "3"));
        press(Qt::Key_G, Qt::ControlModifier);
        QVERIFY(text("entryFor").contains(QLatin1String("gap")));
        QTest::keyClick(find<QLineEdit>("entry"), Qt::Key_Escape);
        QVERIFY(!text("entryFor").contains(QLatin1String("gap")));
        QTest::keyClick(find<QLineEdit>("entry"), Qt::Key_Down);
        QVERIFY(text("entryFor").contains(QLatin1String("reading of string")));
    }

    void aClickInTheSheetPicksTheString() {
        auto* sheet = find<QTableView>("passSheet");
        const QModelIndex cell = sheet->model()->index(4, 0);
        sheet->scrollTo(cell);
        QTest::mouseClick(sheet->viewport(), Qt::LeftButton, Qt::NoModifier, sheet->visualRect(cell).center());
        QCOMPARE(bench().pickedString(), std::optional<std::size_t>(4));
    }

    void aBlockIsAlwaysInSight() {
        QVERIFY(!find<QLabel>("hazard1")->isVisible());
        const auto typeThickness = [this](const char* thickness) {
            QTimer answers;
            connect(&answers, &QTimer::timeout, &answers, [thickness] {
                if (auto* asks = qobject_cast<QInputDialog*>(QApplication::activeModalWidget())) {
                    asks->setTextValue(QLatin1String(thickness));
                    asks->accept();
                }
            });
            answers.start(1);
            press(Qt::Key_B, Qt::ControlModifier);
        };
        for (const char* none : {"90 mm", "thick", "0"}) {
            typeThickness(none);
            QVERIFY(!session().derived().now().state.block);
        }
        typeThickness("5 mm");
        QVERIFY(find<QLabel>("hazard1")->isVisible());
        QCOMPARE(find<QLabel>("hazard1")->text(), QStringLiteral("BLOCK IN"));
        QVERIFY(find<SceneView>("section")->scene().find(QStringLiteral("block")));
        QVERIFY(std::abs(gapAt_m(session().job().rig.bridge, session().derived().now().state.angle_rad) - 0.005) <
                1e-6);
        press(Qt::Key_B, Qt::ControlModifier | Qt::ShiftModifier);
        QVERIFY(!find<QLabel>("hazard1")->isVisible());
    }

    void aBrokenStringIsLogged() {
        press(Qt::Key_2, Qt::ControlModifier);
        press(Qt::Key_X, Qt::ControlModifier | Qt::ShiftModifier);
        QCOMPARE(session().job().log.back().kind, Event::Kind::Off);
        QVERIFY(find<SceneView>("section")->scene().find(QStringLiteral("string-2"))->dashed);
    }

    void placesByKeyAndRail() {
        for (int page = 0; page < 3; ++page) {
            press(Qt::Key_1 + page, Qt::AltModifier);
            QCOMPARE(window_->page(), static_cast<MainWindow::Page>(page));
        }
        QTest::mouseClick(find<QToolButton>("rail1"), Qt::LeftButton);
        QCOMPARE(window_->page(), MainWindow::Work);
        press(Qt::Key_F1);
        QCOMPARE(window_->page(), MainWindow::Help);
    }

    /// Cut, copy and paste are the field's own.
    void standardKeysKeepTheirMeaning() {
        auto* entry = find<QLineEdit>("entry");
        const std::size_t before = session().job().log.size();
        press(Qt::Key_2, Qt::ControlModifier);
        QTest::keyClicks(entry, QStringLiteral("-12"));
        entry->selectAll();
        press(Qt::Key_X, Qt::ControlModifier);
        QVERIFY(entry->text().isEmpty());
        QCOMPARE(session().job().log.size(), before);
        press(Qt::Key_V, Qt::ControlModifier);
        QCOMPARE(entry->text(), QStringLiteral("-12"));
        QCOMPARE(window_->actions().find("sheet")->shortcut(), QKeySequence(QKeySequence::Print));
    }

    void unitsAndThemesSwitch() {
        press(Qt::Key_I, Qt::ControlModifier);
        QVERIFY(
            find<SceneView>("section")->scene().find(QStringLiteral("gap-text"))->text.endsWith(QLatin1String("in")));
        press(Qt::Key_D, Qt::ControlModifier);
        QVERIFY(window_->context().preferences().dark);
        const Preferences kept = loadPreferences(dir_->filePath(QStringLiteral("flenzo.ini")));
        QVERIFY(kept.dark && kept.units.inches);
        press(Qt::Key_D, Qt::ControlModifier);
        press(Qt::Key_I, Qt::ControlModifier);
    }

    void saveOpenAndRecent() {
        const QString path = dir_->filePath(QStringLiteral("job.flenzo-job"));
        press(Qt::Key_F9);
        QVERIFY(window_->files().save(path));
        const QByteArray before = jobBytes(session().job());
        press(Qt::Key_F9);
        QVERIFY(window_->windowTitle().contains(QLatin1String("not saved")));
        testing::answerNext(QMessageBox::Cancel);
        QVERIFY(!window_->files().open(path));
        QVERIFY(jobBytes(session().job()) != before);
        testing::answerNext(QMessageBox::Discard);
        QVERIFY(window_->files().open(path));
        QCOMPARE(jobBytes(session().job()), before);
        QCOMPARE(window_->context().preferences().recentFiles.front(), path);
        QVERIFY(!window_->files().open(dir_->filePath(QStringLiteral("absent"))));
        QVERIFY(window_->message().contains(QLatin1String("untouched")));
        QVERIFY(!window_->files().save(dir_->filePath(QStringLiteral("no/such/folder/x.flenzo-job"))));
        QVERIFY(window_->message().contains(QLatin1String("nothing was changed")));
    }

    void aCrashIsOffered() {
        const QDir folder(dir_->filePath(QStringLiteral("recovery")));
        Job job = demoJob(1).value();
        job.guitar = QStringLiteral("Left behind");
        QVERIFY(!writeFile(folder.filePath(QStringLiteral("dead.flenzo-job")), jobBytes(job)));
        window_->offerRecovery();
        QVERIFY(text("recoveryText").contains(QLatin1String("Left behind")));
        QTest::mouseClick(find<QPushButton>("bringBack"), Qt::LeftButton);
        QCOMPARE(text("guitarTitle"), QStringLiteral("Left behind"));
    }

    void aGuitarThatCannotFloatSaysSo() {
        window_->openDemo(3);
        QCOMPARE(window_->findChild<JobPage*>()->shownStep()->id, StepId::Plan);
        QVERIFY(text("verdict").contains(QLatin1String("No stable float")));
        QVERIFY(text("reason").contains(QLatin1String("unstable")));
        window_->showBench();
        QTest::keyClick(find<QLineEdit>("entry"), Qt::Key_Space);
        QVERIFY(window_->message().contains(QLatin1String("impossible")));
    }

    /// Every view fits 1024x700, and everything that takes the focus has a name for a screen reader.
    void smallWindowsAndNames() {
        for (int d = 0; d < demoNames().size(); ++d) {
            window_->openDemo(d);
            window_->resize(1024, 700);
            const auto fits = [&](const QString& where) {
                for (int k = 0; k < 3; ++k)
                    QCoreApplication::processEvents();
                QVERIFY2(window_->width() <= 1024 && window_->height() <= 700, qPrintable(where));
                const auto* area = qobject_cast<QScrollArea*>(window_->findChild<QStackedWidget*>()->currentWidget());
                QVERIFY2(area && area->horizontalScrollBar()->maximum() == 0, qPrintable(where + " is too wide"));
            };
            for (int page = 0; page < MainWindow::PageCount; ++page) {
                window_->showPage(static_cast<MainWindow::Page>(page));
                fits(QStringLiteral("page %1").arg(page));
            }
            for (const Step& step : stepsOf(session().job())) {
                window_->lookAt(step.id);
                fits(QLatin1String(specOf(step.id).name));
            }
            window_->showBench();
            fits(QStringLiteral("bench"));
            window_->showFigures(true);
            fits(QStringLiteral("figures"));
            window_->showFigures(false);
        }
        for (QWidget* widget : window_->findChildren<QWidget*>()) {
            const bool field =
                widget->inherits("QLineEdit") || widget->inherits("QComboBox") || widget->inherits("QAbstractItemView");
            const bool ours = !widget->objectName().startsWith(QLatin1String("qt_")) &&
                              !widget->parentWidget()->inherits("QComboBox") &&
                              !widget->parentWidget()->inherits("QComboBoxPrivateContainer") &&
                              !widget->inherits("QHeaderView");
            if (field && ours && (widget->focusPolicy() & Qt::TabFocus))
                QVERIFY2(!widget->accessibleName().isEmpty(),
                         qPrintable(widget->metaObject()->className() + QStringLiteral(" ") + widget->objectName()));
        }
    }

    void largeTextKeepsTheActInSight() {
        for (int i = 0; i < 4; ++i)
            press(Qt::Key_Plus, Qt::ControlModifier);
        QCOMPARE(window_->context().preferences().textScale, 2.0);
        QCoreApplication::processEvents();
        const QLabel* act = find<QLabel>("act");
        QVERIFY(act->isVisible() && act->visibleRegion().boundingRect().width() > 100);
        QCOMPARE(window_->size(), QSize(1280, 800)); // the window has not grown: what does not fit scrolls
        const QRect window(window_->mapToGlobal(QPoint()), window_->size());
        for (const char* name : {"act", "figure", "entry", "done", "answer"}) {
            const auto* shown = find<QWidget>(name);
            QVERIFY2(window.contains(QRect(shown->mapToGlobal(QPoint()), shown->size())), name);
        }
        for (int i = 0; i < 4; ++i)
            press(Qt::Key_Minus, Qt::ControlModifier);
    }

    void aDoubtfulReadingIsQuestionedAndMayStand() {
        const auto wantsAll = [this] {
            const NextAct& next = session().derived().next();
            return next.what == NextAct::Do::Read && next.strings.size() > 3;
        };
        for (int acts = 0; acts < 40 && !wantsAll(); ++acts)
            press(Qt::Key_F9);
        press(Qt::Key_F9); // the whole guitar has been read with the strings near pitch
        const std::size_t string = 3;
        const double known = session().derived().now().readings_cents[string];
        type(QStringLiteral("%1=%2")
                 .arg(QString::fromStdString(session().job().rig.strings[string].name))
                 .arg(known - 90.0, 0, 'f', 1));
        QVERIFY(session().derived().advice.doubt.has_value());
        QVERIFY(text("act").contains(QLatin1String("again")));
        QVERIFY(find<QPushButton>("done")->isEnabled());
        QTest::keyClick(find<QLineEdit>("entry"), Qt::Key_Space);
        QVERIFY(session().job().log.back().confirmed);
        QVERIFY(!session().derived().advice.doubt.has_value());
    }

    void aTrialIsPlayedBesideTheWork() {
        window_->showPage(MainWindow::Practice);
        find<QSpinBox>("trialGuitars")->setValue(2);
        auto* start = find<QPushButton>("startTrial");
        QTest::mouseClick(start, Qt::LeftButton);
        QVERIFY(!start->isEnabled() && find<QPushButton>("stopTrial")->isEnabled());
        QTRY_VERIFY_WITH_TIMEOUT(start->isEnabled(), 60000);
        QVERIFY(text("trialSaid").contains(QLatin1String("2 of 2")));
        QVERIFY(find<SceneView>("trialChart")->scene().marks.size() > 20);
        find<QSpinBox>("trialGuitars")->setValue(4000);
        QTest::mouseClick(start, Qt::LeftButton);
        QTest::mouseClick(find<QPushButton>("stopTrial"), Qt::LeftButton);
        QTRY_VERIFY_WITH_TIMEOUT(start->isEnabled(), 60000);
        QVERIFY(text("trialSaid").startsWith(QLatin1String("Stopped")));
    }

    void everyDemoGuitarComesHome_data() {
        QTest::addColumn<int>("demo");
        for (const int demo : {1, 2, 4, 5})
            QTest::newRow(qPrintable(demoNames().at(demo))) << demo;
    }
    void everyDemoGuitarComesHome() {
        QFETCH(int, demo);
        window_->openDemo(demo);
        window_->showBench();
        for (int acts = 0; acts < 200 && session().derived().next().what != NextAct::Do::Done; ++acts)
            press(Qt::Key_F9);
        QVERIFY2(text("act").startsWith(QLatin1String("In tune")), qPrintable(text("act")));
        const Job& job = session().job();
        SimulatedGuitar guitar(benchJobOf(job), UncertaintyModel(), *job.simulatedSeed);
        guitar.follow(job.log);
        QVERIFY(worst_cents(readings_cents(guitar.rig(), guitar.state())) < 2.4);
    }
};

QTEST_MAIN(TestWindow)
#include "test_window.moc"
