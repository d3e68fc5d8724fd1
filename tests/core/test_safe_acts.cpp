// SPDX-License-Identifier: GPL-3.0-or-later
// What the adviser asks for must not break a string, and must land once the nut is locked.
#include "core/operations/acts.h"
#include "core/setup/lock.h"
#include "core/simulation/simulated_guitar.h"
#include "core/statics/readings.h"
#include "support/bench.h"

#include <QTest>

using namespace flenzo;
using namespace flenzo::testing;

namespace {

constexpr double allowed = 0.8;

/// A thin string that needs three quarters of what breaks it at its pitch already.
BenchJob withOctaveString(double gauge_thou, double target_Hz, double slack_cents) {
    BenchJob job = changeJob(0.9);
    RigString& thin = job.rig.strings[3];
    thin.wire.gauge_m = gauge_thou * metresPerThou;
    thin.wire.core_m = 0.0;
    thin.target_Hz = target_Hz;
    job.slackStart_cents = slack_cents;
    job.method.order = {3, 0, 1, 2, 4, 5}; // tuned while the plate lies deep, it has the furthest to go
    return job;
}

/// The most that any string pulls against what the adviser may ask of it: 0.8 of its breaking load, or its pitch.
double worstShare(const Rig& rig, const State& state, const State& level) {
    const std::vector<double> now_N = tensions_N(rig, state), home_N = tensions_N(rig, level);
    double worst = 0.0;
    for (std::size_t i = 0; i < rig.strings.size(); ++i)
        worst = std::max(worst, now_N[i] / std::max(allowed * breakingTension_N(rig.strings[i].wire), home_N[i]));
    return worst;
}

struct PlayedSafely {
    Advice advice;
    double worst = 0.0;
    int spared = 0;
};
PlayedSafely play(BenchJob job, std::uint32_t seed) {
    SimulatedGuitar guitar(job, UncertaintyModel(), seed);
    const LevelSolution level = levelSolution(guitar.rig(), guitar.state(), job.goal);
    PlayedSafely played;
    played.advice = advise(job);
    for (int act = 0; act < 200 && !isOver(played.advice.act); ++act) {
        played.spared += played.advice.act.spared ? 1 : 0;
        job.log.push_back(guitar.perform(played.advice.act));
        played.worst = std::max(played.worst, worstShare(guitar.rig(), guitar.state(), level.state));
        const Estimate known = std::move(played.advice.guitar);
        played.advice = advise(job, &known);
    }
    return played;
}

/// What clamping adds: strings lie a millimetre above the nut's floor, some more than others.
BenchJob lockingJob() {
    BenchJob job = changeJob(0.93);
    for (std::size_t i = 0; i < 6; ++i)
        job.rig.strings[i].clampLift_m = 0.0006 + 0.0001 * static_cast<double>(i);
    return job;
}

} // namespace

