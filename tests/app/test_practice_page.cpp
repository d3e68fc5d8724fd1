// SPDX-License-Identifier: GPL-3.0-or-later
// Somebody who has never opened the program, from the first start to a scored exercise, by keys.
#include "app/main_window.h"
#include "store/exercise_json.h"
#include "store/files.h"
#include "support/window.h"
#include "widgets/controls/scene_view.h"
#include "widgets/pages/practice_bench.h"
#include "widgets/pages/practice_page.h"
#include "widgets/pages/practice_result.h"

#include <QComboBox>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QSignalSpy>
#include <QTabWidget>
#include <QTableWidget>

using namespace flenzo;
using namespace flenzo::testing;

class TestPracticePage : public QObject, WindowFixture {
    Q_OBJECT

    PracticePage& page() { return *window_->findChild<PracticePage*>(); }
    PracticeBench& bench() { return page().bench(); }
    const PracticeRun& run() { return *bench().run(); }
    void press(Qt::Key key) { QTest::keyClick(find<QLineEdit>("practiceEntry"), key); }
    void handOver() { QTest::keyClick(find<QLineEdit>("practiceEntry"), Qt::Key_Return, Qt::ControlModifier); }
    void type(const QString& text) { QTest::keyClicks(find<QLineEdit>("practiceEntry"), text); }
    void open() {
        window_->showPage(MainWindow::Practice);
        find<QComboBox>("apprentice")->setCurrentText(QStringLiteral("Mira"));
    }
    void begin(const char* exercise, std::uint32_t seed) {
        open();
        page().begin(exerciseNamed(QLatin1String(exercise)).value(), seed);
    }
    /// Picks the string by keys.
    void pick(std::size_t string) {
        for (std::size_t k = 0; k < run().job().rig.strings.size() && bench().pickedString() != string; ++k)
            press(Qt::Key_Down);
        QCOMPARE(bench().pickedString(), string);
    }
    /// What the adviser would do at this very guitar, done by keys with rounded figures.
    void followTheAdviser() {
        for (int k = 0; k < 300 && !run().isOver(); ++k) {
            const Advice advice = advise(benchJobOf(run().job()));
            const NextAct& next = advice.act;
            switch (next.what) {
            case NextAct::Do::Read:
                for (const std::size_t string : next.strings) {
                    pick(string);
                    press(Qt::Key_R);
                }
                if (next.gap)
                    press(Qt::Key_G);
                break;
            case NextAct::Do::Claw:
                type(QString::number(std::abs(next.turns.mean()), 'f', 2));
                press(next.turns.mean() < 0.0 ? Qt::Key_J : Qt::Key_T);
                break;
            case NextAct::Do::Tune:
                pick(next.aim.string);
                type(QString::number(std::lround(next.aim.cents)));
                press(Qt::Key_Return);
                break;
            case NextAct::Do::Unblock:
                press(Qt::Key_O);
                break;
            case NextAct::Do::Stretch:
                pick(next.aim.string);
                press(Qt::Key_P);
                break;
            default:
                handOver();
            }
        }
    }

private Q_SLOTS:
    void init() { beginShop(); }
    void cleanup() { endShop(); }

