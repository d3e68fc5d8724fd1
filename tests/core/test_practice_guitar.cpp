// SPDX-License-Identifier: GPL-3.0-or-later
// The guitar that is practised on: its mechanics are the core's, its hands and tools are coarse, and nothing but seed
// and acts decides what it does.
#include "core/operations/acts.h"
#include "core/practice/practice_guitar.h"
#include "core/statics/level.h"
#include "support/bench.h"
#include "support/practice.h"
#include "support/rigs.h"

#include <QTest>
#include <cmath>
#include <set>

using namespace flenzo;
using namespace flenzo::testing;

namespace {

using Do = PracticeAct::Do;

BenchJob jobOf() {
    BenchJob job;
    job.rig = sixString();
    for (const RigString& string : job.rig.strings)
        job.old.strings.push_back({string.wire, string.target_Hz});
    job.old.wasLevel = true;
    job.method.order = orderOf(OrderKind::LowToHigh, job.rig.strings.size());
    return job;
}

PracticeGuitar guitarOf(const PracticeConditions& conditions, std::uint32_t seed = 3) {
    return {jobOf(), conditions, Defect::None, 0, seed};
}

void tuneAll(PracticeGuitar& guitar, int rounds) {
    for (int round = 0; round < rounds; ++round)
        for (std::size_t i = 0; i < guitar.rig().strings.size(); ++i)
            guitar.perform(simple(Do::Tune, i, 0.0));
}

} // namespace

