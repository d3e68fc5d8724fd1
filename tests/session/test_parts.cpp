// SPDX-License-Identifier: GPL-3.0-or-later
// No bridge is told of parts that it does not have: every step, warning, method, tool and mishap of every family.
#include "domain/job/edits.h"
#include "domain/methods/methods.h"
#include "domain/work/preparing.h"
#include "domain/work/troubleshooting.h"
#include "domain/work/warnings.h"
#include "session/document/demo.h"
#include "widgets/text/step_words.h"

#include <QRegularExpression>
#include <QTest>

using namespace flenzo;

namespace {

const QString noon = QStringLiteral("2026-11-25T12:00:00");

/// A word of a part, and the guitars that have that part.
struct Part {
    const char* words;
    bool (*has)(const Job&);
};
const Part parts[] = {
    {"claw", [](const Job& job) { return job.rig.bridge.has().hasClaw(); }},
    {"plate|sustain block|knife edge", [](const Job& job) { return job.rig.bridge.has().hasClaw(); }},
    {"block in|block out|the block|padded", [](const Job& job) { return job.rig.bridge.has().hasClaw(); }},
    {"knife edge|bridge post", [](const Job& job) { return job.rig.bridge.has().heightAtPosts; }},
    {"pivot screw", [](const Job& job) { return job.rig.bridge.has().onScrews; }},
    {"insert|saddle clamp", [](const Job& job) { return job.rig.bridge.has().clampsAtSaddle; }},
    {"retainer bar", [](const Job& job) { return job.card.retainerBar; }},
    {"nut cap|\\bcaps?\\b", [](const Job& job) { return job.card.nut == Nut::Caps; }},
    {"\\block(ed|ing)? ?the nut|nut (is |un)?locked|after locking",
     [](const Job& job) { return job.card.nut != Nut::Open; }},
    {"fine tuner", [](const Job& job) { return hasFineTuners(job) && !job.rig.bridge.has().tunersAtBridge; }},
    {"bridge tuner|head clamp", [](const Job& job) { return job.rig.bridge.has().tunersAtBridge; }},
    {"\\bpegs?\\b|string post|winder|headstock", [](const Job& job) { return job.card.tuners != Tuners::AtBridge; }},
    {"back cover", [](const Job& job) { return job.card.cavityCover; }},
    {"\\barm\\b|\\bdives?\\b|pull-up|pull up", [](const Job& job) { return job.rig.bridge.has().moves(); }},
    {"\\blevel\\b|floats?\\b", [](const Job& job) { return job.rig.bridge.has().moves(); }},
    {"\\bshaft", [](const Job& job) { return job.rig.bridge.has().motion == Motion::Shaft; }},
    {"tailpiece", [](const Job& job) { return !job.rig.bridge.has().moves(); }},
};

/// A guitar of that family with everything asked of it, as a shop would have it.
Job guitar(Family family, const char* atOnce, bool decked) {
    Job job = demoJob(0).value();
    job.log.clear();
    job.work = Work();
    job.card = Card();
    setFamily(job, family);
    if (decked && job.rig.bridge.has().hasClaw() && !job.rig.bridge.has().divesOnly)
        setDecked(job, true);
    for (const char* extra : {"clean", "polish", "oil", "intonate", "height", "relief"})
        job.work.extras.insert(QLatin1String(extra));
    chooseMethod(job, QStringLiteral("atOnce"), QLatin1String(atOnce));
    return job;
}

void saysNothingOf(const Job& job, const QString& where, const QStringList& said) {
    for (const Part& part : parts) {
        if (part.has(job))
            continue;
        const QRegularExpression word(QLatin1String(part.words), QRegularExpression::CaseInsensitiveOption);
        for (const QString& text : said)
            QVERIFY2(!word.match(text).hasMatch(),
                     qPrintable(QStringLiteral("%1, %2: %3").arg(familyName(job.rig.bridge.family), where, text)));
    }
}

} // namespace

class TestParts : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void noFamilyIsToldOfPartsItLacks_data() {
        QTest::addColumn<int>("family");
        QTest::addColumn<QString>("atOnce");
        QTest::addColumn<bool>("decked");
        for (const FamilyTraits& has : families)
            for (const char* atOnce : {"all", "one"})
                for (const bool decked : {false, true})
                    QTest::addRow("%s %s %s", has.shortName, atOnce, decked ? "decked" : "")
                        << static_cast<int>(has.family) << QString::fromLatin1(atOnce) << decked;
    }

    void noFamilyIsToldOfPartsItLacks() {
        QFETCH(int, family);
        QFETCH(QString, atOnce);
        QFETCH(bool, decked);
        const Job job = guitar(static_cast<Family>(family), qPrintable(atOnce), decked);
        const Derived derived = derive(job);
        for (const Step& step : stepsOf(job)) {
            const StepWords words = stepWords(job, derived, step, Units());
            saysNothingOf(
                job, step.name(),
                {words.title, words.act, words.why, words.tools, words.caution, words.doneWhen, words.figures});
        }
        for (const MethodTopic& topic : methodTopics()) {
            if (!topic.appliesTo(job))
                continue;
            QStringList said{topic.title()};
            for (const MethodOption& option : topic.options)
                said << option.title() << option.reason();
            saysNothingOf(job, topic.name, said);
        }
        for (const Mishap& mishap : mishaps(job, Phase::Balance, {}))
            saysNothingOf(job, QStringLiteral("finder"),
                          {mishap.symptom, mishap.cause, mishap.remedy, mishap.prevention});
        saysNothingOf(job, QStringLiteral("tray"), toolsFor(job));
    }

    /// Every warning that this family can be given, with each step done out of turn.
    void warningsFitTheBridge() {
        for (const FamilyTraits& has : families)
            for (const char* atOnce : {"all", "one"}) {
                Job job = guitar(has.family, atOnce, false);
                for (int act = 0; act < 200; ++act) {
                    const Derived derived = derive(job);
                    const auto step = currentStep(job, derived);
                    if (!step)
                        break;
                    for (int id = 0; id < static_cast<int>(StepId::Count); ++id)
                        if (const auto warning = warningAt(job, derived, static_cast<StepId>(id)))
                            saysNothingOf(job, QStringLiteral("warning"), {*warning});
                    if (apply(job, derived, WorkEvent::Done, {}, noon))
                        QVERIFY(!apply(job, derived, WorkEvent::Overrule, QStringLiteral("shown"), noon));
                }
            }
    }
};

QTEST_GUILESS_MAIN(TestParts)
#include "test_parts.moc"
