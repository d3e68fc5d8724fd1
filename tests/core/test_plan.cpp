// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/base/quantile.h"
#include "core/operations/acts.h"
#include "core/planning/change.h"
#include "core/planning/uncertainty.h"
#include "core/planning/work_method.h"
#include "core/statics/readings.h"
#include "support/rigs.h"

#include <QTest>
#include <algorithm>
#include <cmath>
#include <set>

using namespace flenzo;
using namespace flenzo::testing;

class TestPlan : public QObject {
    Q_OBJECT
    Rig rig_ = sixString();
    LevelSolution level_ = levelSolution(rig_, bareState(rig_), {});

private Q_SLOTS:
    void theLevelSolutionIsOne() {
        QCOMPARE(level_.status, LevelStatus::Found);
        QVERIFY(std::abs(BalanceEquation(rig_, level_.state).at(0.0).moment_Nm) < 1e-9);
        QVERIFY(worst_cents(readings_cents(rig_, level_.state)) < 1e-6);
        QVERIFY(level_.floatStiffness_NmPerRad < level_.stiffness_NmPerRad);
    }

    void aimsLandEveryStringInOnePass_data() {
        QTest::addColumn<int>("kind");
        for (const OrderKind kind : {OrderKind::LowToHigh, OrderKind::HighToLow, OrderKind::OuterPairs})
            QTest::newRow(qPrintable(QString::number(static_cast<int>(kind)))) << static_cast<int>(kind);
    }
    void aimsLandEveryStringInOnePass() {
        QFETCH(int, kind);
        const Order order = orderOf(static_cast<OrderKind>(kind), 6);
        const State start = slackStart(rig_, level_.state.claw, -350.0);
        const Pass pass = aimedPass(rig_, start, level_, order);
        QVERIFY(worst_cents(readings_cents(rig_, pass.after)) < 1e-6);
        QVERIFY(std::abs(pass.after.angle_rad) < 1e-9);
        QVERIFY(pass.aims.front().cents > 50.0); // the first string is overshot most
        QVERIFY(std::abs(pass.aims.back().cents) < 1e-6);
        // Tuning exactly to those aims by peg lands as well.
        State played = start;
        for (const Aim& aim : pass.aims)
            played = tunePeg(rig_, played, aim.string, aim.frequency_Hz).state;
        QVERIFY(worst_cents(readings_cents(rig_, played)) < 1e-5);
    }

    void blockedAimsLandWhenTheBlockComesOut() {
        for (const double angle : {radians(-0.8), 0.0, radians(1.5)}) {
            State state = slackStart(rig_, level_.state.claw, -350.0);
            state = putBlock(rig_, state, {Block::Kind::Captive, angle}).state;
            for (const Aim& aim : blockedAims(rig_, level_, angle))
                state = tunePeg(rig_, state, aim.string, aim.frequency_Hz).state;
            state = takeBlock(rig_, state).state;
            QVERIFY(worst_cents(readings_cents(rig_, state)) < 1e-5);
        }
    }

    void thePassFactorIsWhatPassesDo() {
        for (const OrderKind kind : {OrderKind::LowToHigh, OrderKind::HighToLow, OrderKind::OuterPairs}) {
            const Order order = orderOf(kind, 6);
            const double factor = passFactor(coupling(rig_, level_.state), order);
            QVERIFY(factor > 0.1 && factor < 0.95);
            State state = level_.state;
            state = tunePeg(rig_, state, 2, rig_.strings[2].target_Hz * 1.0005).state;
            double before = 0.0;
            for (int pass = 0; pass < 12; ++pass) {
                before = worst_cents(readings_cents(rig_, state));
                state = exactPass(rig_, state, order).after;
            }
            const double after = worst_cents(readings_cents(rig_, state));
            QVERIFY2(std::abs(after / before - factor) < 0.01,
                     qPrintable(QStringLiteral("%1 %2").arg(after / before).arg(factor)));
        }
    }

    void quantilesLieBetweenTheValues() {
        QCOMPARE(quantile({}, 0.5), 0.0);
        QCOMPARE(quantile({7.0}, 0.9), 7.0);
        QCOMPARE(quantile({3.0, 1.0, 2.0}, 0.5), 2.0);
        QCOMPARE(quantile({4.0, 1.0, 3.0, 2.0}, 0.5), 2.5);
        QCOMPARE(quantile({4.0, 1.0, 3.0, 2.0}, 0.0), 1.0);
        QCOMPARE(quantile({4.0, 1.0, 3.0, 2.0}, 1.0), 4.0);
        QVERIFY(std::abs(quantile({0.0, 10.0}, 0.9) - 9.0) < 1e-12);
    }

    void couplingIsADerivative() {
        const Eigen::MatrixXd c = coupling(rig_, level_.state);
        const State moved = tunePeg(rig_, level_.state, 1, rig_.strings[1].target_Hz * std::exp2(0.01 / 1200.0)).state;
        const auto readings = readings_cents(rig_, moved);
        for (Eigen::Index j = 0; j < 6; ++j)
            QVERIFY(std::abs(readings[static_cast<std::size_t>(j)] / 0.01 - c(j, 1)) < 1e-3);
    }

