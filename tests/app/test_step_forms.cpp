// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/main_window.h"
#include "domain/job/claw_depth.h"
#include "domain/job/edits.h"
#include "domain/methods/methods.h"
#include "domain/work/warnings.h"
#include "session/document/demo.h"
#include "store/job_json.h"
#include "support/step_forms.h"
#include "widgets/controls/scene_view.h"
#include "widgets/controls/step_clock.h"
#include "widgets/dialogs/job_sheet.h"
#include "widgets/dialogs/photo_level_dialog.h"
#include "widgets/forms/method_table.h"
#include "widgets/pages/bench_page.h"
#include "widgets/pages/job_page.h"
#include "widgets/text/step_figures.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QFile>
#include <QImage>
#include <QLabel>
#include <QLineEdit>
#include <QMenu>
#include <QPushButton>
#include <QSignalSpy>
#include <QTableWidget>
#include <QTest>
#include <QTreeWidget>
#include <memory>

using namespace flenzo;
using namespace flenzo::testing;

class TestStepForms : public QObject, protected StepFormFixture {
    Q_OBJECT
private Q_SLOTS:
    void init() { beginShop(); }
    void cleanup() { endShop(); }

    void twoCaliperReadingsNameTheOldSet() {
        openAt(2, StepId::OldSet);
        auto* take = find<QPushButton>("takeOldSet");
        type("caliper", QStringLiteral("46"));
        QVERIFY(!take->isEnabled());
        type("caliperThin", QStringLiteral("0.25"));
        QVERIFY(text("caliperSays").contains(QLatin1String("Set: Six, 10 to 46")));
        QVERIFY(text("caliperSays").contains(QLatin1String("0.250 mm")) &&
                text("caliperSays").contains(QLatin1String("thousandths of an inch")));
        QVERIFY(take->isEnabled());
        QTest::mouseClick(take, Qt::LeftButton);
        QVERIFY(std::abs(job().off.front().wire.gauge_m / (46 * 25.4e-6) - 1.0) < 0.1);
        QVERIFY(text("caliperSays").contains(job().offPicks.setName));
        QTest::keyClick(window_.get(), Qt::Key_Z, Qt::ControlModifier);
        type("caliperThin", QStringLiteral("0.28")); // no set ends so: the strings one by one
        QVERIFY2(!take->isEnabled() && text("caliperSays").contains(QLatin1String("No set fits")),
                 qPrintable(text("caliperSays")));
        type("caliperEach", QStringLiteral("46 36 26 17 14 11"));
        QVERIFY(take->isEnabled());
        QTest::mouseClick(take, Qt::LeftButton);
        QVERIFY(std::abs(job().off.back().wire.gauge_m / (11 * 25.4e-6) - 1.0) < 0.01);
        type("caliperEach", QString());
        type("caliperThin", QStringLiteral("17 furlongs"));
        QVERIFY(!take->isEnabled() && text("caliperSays").contains(QLatin1String("is not understood")));
    }

    void theCardKeepsWhatIsTyped() {
        openAt(0, StepId::LookOver);
        find<QPushButton>("moreCard")->click();
        for (const auto& [name, words] : {std::pair("cardContact", "rings after six"),
                                          {"cardSlots", "1, 3 and 5"},
                                          {"cardBlock", "felt strip, 9 mm"},
                                          {"cardLevel", "the engraved line"}}) {
            auto* field = find<QLineEdit>(name);
            field->setFocus();
            field->selectAll();
            QTest::keyClicks(field, QLatin1String(words));
            QTest::keyClick(field, Qt::Key_Return);
        }
        const Job kept = session().logbook()->job(*session().keptAs()).value();
        QCOMPARE(kept.card.contact, QStringLiteral("rings after six"));
        QCOMPARE(kept.card.springSlots, QStringLiteral("1, 3 and 5"));
        QCOMPARE(kept.card.block, QStringLiteral("felt strip, 9 mm"));
        QCOMPARE(kept.card.levelMark, QStringLiteral("the engraved line"));
        QCOMPARE(currentStep(job(), derived())->id, StepId::LookOver); // Enter ended fields, not the step
    }

