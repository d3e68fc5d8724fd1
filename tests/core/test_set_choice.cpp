// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/planning/set_choice.h"
#include "core/planning/set_figures.h"
#include "core/planning/work_method.h"
#include "core/statics/note.h"
#include "support/rigs.h"

#include <QTest>
#include <algorithm>
#include <cmath>
#include <functional>
#include <random>

using namespace flenzo;
using namespace flenzo::testing;

namespace {

Wire plain(double gauge_thou) {
    Wire wire;
    wire.gauge_m = gauge_thou * metresPerThou;
    return wire;
}

Wire wound(double gauge_thou) {
    Wire wire = plain(gauge_thou);
    wire.core_m = 0.42 * wire.gauge_m;
    return wire;
}

/// As a shop sells them: half thousandths of the thin plain ones, every thousandth of the wound ones.
Offered sold(const Rig& rig) {
    Offered offered;
    for (const RigString& string : rig.strings) {
        offered.emplace_back();
        if (string.wire.isWound())
            for (double gauge = 20.0; gauge <= 64.0; gauge += 1.0)
                offered.back().push_back(wound(gauge));
        else
            for (double gauge = 8.0; gauge <= 22.0; gauge += gauge < 13.0 ? 0.5 : 1.0)
                offered.back().push_back(plain(gauge));
    }
    return offered;
}

Rig down(Rig rig, double semitones) {
    for (RigString& string : rig.strings)
        string.target_Hz *= std::pow(2.0, -semitones / 12.0);
    return rig;
}

LevelSolution levelOf(const Rig& rig) {
    return levelSolution(rig, bareState(rig), {});
}

/// The guitar with its claw where it holds its strings level.
Rig settled(Rig rig) {
    rig.claw.turns = levelOf(rig).state.claw;
    return rig;
}

/// The least distance there is, by trying every set.
double leastOfAll(const Rig& rig, const Goal& goal, const Offered& offered, const SetWish& wish) {
    double least = std::numeric_limits<double>::infinity();
    std::vector<Wire> set(offered.size());
    const std::function<void(std::size_t)> from = [&](std::size_t i) {
        if (i == offered.size()) {
            least = std::min(least, distanceFromWish(rig, goal, set, wish));
            return;
        }
        for (const Wire& wire : offered[i]) {
            set[i] = wire;
            from(i + 1);
        }
    };
    from(0);
    return least;
}

} // namespace

class TestSetChoice : public QObject {
    Q_OBJECT
    const Rig rig_ = settled(sixString());

private Q_SLOTS:
    void noSetIsNearerThanTheChosenOne() {
        std::mt19937 random(20261202);
        const auto between = [&random](double low, double high) {
            return std::uniform_real_distribution<double>(low, high)(random);
        };
        int chosenOnes = 0;
        for (int guitar = 0; guitar < 300; ++guitar) {
            Rig rig = randomRig(random);
            while (rig.strings.size() < 2 || rig.strings.size() > 5)
                rig = randomRig(random);
            Offered offered;
            for (const RigString& string : rig.strings) {
                offered.emplace_back();
                for (int k = 0; k < 4; ++k) {
                    Wire wire = string.wire;
                    wire.gauge_m *= between(0.85, 1.15);
                    wire.core_m = string.wire.isWound() ? wire.gauge_m * between(0.35, 0.6) : 0.0;
                    offered.back().push_back(wire);
                }
            }
            SetWish wish;
            wish.longest_s = 30.0; // on a slow machine too, the best is what is asked for
            wish.keepsBalance = guitar % 2 == 0;
            wish.equalPull = guitar % 3 == 0;
            if (guitar % 5 < 2)
                wish.arm_NmPerRad = between(0.7, 1.3) * std::max(5.0, levelOf(rig).stiffness_NmPerRad);
            if (guitar % 7 == 0)
                wish.pull_N.assign(rig.strings.size(), between(50.0, 90.0));
            const double least = leastOfAll(rig, {}, offered, wish);
            const ChosenSet chosen = chooseSet(rig, {}, offered, wish);
            if (!std::isfinite(least)) {
                QVERIFY(chosen.status == SetStatus::NothingBears || chosen.status == SetStatus::NothingNear);
                continue;
            }
            ++chosenOnes;
            QCOMPARE(chosen.status, SetStatus::Best);
            const double cost = distanceFromWish(rig, {}, wiresOf(offered, chosen), wish);
            QVERIFY2(std::abs(cost - least) < 1e-6 * (1.0 + least),
                     qPrintable(QStringLiteral("guitar %1: %2, best %3").arg(guitar).arg(cost).arg(least)));
            QVERIFY(std::abs(chosen.cost - cost) < 1e-6 * (1.0 + cost)); // both say the same of it
        }
        QVERIFY(chosenOnes > 200);
    }

