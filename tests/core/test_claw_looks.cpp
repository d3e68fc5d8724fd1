// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/advise/adviser.h"
#include "core/balance/readings.h"
#include "core/base/dice.h"
#include "core/learn/track.h"
#include "core/trial/trial.h"
#include "support/rigs.h"

#include <QTest>
#include <algorithm>
#include <cmath>

using namespace flenzo;
using namespace flenzo::testing;

namespace {

BenchJob aSpringTakenOut() {
    BenchJob job;
    job.rig = sixString();
    job.habit.order = orderOf(OrderKind::LowToHigh, 6);
    job.habit.claw = ClawWay::Quarters;
    return changed(job, ChangeKind::FewerSprings);
}

Event everythingRead(const Rig& rig, const State& state) {
    Event event = Event::readGap(std::max(0.0, gapAt_m(rig.bridge, state.angle_rad)));
    const std::vector<double> read = readings_cents(rig, state);
    for (std::size_t i = 0; i < read.size(); ++i)
        event.readings_cents.emplace_back(i, read[i]);
    return event;
}

State startOf(const BenchJob& job) {
    return slackStart(job.rig, job.rig.claw.turns, job.slackStart_cents);
}

/// Everything read once, then quarter turns with a look after each, of a guitar that is just what it is said to be;
/// the gauge errs as gauges do.
std::vector<Event> quartersAndLooks(const BenchJob& job, int quarters, std::uint32_t seed) {
    State state = startOf(job);
    std::vector<Event> log{everythingRead(job.rig, state)};
    for (int k = 0; k < quarters; ++k) {
        const Event turn = Event::claw({0.25, 0.25});
        state = replay(job.rig, state, {turn}).back().state;
        Dice dice(seed, static_cast<std::uint32_t>(k));
        log.insert(log.end(),
                   {turn, Event::readGap(gapAt_m(job.rig.bridge, state.angle_rad) + dice.normal(job.spread.gap_m))});
    }
    return log;
}

} // namespace

class TestClawLooks : public QObject {
    Q_OBJECT
private Q_SLOTS:
    /// A dozen looks at a gauge are no reason to think a guitar another one than it is.
    void looksTeachNoMoreThanTheyShow() {
        BenchJob job = aSpringTakenOut();
        for (std::uint32_t seed = 1; seed <= 6; ++seed) {
            job.log = quartersAndLooks(job, 14, seed);
            const Fit fit = fitGuitar(job);
            QVERIFY(fit.mean.head(learnedCount).cwiseAbs().maxCoeff() < 1.0);
        }
    }

    /// Whoever looked on the way is no surer of the plate at the end than who read it there once.
    void looksOnTheWayMakeThePlateNoSurer() {
        BenchJob job = aSpringTakenOut();
        job.log = quartersAndLooks(job, 14, 3);
        std::vector<Event> atOnce{job.log.front(), Event::claw({3.5, 3.5}), job.log.back()};
        const auto deviation = [&](const std::vector<Event>& log) {
            return track(job, job.rig, startOf(job), log).back().deviation_rad;
        };
        QVERIFY(deviation(job.log) > 0.9 * deviation(atOnce));
        // The last look, nothing done since, counts like any reading.
        std::vector<Event> unread = job.log;
        unread.pop_back();
        QVERIFY(deviation(job.log) < deviation(unread));
    }

    /// Agreement, however often, leaves what the model may be wrong about: a large movement is as unsure as before.
    void agreementDoesNotMakeTheModelSure() {
        BenchJob job = aSpringTakenOut();
        const State start = startOf(job);
        std::vector<Event> log(30, everythingRead(job.rig, start));
        for (std::size_t i = 0; i < 6; ++i)
            log.push_back(Event::tuned(i, 0.0));
        const std::vector<Standing> standings = track(job, job.rig, start, log);
        const double moved_rad = standings.back().state.angle_rad - start.angle_rad;
        QVERIFY(moved_rad > radians(3.0));
        QVERIFY(standings[30].deviation_rad < 0.01 * moved_rad);
        QVERIFY(standings.back().deviation_rad > 0.01 * moved_rad);
    }

    /// A closed gap says that the plate lies there or lower, not where.
    void aPlateThatTouchesLiesThereOrLower() {
        BenchJob job = aSpringTakenOut();
        const double closed_rad = angleOfGap_rad(job.rig.bridge, 0.0);
        QVERIFY(job.rig.bridge.rearStop_rad < closed_rad);
        State low = startOf(job);
        low.claw = low.claw.plus(14.0);
        low = settle(job.rig, std::move(low)).state;
        QVERIFY(low.angle_rad < closed_rad);
        State believed = startOf(job);
        believed.claw = low.claw;
        believed = settle(job.rig, std::move(believed)).state;
        believed.rest_m[0] *= 1.0005; // nobody knows the strings before they are read
        const Event read = everythingRead(job.rig, low);
        QVERIFY(read.touches());
        const State known = replay(job.rig, believed, {read}).back().state;
        QVERIFY(std::abs(known.angle_rad - low.angle_rad) < 1e-9);
        QCOMPARE(known.extraMoment_Nm, 0.0);
        for (std::size_t i = 0; i < 6; ++i)
            QVERIFY(std::abs(known.rest_m[i] - low.rest_m[i]) < 1e-9);
        // Believed higher, it lies where the gap just closes.
        const Standing high = replay(job.rig, startOf(job), {Event::readGap(0.0)}).back();
        QVERIFY(high.gapMeasured && !high.angleMeasured() && std::abs(high.state.angle_rad - closed_rad) < 1e-9);
        // A gauge of the angle still says how low.
        Event gauge = Event::readGap(0.0);
        gauge.angle_rad = low.angle_rad;
        QVERIFY(std::abs(replay(job.rig, startOf(job), {gauge}).back().state.angle_rad - low.angle_rad) < 1e-9);
        // And is believed where the plate was thought to lie lower still.
        gauge.angle_rad = closed_rad + radians(0.3);
        QVERIFY(track(job, job.rig, low, {gauge}).back().state.angle_rad > low.angle_rad + radians(0.1));
    }

