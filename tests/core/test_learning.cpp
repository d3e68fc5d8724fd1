// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/advise/adviser.h"
#include "core/balance/readings.h"
#include "core/learn/track.h"
#include "core/setup/photo_level.h"
#include "core/trial/trial.h"
#include "support/rigs.h"

#include <QTest>
#include <algorithm>
#include <cmath>
#include <numbers>

using namespace flenzo;
using namespace flenzo::testing;

namespace {

BenchJob lighterJob() {
    BenchJob job;
    job.rig = sixString();
    job.old = {scaledSet(job.rig, 1.08)};
    job.rig.claw.turns = *clawBefore(job.rig, job.old);
    job.habit.order = orderOf(OrderKind::LowToHigh, 6);
    return job;
}

/// A log as the adviser and a hidden guitar make it.
std::vector<Event> playedLog(BenchJob job, std::uint32_t seed, int acts) {
    HiddenGuitar guitar(job, seed);
    for (int a = 0; a < acts; ++a) {
        const NextAct act = advise(job).act;
        if (act.what == NextAct::Do::Done || act.what == NextAct::Do::Stuck)
            break;
        job.log.push_back(guitar.answer(act));
        guitar.hear(job.log.back());
    }
    return job.log;
}

Event angleRead(double angle_rad, double deviation_rad) {
    Event event;
    event.angle_rad = angle_rad;
    event.angleDeviation_rad = deviation_rad;
    return event;
}

Event readAll(double cents) {
    Event event;
    for (std::size_t i = 0; i < 6; ++i)
        event.readings_cents.emplace_back(i, cents);
    return event;
}

bool startsOrEndsARun(const std::vector<Event>& log, std::size_t after) {
    if (after == 0 || after == log.size())
        return true;
    const bool was = log[after - 1].kind == Event::Kind::Read, next = log[after].kind == Event::Kind::Read;
    return was != next;
}

} // namespace

class TestLearning : public QObject {
    Q_OBJECT
private Q_SLOTS:
    /// What a fit looks at is what a full replay finds, to the last digit.
    void theShortReplayAgreesWithTheFullOne() {
        const BenchJob job = lighterJob();
        for (const std::uint32_t seed : {3U, 4U, 5U}) {
            std::vector<Event> log = playedLog(job, seed, 40);
            Event block;
            block.kind = Event::Kind::Block;
            block.block.angle_rad = radians(0.4);
            Event unblock;
            unblock.kind = Event::Kind::Unblock;
            log.insert(log.end(), {block, Event::tuned(2, -4.0), Event::read(2, -4.5), unblock, Event::read(1, 3.0),
                                   Event::tuned(0, 0.0)});
            const State start = slackStart(job.rig, job.rig.claw.turns, job.slackStart_cents);
            const auto full = replay(job.rig, start, log);
            const auto lean = replay(job.rig, start, log, ReplayDetail::AtReadings);
            QCOMPARE(lean.size(), full.size());
            for (std::size_t k = 0; k < full.size(); ++k) {
                if (!startsOrEndsARun(log, k)) {
                    QVERIFY(lean[k].readings_cents.empty());
                    continue;
                }
                QCOMPARE(lean[k].state, full[k].state);
                QCOMPARE(lean[k].readings_cents, full[k].readings_cents);
                QCOMPARE(lean[k].everRead, full[k].everRead);
            }
        }
    }

    /// However readings of one moment are typed, one by one or at once, they mean the same.
    void aRunOfReadingsIsOneSnapshot() {
        const Rig rig = sixString();
        const State start = slackStart(rig, {}, -300.0);
        Event whole = readAll(-20.0);
        whole.gap_m = 0.0041;
        std::vector<Event> single;
        for (std::size_t i = 0; i < 6; ++i)
            single.push_back(Event::read(i, -20.0));
        single.push_back(Event::readGap(0.0041));
        const Standing at = replay(rig, start, {whole}).back(), by = replay(rig, start, single).back();
        QVERIFY(std::abs(at.state.angle_rad - by.state.angle_rad) < 1e-12);
        for (std::size_t i = 0; i < 6; ++i)
            QVERIFY(std::abs(at.state.rest_m[i] - by.state.rest_m[i]) < 1e-12);
        // Read twice, the mean counts.
        single.push_back(Event::read(3, -24.0));
        QVERIFY(std::abs(readings_cents(rig, replay(rig, start, single).back().state)[3] + 22.0) < 1e-6);
    }

