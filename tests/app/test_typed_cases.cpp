// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/simulation/simulated_guitar.h"
#include "domain/job/edits.h"
#include "domain/job/measuring.h"
#include "domain/work/warnings.h"
#include "support/typed_job.h"

#include <QLineEdit>
#include <QTest>
#include <cmath>

using namespace flenzo;
using namespace flenzo::testing;

/// Single cases typed by hand: more strings, one that broke, a bridge that does not move, an undo that fails.
class TestTypedCases : public QObject, protected TypedJobFixture {
    Q_OBJECT
private Q_SLOTS:
    void init() { beginShop(); }
    void cleanup() { endShop(); }

    void sevenStrings() { wholeJob(0, 7, false, true); }
    void aFixedBridge() { wholeJob(6, 6, false, false); }
    void aFixedBridgeOneStringAtATime() { wholeJob(6, 6, true, false); }

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

QTEST_MAIN(TestTypedCases)
#include "test_typed_cases.moc"