    /// Both sides in millimetres: a crooked claw is said, and what a turn draws in is taken off.
    void aCrookedClawIsSaidAndFollowed() {
        openAt(0, StepId::LookOver);
        find<QPushButton>("moreCard")->click();
        for (const auto& [name, depth] : {std::pair("clawDepthBass", "14"), {"clawDepthTreble", "11.5"}}) {
            auto* field = find<QDoubleSpinBox>(name);
            field->setFocus();
            field->selectAll();
            QTest::keyClicks(field, QLatin1String(depth));
            QTest::keyClick(field, Qt::Key_Return);
        }
        QVERIFY(std::abs(*job().card.clawDepth.treble_m - 0.0115) < 1e-9);
        QVERIFY(!session().append(QStringLiteral("claw"), Event::claw({1.0, 1.0})));
        const ClawDepth now = clawDepthNow(job());
        QVERIFY(std::abs(*now.bass_m - (0.014 - job().rig.claw.lead_m)) < 1e-9);
        QVERIFY(std::abs(*clawSlant_m(job()) - 0.0025) < 1e-9);
        const QString said = stepFigures(job(), derived(), {StepId::Checks, {}}, {});
        QVERIFY2(said.contains(QLatin1String("12.40 mm")) && said.contains(QLatin1String("treble screw is")),
                 qPrintable(said));
        const Job next = nextJob(job(), derived().advice.guitar, QDate(2026, 12, 1));
        QCOMPARE(clawDepthNow(next), now); // where the claw was left

        // Turned further than that: it was measured wrongly, and has to be measured again.
        QVERIFY(!session().append(QStringLiteral("claw"), Event::claw({8.0, 8.0})));
        QVERIFY(!clawDepthNow(job()).bass_m && !clawSlant_m(job()));
        QVERIFY(!unreadable(nextJob(job(), derived().advice.guitar, QDate(2026, 12, 1))));
        // Loosened far and measured then: the depth it began with lies behind the wall, and is kept all the same.
        QVERIFY(!session().append(QStringLiteral("claw"), Event::claw({-12.0, -12.0})));
        auto* field = find<QDoubleSpinBox>("clawDepthBass");
        field->setFocus();
        field->selectAll();
        QTest::keyClicks(field, QStringLiteral("2"));
        QTest::keyClick(field, Qt::Key_Return);
        QVERIFY(*job().card.clawDepth.bass_m < 0.0 && !unreadable(job()));
        const Result<Job> again = jobFromJson(jobToJson(job()));
        QVERIFY(again.ok() && std::abs(*clawDepthNow(again.value()).bass_m - 0.002) < 1e-9);
    }

    /// Who wants another arm hears which springs make it, on this guitar.
    void aWishedArmNamesItsSprings() {
        openAt(0, StepId::AskOwner);
        auto* feel = find<QComboBox>("armFeel");
        feel->setCurrentIndex(1);
        Q_EMIT feel->activated(1);
        QCOMPARE(job().card.feel, ArmFeel::Softer);
        QVERIFY2(text("stepFigures").contains(QLatin1String("For that arm: ")), qPrintable(text("stepFigures")));
        QVERIFY(text("stepFigures").contains(QLatin1String("softer")) &&
                !text("stepFigures").contains(QLatin1String("stiffer")));
    }

