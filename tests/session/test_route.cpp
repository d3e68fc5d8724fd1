// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/job/edits.h"
#include "domain/methods/method_figures.h"
#include "domain/methods/methods.h"
#include "domain/work/route.h"
#include "domain/work/warnings.h"
#include "domain/work/workflow.h"
#include "session/document/demo.h"
#include "widgets/text/step_figures.h"
#include "widgets/text/step_words.h"

#include <QSet>
#include <QTest>
#include <random>

using namespace flenzo;

namespace {

const QString noon = QStringLiteral("2026-11-25T12:00:00");

/// A guitar nobody ordered: any bridge, nut, tuners, head, board, extras and ways.
Job anyJob(std::mt19937& random) {
    const auto pick = [&random](int most) { return std::uniform_int_distribution<int>(0, most - 1)(random); };
    static const std::vector<Job> demos = [] {
        std::vector<Job> list;
        for (int k = 0; k < static_cast<int>(demoNames().size()); ++k)
            list.push_back(demoJob(k).value());
        return list;
    }();
    Job job = demos[static_cast<std::size_t>(pick(static_cast<int>(demos.size())))];
    job.log.clear();
    setFamily(job, static_cast<Family>(pick(static_cast<int>(families.size()))));
    job.card.nut = static_cast<Nut>(pick(3));
    job.card.tuners = static_cast<Tuners>(pick(4));
    job.card.headstock = static_cast<Headstock>(pick(3));
    job.card.board = static_cast<Board>(pick(3));
    job.card.retainerBar = pick(2) == 1;
    job.card.stringTree = pick(2) == 1;
    job.card.cavityCover = pick(2) == 1;
    job.card.leftHanded = pick(2) == 1;
    for (const char* extra : {"clean", "polish", "oil", "intonate", "height", "relief"})
        if (pick(2) == 1)
            job.work.extras.insert(QLatin1String(extra));
    for (const MethodTopic& topic : methodTopics())
        chooseMethod(job, topic.name, topic.options[pick(static_cast<int>(topic.options.size()))].name);
    return job;
}

class Places {
public:
    explicit Places(const QList<Step>& steps) {
        for (qsizetype k = 0; k < steps.size(); ++k)
            at_.insert(specOf(steps[k].id).name, k);
    }
    [[nodiscard]] bool has(const char* name) const { return at_.contains(QLatin1String(name)); }
    /// Where both are there, the first comes before the second.
    [[nodiscard]] bool inOrder(const char* first, const char* second) const {
        return !has(first) || !has(second) || at_[QLatin1String(first)] < at_[QLatin1String(second)];
    }
    /// Neither without the other.
    [[nodiscard]] bool together(const char* one, const char* other) const { return has(one) == has(other); }

private:
    QHash<QString, qsizetype> at_;
};

} // namespace

