// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/operations/acts.h"
#include "core/simulation/remaining.h"
#include "core/simulation/trial.h"
#include "core/statics/readings.h"
#include "support/bench.h"
#include "support/energy.h"
#include "support/rigs.h"

#include <QTest>
#include <cmath>

using namespace flenzo;
using namespace flenzo::testing;

namespace {

/// What a rig may be at its worst: figures at the edge of their ranges and beyond sense.
Rig absurdRig(std::mt19937& random) {
    const auto between = [&random](double low, double high) {
        return std::uniform_real_distribution<double>(low, high)(random);
    };
    Rig rig = randomRig(random);
    rig.bridge.family = std::array{Family::DoubleLocking, Family::RollerShaft,
                                   Family::Fixed}[std::uniform_int_distribution<std::size_t>(0, 2)(random)];
    rig.bridge.mass_kg = between(0.0, 5.0);
    rig.bridge.rearStop_rad = radians(between(-60.0, -0.01));
    rig.bridge.forwardStop_rad = radians(between(0.01, 60.0));
    rig.bridge.shaftRadius_m = between(0.001, 0.03);
    rig.neckElevation_rad = between(-1.5, 1.5);
    if (between(0.0, 1.0) < 0.3)
        rig.bridge.assist = CentringAssist{radians(between(-10.0, 10.0)), between(0.0, 5.0), between(0.0, 50.0)};
    for (Spring& spring : rig.springs) {
        spring.rate_Npm = std::pow(10.0, between(1.7, 5.3));
        spring.hook_m = {between(-0.3, 0.3), between(-0.3, 0.3)};
        spring.anchor_m = {between(-0.3, 0.3), between(-0.3, 0.3)};
        spring.free_m = between(0.003, 0.3);
        spring.aside_m = between(0.0, 0.02);
        spring.seat_m = between(0.001, 0.2);
        spring.lever_m = between(0.001, 0.2);
    }
    return rig;
}

State randomState(const Rig& rig, std::mt19937& random) {
    const auto between = [&random](double low, double high) {
        return std::uniform_real_distribution<double>(low, high)(random);
    };
    State state = bareState(rig);
    const BalanceEquation equation(rig, state);
    for (std::size_t i = 0; i < rig.strings.size(); ++i)
        state.unstretchedLength_m[i] =
            between(0.0, 1.0) < 0.1
                ? 0.0
                : equation.unstretchedForPitch_m(i, rig.strings[i].target_Hz * between(0.3, 1.2), 0.0);
    state.angle_rad = between(-1.0, 1.0);
    return state;
}

} // namespace

class TestProperties : public QObject {
    Q_OBJECT
private Q_SLOTS:
    /// No NaN, no hang, no crash; what is called free is balanced, and no neighbour has less energy.
    void everyRestIsARest_data() {
        QTest::addColumn<bool>("absurd");
        QTest::newRow("plausible") << false;
        QTest::newRow("absurd") << true;
    }
    void everyRestIsARest() {
        QFETCH(bool, absurd);
        std::mt19937 random(absurd ? 7 : 5);
        int free = 0;
        for (int k = 0; k < 20000; ++k) {
            const Rig rig = absurd ? absurdRig(random) : randomRig(random);
            const Outcome rest = settle(rig, randomState(rig, random));
            QVERIFY2(std::isfinite(rest.state.angle_rad) && std::isfinite(rest.rest.moment_Nm),
                     qPrintable(QString::number(k)));
            if (rest.rest.kind != EquilibriumKind::Free)
                continue;
            ++free;
            QVERIFY2(std::abs(rest.rest.moment_Nm) < 1e-9,
                     qPrintable(QStringLiteral("rig %1: %2").arg(k).arg(rest.rest.moment_Nm)));
            const double here = energy_J(rig, rest.state, rest.rest.angle_rad);
            const double slack = 1e-12 * std::abs(here) + 1e-13;
            for (const double step : {-1e-5, 1e-5})
                QVERIFY2(energy_J(rig, rest.state, rest.rest.angle_rad + step) >= here - slack,
                         qPrintable(QString::number(k)));
        }
        QVERIFY(free > 2000);
    }

    /// The moment is the slope of the energy, assist and all.
    void theMomentIsTheSlopeOfTheEnergy() {
        std::mt19937 random(11);
        for (int k = 0; k < 3000; ++k) {
            const Rig rig = absurdRig(random);
            const State state = randomState(rig, random);
            const BalanceEquation equation(rig, state);
            const double angle = std::uniform_real_distribution<double>(-0.1, 0.1)(random), h = 1e-6;
            const Moment m = equation.at(angle);
            const double before = energy_J(rig, state, angle - h), after = energy_J(rig, state, angle + h);
            const double scale = std::abs(m.moment_Nm) + std::abs(before) * 1e-8 + 1e-3;
            const Moment low = equation.at(angle - h), high = equation.at(angle + h);
            if (std::abs(high.moment_Nm - low.moment_Nm) > 0.01 * scale)
                continue; // a spring comes loose or the assist's centre lies between
            QVERIFY2(std::abs(-(after - before) / (2 * h) - m.moment_Nm) < 1e-3 * scale,
                     qPrintable(QString::number(k)));
        }
    }

