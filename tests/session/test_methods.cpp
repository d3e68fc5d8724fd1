// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/operations/acts.h"
#include "core/simulation/rehearsal.h"
#include "domain/job/edits.h"
#include "domain/methods/method_figures.h"
#include "domain/methods/methods.h"
#include "domain/shop/costs.h"
#include "domain/work/workflow.h"
#include "session/document/demo.h"
#include "session/models/pace.h"
#include "store/job_json.h"
#include "widgets/text/step_words.h"
#include "widgets/text/wording.h"

#include <QDateTime>
#include <QTest>
#include <algorithm>
#include <cmath>

using namespace flenzo;

namespace {

Job demo(int index) {
    return demoJob(index).value();
}
/// A guitar on which every topic is open: double-locking, floating, caps, dark board, polish wanted.
Job everything() {
    Job job = demo(0);
    job.method.stretch = true;
    job.card.nut = Nut::Caps;
    job.card.tuners = Tuners::ThroughHole;
    job.card.board = Board::DarkUnlacquered;
    job.rig.bridge.family = Family::DoubleLocking;
    job.work.extras.insert(QStringLiteral("polish"));
    return job;
}
/// All that a technician sees of a way: steps, acts, costs, risk, order.
QString faceOf(const Job& job, const MethodCost& cost) {
    const Derived derived = derive(job);
    QString face = cost.risk;
    for (const Step& step : stepsOf(job)) {
        const StepWords words = stepWords(job, derived, step, Units());
        face += step.name() + QString::number(step.minutes) + words.act + words.figures;
    }
    for (const std::size_t string : job.method.order)
        face += QString::number(string);
    return face + QString::number(cost.passes.p50, 'f', 2) + QString::number(cost.minutes.p50, 'f', 2);
}

} // namespace

