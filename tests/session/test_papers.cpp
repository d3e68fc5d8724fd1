// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/simulation/simulated_guitar.h"
#include "domain/job/compare.h"
#include "domain/job/trends.h"
#include "domain/work/troubleshooting.h"
#include "domain/work/workflow.h"
#include "session/document/demo.h"
#include "session/models/pass_sheet.h"
#include "session/models/sheet.h"
#include "store/job_json.h"

#include "support/bench.h"
#include <QRegularExpression>

#include <QTest>
#include <QXmlStreamReader>
#include <algorithm>

using namespace flenzo;
using namespace flenzo::testing;

namespace {

/// A demo job played by the adviser to its end.
Job finished(int index) {
    Job job = demoJob(index).value();
    SimulatedGuitar guitar(benchJobOf(job), UncertaintyModel(), job.simulatedSeed.value_or(1));
    guitar.follow(job.log);
    for (int act = 0; act < 250; ++act) {
        const Advice advice = advise(benchJobOf(job));
        if (isOver(advice.act))
            break;
        job.log.push_back(guitar.perform(advice.act));
    }
    return job;
}

void everyDemo() {
    QTest::addColumn<int>("index");
    for (int index = 0; index < static_cast<int>(demoNames().size()); ++index)
        QTest::newRow(qPrintable(demoNames().at(index))) << index;
}

} // namespace