    void aLowerTuningKeepsTheBalance() {
        const Rig low = down(rig_, 2.0);
        QVERIFY(std::abs(levelOf(low).moreTurns) > 1.0); // the same strings do not
        const Offered offered = sold(low);
        SetWish wish;
        for (std::size_t i = 0; i < rig_.strings.size(); ++i)
            wish.pull_N.push_back(levelOf(rig_).tensions_N[i]);
        const ChosenSet chosen = chooseSet(low, {}, offered, wish);
        QVERIFY(chosen.status == SetStatus::Best || chosen.status == SetStatus::Good);
        const Rig strung = withWires(low, wiresOf(offered, chosen));
        const LevelSolution level = levelOf(strung);
        QCOMPARE(level.status, LevelStatus::Found);
        QVERIFY2(std::abs(level.moreTurns) <= ClawStepPolicy::finest_turns + 0.01,
                 qPrintable(QString::number(level.moreTurns)));
        for (std::size_t i = 0; i < wish.pull_N.size(); ++i) {
            QVERIFY(strung.strings[i].wire.gauge_m > rig_.strings[i].wire.gauge_m);
            QVERIFY(std::abs(level.tensions_N[i] / wish.pull_N[i] - 1.0) < 0.1);
        }
    }

    void theArmIsAsSoftAsWished() {
        SetWish wish;
        wish.keepsBalance = false;
        wish.arm_NmPerRad = 0.93 * levelOf(rig_).stiffness_NmPerRad;
        const Offered offered = sold(rig_);
        const ChosenSet chosen = chooseSet(rig_, {}, offered, wish);
        const Rig strung = withWires(rig_, wiresOf(offered, chosen));
        const double before = levelOf(rig_).stiffness_NmPerRad;
        const LevelSolution level = levelOf(strung);
        QCOMPARE(level.status, LevelStatus::Found);
        QVERIFY2(std::abs(level.stiffness_NmPerRad / before - 0.93) < 0.01,
                 qPrintable(QString::number(level.stiffness_NmPerRad / before)));
    }

    void stringsPullAlike() {
        SetWish wish;
        wish.equalPull = true;
        wish.keepsBalance = false;
        const Offered offered = sold(rig_);
        const ChosenSet chosen = chooseSet(rig_, {}, offered, wish);
        const auto spreadOf = [](const Rig& rig) {
            const std::vector<double> pull = levelOf(rig).tensions_N;
            return *std::max_element(pull.begin(), pull.end()) / *std::min_element(pull.begin(), pull.end());
        };
        QVERIFY(spreadOf(withWires(rig_, wiresOf(offered, chosen))) < 1.15);
        QVERIFY(spreadOf(rig_) > 1.2);
    }

    void whatHindersIsSaid() {
        SetWish wish;
        wish.arm_NmPerRad = 0.3 * levelOf(rig_).stiffness_NmPerRad; // far softer than any strings make it
        const Offered offered = sold(rig_);
        wish.keepsBalance = false;
        const ChosenSet far = chooseSet(rig_, {}, offered, wish);
        QVERIFY(far.cost > 1.0);
        QCOMPARE(far.atTheEnd.size(), std::size_t{6});

        Offered gap = offered;
        gap[2].clear();
        const ChosenSet without = chooseSet(rig_, {}, gap, {});
        QCOMPARE(without.status, SetStatus::NothingOffered);
        QCOMPARE(without.string, std::size_t{2});

        const Rig high = down(rig_, -9.0); // no wire bears it
        const ChosenSet none = chooseSet(high, {}, offered, {});
        QCOMPARE(none.status, SetStatus::NothingBears);

        SetWish slack;
        slack.pull_N.assign(6, 15.0); // lighter than the lightest
        const ChosenSet tooFar = chooseSet(rig_, {}, offered, slack);
        QCOMPARE(tooFar.status, SetStatus::NothingNear);
    }

