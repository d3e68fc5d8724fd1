// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/operations/acts.h"
#include "core/simulation/simulated_guitar.h"
#include "core/simulation/trial.h"
#include "core/statics/readings.h"
#include "support/bench.h"

#include <QTest>
#include <set>

using namespace flenzo;
using namespace flenzo::testing;

namespace {

const std::vector<double> inTune(6, 0.0);
constexpr double level_m = 0.004;

Event block(double angle_rad) {
    Event event;
    event.kind = Event::Kind::Block;
    event.block = {Block::Kind::Captive, angle_rad};
    return event;
}

/// A guitar in tune and level with the set that is on, read so.
BenchJob homeJob() {
    BenchJob job = changeJob(1.0);
    job.log = {fullReading(inTune, level_m)};
    return job;
}

/// New strings on the guitar as it was said to be, read once.
Event asItStarts(const BenchJob& job) {
    const State start = slackStart(job.rig, job.rig.claw.turns, job.slackStart_cents);
    return fullReading(readings_cents(job.rig, start), std::max(0.0, gapAt_m(job.rig.bridge, start.angle_rad)));
}

QString ruleOf(const BenchJob& job) {
    return QLatin1String(advise(job).rule);
}

} // namespace

class TestRules : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void idsAreUniqueAndTheLastRowAlwaysApplies() {
        std::set<std::string> ids;
        for (const Rule& rule : rules())
            QVERIFY(ids.insert(rule.id).second);
        QVERIFY(ruleNamed("far-peg") && !ruleNamed("nonsense"));
        const BenchJob job = homeJob();
        const Estimate guitar = estimate(job);
        QVERIFY(rules().back().applies(Situation(job, guitar, AdvisorOptions())));
    }

    /// A slack string yields far more to the tilt than it will at pitch; strings of a pass are led by the latter.
    void theTiltsShareIsThatOfStringsAtPitch() {
        const AdvisorOptions options;
        const BenchJob home = homeJob();
        const Estimate tuned = estimate(home);
        BenchJob slack = home;
        slack.log = {asItStarts(slack)};
        const Estimate flat = estimate(slack);
        const Situation there(home, tuned, options), here(slack, flat, options);
        QVERIFY(here.belief.plate_rad < -radians(2.0) && here.belief.z_cents.maxCoeff() < -100.0);
        for (Eigen::Index i = 0; i < 6; ++i)
            QVERIFY(std::abs(here.centsPerRad[i] / there.centsPerRad[i] - 1.0) < 0.05);
    }

    // --- one row each ----------------------------------------------------------------------------------------------

    void noFloat() {
        BenchJob job = changeJob(1.0);
        job.rig.springs.resize(1);
        job.rig.springs.front().rate_Npm = 900.0;
        job.old.wasLevel = false;
        const Advice advice = advise(job);
        QCOMPARE(QLatin1String(advice.rule), QLatin1String("no-float"));
        QCOMPARE(advice.act.what, NextAct::Do::Stuck);
    }

    void doubted() {
        BenchJob job = homeJob();
        job.log.push_back(Event::tuned(3, 0.0));
        job.log.push_back(Event::read(1, 100.0));
        const Advice advice = advise(job);
        QCOMPARE(QLatin1String(advice.rule), QLatin1String("doubted"));
        QVERIFY(advice.doubt && advice.doubt->string == std::optional<std::size_t>(1));
        QCOMPARE(advice.act.strings, std::vector<std::size_t>{1});
    }

    void unreadAsksForWhatIsMissing() {
        BenchJob job = changeJob(0.93);
        Advice advice = advise(job);
        QCOMPARE(QLatin1String(advice.rule), QLatin1String("unread"));
        QVERIFY(advice.act.strings.size() == 6 && advice.act.gap);
        job.log = {Event::read(0, -300.0), Event::read(1, -290.0)};
        advice = advise(job);
        QCOMPARE(QLatin1String(advice.rule), QLatin1String("unread"));
        QCOMPARE(advice.act.strings.front(), std::size_t{2}); // typed one by one, it goes on to the next
        QCOMPARE(advice.act.strings.size(), std::size_t{4});
    }

    void overABlock() {
        BenchJob job = changeJob(0.85);
        job.method.claw = ClawMethod::Quarters;
        std::vector<double> slack(6, -200.0);
        job.log = {block(0.0), fullReading(slack, level_m)};
        Advice advice = advise(job);
        QCOMPARE(QLatin1String(advice.rule), QLatin1String("block-claw"));
        QVERIFY(std::abs(advice.act.turns.mean()) > 0.3); // nothing can be seen between two steps: at one go
        job.log.push_back(Event::claw(advice.act.turns));
        for (int k = 0; k < 12; ++k) {
            advice = advise(job);
            if (QLatin1String(advice.rule) != QLatin1String("block-peg"))
                break;
            job.log.push_back(Event::tuned(advice.act.aim.string, advice.act.aim.cents));
        }
        QCOMPARE(QLatin1String(advice.rule), QLatin1String("block-out"));
        QCOMPARE(countsOf(job.log, 6, job.pace).pegTurns, 6);
    }

    void aimsUnderAForwardBlockAreFlat() {
        BenchJob job = changeJob(1.0);
        job.log = {block(radians(1.0)),
                   fullReading(std::vector<double>(6, -200.0), gapAt_m(job.rig.bridge, radians(1.0)))};
        const Advice advice = advise(job);
        QCOMPARE(QLatin1String(advice.rule), QLatin1String("block-peg"));
        QVERIFY(advice.act.aim.cents < -20.0); // tipped forward: they sharpen when it comes out
    }

    void stretchOnlyNewStringsNearPitch() {
        BenchJob job = homeJob();
        job.method.stretch = true;
        Advice advice = advise(job);
        QCOMPARE(QLatin1String(advice.rule), QLatin1String("stretch"));
        QCOMPARE(advice.act.aim.string, job.method.order.front());
        job.log = {fullReading(std::vector<double>(6, -300.0), 0.0032)};
        QVERIFY(ruleOf(job) != QLatin1String("stretch"));
    }

    void afterTheClawEverythingIsRead() {
        BenchJob job = changeJob(0.93);
        job.log = {fullReading(std::vector<double>(6, -300.0), 0.0028), Event::claw({1.5, 1.5})};
        const Advice advice = advise(job);
        QCOMPARE(QLatin1String(advice.rule), QLatin1String("after-claw"));
        QVERIFY(advice.act.strings.size() == 6 && advice.act.gap);
    }

    void aShopThatLooksReadsThePlateAloneOnTheWay() {
        BenchJob job = changeJob(0.85);
        job.method.claw = ClawMethod::Quarters;
        job.log = {fullReading(std::vector<double>(6, -300.0), 0.0028)};
        Advice advice = advise(job);
        QCOMPARE(QLatin1String(advice.rule), QLatin1String("far-claw"));
        QVERIFY(std::abs(advice.act.turns.mean()) <= 0.25 + 1.0 / 32.0);
        job.log.push_back(Event::claw(advice.act.turns));
        advice = advise(job);
        QCOMPARE(QLatin1String(advice.rule), QLatin1String("claw-look"));
        QVERIFY(advice.act.strings.empty() && advice.act.gap);
    }

    void farClawBeforeTheFirstPassAndAtMostTwice() {
        BenchJob job = changeJob(0.85);
        job.log = {fullReading(std::vector<double>(6, -300.0), 0.0028)};
        const Advice advice = advise(job);
        QCOMPARE(QLatin1String(advice.rule), QLatin1String("far-claw"));
        QVERIFY(advice.act.turns.mean() > 0.5);
        job = changeJob(1.0); // nothing to turn for: straight to the pegs
        job.log = {asItStarts(job)};
        QCOMPARE(ruleOf(job), QStringLiteral("far-peg"));
    }

    /// Whatever the pivot holds is in the aim: what the string reads once its z is the target.
    void farPegsAimAtLevel() {
        BenchJob job = changeJob(1.0);
        job.log = {asItStarts(job)};
        const Advice advice = advise(job);
        QCOMPARE(QLatin1String(advice.rule), QLatin1String("far-peg"));
        QCOMPARE(advice.act.aim.string, job.method.order.front());
        QVERIFY(advice.act.aim.cents > 20.0); // the others still flat, the first one goes sharp
    }

    void nearUnreadAsksForWhatIsMissingHere() {
        BenchJob job = homeJob();
        job.log.push_back(Event::tuned(3, 0.2));
        Advice advice = advise(job);
        QCOMPARE(QLatin1String(advice.rule), QLatin1String("near-read"));
        QCOMPARE(advice.act.strings.size(), std::size_t{5}); // what the tuned peg showed is a reading already
        job.log.push_back(Event::read(0, 0.0));
        advice = advise(job);
        QCOMPARE(advice.act.strings.front(), std::size_t{1});
    }

    void nearPegForAStringPlainlyOff() {
        BenchJob job = changeJob(1.0);
        std::vector<double> cents = inTune;
        cents[2] = 7.0;
        job.tools.gap_m = 3e-5;
        job.log = {fullReading(cents, level_m), fullReading(cents, level_m)};
        const Advice advice = advise(job);
        QCOMPARE(QLatin1String(advice.rule), QLatin1String("near-peg"));
        QCOMPARE(advice.act.aim.string, std::size_t{2});
        QVERIFY(std::abs(advice.act.aim.cents) < 2.0);
    }

    /// Strings at their length and the plate forward: the claw brings both home, no peg is turned.
    void nearClawWhereOnlyThePlateIsOff() {
        BenchJob job = changeJob(1.0);
        const LevelSolution level = levelSolution(job.rig, slackStart(job.rig, job.rig.claw.turns, 0.0), job.goal);
        State off = level.state;
        off.claw = off.claw.plus(-0.4);
        off = settle(job.rig, off).state;
        job.rig.claw.turns = off.claw;
        job.old.wasLevel = false;
        job.log = {fullReading(readings_cents(job.rig, off), gapAt_m(job.rig.bridge, off.angle_rad))};
        QVERIFY(off.angle_rad > radians(0.3));
        const Advice advice = advise(job);
        QCOMPARE(QLatin1String(advice.rule), QLatin1String("near-claw"));
        QVERIFY(advice.act.turns.mean() > 0.25 && advice.act.turns.mean() < 0.55);
    }

    /// In tune and level is done, however typed, after one confirming reading at most.
    void doneHoweverTyped() {
        for (const double tuner : {0.0, 1.0}) {
            BenchJob job = changeJob(1.0);
            if (tuner > 0.0)
                job.tools.tuner_cents = tuner;
            std::vector<double> cents{0.4, -0.3, 0.5, -0.5, 0.2, -0.1};
            job.log = {fullReading(cents, level_m)};
            if (ruleOf(job) == QStringLiteral("near-read-again")) // a coarse tuner is asked once more, not for ever
                job.log.push_back(job.log.front());
            QCOMPARE(ruleOf(job), QStringLiteral("done"));
            job.log = inPieces(job.log);
            QCOMPARE(ruleOf(job), QStringLiteral("done"));
        }
    }

    void nearButUnsureIsReadOnceMore() {
        BenchJob job = changeJob(1.0);
        std::vector<double> cents = inTune;
        cents[1] = 1.7;
        cents[4] = -1.6;
        job.log = {fullReading(cents, level_m)};
        const auto readsAgain = [&job] { // at the gate, or for what a reading is worth
            return ruleOf(job) == QStringLiteral("gate-shut") || ruleOf(job) == QStringLiteral("near-read-again");
        };
        QVERIFY(readsAgain());
        for (int k = 0; k < 4 && readsAgain(); ++k)
            job.log.push_back(fullReading(cents, level_m));
        QVERIFY(!readsAgain()); // never for ever
    }

    /// One of two readings that are far apart is of another string, or of none: a third tells which.
    void readingsThatDisagreeAreNotDone() {
        BenchJob job = changeJob(1.0);
        job.tools.tuner_cents = 0.7;
        job.log = {fullReading(inTune, level_m), fullReading(inTune, level_m), Event::read(3, -5.0)};
        const auto asksAgain = [&job] {
            const NextAct act = advise(job).act;
            return act.what == NextAct::Do::Read && act.strings == std::vector<std::size_t>{3};
        };
        QVERIFY(asksAgain());
        job.log.push_back(Event::read(3, 1.0)); // inside, and their mean nearly so
        QVERIFY2(asksAgain(), qPrintable(ruleOf(job)));
        BenchJob inside = job;
        for (int k = 0; k < 2; ++k) {
            job.log.push_back(Event::read(3, -6.0));
            inside.log.push_back(Event::read(3, 0.0));
        }
        QCOMPARE(ruleOf(inside), QStringLiteral("done"));
        QCOMPARE(advise(job).act.what, NextAct::Do::Tune);
        QCOMPARE(advise(job).act.aim.string, std::size_t{3});
    }

    /// Readings outside that nothing explains are planned from in the end, never passed over, and never left.
    void whatKeepsTheGateShutIsDoneSomethingAbout() {
        BenchJob job = changeJob(1.0);
        job.tools.gap_m = 1.5e-4;
        const double sunk_m = gapAt_m(job.rig.bridge, radians(-0.8));
        job.log = {fullReading(inTune, level_m), fullReading(inTune, level_m), Event::readGap(sunk_m)};
        for (int k = 0; k < 6 && advise(job).act.what == NextAct::Do::Read; ++k)
            job.log.push_back(Event::readGap(sunk_m));
        QVERIFY2(advise(job).act.what != NextAct::Do::Done && advise(job).act.what != NextAct::Do::Leave,
                 qPrintable(ruleOf(job)));
    }

    /// Where it has cost enough already, what is left is said instead of another peg.
    void enoughIsSaid() {
        BenchJob job = changeJob(1.0);
        const std::vector<double> off{6.0, -6.0, 5.0, -5.0, 6.0, -6.0};
        for (int k = 0; k < 31; ++k)
            job.log.push_back(Event::tuned(static_cast<std::size_t>(k % 6), off[static_cast<std::size_t>(k % 6)]));
        for (int k = 0; k < 3; ++k)
            job.log.push_back(fullReading(off, level_m));
        const Advice advice = advise(job);
        QCOMPARE(advice.act.what, NextAct::Do::Leave);
        QCOMPARE(QLatin1String(advice.rule), QLatin1String("enough"));
    }

    void exactRows() {
        BenchJob job = changeJob(1.0);
        job.method.aims = false;
        job.log = {fullReading({-30, -20, 0, 0, 0, 0}, level_m)};
        Advice advice = advise(job);
        QCOMPARE(QLatin1String(advice.rule), QLatin1String("exact-peg"));
        QCOMPARE(advice.act.aim.cents, 0.0);
        job.log.push_back(Event::tuned(0, 0.0));
        advice = advise(job);
        QCOMPARE(advice.act.aim.string, std::size_t{1});
        job.log = {fullReading(inTune, level_m)};
        QCOMPARE(ruleOf(job), QStringLiteral("exact-done"));
        job = changeJob(0.85);
        job.method.aims = false;
        job.log = {fullReading(std::vector<double>(6, -300.0), 0.0028)};
        QCOMPARE(ruleOf(job), QStringLiteral("exact-claw"));
    }

    // --- the table as a whole --------------------------------------------------------------------------------------

    /// Nobody can tell where the plate is: the strings are brought home, and it is not asked for without end.
    void withoutGapAndAngleOnlyPitchIsBroughtHome() {
        BenchJob job = changeJob(1.0);
        SimulatedGuitar hidden(job, UncertaintyModel{}, 3);
        const Ended end = playOn(job, hidden, 200, [](std::vector<Event>& log, Event event) {
            event.gap_m.reset();
            log.push_back(std::move(event));
        });
        QCOMPARE(end.advice.act.what, NextAct::Do::Done);
        QVERIFY(!end.advice.plateCounts);
        QVERIFY2(end.worst_cents < 3.0, qPrintable(QString::number(end.worst_cents)));
    }

    void toolsThatCannotTellAreNotAskedTo() {
        BenchJob job = homeJob();
        job.goal.angleTolerance_rad = radians(0.05);
        job.goal.pitchTolerance_cents = 0.5;
        job.tools = {1.0, 1.5e-4, std::nullopt, 1.2};
        job.log.push_back(job.log.front());
        const Advice advice = advise(job);
        QVERIFY(advice.plateTolerance_rad > radians(0.2) && advice.pitchTolerance_cents > 1.2);
        QCOMPARE(advice.act.what, NextAct::Do::Done);
    }

    void bridgesWithoutClawAreBroughtHomeToo() {
        BenchJob job = changeJob(1.0);
        job.rig.bridge.family = Family::Fixed;
        job.rig.springs.clear();
        job.old.wasLevel = false;
        SimulatedGuitar hidden(job, UncertaintyModel{}, 3);
        const Ended end = playOn(job, hidden);
        QCOMPARE(end.advice.act.what, NextAct::Do::Done);
        QVERIFY(end.counts.clawVisits == 0 && end.counts.passes < 2.1 && end.worst_cents < 2.5);
    }

    void clawTurnsAreDealtInSixteenths() {
        const ClawStepPolicy singly, together{ClawMethod::BothScrews, 1.0 / 16.0};
        for (double wanted = -3.0; wanted <= 3.0; wanted += 0.0137) {
            for (const ClawTurns stands : {ClawTurns{0.0, 0.0}, ClawTurns{-0.0625, 0.0}, ClawTurns{1.0, 0.5}}) {
                const ClawTurns turns = singly.dealt(wanted, stands);
                for (const double screw : {turns.bass, turns.treble})
                    QVERIFY(std::abs(screw * 16.0 - std::round(screw * 16.0)) < 1e-9);
                QVERIFY(std::abs(turns.mean() - wanted) <= 1.0 / 64.0 + 1e-9);
                QVERIFY(std::abs(turns.bass - turns.treble) <= 1.0 / 16.0 + 1e-9);
                const ClawTurns both = together.dealt(wanted, stands);
                QVERIFY(both.bass == both.treble && std::abs(both.bass - wanted) <= 1.0 / 32.0 + 1e-9);
            }
        }
    }

    void simulatedGuitarsComeHomeInFewPasses_data() {
        QTest::addColumn<int>("kind");
        for (const ChangeKind kind : {ChangeKind::Heavier, ChangeKind::Lighter, ChangeKind::Same,
                                      ChangeKind::LowerTuning, ChangeKind::FewerSprings})
            QTest::newRow(changeName(kind)) << static_cast<int>(kind);
    }
    void simulatedGuitarsComeHomeInFewPasses() {
        QFETCH(int, kind);
        BenchJob job = changed(changeJob(1.0, 4), static_cast<ChangeKind>(kind));
        std::vector<double> passes;
        int lost = 0;
        for (std::uint32_t seed = 1; seed <= 12; ++seed) {
            SimulatedGuitar guitar(job, UncertaintyModel{}, seed);
            if (levelSolution(guitar.rig(), bareState(guitar.rig()), job.goal).status != LevelStatus::Found)
                continue;
            const Ended end = playOn(job, guitar);
            passes.push_back(end.counts.passes);
            lost += end.advice.act.what != NextAct::Do::Done || end.worst_cents > 2.6 || end.plate_deg > 0.22;
            QVERIFY(end.questions == 0); // honest readings are not questioned
        }
        QVERIFY(passes.size() > 8);
        QVERIFY2(lost <= 1, qPrintable(QString::number(lost)));
        QVERIFY2(quantile(passes, 0.5) <= 2.0 && quantile(passes, 0.9) <= 3.0,
                 qPrintable(QStringLiteral("%1 %2").arg(quantile(passes, 0.5)).arg(quantile(passes, 0.9))));
    }

    void theSameLogGetsTheSameAdvice() {
        BenchJob job = changeJob(0.93);
        SimulatedGuitar hidden(job, UncertaintyModel{}, 5);
        job.log = playOn(job, hidden, 6).log;
        const Advice once = advise(job), again = advise(job);
        QCOMPARE(once.act.what, again.act.what);
        QVERIFY(once.act.aim.cents == again.act.aim.cents &&
                once.guitar.at.guitar.value == again.guitar.at.guitar.value);
    }

    void optionsOutOfBoundsAreNamed() {
        AdvisorOptions options;
        std::string error;
        QVERIFY(options.isValid(&error));
        QVERIFY(options.set("mostReads", 2.0) && options.mostReads == 2 && !options.set("mostReads", 2.5));
        options.doneOdds = 1.5;
        QVERIFY(!options.isValid(&error) && error.find("doneOdds is 1.5") != std::string::npos);
        options = {};
        options.mostReads = -1;
        QVERIFY(!options.isValid(&error));
    }
};

QTEST_APPLESS_MAIN(TestRules)
#include "test_rules.moc"