class TestRoute : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void anyGuitarHasAWorkableRoute() {
        std::mt19937 random(2026);
        for (int k = 0; k < 3000; ++k) {
            const Job job = anyJob(random);
            const QList<Step> steps = stepsOf(job);
            const Places places(steps);
            QSet<QString> names;
            for (const Step& step : steps) {
                names.insert(step.name());
                QVERIFY(step.minutes > 0.0 && step.minutes < 60.0);
            }
            QCOMPARE(names.size(), steps.size());
            QCOMPARE(steps.first().id, StepId::LookOver);
            QCOMPARE(steps.last().id, StepId::HandOver);
            for (const auto& [first, second] : {std::pair("block-in", "slacken"),
                                                {"slacken", "cut-old"},
                                                {"cut-old", "take-out"},
                                                {"take-out", "seat"},
                                                {"seat", "wind"},
                                                {"thread", "wind"},
                                                {"ball-end", "seat"},
                                                {"wind", "rough-tune"},
                                                {"block-in", "block-out"},
                                                {"block-out", "settle"},
                                                {"settle", "level"},
                                                {"intonate", "tune"},
                                                {"height", "tune"},
                                                {"level", "tune"},
                                                {"tune", "lock"},
                                                {"caps-off", "slacken"},
                                                {"block-in", "caps-off"}, // the nut holds the strings until then
                                                {"block-in", "arm-off"},
                                                {"preset-fine", "swap"},
                                                {"relief", "height"},
                                                {"height", "intonate"},
                                                {"intonate", "level"},
                                                {"lock", "fine-tune"},
                                                {"cover-off", "close-up"},
                                                {"level", "close-up"},
                                                {"arm-off", "arm-in"},
                                                {"arm-in", "return-test"},
                                                {"preset-fine", "lock"}})
                QVERIFY2(places.inOrder(first, second), first);
            QVERIFY(places.together("caps-off", "lock") && places.together("lock", "fine-tune"));
            QVERIFY(places.together("block-in", "block-out") && places.together("cover-off", "close-up"));
            QVERIFY(places.together("arm-off", "arm-in"));
            // All off, or one by one; but for the one that keeps a shaft in its place.
            QVERIFY(places.has("wind") != (places.has("swap") && !remainingString(job)));
        }
    }

    /// Nothing of a kind appears on a guitar that has no such part.
    void whatAGuitarHasNotIsNotAsked() {
        std::mt19937 random(7);
        for (int k = 0; k < 2000; ++k) {
            const Job job = anyJob(random);
            const Places places(stepsOf(job));
            if (!job.rig.bridge.has().moves())
                for (const char* name : {"level", "block-in", "arm-in", "return-test", "cover-off"})
                    QVERIFY2(!places.has(name), name);
            if (job.card.nut == Nut::Open)
                for (const char* name : {"caps-off", "lock", "fine-tune", "play"})
                    QVERIFY2(!places.has(name), name);
            QVERIFY(places.has("trim-tails")); // at the string posts or at the head clamp
            if (job.card.board != Board::DarkUnlacquered)
                QVERIFY(!places.has("oil-board"));
            if (!job.rig.bridge.has().clampsAtSaddle)
                QVERIFY(!places.has("ball-end"));
            if (!floats(job.rig, job.goal))
                QVERIFY(!places.has("block-in"));
            if (!job.card.cavityCover || !hasClaw(job.rig))
                QVERIFY(!places.has("cover-off"));
        }
    }

    /// A roller shaft comes apart without strings: one by one unless somebody says otherwise, and then one stays on.
    void aShaftIsNeverWithoutAString() {
        Job job = demoJob(0).value();
        job.log.clear();
        chooseMethod(job, QStringLiteral("atOnce"), QStringLiteral("one"));
        chooseMethod(job, QStringLiteral("atOnce"), QStringLiteral("all"));
        setFamily(job, Family::RollerShaft);
        QVERIFY(isChosen(job, "atOnce", "one"));
        applyShopDefaults(job, QStringLiteral("atOnce=all\nwraps=few"));
        QVERIFY(isChosen(job, "atOnce", "one") && isChosen(job, "wraps", "few"));
        QVERIFY(!remainingString(job));
        chooseMethod(job, QStringLiteral("atOnce"), QStringLiteral("all"));
        const auto kept = remainingString(job);
        QVERIFY(kept);
        const QList<Step> steps = stepsOf(job);
        const auto at = [&](StepId id) {
            return std::find_if(steps.begin(), steps.end(), [id](const Step& step) { return step.id == id; });
        };
        QVERIFY(at(StepId::SwapString)->string == kept && at(StepId::SwapString) > at(StepId::Wind));
        Derived derived = derive(job);
        while (currentStep(job, derived)->id != StepId::CutOld)
            QVERIFY(!apply(job, derived, WorkEvent::Done, {}, noon));
        QVERIFY(hazardsOf(job, derived).has(Hazard::TensionOn)); // one is at pitch
        QVERIFY(!warningAt(job, derived, StepId::CutOld));
        job.work.ticks[QStringLiteral("cut-old")].append(tickName(QStringLiteral("cut"), *kept));
        QVERIFY(warningAt(job, derived, StepId::CutOld)->contains(QLatin1String("spring falls out")));
    }

    void oneBrokenStringIsAShortJob() {
        Job job = demoJob(0).value();
        job.log.clear();
        const qsizetype whole = stepsOf(job).size();
        setBroken(job, 2);
        const QList<Step> steps = stepsOf(job);
        QVERIFY(steps.size() < whole / 2 + 2);
        int swaps = 0;
        for (const Step& step : steps) {
            QVERIFY(step.id != StepId::BlockIn && step.id != StepId::Slacken && step.id != StepId::CutOld);
            swaps += step.id == StepId::SwapString ? 1 : 0;
            QVERIFY(step.id != StepId::SwapString || step.string == std::optional<std::size_t>(2));
        }
        QCOMPARE(swaps, 1);
        QCOMPARE(derive(job).report.verdict, Verdict::Same); // the set stays
        Derived derived = derive(job);
        while (currentStep(job, derived)->id != StepId::Settle) {
            QVERIFY(!apply(job, derived, WorkEvent::Done, {}, noon));
            derived = derive(job);
        }
        QCOMPARE(job.log.back().kind, Event::Kind::Strung);
        QCOMPARE(job.log.back().string, std::size_t(2));
        QVERIFY(repeated(job, derived).method.stretch && !repeated(job, derived).work.broken);
        QVERIFY(!job.method.stretch);
        setBroken(job, std::nullopt);
        QVERIFY(job.method.stretch);
        QVERIFY(stepsOf(job).size() > 2 * steps.size() - 4); // the whole set again
    }

    /// What is measured once of the head tells how long each string is cut and how much of it is wound.
    void theHeadIsMeasuredOnce() {
        Job job = demoJob(0).value();
        job.measured.erase(QStringLiteral("strings.nutTail"));
        const auto cut = [&](std::size_t i) { return cutLengthOf_m(job, job.rig.strings[i]); };
        job.card.headstock = Headstock::OneSide;
        job.card.head = {};
        spreadPosts(job);
        const double before = cut(0);
        job.card.head.clamped_m = 0.0035; // a millimetre more than is assumed
        QVERIFY(std::abs(cut(0) - before - 0.001) < 1e-9);
        job.card.head.firstPost_m = 0.040;
        job.card.head.spacing_m = 0.028;
        spreadPosts(job);
        QVERIFY(job.measured.contains(QStringLiteral("strings.nutTail")));
        QCOMPARE(job.rig.strings[3].nutTail_m, 0.040 + 3 * 0.028);
        job.card.headstock = Headstock::Split;
        spreadPosts(job);
        QCOMPARE(job.rig.strings.back().nutTail_m, job.rig.strings.front().nutTail_m);
        job.card.head.post_m = 0.009; // a thicker one winds up more
        QVERIFY(slackOf(job, job.rig.strings[0]).slack_m > 0.0);
        const double thick = slackOf(job, job.rig.strings[0]).slack_m;
        job.card.head.post_m = 0.005;
        QVERIFY(slackOf(job, job.rig.strings[0]).slack_m < thick);
    }

    void anotherPullAsksForTheNeck() {
        Job job = demoJob(0).value();
        job.work.extras.clear();
        const auto hasRelief = [&] {
            const QList<Step> steps = stepsOf(job);
            return std::any_of(steps.begin(), steps.end(), [](const Step& step) { return step.id == StepId::Relief; });
        };
        for (std::size_t i = 0; i < job.off.size(); ++i)
            job.off[i] = {job.rig.strings[i].wire, job.rig.strings[i].target_Hz};
        QVERIFY(!hasRelief());
        for (auto& string : job.off)
            string.target_Hz *= 1.08; // 17 % more pull before
        QVERIFY(!hasRelief());
        for (auto& string : job.off)
            string.target_Hz *= 1.08;
        QVERIFY(hasRelief());
    }

    void everyStepOfAnyGuitarHasItsWords() {
        std::mt19937 random(11);
        for (int k = 0; k < 60; ++k) {
            const Job job = anyJob(random);
            const Derived derived = derive(job);
            Units inches;
            inches.inches = true;
            for (const Step& step : stepsOf(job)) {
                const StepWords words = stepWords(job, derived, step, k % 2 ? inches : Units());
                for (const QString& text : {words.title, words.act, words.why, words.doneWhen})
                    QVERIFY2(!text.trimmed().isEmpty(), qPrintable(step.name()));
                QVERIFY2(words.act.size() < 90, qPrintable(words.act)); // one short sentence
                for (const QString& text : {words.act, words.figures, words.tools, words.caution})
                    QVERIFY2(!text.contains(QLatin1String("nan")) && !text.contains(QLatin1String("%1")),
                             qPrintable(step.name() + QLatin1String(": ") + text));
            }
        }
    }

    void figuresSayWhatFineTunersAndArmCanDo() {
        Job job = demoJob(0).value();
        for (RigString& string : job.rig.strings)
            string.finePerTurn_m = 0.0004;
        const auto figures = [&job](StepId id) {
            Step step;
            step.id = id;
            return stepFigures(job, derive(job), step, Units());
        };
        QVERIFY(figures(StepId::PresetFine).contains(QLatin1String("to spare at least")));
        QVERIFY(figures(StepId::Lock).contains(QLatin1String("to spare at least")));
        for (RigString& string : job.rig.strings)
            string.fineAt_turns = string.fineTurns;
        QVERIFY(figures(StepId::Lock).contains(QLatin1String("would lack")));
        QVERIFY(figures(StepId::ReturnTest).contains(QLatin1String("Pulled up to its stop")));
        job.goal.angle_rad = job.rig.bridge.rearStop_rad;
        job.goal.deckLoad_Nm = 0.5;
        job.log.clear();
        QVERIFY2(figures(StepId::ReturnTest).contains(QLatin1String("only dives")),
                 qPrintable(figures(StepId::ReturnTest)));
    }

    /// Done from end to end, warned or not, nothing that can hurt is left standing.
    void atTheEndNothingIsLeftOpen() {
        std::mt19937 random(13);
        for (int k = 0; k < 40; ++k) {
            Job job = anyJob(random);
            const Derived derived = derive(job);
            for (int act = 0; act < 300 && currentStep(job, derive(job)); ++act)
                if (apply(job, derived, WorkEvent::Done, {}, noon))
                    QVERIFY(!apply(job, derived, WorkEvent::Overrule, QStringLiteral("seen"), noon));
            QVERIFY(!currentStep(job, derive(job)));
            const Hazards end = hazardsOf(job, derive(job));
            for (const Hazard hazard : {Hazard::BlockIn, Hazard::CapsOff, Hazard::InsertsOpen, Hazard::Unsettled,
                                        Hazard::Unlocked, Hazard::CoverOff})
                QVERIFY2(!end.has(hazard), qPrintable(hazardWords(hazard)));
            QVERIFY(end.has(Hazard::TensionOn));
            QCOMPARE(end.has(Hazard::ArmIn), job.rig.bridge.has().moves());
            QCOMPARE(job.work.state, JobState::Finished);
            QCOMPARE(minutesLeft(job, derived).p90, 0.0);
        }
    }

    void minutesLeftOnlyGoDown() {
        Job job = demoJob(0).value();
        job.log.clear();
        const Derived derived = derive(job);
        double last = minutesLeft(job, derived).p50;
        QVERIFY(minutesLeft(job, derived).p10 <= last && last <= minutesLeft(job, derived).p90);
        for (int act = 0; act < 300 && currentStep(job, derive(job)); ++act) {
            if (apply(job, derived, WorkEvent::Done, {}, noon))
                QVERIFY(!apply(job, derived, WorkEvent::Overrule, QStringLiteral("seen"), noon));
            const double now = minutesLeft(job, derived).p50;
            QVERIFY(now <= last + 1e-9);
            last = now;
        }
    }

    /// A reason given once does not stand for the next time the step is done.
    void aWarningPassedOverComesBackWithItsStep() {
        Job job = demoJob(0).value();
        job.log.clear();
        const Derived derived = derive(job);
        while (currentStep(job, derive(job))->id != StepId::BlockIn)
            QVERIFY(!apply(job, derived, WorkEvent::Done, {}, noon));
        QVERIFY(!apply(job, derived, WorkEvent::Skip, QStringLiteral("none at hand"), noon));
        while (currentStep(job, derive(job))->id != StepId::Slacken)
            QVERIFY(!apply(job, derived, WorkEvent::Done, {}, noon)); // nut, arm
        QCOMPARE(currentStep(job, derive(job))->id, StepId::Slacken);
        QVERIFY(apply(job, derived, WorkEvent::Done, {}, noon).has_value());
        QVERIFY(!apply(job, derived, WorkEvent::Overrule, QStringLiteral("held by hand"), noon));
        QVERIFY(!apply(job, derived, WorkEvent::Done, {}, noon));
        QVERIFY(!apply(job, derived, WorkEvent::Back, {}, noon));
        QCOMPARE(currentStep(job, derive(job))->id, StepId::Slacken);
        QVERIFY(apply(job, derived, WorkEvent::Done, {}, noon).has_value());
    }

    void stepsOfAnotherRouteDoNotCount() {
        Job job = demoJob(0).value();
        job.log.clear();
        job.work.records.append({QStringLiteral("no-such-step"), StepRecord::What::Done, {}, noon});
        job.work.records.append({QStringLiteral("swap:2"), StepRecord::What::Done, {}, noon});
        QVERIFY(!hazardsOf(job, derive(job)).has(Hazard::Unsettled)); // this guitar is not restrung one by one
        QCOMPARE(currentStep(job, derive(job))->id, StepId::LookOver);
    }
};

QTEST_GUILESS_MAIN(TestRoute)
#include "test_route.moc"
