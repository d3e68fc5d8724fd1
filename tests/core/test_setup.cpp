// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/log/nearness.h"
#include "core/operations/acts.h"
#include "core/operations/settling.h"
#include "core/planning/alternatives.h"
#include "core/planning/spring_choice.h"
#include "core/planning/up_pull.h"
#include "core/planning/work_method.h"
#include "core/setup/finding.h"
#include "core/setup/fretting.h"
#include "core/setup/friction.h"
#include "core/setup/lock.h"
#include "core/setup/posts.h"
#include "core/statics/pitch.h"
#include "core/statics/readings.h"
#include "support/rigs.h"

#include <QTest>
#include <cmath>

using namespace flenzo;
using namespace flenzo::testing;

namespace {

bool near(double a, double b, double by) {
    return std::abs(a - b) <= by;
}

Rig softRig() {
    Rig rig = sixString();
    for (RigString& string : rig.strings)
        string.saddle_m.x() = -0.022;
    for (Spring& spring : rig.springs)
        spring.rate_Npm = 1500.0;
    return rig;
}

} // namespace

class TestSetup : public QObject {
    Q_OBJECT
    Rig rig_ = sixString();
    LevelSolution level_ = levelSolution(rig_, bareState(rig_), {});

private Q_SLOTS:
    void wrapsAsTheTradeCountsThem() {
        // 648 mm, a 5.5 mm post: one fret back, two frets, two spacings of 25 mm.
        const double wound_m = 46 * metresPerThou, plain_m = 10 * metresPerThou;
        QVERIFY(near(slackFor_m(1.75, 0.0055, wound_m), fretAt_m(1, 0.648), 0.0012));
        QVERIFY(near(slackFor_m(2.0, 0.0055, plain_m), fretAt_m(1, 0.648), 0.0012));
        QVERIFY(near(slackFor_m(3.9, 0.0055, plain_m), fretAt_m(2, 0.648), 0.0012));
        QVERIFY(near(slackFor_m(2.4, 0.0055, wound_m), 0.050, 0.0012));
    }
    void oneSlackInEveryRule() {
        const SlackRules rules = slackRules(0.036, 0.648, 0.025);
        QVERIFY(near(0.648 * (1.0 - std::exp2(-rules.frets / 12.0)), 0.036, 1e-9));
        QVERIFY(near(8.0 * rules.bow_m * rules.bow_m / (3.0 * 0.648), 0.036, 1e-9));
        QVERIFY(near(rules.postSpacings, 1.44, 1e-9));
        QVERIFY(near(rules.hands * 0.085, 0.036, 1e-9));
        QVERIFY(near(cutLength_m(0.648, 0.1, 0.036, 0.0025), 0.7865, 1e-9));
    }
    void moreWrapsBreakMoreSteeply() {
        const double few = nutBreak_rad(0.010, 0.006, 1.0, 0.001, 0.05),
                     many = nutBreak_rad(0.010, 0.006, 4.0, 0.001, 0.05);
        QVERIFY(many > few && few > 0.0);
        QVERIFY(nutBreak_rad(0.002, 0.006, 1.0, 0.001, 0.05) == 0.0);
    }

