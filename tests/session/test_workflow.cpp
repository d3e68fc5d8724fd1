// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/simulation/simulated_guitar.h"
#include "domain/base/faults.h"
#include "domain/job/compare.h"
#include "domain/methods/fine_tuners.h"
#include "domain/methods/methods.h"
#include "domain/work/preparing.h"
#include "domain/work/troubleshooting.h"
#include "domain/work/warnings.h"
#include "domain/work/workflow.h"
#include "session/document/demo.h"
#include "session/models/sheet.h"

#include <QSet>
#include <QTest>
#include <algorithm>

using namespace flenzo;

namespace {

const QString noon = QStringLiteral("2026-11-25T12:00:00");

/// A guitar of the demo shop before anything was done to it: with a log, the steps behind it are met.
Job demo(int index) {
    Job job = demoJob(index).value();
    job.log.clear();
    return job;
}
QStringList namesOf(const Job& job) {
    QStringList names;
    for (const Step& step : stepsOf(job))
        names.append(step.name());
    return names;
}
/// Says done, or overrules what stands in the way, until the step with that id is the current one.
void goTo(Job& job, StepId id) {
    const Derived derived = derive(job);
    for (int k = 0; k < 100; ++k) {
        const auto step = currentStep(job, derive(job));
        if (!step || step->id == id)
            return;
        if (apply(job, derived, WorkEvent::Done, {}, noon)) {
            QVERIFY(!apply(job, derived, WorkEvent::Overrule, QStringLiteral("for the test"), noon));
            QVERIFY(!apply(job, derived, WorkEvent::Done, {}, noon));
        }
    }
    QFAIL("the step does not come");
}

} // namespace