    void fromTheFirstStartToAScore() {
        open();
        auto* list = find<QListWidget>("exercises");
        QVERIFY(list->count() >= 11 && list->currentRow() == 0);
        QVERIFY(!text("exerciseTitle").isEmpty() && !text("exerciseStory").isEmpty());
        find<QPushButton>("beginExercise")->click();
        QVERIFY(bench().isVisible() && find<QLineEdit>("practiceEntry")->hasFocus());
        bench().setAskNumber([](const QString&) { return QStringLiteral("-20"); });
        press(Qt::Key_A);
        for (std::size_t i = 0; i < run().job().rig.strings.size(); ++i)
            QVERIFY(find<SceneView>("practiceLanes")->scene().find(QStringLiteral("figure-%1").arg(i)));
        followTheAdviser();
        QVERIFY(run().isOver());
        auto& result = page().result();
        QVERIFY(result.isVisible());
        QVERIFY2(text("practicePoints").contains(QLatin1String("passed")) &&
                     !text("practicePoints").contains(QLatin1String("not")),
                 qPrintable(text("practicePoints") + text("practiceLines")));
        QVERIFY(text("practiceLines").contains(QLatin1String("Lowest string guessed")));
        result.finishAdviser();
        QVERIFY(result.adviser() && result.adviser()->score().passed);
        QVERIFY(!find<SceneView>("practiceYours")->scene().description.isEmpty() &&
                !find<SceneView>("practiceAdvised")->scene().description.isEmpty());
        auto* acts = find<QListWidget>("practiceActs");
        QCOMPARE(acts->count(), static_cast<int>(run().acts().size()));
        acts->setCurrentRow(3);
        QVERIFY(!text("practiceWhy").isEmpty());
        // It is kept, and shows on the ladder and on paper.
        QCOMPARE(book().practice(QStringLiteral("Mira")).value().size(), 1);
        QCOMPARE(book().jobCount().value(), 0);
        find<QPushButton>("practiceLadder")->click();
        QVERIFY(list->item(0)->text().contains(QChar(0x2713)));
        QVERIFY(find<SceneView>("practiceProgress")->scene().find(QStringLiteral("run-0")));
        QVERIFY(page().summary().contains(QLatin1String("Mira")) && page().summary().contains(QLatin1String("passed")));
    }

    void itIsTriedAgainFromAnAct() {
        begin("sunk", 11);
        bench().setAskNumber([](const QString&) { return QStringLiteral("2 1/4"); });
        type(QStringLiteral("1 1/2"));
        press(Qt::Key_J);
        QCOMPARE(run().acts().size(), 2); // the guess before it
        QCOMPARE(run().guesses().last().said, 2.25);
        type(QStringLiteral("6"));
        press(Qt::Key_T);
        handOver();
        QVERIFY(text("practicePoints").contains(QLatin1String("not passed")));
        QVERIFY2(text("practiceLines").contains(QLatin1String("What cost most")), qPrintable(text("practiceLines")));
        QCOMPARE(find<QListWidget>("practiceActs")->currentRow(), static_cast<int>(*run().costliestAct()));
        find<QPushButton>("practiceAgainFrom")->click();
        QVERIFY(bench().isVisible() && !run().isOver());
        QCOMPARE(run().seed(), 11U);
        QCOMPARE(run().acts().size(), 2); // as it was before that
        QCOMPARE(run().acts().last().turns.bass, -1.5);
    }

    void whatIsWrongIsSaidAndPutRight() {
        begin("what-is-wrong", 2);
        bench().setAskNumber([](const QString&) { return QStringLiteral("0"); });
        press(Qt::Key_I);
        QVERIFY(text("practiceSays").contains(QLatin1String("springs")));
        press(Qt::Key_V);
        press(Qt::Key_D);
        press(Qt::Key_C);
        QVERIFY(text("practiceSays").contains(QLatin1String("caliper")));
        const Defect hidden = run().hiddenFault();
        bench().setAskFault([] { return std::optional(Defect::CapTurned); });
        QTest::keyClick(find<QLineEdit>("practiceEntry"), Qt::Key_F2);
        QCOMPARE(text("practiceSays"), QStringLiteral("Not that."));
        pick(run().hiddenString());
        bench().setAskFault([hidden] { return std::optional(hidden); });
        QTest::keyClick(find<QLineEdit>("practiceEntry"), Qt::Key_F2);
        QVERIFY(text("practiceSays").startsWith(QLatin1String("Right")));
        QVERIFY(run().score().found);
    }

