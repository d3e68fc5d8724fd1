// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/job/edits.h"
#include "domain/methods/methods.h"
#include "domain/work/route.h"
#include "domain/work/warnings.h"
#include "session/document/demo.h"
#include "store/job_json.h"
#include "widgets/text/step_words.h"

#include <QJsonDocument>
#include <QTest>

using namespace flenzo;

namespace {

const QString noon = QStringLiteral("2026-11-26T12:00:00");

Job locking() {
    Job job = demoJob(0).value();
    job.log.clear();
    return job;
}
StepId at(const Job& job) {
    const auto step = currentStep(job, derive(job));
    return step ? step->id : StepId::Count;
}
Event simple(Event::Kind kind) {
    Event event;
    event.kind = kind;
    return event;
}
void readAll(Job& job, double cents) {
    for (std::size_t i = 0; i < job.rig.strings.size(); ++i)
        job.log.push_back(Event::read(i, cents));
}

} // namespace

/// The step follows the log, and what was said goes before it.
class TestProgress : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void aFreshJobBeginsAtTheBeginning() {
        QCOMPARE(at(locking()), StepId::LookOver);
        QVERIFY(metByLog(locking(), derive(locking())).isEmpty());
    }

    /// A guitar that comes in mid-job: its strings sound, so they are on, and it is being tuned.
    void stringsThatSoundAreOn() {
        Job job = locking();
        readAll(job, -180.0);
        QCOMPARE(at(job), StepId::RoughTune);
        const Hazards hazards = hazardsOf(job, derive(job));
        QVERIFY(hazards.has(Hazard::TensionOn) && hazards.has(Hazard::Unsettled) && !hazards.has(Hazard::InsertsOpen));
        QVERIFY(hazards.has(Hazard::CapsOff) && !hazards.has(Hazard::ArmIn));
        const Progress progress = progressOf(job, derive(job));
        for (qsizetype k = 0; k < progress.steps.size(); ++k)
            QCOMPARE(progress.states[k] == StepState::Done,
                     progress.phases[k] < Phase::Balance || progress.steps[k].id == StepId::BlockOut);
    }

    /// Over a block the strings are on too, but the block has still to come out.
    void aBlockThatIsInHasToComeOut() {
        Job job = locking();
        Event block = simple(Event::Kind::Block);
        job.log.push_back(block);
        readAll(job, -5.0);
        QVERIFY(!metByLog(job, derive(job)).contains(QStringLiteral("block-out")));
        QVERIFY(hazardsOf(job, derive(job)).has(Hazard::BlockIn));
        job.log.push_back(simple(Event::Kind::Unblock));
        QVERIFY(metByLog(job, derive(job)).contains(QStringLiteral("block-out")));
    }

    /// What readings show can change with the next one, and the path goes back with it.
    void aStringThatFallsFarLeadsBack() {
        Job job = locking();
        readAll(job, 4.0);
        QVERIFY(at(job) != StepId::RoughTune);
        job.log.push_back(Event::read(2, -400.0));
        job.log.back().confirmed = true;
        QCOMPARE(at(job), StepId::RoughTune);
    }

    void aLockedNutWasReady() {
        Job job = locking();
        job.method.stretch = false;
        readAll(job, 0.0);
        job.log.push_back(simple(Event::Kind::Lock));
        const QSet<QString> met = metByLog(job, derive(job));
        for (const char* step : {"settle", "level", "tune", "lock"})
            QVERIFY2(met.contains(QLatin1String(step)), step);
        QVERIFY(!hazardsOf(job, derive(job)).has(Hazard::CapsOff));
        // What nobody said of the fine tuners is still asked for at the lock.
        QVERIFY(missingForLock(job, derive(job)).join(QLatin1Char(' ')).contains(QLatin1String("preset")));
    }

    /// Whoever goes back to a step means it, whatever the log shows; done is done again.
    void goingBackBeatsTheLog() {
        Job job = locking();
        readAll(job, -180.0);
        QVERIFY(!apply(job, derive(job), WorkEvent::Back, {}, noon));
        const StepId before = at(job);
        QVERIFY(before != StepId::RoughTune);
        QVERIFY(!apply(job, derive(job), WorkEvent::Done, {}, noon));
        QCOMPARE(at(job), StepId::RoughTune);
    }

    void stringsAreChangedOneByOneAsTheySound() {
        Job job = demoJob(2).value();
        job.log.clear();
        job.log.push_back(Event::tuned(0, 0.0));
        const QSet<QString> met = metByLog(job, derive(job));
        QVERIFY(met.contains(QStringLiteral("swap:0")) && !met.contains(QStringLiteral("swap:1")));
        QCOMPARE(at(job), StepId::SwapString);
    }

    void ticksComeBackFromTheFile() {
        Job job = locking();
        job.work.ticks[QStringLiteral("seat")] = {tickName(QStringLiteral("seated"), 3)};
        const Result<Job> again = jobFromJson(jobToJson(job));
        QVERIFY(again.ok());
        QCOMPARE(again.value().work.ticks, job.work.ticks);
        QVERIFY(isTicked(again.value(), StepId::Seat, QStringLiteral("seated"), 3));
        QVERIFY(!isTicked(again.value(), StepId::Seat, QStringLiteral("seated"), 2));
        QByteArray wrong = jobBytes(job);
        wrong.replace("\"seated:3\"", "17");
        const Result<Job> refused = jobFromJson(QJsonDocument::fromJson(wrong).object());
        QVERIFY(!refused.ok() && refused.fault().sentence().contains(QLatin1String("ticks")));
    }

    void theLastStringOfAShaftIsGuarded() {
        Job job = demoJob(4).value();
        job.log.clear();
        QCOMPARE(job.rig.bridge.family, Family::RollerShaft);
        chooseMethod(job, QStringLiteral("atOnce"), QStringLiteral("all"));
        for (std::size_t i = 0; i < job.rig.strings.size(); ++i)
            if (i != remainingString(job)) {
                job.work.ticks[QStringLiteral("slacken")].append(tickName(QStringLiteral("slack"), i));
                QVERIFY(!warningAt(job, derive(job), StepId::Slacken));
            }
        job.work.ticks[QStringLiteral("slacken")].append(tickName(QStringLiteral("slack"), *remainingString(job)));
        QVERIFY(warningAt(job, derive(job), StepId::Slacken)->contains(QLatin1String("hold the shaft")));
    }

    void bridgePostsAreNotTurnedUnderTension() {
        Job job = locking();
        job.work.extras.insert(QStringLiteral("height"));
        readAll(job, 0.0);
        job.work.records.append({QStringLiteral("settle"), StepRecord::What::Done, {}, noon});
        QVERIFY(warningAt(job, derive(job), StepId::Height)->contains(QLatin1String("bridge posts")));
    }

    /// The kind of bridge brings what belongs to it, and nothing contradicts it.
    void theKindOfBridgeBringsWhatBelongsToIt() {
        Job job = newJob();
        for (const FamilyTraits& one : families) {
            setFamily(job, one.family);
            const bool locks = job.rig.bridge.has().clampsAtSaddle;
            QCOMPARE(job.card.nut == Nut::Caps, locks);
            QCOMPARE(job.card.retainerBar, locks);
            QCOMPARE(job.card.cavityCover, hasClaw(job.rig));
            const bool headless = one.family == Family::Headless;
            QCOMPARE(job.card.tuners == Tuners::AtBridge, headless);
            QCOMPARE(job.card.headstock == Headstock::None, headless);
            QVERIFY(!unreadable(job).has_value());
        }
    }

    /// No step speaks of hardware that this guitar does not have.
    void wordsAreTrueOfTheBuild_data() {
        QTest::addColumn<int>("kind");
        QTest::addColumn<QStringList>("never");
        const QString claw = QStringLiteral("claw"), caps = QStringLiteral("nut cap"),
                      insert = QStringLiteral("insert"), clamps = QStringLiteral("saddle clamp"),
                      posts = QStringLiteral("bridge post"), plate = QStringLiteral("plate "),
                      fine = QStringLiteral("fine tuner"), shaft = QStringLiteral("shaft"),
                      wraps = QStringLiteral("wraps hold"), block = QStringLiteral("sustain block");
        QTest::newRow("double-locking") << 0 << QStringList{shaft, block};
        QTest::newRow("two posts") << 2 << QStringList{caps, insert, clamps, shaft};
        QTest::newRow("six screws") << 3 << QStringList{caps, insert, clamps, shaft};
        QTest::newRow("headless") << 4 << QStringList{caps, insert, clamps, shaft, wraps};
        QTest::newRow("roller shaft") << 5 << QStringList{claw, caps, insert, clamps, plate, fine};
        QTest::newRow("fixed") << 6 << QStringList{claw, caps, insert, clamps, posts, plate, fine, shaft};
    }
    void wordsAreTrueOfTheBuild() {
        QFETCH(int, kind);
        QFETCH(QStringList, never);
        Job job = newJob();
        setFamily(job, static_cast<Family>(kind));
        job.work.extras = {QStringLiteral("clean"), QStringLiteral("polish"), QStringLiteral("oil"),
                           QStringLiteral("intonate"), QStringLiteral("height")};
        const Derived derived = derive(job);
        for (const Step& step : stepsOf(job)) {
            const StepWords words = stepWords(job, derived, step, {});
            QVERIFY2(words.act.split(QLatin1Char(' ')).size() <= 9, qPrintable(words.act));
            for (const QString& text : {words.title, words.act, words.why, words.tools, words.caution, words.doneWhen})
                for (const QString& word : never)
                    QVERIFY2(!text.contains(word, Qt::CaseInsensitive),
                             qPrintable(step.name() + QStringLiteral(": ") + text));
        }
    }
};

QTEST_MAIN(TestProgress)
#include "test_progress.moc"