class TestPapers : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void theSheetHoldsTheWholeJob_data() { everyDemo(); }
    void theSheetHoldsTheWholeJob() {
        QFETCH(int, index);
        Job job = finished(index);
        job.guitar = QStringLiteral("Drift & Anchor <seven>");
        job.work.ownersNote = QStringLiteral("Stretch \"gently\" & often");
        job.work.parts = QStringLiteral("one insert");
        job.work.followUps = QStringLiteral("relief");
        job.work.due = QDate(2027, 3, 9);
        job.work.records.append({QStringLiteral("slacken"), StepRecord::What::Skipped, QStringLiteral("came in slack"),
                                 QStringLiteral("2026-11-25T10:00:00")});
        const QString html = jobSheetHtml(job, derive(job));
        QVERIFY(html.contains(QLatin1String("Drift &amp; Anchor &lt;seven&gt;")));
        QVERIFY(!html.contains(QLatin1String("<seven>")));
        for (const char* part : {"one insert", "relief", "2027", "came in slack", "&amp; often"})
            QVERIFY2(html.contains(QLatin1String(part)), part);
        QVERIFY(!html.contains(QLatin1String("nan")) && !html.contains(QLatin1String("%1")));
        QVERIFY(!html.contains(QLatin1String("http://")) && !html.contains(QLatin1String("src="))); // no outside parts
        for (const RigString& string : job.rig.strings)
            QVERIFY(html.contains(QStringLiteral("<td>%1</td>").arg(QString::fromStdString(string.name))));
        // Every tag that opens is closed.
        for (const char* tag : {"table", "tr", "td", "th", "h1", "h2", "b", "p"}) {
            const QString name = QLatin1String(tag);
            const auto opened = html.count(QRegularExpression(QStringLiteral("<%1[ >]").arg(name)));
            QCOMPARE(html.count(QStringLiteral("</%1>").arg(name)), opened);
        }
    }

    /// Once is chance; the same string at the same place again is worth a look, and so is one that hangs again and
    /// again.
    void whatIsSeenTwiceIsSaid() {
        Job once = demoJob(0).value();
        once.log.clear();
        once.work.broken = once.rig.strings.size() - 1;
        once.work.brokeAt = BreakPlace::Saddle;
        Job elsewhere = once, hangs = once, returns = once;
        elsewhere.work.brokeAt = BreakPlace::Nut;
        QVERIFY(trendsOf({once, elsewhere}).isEmpty());
        const QStringList twice = trendsOf({once, elsewhere, once});
        QCOMPARE(twice.size(), 1);
        QVERIFY2(twice.first().contains(QLatin1String("String 1 broke at the saddle, 2 times")),
                 qPrintable(twice.first()));
        hangs.work.broken.reset();
        hangs.work.returns = {{{}, {{0, 0, 0, 0, 0, 0, 0}, {1, 1, 1, 1, 6, 1, 1}, {-1, -1, -1, -1, -4, -1, -1}}}};
        returns.work.broken.reset();
        returns.work.returns = {
            {{}, {{0, 0, 0, 0, 0, 0, 0}, {9, 9, 9, 9, 9, 9, 9}, {-9, -9, -9, -9, -9, -9, -9}}}}; // the plate
        QVERIFY(trendsOf({hangs, returns}).isEmpty());
        const QStringList often = trendsOf({hangs, returns, hangs});
        QCOMPARE(often.size(), 1);
        QVERIFY2(often.first().contains(QLatin1String("String 3 did not come back from the arm in 2 of 3")),
                 qPrintable(often.first()));
        QVERIFY(trendsOf({hangs, returns, hangs, returns, returns}).isEmpty()); // mended
    }

    /// Whatever a job from elsewhere holds, in a browser the sheet is text.
    void aHostileJobMakesAnInertSheet() {
        Job job = finished(0);
        const QString evil = QStringLiteral("<script>x</script>'\"><img src=x onerror=x>");
        job.guitar = job.owner = job.reason = evil;
        job.onPicks.setName = job.onPicks.tuningName = job.offPicks.setName = evil;
        job.work.ownersNote = job.work.parts = job.work.followUps = job.work.technician = evil;
        job.work.records = {{evil, StepRecord::What::Note, evil, {}}, {evil, StepRecord::What::Photo, evil, {}}};
        job.rig.strings[0].name = "<script>"; // as long as a name may be
        for (Event& event : job.log)
            event.note = evil.toStdString();
        const auto refused = unreadable(job); // an import would bring it in
        QVERIFY2(!refused, refused ? qPrintable(refused->sentence()) : "");
        const QString html = jobSheetHtml(job, derive(job));
        QVERIFY(html.contains(QLatin1String("&lt;script&gt;")));
        for (const char* part : {"<script", "<img", "'\">"})
            QVERIFY2(!html.contains(QLatin1String(part)), part);
    }

    /// Columns of the sheet follow the log: a start, passes numbered from one, and what was read is what was typed.
    void theSheetsColumnsFollowTheLog_data() { everyDemo(); }
    void theSheetsColumnsFollowTheLog() {
        QFETCH(int, index);
        const Job job = finished(index);
        const Derived derived = derive(job);
        const std::vector<SheetColumn> columns = buildPassSheet(job, derived);
        QVERIFY(!columns.empty());
        if (!job.log.empty())
            QCOMPARE(columns.front().kind, SheetColumn::Kind::Start);
        int number = 0;
        for (const SheetColumn& column : columns) {
            QCOMPARE(column.cells.size(), job.rig.strings.size() + 1); // the plate
            if (column.kind != SheetColumn::Kind::Pass)
                continue;
            QVERIFY(column.number > number);
            number = column.number;
        }
        QCOMPARE(number, static_cast<int>(passesOf(job.log).size()));
    }

    void aJobComparedWithItselfDiffersInNothing() {
        const Job job = demoJob(0).value();
        for (const QString& line : differencesOf(job, job))
            QVERIFY2(line.contains(QLatin1String("both times")) || line.contains(QLatin1String("same")),
                     qPrintable(line));
    }

    void whatDiffersIsNamed() {
        const Job earlier = demoJob(0).value();
        Job later = earlier;
        for (RigString& string : later.rig.strings)
            string.wire.gauge_m *= 1.1;
        later.onPicks.setName = QStringLiteral("a thicker set");
        later.onPicks.tuningName = QStringLiteral("a lower one");
        const QString said = differencesOf(earlier, later).join(QLatin1Char('\n'));
        QVERIFY(said.contains(QLatin1String("a thicker set")) && said.contains(QLatin1String("a lower one")));
        QVERIFY(said.contains(QLatin1String("Pull")));
        QVERIFY(differencesOf(later, earlier) != differencesOf(earlier, later));
    }

    void theFinderFindsByEveryPartOfAMishap() {
        const Job job = demoJob(0).value();
        for (const Mishap& mishap : mishaps(job, Phase::Balance, {})) {
            const auto finds = [&](const QString& words) {
                const QList<Mishap> found = mishaps(job, Phase::Balance, words);
                return std::any_of(found.begin(), found.end(),
                                   [&](const Mishap& one) { return one.symptom == mishap.symptom; });
            };
            QVERIFY2(finds(mishap.symptom.section(QLatin1Char(' '), 0, 1)), qPrintable(mishap.symptom));
            QVERIFY2(finds(mishap.symptom.toUpper().section(QLatin1Char(' '), -1)), qPrintable(mishap.symptom));
            QVERIFY(!mishap.likelyAt.isEmpty());
        }
    }

    void everyPhaseHasItsLikelyMishapsFirst() {
        const Job job = demoJob(0).value();
        for (int p = 0; p <= static_cast<int>(Phase::HandOver); ++p) {
            const auto phase = static_cast<Phase>(p);
            const QList<Mishap> list = mishaps(job, phase, {});
            bool others = false;
            for (const Mishap& mishap : list) {
                const bool likely = mishap.likelyAt.contains(phase);
                QVERIFY(!(likely && others)); // none of the likely ones after the others
                others = others || !likely;
            }
            QCOMPARE(list.size(), mishaps(job, Phase::Lock, {}).size());
        }
    }

    void aRepeatedJobStartsCleanAndKeepsTheGuitar() {
        Job last = finished(0);
        last.card.contact = QStringLiteral("rings after six");
        last.card.photos = {QStringLiteral("posts.png")};
        last.work.parts = QStringLiteral("one insert");
        last.work.records.append({QStringLiteral("slacken"), StepRecord::What::Done, {}, QStringLiteral("x")});
        const Job next = repeated(last, derive(last));
        QCOMPARE(next.card, last.card);
        QCOMPARE(next.guitar, last.guitar);
        QVERIFY(next.log.empty() && next.work.records.isEmpty() && next.work.parts.isEmpty());
        QCOMPARE(next.method, last.method);
        QVERIFY(next.prior && !next.simulatedSeed);
        QCOMPARE(next.off.size(), last.rig.strings.size());
        // The claw stands where the last job left it.
        QVERIFY(std::abs(next.rig.claw.turns.mean() - derive(last).now().state.claw.mean()) < 3.0);
    }
};

QTEST_GUILESS_MAIN(TestPapers)
#include "test_papers.moc"