    void frictionGrowsWithBreakAngleAndGoesWithTheLock() {
        const DeadBands open = deadBandsOf(rig_, level_.state);
        Rig steep = rig_;
        for (RigString& string : steep.strings)
            string.nutBreak_rad *= 2.0;
        const DeadBands more = deadBandsOf(steep, level_.state);
        for (std::size_t i = 0; i < 6; ++i)
            QVERIFY(more.nut_cents[i] > 1.9 * open.nut_cents[i] && open.nut_cents[i] > 0.0);
        QVERIFY(near(open.pivot_rad, rig_.bridge.friction.pivot_Nm / level_.stiffness_NmPerRad, 1e-9));
        const State locked = lockNut(rig_, level_.state).state;
        for (const double left : deadBandsOf(rig_, locked).nut_cents)
            QCOMPARE(left, 0.0);
    }
    /// What every string reads more than before when strings keep some cents for themselves and the plate is held off.
    std::vector<double> left(const std::vector<double>& residue_cents, double held_rad) const {
        const std::vector<double> before = readings_cents(rig_, level_.state);
        State state = level_.state;
        const BalanceEquation equation(rig_, state);
        for (std::size_t i = 0; i < residue_cents.size(); ++i)
            state.unstretchedLength_m[i] = equation.unstretchedForPitch_m(
                i, frequencyAt_Hz(rig_.strings[i].target_Hz, before[i] + residue_cents[i]), state.angle_rad);
        state = settle(rig_, state).state;
        state.angle_rad += held_rad;
        std::vector<double> moved = readings_cents(rig_, state);
        for (std::size_t i = 0; i < moved.size(); ++i)
            moved[i] -= before[i];
        return moved;
    }
    void theReturnTestNamesItsCause_data() {
        QTest::addColumn<QVector<double>>("dive");
        QTest::addColumn<QVector<double>>("pull");
        QTest::addColumn<double>("held_deg");
        QTest::addColumn<int>("cause");
        QTest::addColumn<QVector<int>>("strings");
        const QVector<double> none(6, 0.0);
        const auto row = [](const char* name, const QVector<double>& dive, const QVector<double>& pull, double held_deg,
                            ReturnCause cause, const QVector<int>& strings) {
            QTest::newRow(name) << dive << pull << held_deg << static_cast<int>(cause) << strings;
        };
        row("returns", {0.5, -0.4, 0.2, 0, 0.3, -0.1}, {0.1, 0.6, -0.3, 0, 0, 0.2}, 0.0, ReturnCause::Returns, {});
        // Sharp after a dive, or flat after a pull-up; what it does to the others is no fault of theirs.
        row("hangs after a dive", {0, 0, 9, 0, 0, 0}, none, 0.0, ReturnCause::NutOrSaddle, {2});
        row("hangs both ways", {0, 8, 0, 0, 0, 0}, {0, -7, 0, 0, 0, 0}, 0.0, ReturnCause::NutOrSaddle, {1});
        row("two hang", {7, 0, 0, 0, 8, 0}, {-6, 0, 0, 0, -6, 0}, 0.0, ReturnCause::NutOrSaddle, {0, 4});
        // The plate stays forward after a dive and all are flat, back after a pull-up and all are sharp.
        row("pivot", none, none, 0.12, ReturnCause::Pivot, {});
        row("slips", {0, 0, 0, -6, 0, 0}, {0, 0, 0, -10, 0, 0}, 0.0, ReturnCause::Slip, {3});
        row("new", {-6, -7, -5, -8, -6, -9}, {-9, -11, -8, -12, -9, -13}, 0.0, ReturnCause::NotSettled,
            {0, 1, 2, 3, 4, 5});
        row("one slips, one hangs", {0, -9, 0, 0, 9, 0}, {0, -12, 0, 0, 0, 0}, 0.0, ReturnCause::Mixed, {1, 4});
    }
    void theReturnTestNamesItsCause() {
        QFETCH(QVector<double>, dive);
        QFETCH(QVector<double>, pull);
        QFETCH(double, held_deg);
        QFETCH(int, cause);
        QFETCH(QVector<int>, strings);
        ReturnTest test;
        test.before_cents.assign(6, 0.0);
        test.afterDive_cents = left({dive.begin(), dive.end()}, radians(held_deg));
        test.afterPull_cents = left({pull.begin(), pull.end()}, -radians(held_deg));
        const ReturnVerdict verdict = judgeReturn(test, rig_, level_.state, 0.5);
        QCOMPARE(static_cast<int>(verdict.cause), cause);
        QVector<int> found;
        for (const std::size_t string : verdict.strings)
            found.append(static_cast<int>(string));
        QVERIFY2(found == strings, qPrintable(QString::number(found.size())));
        QVERIFY2(verdict.odds > 0.8, qPrintable(QString::number(verdict.odds)));
        for (std::size_t i = 0; i < 6; ++i) {
            const auto k = static_cast<qsizetype>(i);
            if (strings.contains(static_cast<int>(i)))
                QVERIFY(std::abs(verdict.diveResidue_cents[i] - dive[k]) < 0.15 * std::abs(dive[k]) + 0.5);
        }
        if (held_deg > 0.0)
            QVERIFY(std::abs(degrees(verdict.diveTilt_rad) - held_deg) < 0.02 &&
                    std::abs(degrees(verdict.pullTilt_rad) + held_deg) < 0.02);
    }
    /// With the nut locked nothing hangs there; what a coarse tuner cannot tell apart is said to be unsure.
    void theReturnTestSaysHowSureItIs() {
        State locked = lockNut(rig_, level_.state).state;
        ReturnTest test;
        test.before_cents.assign(6, 0.0);
        test.afterDive_cents = left({0, 0, 9, 0, 0, 0}, 0.0);
        test.afterPull_cents.assign(6, 0.0);
        QCOMPARE(judgeReturn(test, rig_, locked, 0.5).cause, ReturnCause::Saddle);
        test.afterDive_cents = left({0, 0, 5, 0, 0, 0}, 0.0);
        QVERIFY(judgeReturn(test, rig_, level_.state, 1.5).odds < 0.9);
    }

