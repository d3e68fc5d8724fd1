// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/advise/prospect.h"
#include "support/rigs.h"
#include "support/stranger.h"

#include <QTest>
#include <algorithm>
#include <tuple>

using namespace flenzo;
using namespace flenzo::testing;

namespace {

BenchJob jobWith(double oldShare, std::size_t springs) {
    BenchJob job;
    job.rig = sixString();
    for (RigString& string : job.rig.strings)
        string.nutTail_m = 0.0; // a locked nut
    job.rig.nutLocked = true;
    job.rig.springs.resize(springs, job.rig.springs.front());
    job.old = {scaledSet(job.rig, oldShare)};
    if (const auto claw = clawBefore(job.rig, job.old))
        job.rig.claw.turns = *claw;
    job.habit.order = orderOf(OrderKind::LowToHigh, 6);
    return job;
}

struct Played {
    bool done = false;
    int passes = 0, claws = 0;
    double worst_cents = 0.0, plate_deg = 0.0;
};
Played play(BenchJob job, std::uint32_t seed) {
    Stranger guitar(job, seed);
    Insight insight;
    Played played;
    for (int act = 0; act < 150 && !played.done; ++act) {
        insight = learnFrom(job, insight);
        const Advice advice = adviseFrom(job, insight);
        if (advice.doubt) {
            job.log[advice.doubt->misfit.event].confirmed = true;
            insight = {};
            continue;
        }
        if (advice.act.what == NextAct::Do::Done || advice.act.what == NextAct::Do::Stuck) {
            played.done = advice.act.what == NextAct::Do::Done;
            break;
        }
        job.log.push_back(guitar.answer(advice.act));
    }
    const Counts counts = countsOf(job.log, job.pace);
    played.passes = counts.passes;
    played.claws = counts.clawVisits;
    for (std::size_t i = 0; i < 6; ++i)
        played.worst_cents = std::max(played.worst_cents, std::abs(guitar.reading_cents(i)));
    played.plate_deg = degrees(std::abs(guitar.angle_rad()));
    return played;
}

} // namespace

class TestStranger : public QObject {
    Q_OBJECT
private Q_SLOTS:
    /// The other model is a guitar at all: in tune and level with its old set, flat and sunk with slack strings.
    void theStrangerIsAGuitar() {
        const BenchJob job = jobWith(1.0, 3);
        Stranger guitar(job, 5);
        QVERIFY(guitar.angle_rad() < 0.0); // slack strings let the springs win
        NextAct read;
        for (std::size_t i = 0; i < 6; ++i)
            read.strings.push_back(i);
        read.gap = true;
        const Event event = guitar.answer(read);
        QCOMPARE(event.readings_cents.size(), std::size_t(6));
        QVERIFY(event.gap_m && *event.gap_m < job.rig.bridge.rearGap_m);
        // Near pitch, tuning one string sharper flattens the others.
        NextAct tune;
        tune.what = NextAct::Do::Tune;
        for (int pass = 0; pass < 3; ++pass)
            for (std::size_t i = 0; i < 6; ++i) {
                tune.aim = {i, 0.0, 0.0};
                QVERIFY(std::abs(guitar.answer(tune).to_cents) < 5.0);
            }
        const double before = guitar.reading_cents(5);
        tune.aim = {0, 60.0, 0.0};
        std::ignore = guitar.answer(tune);
        QVERIFY(guitar.reading_cents(5) < before);
        NextAct claw;
        claw.what = NextAct::Do::Claw;
        claw.turns = {1.0, 1.0};
        const double angle = guitar.angle_rad();
        QCOMPARE(guitar.answer(claw).kind, Event::Kind::Claw);
        QVERIFY(guitar.angle_rad() < angle);
    }

    void guitarsOfAnotherModelComeHome_data() {
        QTest::addColumn<double>("oldShare");
        QTest::addColumn<int>("springs");
        QTest::newRow("heavier") << 0.92 << 3;
        QTest::newRow("lighter") << 1.09 << 3;
        QTest::newRow("the same") << 1.0 << 3;
        QTest::newRow("four springs") << 0.95 << 4;
        QTest::newRow("two springs") << 0.97 << 2;
    }
    void guitarsOfAnotherModelComeHome() {
        QFETCH(double, oldShare);
        QFETCH(int, springs);
        std::vector<int> passes;
        int home = 0, guitars = 0;
        for (std::uint32_t seed = 1; seed <= 24; ++seed) {
            const Played played = play(jobWith(oldShare, static_cast<std::size_t>(springs)), seed);
            ++guitars;
            passes.push_back(played.passes);
            home += played.done && played.worst_cents <= 2.5 && played.plate_deg <= 0.2;
        }
        std::sort(passes.begin(), passes.end());
        QVERIFY2(home >= guitars - 1, qPrintable(QStringLiteral("%1 of %2 home").arg(home).arg(guitars)));
        const int middle = passes[passes.size() / 2], ninth = passes[passes.size() * 9 / 10];
        QVERIFY2(middle <= (springs > 2 ? 3 : 5) && ninth <= 10,
                 qPrintable(QStringLiteral("%1, %2").arg(middle).arg(ninth)));
    }

    /// Honest readings of an honest guitar of another make are not called wrong.
    void itsReadingsAreBelieved() {
        int questioned = 0, readings = 0;
        for (std::uint32_t seed = 50; seed < 70; ++seed) {
            BenchJob job = jobWith(0.95, 3);
            Stranger guitar(job, seed);
            for (int act = 0; act < 16; ++act) {
                const Advice advice = advise(job);
                if (advice.doubt) {
                    ++questioned;
                    job.log[advice.doubt->misfit.event].confirmed = true;
                    continue;
                }
                if (advice.act.what == NextAct::Do::Done || advice.act.what == NextAct::Do::Stuck)
                    break;
                job.log.push_back(guitar.answer(advice.act));
                readings += static_cast<int>(job.log.back().readings_cents.size());
            }
        }
        QVERIFY(readings > 200);
        QVERIFY2(questioned <= 2, qPrintable(QString::number(questioned)));
    }
};

QTEST_GUILESS_MAIN(TestStranger)
#include "test_stranger.moc"