    void anUnreadableStringOrAnUnknownOneIsPassedOver() {
        const Rig rig = sixString();
        const State start = slackStart(rig, {}, -300.0);
        Event beyond = Event::tuned(11, 0.0);
        const auto standings = replay(rig, start, {beyond, Event::read(9, 5.0)});
        QCOMPARE(standings[1].state, standings[0].state);
        QCOMPARE(standings[2].everRead, std::vector<bool>(6, false));
    }

    /// Unbounded steps of the solver end on the bound, never beyond, however wild the log.
    void learningStaysWithinItsBounds() {
        BenchJob job = lighterJob();
        for (const double gap_m : {0.0001, 0.012}) {
            job.log = {readAll(-900.0), Event::readGap(gap_m), Event::claw({6.0, 6.0}), readAll(300.0),
                       Event::readGap(0.0121 - gap_m)};
            const Fit fit = fitGuitar(job);
            QVERIFY(fit.mean.allFinite() && fit.covariance.allFinite());
            QVERIFY(fit.mean.cwiseAbs().maxCoeff() <= 3.5 + 1e-12);
            for (const Spring& spring : fit.rig.springs)
                QVERIFY(spring.rate_Npm > 0.0 && spring.initial_N >= 0.0);
        }
    }

    void learningFromAStartIsNoWorseThanFromNothing() {
        BenchJob job = lighterJob();
        job.log = playedLog(job, 11, 30);
        const Fit cold = fitGuitar(job);
        const Fit warm = fitGuitar(job, {}, cold.mean);
        QVERIFY(warm.cost <= cold.cost + 1e-6);
        QCOMPARE(warm.readings, cold.readings);
    }

    void theClawIsCorrectedInPlaceAndAnew() {
        BenchJob job = lighterJob();
        job.log = {Event::claw({2.0, 1.0}), readAll(-5.0), Event::claw({-0.5, -0.5})};
        const LearnedLayout layout(job);
        Eigen::VectorXd by = Eigen::VectorXd::Zero(layout.size());
        by[layout.hand(0)] = 1.0;
        by[layout.hand(1)] = -2.0;
        std::vector<Event> log = job.log;
        correctClaw(log, job, layout, by);
        QCOMPARE(log, correctedLog(job, layout, by));
        QVERIFY(std::abs(log[0].turns.bass - 2.0 * (1.0 + job.spread.clawHand)) < 1e-12);
        QVERIFY(std::abs(log[2].turns.treble + 0.5 * (1.0 - 2.0 * job.spread.clawHand)) < 1e-12);
        correctClaw(log, job, layout, by); // it goes by what was counted, not by what stands there
        QCOMPARE(log, correctedLog(job, layout, by));
    }

    /// A photo that is sure to half a degree moves belief less than a gauge that is sure to a twentieth.
    void aVagueAngleCountsForLess() {
        BenchJob job = lighterJob();
        job.log = {readAll(0.0), Event::readGap(0.004)};
        const auto believed = [&](double off_rad, double deviation_rad) {
            BenchJob read = job;
            read.log.push_back(angleRead(off_rad, deviation_rad));
            return track(read, read.rig, slackStart(read.rig, read.rig.claw.turns, -300.0), read.log).back();
        };
        const double far_rad = radians(0.6), near_rad = radians(0.04);
        const Standing sure = believed(far_rad, radians(0.05)), vague = believed(far_rad, radians(0.5));
        QVERIFY(std::abs(sure.state.angle_rad) > 2.0 * std::abs(vague.state.angle_rad));
        QVERIFY(believed(near_rad, radians(0.05)).deviation_rad < believed(near_rad, radians(0.5)).deviation_rad);
        // None given: as sure as the gauge.
        QVERIFY(believed(near_rad, 0.0).deviation_rad < believed(near_rad, radians(0.5)).deviation_rad);
    }