    /// What is not kept says why.
    void whyItIsNotKept() {
        const auto handedOver = [this](MainWindow& window, const QString& who) {
            window.showPage(MainWindow::Practice);
            auto& practice = *window.findChild<PracticePage*>();
            window.findChild<QComboBox*>(QStringLiteral("apprentice"))->setCurrentText(who);
            QSignalSpy said(&window.context(), &AppContext::said);
            practice.begin(exerciseNamed(QStringLiteral("sunk")).value(), 3);
            practice.bench().takeNamed(QStringLiteral("done"));
            practice.result().finishAdviser();
            return said.isEmpty() ? QString() : said.last().front().toString();
        };
        QVERIFY(handedOver(*window_, QString()).contains(QLatin1String("name")));
        const auto second = windowOn(dir_->path());
        QVERIFY(second);
        const QString why = handedOver(*second, QStringLiteral("Mira"));
        QVERIFY2(why.contains(QLatin1String("another window")), qPrintable(why));
        QCOMPARE(book().practice(QString()).value().size(), 0);
        QCOMPARE(handedOver(*window_, QStringLiteral("Mira")), QString());
        QCOMPARE(book().practice(QString()).value().size(), 1);
        onTheLogbook("DROP TABLE practice");
        QVERIFY(handedOver(*window_, QStringLiteral("Mira")).contains(QLatin1String("logbook"), Qt::CaseInsensitive));
    }

    void badInputIsOneSentence() {
        begin("fresh-strings", 2);
        QSignalSpy said(&window_->context(), &AppContext::said);
        press(Qt::Key_Return); // to what?
        QCOMPARE(said.count(), 1);
        type(QStringLiteral("99999"));
        press(Qt::Key_Return);
        QCOMPARE(said.count(), 2);
        QVERIFY(run().acts().isEmpty());
        bench().setAskNumber([](const QString&) { return QString(); });
        find<QLineEdit>("practiceEntry")->setText(QStringLiteral("0"));
        press(Qt::Key_Return); // the guess was not given
        QVERIFY(run().acts().isEmpty());
        bench().setAskNumber([](const QString&) { return QStringLiteral("a bit flat"); });
        press(Qt::Key_Return);
        QCOMPARE(said.count(), 3);
        QVERIFY(run().acts().isEmpty());
        QCOMPARE(find<QLineEdit>("practiceEntry")->text(), QStringLiteral("0")); // what was typed is still there
        const QString file = dir_->filePath(QStringLiteral("mine.flenzo-exercise"));
        QVERIFY(!writeFile(file, QByteArrayLiteral("{\"format\":\"flenzo-exercise\",\"version\":1,\"name\":\"x\"}")));
        QVERIFY(!page().openExercise(file));
        QVERIFY2(said.last().front().toString().contains(QLatin1String("job")),
                 qPrintable(said.last().front().toString()));
        press(Qt::Key_Escape); // the entry first
        press(Qt::Key_Escape);
        QVERIFY(!bench().isVisible() && find<QTabWidget>("practiceTabs")->isVisible());
    }

    /// What would be touched is picked in the picture or by name, and shows its own acts and no others.
    void thingsArePickedInThePicture() {
        begin("sunk", 5);
        bench().setAskNumber([](const QString&) { return QStringLiteral("1"); });
        QCoreApplication::processEvents();
        const auto shown = [this] {
            QStringList names;
            for (const QPushButton* button : bench().findChildren<QPushButton*>())
                if (button->isVisible() && button->objectName().startsWith(QLatin1String("practice-")))
                    names.append(button->objectName().mid(9));
            names.sort();
            return names;
        };
        QVERIFY(shown().contains(QStringLiteral("tune")) && !shown().contains(QStringLiteral("tighten")));
        auto* side = find<SceneView>("practiceSide");
        const QPointF claw = side->scene().find(QStringLiteral("claw"))->points.boundingRect().center();
        QTest::mouseClick(side, Qt::LeftButton, {}, claw.toPoint());
        QCOMPARE(shown(), (QStringList{QStringLiteral("bass"), QStringLiteral("diagnose"), QStringLiteral("done"),
                                       QStringLiteral("loosen"), QStringLiteral("tighten")}));
        QVERIFY(find<QPushButton>("thing-claw")->isChecked() && side->scene().find(QStringLiteral("picked")));
        type(QStringLiteral("0.5"));
        find<QPushButton>("practice-loosen")->click();
        QCOMPARE(run().acts().last().turns.bass, -0.5);
        press(Qt::Key_R); // the key of another thing's act does it all the same
        QCOMPARE(run().acts().last().what, PracticeAct::Do::Read);
        find<QPushButton>("thing-ruler")->click();
        QVERIFY(shown().contains(QStringLiteral("measure")) && shown().contains(QStringLiteral("look")));
        for (const char* thing : {"peg", "tuner", "string", "claw", "springs", "block", "arm", "posts", "ruler"}) {
            find<QPushButton>(qPrintable(QStringLiteral("thing-") + QLatin1String(thing)))->click();
            QVERIFY2(shown().size() >= 3 && shown().size() <= 5, thing); // one to three, and two of the whole
        }
        auto* lanes = find<SceneView>("practiceLanes");
        const QPointF third = lanes->scene().find(QStringLiteral("lane-2"))->points.boundingRect().center();
        QTest::mouseClick(lanes, Qt::LeftButton, {}, third.toPoint());
        QCOMPARE(bench().pickedString(), std::size_t{2});
        QVERIFY(shown().contains(QStringLiteral("tune")) && find<QLineEdit>("practiceEntry")->hasFocus());
    }