    /// What nobody can measure is found: by a luggage scale in kilograms, and by two claw positions.
    void springsAreFoundByScaleAndByClaw() {
        openAt(0, StepId::Plan);
        window_->showFigures(true);
        for (const auto& [field, words] : {std::pair("findFree", "55"),
                                           {"findShort", "65 mm"},
                                           {"findShortForce", "2.9 kg"},
                                           {"findLong", "75"},
                                           {"findLongForce", "4.9 kg"}})
            type(field, QLatin1String(words));
        QVERIFY2(text("findSpringSays").contains(QLatin1String("1.96 N/mm")), qPrintable(text("findSpringSays")));
        find<QPushButton>("takeSpring")->click();
        QVERIFY(std::abs(job().rig.springs.front().rate_Npm / 1961.3 - 1.0) < 1e-3);
        QVERIFY(job().measured.contains(QStringLiteral("springs.rate")));
        type("findLongForce", QStringLiteral("1 kg")); // less, though drawn further
        QVERIFY(!find<QPushButton>("takeSpring")->isEnabled());
        QVERIFY(!find<QWidget>("takeArm")->isVisible()); // nothing holds this plate
        const double before_Npm = job().rig.springs.front().rate_Npm;
        type("findFirst", QStringLiteral("0"));
        Rig stiffer = job().rig;
        for (Spring& spring : stiffer.springs)
            spring.rate_Npm *= 1.15;
        double turns[2] = {};
        for (const int k : {0, 1}) {
            Goal goal;
            goal.angle_rad = radians(3.0 * k);
            turns[k] = levelSolution(stiffer, bareState(stiffer), goal).state.claw.mean();
        }
        type("findTurns", QString::number(turns[1] - turns[0], 'f', 2));
        type("findSecond", QStringLiteral("3"));
        auto* take = find<QPushButton>("takeClaw");
        QVERIFY2(take->isEnabled(), qPrintable(text("findClawSays")));
        take->click();
        QVERIFY(std::abs(job().rig.springs.front().rate_Npm / before_Npm - 1.15) < 0.02);
        QVERIFY2(text("findClawSays").contains(QLatin1String(" 0 %")), qPrintable(text("findClawSays")));
        session().undoStack().undo(); // what it comes to is of the springs as they are again
        QVERIFY2(text("findClawSays").contains(QLatin1String("15 % stiffer")), qPrintable(text("findClawSays")));
        type("findTurns", QStringLiteral("12"));
        QVERIFY(!take->isEnabled() && text("findClawSays").contains(QLatin1String("No spring explains")));
        type("findTurns", QString::number((turns[1] - turns[0]) / 50.0, 'f', 4)); // a difference that no eye can tell
        type("findSecond", QStringLiteral("0.06"));
        QVERIFY2(!take->isEnabled() && text("findClawSays").contains(QLatin1String("too near")),
                 qPrintable(text("findClawSays")));
        openAt(1, StepId::Plan); // what was read of one guitar says nothing of another
        QVERIFY(find<QLineEdit>("findFirst")->text().isEmpty() && text("findClawSays").isEmpty());
        QVERIFY(!find<QPushButton>("takeSpring")->isEnabled());
    }

    /// The picture shows from where to where a figure is measured.
    void thePictureShowsWhereAFigureIsMeasured() {
        openAt(0, StepId::Plan);
        window_->showFigures(true);
        auto* section = window_->findChild<SceneView*>(QStringLiteral("rigSection"));
        QVERIFY(!section->scene().find(QStringLiteral("span")));
        find<QLineEdit>("bridge.rearEdge")->setFocus();
        const Mark* span = section->scene().find(QStringLiteral("span"));
        QVERIFY(span);
        const Mark* pivot = section->scene().find(QStringLiteral("pivot"));
        QVERIFY(QLineF(span->points.first(), pivot->points.first()).length() < 1.0);
    }

    /// What rests on the body cannot be pulled up, and is not asked for it.
    void aDeckedBridgeIsNotPulledUp() {
        Job opened = demoJob(0).value();
        opened.log.clear();
        setDecked(opened, true);
        QVERIFY(!session().start(opened, QString(), Unsaved::Discard));
        window_->lookAt(StepId::ReturnTest);
        auto* table = find<QTableWidget>("returnTable");
        QCOMPARE(table->columnCount(), 2);
        for (int row = 0; row < table->rowCount(); ++row)
            for (int column = 0; column < 2; ++column)
                table->setItem(row, column, new QTableWidgetItem(QStringLiteral("0")));
        QVERIFY(find<QPushButton>("saveReturn")->isEnabled());
        QVERIFY(!text("returnVerdict").contains(QLatin1String("pull")));
    }

    /// What wears is noted with its day, undone with one tick, and stands on the sheet.
    void replacedPartsAreNotedWithTheirDay() {
        openAt(0, StepId::HandOver);
        auto* caps = find<QCheckBox>("replaced caps");
        QVERIFY(caps && !find<QCheckBox>("replaced pins"));
        QTest::mouseClick(caps, Qt::LeftButton);
        QCOMPARE(job().card.replaced.value(QStringLiteral("caps")), QDate::currentDate());
        QVERIFY(illustratedSheet(job(), derived(), Units{})
                    .contains(QLatin1String("nut caps ") + QDate::currentDate().toString(Qt::ISODate)));
        QTest::mouseClick(caps, Qt::LeftButton);
        QVERIFY(job().card.replaced.isEmpty());
    }