    void equalPullKeepsTheBalanceToo() {
        SetWish wish;
        wish.equalPull = true;
        const Rig low = down(rig_, 2.0);
        const Offered offered = sold(low);
        const ChosenSet chosen = chooseSet(low, {}, offered, wish);
        QCOMPARE(chosen.status, SetStatus::Best);
        const Rig strung = withWires(low, wiresOf(offered, chosen));
        QVERIFY(std::abs(levelOf(strung).moreTurns) <= ClawStepPolicy::finest_turns + 0.01);
    }

    // --- figures side by side ---

    void aBridgeThatGivesWayBendsHarder() {
        const SetFigures floating = figuresOf(rig_, {}, orderOf(OrderKind::LowToHigh, 6));
        Goal decked;
        decked.angle_rad = rig_.bridge.rearStop_rad;
        decked.deckLoad_Nm = usualDeckLoad_Nm;
        const SetFigures held = figuresOf(rig_, decked, orderOf(OrderKind::LowToHigh, 6));
        for (std::size_t i = 0; i < 6; ++i)
            QVERIFY(floating.bend_N[i] > held.bend_N[i] && held.bend_N[i] > 1.0);
    }

    void aBendOnAHeldBridgeIsHookesLaw() {
        Goal decked;
        decked.angle_rad = rig_.bridge.rearStop_rad;
        decked.deckLoad_Nm = usualDeckLoad_Nm;
        const SetFigures held = figuresOf(rig_, decked, orderOf(OrderKind::LowToHigh, 6));
        const RigString& string = rig_.strings.back();
        // Where the wire is pulled as far as a whole step wants, its two parts are that much longer.
        const double tension = held.level.tensions_N.back(), wanted = tension * std::pow(2.0, 4.0 / 12.0);
        const double length = string.scale_m + string.nutTail_m + string.saddleTail_m;
        const double longer = (wanted - tension) * length / axialStiffness_N(string.wire), part = string.scale_m / 2.0;
        const double aside = std::sqrt(std::pow(part + longer / 2.0, 2) - part * part);
        const double force = 2.0 * wanted * aside / std::hypot(part, aside);
        QVERIFY2(std::abs(held.bend_N.back() / force - 1.0) < 0.03,
                 qPrintable(QStringLiteral("%1, by hand %2").arg(held.bend_N.back()).arg(force)));
    }

    void theArmsHalfStepIsNearItsStiffness() {
        const SetFigures figures = figuresOf(rig_, {}, orderOf(OrderKind::LowToHigh, 6));
        double perRadian_cents = 0.0;
        const BalanceEquation equation(rig_, figures.level.state);
        for (std::size_t i = 0; i < 6; ++i)
            perRadian_cents -= equation.centsPerRadian(i, 0.0) / 6.0;
        const double straight_Nm = figures.level.stiffness_NmPerRad * 100.0 / perRadian_cents;
        QVERIFY(std::abs(figures.armHalfStep_Nm / straight_Nm - 1.0) < 0.15);
        QCOMPARE(figures.springs, rig_.springs.size());
        QVERIFY(std::abs(figures.clawMore_turns) < 1e-6 && figures.clawLeft_turns > 0.0);
        QVERIFY(figures.rangeUp_rad > 0.0 && figures.passFactor > 0.0 && figures.passFactor < 1.0);
    }

