// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/simulation/independent_guitar.h"
#include "core/simulation/simulated_guitar.h"
#include "domain/job/edits.h"
#include "domain/job/measuring.h"
#include "domain/work/warnings.h"
#include "support/person.h"
#include "widgets/forms/method_table.h"
#include "widgets/look.h"
#include "widgets/pages/job_page.h"

#include <QApplication>
#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QSqlDatabase>
#include <QSqlError>
#include <QSqlQuery>
#include <QTemporaryDir>
#include <QTest>
#include <QToolButton>
#include <cmath>

using namespace flenzo;
using namespace flenzo::testing;

class TestTypedJobs : public QObject, protected WindowFixture {
    Q_OBJECT

    void choose(const char* combo, int downs) {
        auto* box = find<QComboBox>(combo);
        QVERIFY2(box, combo);
        box->setFocus();
        for (int k = 0; k < downs; ++k)
            QTest::keyClick(box, Qt::Key_Down);
    }
    /// The three questions, answered for a guitar that gets a set two steps heavier.
    void takeIn(int kind, int strings) {
        QTest::mouseClick(find<QPushButton>("firstGuitar"), Qt::LeftButton);
        QTest::keyClicks(window_->focusWidget(), QStringLiteral("Seventh Landing"));
        auto* tile = find<QToolButton>("kind0");
        tile->setFocus();
        QTest::keyClick(tile, static_cast<Qt::Key>(Qt::Key_1 + kind));
        choose("firstCount", strings - 6);
        const double before = session().derived().report.sumAfter_N;
        choose("offSet", 1);
        choose("onSet", 2);
        QVERIFY(session().derived().report.sumAfter_N > before);
        QCOMPARE(session().job().rig.strings.size(), static_cast<std::size_t>(strings));
        QCOMPARE(static_cast<int>(session().job().rig.bridge.family), kind);
    }
    /// What the shop has to measure with, and how the strings come off.
    void agree(bool oneByOne) {
        while (currentStep(session().job(), derived())->id != StepId::Plan)
            QTest::keyClick(&work(), Qt::Key_Space);
        choose("toolTuner", 3);
        if (find<QComboBox>("toolLevel"))
            choose("toolLevel", 2);
        QCOMPARE(*session().job().tools.tuner_cents, 1.0);
        auto* table = window_->findChild<MethodTable*>();
        table->finish();
        QVERIFY(table->priced());
        if (oneByOne)
            table->choose(QStringLiteral("atOnce"), QStringLiteral("one"));
        QTest::keyClick(&work(), Qt::Key_Space);
        QCOMPARE(currentStep(session().job(), derived())->id, StepId::Tools);
    }

private Q_SLOTS:
    void init() { beginShop(); }
    void cleanup() { endShop(); }

    void wholeJobs_data() {
        QTest::addColumn<int>("kind");
        QTest::addColumn<int>("strings");
        QTest::addColumn<bool>("oneByOne");
        QTest::addColumn<bool>("independent");
        QTest::newRow("double-locking, seven strings") << 0 << 7 << false << true;
        QTest::newRow("double-locking, one string at a time") << 0 << 6 << true << true;
        QTest::newRow("flush") << 1 << 6 << false << true;
        QTest::newRow("flush, one string at a time") << 1 << 6 << true << true;
        QTest::newRow("two posts") << 2 << 6 << false << true;
        QTest::newRow("two posts, one string at a time") << 2 << 6 << true << true;
        QTest::newRow("six screws") << 3 << 6 << false << true;
        QTest::newRow("six screws, one string at a time") << 3 << 6 << true << true;
        QTest::newRow("headless") << 4 << 6 << false << true;
        QTest::newRow("headless, one string at a time") << 4 << 6 << true << true;
        QTest::newRow("roller shaft") << 5 << 6 << false << false; // one at a time by itself
        QTest::newRow("fixed") << 6 << 6 << false << false;
        QTest::newRow("fixed, one string at a time") << 6 << 6 << true << false;
    }
    /// From an empty shop to hand-over by keys, with what a shop has, on a guitar that is not the program's own.
    void wholeJobs() {
        QFETCH(int, kind);
        QFETCH(int, strings);
        QFETCH(bool, oneByOne);
        QFETCH(bool, independent);
        takeIn(kind, strings);
        agree(oneByOne);
        const BenchJob bench = benchJobOf(session().job());
        Hardships sticking;
        sticking.pivot_Nm = 0.008;
        UncertaintyModel coarse;
        coarse.tuner_cents = 0.8;
        coarse.peg_cents = 1.0;
        std::unique_ptr<BenchGuitar> guitar;
        if (independent)
            guitar = std::make_unique<IndependentGuitar>(bench, sticking, shop, 31);
        else
            guitar = std::make_unique<SimulatedGuitar>(bench, coarse, 31);
        Person person(*window_, *guitar);
        for (int k = 0; k < 500 && !person.through() && !QTest::currentTestFailed(); ++k)
            person.act();
        QVERIFY(person.through());
        QCOMPARE(person.job().work.state, JobState::Finished);
        QVERIFY(person.typed() > 12);
        QVERIFY2(person.overruled().isEmpty(), qPrintable(person.overruled().join(QLatin1Char('|'))));
        QCOMPARE(derived().next().what, NextAct::Do::Done);
        const Counts counts = countsOf(person.job().log, person.job().rig.strings.size(), person.job().pace);
        QVERIFY2(counts.passes <= 4.0, qPrintable(QString::number(counts.passes)));
        for (std::size_t i = 0; i < person.job().rig.strings.size(); ++i)
            QVERIFY2(std::abs(guitar->reading_cents(i)) < derived().advice.pitchTolerance_cents + 1.5,
                     qPrintable(QString::number(guitar->reading_cents(i))));
        if (independent)
            QVERIFY(std::abs(guitar->angle_rad()) < derived().advice.plateTolerance_rad + radians(0.12));
        QVERIFY(text("finishedSum").contains(QLatin1String("Passes")));
    }