    void everyOrderNamesEveryStringOnce() {
        for (std::size_t n = 1; n <= maxStrings; ++n)
            for (const OrderKind kind : {OrderKind::LowToHigh, OrderKind::HighToLow, OrderKind::OuterPairs}) {
                const Order order = orderOf(kind, n);
                QCOMPARE(std::set<std::size_t>(order.begin(), order.end()).size(), n);
                QCOMPARE(order.size(), n);
            }
        QCOMPARE(orderOf(OrderKind::OuterPairs, 6), (Order{0, 5, 1, 4, 2, 3}));
        QCOMPARE(kindOf({2, 0, 1}), OrderKind::Own);
    }

    void heavierStringsAskForMoreClaw() {
        double last = -100.0;
        for (const double share : {0.9, 0.95, 1.0, 1.05, 1.1}) {
            const Rig heavier = withSet(rig_, scaledSet(rig_, share));
            const LevelSolution level = levelSolution(heavier, bareState(heavier), {});
            QVERIFY(level.moreTurns > last);
            last = level.moreTurns;
        }
    }

    void sameSetIsTheSameBalance() {
        Rig rig = rig_;
        rig.claw.turns = *clawBefore(rig, {setOf(rig)});
        const ChangeReport same = reportChange(rig, {setOf(rig)}, {}, orderOf(OrderKind::LowToHigh, 6), -300.0);
        QCOMPARE(same.verdict, Verdict::Same);
        QVERIFY(same.alone.stable);
        QVERIFY(std::abs(same.alone.state.angle_rad) < radians(0.01));
        rig.claw.turns = *clawBefore(rig, {scaledSet(rig, 0.99)});
        QCOMPARE(reportChange(rig, {scaledSet(rig, 0.99)}, {}, orderOf(OrderKind::LowToHigh, 6), -300.0).verdict,
                 Verdict::TouchUp);
        rig.claw.turns = *clawBefore(rig, {scaledSet(rig, 0.9)});
        const ChangeReport heavy =
            reportChange(rig, {scaledSet(rig, 0.9)}, {}, orderOf(OrderKind::LowToHigh, 6), -300.0);
        QCOMPARE(heavy.verdict, Verdict::Rebalance);
        QVERIFY(heavy.exactDone && heavy.exactPasses.size() > 3);
        QVERIFY(heavy.aloneFirst.after.angle_rad > radians(0.5)); // heavier strings lean it forward
    }

    void noStableFloatIsAResult() {
        Rig soft = rig_;
        soft.springs.resize(2);
        for (Spring& spring : soft.springs) {
            spring.rate_Npm = 500.0;
            spring.initial_N = 40.0;
            spring.anchor_m.x() = 0.110;
        }
        for (RigString& string : soft.strings)
            string.saddle_m.x() = -0.022;
        const LevelSolution level = levelSolution(soft, bareState(soft), {});
        QCOMPARE(level.status, LevelStatus::NoStableFloat);
        QVERIFY(level.floatStiffness_NmPerRad <= 0.0);
        // And so it is: nudged off level, kept at pitch, it runs to a stop.
        State nudged = level.state;
        nudged.angle_rad = radians(0.2);
        QVERIFY(!equilibriumAtPitch(soft, nudged, {}).stable);
    }

    void clawOutOfReachIsAResult() {
        Rig rig = rig_;
        rig.claw.most_turns = level_.state.claw.mean() - 1.0;
        const LevelSolution tooShort = levelSolution(rig, bareState(rig), {});
        QCOMPARE(tooShort.status, LevelStatus::ClawTooShort);
        QVERIFY(tooShort.missing_Nm > 0.0);
        rig = rig_;
        rig.claw.least_turns = level_.state.claw.mean() + 1.0;
        const LevelSolution tooTight = levelSolution(rig, bareState(rig), {});
        QCOMPARE(tooTight.status, LevelStatus::ClawTooTight);
        QVERIFY(tooTight.missing_Nm < 0.0);
        rig = rig_;
        rig.springs.clear();
        QCOMPARE(levelSolution(rig, bareState(rig), {}).status, LevelStatus::NoMoment);
    }

    void uncertaintyGrowsWithTheSpread() {
        Rig rig = rig_;
        const auto off = scaledSet(rig, 0.92);
        rig.claw.turns = *clawBefore(rig, {off});
        UncertaintyModel tight;
        tight.springRate = tight.initialTension = tight.clawLead = tight.clawTurnError = 0.01;
        tight.arm_m = 0.0001;
        const Order order = orderOf(OrderKind::LowToHigh, 6);
        const PlanUncertainty wide = planUncertainty(rig, {off}, {}, order, -300.0, {});
        const PlanUncertainty narrow = planUncertainty(rig, {off}, {}, order, -300.0, tight);
        QVERIFY(narrow.claw_turns > 0.0 && narrow.claw_turns < wide.claw_turns / 3.0);
        QVERIFY(narrow.aims_cents.front() < wide.aims_cents.front());
        QVERIFY(wide.aims_cents.back() < 1e-6); // the last string goes to pitch whatever the guitar
    }
};

QTEST_APPLESS_MAIN(TestPlan)
#include "test_plan.moc"
