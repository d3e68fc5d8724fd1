// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/log/logged_passes.h"
#include "core/simulation/rehearsal.h"
#include "core/simulation/simulated_guitar.h"
#include "core/simulation/trial.h"
#include "core/statics/readings.h"
#include "support/bench.h"

#include <QTest>
#include <algorithm>
#include <cmath>

using namespace flenzo;
using namespace flenzo::testing;

namespace {

/// Plays the job against a simulated guitar and returns how it stands and the log.
Ended played(const BenchJob& job, std::uint32_t seed, int most = 400) {
    SimulatedGuitar guitar(job, UncertaintyModel{}, seed);
    return playOn(job, guitar, most);
}

} // namespace

Q_DECLARE_METATYPE(flenzo::WorkMethod)

class TestMethodsPlayed : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void everyMethodBringsTheGuitarHome_data() {
        QTest::addColumn<WorkMethod>("method");
        const WorkMethod base{.order = orderOf(OrderKind::LowToHigh, 6)};
        const auto row = [&](const char* name, void (*change)(WorkMethod&)) {
            WorkMethod method = base;
            change(method);
            QTest::newRow(name) << method;
        };
        row("aims", [](WorkMethod&) {});
        row("both screws", [](WorkMethod& h) { h.claw = ClawMethod::BothScrews; });
        row("quarter turns", [](WorkMethod& h) { h.claw = ClawMethod::Quarters; });
        row("whole turns, then quarters", [](WorkMethod& h) { h.claw = ClawMethod::CoarseThenQuarters; });
        row("stretching", [](WorkMethod& h) { h.stretch = true; });
        row("stretching, few wraps", [](WorkMethod& h) {
            h.stretch = true;
            h.wraps = Wraps::Few;
        });
        row("stretching at the ends", [](WorkMethod& h) {
            h.stretch = true;
            h.pullShare = 0.7;
        });
        row("exact", [](WorkMethod& h) { h.aims = false; });
        row("exact, quarter turns", [](WorkMethod& h) {
            h.aims = false;
            h.claw = ClawMethod::Quarters;
        });
        row("exact, high to low", [](WorkMethod& h) {
            h.aims = false;
            h.order = orderOf(OrderKind::HighToLow, 6);
        });
    }
    void everyMethodBringsTheGuitarHome() {
        QFETCH(WorkMethod, method);
        BenchJob job = changeJob(0.95);
        job.method = method;
        for (const std::uint32_t seed : {21U, 22U}) {
            const Ended end = played(job, seed);
            // Exactly tuned, the plate may be left near level with what is left said.
            QVERIFY(end.advice.act.what == NextAct::Do::Done ||
                    (!method.aims && end.advice.act.what == NextAct::Do::Leave));
            QVERIFY(end.worst_cents < 3.0);
            QVERIFY(end.plate_deg < 0.25);
        }
    }

    /// A visit turns what the way allows and no more, and gets there.
    void oneGoAtTheClawIsTheShopsWay() {
        const ClawStepPolicy at_once{ClawMethod::BothScrews, 1.0 / 16.0}, quarters{ClawMethod::Quarters, 1.0 / 16.0},
            coarse{ClawMethod::CoarseThenQuarters, 1.0 / 16.0};
        for (const double wanted : {-3.7, -1.0, -0.3, -0.06, 0.06, 0.25, 0.99, 1.0, 2.4}) {
            QCOMPARE(at_once.atOneGo_turns(wanted), wanted);
            QVERIFY(std::abs(quarters.atOneGo_turns(wanted)) <= 0.25);
            QVERIFY(wanted * coarse.atOneGo_turns(wanted) > 0.0);
            QVERIFY(std::abs(coarse.atOneGo_turns(wanted)) <= std::abs(wanted));
        }
        QCOMPARE(coarse.atOneGo_turns(-3.7), -3.0);
        QCOMPARE(coarse.atOneGo_turns(0.99), 0.25);
        QVERIFY(quarters.looks() && coarse.looks() && !at_once.looks());
    }

    void theLogShowsTheShopsWayAtTheClaw() {
        BenchJob job = changeJob(0.85);
        for (const ClawMethod way : {ClawMethod::Quarters, ClawMethod::CoarseThenQuarters}) {
            job.method.claw = way;
            const Ended end = played(job, 5);
            int looks = 0, turned = 0;
            for (std::size_t e = 0; e < end.log.size(); ++e) {
                const Event& event = end.log[e];
                looks += event.kind == Event::Kind::Read && event.readings_cents.empty();
                if (event.kind != Event::Kind::Claw)
                    continue;
                ++turned;
                const double by = std::abs(event.turns.mean());
                const bool whole = way == ClawMethod::CoarseThenQuarters && by == std::round(by);
                QVERIFY(whole || by <= 0.25 + 1.0 / 32.0);
                QVERIFY(std::abs(event.turns.bass - event.turns.treble) <= 1.0 / 16.0 + 1e-12);
            }
            QVERIFY(looks >= 1); // the plate alone is looked at while more than one turn is to come
            const int visits = end.counts.clawVisits;
            QVERIFY(way == ClawMethod::Quarters ? visits < turned : visits <= turned); // several turns to a visit
        }
    }

    /// Both screws alike, until only half a step of both would still bring a soft float home.
    void bothScrewsStayAlikeWhileThatHelps() {
        BenchJob job = changeJob(0.9);
        job.method.claw = ClawMethod::BothScrews;
        const State start = slackStart(job.rig, job.rig.claw.turns, job.slackStart_cents);
        const LevelSolution level = levelSolution(job.rig, start, job.goal);
        QVERIFY(level.moreTurns > 0.5);
        const ClawStepPolicy far = clawStepPolicyOf(job.method, job.rig, level, job.goal);
        QCOMPARE(far.step_turns, 1.0 / 16.0);
        State between = start;
        between.claw = level.state.claw.plus(1.0 / 32.0);
        const LevelSolution left = levelSolution(job.rig, between, job.goal);
        QCOMPARE(clawStepPolicyOf(job.method, job.rig, left, job.goal).step_turns, ClawStepPolicy::finest_turns);
        // Nearly a whole step more of both is worth it, unless the last one has just been taken back.
        State near = start;
        near.claw = level.state.claw.plus(-0.05);
        const LevelSolution most = levelSolution(job.rig, near, job.goal);
        QCOMPARE(clawStepPolicyOf(job.method, job.rig, most, job.goal).step_turns, ClawStepPolicy::both_turns);
        QCOMPARE(clawStepPolicyOf(job.method, job.rig, most, job.goal, true).step_turns, ClawStepPolicy::finest_turns);
        Goal wide = job.goal;
        wide.angleTolerance_rad = radians(2.0);
        QCOMPARE(clawStepPolicyOf(job.method, job.rig, left, wide).step_turns, 1.0 / 16.0);
        Goal decked = job.goal;
        decked.deckLoad_Nm = 1.0;
        QCOMPARE(clawStepPolicyOf(job.method, job.rig, left, decked).step_turns, 1.0 / 16.0);
    }

    /// Turns with nothing but looks between them are one visit; anything else begins another.
    void looksKeepTheTechnicianAtTheClaw() {
        const Pace pace;
        const Event turn = Event::claw({0.25, 0.25}), look = Event::readGap(0.004), all = Event::read(0, -3.0);
        const Counts quarters = countsOf({turn, look, turn, look, turn, all}, 6, pace);
        QCOMPARE(quarters.clawVisits, 1);
        QCOMPARE(quarters.minutes * 60.0, pace.claw_s + 4.0 * pace.look_s + pace.turnTo_s + pace.pluck_s);
        QCOMPARE(countsOf({turn, all, turn, look}, 6, pace).clawVisits, 2);
        QCOMPARE(countsOf({turn, Event::tuned(0, 0.0), turn}, 6, pace).clawVisits, 2);
        QCOMPARE(countsOf({look, all}, 6, pace).minutes * 60.0, pace.look_s + pace.turnTo_s + pace.pluck_s);
    }

    /// What is left of a shop that looks after every quarter has more minutes in it.
    void quartersTakeTheirTime() {
        BenchJob job = changeJob(0.85);
        job.log = played(job, 9, 1).log;
        const RemainingWork once = remainingWork(job, advise(job));
        job.method.claw = ClawMethod::Quarters;
        const RemainingWork quarters = remainingWork(job, advise(job));
        QVERIFY(quarters.minutes.p50 > once.minutes.p50);
        QVERIFY(once.played > 4 && quarters.played > 4);
    }

    /// The work that remains is played by the rules themselves: ordered, the same for the same log, nothing when done.
    void whatRemainsIsPlayed() {
        BenchJob job = changeJob(0.93);
        job.log = played(job, 7, 1).log;
        const Advice advice = advise(job);
        const RemainingWork work = remainingWork(job, advice), again = remainingWork(job, advice);
        for (const Quantiles& q : {work.passes, work.clawVisits, work.minutes})
            QVERIFY(q.p10 <= q.p50 && q.p50 <= q.p90);
        QVERIFY(work.passes.p50 >= 0.9 && work.passes.p90 < 4.0);
        QCOMPARE(work.passes.p90, again.passes.p90);
        std::atomic<bool> cancel{true};
        RemainingOptions options;
        options.cancel = &cancel;
        QCOMPARE(remainingWork(job, advice, options).played, 0);
        job.log = played(job, 7).log;
        QCOMPARE(remainingWork(job, advise(job)).passes.p90, 0.0);
    }

    /// By feel: the first peg of the job goes sharp, every later one exactly to pitch.
    void theFirstStringGoesSharpByFeelOnce() {
        BenchJob job = changeJob(0.95);
        job.method.aims = false;
        job.method.firstSharp_cents = 150.0;
        const Ended end = played(job, 31);
        int sharp = 0;
        bool first = true;
        for (const Event& event : end.log) {
            if (event.kind != Event::Kind::Tuned)
                continue;
            QVERIFY(event.aim_cents.has_value());
            if (first)
                QCOMPARE(*event.aim_cents, 150.0);
            else
                QCOMPARE(*event.aim_cents, 0.0);
            sharp += *event.aim_cents > 0.0;
            first = false;
        }
        QCOMPARE(sharp, 1);
        QCOMPARE(end.advice.act.what, NextAct::Do::Done);
    }

    /// With back-checks the string tuned next is always the first one, in order, that is plainly off.
    void backChecksReturnToTheFirstThatFell() {
        BenchJob job = changeJob(0.95);
        job.method.aims = false;
        job.method.backChecks = true;
        const Ended end = played(job, 33, 300);
        std::size_t furthest = 0;
        bool wentBack = false;
        for (const Event& event : end.log)
            if (event.kind == Event::Kind::Tuned) {
                wentBack = wentBack || event.string < furthest;
                furthest = std::max(furthest, event.string);
            }
        QVERIFY(wentBack);
        const auto pegs = [](const std::vector<Event>& log) {
            return std::count_if(log.begin(), log.end(), [](const Event& e) { return e.kind == Event::Kind::Tuned; });
        };
        job.method.backChecks = false;
        QVERIFY(pegs(end.log) > pegs(played(job, 33, 300).log));
    }

    void aRehearsalIsSteadyAndFollowsTheMethod() {
        BenchJob job = changeJob(0.95);
        const Counts aims = rehearse(job), again = rehearse(job);
        QCOMPARE(aims.passes, again.passes);
        QCOMPARE(aims.minutes, again.minutes);
        QVERIFY(aims.passes >= 1.0 && aims.passes <= 1.7); // all known and a steady hand: one pass, or a last touch
        QVERIFY(aims.clawVisits >= 1 && aims.clawVisits <= 2);
        job.method.aims = false;
        const Counts exact = rehearse(job);
        QVERIFY(exact.passes > aims.passes && exact.minutes > aims.minutes);
        job.method.backChecks = true;
        QVERIFY(rehearse(job).passes > exact.passes);
        job = changeJob(0.95);
        job.method.stretch = true;
        const Counts stretched = rehearse(job);
        QVERIFY(stretched.stretches > 0 && stretched.minutes > aims.minutes);
        job.method.pullShare = 1.3;
        QVERIFY(rehearse(job).stretches <= stretched.stretches);
        job.method.pullShare = 1.0;
        job.method.wraps = Wraps::Few;
        QVERIFY(rehearse(job).stretches < stretched.stretches);
    }

    /// What comes before the adviser costs what the mechanics say, for a steady hand.
    void openingsCostWhatTheyCost() {
        BenchJob job = changeJob(0.9);
        const Counts plain = rehearse(job);
        Opening one;
        one.oneByOne = true;
        QVERIFY(rehearse(job, one).minutes > plain.minutes && rehearse(job, one).passes > plain.passes);
        BenchJob same = changeJob(1.0);
        QVERIFY(rehearse(same, one).passes <= rehearse(same).passes + 0.01); // nothing moves when like replaces like
        Opening aims, pitch, surprise;
        aims.block = Opening::UnderBlock{radians(1.5), true, 0.0};
        pitch.block = Opening::UnderBlock{radians(1.5), false, 0.0};
        surprise.block = Opening::UnderBlock{radians(1.5), true, 0.4};
        QVERIFY(rehearse(job, aims).passes <= 1.4); // blocked aims land at pitch when everything is known
        QVERIFY(rehearse(job, pitch).passes > rehearse(job, aims).passes);
        QVERIFY(rehearse(job, surprise).minutes > rehearse(job, aims).minutes);
        QVERIFY(rehearse(job, surprise).clawVisits > rehearse(job, aims).clawVisits);
        job.method.aims = false;
        Opening slack;
        slack.slackenAtClaw = true;
        QVERIFY(rehearse(job, slack).passes >= rehearse(job).passes);
        job.method.aims = true;
        job.method.stretch = true;
        Opening each;
        each.stretchEach = true;
        QVERIFY(rehearse(job, each).stretches > 0);
        QVERIFY(rehearse(job, each).passes <= rehearse(job).passes); // no round of stretching is a pass of its own
    }

    void aRehearsalLeavesTheLogAlone() {
        BenchJob job = changeJob(0.95);
        job.log = {Event::read(0, -20.0), Event::claw({1.0, 1.0})};
        const BenchJob before = job;
        const Counts counts = rehearse(job);
        QVERIFY(counts.passes >= 1.0);
        QCOMPARE(job.log, before.log);
        BenchJob empty = changeJob(0.95);
        QCOMPARE(rehearse(empty).passes, counts.passes); // it begins at the beginning
    }

    void fewWrapsAndHardPullsSettleSooner() {
        const Wire plain = sixString().strings.back().wire, wound = sixString().strings.front().wire;
        for (const Wire& wire : {plain, wound}) {
            QVERIFY(usualSettling(wire, Wraps::Clamped).left_m < usualSettling(wire, Wraps::Few).left_m);
            QVERIFY(usualSettling(wire, Wraps::Few).left_m < usualSettling(wire, Wraps::Usual).left_m);
            QVERIFY(usualSettling(wire, Wraps::Usual, 1.3).share > usualSettling(wire, Wraps::Usual).share);
            QVERIFY(usualSettling(wire, Wraps::Usual, 0.7).share < usualSettling(wire, Wraps::Usual).share);
            QVERIFY(usualSettling(wire, Wraps::Usual, 9.0).share < 1.0); // no pull takes all
        }
        QVERIFY(usualSettling(plain, Wraps::Usual).left_m > usualSettling(wound, Wraps::Usual).left_m);
    }

    void theClawTurnedBackIsOnlyTheFinestStepBothWays() {
        const double step = 1.0 / 32.0;
        const Event up = Event::claw({2.0 * step, 0.0}), down = Event::claw({-2.0 * step, 0.0}),
                    far = Event::claw({1.0, 1.0}), read = Event::read(0, 1.0);
        QVERIFY(!clawTurnedBack({}, step));
        QVERIFY(!clawTurnedBack({up}, step));
        QVERIFY(clawTurnedBack({far, up, read, Event::tuned(0, 0.0), down}, step));
        QVERIFY(!clawTurnedBack({up, read, up}, step));
        QVERIFY(!clawTurnedBack({up, far}, step) && !clawTurnedBack({far, down}, step));
        QVERIFY(!clawTurnedBack({down, up, far}, step));
    }

    /// Softer floats come home too, without the claw going to and fro for ever.
    void softFloatsComeHome() {
        int home = 0, stable = 0;
        for (std::uint32_t seed = 300; seed < 330; ++seed) {
            const BenchJob job = changed(changeJob(1.0), ChangeKind::FewerSprings);
            SimulatedGuitar guitar(job, UncertaintyModel{}, seed);
            if (levelSolution(guitar.rig(), bareState(guitar.rig()), job.goal).status != LevelStatus::Found)
                continue;
            const Ended end = playOn(job, guitar);
            ++stable;
            home += end.advice.act.what == NextAct::Do::Done && end.worst_cents <= 3.0 && end.plate_deg <= 0.25;
            QVERIFY2(end.counts.clawVisits <= 10, qPrintable(QString::number(seed)));
        }
        QVERIFY(stable >= 12);
        QVERIFY2(home >= stable - 2, qPrintable(QStringLiteral("%1 of %2").arg(home).arg(stable)));
    }

    void aCentOfAStringIsWorthItsWire() {
        const BenchJob job = changeJob(1.0);
        const LevelSolution level = levelSolution(job.rig, bareState(job.rig), job.goal);
        const RestModel model(job.rig, job.goal.angle_rad);
        for (std::size_t i = 0; i < 6; ++i) {
            State longer = level.state;
            longer.unstretchedLength_m[i] += 1.0 / model.zPerMetre_cents(i);
            longer.block = Block{Block::Kind::Captive, job.goal.angle_rad};
            QVERIFY(std::abs(readings_cents(job.rig, longer)[i] + 1.0) < 0.05);
        }
        Goal coarse = job.goal;
        coarse.pitchTolerance_cents *= 3.0;
        QVERIFY(std::abs(settledWithin_cents(coarse) - 3.0 * settledWithin_cents(job.goal)) < 1e-12);
    }
};

QTEST_GUILESS_MAIN(TestMethodsPlayed)
#include "test_methods_played.moc"