    void theClampShiftIsWhatLockingDoes() {
        Rig rig = rig_;
        for (RigString& string : rig.strings)
            string.clampLift_m = 0.001;
        const std::vector<double> shifts = clampShift_cents(rig, level_.state);
        for (std::size_t i = 0; i < 6; ++i) {
            // The same path taken out of the rest length with the plate held.
            State pulled = level_.state;
            const double extra_m = 1e-6 / (2.0 * rig.strings[i].clampHold_m);
            const double path_m = rig.strings[i].scale_m + tails_m(rig.strings[i], false);
            pulled.unstretchedLength_m[i] *= path_m / (path_m + extra_m);
            const double before = BalanceEquation(rig, level_.state).frequency_Hz(i, 0.0);
            const double after = BalanceEquation(rig, pulled).frequency_Hz(i, 0.0);
            QVERIFY(near(shifts[i], 1200.0 * std::log2(after / before), 0.02 * shifts[i]));
        }
    }
    void lockingSharpensByTheClampShift() {
        Rig rig = rig_;
        for (RigString& string : rig.strings)
            string.clampLift_m = 0.001;
        State held = level_.state;
        held.block = Block{};
        const std::vector<double> shifts = clampShift_cents(rig, held);
        State locked = lockNut(rig, held).state;
        const BalanceEquation before(rig, held), after(rig, locked);
        for (std::size_t i = 0; i < 6; ++i) {
            const double moved =
                1200.0 * std::log2(after.frequency_Hz(i, held.angle_rad) / before.frequency_Hz(i, held.angle_rad));
            // Once locked the wire behind the nut no longer gives, so the speaking part takes all of it.
            const double stiffer = (rig.strings[i].scale_m + tails_m(rig.strings[i], false)) /
                                   (rig.strings[i].scale_m + tails_m(rig.strings[i], true));
            QVERIFY(near(moved, shifts[i] * stiffer, 0.03 * shifts[i]));
        }
        // Free, all sharpen together and the plate comes forward.
        QVERIFY(lockNut(rig, level_.state).state.angle_rad > level_.state.angle_rad);
    }
    void theFineTunersAreABudget() {
        Rig rig = rig_;
        for (RigString& string : rig.strings)
            string.finePerTurn_m = 0.0004;
        const std::vector<FineBudget> budgets = fineBudget(rig, level_.state);
        for (std::size_t i = 0; i < 6; ++i) {
            QVERIFY(near(budgets[i].up_cents, budgets[i].down_cents, 1e-9)); // they stand in the middle
            QVERIFY(fineForecast(budgets[i], 3.0, 2.0, 2.0).covers);
            QVERIFY(!fineForecast(budgets[i], budgets[i].down_cents + 1.0, 0.0, 0.0).covers);
        }
        QCOMPARE(fineBudget(rig_, level_.state)[0].up_cents, 0.0);
    }