    /// How it came in, every string in one field, with the room; too few are refused and what was typed stays to be
    /// corrected.
    void howItCameInIsTyped() {
        openAt(0, StepId::Checks);
        auto* field = find<QLineEdit>("cameIn");
        QStringList cents;
        for (std::size_t i = 0; i < job().off.size(); ++i)
            cents.append(QStringLiteral("-%1").arg(i));
        type("cameIn", QStringLiteral("-1 -2"));
        QTest::keyClick(field, Qt::Key_Return);
        QVERIFY(job().work.held.isEmpty());
        QVERIFY2(window_->message().contains(QLatin1String("-1 -2")), qPrintable(window_->message()));
        type("cameIn", cents.join(QLatin1Char(' ')));
        QTest::keyClick(field, Qt::Key_Return);
        QCOMPARE(job().work.held.size(), qsizetype(1));
        QCOMPARE(job().work.held.front().cents.back(), -static_cast<double>(job().off.size() - 1));
        find<QDoubleSpinBox>("roomHumidity")->setValue(48.0);
        QCOMPARE(*job().work.held.front().humidity_percent, 48.0);
        session().undoStack().undo();
        QVERIFY(!job().work.held.front().humidity_percent);
    }

    /// How the neck was and is, as typed; it stays with the job.
    void reliefIsKeptAsTyped() {
        openAt(0, StepId::Relief);
        type("reliefFound", QStringLiteral("0.35"));
        QTest::keyClick(find<QLineEdit>("reliefFound"), Qt::Key_Return);
        type("reliefLeft", QStringLiteral("0.20"));
        QTest::keyClick(find<QLineEdit>("reliefLeft"), Qt::Key_Return);
        QVERIFY(std::abs(*job().work.reliefFound_m - 0.00035) < 1e-9);
        QVERIFY2(text("reliefSays").contains(QLatin1String("Changed by")), qPrintable(text("reliefSays")));
        type("reliefLeft", QStringLiteral("17"));
        QTest::keyClick(find<QLineEdit>("reliefLeft"), Qt::Key_Return);
        QVERIFY(std::abs(*job().work.reliefLeft_m - 0.0002) < 1e-9); // no neck bends so far
    }

    void actionBecomesTurnsOfThePosts() {
        openAt(0, StepId::Height);
        type("actionBass", QStringLiteral("2.0"));
        type("actionTreble", QStringLiteral("1.6"));
        QVERIFY(text("heightSays").contains(QLatin1String("Type what the ruler shows")));
        type("wishBass", QStringLiteral("1.8"));
        type("wishTreble", QStringLiteral("1.8"));
        // At fret 12 half of what the post does arrives.
        QVERIFY(text("heightSays").contains(QLatin1String("Bass bridge post: lower by 0.4")));
        QVERIFY(text("heightSays").contains(QLatin1String("Treble bridge post: raise by 0.4")));
        QVERIFY(text("heightSays").contains(QLatin1String("0.57 turns")));
        type("postLead", QStringLiteral("1.4"));
        QVERIFY(text("heightSays").contains(QLatin1String("0.29 turns")));
        type("postLead", QStringLiteral("nought"));
        QVERIFY(text("heightSays").contains(QLatin1String("nought"))); // what is no number is said, not ignored
        type("postLead", QStringLiteral("0.7"));
        auto* turned = find<QPushButton>("postsTurned");
        const std::size_t entries = job().log.size();
        QTest::mouseClick(turned, Qt::LeftButton);
        QCOMPARE(job().log.size(), entries + 1);
        QVERIFY(job().log.back().kind == Event::Kind::Posts && job().log.back().bass_m < -0.0003);
        QCOMPARE(job().log.back().treble_m, -job().log.back().bass_m);
        QVERIFY(!turned->isEnabled() && find<QLineEdit>("actionBass")->text() == QLatin1String("1.8")); // as it is now
        type("wishBass", QStringLiteral("180"));
        QVERIFY2(text("heightSays").contains(QLatin1String("wanted, bass side"), Qt::CaseInsensitive),
                 qPrintable(text("heightSays")));
    }