    /// Twice as wide, stiff and heavy: the same angle. Two halves of every string's and spring's pull are one guitar.
    void strongerAllRoundIsTheSameGuitar() {
        std::mt19937 random(13);
        for (int k = 0; k < 500; ++k) {
            Rig rig = randomRig(random);
            const State state = randomState(rig, random);
            const Outcome once = settle(rig, state);
            for (RigString& string : rig.strings) {
                string.wire.unitMass_kgpm = 2.0 * unitMass_kgpm(string.wire);
                string.wire.stiffness_N = 2.0 * axialStiffness_N(string.wire);
            }
            for (Spring& spring : rig.springs) {
                spring.rate_Npm *= 2.0;
                spring.initial_N *= 2.0;
            }
            rig.bridge.mass_kg *= 2.0;
            const Outcome twice = settle(rig, state);
            QCOMPARE(once.rest.kind, twice.rest.kind);
            if (once.rest.kind == EquilibriumKind::Free)
                QVERIFY(std::abs(once.state.angle_rad - twice.state.angle_rad) < 1e-8);
        }
    }

    void theAdviserBearsWhateverIsTyped() {
        std::mt19937 random(17);
        const auto between = [&random](double low, double high) {
            return std::uniform_real_distribution<double>(low, high)(random);
        };
        for (int k = 0; k < 24; ++k) {
            BenchJob job;
            job.rig = k % 2 ? absurdRig(random) : randomRig(random);
            for (const RigString& string : job.rig.strings)
                job.old.strings.push_back({string.wire, string.target_Hz});
            job.old.wasLevel = k % 3 == 0;
            job.method.order = orderOf(OrderKind::LowToHigh, job.rig.strings.size());
            job.method.stretch = k % 4 == 0;
            for (int e = 0; e < 12; ++e) {
                Event event;
                event.kind = static_cast<Event::Kind>(std::uniform_int_distribution<int>(0, 11)(random));
                event.string =
                    static_cast<std::size_t>(between(0.0, static_cast<double>(job.rig.strings.size()) - 0.01));
                event.to_cents = between(-2400.0, 1200.0);
                event.turns = {between(-5.0, 5.0), between(-5.0, 5.0)};
                event.block.angle_rad = between(-0.2, 0.2);
                if (event.kind == Event::Kind::Read)
                    for (std::size_t i = 0; i < job.rig.strings.size(); ++i)
                        event.readings_cents.emplace_back(i, between(-2400.0, 1200.0));
                event.gap_m = between(0.0, 0.01);
                job.log.push_back(event);
            }
            const Advice advice = advise(job);
            QVERIFY(std::isfinite(advice.act.turns.mean()) && std::isfinite(advice.guitar.state.angle_rad));
            QVERIFY(advice.guitar.at.guitar.value.allFinite());
            RemainingOptions few;
            few.guitars = 2;
            few.mostActs = 10;
            QVERIFY(std::isfinite(remainingWork(job, advice, few).minutes.p90));
        }
    }

    /// "Within goal" is the job's own goal, not a fixed one.
    void aTrialIsJudgedByTheJobsGoal() {
        TrialSetup setup;
        setup.job = changeJob(1.05);
        setup.guitars = 6;
        setup.shopMethods = setup.forecasts = false;
        const auto share = [&setup](double cents, double plate_rad) {
            setup.job.goal.pitchTolerance_cents = cents;
            setup.job.goal.angleTolerance_rad = plate_rad;
            return runTrial(setup).rows.back().share([](const Played& played) { return played.inTune; });
        };
        QCOMPARE(share(30.0, radians(2.0)), 1.0);
        QVERIFY(share(0.01, radians(0.001)) < 0.5);
    }

    void theTrialIsTheSameOnAnyNumberOfThreads() {
        TrialSetup setup;
        setup.job.rig = sixString();
        setup.job.rig.springs.push_back(setup.job.rig.springs.back());
        setup.job.method.order = orderOf(OrderKind::LowToHigh, 6);
        setup.job = changed(setup.job, ChangeKind::Same);
        setup.guitars = 4;
        setup.threads = 1;
        const TrialReport one = runTrial(setup);
        setup.threads = 3;
        const TrialReport three = runTrial(setup);
        QCOMPARE(one.stable, three.stable);
        for (std::size_t r = 0; r < one.rows.size(); ++r)
            for (std::size_t g = 0; g < one.rows[r].plays.size(); ++g) {
                QCOMPARE(one.rows[r].plays[g].passes, three.rows[r].plays[g].passes);
                QVERIFY(one.rows[r].plays[g].worst_cents == three.rows[r].plays[g].worst_cents);
            }
    }
};

QTEST_APPLESS_MAIN(TestProperties)
#include "test_properties.moc"