class TestMethods : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void everyWayShowsInStepsFiguresOrForecast() {
        // What is done under the block shows only where its height leaves something to do.
        Job higher = everything();
        chooseMethod(higher, QStringLiteral("blockHeight"), QStringLiteral("forward"));
        const Costs usual(everything()), overHigher(higher);
        for (const MethodTopic& topic : methodTopics()) {
            const bool underBlock = topic.name == QLatin1String("underBlock");
            const Job job = underBlock ? higher : everything();
            const Costs& costs = underBlock ? overHigher : usual;
            QVERIFY2(topic.appliesTo(job), qPrintable(topic.name));
            QStringList seen;
            for (const MethodOption& option : topic.options) {
                Job tried = job;
                chooseMethod(tried, topic.name, option.name);
                QCOMPARE(chosenMethod(tried, topic.name), option.name);
                const MethodCost cost = costs.of(topic.name, option.name);
                QVERIFY(cost.passes.p10 > 0.0 && cost.minutes.p10 > 10.0);
                QVERIFY(cost.passes.p10 <= cost.passes.p50 && cost.passes.p50 <= cost.passes.p90);
                const QString face = faceOf(tried, cost);
                QVERIFY2(!seen.contains(face), qPrintable(topic.name + QLatin1Char('=') + option.name));
                seen.append(face);
            }
        }
    }

    /// What was chosen costs what it costs as chosen.
    void theChosenWayAddsNothing() {
        const Job job = everything();
        const Costs costs(job);
        for (const MethodTopic& topic : methodTopics()) {
            const MethodCost same = costs.of(topic.name, chosenMethod(job, topic.name));
            QCOMPARE(same.passes.p50, costs.asChosen().passes.p50);
            QCOMPARE(same.minutes.p90, costs.asChosen().minutes.p90);
        }
    }

    void costsGoTheWayTheTradeSays() {
        const Job job = everything();
        const Costs costs(job);
        const auto passes = [&](const char* topic, const char* way) {
            return costs.of(QLatin1String(topic), QLatin1String(way)).passes.p50;
        };
        const auto minutes = [&](const char* topic, const char* way) {
            return costs.of(QLatin1String(topic), QLatin1String(way)).minutes.p50;
        };
        QVERIFY(passes("overshoot", "exact") > passes("overshoot", "aims"));
        QVERIFY(minutes("atOnce", "one") > 0.0);
        QVERIFY(minutes("wraps", "few") < minutes("wraps", "usual"));
        QVERIFY(minutes("stretching", "hard") <= minutes("stretching", "along"));
        QVERIFY(minutes("stretching", "ends") >= minutes("stretching", "along"));
        QVERIFY(minutes("clawSlack", "slackened") > minutes("clawSlack", "pitch"));
        QVERIFY(minutes("caps", "off") != minutes("caps", "loosened"));
        QVERIFY(minutes("winding", "tie") > minutes("winding", "under"));
        QVERIFY(minutes("boardCare", "wool") < minutes("boardCare", "guard"));
    }

    void topicsShowOnlyWhereTheyMatter() {
        const auto applies = [](const Job& job, const char* topic) {
            return methodTopic(QLatin1String(topic))->appliesTo(job);
        };
        const Job fulcrum = demo(2), shaft = demo(4), headless = demo(5);
        QVERIFY(!applies(fulcrum, "caps") && !applies(fulcrum, "ballEnd") && !applies(fulcrum, "lockWhen"));
        QVERIFY(!applies(shaft, "clawStep") && !applies(shaft, "cover") && !applies(shaft, "bridge"));
        QVERIFY(!applies(headless, "winding") && !applies(headless, "trim") && !applies(headless, "slackRule"));
        Job flush = everything();
        flush.rig.bridge.family = Family::DoubleLockingFlush;
        QVERIFY(!applies(flush, "bridge"));
        Job maple = everything();
        maple.card.board = Board::Maple;
        QVERIFY(!applies(maple, "boardCare"));
        Job decked = everything();
        chooseMethod(decked, QStringLiteral("bridge"), QStringLiteral("decked"));
        QVERIFY(decked.goal.deckLoad_Nm > 0.0 && !applies(decked, "blockHeight"));
        chooseMethod(decked, QStringLiteral("bridge"), QStringLiteral("floats"));
        QCOMPARE(decked.goal, everything().goal);
    }

    /// A guitar that is decked was so with its old set, unless it was said to have stood elsewhere; one that is to be
    /// decked now was not.
    void aDeckedGuitarWasDeckedBefore() {
        Job job = newJob(), toBeDecked = job;
        const OldSet level = job.oldSet();
        chooseMethod(toBeDecked, QStringLiteral("bridge"), QStringLiteral("decked"));
        QCOMPARE(toBeDecked.oldSet(), level);
        findDecked(job, true);
        QCOMPARE(job.goal, toBeDecked.goal);
        QVERIFY(job.oldSet().pressed_Nm > 0.0);
        QCOMPARE(job.oldSet().angle_rad, job.rig.bridge.rearStop_rad);
        findDecked(job, false);
        QCOMPARE(job.oldSet(), level);
        job.oldAngle_rad = radians(0.4);
        findDecked(job, true);
        QCOMPARE(job.oldSet().pressed_Nm, 0.0);
    }

    /// The stop measured after intake is where a decked plate lies, and where it lay.
    void whatRestsOnTheStopFollowsIt() {
        Job before = newJob();
        findDecked(before, true);
        Job after = before;
        after.rig.bridge.rearStop_rad = radians(-4.5);
        followStop(before, after);
        QCOMPARE(after.goal.angle_rad, radians(-4.5));
        QCOMPARE(after.oldSet().angle_rad, radians(-4.5));
        QVERIFY(after.oldSet().pressed_Nm > 0.0);
        Job floating = newJob();
        after = floating;
        after.rig.bridge.rearStop_rad = radians(-4.5);
        followStop(floating, after);
        QCOMPARE(after.goal, floating.goal);
        QCOMPARE(after.oldSet(), floating.oldSet());
        after.oldAngle_rad = radians(-9.0); // typed, and shown so; no plate goes there
        QCOMPARE(after.oldSet().angle_rad, radians(-4.5));
    }

    /// Where no guitar that the readings allow is brought home, nothing is promised, least of all that little is left.
    void whatCannotBeToldIsNotCalledNothing() {
        Derived derived = derive(everything());
        derived.remaining = RemainingWork{};
        const QString words = wording::outlook(derived);
        QVERIFY2(words.contains(QLatin1String("cannot be told")), qPrintable(words));
    }

    void theHousesWaysGoIntoANewJob() {
        Job job = newJob();
        for (const MethodTopic& topic : methodTopics())
            chooseMethod(job, topic.name, topic.options.last().name);
        Job next = newJob();
        applyShopDefaults(next, shopDefaultsOf(job));
        for (const MethodTopic& topic : methodTopics())
            if (topic.name != QLatin1String("bridge")) // floating or not is the guitar's
                QCOMPARE(chosenMethod(next, topic.name), topic.options.last().name);
        QCOMPARE(chosenMethod(next, QStringLiteral("bridge")), QStringLiteral("floats"));
    }

    void aForeignHouseChangesNothing() {
        Job next = newJob();
        applyShopDefaults(next, QStringLiteral("nonsense\natOnce=never\nunheardOf=all\n=\nbridge=decked\norder"));
        QCOMPARE(next, newJob());
    }

    void waysOutliveTheFile() {
        for (const MethodTopic& topic : methodTopics()) {
            Job job = everything();
            chooseMethod(job, topic.name, topic.options.last().name);
            const Result<Job> read = jobFromJson(jobToJson(job));
            QVERIFY2(read.ok(), qPrintable(topic.name));
            QCOMPARE(chosenMethod(read.value(), topic.name), topic.options.last().name);
        }
        Job old = everything(); // as files had it before the method knew of wraps
        QJsonObject json = jobToJson(old);
        QJsonObject work = json[QLatin1String("work")].toObject();
        work[QLatin1String("methods")] = QJsonObject{{QStringLiteral("wraps"), QStringLiteral("few")}};
        json[QLatin1String("work")] = work;
        QJsonObject method = json[QLatin1String("method")].toObject();
        method.remove(QLatin1String("fewWraps"));
        json[QLatin1String("method")] = method;
        QCOMPARE(chosenMethod(jobFromJson(json).value(), QStringLiteral("wraps")), QStringLiteral("few"));
    }

    /// What files called otherwise before is read, and written under its name of now only.
    void filesWithOlderNamesOpen() {
        Job job = everything();
        job.reason = QStringLiteral("buzzes at fret 9");
        const QJsonObject now = jobToJson(job);
        QJsonObject old = now, work = old[QLatin1String("work")].toObject();
        old[QLatin1String("story")] = old.take(QLatin1String("reason"));
        old[QLatin1String("habit")] = old.take(QLatin1String("method"));
        work[QLatin1String("schools")] = work.take(QLatin1String("methods"));
        old[QLatin1String("work")] = work;
        const Result<Job> read = jobFromJson(old);
        QVERIFY(read.ok());
        QCOMPARE(read.value().reason, job.reason);
        QCOMPARE(read.value().work.methods, job.work.methods);
        QCOMPARE(jobToJson(read.value()), now);
    }

    void theWayWithTheClawHasANameInFiles() {
        for (const ClawMethod way :
             {ClawMethod::EachScrew, ClawMethod::BothScrews, ClawMethod::Quarters, ClawMethod::CoarseThenQuarters}) {
            Job job = everything();
            job.method.claw = way;
            QCOMPARE(jobFromJson(jobToJson(job)).value().method.claw, way);
        }
        QJsonObject json = jobToJson(everything());
        const auto reads = [&](const QJsonObject& method) {
            json[QLatin1String("method")] = method;
            return jobFromJson(json);
        };
        QCOMPARE(reads({{QStringLiteral("oneScrew"), true}}).value().method.claw, ClawMethod::EachScrew); // older files
        QCOMPARE(reads({{QStringLiteral("oneScrew"), false}}).value().method.claw, ClawMethod::BothScrews);
        QVERIFY(!jobToJson(reads({{QStringLiteral("oneScrew"), true}}).value())[QLatin1String("method")]
                     .toObject()
                     .contains(QLatin1String("oneScrew")));
        const Result<Job> odd = reads({{QStringLiteral("claw"), QStringLiteral("by ear")}});
        QVERIFY(!odd.ok() && odd.fault().field.contains(QLatin1String("claw")));
    }

    void postsThatClampTakeNextToNoWraps() {
        Job job = everything();
        QCOMPARE(benchJobOf(job).method.wraps, Wraps::Usual);
        job.card.tuners = Tuners::Locking;
        QVERIFY(benchJobOf(job).method.wraps == Wraps::Clamped && job.method.wraps == Wraps::Usual);
        QCOMPARE(wrapsOf(job, job.rig.strings.front().wire), 0.5);
    }

    void slackFollowsWrapsAndPosts() {
        Job job = everything();
        const RigString& low = job.rig.strings.front();
        const SlackRules usual = slackOf(job, low);
        // One wrap takes pi (post + gauge).
        QVERIFY(std::abs(usual.slack_m - 2.5 * 3.14159265 * (assumedHead.post_m + low.wire.gauge_m)) < 1e-6);
        chooseMethod(job, QStringLiteral("wraps"), QStringLiteral("few"));
        QVERIFY(slackOf(job, low).slack_m < usual.slack_m);
        QVERIFY(slackOf(job, low).frets < usual.frets && slackOf(job, low).bow_m < usual.bow_m);
        // Every string reaches its own post: the last one's is the furthest away.
        const double enough_m = assumedHead.insertion_m + assumedHead.toSpare_m;
        for (const RigString& string : job.rig.strings)
            QCOMPARE(cutLengthOf_m(job, string),
                     string.scale_m + string.nutTail_m + slackOf(job, string).slack_m + enough_m);
        QVERIFY(cutLengthOf_m(job, job.rig.strings.back()) > cutLengthOf_m(job, low) + 0.09);
    }

    void lessPressureLowersTheNutAngle() {
        Job job = everything();
        const double more = nutAngleOf_rad(job, job.rig.strings.front());
        chooseMethod(job, QStringLiteral("nutAngle"), QStringLiteral("less"));
        QVERIFY(nutAngleOf_rad(job, job.rig.strings.front()) < more);
        chooseMethod(job, QStringLiteral("wraps"), QStringLiteral("few"));
        QVERIFY(nutAngleOf_rad(job, job.rig.strings.front()) < more);
    }

    void theForwardBlockJumpsAndTheNeutralDoesNot() {
        Job job = everything();
        const LevelSolution level = derive(job).report.level;
        QVERIFY(level.balanced());
        QCOMPARE(blockJump_cents(job, job.rig, level), 0.0);
        chooseMethod(job, QStringLiteral("blockHeight"), QStringLiteral("forward"));
        QVERIFY(blockAngle_rad(job) > job.goal.angle_rad);
        QVERIFY(blockJump_cents(job, job.rig, level) > 20.0);
    }

    void theFinePresetLiesInTheTravel() {
        Job job = everything();
        const double all = job.rig.strings.front().fineTurns;
        double last = all;
        for (const char* way : {"middle", "nearlyOut", "allOut"}) {
            chooseMethod(job, QStringLiteral("finePreset"), QLatin1String(way));
            QVERIFY(finePreset_turns(job) >= 0.0 && finePreset_turns(job) < last);
            last = finePreset_turns(job);
        }
    }

    /// Lifted into playing position gravity pulls the other way, so readings move; a bridge without mass does not.
    void liftingTheGuitarMovesItsReadings() {
        Job job = everything();
        const Derived derived = derive(job);
        const std::vector<double> shift = playingShift_cents(job.rig, derived.report.level.state);
        QCOMPARE(shift.size(), job.rig.strings.size());
        QVERIFY(std::all_of(shift.begin(), shift.end(), [](double s) { return std::isfinite(s); }));
        QVERIFY2(std::abs(shift.back()) > 0.02, qPrintable(QString::number(shift.back())));
        Rig light = job.rig;
        light.bridge.mass_kg = 1e-6;
        for (const double cents : playingShift_cents(light, settle(light, derived.report.level.state).state))
            QVERIFY(std::abs(cents) < 0.001);
    }

    void theShopsOwnMinutesReplaceTheAssumed() {
        std::vector<Job> done;
        for (int k = 0; k < 3; ++k) {
            Job job = demo(0);
            QDateTime at(QDate(2026, 5, 4 + k), QTime(10, 0));
            for (const auto& [step, minutes] :
                 {std::pair("look-over", 0), std::pair("slacken", 4 + k), std::pair("swap:1", 3),
                  std::pair("cut-old", 300), std::pair("dust", 0)}) {
                at = at.addSecs(60 * minutes);
                job.work.records.append({QLatin1String(step), StepRecord::What::Done, {}, at.toString(Qt::ISODate)});
            }
            done.push_back(job);
        }
        const auto usual = usualMinutesOf(done);
        QCOMPARE(usual.value(QStringLiteral("slacken")), 5.0); // the middle one
        QCOMPARE(usual.value(QStringLiteral("swap")), 3.0);    // whichever string
        QVERIFY(!usual.contains(QStringLiteral("cut-old")));   // a break, not work
        QVERIFY(!usual.contains(QStringLiteral("dust")));      // said in the same breath
        QVERIFY(!usual.contains(QStringLiteral("look-over"))); // nothing to count from
        done.pop_back();
        QVERIFY(usualMinutesOf(done).isEmpty()); // two say nothing
        Job next = demo(0);
        const double assumed = handMinutes(next);
        next.work.usualMinutes = usual;
        QCOMPARE(handMinutes(next), assumed + 3.0); // slackening was taken for two minutes
        QCOMPARE(jobFromJson(jobToJson(next)).value().work.usualMinutes, usual);
    }
};

QTEST_GUILESS_MAIN(TestMethods)
#include "test_methods.moc"