    void octavesBecomeSaddleMoves() {
        openAt(0, StepId::Intonate);
        auto* table = find<QTableWidget>("intonation");
        QCOMPARE(table->rowCount(), static_cast<int>(job().rig.strings.size()));
        table->setItem(0, 0, new QTableWidgetItem(QStringLiteral("+4,0")));
        table->setItem(1, 0, new QTableWidgetItem(QStringLiteral("−2")));
        table->setItem(2, 0, new QTableWidgetItem(QStringLiteral("sharp")));
        QVERIFY(table->item(0, 2)->text().startsWith(QLatin1String("back")));
        QVERIFY(table->item(1, 2)->text().startsWith(QLatin1String("forward")));
        QVERIFY(table->item(2, 2)->text().isEmpty());
        QVERIFY2(text("intonationSays").contains(QLatin1String("sharp")), qPrintable(text("intonationSays")));
        auto* moved = find<QPushButton>("saddlesMoved");
        QVERIFY(!moved->isEnabled()); // one of them is no number
        table->setItem(2, 0, new QTableWidgetItem);
        QVERIFY(moved->isEnabled());
        const std::size_t entries = job().log.size();
        const double saddle_m = job().rig.strings[0].saddle_m.x();
        QTest::mouseClick(moved, Qt::LeftButton);
        QCOMPARE(job().log.size(), entries + 2);
        QVERIFY(job().log[entries].kind == Event::Kind::Saddle && job().log[entries].saddle_m < 0.0); // from the nut
        QVERIFY(job().log[entries + 1].string == 1 && job().log[entries + 1].saddle_m > 0.0);
        QVERIFY(job().rig.strings[0].saddle_m.x() != saddle_m);
        QVERIFY(table->item(0, 0)->text().isEmpty() && !moved->isEnabled()); // to be read anew
        for (int row = 0; row < table->rowCount(); ++row) {
            bool number = false;
            const double guess = table->item(row, 1)->text().toDouble(&number);
            QVERIFY(number && guess > 0.0 && guess < 60.0); // fretting only ever sharpens
        }
    }

    void aLooseBridgeIsPlacedAsOnePiece() {
        openAt(4, StepId::Intonate);
        auto* table = find<QTableWidget>("intonation");
        for (int row = 0; row < table->rowCount(); ++row)
            table->setItem(row, 0, new QTableWidgetItem(QStringLiteral("3")));
        QVERIFY(text("intonationSays").contains(QLatin1String("loose bridge in one piece")));
        QVERIFY(text("intonationSays").contains(QLatin1String("bass end")));
    }

    void theTrackerFollowsEachPull() {
        openAt(0, StepId::Settle);
        // The bench has the same beside its act; the one that is seen counts.
        const auto seen = [this] {
            for (QTableWidget* each : window_->findChildren<QTableWidget*>(QStringLiteral("settling")))
                if (each->isVisible())
                    return each;
            return static_cast<QTableWidget*>(nullptr);
        };
        auto* bench = find<QCheckBox>("benchStretches");
        QTRY_VERIFY(bench->height() > 8);
        if (!bench->isChecked())
            bench->click();
        QVERIFY(job().method.stretch);
        const auto turnToIt = [this] {
            if (auto* key = find<QPushButton>("viewSettling"); key->isVisible() && !key->isChecked())
                key->click();
        };
        turnToIt();
        QTRY_VERIFY(seen() && seen()->rowCount() > 0);
        const QTableWidget* table = seen();
        QCOMPARE(table->rowCount(), static_cast<int>(job().rig.strings.size()));
        QVERIFY(!table->isHidden());
        QCOMPARE(table->item(0, 2)->text(), QStringLiteral("0"));
        QVERIFY(table->item(0, 1)->text().contains(QLatin1String("not settled")));
        const QString before = table->item(0, 4)->text();
        Event pull;
        pull.kind = Event::Kind::Stretched;
        pull.string = 0;
        pull.from_cents = 0.0;
        pull.to_cents = -38.0;
        QVERIFY(!session().append(QStringLiteral("stretch"), pull));
        turnToIt();
        QTRY_VERIFY(seen());
        table = seen();
        QTRY_COMPARE(table->item(0, 2)->text(), QStringLiteral("1"));
        QVERIFY(table->item(0, 3)->text().contains(QLatin1String("38")));
        QVERIFY(table->item(0, 4)->text() != before);
    }