    void actionAndPosts() {
        QVERIFY(near(fretAt_m(12, 0.648), 0.324, 1e-12));
        QVERIFY(near(postRaise_m(0.0003, 12, 0.648), 0.0006, 1e-12));
    }
    void intonation() {
        QVERIFY(near(saddleMove_m(1.0, 0.648), 0.000374, 1e-6)); // 0.37 mm per cent
        double last = 0.0;
        for (const double action : {0.0010, 0.0015, 0.0025}) {
            const double sharp = frettingSharp_cents(rig_.strings[3], level_.tensions_N[3], action, false);
            QVERIFY(sharp > last);
            last = sharp;
        }
        // The plain third is the worst of the plain strings: thickest for its pull.
        QVERIFY(frettingSharp_cents(rig_.strings[3], level_.tensions_N[3], 0.0018, false) >
                frettingSharp_cents(rig_.strings[5], level_.tensions_N[5], 0.0018, false));
    }
    void aLooseBridgeIsOneStraightPiece() {
        std::vector<double> readings;
        for (int i = 0; i < 6; ++i)
            readings.push_back((0.001 + 0.0005 * i) * centsPerNeper / 0.63);
        const LooseBridge bridge = placeLooseBridge(readings, std::vector<double>(6, 0.63));
        QVERIFY(near(bridge.bass_m, 0.001, 1e-9) && near(bridge.treble_m, 0.0035, 1e-9));
        for (const double left : bridge.left_cents)
            QVERIFY(near(left, 0.0, 1e-6));
        readings[2] += 6.0;
        QVERIFY(placeLooseBridge(readings, std::vector<double>(6, 0.63)).left_cents[2] > 3.0);
        const LooseBridge one = placeLooseBridge({5.0}, {0.63}); // one string says nothing of a slant
        QVERIFY(near(one.bass_m, saddleMove_m(5.0, 0.63), 1e-9) && near(one.treble_m, one.bass_m, 1e-9));
    }

    void stretchesAreCounted() {
        const SettlingFit fit{{0.0005, 0.62}, 0.3, 0.1, 0};
        const StretchCount few = stretchesNeeded(fit, 1e-4), many = stretchesNeeded(fit, 1e-7);
        QVERIFY(few.p10 <= few.p50 && few.p50 <= few.p90);
        QVERIFY(many.p50 > few.p50);
        QCOMPARE(stretchesNeeded({{1e-9, 0.5}, 0.1, 0.1, 3}, 1e-5).p90, 0);
    }

    void unstableFloatsAreExplainedAndWaysOutComputed() {
        const Rig soft = softRig();
        QCOMPARE(levelSolution(soft, bareState(soft), {}).status, LevelStatus::NoStableFloat);
        const Shortfall shortfall = shortfallOf(soft, {});
        QVERIFY(shortfall.floatStiffness_NmPerRad <= 0.0);
        QVERIFY(shortfall.springRate && *shortfall.springRate > 0.0);
        Rig mended = soft;
        for (Spring& spring : mended.springs)
            spring.rate_Npm *= 1.0 + *shortfall.springRate;
        QVERIFY(near(levelSolution(mended, bareState(mended), {}).floatStiffness_NmPerRad, comfortableFloat_NmPerRad,
                     0.05));
        const auto ways = alternativesFor(soft, {}, orderOf(OrderKind::LowToHigh, 6));
        QVERIFY(ways.size() >= 4);
        QCOMPARE(ways.front().kind, Alternative::Kind::AsItIs);
        for (std::size_t w = 1; w < ways.size(); ++w) {
            QCOMPARE(ways[w].level.status, LevelStatus::Found);
            QVERIFY(ways[w].passFactor < 1.0);
        }
    }

    /// Each choice is the guitar solved anew with those springs; stiffer ones and more of them make a stiffer float.
    void otherSpringsAreSolvedAnew() {
        const Order order = orderOf(OrderKind::LowToHigh, 6);
        const auto choices = springChoices(rig_, {}, order);
        QVERIFY(choices.size() >= 6);
        QCOMPARE(choices.front().kind, Alternative::Kind::AsItIs);
        const double float_NmPerRad = choices.front().level.floatStiffness_NmPerRad;
        int seen = 0;
        for (const Alternative& choice : choices) {
            Rig other = rig_;
            if (choice.kind == Alternative::Kind::SpringCount)
                other.springs.resize(static_cast<std::size_t>(choice.springs), rig_.springs.front());
            for (Spring& spring : other.springs)
                spring.rate_Npm *= choice.kind == Alternative::Kind::SpringRate ? choice.share : 1.0;
            if (choice.kind == Alternative::Kind::SlantedSprings)
                other.springs.front().aside_m = other.springs.back().aside_m = 0.0105;
            const LevelSolution level = levelSolution(other, bareState(other), {});
            QCOMPARE(choice.level.status, level.status);
            QVERIFY(near(choice.level.moreTurns, level.moreTurns, 1e-9));
            QVERIFY(near(choice.level.floatStiffness_NmPerRad, level.floatStiffness_NmPerRad, 1e-9));
            const bool isStiffer = choice.share > 1.0 || choice.springs > static_cast<int>(rig_.springs.size());
            const bool isSofter =
                (choice.share > 0.0 && choice.share < 1.0) || choice.springs < static_cast<int>(rig_.springs.size());
            seen += isStiffer || isSofter ? 1 : 0;
            QVERIFY(!isStiffer || level.floatStiffness_NmPerRad > float_NmPerRad);
            QVERIFY(!isSofter || level.floatStiffness_NmPerRad < float_NmPerRad);
        }
        QCOMPARE(seen, 4);
        Rig fixed = rig_;
        fixed.bridge.family = Family::Fixed;
        QVERIFY(springChoices(fixed, {}, order).empty());
    }