    /// One string broke: it alone comes off, it is put on and tuned, the others are looked at and left, the nut is
    /// locked.
    void oneBrokenStringTypedToHandOver() {
        takeIn(0, 6);
        choose("changedStrings", 3);
        QCOMPARE(session().job().work.broken, std::optional<std::size_t>(2));
        UncertaintyModel coarse;
        coarse.tuner_cents = 0.8;
        coarse.peg_cents = 1.0;
        SimulatedGuitar guitar(derived().rig(), derived().report.level.state, {}, coarse, 31);
        Person person(*window_, guitar);
        for (int k = 0; k < 200 && !person.through() && !QTest::currentTestFailed(); ++k)
            person.act();
        QVERIFY(person.through());
        QCOMPARE(person.job().work.state, JobState::Finished);
        QVERIFY2(person.overruled().isEmpty(), qPrintable(person.overruled().join(QLatin1Char('|'))));
        int own = 0, others = 0;
        for (const Event& event : person.job().log) {
            QVERIFY(event.kind != Event::Kind::Claw); // the same set: the balance stays
            if (event.turnsString())
                ++(event.string == 2 ? own : others);
        }
        QVERIFY2(own >= 1 && own <= 4 && others <= 6, qPrintable(QStringLiteral("%1 %2").arg(own).arg(others)));
        for (std::size_t i = 0; i < 6; ++i)
            QVERIFY2(std::abs(guitar.reading_cents(i)) < derived().advice.pitchTolerance_cents + 1.5,
                     qPrintable(QString::number(guitar.reading_cents(i))));
    }

    /// All in tune and level, typed one string at a time: done, and the figures shown are those typed.
    void inTuneAndLevelTypedOneByOneIsDone() {
        Job job = newJob();
        job.tools = shop.told();
        QVERIFY(!window_->context().session().addToLogbook(job));
        window_->showBench();
        auto* entry = window_->findChild<QLineEdit*>(QStringLiteral("entry"));
        const auto type = [&](const char* text) {
            entry->setFocus();
            QTest::keyClicks(entry, QLatin1String(text));
            QTest::keyClick(entry, Qt::Key_Return);
        };
        const Session& session = window_->context().session();
        // What is asked for is typed: every string and the gap, then what may still be outside.
        const char* const cents[] = {"0", "-0.4", "0.3", "0", "0.5", "-0.2"};
        for (int k = 0; k < 14 && session.derived().next().what != NextAct::Do::Done; ++k)
            type(bench().gapPicked() ? "4.00" : cents[*bench().pickedString()]);
        QCOMPARE(session.derived().next().what, NextAct::Do::Done);
        const TrackedState& now = session.derived().now();
        QCOMPARE(now.shown_cents(1), -0.4);
        QVERIFY(std::abs(now.shownAngle_rad(session.job().rig.bridge)) < 1e-9);
    }

    /// Before anything was read the plate is where it was said to be.
    void aNewGuitarIsDrawnAsItWasSaid() {
        QVERIFY(!window_->context().session().addToLogbook(newJob()));
        QVERIFY(std::abs(window_->context().session().derived().now().state.angle_rad) < 1e-12);
        // What is drawn is a guitar: figures, not nonsense of a state that is gone.
        window_->showBench();
        const QString said = window_->findChild<QWidget*>(QStringLiteral("section"))->accessibleDescription();
        QVERIFY2(!said.contains(QLatin1String("nan")) && !said.contains(QLatin1String("inf")), qPrintable(said));
    }

    /// In-tune readings without a gap: the old set was level at this claw, so the plate is near level.
    void inTuneReadingsWithoutAGapShowNoSunkenPlate() {
        Job job = newJob();
        for (std::size_t i = 0; i < 6; ++i)
            job.log.push_back(Event::read(i, 0.0));
        QVERIFY(std::abs(derive(job).now().state.angle_rad) < radians(0.5));
    }

    /// A step whose undo cannot be written stays, and can be undone later.
    void aFailedUndoKeepsItsStep() {
        QVERIFY(!window_->context().session().addToLogbook(newJob()));
        Session& session = window_->context().session();
        QVERIFY(!session.append(QStringLiteral("read"), Event::read(0, -5.0)));
        QCOMPARE(session.undoStack().index(), 1);
        onTheLogbook("CREATE TRIGGER full BEFORE DELETE ON events BEGIN SELECT RAISE(ABORT, 'disk full'); END");
        session.undoStack().undo();
        QTRY_COMPARE(session.undoStack().index(), 1);
        QCOMPARE(session.job().log.size(), std::size_t{1});
        onTheLogbook("DROP TRIGGER full");
        session.undoStack().undo();
        QCOMPARE(session.job().log.size(), std::size_t{0});
        session.undoStack().redo();
        QCOMPARE(session.job().log.size(), std::size_t{1});
    }
};

QTEST_MAIN(TestTypedJobs)
#include "test_typed_jobs.moc"