    void aSidePhotoGivesTheAngle() {
        openAt(0, StepId::Level);
        QImage image(600, 400, QImage::Format_RGB32);
        image.fill(Qt::lightGray);
        const QString file = dir_->filePath(QStringLiteral("side.png"));
        QVERIFY(image.save(file));
        QTest::mouseClick(find<QPushButton>("levelPhoto"), Qt::LeftButton);
        auto* dialog = window_->findChild<PhotoLevelDialog*>();
        QVERIFY(dialog && dialog->isVisible());
        auto* take = dialog->findChild<QPushButton*>(QStringLiteral("takeAngle"));
        auto* words = dialog->findChild<QLabel*>(QStringLiteral("photoSays"));
        auto* marks = dialog->findChild<PhotoMarks*>();
        QTest::keyClick(marks, Qt::Key_Space); // no picture yet, nothing to mark
        QVERIFY(marks->marks().isEmpty() && !take->isEnabled());
        dialog->load(file);
        QVERIFY(words->text().contains(QLatin1String("body's top")));
        // By keys: from the middle to the left, then far to the right along the same line.
        const auto go = [&](Qt::Key key, int tens, int ones = 0) {
            for (int k = 0; k < tens; ++k)
                QTest::keyClick(marks, key, Qt::ShiftModifier);
            for (int k = 0; k < ones; ++k)
                QTest::keyClick(marks, key);
        };
        go(Qt::Key_Left, 20);
        QTest::keyClick(marks, Qt::Key_Space);
        go(Qt::Key_Right, 40);
        QTest::keyClick(marks, Qt::Key_Space);
        QVERIFY(words->text().contains(QLatin1String("plate's edge")));
        go(Qt::Key_Up, 10);
        QTest::keyClick(marks, Qt::Key_Space);
        go(Qt::Key_Left, 20);
        go(Qt::Key_Up, 0, 7); // the rear, away from the neck, stands higher
        QTest::keyClick(marks, Qt::Key_Space);
        QVERIFY(take->isEnabled());
        QVERIFY2(words->text().contains(QLatin1String("+2.0")), qPrintable(words->text())); // atan(7 / 200)
        auto* neck = dialog->findChild<QCheckBox*>();
        neck->click();
        QVERIFY(words->text().contains(QChar(0x2212)) || words->text().contains(QLatin1String("-2.0")));
        neck->click();
        const std::size_t before = job().log.size();
        QTest::mouseClick(take, Qt::LeftButton);
        QCOMPARE(job().log.size(), before + 1);
        QVERIFY(std::abs(*job().log.back().angle_rad - std::atan2(7.0, 200.0)) < 1e-9);
        QVERIFY(job().log.back().angleDeviation_rad > radians(0.1));
        const Job kept = session().logbook()->job(*session().keptAs()).value();
        QVERIFY(std::abs(kept.log.back().angleDeviation_rad - job().log.back().angleDeviation_rad) < 1e-6);
    }

    void marksAreTakenBackAndSetByMouse() {
        PhotoMarks marks(nullptr);
        marks.resize(600, 400);
        QImage image(300, 200, QImage::Format_RGB32);
        image.fill(Qt::white);
        marks.setImage(image);
        QSignalSpy changed(&marks, &PhotoMarks::marksChanged);
        QTest::mouseClick(&marks, Qt::LeftButton, {}, QPoint(100, 50));
        QCOMPARE(marks.marks().size(), 1);
        QVERIFY(QLineF(marks.marks().first(), QPointF(50, 25)).length() < 1.0); // in pixels of the picture
        for (int k = 0; k < 6; ++k)
            QTest::mouseClick(&marks, Qt::LeftButton, {}, QPoint(20 + 10 * k, 20));
        QCOMPARE(marks.marks().size(), PhotoMarks::most);
        QTest::keyClick(&marks, Qt::Key_Backspace);
        QCOMPARE(marks.marks().size(), PhotoMarks::most - 1);
        marks.resize(600, 900); // bars above and below are no picture
        marks.clearMarks();
        QTest::mouseClick(&marks, Qt::LeftButton, {}, QPoint(300, 10));
        QVERIFY(marks.marks().isEmpty());
        QVERIFY(changed.count() >= 6);
    }

