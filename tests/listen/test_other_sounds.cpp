// SPDX-License-Identifier: GPL-3.0-or-later
// What is no string, and what was made with other hands than those the listener was made with.
#include "support/bench.h"
#include "support/bench_sounds.h"

#include <QTest>

using namespace flenzo;
using namespace flenzo::testing;

class TestOtherSounds : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void whatIsNoString_data() {
        QTest::addColumn<int>("kind");
        for (const auto& [kind, name] : sounds())
            if (!hasPlucks(kind))
                QTest::newRow(name) << static_cast<int>(kind);
    }
    void whatIsNoString() {
        QFETCH(int, kind);
        int readings = 0;
        for (std::uint32_t seed = 300; seed < 312; ++seed)
            readings += static_cast<int>(hear(soundCase(static_cast<Sound>(kind), seed)).readings.size());
        // A chord whose other strings are soft is their loudest string, now and then.
        QVERIFY2(readings <= (static_cast<Sound>(kind) == Sound::Chord ? 1 : 0), qPrintable(QString::number(readings)));
    }

    /// By another generator than the one it was made with: a hand that slows down, a palm, a converter that is cut off.
    void whatAnotherHandPlays_data() {
        QTest::addColumn<int>("kind");
        QTest::addColumn<int>("found");
        QTest::addColumn<double>("most_cents");
        const auto row = [](BenchSound kind, int found, double most) {
            QTest::newRow(benchSounds()[static_cast<std::size_t>(kind)].second)
                << static_cast<int>(kind) << found << most;
        };
        row(BenchSound::Clean, 10, 1.0);
        row(BenchSound::SlowingHand, 9, 2.0);
        row(BenchSound::Harmonic, 9, 1.5);
        row(BenchSound::SmallMicrophone, 9, 3.0);
        row(BenchSound::Clipped, 10, 4.0);
        row(BenchSound::PalmMuted, 7, 3.0);
        row(BenchSound::Room, 0, 0.0);
    }
    void whatAnotherHandPlays() {
        QFETCH(int, kind);
        QFETCH(int, found);
        QFETCH(double, most_cents);
        int heard = 0, wrong = 0;
        for (std::uint32_t seed = 500; seed < 510; ++seed) {
            const HeardCase one = hear(soundCase(static_cast<BenchSound>(kind), seed));
            heard += one.found;
            wrong += one.wrong;
            for (std::size_t k = 0; k < one.errors_cents.size(); ++k)
                QVERIFY2(std::abs(one.errors_cents[k]) < std::max(most_cents, 2.0 * one.deviations_cents[k]),
                         qPrintable(QStringLiteral("seed %1: %2").arg(seed).arg(one.errors_cents[k])));
        }
        QCOMPARE(wrong, 0);
        QVERIFY2(heard >= found, qPrintable(QString::number(heard)));
    }

    /// Polarisations swell and somebody talks: no onset while a string rings on is another pluck of it.
    void aStringThatRingsOnIsReadOnce() {
        int twice = 0;
        for (std::uint32_t seed = 500; seed < 510; ++seed)
            for (const BenchSound kind : {BenchSound::Clean, BenchSound::Beating})
                twice += hear(soundCase(kind, seed)).readings.size() > 1 ? 1 : 0;
        QCOMPARE(twice, 0);
    }
};

QTEST_APPLESS_MAIN(TestOtherSounds)
#include "test_other_sounds.moc"