    void aCentringAssistHoldsWithinItsPreload() {
        Rig rig = rig_;
        rig.bridge.assist = CentringAssist{0.0, 0.3, 2.0};
        State state = level_.state;
        const double perTurn = 0.3; // well inside the preload
        QCOMPARE(turnClaw(rig, state, {perTurn * 0.1, perTurn * 0.1}).rest.kind, EquilibriumKind::Centred);
        const Outcome far = turnClaw(rig, state, {2.0, 2.0});
        QCOMPARE(far.rest.kind, EquilibriumKind::Free);
        QVERIFY(far.state.angle_rad < 0.0);
        QVERIFY(std::abs(far.rest.moment_Nm) < 1e-9);
        // And comes back to the centre from either side.
        QCOMPARE(turnClaw(rig, far.state, {-2.0, -2.0}).rest.kind, EquilibriumKind::Centred);
        const Outcome ahead = turnClaw(rig, state, {-2.0, -2.0});
        QVERIFY(ahead.state.angle_rad > 0.0);
        QCOMPARE(turnClaw(rig, ahead.state, {2.0, 2.0}).state.angle_rad, 0.0);
    }
    void aDeckedBridgeRestsAndOnlyDives() {
        Goal goal;
        goal.angle_rad = rig_.bridge.rearStop_rad;
        goal.deckLoad_Nm = 0.6;
        const LevelSolution level = levelSolution(rig_, bareState(rig_), goal);
        QCOMPARE(level.status, LevelStatus::Found);
        const Outcome rest = settle(rig_, level.state);
        QCOMPARE(rest.rest.kind, EquilibriumKind::RearStop);
        QVERIFY(near(upPullOf(rig_, rest.state).stopLoad_Nm, 0.6, 1e-6));
        QCOMPARE(upPullOf(rig_, rest.state).angle_rad, 0.0);
        const UpPull floating = upPullOf(rig_, level_.state);
        QVERIFY(near(floating.angle_rad, -rig_.bridge.rearStop_rad, 1e-9) && floating.rise_cents[0] > 50.0);
    }