class TestWorkflow : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void everyGuitarHasItsOwnSteps() {
        const QStringList locking = namesOf(demo(0)), fulcrum = namesOf(demo(2)), shaft = namesOf(demo(4)),
                          headless = namesOf(demo(5));
        for (const char* step : {"caps-off", "block-in", "ball-end", "lock", "fine-tune"})
            QVERIFY2(locking.contains(QLatin1String(step)), step);
        QVERIFY(fulcrum.contains(QStringLiteral("swap:0")) && !fulcrum.contains(QStringLiteral("block-in")));
        QVERIFY(!fulcrum.contains(QStringLiteral("lock")) && !fulcrum.contains(QStringLiteral("ball-end")));
        QVERIFY(!shaft.contains(QStringLiteral("cover-off")) && !shaft.contains(QStringLiteral("preset-fine")));
        QVERIFY(headless.contains(QStringLiteral("lock")) && headless.contains(QStringLiteral("trim-tails")));
        for (const QStringList& names : {locking, fulcrum, shaft, headless})
            QCOMPARE(QSet<QString>(names.begin(), names.end()).size(), names.size());
        Job fixed = demo(2);
        fixed.rig.bridge.family = Family::Fixed;
        QVERIFY(!namesOf(fixed).contains(QStringLiteral("level")));
        QVERIFY(!namesOf(fixed).contains(QStringLiteral("return-test")));
        QVERIFY(namesOf(fixed).contains(QStringLiteral("hand-over")));
    }

    void extrasAndBoardDecideTheCleaning() {
        Job job = demo(0);
        job.work.extras = {QStringLiteral("oil"), QStringLiteral("polish"), QStringLiteral("intonate")};
        QVERIFY(namesOf(job).contains(QStringLiteral("oil-board")));
        job.card.board = Board::Maple; // never oiled
        QVERIFY(!namesOf(job).contains(QStringLiteral("oil-board")));
        QVERIFY(namesOf(job).indexOf(QStringLiteral("intonate")) < namesOf(job).indexOf(QStringLiteral("tune")));
    }

    /// Every step meets every event: it goes on, stays, goes back, or says why not; nothing else changes.
    void everyStepAnswersEveryEvent_data() {
        QTest::addColumn<int>("demoIndex");
        for (const int index : {0, 2, 4, 5})
            QTest::newRow(qPrintable(demoNames().at(index))) << index;
    }
    void everyStepAnswersEveryEvent() {
        QFETCH(int, demoIndex);
        const Job start = demo(demoIndex);
        const Derived derived = derive(start);
        Job at = start;
        for (const Step& step : stepsOf(start)) {
            QCOMPARE(currentStep(at, derive(at)), std::optional(step));
            const auto lock = warningAt(at, derived, step.id);
            for (const WorkEvent event : {WorkEvent::Done, WorkEvent::Skip, WorkEvent::Back, WorkEvent::Overrule,
                                          WorkEvent::Note, WorkEvent::Photo}) {
                Job after = at;
                const QString text = QStringLiteral("reason");
                const auto fault = apply(after, derived, event, text, noon);
                const bool first = step == stepsOf(start).first();
                const bool refused = (event == WorkEvent::Done && lock) || (event == WorkEvent::Back && first) ||
                                     (event == WorkEvent::Overrule && !lock);
                QCOMPARE(fault.has_value(), refused);
                if (refused) {
                    QCOMPARE(after.work, at.work);
                    QVERIFY(!fault->whatIsWrong().isEmpty());
                    continue;
                }
                QCOMPARE(after.work.records.size(), at.work.records.size() + 1);
                const bool leaves = event == WorkEvent::Done || event == WorkEvent::Skip || event == WorkEvent::Back;
                QCOMPARE(currentStep(after, derive(after)) == std::optional(step), !leaves);
                if (event != WorkEvent::Done && event != WorkEvent::Back) { // words are asked for
                    Job silent = at;
                    QVERIFY(apply(silent, derived, event, QStringLiteral("  "), noon).has_value());
                }
            }
            if (lock)
                QVERIFY(!apply(at, derived, WorkEvent::Overrule, QStringLiteral("for the test"), noon));
            QVERIFY(!apply(at, derived, WorkEvent::Done, {}, noon));
        }
        Job through = start;
        goTo(through, StepId::Count);
        QVERIFY(!currentStep(through, derive(through)));
        QCOMPARE(through.work.state, JobState::Finished);
        QVERIFY(apply(through, derive(through), WorkEvent::Done, {}, noon).has_value());
        QVERIFY(!apply(through, derive(through), WorkEvent::Back, {}, noon)); // the last one can be opened again
    }

    void dangersBeginAndEndWithTheirSteps() {
        Job job = demo(0);
        QVERIFY(hazardsOf(job, derive(job)).has(Hazard::TensionOn) && hazardsOf(job, derive(job)).has(Hazard::ArmIn));
        goTo(job, StepId::Slacken);
        QVERIFY(hazardsOf(job, derive(job)).has(Hazard::BlockIn) && hazardsOf(job, derive(job)).has(Hazard::CapsOff) &&
                !hazardsOf(job, derive(job)).has(Hazard::ArmIn));
        QVERIFY(job.log.back().kind == Event::Kind::Block);
        goTo(job, StepId::PresetFine);
        QVERIFY(!hazardsOf(job, derive(job)).has(Hazard::TensionOn) &&
                hazardsOf(job, derive(job)).has(Hazard::InsertsOpen));
        goTo(job, StepId::RoughTune);
        QVERIFY(hazardsOf(job, derive(job)).has(Hazard::TensionOn) &&
                hazardsOf(job, derive(job)).has(Hazard::Unsettled) &&
                !hazardsOf(job, derive(job)).has(Hazard::InsertsOpen));
        goTo(job, StepId::Settle);
        QVERIFY(!hazardsOf(job, derive(job)).has(Hazard::BlockIn));
        goTo(job, StepId::HandOver);
        const Hazards end = hazardsOf(job, derive(job));
        QVERIFY(!end.has(Hazard::CapsOff) && !end.has(Hazard::Unlocked) && !end.has(Hazard::CoverOff) &&
                !end.has(Hazard::Unsettled) && end.has(Hazard::ArmIn));
    }

    void interlocksWarnAndTakeAReason() {
        Job job = demo(0);
        goTo(job, StepId::BlockIn);
        QVERIFY(!apply(job, derive(job), WorkEvent::Skip, QStringLiteral("no block at hand"), noon));
        goTo(job, StepId::Slacken);
        const auto fault = apply(job, derive(job), WorkEvent::Done, {}, noon);
        QVERIFY(fault && fault->is(faults::warned) &&
                fault->whatIsWrong().contains(QLatin1String("nothing keeps it still")));
        QVERIFY(!apply(job, derive(job), WorkEvent::Overrule, QStringLiteral("held by hand"), noon));
        QVERIFY(!apply(job, derive(job), WorkEvent::Done, {}, noon));
        QVERIFY(jobSheetHtml(job, derive(job)).contains(QLatin1String("held by hand")));
        Job skipped = demo(0);
        goTo(skipped, StepId::Slacken);
        QVERIFY(!apply(skipped, derive(skipped), WorkEvent::Skip, QStringLiteral("in a hurry"), noon));
        QVERIFY(warningAt(skipped, derive(skipped), StepId::CutOld).has_value());
        Job unsettled = demo(0);
        goTo(unsettled, StepId::Settle);
        QVERIFY(warningAt(unsettled, derive(unsettled), StepId::Level)->contains(QLatin1String("Settle the strings")));
        QVERIFY(
            warningAt(unsettled, derive(unsettled), StepId::ReturnTest)->contains(QLatin1String("Lock the nut first")));
        QVERIFY(missingForLock(unsettled, derive(unsettled)).size() >= 2);
    }

    void theClampShiftIsRemembered() {
        Job job = demo(0);
        goTo(job, StepId::Lock);
        Event read;
        for (std::size_t i = 0; i < job.rig.strings.size(); ++i)
            read.readings_cents.emplace_back(i, 0.5);
        job.log.push_back(read);
        goTo(job, StepId::FineTune);
        for (auto& [string, cents] : read.readings_cents)
            cents = 2.0 + static_cast<double>(string);
        job.log.push_back(read);
        Event fine = Event::tuned(0, 0.0);
        fine.kind = Event::Kind::Fine;
        job.log.push_back(fine);
        goTo(job, StepId::TrimTails);
        QCOMPARE(job.card.clampShift_cents.size(), job.rig.strings.size());
        QCOMPARE(job.card.clampShift_cents[0], 1.5);
        QCOMPARE(job.card.clampShift_cents[3], 4.5);
        QCOMPARE(repeated(job, derive(job)).card.clampShift_cents, job.card.clampShift_cents);
    }

    /// The plan's pass ends where locking brings the strings home from, as the bench's does.
    void thePlanLeavesWhatLockingAdds() {
        Job job = demo(0);
        job.log.clear();
        const auto lastAim = [](const Job& at) { return derive(at).report.aimedPass.aims.back().cents; };
        job.card.nut = Nut::Open;
        QVERIFY(std::abs(lastAim(job)) < 0.01);
        job.card.nut = Nut::Caps;
        job.card.clampShift_cents.assign(job.rig.strings.size(), 5.0);
        QVERIFY2(std::abs(lastAim(job) + 5.0) < 0.01, qPrintable(QString::number(lastAim(job))));
    }

    /// Presetting says where the fine tuners stand; what they must cover once the nut is clamped is said before it is.
    void fineTunersAreAskedForNoMoreThanTheyHave() {
        Job job = demo(0);
        job.method.stretch = false;
        for (RigString& string : job.rig.strings) {
            string.finePerTurn_m = 0.0004;
            string.fineAt_turns = 1.0;
        }
        const auto runsOut = [](const Job& at) {
            return missingForLock(at, derive(at)).filter(QStringLiteral("would run out")).size();
        };
        goTo(job, StepId::PresetFine);
        QVERIFY(!apply(job, derive(job), WorkEvent::Done, {}, noon));
        QCOMPARE(job.rig.strings.back().fineAt_turns, job.rig.strings.back().fineTurns / 2.0);
        const std::vector<FineDemand> demands = fineDemands(job, derive(job));
        QCOMPARE(demands.size(), job.rig.strings.size());
        for (const FineDemand& demand : demands)
            QVERIFY(demand.forecast.covers && demand.forecast.spareUp_cents > 20.0);
        QCOMPARE(runsOut(job), 0);
        // Last time clamping made the lowest string a semitone sharper than it can be let down.
        job.card.clampShift_cents.assign(job.rig.strings.size(), 1.0);
        job.card.clampShift_cents.front() = demands.front().forecast.spareDown_cents + 50.0;
        QCOMPARE(runsOut(job), 1);
        // A string left as much the other way comes home by the clamping itself.
        Job leftFlat = job;
        leftFlat.card.clampShift_cents.assign(job.rig.strings.size(), 30.0);
        for (RigString& string : leftFlat.rig.strings)
            string.fineAt_turns = 0.0;
        QCOMPARE(runsOut(leftFlat), static_cast<qsizetype>(job.rig.strings.size()));
        leftFlat.log.clear();
        Event read;
        for (std::size_t i = 0; i < job.rig.strings.size(); ++i)
            read.readings_cents.emplace_back(i, -30.0);
        leftFlat.log.push_back(read);
        QCOMPARE(runsOut(leftFlat), 0);
        // A tuner at the bridge that is the peg as well stands nobody knows where.
        Job headless = demo(5);
        for (RigString& string : headless.rig.strings)
            string.finePerTurn_m = 0.0008;
        QVERIFY(headless.card.nut != Nut::Open && fineDemands(headless, derive(headless)).empty());
        job.card.clampShift_cents.assign(job.rig.strings.size(), 5.0);
        chooseMethod(job, QStringLiteral("finePreset"), QStringLiteral("allOut"));
        Job out = job;
        presetFineTuners(out);
        QCOMPARE(runsOut(out), 0); // the strings are to be left flat
        Event inTune;
        for (std::size_t i = 0; i < job.rig.strings.size(); ++i)
            inTune.readings_cents.emplace_back(i, 0.0);
        out.log = {inTune};
        QCOMPARE(runsOut(out), static_cast<qsizetype>(job.rig.strings.size())); // no way down at all
        job.card.nut = Nut::Open;
        QVERIFY(fineDemands(job, derive(job)).empty());
    }

    void aStringBeyondItsFineTunerIsNamed() {
        Job job = demo(0);
        for (RigString& string : job.rig.strings)
            string.finePerTurn_m = 0.0004;
        QVERIFY(beyondFineTuners(job, derive(job)).isEmpty());
        Event lock;
        lock.kind = Event::Kind::Lock;
        job.log.push_back(lock);
        job.rig.strings[1].fineAt_turns = 0.0; // nothing left to let it down by
        Event read = Event::read(0, 5.0);
        read.readings_cents.emplace_back(1, 30.0);
        for (std::size_t i = 2; i < job.rig.strings.size(); ++i)
            read.readings_cents.emplace_back(i, 0.0);
        job.log.push_back(read);
        QCOMPARE(beyondFineTuners(job, derive(job)), QStringList{QString::fromStdString(job.rig.strings[1].name)});
    }

    void goingBackOpensTheLastStep() {
        Job job = demo(0);
        goTo(job, StepId::Checks);
        QVERIFY(!apply(job, derive(job), WorkEvent::Back, {}, noon));
        QCOMPARE(currentStep(job, derive(job))->id, StepId::OldSet);
        QVERIFY(!apply(job, derive(job), WorkEvent::Done, {}, noon));
        QCOMPARE(currentStep(job, derive(job))->id, StepId::Checks);
    }

    void theNextJobBeginsWhereTheLastEnded() {
        Job last = demo(0);
        SimulatedGuitar guitar(benchJobOf(last), UncertaintyModel(), *last.simulatedSeed);
        guitar.follow(last.log);
        for (int act = 0; act < 200; ++act) {
            const NextAct next = advise(benchJobOf(last)).act;
            if (next.what == NextAct::Do::Done)
                break;
            last.log.push_back(guitar.answer(next));
            guitar.follow(last.log.back());
        }
        const Derived derived = derive(last);
        QCOMPARE(derived.next().what, NextAct::Do::Done);
        const Job next = repeated(last, derived);
        QVERIFY(next.log.empty() && next.work.records.isEmpty());
        QCOMPARE(next.off.size(), last.rig.strings.size());
        for (std::size_t i = 0; i < next.off.size(); ++i)
            QVERIFY(next.off[i].wire == last.rig.strings[i].wire);
        QVERIFY(next.prior.has_value());
        QVERIFY(next.prior->mean.norm() > 0.05); // something was learned and is carried over
        QCOMPARE(derive(next).report.verdict, Verdict::Same);
        QVERIFY(differencesOf(last, next).first().contains(QLatin1String("both times")));
    }

    void theFinderPutsTheLikelyFirst() {
        const Job job = demoJob(0).value();
        const QList<Mishap> all = mishaps(job, Phase::Lock, {});
        QVERIFY(all.size() > 25);
        QVERIFY(all.first().likelyAt.contains(Phase::Lock));
        QVERIFY(!all.last().likelyAt.contains(Phase::Lock));
        for (const Mishap& mishap : all)
            QVERIFY(!mishap.cause.isEmpty() && !mishap.remedy.isEmpty() && !mishap.prevention.isEmpty());
        QCOMPARE(mishaps(job, Phase::Intake, QStringLiteral("insert missing")).size(), 1);
        QVERIFY(mishaps(job, Phase::Intake, QStringLiteral("xyzzy")).isEmpty());
    }

    void oneTableSaysWhatGoesWrongWhere() {
        const FamilyTraits& has = demo(0).rig.bridge.has();
        QCOMPARE(hazardAt(StepId::ReturnTest, {Hazard::CapsOff}, has), std::optional(Hazard::CapsOff));
        QCOMPARE(hazardAt(StepId::Height, {Hazard::TensionOn}, has), std::optional(Hazard::TensionOn));
        QCOMPARE(hazardAt(StepId::Lock, {Hazard::Unsettled}, has), std::optional(Hazard::Unsettled));
        QVERIFY(!hazardAt(StepId::HandOver, {Hazard::TensionOn, Hazard::ArmIn}, has));
        QVERIFY(!hazardAt(StepId::CutOld, {Hazard::TensionOn}, demo(4).rig.bridge.has())); // a shaft keeps one at pitch
    }

    void whatNobodyInspectedStaysOnTheSheet() {
        Job job = demo(0);
        goTo(job, StepId::Checks);
        const QString checks = QLatin1String(specOf(StepId::Checks).name);
        job.work.ticks[checks] = {QStringLiteral("neck")};
        QVERIFY(leftUnlooked(job, StepId::Checks).isEmpty()); // not done yet
        QVERIFY(!apply(job, derive(job), WorkEvent::Done, {}, noon));
        QVERIFY(leftUnlooked(job, StepId::Checks).contains(QStringLiteral("the claw is parallel to its wall")));
        const QString html = jobSheetHtml(job, derive(job));
        QVERIFY(html.contains(QLatin1String("not inspected: the claw is parallel")));
        QVERIFY(!html.contains(QLatin1String("not inspected: neck")));
    }
    void theSheetSaysWhatWasDone() {
        Job job = demoJob(0).value();
        job.guitar = QStringLiteral("<b>&");
        job.work.ownersNote = QStringLiteral("Back in spring");
        const QString html = jobSheetHtml(job, derive(job));
        QVERIFY(html.contains(QLatin1String("&lt;b&gt;&amp;")) && !html.contains(QLatin1String("<h1><b>")));
        QVERIFY(html.contains(QLatin1String("Back in spring")) && html.contains(QLatin1String("start")));
        job.work.reliefFound_m = 0.254e-3;
        QVERIFY(jobSheetHtml(job, derive(job)).contains(QLatin1String("0.25 mm as found")));
        const QString inches = jobSheetHtml(job, derive(job), Units{true, true});
        QVERIFY(inches.contains(QLatin1String("0.010 in as found")) && inches.contains(QLatin1String(" lbf")));
        QVERIFY(!inches.contains(QLatin1String(" N<")));
    }
};

QTEST_GUILESS_MAIN(TestWorkflow)
#include "test_workflow.moc"
