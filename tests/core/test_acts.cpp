// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/operations/acts.h"
#include "core/statics/level.h"
#include "core/statics/pitch.h"
#include "core/statics/readings.h"
#include "support/rigs.h"

#include <QTest>
#include <cmath>

using namespace flenzo;
using flenzo::testing::sixString;

class TestActs : public QObject {
    Q_OBJECT
    Rig rig_ = sixString();
    State level_ = levelSolution(rig_, bareState(rig_), {}).state;

    std::vector<double> readings(const State& state) { return readings_cents(rig_, state); }

private Q_SLOTS:
    void aPegLandsWhereItIsTurnedTo_data() {
        QTest::addColumn<double>("to");
        for (const double to : {-500.0, -50.0, 0.0, 0.5, 80.0, 300.0})
            QTest::newRow(qPrintable(QString::number(to))) << to;
    }
    void aPegLandsWhereItIsTurnedTo() {
        QFETCH(double, to);
        for (std::size_t i = 0; i < 6; ++i) {
            const Outcome out = tunePeg(rig_, level_, i, frequencyAt_Hz(rig_.strings[i].target_Hz, to));
            QVERIFY(std::abs(readings(out.state)[i] - to) < 1e-6);
            // Settling again changes nothing: it was at rest.
            QVERIFY(std::abs(settle(rig_, out.state).state.angle_rad - out.state.angle_rad) < 1e-9);
            for (std::size_t j = 0; j < 6; ++j)
                if (j != i && std::abs(to) > 0.1)
                    QVERIFY2((readings(out.state)[j] < 0.0) == (to > 0.0), "raising one string flattens the others");
        }
    }

    void tighteningTheClawSharpensAndSinks() {
        double last_rad = 1.0;
        std::vector<double> last(6, -1e9);
        for (double turns = -1.0; turns <= 1.0; turns += 0.25) {
            const State state = turnClaw(rig_, level_, {turns, turns}).state;
            QVERIFY(state.angle_rad < last_rad);
            last_rad = state.angle_rad;
            const auto now = readings(state);
            for (std::size_t i = 0; i < 6; ++i) {
                QVERIFY(now[i] > last[i]);
                last[i] = now[i];
            }
        }
    }

    void oneScrewCountsHalfForAMiddleSpring() {
        Rig rig = rig_;
        for (Spring& spring : rig.springs)
            spring.slot = 0.5;
        QVERIFY(std::abs(turnClaw(rig, level_, {1.0, 0.0}).state.angle_rad -
                         turnClaw(rig, level_, {0.5, 0.5}).state.angle_rad) < 1e-10);
        for (Spring& spring : rig.springs)
            spring.slot = 0.0;
        QVERIFY(std::abs(turnClaw(rig, level_, {0.0, 1.0}).state.angle_rad - settle(rig, level_).state.angle_rad) <
                1e-10);
    }

    void aBrokenStringTipsTheBridgeBack() {
        for (std::size_t i = 0; i < 6; ++i) {
            const State state = removeString(rig_, level_, i).state;
            QVERIFY(state.angle_rad < 0.0);
            const auto now = readings(state);
            QVERIFY(std::isnan(now[i]));
            for (std::size_t j = 0; j < 6; ++j)
                if (j != i)
                    QVERIFY(now[j] > 20.0 && now[j] < 350.0);
        }
    }

    void aBlockKeepsAllFromMovingAndLetsGo() {
        State state = putBlock(rig_, level_, {Block::Kind::Captive, 0.0}).state;
        state = removeString(rig_, state, 0).state;
        QCOMPARE(state.angle_rad, 0.0);
        QVERIFY(std::abs(readings(state)[3]) < 1e-6);
        state = takeBlock(rig_, state).state;
        QVERIFY(state.angle_rad < radians(-0.5));
    }

    void lockingCarriesTheTensionOver() {
        const State locked = lockNut(rig_, level_).state;
        QVERIFY(std::abs(locked.angle_rad) < 1e-9);
        for (const double reading : readings(locked))
            QVERIFY(std::abs(reading) < 1e-6);
        // And a locked string answers more to the bridge: there is less of it to stretch.
        const double openShift = readings(turnClaw(rig_, level_, {0.25, 0.25}).state)[0];
        const double lockedShift = readings(turnClaw(rig_, locked, {0.25, 0.25}).state)[0];
        QVERIFY(openShift > 0.0 && lockedShift > 0.0);
        QCOMPARE(lockNut(rig_, locked).state.unstretchedLength_m, locked.unstretchedLength_m);
    }

    void raisingThePostsTiltsTheStringsDown() {
        const Rig raised = raisePosts(rig_, 0.001, 0.0);
        QCOMPARE(raised.strings.front().nutDrop_m, 0.001);
        QCOMPARE(raised.strings.back().nutDrop_m, 0.0);
        QVERIFY(std::abs(raised.strings[1].nutDrop_m - 0.0008) < 1e-12);
        QVERIFY(std::abs(raised.bridge.rearGap_m - rig_.bridge.rearGap_m - 0.0005) < 1e-12);
        const auto after = readings_cents(raised, settle(raised, level_).state);
        QVERIFY(std::abs(after.front()) > 0.1);
    }
};

QTEST_APPLESS_MAIN(TestActs)
#include "test_acts.moc"
