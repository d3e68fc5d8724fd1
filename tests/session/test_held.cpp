// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/job/held_readings.h"
#include "domain/shop/held.h"
#include "store/job_json.h"
#include "support/years.h"

#include <QTest>
#include <algorithm>
#include <cmath>
#include <random>

using namespace flenzo;
using namespace flenzo::testing;

namespace {

const HeldFinding* find(const HeldSays& says, HeldFinding::What what, const QString& subject = {}) {
    for (const HeldFinding& finding : says.findings)
        if (finding.what == what && (subject.isEmpty() || finding.subject == subject))
            return &finding;
    return nullptr;
}

} // namespace

class TestHeld : public QObject {
    Q_OBJECT
private Q_SLOTS:
    /// Where nothing is to be found, one shop in twenty at most is told of something.
    void silenceWhereThereIsNothing() {
        std::mt19937 random(20261204);
        int told = 0;
        for (int shop = 0; shop < 200; ++shop)
            told += heldOf(spansOf(years({}, random))).findings.empty() ? 0 : 1;
        QVERIFY2(told <= 14, qPrintable(QString::number(told))); // ten are expected at most
    }

    /// What is there is found in most shops, with its size.
    void whatIsThereIsFound() {
        std::mt19937 random(20261205);
        int settles = 0, damp = 0, worse = 0, wanders = 0, wrong = 0;
        for (int shop = 0; shop < 40; ++shop) {
            Truth truth;
            truth.settling_cents = -2.0;
            truth.perPercent = 0.5;
            truth.worseSet = QStringLiteral("Six, 11 to 49");
            truth.wanderer = 3;
            truth.wander_cents = -12.0;
            const HeldSays says = heldOf(spansOf(years(truth, random, 36)));
            if (const auto* found = find(says, HeldFinding::What::Settles)) {
                ++settles;
                wrong += found->low > -2.0 || found->high < -2.0 ? 1 : 0;
            }
            if (const auto* found = find(says, HeldFinding::What::Damp)) {
                ++damp;
                wrong += found->low > 0.5 || found->high < 0.5 ? 1 : 0;
            }
            if (const auto* found = find(says, HeldFinding::What::SetHolds, truth.worseSet)) {
                ++worse;
                QVERIFY(found->effect > 1.0);
            }
            if (const auto* found = find(says, HeldFinding::What::StringWanders)) {
                wanders +=
                    found->subject == QLatin1String("Guitar 3") && found->string == 2 && found->effect < 0.0 ? 1 : 0;
            }
        }
        QVERIFY2(settles >= 38 && damp >= 30, qPrintable(QStringLiteral("%1 %2").arg(settles).arg(damp)));
        QVERIFY2(worse >= 12 && wanders >= 20, qPrintable(QStringLiteral("%1 %2").arg(worse).arg(wanders)));
        QVERIFY2(wrong <= 12, qPrintable(QString::number(wrong)));
    }

    /// A span lies between two looks with no work between them, and of one and the same set.
    void spansByHand() {
        Job first, second;
        first.guitar = second.guitar = QStringLiteral("Blue Heron");
        first.onPicks.setName = QStringLiteral("nines");
        second.onPicks.setName = QStringLiteral("tens");
        first.work.held = {{HeldReading::When::Left, QStringLiteral("2026-01-01T12:00:00"), {0.0, 1.0}, 20.0, 40.0},
                           {HeldReading::When::Later, QStringLiteral("2026-01-02T12:00:00"), {-2.0, -1.0}, {}, 50.0}};
        second.work.held = {{HeldReading::When::CameIn, QStringLiteral("2026-03-02T12:00:00"), {4.0, -1.0}, 22.0, 35.0},
                            {HeldReading::When::Left, QStringLiteral("2026-03-02T15:00:00"), {0.0, 0.0}, {}, {}}};
        const std::vector<HeldSpan> spans = spansOf({second, first});
        QCOMPARE(spans.size(), std::size_t(2));
        QVERIFY(spans[0].kind == HeldSpan::Kind::Settling && spans[1].kind == HeldSpan::Kind::Holding);
        QCOMPARE(spans[0].mean_cents(), -2.0);
        QCOMPARE(spans[0].days, 1.0);
        QVERIFY(!spans[0].warmer_C && *spans[0].damper_percent == 10.0);
        QCOMPARE(spans[1].set, QStringLiteral("nines")); // it is that one which held
        QCOMPARE(spans[1].mean_cents(), 3.0);
        QCOMPARE(spans[1].own_cents(0), 6.0); // against the other
        QCOMPARE(spans[1].size_cents(), 3.0);
        QCOMPARE(*spans[1].damper_percent, -15.0);
        second.work.held.front().cents.push_back(0.0);
        QCOMPARE(spansOf({second, first}).size(), std::size_t(1));
        QVERIFY(heldOf({}).findings.empty() && heldOf(spans).sets.size() == 1);
        QCOMPARE(heldOf(spans).sets.front().settling_cents, -2.0);
    }

    /// How it leaves is what was read last, and nothing that was read before the claw was turned.
    void howItLeaves() {
        Job job = newJob();
        for (std::size_t i = 0; i < 6; ++i)
            job.log.push_back(Event::read(i, 5.0));
        job.log.push_back(Event::claw({0.25, 0.25}));
        QVERIFY(lastReadings_cents(job).empty());
        for (std::size_t i = 0; i < 6; ++i)
            job.log.push_back(Event::read(i, static_cast<double>(i)));
        QCOMPARE(lastReadings_cents(job), (std::vector<double>{0.0, 1.0, 2.0, 3.0, 4.0, 5.0}));
        heldAs(job.work, HeldReading::When::Left).humidity_percent = 45.0;
        noteLeft(job, QStringLiteral("2026-12-02T17:00:00"));
        QCOMPARE(job.work.held.size(), qsizetype(1));
        QCOMPARE(*job.work.held.front().humidity_percent, 45.0);
        // It came back and leaves again: how it left the first time stays.
        noteLeft(job, QStringLiteral("2026-12-05T17:00:00"));
        QCOMPARE(job.work.held.size(), qsizetype(2));
        QCOMPARE(job.work.held.front().at, QStringLiteral("2026-12-02T17:00:00"));
        for (int day = 1; day < 30; ++day)
            noteLeft(job, QStringLiteral("2027-01-%1T17:00:00").arg(day, 2, 10, QLatin1Char('0')));
        QCOMPARE(job.work.held.size(), mostHeld); // no more than a file takes
        QCOMPARE(job.work.held.last().at, QStringLiteral("2027-01-29T17:00:00"));
        const Result<Job> again = jobFromJson(jobToJson(job));
        QVERIFY(again.ok() && again.value().work.held == job.work.held);
    }
};

QTEST_GUILESS_MAIN(TestHeld)
#include "test_held.moc"
