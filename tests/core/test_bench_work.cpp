// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/log/acted.h"
#include "core/log/logged_passes.h"
#include "core/operations/acts.h"
#include "core/operations/slide.h"
#include "core/planning/planned_passes.h"
#include "core/simulation/play.h"
#include "core/simulation/simulated_guitar.h"
#include "core/statics/readings.h"
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
    job.method.order = orderOf(OrderKind::LowToHigh, rig.strings.size());
    job.method.aims = aims;
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

    void exactTuningGoesRoundForHours() {
        std::vector<SetString> off;
        Rig rig = heavierChange(off);
        rig.springs.push_back(rig.springs.back()); // not a soft one, on which everything takes long
        rig.claw.turns = *clawBefore(rig, {off});
        double exact = 0.0, aims = 0.0;
        for (std::uint32_t seed = 1; seed <= 5; ++seed) {
            for (const bool byAims : {false, true}) {
                const BenchJob job = jobOf(rig, off, byAims);
                SimulatedGuitar guitar(job, UncertaintyModel{}, seed);
                (byAims ? aims : exact) += playByAdvice(job, guitar, false).passes;
            }
        }
        QVERIFY2(exact > 2.0 * aims, qPrintable(QStringLiteral("%1 against %2").arg(exact).arg(aims)));
    }

    void theSameQuestionGetsTheSameAnswer() {
        std::vector<SetString> off;
        const Rig rig = heavierChange(off);
        const BenchJob job = jobOf(rig, off, true);
        const SimulatedGuitar hidden(job, UncertaintyModel{}, 9);
        QVERIFY(hidden.rig() == SimulatedGuitar(job, UncertaintyModel{}, 9).rig());
        QVERIFY(!(hidden.rig() == SimulatedGuitar(job, UncertaintyModel{}, 10).rig()));
        NextAct read;
        read.strings = {0, 1, 2};
        read.gap = true;
        QVERIFY(hidden.answer(read) == SimulatedGuitar(job, UncertaintyModel{}, 9).answer(read));
        // It stood level with the old set, as it was told.
        const Rig old = withSet(hidden.rig(), off);
        QVERIFY(std::abs(levelSolution(old, bareState(old), {}).moreTurns) < 1e-6);
    }

    void theOutlookCountsWhatIsLeft() {
        std::vector<SetString> off;
        const Rig rig = heavierChange(off);
        const State start = slackStart(rig, rig.claw.turns, -300.0);
        Goal goal;
        goal.angleTolerance_rad = radians(0.3); // a step of the claw leaves a little
        const PlannedPasses aims = plannedPasses(rig, goal, {orderOf(OrderKind::LowToHigh, 6)}, start, {}, 10);
        const PlannedPasses exact =
            plannedPasses(rig, goal, {.order = orderOf(OrderKind::LowToHigh, 6), .aims = false}, start, {}, 30);
        QCOMPARE(aims.passes.size(), std::size_t{1});
        QCOMPARE(aims.clawVisits, 1);
        QVERIFY(aims.reachesGoal && exact.reachesGoal);
        QVERIFY(exact.passes.size() > 3);
    }

    /// Fine tuners are pegs to whoever counts: headless guitars and locked ones have passes too.
    void fineTunersCount() {
        Event fine = Event::tuned(0, 1.0);
        fine.kind = Event::Kind::Fine;
        const std::vector<Event> log{fine, Event::tuned(1, 0.0), fine};
        const Counts counts = countsOf(log, 2, Pace());
        QCOMPARE(counts.pegTurns, 3);
        QCOMPARE(counts.passes, 1.5);
        QCOMPARE(passesOf(log).size(), std::size_t{2});
    }

    /// The log's acts on a guitar without friction are the acts themselves.
    void actsOfALogAreActs() {
        const Rig rig = sixString();
        const State start = slackStart(rig, {}, -300.0);
        QVERIFY(acted(rig, start, Event::claw({1.0, 1.0})) == turnClaw(rig, start, {1.0, 1.0}).state);
        QVERIFY(acted(rig, start, Event::read(0, 1.0)) == start);
        Event off;
        off.kind = Event::Kind::Off;
        off.string = 2;
        QCOMPARE(acted(rig, start, off).unstretchedLength_m[2], 0.0);
        QVERIFY(acted(rig, start, Event::tuned(11, 0.0)) == start);
    }

    /// A plate on a sticking pivot stays where it is for little, and slides to the edge of its band for more.
    void platesSlide() {
        const Rig rig = sixString();
        const LevelSolution level = levelSolution(rig, bareState(rig), {});
        State moved = level.state;
        moved.claw = moved.claw.plus(0.02);
        const Limits limits = limitsOf(rig.bridge, std::nullopt);
        const double held_Nm = std::abs(BalanceEquation(rig, moved).at(0.0).moment_Nm);
        QCOMPARE(slide(BalanceEquation(rig, moved), limits, 0.0, 1.01 * held_Nm).angle_rad, 0.0);
        const Equilibrium edge = slide(BalanceEquation(rig, moved), limits, 0.0, 0.4 * held_Nm);
        QVERIFY(std::abs(std::abs(BalanceEquation(rig, moved).at(edge.angle_rad).moment_Nm) - 0.4 * held_Nm) < 1e-8);
        const Equilibrium free = slide(BalanceEquation(rig, moved), limits, 0.0, held_Nm, false); // the arm was wiggled
        QVERIFY(std::abs(BalanceEquation(rig, moved).at(free.angle_rad).moment_Nm) < 1e-8);
        QVERIFY(std::abs(edge.angle_rad) < std::abs(free.angle_rad));
    }
};

QTEST_APPLESS_MAIN(TestBenchWork)
#include "test_bench_work.moc"