    void aPlateThatTouchesAsBelievedTeachesNothing() {
        BenchJob job = aSpringTakenOut();
        job.rig.claw.turns = job.rig.claw.turns.plus(14.0);
        const State low = startOf(job);
        job.log = {everythingRead(job.rig, low), Event::claw({0.25, 0.25}), Event::readGap(0.0)};
        const std::vector<Misfit> list = misfits(job, job.rig, job.log);
        QVERIFY(!list.empty() && !list.back().string);
        QCOMPARE(list.back().measured - list.back().predicted, 0.0);
        const std::vector<Standing> standings = track(job, job.rig, low, job.log);
        QVERIFY(standings.back().gapMeasured && !standings.back().angleMeasured());
        QVERIFY(track(job, job.rig, low, {Event::readGap(0.002)}).back().angleMeasured());
        QCOMPARE(standings[3].state, standings[2].state);
        QCOMPARE(standings[3].deviation_rad, standings[2].deviation_rad);
    }

    /// However wrong the guess it sets out from, learning ends where it does from none.
    void aWrongGuessIsNoTrap_data() {
        QTest::addColumn<double>("guess");
        for (const double guess : {-3.4, -1.5, 1.5, 3.4})
            QTest::addRow("%g", guess) << guess;
    }
    void aWrongGuessIsNoTrap() {
        QFETCH(double, guess);
        BenchJob job = aSpringTakenOut();
        job.log = quartersAndLooks(job, 10, 2);
        job.log.push_back(Event::claw({1.0, 1.0}));
        job.log.push_back(everythingRead(job.rig, replay(job.rig, startOf(job), job.log).back().state));
        const Fit cold = fitGuitar(job);
        const Eigen::VectorXd start = Eigen::VectorXd::Constant(cold.mean.size(), guess);
        QVERIFY(fitGuitar(job, {}, start).cost <= 1.5 * cold.cost + 2.0 * cold.readings);
    }

    /// From nothing but the log of a long evening, learning ends at the guitar and not a valley before it.
    void aLongLogIsLearnedWhole_data() {
        QTest::addColumn<std::uint32_t>("seed");
        for (const std::uint32_t seed : {1U, 2U, 3U, 4U, 5U})
            QTest::addRow("%u", seed) << seed;
    }
    void aLongLogIsLearnedWhole() {
        QFETCH(std::uint32_t, seed);
        BenchJob job = aSpringTakenOut();
        HiddenGuitar guitar(job, seed);
        NextAct read;
        read.gap = true;
        for (std::size_t i = 0; i < 6; ++i)
            read.strings.push_back(i);
        NextAct claw;
        claw.what = NextAct::Do::Claw;
        claw.turns = {3.0, 3.0};
        const auto hear = [&](const NextAct& act) {
            job.log.push_back(guitar.answer(act));
            guitar.hear(job.log.back());
        };
        for (int round = 0; round < 24; ++round) {
            hear(read);
            if (round < 2)
                hear(claw);
            for (std::size_t i = 0; i < 6; ++i) {
                NextAct tune;
                tune.what = NextAct::Do::Tune;
                tune.aim = {i, round % 2 == 0 ? 0.0 : -40.0, 0.0};
                hear(tune);
            }
        }
        const Fit fit = fitGuitar(job);
        QVERIFY(fit.cost < fit.readings);
        QVERIFY(fit.mean.cwiseAbs().maxCoeff() < 3.4); // nothing was pushed to its bound
    }

    /// Some thirty quarter turns from level, with a look after each: nobody is sent away on the way.
    void quartersBringAGuitarWithASpringOutHome_data() {
        QTest::addColumn<std::uint32_t>("seed");
        for (const std::uint32_t seed : {2U, 7U, 15U, 17U})
            QTest::addRow("%u", seed) << seed;
    }
    void quartersBringAGuitarWithASpringOutHome() {
        QFETCH(std::uint32_t, seed);
        const BenchJob job = aSpringTakenOut();
        const Played played = playByAdvice(job, seed);
        QVERIFY(played.stable && played.finished);
        QVERIFY(played.passes <= 5);
        QVERIFY(played.worst_cents <= job.goal.pitchTolerance_cents);
        QVERIFY(played.plate_rad <= job.goal.angleTolerance_rad);
    }
};

QTEST_GUILESS_MAIN(TestClawLooks)
#include "test_claw_looks.moc"