    void theTimerRingsAndTheStepGoesOn() {
        StepClock clock(nullptr);
        QSignalSpy over(&clock, &StepClock::soakIsOver);
        auto* words = clock.findChild<QLabel*>(QStringLiteral("stepClock"));
        auto* menu = clock.findChild<QPushButton*>(QStringLiteral("soakTimer"))->menu();
        QVERIFY(menu && menu->actions().size() >= 3);
        menu->actions().at(2)->trigger(); // five minutes
        QVERIFY(clock.isSoaking() && words->text().contains(QLatin1String("soaks 5:00")));
        clock.lookAt(4 * 60 + 30);
        QVERIFY(words->text().contains(QLatin1String("soaks 0:3")));
        QCOMPARE(over.count(), 0);
        clock.restart(); // another step: the oil soaks on
        QVERIFY(clock.isSoaking());
        clock.lookAt(5 * 60 + 1);
        QCOMPARE(over.count(), 1);
        QVERIFY(!clock.isSoaking() && !words->text().contains(QLatin1String("soaks")));
        clock.lookAt(9 * 60);
        QCOMPARE(over.count(), 1); // once
    }

    void theTimeIsUpIsSaidInTheWindow() {
        openAt(0, StepId::OilBoard, [](Job& job) { job.card.board = Board::DarkUnlacquered; });
        auto* clock = window_->findChild<StepClock*>();
        clock->soak(1);
        clock->lookAt(24 * 3600);
        QVERIFY(window_->message().contains(QLatin1String("time is up")));
    }

    void photosAreShownAtTheirStep() {
        openAt(0, StepId::Checks);
        QImage image(80, 60, QImage::Format_RGB32);
        image.fill(Qt::blue);
        const QString file = dir_->filePath(QStringLiteral("posts.png"));
        QVERIFY(image.save(file));
        QVERIFY(!find<QLabel>("photo"));
        std::optional<Fault> fault;
        QVERIFY(!session().edit(QStringLiteral("step"), [&](Job& edited) {
            fault = apply(edited, session().derived(), WorkEvent::Photo, file, QStringLiteral("2026-11-25T12:00:00"));
        }));
        QVERIFY(!fault && find<QLabel>("photo"));
        QVERIFY(!find<QLabel>("photo")->pixmap().isNull());
        QVERIFY(QFile::remove(file));
        QTest::keyClick(window_->findChild<JobPage*>(), Qt::Key_Space);
        QCoreApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
        QVERIFY(!find<QLabel>("photo")); // another step, another picture
        QTest::keyClick(window_->findChild<JobPage*>(), Qt::Key_PageUp);
        QVERIFY(text("photo").contains(QLatin1String("no longer there")));
    }

    void turningOverWithOpenInsertsWantsAReason() {
        openAt(0, StepId::PresetFine);
        QVERIFY(hazardsOf(job(), derived()).has(Hazard::InsertsOpen));
        const std::size_t before = job().log.size();
        answerWith(QString());
        action(QStringLiteral("Turn it face down"))->trigger();
        QCOMPARE(job().log.size(), before);
        answerWith(QStringLiteral("taped"));
        action(QStringLiteral("Turn it face down"))->trigger();
        QCOMPARE(job().log.size(), before + 1);
        QCOMPARE(job().log.back().note, std::string("taped"));
        action(QStringLiteral("Lay it flat"))->trigger(); // the right way up asks nothing
        QCOMPARE(job().log.size(), before + 2);
    }

    /// A line a topic, with what another way would add; one is unfolded, and why it is chosen is a whole line.
    void methodsThatCostSomethingComeFirst() {
        openAt(0, StepId::Plan);
        auto* table = window_->findChild<MethodTable*>();
        table->finish(); // however slow the machine is
        QVERIFY(table->priced());
        QTreeWidgetItem *exact = table->topicRow(QStringLiteral("overshoot")),
                        *tail = table->topicRow(QStringLiteral("tail"));
        QVERIFY(exact && tail);
        const auto* tree = find<QTreeWidget>("methods");
        QVERIFY(tree->indexOfTopLevelItem(exact) < tree->indexOfTopLevelItem(tail));
        QVERIFY(tree->topLevelItem(0)->isExpanded() && !tail->isExpanded());
        QVERIFY(!exact->child(1)->text(2).isEmpty()); // what it would add in passes
        QVERIFY2(exact->text(2).startsWith(QLatin1String("other +")), qPrintable(exact->text(2)));
        exact->setExpanded(true);
        QVERIFY(!tree->topLevelItem(0)->isExpanded() || tree->topLevelItem(0) == exact); // one at a time
        find<QTreeWidget>("methods")->setCurrentItem(exact->child(1));
        QVERIFY2(text("methodWhy").contains(QLatin1String("needs no figures")), qPrintable(text("methodWhy")));
        QVERIFY(text("planSum").contains(QLatin1String("passes")) && text("planSum").contains(QLatin1String("min")));
    }