    /// A whole exercise by the mouse, but for the figures: strings are picked in their lanes, acts pressed.
    void anExerciseByMouse() {
        begin("fresh-strings", 7);
        auto* lanes = find<SceneView>("practiceLanes");
        const auto click = [this](const char* name) {
            auto* button = find<QPushButton>(name);
            QVERIFY2(button && button->isVisible() && button->isEnabled(), name);
            QTest::mouseClick(button, Qt::LeftButton);
        };
        const auto pickLane = [&](std::size_t string) {
            QCoreApplication::processEvents();
            const Mark* lane = lanes->scene().find(QStringLiteral("lane-%1").arg(string));
            QTest::mouseClick(lanes, Qt::LeftButton, {}, lane->points.boundingRect().center().toPoint());
            QCOMPARE(bench().pickedString(), string);
        };
        bench().setAskNumber([](const QString&) { return QStringLiteral("1"); });
        for (int k = 0; k < 300 && !run().isOver() && !QTest::currentTestFailed(); ++k) {
            const NextAct next = advise(benchJobOf(run().job())).act;
            switch (next.what) {
            case NextAct::Do::Read:
                click("thing-tuner");
                for (const std::size_t string : next.strings) {
                    pickLane(string); // the tuner stays in the hand
                    click("practice-read");
                }
                if (next.gap) {
                    click("thing-ruler");
                    click("practice-measure");
                }
                break;
            case NextAct::Do::Claw:
                click("thing-claw");
                type(QString::number(std::abs(next.turns.mean()), 'f', 2));
                click(next.turns.mean() < 0.0 ? "practice-loosen" : "practice-tighten");
                break;
            case NextAct::Do::Tune:
                click("thing-peg");
                pickLane(next.aim.string);
                type(QString::number(std::lround(next.aim.cents)));
                click("practice-tune");
                break;
            default:
                click("practice-done");
            }
        }
        QVERIFY(run().isOver() && page().result().isVisible());
        QVERIFY(run().score().inTune);
    }

    /// What is expected is asked for in words and typed in the field; no key does anything else meanwhile.
    void theEstimateIsAskedAndTyped() {
        begin("sunk", 5);
        type(QStringLiteral("1"));
        press(Qt::Key_J);
        QVERIFY2(text("practiceSays").contains(QLatin1String("How many turns are missing")),
                 qPrintable(text("practiceSays")));
        const qsizetype before = run().acts().size();
        press(Qt::Key_A);
        QCOMPARE(run().acts().size(), before); // a letter of the answer, and a wrong one
        press(Qt::Key_Return);
        QCOMPARE(run().acts().size(), before);
        QVERIFY2(window_->message().contains(QLatin1String("is not understood")), qPrintable(window_->message()));
        find<QLineEdit>("practiceEntry")->clear();
        type(QStringLiteral("-2 1/2"));
        press(Qt::Key_Return);
        QCOMPARE(run().acts().size(), before + 2);
        QCOMPARE(run().acts().at(before).amount, -2.5);
        QCOMPARE(run().acts().last().turns.bass, -1.0); // and what waited for it is done
        QVERIFY(!text("practiceSays").contains(QLatin1String("How many turns")));
    }