class TestPracticeGuitar : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void itComesSlackWithHiddenParts() {
        std::set<double> rates;
        for (std::uint32_t seed = 1; seed < 9; ++seed) {
            const PracticeGuitar guitar = guitarOf(PracticeConditions(), seed);
            for (std::size_t i = 0; i < guitar.rig().strings.size(); ++i)
                QVERIFY(guitar.reading_cents(i) < 0.0 || guitar.state().angle_rad < 0.0);
            rates.insert(guitar.rig().springs.front().rate_Npm);
            QCOMPARE(guitar.rig().bridge.friction.pivot_Nm, PracticeConditions().pivot_Nm);
        }
        QCOMPARE(rates.size(), 8U);
    }
    void seedAndActsDecideEverything() {
        const auto play = [](std::uint32_t seed) {
            PracticeGuitar guitar = guitarOf(PracticeConditions(), seed);
            std::vector<double> said;
            for (const PracticeAct& act : {simple(Do::Read), simple(Do::Tune, 2, -4.0), claw(0.5, 0.5),
                                           simple(Do::Stretch, 1), simple(Do::Measure), simple(Do::Look)}) {
                const PracticeSight seen = guitar.perform(act);
                if (seen.event && seen.event->gap_m)
                    said.push_back(*seen.event->gap_m);
                if (seen.event && seen.event->turnsString())
                    said.push_back(seen.event->to_cents);
                if (seen.angle_rad)
                    said.push_back(*seen.angle_rad);
            }
            said.push_back(guitar.state().angle_rad);
            return said;
        };
        QCOMPARE(play(4), play(4));
        QVERIFY(play(4) != play(5));
    }
    /// Every string that is tuned moves the bridge and flattens all the others.
    void aTunedStringFlattensTheOthers() {
        PracticeGuitar guitar = guitarOf(still());
        tuneAll(guitar, 15);
        std::vector<double> before;
        for (std::size_t i = 0; i < 6; ++i)
            before.push_back(guitar.reading_cents(i));
        const double was_rad = guitar.state().angle_rad;
        guitar.perform(simple(Do::Tune, 0, 60.0));
        QVERIFY(std::abs(guitar.reading_cents(0) - 60.0) < 0.1);
        QVERIFY(guitar.state().angle_rad > was_rad);
        for (std::size_t i = 1; i < 6; ++i)
            QVERIFY(guitar.reading_cents(i) < before[i]);
    }
    void theClawPullsThePlateBack() {
        PracticeGuitar guitar = guitarOf(still());
        tuneAll(guitar, 15);
        const double level_rad = guitar.state().angle_rad;
        guitar.perform(claw(0.75, 0.75));
        const double back_rad = guitar.state().angle_rad;
        QVERIFY(back_rad < level_rad);
        guitar.perform(claw(-1.5, -1.5));
        QVERIFY(guitar.state().angle_rad > level_rad);
        QCOMPARE(guitar.state().claw.bass, guitar.state().claw.treble);
        guitar.perform(claw(0.25, 0.0));
        QCOMPARE(guitar.state().claw.bass - guitar.state().claw.treble, 0.25);
    }
    /// A little is held by the pivot; the arm moved to and fro lets it go.
    void thePivotSticksUntilTheArmIsMoved() {
        PracticeConditions conditions = still();
        conditions.pivot_Nm = 0.02;
        PracticeGuitar guitar = guitarOf(conditions);
        tuneAll(guitar, 15);
        guitar.perform(simple(Do::Wiggle));
        const double rest_rad = guitar.state().angle_rad;
        guitar.perform(claw(0.01, 0.01));
        QCOMPARE(guitar.state().angle_rad, rest_rad);
        guitar.perform(simple(Do::Wiggle));
        QVERIFY(guitar.state().angle_rad < rest_rad);
    }
    void aPegTurnedUpGoesUp() {
        PracticeGuitar guitar = guitarOf(still());
        const double before = guitar.reading_cents(3);
        guitar.perform(simple(Do::Turn, 3, 0.1));
        const double up = guitar.reading_cents(3);
        QVERIFY(up > before + 2.0);
        guitar.perform(simple(Do::Turn, 3, -0.1));
        QVERIFY(std::abs(guitar.reading_cents(3) - before) < 1.5); // but for what the pivot holds
    }
    /// New strings give most when they are pulled, a little with everything else, and less and less.
    void newStringsSettle() {
        PracticeConditions conditions = still();
        conditions.newStrings = true;
        PracticeGuitar guitar = guitarOf(conditions);
        tuneAll(guitar, 3);
        QVERIFY(!guitar.isSettled(1.0));
        std::vector<double> drops;
        for (int pull = 0; pull < 6; ++pull) {
            guitar.perform(simple(Do::Tune, 2, 0.0));
            const double before = guitar.reading_cents(2);
            const PracticeSight seen = guitar.perform(simple(Do::Stretch, 2));
            QCOMPARE(seen.event->kind, Event::Kind::Stretched);
            QVERIFY(std::abs(seen.event->from_cents - before) < 0.1);
            drops.push_back(before - guitar.reading_cents(2));
        }
        QVERIFY(drops.front() > 5.0 && drops.back() < 0.5 * drops.front());
        for (int pull = 0; pull < 9; ++pull)
            for (std::size_t i = 0; i < 6; ++i)
                guitar.perform(simple(Do::Stretch, i));
        QVERIFY(guitar.isSettled(1.5));
        QVERIFY(guitarOf(still()).isSettled(0.1)); // an old set has settled
    }
    void toolsAreAsCoarseAsTheyAre() {
        PracticeConditions conditions;
        conditions.newStrings = false;
        PracticeGuitar guitar = guitarOf(conditions);
        tuneAll(guitar, 10);
        double squares = 0.0;
        constexpr int reads = 200;
        for (int k = 0; k < reads; ++k) {
            const Event event = *guitar.perform(simple(Do::Read, 1)).event;
            QCOMPARE(event.readings_cents.size(), 1U);
            const double read = event.readings_cents.front().second;
            QVERIFY(std::abs(read / conditions.tunerStep_cents - std::round(read / conditions.tunerStep_cents)) < 1e-9);
            squares += std::pow(read - guitar.reading_cents(1), 2);
        }
        const double deviation = std::sqrt(squares / reads);
        QVERIFY2(deviation > 0.5 * conditions.tuner_cents && deviation < 1.6 * conditions.tuner_cents,
                 qPrintable(QString::number(deviation)));
        const double gap_m = *guitar.perform(simple(Do::Measure)).event->gap_m;
        QVERIFY(std::abs(gap_m - gapAt_m(guitar.rig().bridge, guitar.state().angle_rad)) < 4.0 * conditions.gap_m);
        QVERIFY(std::abs(*guitar.perform(simple(Do::Look)).angle_rad - guitar.state().angle_rad) <
                3.0 * conditions.eye_rad);
    }
    void aBlockHoldsThePlateAndNothingElseMoves() {
        PracticeGuitar guitar = guitarOf(still());
        guitar.perform(simple(Do::Block, std::nullopt, guitar.rig().bridge.rearGap_m));
        QVERIFY(std::abs(guitar.state().angle_rad) < 1e-9); // a neutral one holds it level
        guitar.perform(simple(Do::Tune, 0, 0.0));
        const double first = guitar.reading_cents(0);
        for (std::size_t i = 1; i < 6; ++i)
            guitar.perform(simple(Do::Tune, i, 0.0));
        QCOMPARE(guitar.reading_cents(0), first);
        QVERIFY(guitar.perform(simple(Do::Inspect)).blocked);
        guitar.perform(simple(Do::Unblock));
        QVERIFY(!guitar.perform(simple(Do::Unblock)).event); // there is none
    }
    void stringsComeOffAndOn() {
        PracticeGuitar guitar = guitarOf(still());
        tuneAll(guitar, 15);
        QVERIFY(std::abs(guitar.pullShare(5) - 1.0) < 0.02);
        const double before = guitar.reading_cents(0);
        guitar.perform(simple(Do::TakeOff, 5));
        QCOMPARE(guitar.pullShare(5), 0.0);
        QVERIFY(!std::isfinite(guitar.reading_cents(5)));
        QVERIFY(guitar.reading_cents(0) > before); // the bridge tips back, the others go sharp
        const Event all = *guitar.perform(simple(Do::Read)).event;
        QCOMPARE(all.readings_cents.size(), 5U);
        guitar.perform(simple(Do::PutOn, 5));
        QVERIFY(std::isfinite(guitar.reading_cents(5)) && guitar.reading_cents(5) < -100.0);
    }
    void springsAreCounted() {
        PracticeGuitar guitar = guitarOf(still());
        tuneAll(guitar, 10);
        const double before = guitar.state().angle_rad;
        const auto count = static_cast<double>(guitar.rig().springs.size());
        guitar.perform(simple(Do::Springs, std::nullopt, count + 1.0));
        QVERIFY(guitar.state().angle_rad < before);
        guitar.perform(simple(Do::Springs, std::nullopt, 0.0)); // one stays at least
        QCOMPARE(guitar.rig().springs.size(), 1U);
    }
    void raisedPostsRaiseTheStrings() {
        PracticeGuitar guitar = guitarOf(still());
        tuneAll(guitar, 10);
        const double before = guitar.rig().strings.front().nutDrop_m;
        guitar.perform(simple(Do::Posts, std::nullopt, 0.0005));
        QVERIFY(guitar.rig().strings.front().nutDrop_m > before);
    }
    void whatBreaksIsNear() {
        PracticeGuitar guitar = guitarOf(still());
        tuneAll(guitar, 10);
        const double atPitch = guitar.breakingShare(5);
        QVERIFY(atPitch > 0.3 && atPitch < 0.9);
        guitar.perform(simple(Do::Tune, 5, 300.0));
        QVERIFY(std::abs(guitar.breakingShare(5) / atPitch - std::exp2(2.0 * 300.0 / 1200.0)) < 0.05);
    }
};

QTEST_APPLESS_MAIN(TestPracticeGuitar)
#include "test_practice_guitar.moc"