    void aRollerShaftsSpringIsChosen() {
        Rig rig = rig_;
        rig.bridge.family = Family::RollerShaft;
        rig.bridge.shaftRadius_m = 0.0064;
        rig.bridge.armTip_m = 0.115;
        rig.bridge.armTipHeight_m = 0.05;
        rig.bridge.rearStop_rad = radians(-25);
        rig.bridge.forwardStop_rad = radians(25);
        rig.bridge.mass_kg = 0.1;
        Spring spring;
        spring.rate_Npm = 24000;
        spring.initial_N = 0;
        spring.free_m = 0.027;
        spring.seat_m = 0.022;
        spring.lever_m = 0.031;
        rig.springs = {spring};
        const LevelSolution level = levelSolution(rig, bareState(rig), {});
        QCOMPARE(level.status, LevelStatus::Found);
        Rig shimmed = rig;
        shimmed.springs[0].free_m += *shimForAngle_m(rig, level.state, 0.0);
        QVERIFY(near(levelSolution(shimmed, bareState(shimmed), {}).state.angle_rad, 0.0, 1e-9));
        const auto options = springOptions(rig, level.state, 0.0, {0.7, 1.0, 1.4});
        QCOMPARE(options.size(), std::size_t{3});
        for (const SpringOption& option : options)
            QVERIFY(option.stable && near(option.angle_rad, 0.0, 1e-9) && near(option.tip_m, 0.05, 1e-9));
        QVERIFY(options[0].free_m > options[2].free_m); // softer needs a longer one
        // A heavier set lets the arm sit lower.
        const Rig heavier = withSet(rig, scaledSet(rig, 1.1));
        QVERIFY(armTipHeight_m(rig.bridge, levelSolution(heavier, bareState(heavier), {}).state.angle_rad) <
                armTipHeight_m(rig.bridge, level.state.angle_rad));
    }
    void aScaleTellsASpring() {
        const auto spring = springByScale(0.065, 28.0, 0.075, 48.0, 0.055);
        QVERIFY(spring && near(spring->rate_Npm, 2000.0, 1e-9) && near(spring->initial_N, 8.0, 1e-9));
        const auto other = springByScale(0.075, 48.0, 0.065, 28.0, 0.055); // the longer one first
        QVERIFY(other && near(other->rate_Npm, 2000.0, 1e-9));
        QVERIFY(!springByScale(0.065, 28.0, 0.075, 20.0, 0.055)); // further, and less
        QVERIFY(!springByScale(0.065, 28.0, 0.065, 30.0, 0.055));
        QVERIFY(!springByScale(0.065, 5.0, 0.075, 48.0, 0.055)); // would push when barely drawn
        QVERIFY(near(armMoment_Nm(4.0, 0.15), 0.6, 1e-12));
    }
    /// The claw that holds one angle and the claw that holds another give the rate away that was hidden.
    void twoClawsTellTheRate() {
        for (const double share : {0.6, 0.9, 1.0, 1.3, 2.2}) {
            Rig real = rig_;
            for (Spring& spring : real.springs)
                spring.rate_Npm *= share;
            Goal forward;
            forward.angle_rad = radians(2.5);
            const LevelSolution first = levelSolution(real, bareState(real), {});
            const LevelSolution second = levelSolution(real, bareState(real), forward);
            QVERIFY(first.balanced() && second.balanced());
            const double turns = second.state.claw.mean() - first.state.claw.mean();
            const auto found = rateByTwoClaws(rig_, bareState(rig_), 0.0, forward.angle_rad, turns);
            QVERIFY2(found && near(*found, share, 1e-3 * share), qPrintable(QString::number(share)));
        }
        QVERIFY(!rateByTwoClaws(rig_, bareState(rig_), 0.0, radians(2.5), 15.0)); // no spring does that
    }
    /// A hand is believed by what its pegs were left at, half as much again at most, and never for what it confirmed.
    void aHandIsLearnedFromItsPegs() {
        std::vector<Event> log;
        const auto tune = [&log](double aim, double to) {
            log.push_back(Event::tuned(0, to));
            log.back().aim_cents = aim;
        };
        QCOMPARE(nearness_cents(log, 0.8, 0.3), 0.8);
        for (int k = 0; k < 20; ++k)
            tune(3.0, 3.0);
        QCOMPARE(nearness_cents(log, 0.8, 0.3), 0.8); // Space was pressed
        tune(3.0, -40.0);
        QCOMPARE(nearness_cents(log, 0.8, 0.3), 0.8); // a blunder is no hand
        for (int k = 0; k < 40; ++k)
            tune(3.0, k % 2 == 0 ? 3.4 : 2.6);
        const double fine = nearness_cents(log, 0.8, 0.3);
        QVERIFY(fine < 0.5 && fine >= 0.4);
        for (int k = 0; k < 200; ++k)
            tune(3.0, k % 2 == 0 ? 5.0 : 1.0);
        QVERIFY(near(nearness_cents(log, 0.8, 0.3), 1.2, 1e-9));
    }
    void aFixedBridgeDoesNotMove() {
        Rig rig = rig_;
        rig.bridge.family = Family::Fixed;
        const LevelSolution level = levelSolution(rig, bareState(rig), {});
        QCOMPARE(level.status, LevelStatus::Found);
        const Outcome without = removeString(rig, level.state, 0);
        QCOMPARE(without.rest.kind, EquilibriumKind::Fixed);
        QVERIFY(near(BalanceEquation(rig, without.state).frequency_Hz(3, 0.0), rig.strings[3].target_Hz, 1e-9));
        QVERIFY(coupling(rig, level.state).isIdentity());
    }
};

QTEST_APPLESS_MAIN(TestSetup)
#include "test_setup.moc"