    /// The window's keys mean on this bench what they mean on the other, and leave the job that is open alone.
    void theBenchesShareTheirKeys() {
        window_->openDemo(0);
        const std::vector<Event> log = window_->context().session().job().log;
        begin("sunk", 5);
        QVERIFY(QTest::qWaitForWindowActive(window_.get()));
        bench().setAskNumber([](const QString&) { return QStringLiteral("1"); });
        auto* entry = find<QLineEdit>("practiceEntry");
        QVERIFY(entry->hasFocus());
        const auto chord = [entry](Qt::Key key, Qt::KeyboardModifiers with) { QTest::keyClick(entry, key, with); };
        QVERIFY(!find<QLabel>("hazard0")->isVisible());
        chord(Qt::Key_3, Qt::ControlModifier);
        QCOMPARE(bench().pickedString(), std::size_t{3}); // of six, numbered from the thin side
        press(Qt::Key_R);
        chord(Qt::Key_G, Qt::ControlModifier);
        QVERIFY(run().job().log.back().gap_m.has_value());
        type(QStringLiteral("8 mm"));
        QCOMPARE(entry->text(), QStringLiteral("8 mm"));
        chord(Qt::Key_B, Qt::ControlModifier);
        QCOMPARE(run().acts().last().what, PracticeAct::Do::Block);
        chord(Qt::Key_B, Qt::ControlModifier | Qt::ShiftModifier);
        QCOMPARE(run().acts().last().what, PracticeAct::Do::Unblock);
        type(QStringLiteral("0.2 mm"));
        chord(Qt::Key_M, Qt::AltModifier);
        QCOMPARE(run().acts().last().what, PracticeAct::Do::Posts);
        QCOMPARE(run().acts().last().amount, 0.2e-3);
        type(QStringLiteral("1 1/4"));
        chord(Qt::Key_J, Qt::AltModifier); // not the menu of that letter
        QCOMPARE(run().acts().last().turns.treble, -1.25);
        chord(Qt::Key_X, Qt::ControlModifier | Qt::ShiftModifier);
        QCOMPARE(run().acts().last().what, PracticeAct::Do::TakeOff);
        chord(Qt::Key_Z, Qt::ControlModifier);
        chord(Qt::Key_F9, Qt::NoModifier);
        QVERIFY(window_->context().session().job().log == log);
        QVERIFY(window_->actions().find("undo")->isEnabled() == false);
        // What was read shows as the way home, and only that.
        find<QPushButton>("practiceProgress")->click();
        const Scene& way = find<SceneView>("practiceWay")->scene();
        QVERIFY(way.find(QStringLiteral("string-3")) && !way.find(QStringLiteral("string-4")));
        press(Qt::Key_Escape); // back to the instrument
        QVERIFY(find<SceneView>("practiceLanes")->isVisible());
        // Left for the ladder it waits; the window's keys are the job's again.
        const qsizetype acts = run().acts().size();
        entry->clear();
        press(Qt::Key_Escape);
        QVERIFY(!bench().isVisible() && find<QPushButton>("goOnWithExercise")->isVisible());
        find<QPushButton>("goOnWithExercise")->click();
        QVERIFY(bench().isVisible() && run().acts().size() == acts);
        handOver();
        QVERIFY(run().isOver());
        find<QPushButton>("practiceLadder")->click();
        QVERIFY(!find<QPushButton>("goOnWithExercise")->isVisible());
        QVERIFY(window_->context().session().job().log == log);
    }
};

QTEST_MAIN(TestPracticePage)
#include "test_practice_page.moc"