    /// One string slackened lets the plate back, and the others rise; on a bridge that lies on its stop nothing moves.
    void aDropMovesTheOthers() {
        const Order order = orderOf(OrderKind::LowToHigh, 6);
        const SetFigures floating = figuresOf(rig_, {}, order);
        QVERIFY(floating.drop->movesOthers_cents > 5.0 && floating.drop->movesOthers_cents < 100.0);
        Rig stiffer = settled(withSpringCount(rig_, 5));
        QVERIFY(figuresOf(stiffer, {}, order).drop->movesOthers_cents < floating.drop->movesOthers_cents);
        Rig fixed = rig_;
        fixed.bridge.family = Family::Fixed;
        QVERIFY(std::abs(figuresOf(fixed, {}, order).drop->movesOthers_cents) < 1e-6);
        QCOMPARE(figuresOf(fixed, {}, order).drop->onStop_Nm, 0.0);
    }

    /// On a stop nobody else moves: it carries what the string no longer pulls. A fine tuner lets out what the drop
    /// takes of wire, less where the bridge may not go back.
    void aDropOnAStopByAFineTuner() {
        Rig rig = rig_;
        for (RigString& string : rig.strings)
            string.finePerTurn_m = 0.0004;
        const SetFigures figures = figuresOf(rig, {}, orderOf(OrderKind::LowToHigh, 6));
        const Drop& drop = *figures.drop;
        const RigString& string = rig.strings[drop.string];
        QCOMPARE(drop.string, std::size_t(0));
        const BalanceEquation level(rig, figures.level.state);
        State without = figures.level.state;
        without.unstretchedLength_m[0] = 0.0;
        const double lever_m = (level.parts(0.0).strings_Nm - BalanceEquation(rig, without).parts(0.0).strings_Nm) /
                               figures.level.tensions_N[0];
        // A whole step down the pull is 2^(-4/12) of what it was, at nearly the same mass of a metre.
        const double given_N = figures.level.tensions_N[0] * (1.0 - std::pow(2.0, -4.0 / 12.0));
        QVERIFY2(std::abs(drop.onStop_Nm / (lever_m * given_N) - 1.0) < 0.02,
                 qPrintable(QStringLiteral("%1 and %2").arg(drop.onStop_Nm).arg(lever_m * given_N)));
        const double length_m = string.scale_m + string.nutTail_m + string.saddleTail_m;
        const double turns = given_N * length_m / axialStiffness_N(string.wire) / string.finePerTurn_m;
        QVERIFY2(std::abs(drop.fineHeld_turns / turns - 1.0) < 0.05,
                 qPrintable(QStringLiteral("%1 and %2").arg(drop.fineHeld_turns).arg(turns)));
        QVERIFY(drop.fineFree_turns > drop.fineHeld_turns); // the bridge goes back and draws it taut again
        QCOMPARE(drop.fineThere_turns, string.fineAt_turns);
    }

    /// Springs that may go in: as they are first, none twice, none where there is no arm.
    void springsThatMayGoIn() {
        const std::vector<SpringWay> ways = springWays(rig_);
        QCOMPARE(ways.front().springs, rig_.springs.size());
        QVERIFY(withSprings(rig_, ways.front()) == rig_);
        for (std::size_t a = 0; a < ways.size(); ++a) {
            QVERIFY(ways[a].springs >= 1 && ways[a].springs <= maxSprings);
            for (std::size_t b = 0; b < a; ++b)
                QVERIFY(!(ways[a] == ways[b]));
        }
        QVERIFY(ways.size() > 10);
        Rig other = rig_;
        other.bridge.family = Family::Fixed;
        QCOMPARE(springWays(other).size(), std::size_t(1));
        other.bridge.family = Family::RollerShaft;
        for (const SpringWay& way : springWays(other))
            QCOMPARE(way.springs, other.springs.size());
        other.springs.clear();
        QCOMPARE(springWays(other).size(), std::size_t(1));
    }

    void aHeavySetTakesMoreSprings() {
        Rig heavy = rig_;
        heavy.springs.resize(2);
        for (RigString& string : heavy.strings)
            string.target_Hz *= 1.25;
        const SetFigures figures = figuresOf(heavy, {}, orderOf(OrderKind::LowToHigh, 6));
        QVERIFY2(figures.springs > 2, qPrintable(QString::number(figures.springs)));
        QVERIFY(*std::max_element(figures.ofBreaking.begin(), figures.ofBreaking.end()) > 0.5);
    }
};

QTEST_APPLESS_MAIN(TestSetChoice)
#include "test_set_choice.moc"
