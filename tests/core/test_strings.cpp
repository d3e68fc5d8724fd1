// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/base/units.h"
#include "core/statics/note.h"
#include "core/statics/pitch.h"
#include "core/statics/wire.h"

#include <QTest>
#include <cmath>

using namespace flenzo;

class TestStrings : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void tensionsOfKnownStrings() {
        const Wire plain{10 * metresPerThou};
        QVERIFY(std::abs(tensionForPitch_N(unitMass_kgpm(plain), axialStiffness_N(plain), 0.648, 329.63) - 72.1) < 0.1);
        const Wire wound{46 * metresPerThou, 16.5 * metresPerThou};
        QVERIFY(std::abs(tensionForPitch_N(unitMass_kgpm(wound), axialStiffness_N(wound), 0.648, 82.41) - 78.2) < 0.1);
    }

    void pitchAndTensionAreInverse_data() {
        QTest::addColumn<double>("gauge_thou");
        QTest::addColumn<double>("pitch");
        QTest::newRow("thin") << 7.0 << 440.0;
        QTest::newRow("thick plain") << 26.0 << 110.0;
        QTest::newRow("barely taut") << 10.0 << 3.0;
        QTest::newRow("far too high") << 10.0 << 3000.0;
    }
    void pitchAndTensionAreInverse() {
        QFETCH(double, gauge_thou);
        QFETCH(double, pitch);
        const Wire wire{gauge_thou * metresPerThou};
        const double mass = unitMass_kgpm(wire), stiffness = axialStiffness_N(wire);
        const double pull = tensionForPitch_N(mass, stiffness, 0.65, pitch);
        QVERIFY(std::abs(pitch_Hz(mass, stiffness, 0.65, pull) / pitch - 1.0) < 1e-12);
        // The defining equation, not only the round trip.
        QVERIFY(std::abs(pull * (1.0 + pull / stiffness) / (4.0 * mass * 0.65 * 0.65 * pitch * pitch) - 1.0) < 1e-12);
    }

    void slackStringsAreSilent() {
        QCOMPARE(pitch_Hz(1e-3, 1e4, 0.65, 0.0), 0.0);
        QCOMPARE(pitch_Hz(1e-3, 1e4, 0.65, -5.0), 0.0);
        QVERIFY(std::isnan(cents(0.0, 440.0)));
    }

    void measuredFiguresOverrideTheFormula() {
        Wire wire{10 * metresPerThou};
        wire.unitMass_kgpm = 0.0005;
        wire.stiffness_N = 9000.0;
        QCOMPARE(unitMass_kgpm(wire), 0.0005);
        QCOMPARE(axialStiffness_N(wire), 9000.0);
    }

    void aWrapAddsMassButNoStiffness() {
        const Wire core{16 * metresPerThou}, wound{40 * metresPerThou, 16 * metresPerThou};
        QVERIFY(unitMass_kgpm(wound) > 3.0 * unitMass_kgpm(core));
        QCOMPARE(axialStiffness_N(wound), axialStiffness_N(core));
        Wire nickel = wound;
        nickel.wrapDensity_kgpm3 = 8900.0;
        QVERIFY(unitMass_kgpm(nickel) > unitMass_kgpm(wound));
    }

    void notesByName_data() {
        QTest::addColumn<QString>("text");
        QTest::addColumn<int>("midi");
        QTest::newRow("A4") << "A4" << 69;
        QTest::newRow("low E") << "E2" << 40;
        QTest::newRow("flat") << "Bb1" << 34;
        QTest::newRow("sharp") << "F#1" << 30;
        QTest::newRow("below zero") << "C-1" << 0;
        QTest::newRow("C flat") << "Cb4" << 59;
    }
    void notesByName() {
        QFETCH(QString, text);
        QFETCH(int, midi);
        const auto parsed = parseNote(text.toStdString());
        QVERIFY(parsed.has_value());
        QCOMPARE(*parsed, midi);
    }
    void nonsenseIsNoNote() {
        for (const char* text : {"", "E", "H2", "E2x", "2E", "E##2", "E99"})
            QVERIFY2(!parseNote(text), text);
    }
    void everyNoteSurvivesItsName() {
        for (int midi = 12; midi < 108; ++midi)
            QCOMPARE(*parseNote(noteName(midi)), midi);
    }
    void nearestNoteFollowsTheReference() {
        const Note at440 = nearestNote(440.0, 440.0), at415 = nearestNote(440.0, 415.0);
        QCOMPARE(at440.midi, 69);
        QVERIFY(std::abs(at440.cents) < 1e-9);
        QCOMPARE(at415.midi, 70);
        QVERIFY(std::abs(noteFrequency_Hz(at415.midi, 415.0) * std::exp2(at415.cents / 1200.0) - 440.0) < 1e-9);
    }
    void centsGoBothWays() { QVERIFY(std::abs(cents(frequencyAt_Hz(82.4, -123.4), 82.4) + 123.4) < 1e-9); }
};

QTEST_APPLESS_MAIN(TestStrings)
#include "test_strings.moc"