    void decksAndFloatsByTheTable() {
        openAt(2, StepId::Plan);
        auto* table = window_->findChild<MethodTable*>();
        table->finish(); // however slow the machine is
        QVERIFY(table->priced());
        auto* tree = find<QTreeWidget>("methods");
        QTreeWidgetItem* bridge = table->topicRow(QStringLiteral("bridge"));
        QVERIFY(bridge);
        const bool was = job().goal.deckLoad_Nm > 0.0;
        bridge->setExpanded(true);
        tree->setFocus();
        tree->setCurrentItem(bridge->child(was ? 0 : 1));
        QTest::keyClick(tree, Qt::Key_Return);
        QCOMPARE(job().goal.deckLoad_Nm > 0.0, !was);
        QCOMPARE(currentStep(job(), derived())->id, StepId::Plan); // Enter chose a method, it did not end the step
    }

    void theOfferHasAPriceOnceTheShopHasARate() {
        openAt(0, StepId::Plan);
        window_->findChild<MethodTable*>()->finish();
        QVERIFY(window_->findChild<MethodTable*>()->priced());
        QVERIFY(!text("offer").contains(QLatin1String("EUR")));
        const auto rate = [this](const char* words) {
            type("labourRate", QLatin1String(words));
            QTest::keyClick(find<QLineEdit>("labourRate"), Qt::Key_Return);
        };
        rate("sixty");
        QVERIFY2(window_->message().contains(QLatin1String("sixty")), qPrintable(window_->message()));
        rate("60 EUR");
        QVERIFY2(text("offer").contains(QLatin1String("EUR")), qPrintable(text("offer")));
        QCOMPARE(book().setting(QStringLiteral("labourRate")).value(), QStringLiteral("60 EUR"));
    }

    void theBenchFillsTheScreenWithItsAct() {
        openAt(0, StepId::RoughTune);
        window_->showBench();
        auto* bench = window_->findChild<BenchPage*>();
        const int small = find<QLabel>("figure")->font().pixelSize();
        action(QStringLiteral("Act fills the screen"))->trigger();
        QVERIFY(work().isAtBench()); // it stays with the bench
        QVERIFY(!bench->findChild<QWidget*>(QStringLiteral("section"))->isVisible());
        QVERIFY(find<QLabel>("figure")->isVisible() && find<QLineEdit>("entry")->isVisible());
        QVERIFY(find<QLabel>("figure")->font().pixelSize() > small);
        action(QStringLiteral("Act fills the screen"))->trigger();
        QVERIFY(bench->findChild<QWidget*>(QStringLiteral("section"))->isVisible());
    }

    void theJobFillsTheScreenToo() {
        openAt(0, StepId::Slacken);
        action(QStringLiteral("Act fills the screen"))->trigger();
        QCOMPARE(window_->page(), MainWindow::Work);
        QVERIFY(window_->findChild<JobPage*>()->isBig());
        QVERIFY(!window_->findChild<QWidget*>(QStringLiteral("steps"))->isVisible());
        action(QStringLiteral("Act fills the screen"))->trigger();
        QVERIFY(!window_->findChild<JobPage*>()->isBig());
    }

    /// Hidden pages do no work; shown, they are up to date.
    void thePageIsRightWhenItIsShown() {
        openAt(0, StepId::Checks);
        window_->showBench();
        std::optional<Fault> fault;
        QVERIFY(!session().edit(QStringLiteral("step"), [&](Job& edited) {
            fault = apply(edited, session().derived(), WorkEvent::Done, {}, QStringLiteral("2026-11-25T12:00:00"));
        }));
        window_->showWork();
        QCOMPARE(text("stepAct"), QStringLiteral("Choose how this job is done"));
    }
};

QTEST_MAIN(TestStepForms)
#include "test_step_forms.moc"
