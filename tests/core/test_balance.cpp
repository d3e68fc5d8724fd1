// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/operations/acts.h"
#include "core/statics/level.h"
#include "core/statics/readings.h"
#include "support/energy.h"
#include "support/rigs.h"

#include <QTest>
#include <cmath>

using namespace flenzo;
using namespace flenzo::testing;

namespace {

/// Strings a random 0 to 600 cents flat, set with the plate held level.
State randomState(const Rig& rig, std::mt19937& random) {
    std::vector<double> offsets(rig.strings.size());
    for (double& offset : offsets)
        offset = std::uniform_real_distribution<double>(-600.0, 0.0)(random);
    return stringUp(rig, bareState(rig), offsets, 0.0).state;
}

} // namespace

class TestBalance : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void slopesAgreeWithDifferences() {
        std::mt19937 random(11);
        for (int n = 0; n < 300; ++n) {
            const Rig rig = randomRig(random);
            const State state = randomState(rig, random);
            for (const bool held : {false, true}) {
                BalanceEquation equation(rig, state);
                if (held)
                    for (std::size_t i = 0; i < rig.strings.size(); i += 2)
                        equation.holdAtPitch(i, rig.strings[i].target_Hz);
                const double at = state.angle_rad + 0.003, h = 1e-5;
                const double numeric = (equation.at(at + h).moment_Nm - equation.at(at - h).moment_Nm) / (2 * h);
                const double analytic = equation.at(at).slope_NmPerRad;
                if (std::abs(equation.at(at + h).moment_Nm - equation.at(at - h).moment_Nm) > 0.01)
                    continue; // a spring came loose between the two
                QVERIFY2(std::abs(numeric - analytic) < 1e-4 * (1.0 + std::abs(analytic)),
                         qPrintable(QStringLiteral("rig %1: %2 against %3").arg(n).arg(analytic).arg(numeric)));
            }
        }
    }

    void momentIsMinusTheSlopeOfEnergy() {
        std::mt19937 random(12);
        for (int n = 0; n < 200; ++n) {
            const Rig rig = randomRig(random);
            const State state = randomState(rig, random);
            const BalanceEquation equation(rig, state);
            for (const double at : {-0.05, 0.0, 0.04}) {
                const double h = 1e-6;
                const double numeric = -(energy_J(rig, state, at + h) - energy_J(rig, state, at - h)) / (2 * h);
                QVERIFY(std::abs(numeric - equation.at(at).moment_Nm) < 1e-3 + 1e-5 * std::abs(numeric) + 25.0 * h);
            }
        }
    }

    /// Tens of thousands of random rigs: every reported balance is one, is stable, and nothing nearby is lower.
    void everyFreeRestIsABalance() {
        std::mt19937 random(13);
        int free = 0;
        for (int n = 0; n < 20000; ++n) {
            const Rig rig = randomRig(random);
            const State start = randomState(rig, random);
            const BalanceEquation equation(rig, start);
            const Limits limits = limitsOf(rig.bridge, std::nullopt);
            const double from = std::uniform_real_distribution<double>(limits.low_rad, limits.high_rad)(random);
            const Equilibrium rest = findEquilibrium(equation, limits, from);
            QVERIFY(rest.kind != EquilibriumKind::NotFound);
            QVERIFY(rest.angle_rad >= limits.low_rad && rest.angle_rad <= limits.high_rad);
            if (rest.kind == EquilibriumKind::Free) {
                ++free;
                QVERIFY(std::abs(rest.moment_Nm) < 1e-9);
                const double here = energy_J(rig, start, rest.angle_rad);
                for (const double step : {-1e-4, 1e-4})
                    QVERIFY(energy_J(rig, start, rest.angle_rad + step) >= here - 1e-12);
            }
            if (rest.kind == EquilibriumKind::RearStop)
                QVERIFY(rest.moment_Nm <= 0.0);
            if (rest.kind == EquilibriumKind::ForwardStop)
                QVERIFY(rest.moment_Nm >= 0.0);
        }
        QVERIFY(free > 10000);
    }

    void absurdRigsComeBackWithAnAnswer() {
        std::mt19937 random(14);
        const double absurd[] = {0.0, 1e-12, 1e12, -1e6, 1e300, std::nan(""), HUGE_VAL};
        for (int n = 0; n < 3000; ++n) {
            Rig rig = randomRig(random);
            State state = randomState(rig, random);
            const double value = absurd[n % 7];
            switch (n / 7 % 6) {
            case 0:
                rig.springs.front().rate_Npm = value;
                break;
            case 1:
                rig.springs.front().hook_m.y() = value;
                break;
            case 2:
                rig.strings.front().scale_m = value;
                break;
            case 3:
                rig.bridge.mass_kg = value;
                break;
            case 4:
                state.unstretchedLength_m.front() = value;
                break;
            default:
                state.angle_rad = value;
                break;
            }
            const Equilibrium rest = settle(rig, state).rest;
            QVERIFY(std::isfinite(rest.angle_rad));
            QVERIFY(rest.evaluations < 20000);
        }
    }

    /// The cost promised for the ordinary case: a peg or screw moves a little, the bridge finds its rest again.
    void aNearbyRestTakesFiveEvaluations() {
        const Rig rig = sixString();
        const LevelSolution level = levelSolution(rig, bareState(rig), {});
        QCOMPARE(level.status, LevelStatus::Found);
        for (const double turns : {-0.25, -0.0625, 0.0625, 0.25}) {
            const Outcome moved = turnClaw(rig, level.state, {turns, turns});
            QCOMPARE(moved.rest.kind, EquilibriumKind::Free);
            QVERIFY2(moved.rest.evaluations <= 5, qPrintable(QString::number(moved.rest.evaluations)));
        }
    }

    void theWayIsThatOfTheMoment() {
        // Strings slack and springs on: from anywhere the bridge goes back to its rear stop.
        const Rig rig = sixString();
        const BalanceEquation equation(rig, bareState(rig));
        const Equilibrium rest = findEquilibrium(equation, limitsOf(rig.bridge, std::nullopt), radians(5.0));
        QCOMPARE(rest.kind, EquilibriumKind::RearStop);
        // No springs: the strings win.
        Rig bare = rig;
        bare.springs.clear();
        const State taut = stringUp(bare, bareState(bare), std::vector<double>(6, -100.0), 0.0).state;
        QCOMPARE(settle(bare, taut).rest.kind, EquilibriumKind::ForwardStop);
    }

    void severalBalancesAreToldApart() {
        // A spring that only bites when the bridge leans far forward makes a second balance there.
        Rig rig = sixString();
        rig.bridge.forwardStop_rad = radians(40.0);
        const LevelSolution level = levelSolution(rig, bareState(rig), {});
        const BalanceEquation equation(rig, level.state);
        const Limits limits = limitsOf(rig.bridge, std::nullopt);
        std::vector<double> rests;
        for (double from = -6.0; from < 40.0; from += 0.5) {
            const Equilibrium rest = findEquilibrium(equation, limits, radians(from));
            // Whatever lies between start and rest must push towards the rest.
            for (int s = 1; s < 40; ++s) {
                const double at = radians(from) + (rest.angle_rad - radians(from)) * s / 40.0;
                QVERIFY(equation.at(at).moment_Nm * (rest.angle_rad - at) > -1e-6);
            }
            rests.push_back(rest.angle_rad);
        }
        QVERIFY(std::abs(rests.front()) < 1e-9);
    }

    void aSpringOnItsEdgeIsSaidSo() {
        // Moment jumps through zero where the spring comes loose: neither free nor at a stop.
        Rig rig = sixString();
        rig.strings.resize(1);
        rig.springs.resize(1);
        rig.springs[0].initial_N = 150.0;
        State state = stringUp(rig, bareState(rig), {-200.0}, 0.0).state;
        rig.springs[0].free_m = 0.075;
        state.angle_rad = 0.1;
        const Equilibrium rest = settle(rig, state).rest;
        QCOMPARE(rest.kind, EquilibriumKind::SpringEdge);
        const BalanceEquation equation(rig, state);
        QVERIFY(equation.at(rest.angle_rad + 1e-9).moment_Nm < 0.0);
        QVERIFY(equation.at(rest.angle_rad - 1e-9).moment_Nm > 0.0);
    }

    /// No claw holds one light string level against a spring that pulls too much as soon as it is tight.
    void aLevelOnASpringsEdgeIsNotCalledFound() {
        Rig rig = sixString();
        rig.strings.resize(1);
        rig.springs.resize(1);
        rig.springs[0].initial_N = 150.0;
        const LevelSolution level = levelSolution(rig, bareState(rig), {});
        QCOMPARE(level.status, LevelStatus::SpringEdge);
        QVERIFY(!level.balanced());
    }

    void blocksAreOneSided() {
        const Rig rig = sixString();
        const State level = levelSolution(rig, bareState(rig), {}).state;
        const double up = radians(1.0), down = radians(-1.0);
        QVERIFY(std::abs(putBlock(rig, level, {Block::Kind::Rear, up}).state.angle_rad - up) < 1e-12);
        QVERIFY(std::abs(putBlock(rig, level, {Block::Kind::Rear, down}).state.angle_rad) < 1e-9);
        QVERIFY(std::abs(putBlock(rig, level, {Block::Kind::Front, down}).state.angle_rad - down) < 1e-12);
        QVERIFY(std::abs(putBlock(rig, level, {Block::Kind::Front, up}).state.angle_rad) < 1e-9);
        QCOMPARE(putBlock(rig, level, {Block::Kind::Captive, up}).rest.kind, EquilibriumKind::Blocked);
    }

    void leftHandedIsTheSame() {
        Rig rig = sixString();
        rig.claw.turns = {-3.0, -5.0};
        Rig mirror = rig;
        std::reverse(mirror.strings.begin(), mirror.strings.end());
        std::swap(mirror.claw.turns.bass, mirror.claw.turns.treble);
        for (Spring& spring : mirror.springs)
            spring.slot = 1.0 - spring.slot;
        const std::vector<double> flat(6, -150.0);
        const State a = stringUp(rig, bareState(rig), flat, 0.0).state,
                    b = stringUp(mirror, bareState(mirror), flat, 0.0).state;
        QVERIFY(std::abs(a.angle_rad - b.angle_rad) < 1e-11);
        const auto ra = readings_cents(rig, a), rb = readings_cents(mirror, b);
        for (std::size_t i = 0; i < 6; ++i)
            QVERIFY(std::abs(ra[i] - rb[5 - i]) < 1e-6);
    }

    void doublingEveryForceKeepsTheAngle() {
        Rig rig = sixString();
        rig.bridge.mass_kg = 0.0;
        Rig strong = rig;
        for (RigString& string : strong.strings) {
            string.wire.unitMass_kgpm = 2.0 * unitMass_kgpm(string.wire);
            string.wire.stiffness_N = 2.0 * axialStiffness_N(Wire{string.wire.gauge_m, string.wire.core_m});
        }
        for (Spring& spring : strong.springs) {
            spring.rate_Npm *= 2.0;
            spring.initial_N *= 2.0;
        }
        const LevelSolution one = levelSolution(rig, bareState(rig), {}),
                            two = levelSolution(strong, bareState(strong), {});
        QVERIFY(std::abs(one.moreTurns - two.moreTurns) < 1e-9);
        QVERIFY(std::abs(2.0 * one.stiffness_NmPerRad / two.stiffness_NmPerRad - 1.0) < 1e-9);
    }

    void gravityFollowsTheGuitar() {
        const Rig rig = sixString();
        const State flat = levelSolution(rig, bareState(rig), {}).state;
        const double up = turnGuitar(rig, flat, Orientation::Playing).state.angle_rad;
        QVERIFY(std::abs(up) > radians(0.005) && std::abs(up) < radians(0.5));
        QVERIFY(std::abs(turnGuitar(rig, turnGuitar(rig, flat, Orientation::FaceDown).state, Orientation::Flat)
                             .state.angle_rad) < 1e-10);
    }

    void gapAndAngleAreInverse() {
        const Bridge bridge;
        for (const double angle : {-0.05, 0.0, 0.08})
            QVERIFY(std::abs(angleOfGap_rad(bridge, gapAt_m(bridge, angle)) - angle) < 1e-12);
        QVERIFY(std::isfinite(angleOfGap_rad(bridge, 1.0)));
    }
};

QTEST_APPLESS_MAIN(TestBalance)
#include "test_balance.moc"
