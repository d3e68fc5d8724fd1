// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/balance/readings.h"
#include "core/trial/play.h"
#include "support/rigs.h"

#include <QTest>
#include <algorithm>
#include <cmath>

using namespace flenzo;
using namespace flenzo::testing;

namespace {

BenchJob jobOf(const Rig& rig, const std::vector<SetString>& off, bool aims) {
    BenchJob job;
    job.rig = rig;
    job.old = {off};
    job.habit.order = orderOf(OrderKind::LowToHigh, rig.strings.size());
    job.habit.aims = aims;
    return job;
}

Rig heavierChange(std::vector<SetString>& off) {
    Rig rig = sixString();
    off = scaledSet(rig, 0.93);
    rig.claw.turns = *clawBefore(rig, {off});
    return rig;
}

} // namespace

class TestBenchWork : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void aReadingSetsWhatItReads() {
        const Rig rig = sixString();
        const State start = slackStart(rig, {}, -300.0);
        const auto standings =
            replay(rig, start, {Event::read(0, -250.0), Event::read(3, -12.5), Event::readGap(0.0035)});
        const Standing& now = standings.back();
        QCOMPARE(standings.size(), std::size_t{4});
        QVERIFY(std::abs(readings_cents(rig, now.state)[0] + 250.0) < 1e-6);
        QVERIFY(std::abs(readings_cents(rig, now.state)[3] + 12.5) < 1e-6);
        QVERIFY(std::abs(gapAt_m(rig.bridge, now.state.angle_rad) - 0.0035) < 1e-9);
        QVERIFY(now.measured[0] && now.measured[3] && !now.measured[1] && now.gapMeasured);
        // What was read is a rest: letting the model go again leaves it there.
        QVERIFY(std::abs(settle(rig, now.state).state.angle_rad - now.state.angle_rad) < 1e-8);
    }

    void theOrderOfReadingsDoesNotMatter() {
        const Rig rig = sixString();
        const State start = slackStart(rig, {}, -300.0);
        const auto a = replay(rig, start, {Event::read(0, -50.0), Event::readGap(0.0042), Event::read(5, 3.0)}).back();
        const auto b = replay(rig, start, {Event::read(5, 3.0), Event::read(0, -50.0), Event::readGap(0.0042)}).back();
        for (std::size_t i = 0; i < 6; ++i)
            QVERIFY(std::abs(a.state.rest_m[i] - b.state.rest_m[i]) < 1e-12);
        QVERIFY(std::abs(a.state.extraMoment_Nm - b.state.extraMoment_Nm) < 1e-9);
    }

    void anActMakesReadingsOld() {
        const Rig rig = sixString();
        const State start = slackStart(rig, {}, -300.0);
        const auto now = replay(rig, start, {Event::read(0, -250.0), Event::tuned(1, 5.0)}).back();
        QVERIFY(!now.measured[0] && now.measured[1] && now.everRead[0]);
        QVERIFY(std::abs(now.readings_cents[1] - 5.0) < 1e-9);
    }

    void eventsOfStringsThatAreNotThereArePassedOver() {
        const Rig rig = sixString();
        const State start = slackStart(rig, {}, -300.0);
        const auto now = replay(rig, start, {Event::read(11, -250.0), Event::tuned(9, 5.0)}).back();
        QCOMPARE(now.state.rest_m, start.rest_m);
    }

    void passesAreCutWhereTheyBegin() {
        const std::vector<Event> log{Event::read(0, 0.0),  Event::tuned(0, 1.0),    Event::tuned(1, 1.0),
                                     Event::tuned(0, 1.0), Event::claw({0.5, 0.5}), Event::tuned(1, 0.0)};
        QCOMPARE(passesOf(log).size(), std::size_t{3});
        QCOMPARE(tunedInThisPass(log, 2), std::vector<std::size_t>{1});
        std::vector<Event> read = log;
        read.push_back(Event::read(0, 0.0));
        QVERIFY(tunedInThisPass(read, 2).empty()); // the other one was read as it was tuned
        read = log;
        read.push_back(Event::readGap(0.004));
        QCOMPARE(tunedInThisPass(read, 2), std::vector<std::size_t>{1});
    }

    void theFirstActIsToRead() {
        std::vector<SetString> off;
        const Rig rig = heavierChange(off);
        const State start = slackStart(rig, rig.claw.turns, -300.0);
        const Habit habit{orderOf(OrderKind::LowToHigh, 6)};
        const NextAct next = nextAct(rig, {}, habit, replay(rig, start, {}).back(), {});
        QCOMPARE(next.what, NextAct::Do::Read);
        QCOMPARE(next.strings.size(), std::size_t{6});
        QVERIFY(next.gap);
    }

    void aPerfectModelTakesOneVisitAndOnePass() {
        std::vector<SetString> off;
        const Rig rig = heavierChange(off);
        BenchJob job = jobOf(rig, off, true);
        job.spread = {1e-6, 1e-6, 1e-9, 1e-6, 1e-6, 1e-6, 0.05, 0.05, 1e-6};
        const Played played = playByAdvice(job, 5);
        QVERIFY(played.finished && played.stable);
        QCOMPARE(played.clawVisits, 1);
        QCOMPARE(played.passes, 1);
        QVERIFY(played.worst_cents <= 2.0 && played.plate_rad <= radians(0.15));
    }

    void exactTuningGoesRoundForHours() {
        std::vector<SetString> off;
        Rig rig = heavierChange(off);
        rig.springs.push_back(rig.springs.back()); // not a soft one, on which everything takes long
        rig.claw.turns = *clawBefore(rig, {off});
        int exact = 0, aims = 0;
        for (std::uint32_t seed = 1; seed <= 5; ++seed) {
            exact += playByAdvice(jobOf(rig, off, false), seed).passes;
            aims += playByAdvice(jobOf(rig, off, true), seed).passes;
        }
        QVERIFY2(exact > 2 * aims, qPrintable(QStringLiteral("%1 against %2").arg(exact).arg(aims)));
    }

    void theSameQuestionGetsTheSameAnswer() {
        std::vector<SetString> off;
        const Rig rig = heavierChange(off);
        const BenchJob job = jobOf(rig, off, true);
        const HiddenGuitar hidden(job, 9);
        QVERIFY(hidden.rig() == HiddenGuitar(job, 9).rig());
        QVERIFY(!(hidden.rig() == HiddenGuitar(job, 10).rig()));
        NextAct read;
        read.strings = {0, 1, 2};
        read.gap = true;
        QVERIFY(hidden.answer(read) == HiddenGuitar(job, 9).answer(read));
        // It stood level with the old set, as it was told.
        const Rig old = withSet(hidden.rig(), off);
        QVERIFY(std::abs(levelSolution(old, bareState(old), {}).moreTurns) < 1e-6);
    }

    void theOutlookCountsWhatIsLeft() {
        std::vector<SetString> off;
        const Rig rig = heavierChange(off);
        const State start = slackStart(rig, rig.claw.turns, -300.0);
        const Standing now = replay(rig, start, {}).back();
        const Outlook aims = outlook(rig, {}, {orderOf(OrderKind::LowToHigh, 6)}, now, {}, 10);
        const Outlook exact = outlook(rig, {}, {.order = orderOf(OrderKind::LowToHigh, 6), .aims = false}, now, {}, 30);
        QCOMPARE(aims.passes.size(), std::size_t{1});
        QCOMPARE(aims.clawVisits, 1);
        QVERIFY(aims.reachesGoal && exact.reachesGoal);
        QVERIFY(exact.passes.size() > 3);
        QVERIFY(exact.seconds({}) > aims.seconds({}));
    }

    void underABlockTheStringsGoToBlockedAims() {
        std::vector<SetString> off;
        Rig rig = heavierChange(off);
        rig.claw.turns = levelSolution(rig, bareState(rig), {}).state.claw;
        State start = slackStart(rig, rig.claw.turns, -300.0);
        Event block;
        block.kind = Event::Kind::Block;
        block.block = {Block::Kind::Captive, radians(1.0)};
        std::vector<Event> log{block};
        for (std::size_t i = 0; i < 6; ++i)
            log.push_back(Event::read(i, -200.0));
        log.push_back(Event::readGap(gapAt_m(rig.bridge, radians(1.0))));
        const Habit habit{orderOf(OrderKind::LowToHigh, 6)};
        for (int i = 0; i < 6; ++i) {
            const NextAct next = nextAct(rig, {}, habit, replay(rig, start, log).back(), tunedInThisPass(log, 6));
            QCOMPARE(next.what, NextAct::Do::Tune);
            QVERIFY(next.aim.cents < 0.0); // tipped forward: they sharpen when it comes out
            log.push_back(Event::tuned(next.aim.string, next.aim.cents));
        }
        const NextAct last = nextAct(rig, {}, habit, replay(rig, start, log).back(), tunedInThisPass(log, 6));
        QCOMPARE(last.what, NextAct::Do::Unblock);
        Event out;
        out.kind = Event::Kind::Unblock;
        log.push_back(out);
        QVERIFY(withinGoal(rig, replay(rig, start, log).back().state, {}));
    }
};

QTEST_APPLESS_MAIN(TestBenchWork)
#include "test_bench_work.moc"