class TestSafeActs : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void noActBringsAStringNearBreaking_data() {
        QTest::addColumn<double>("gauge_thou");
        QTest::addColumn<double>("target_Hz");
        QTest::addColumn<double>("slack_cents");
        QTest::newRow("an octave string") << 8.0 << 391.995 << -250.0;
        QTest::newRow("the same, from far below") << 8.0 << 391.995 << -600.0;
        QTest::newRow("one beyond what is allowed at its pitch") << 8.0 << 415.305 << -250.0;
    }
    void noActBringsAStringNearBreaking() {
        QFETCH(double, gauge_thou);
        QFETCH(double, target_Hz);
        QFETCH(double, slack_cents);
        int spared = 0;
        for (std::uint32_t seed = 1; seed <= 6; ++seed) {
            const PlayedSafely played = play(withOctaveString(gauge_thou, target_Hz, slack_cents), seed);
            QCOMPARE(played.advice.act.what, NextAct::Do::Done);
            QVERIFY2(played.worst < 1.03, qPrintable(QString::number(played.worst))); // a hand's error, and the tuner's
            spared += played.spared;
        }
        QVERIFY(spared > 0); // the guard had something to do
    }

    void aUsualSetIsNeverHeldBack() {
        for (std::uint32_t seed = 1; seed <= 6; ++seed)
            QCOMPARE(play(changeJob(1.08), seed).spared, 0);
    }

    void aClawTurnIsDealtSoThatNothingBreaks() {
        BenchJob job = withOctaveString(8.0, 396.0, -250.0);
        job.rig.claw.turns = ClawTurns().plus(job.rig.claw.turns.mean() - 4.0); // the plate lies far forward
        std::vector<double> cents(6, 0.0);
        job.log = {fullReading(cents, gapAt_m(job.rig.bridge, radians(4.0)))};
        const Advice advice = advise(job);
        QCOMPARE(advice.act.what, NextAct::Do::Claw);
        QVERIFY(advice.act.spared && advice.act.spared->string == 3);
        QVERIFY(advice.act.spared->by == Spared::By::LessClaw && advice.act.spared->share > allowed);
        QVERIFY(advice.act.turns.mean() > 0.0 && advice.act.turns.mean() < advice.act.level.moreTurns - 0.5);
    }

    /// Where the adviser holds back, a block in level is offered; who puts it in goes on without being held back.
    void aBlockSparesWhatTheAdviserHoldsBackFrom() {
        BenchJob job = withOctaveString(8.0, 396.0, -250.0);
        Advice advice = advise(job);
        SimulatedGuitar guitar(job, UncertaintyModel(), 2);
        const LevelSolution level = levelSolution(guitar.rig(), guitar.state(), job.goal);
        for (int act = 0; act < 40 && !advice.act.spared; ++act) {
            job.log.push_back(guitar.perform(advice.act));
            advice = advise(job);
        }
        QVERIFY(advice.act.spared && advice.act.spared->blockSpares);
        Event block;
        block.kind = Event::Kind::Block;
        block.block = Block{Block::Kind::Rear, job.goal.angle_rad};
        job.log.push_back(block);
        guitar.follow({block});
        double worst = 0.0;
        for (int act = 0; act < 80; ++act) {
            advice = advise(job);
            if (advice.act.what == NextAct::Do::Unblock)
                break;
            QVERIFY(!advice.act.spared);
            job.log.push_back(guitar.perform(advice.act));
            worst = std::max(worst, worstShare(guitar.rig(), guitar.state(), level.state));
        }
        QCOMPARE(advice.act.what, NextAct::Do::Unblock);
        QVERIFY2(worst < 1.05, qPrintable(QString::number(worst)));
    }

    /// With the springs far ahead the plate sinks when the block comes out: before that
    /// pulls a string too far the claw is turned back.
    void theBlockComesOutSoThatNothingBreaks() {
        BenchJob job = withOctaveString(8.0, 391.995, -250.0);
        Event block;
        block.kind = Event::Kind::Block;
        block.block = Block{Block::Kind::Rear, radians(1.0)};
        job.log = {block};
        SimulatedGuitar guitar(job, UncertaintyModel(), 4);
        guitar.follow(job.log);
        for (int act = 0; act < 60 && advise(job).act.what != NextAct::Do::Unblock; ++act)
            job.log.push_back(guitar.perform(advise(job).act));
        QCOMPARE(advise(job).act.what, NextAct::Do::Unblock);
        job.log.push_back(Event::claw({3.0, 3.0})); // and it was turned on, by mistake
        const NextAct act = advise(job).act;
        QCOMPARE(act.what, NextAct::Do::Claw);
        QVERIFY(act.turns.mean() < -1.0);
        QVERIFY(act.spared && act.spared->by == Spared::By::First && act.spared->string == 3);
        QVERIFY(act.spared->share > allowed);
        job.log.push_back(Event::claw(act.turns)); // then it may come out
        QCOMPARE(advise(job).act.what, NextAct::Do::Unblock);
    }

    /// What a fine tuner has left is counted as it is used; an aim beyond it is said to be so.
    void noFineTunerIsAskedForMoreThanItHas() {
        BenchJob job = changeJob(1.0);
        for (RigString& string : job.rig.strings)
            string.finePerTurn_m = 0.0004;
        job.rig.strings[2].fineAt_turns = 4.8; // of five
        Event lock;
        lock.kind = Event::Kind::Lock;
        std::vector<double> cents(6, 0.0);
        const Event inTune = fullReading(cents, gapAt_m(job.rig.bridge, 0.0));
        cents[2] = -90.0;
        const Event flat = fullReading(cents, gapAt_m(job.rig.bridge, 0.0));
        job.log = {inTune, lock, Event::ofString(Event::Kind::Slipped, 2), flat, flat};
        const Advice before = advise(job);
        QCOMPARE(before.act.what, NextAct::Do::Tune);
        QCOMPARE(before.act.aim.string, std::size_t{2});
        QVERIFY(before.act.spared && before.act.spared->by == Spared::By::FineTuner);
        const double left_cents = fineBudget(before.guitar.rig, before.guitar.state)[2].up_cents;
        QVERIFY2(left_cents > 10.0 && left_cents < 80.0, qPrintable(QString::number(left_cents)));
        QVERIFY(std::abs(before.act.aim.cents - (left_cents - 90.0)) < 3.0);
        QVERIFY(std::abs(before.act.spared->missing_cents - (90.0 - left_cents)) < 3.0);
        Event turned = Event::tuned(2, before.act.aim.cents);
        turned.kind = Event::Kind::Fine;
        job.log.push_back(turned);
        const Advice after = advise(job);
        QVERIFY(after.guitar.rig.strings[2].fineAt_turns > 4.9);
        QCOMPARE(after.guitar.rig.strings[1].fineAt_turns, job.rig.strings[1].fineAt_turns);
        BenchJob open = job;
        open.log[1] = Event::ofString(Event::Kind::Wiggle, 0); // with the nut open the peg does it
        open.log.pop_back();
        QVERIFY(!advise(open).act.spared);
        // What is left then is said; nobody is sent round for it.
        cents[2] = before.act.aim.cents;
        for (int k = 0; k < 6 && !isOver(advise(job).act); ++k)
            job.log.push_back(fullReading(cents, gapAt_m(job.rig.bridge, 0.0)));
        const NextAct last = advise(job).act;
        QCOMPARE(last.what, NextAct::Do::Leave);
        QVERIFY(last.spared && last.spared->by == Spared::By::FineTuner && last.spared->string == 2);
    }

    // --- before the nut is locked -----------------------------------------------------------------------------------

    void leftSoFarTheStringsComeHomeWhenTheNutIsLocked() {
        const BenchJob job = lockingJob();
        const LevelSolution level = levelSolution(job.rig, bareState(job.rig), job.goal);
        const std::vector<double> before = readingsBeforeLocking_cents(job.rig, level);
        Goal goal = job.goal;
        goal.lead_cents = before;
        const Rig tuned = asTunedNow(job.rig, goal, false);
        const EquilibriumAtPitch open = equilibriumAtPitch(tuned, level.state, goal);
        QVERIFY(open.stable && open.state.angle_rad < -radians(0.02)); // looser strings let the plate sink a little
        const State locked = lockNut(job.rig, open.state).state;
        QVERIFY2(std::abs(locked.angle_rad - goal.angle_rad) < radians(0.02),
                 qPrintable(QString::number(degrees(locked.angle_rad - goal.angle_rad))));
        const std::vector<double> after = readings_cents(job.rig, locked);
        const std::vector<double> alone = clampShift_cents(job.rig, level.state);
        for (std::size_t i = 0; i < 6; ++i) {
            QVERIFY(std::abs(after[i]) < 0.5);
            QVERIFY(before[i] > -alone[i]); // the plate gives: less than the clamp alone would move
        }
    }

    void aimsAndGateAreThoseOfBeforeLocking() {
        BenchJob job = lockingJob();
        const LevelSolution level = levelSolution(job.rig, bareState(job.rig), job.goal);
        job.goal.lead_cents = readingsBeforeLocking_cents(job.rig, level);
        SimulatedGuitar guitar(job, UncertaintyModel(), 3);
        const Ended end = playOn(job, guitar, 200);
        QCOMPARE(end.advice.act.what, NextAct::Do::Done);
        const std::vector<double>& wanted = job.goal.lead_cents;
        QCOMPARE(end.advice.wanted_cents, wanted);
        for (std::size_t i = 0; i < 6; ++i)
            QVERIFY(std::abs(guitar.reading_cents(i) - wanted[i]) < end.advice.pitchTolerance_cents + 1.0);
        // Locked, all is in tune; left exactly in tune it would not be.
        const State locked = lockNut(guitar.rig(), guitar.state()).state;
        QVERIFY(std::abs(locked.angle_rad - job.goal.angle_rad) < radians(0.25));
        for (const double reading : readings_cents(guitar.rig(), locked))
            QVERIFY(std::abs(reading) < end.advice.pitchTolerance_cents + 1.5);
        job.log = {fullReading(std::vector<double>(6, 0.0), gapAt_m(job.rig.bridge, 0.0))};
        QVERIFY(advise(job).act.what != NextAct::Do::Done);
    }

    void afterLockingThePitchItselfIsWanted() {
        BenchJob job = changeJob(1.0);
        job.goal.lead_cents.assign(6, -5.0);
        Event lock;
        lock.kind = Event::Kind::Lock;
        const Event inTune = fullReading(std::vector<double>(6, 0.0), gapAt_m(job.rig.bridge, 0.0));
        job.log = {inTune, lock, inTune};
        const Advice advice = advise(job);
        QCOMPARE(advice.wanted_cents, std::vector<double>(6, 0.0));
        QCOMPARE(advice.act.what, NextAct::Do::Done);
    }
};

QTEST_APPLESS_MAIN(TestSafeActs)
#include "test_safe_acts.moc"