    /// A gauge that contradicts a confident model is believed.
    void aSurprisingGaugeIsBelieved() {
        BenchJob job = lighterJob();
        job.log = {readAll(0.0)};
        for (int k = 0; k < 6; ++k)
            job.log.push_back(Event::readGap(job.rig.bridge.rearGap_m));
        const auto standing = [&](double gap_m) {
            BenchJob read = job;
            read.log.insert(read.log.end(), {Event::tuned(0, -1.0), Event::readGap(gap_m)});
            return track(read, read.rig, slackStart(read.rig, read.rig.claw.turns, -300.0), read.log).back();
        };
        const double off_rad = radians(0.7);
        const Standing expected = standing(job.rig.bridge.rearGap_m);
        const Standing surprised = standing(gapAt_m(job.rig.bridge, off_rad));
        QVERIFY(std::abs(surprised.state.angle_rad - off_rad) < 0.35 * off_rad);
        QVERIFY(std::abs(expected.state.angle_rad) < radians(0.1));
    }

    void aPhotoTellsTheAngleBetweenTwoEdges() {
        const double plate_rad = radians(1.5), camera_rad = radians(4.0);
        const auto edge = [](double x, double y, double length, double ccw_rad) {
            const Eigen::Vector2d from(x, y);
            return Edge{from, from + length * Eigen::Vector2d(std::cos(ccw_rad), -std::sin(ccw_rad))};
        };
        const Edge top = edge(100.0, 400.0, 500.0, camera_rad);
        // Neck to the right: rear up means the plate falls to the right.
        const auto right = photoAngle(top, edge(120.0, 300.0, 220.0, camera_rad - plate_rad), true);
        QVERIFY(right && std::abs(right->angle_rad - plate_rad) < 1e-12);
        const auto left = photoAngle(top, edge(120.0, 300.0, 220.0, camera_rad + plate_rad), false);
        QVERIFY(left && std::abs(left->angle_rad - plate_rad) < 1e-12);
        // Marks may be set from either end.
        Edge turned = edge(120.0, 300.0, 220.0, camera_rad - plate_rad);
        std::swap(turned.from, turned.to);
        QVERIFY(std::abs(photoAngle(top, turned, true)->angle_rad - plate_rad) < 1e-12);
        // Longer edges are surer, and marks too close tell nothing.
        QVERIFY(photoAngle(top, edge(0, 0, 440.0, 0.0), true)->deviation_rad <
                photoAngle(top, edge(0, 0, 110.0, 0.0), true)->deviation_rad);
        QVERIFY(!photoAngle(top, edge(0, 0, 12.0, 0.0), true) && !photoAngle(Edge{{1, 1}, {1, 1}}, top, true));
        QVERIFY(!photoAngle(Edge{{0.0, std::nan("")}, {100.0, 0.0}}, top, true));
    }

    /// An upright picture's edges run through the vertical without a jump of half a turn.
    void aPhotoHeldUprightTellsTheSame() {
        const auto across = [](double from_rad) {
            const Edge top{{0.0, 0.0}, {300.0 * std::cos(from_rad), -300.0 * std::sin(from_rad)}};
            const double plate = from_rad - radians(2.0);
            return photoAngle(top, {{0.0, 0.0}, {300.0 * std::cos(plate), -300.0 * std::sin(plate)}}, true)->angle_rad;
        };
        for (double turn = -std::numbers::pi; turn < std::numbers::pi; turn += 0.1)
            QVERIFY(std::abs(across(turn) - radians(2.0)) < 1e-9);
    }
};

QTEST_GUILESS_MAIN(TestLearning)
#include "test_learning.moc"
