// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/base/units.h"
#include "core/statics/pitch.h"
#include "core/statics/rig.h"
#include "domain/base/ranges.h"
#include "domain/job/edits.h"
#include "session/input/entry.h"
#include "session/input/quantity.h"
#include "session/input/string_entry.h"
#include "store/catalogue_files.h"

#include <QTest>
#include <cmath>

using namespace flenzo;

namespace {
const EntryContext lowE{82.4069, 440.0, false};
std::optional<EntryContext> anyString(const QString& name) {
    return name == QLatin1String("99") ? std::nullopt : std::optional(lowE);
}
} // namespace

class TestEntry : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void centsAreRead_data() {
        QTest::addColumn<QString>("text");
        QTest::addColumn<double>("cents_");
        QTest::newRow("plain") << "12.5" << 12.5;
        QTest::newRow("minus") << "-3" << -3.0;
        QTest::newRow("true minus") << QStringLiteral("\u22123,5") << -3.5;
        QTest::newRow("plus and unit") << "+7 c" << 7.0;
        QTest::newRow("cent sign") << QStringLiteral("7\u00a2") << 7.0;
        QTest::newRow("hertz") << "83.0 Hz" << cents(83.0, 82.4069);
        QTest::newRow("hertz tight") << "82.4069hz" << 0.0;
        QTest::newRow("note") << "E2+12" << 12.0;
        QTest::newRow("note below") << "d#2 +90" << -10.0;
        QTest::newRow("note without octave") << "E-8" << -8.0;
        QTest::newRow("far note") << "C2" << -400.0;
        QTest::newRow("flat") << "Eb2" << -100.0;
    }
    void centsAreRead() {
        QFETCH(QString, text);
        QFETCH(double, cents_);
        const Result<double> read = parseCents(text, lowE);
        QVERIFY2(read.ok(), read.ok() ? "" : qPrintable(read.fault().sentence()));
        QVERIFY2(std::abs(read.value() - cents_) < 0.02, qPrintable(QString::number(read.value())));
    }

    void nonsenseIsExplained_data() {
        QTest::addColumn<QString>("text");
        for (const char* text :
             {"", "abc", "12 13", "H2", "-5 Hz", "0 Hz", "1e9", "nan", "inf", "900 Hz Hz", "5000", "E9", "E2+"})
            QTest::newRow(text) << QString::fromLatin1(text);
    }
    void nonsenseIsExplained() {
        QFETCH(QString, text);
        const Result<double> read = parseCents(text, lowE);
        QVERIFY(!read.ok());
        QVERIFY(read.fault().whatIsWrong().size() > 20);
    }

    void anglesAreToldFromNotes() {
        const auto entry = [](const char* text) { return parseEntry(QString::fromUtf8(text), anyString); };
        for (const auto& [text, degrees_] : {std::pair("0.3°", 0.3),
                                             {"-1,25 deg", -1.25},
                                             {"angle 2", 2.0},
                                             {"Angle = −0.5", -0.5},
                                             {"angle 0.3°!", 0.3}}) {
            const Result<Entry> read = entry(text);
            QVERIFY2(read.ok(), text);
            QCOMPARE(read.value().kind, Entry::Kind::Angle);
            QVERIFY(std::abs(degrees(read.value().value) - degrees_) < 1e-9);
        }
        QVERIFY(entry("angle 0.3°!").value().insist);
        QCOMPARE(entry("A-8").value().kind, Entry::Kind::Cents); // a note
        QCOMPARE(entry("gap 4.2").value().kind, Entry::Kind::Gap);
        for (const char* text : {"angle", "angle up", "45°", "angle nan", "°"})
            QVERIFY2(!entry(text).ok(), text);
    }

    void anAngleSeenIsToldFromOneMeasured() {
        const auto entry = [](const char* text) { return parseEntry(QString::fromUtf8(text), anyString).value(); };
        QVERIFY(entry("eye -0.3°").byEye && !entry("-0.3°").byEye);
        QCOMPARE(entry("Eye 0,4").kind, Entry::Kind::Angle);
        QVERIFY(std::abs(degrees(entry("eye -0.3°").value) + 0.3) < 1e-9);
        QCOMPARE(entry("E+12").kind, Entry::Kind::Cents); // a note
    }

    void aClawIsTypedAsItWasTurned() {
        const auto entry = [](const char* text) { return parseEntry(QString::fromUtf8(text), anyString); };
        const auto turns = [&](const char* text) {
            const Entry read = entry(text).value();
            return ClawTurns{read.bass ? read.value : 0.0, read.treble ? read.value : 0.0};
        };
        QVERIFY((turns("claw 1 1/2") == ClawTurns{1.5, 1.5}));
        QVERIFY((turns("Claw = -0,25") == ClawTurns{-0.25, -0.25}));
        QVERIFY((turns("claw 1/8 bass") == ClawTurns{0.125, 0.0}));
        QVERIFY((turns("claw -1/16 treble!") == ClawTurns{0.0, -0.0625}));
        QCOMPARE(entry("C+12").value().kind, Entry::Kind::Cents); // a note
        for (const char* text : {"claw", "claw bass", "claw 25", "claw up", "claw nan"})
            QVERIFY2(!entry(text).ok(), text);
    }

    void partsAreTold() {
        const Result<Entry> other = parseEntry(QStringLiteral("4 = -3.1!"), anyString);
        QVERIFY(other.ok());
        QCOMPARE(*other.value().string, QStringLiteral("4"));
        QVERIFY(other.value().insist);
        QCOMPARE(other.value().value, -3.1);
        const Result<Entry> gap = parseEntry(QStringLiteral("gap 4,2"), anyString);
        QVERIFY(gap.ok() && gap.value().kind == Entry::Kind::Gap);
        QVERIFY(std::abs(gap.value().value - 0.0042) < 1e-12);
        QVERIFY(parseEntry(QStringLiteral("g4.2"), anyString).value().kind == Entry::Kind::Gap);
        // G2 is a note, not a gap of two... unless it is: the digit decides, and so a note needs its string.
        QVERIFY(parseEntry(QStringLiteral("6=G2"), anyString).value().kind == Entry::Kind::Cents);
        QVERIFY(!parseEntry(QStringLiteral("99=1"), anyString).ok());
    }

    void lengthsInEveryUnit() {
        QVERIFY(std::abs(parseQuantity(QStringLiteral("4.2"), Dimension::Length, {false, false}, QString()).value() -
                         0.0042) < 1e-12);
        QVERIFY(std::abs(parseQuantity(QStringLiteral("0.5"), Dimension::Length, {true, false}, QString()).value() -
                         0.0127) < 1e-12);
        QVERIFY(std::abs(parseQuantity(QStringLiteral("0.5 in"), Dimension::Length, {false, false}, QString()).value() -
                         0.0127) < 1e-12);
        QVERIFY(
            std::abs(parseQuantity(QStringLiteral("10 thou"), Dimension::Length, {false, false}, QString()).value() -
                     0.000254) < 1e-12);
        QVERIFY(std::abs(parseQuantity(QStringLiteral("4.2mm"), Dimension::Length, {true, false}, QString()).value() -
                         0.0042) < 1e-12);
        QVERIFY(!parseQuantity(QStringLiteral("long"), Dimension::Length, {false, false}, QString()).ok());
        QVERIFY(!parseQuantity(QStringLiteral("4 4"), Dimension::Length, {false, false}, QString()).ok());
    }

    /// The plate as an angle, or as the gap that a ruler shows, told by its unit.
    void aPlateIsTypedAsAngleOrGap() {
        Bridge bridge;
        const auto typed = [&](const char* text) {
            return parsePlateAngle(QString::fromUtf8(text), bridge, QStringLiteral("plate"), ranges::oldAngle_deg);
        };
        QVERIFY(std::abs(degrees(typed("-0.5").value()) + 0.5) < 1e-9);
        for (const char* text : {"4.2 mm", "0.165 in"})
            QVERIFY(std::abs(gapAt_m(bridge, typed(text).value()) - 0.0042) < 3e-5);
        for (const char* text : {"12", "99 mm", "level", ""})
            QVERIFY2(!typed(text).ok(), text);
    }

    void stringsAsTyped_data() {
        QTest::addColumn<QString>("text");
        QTest::addColumn<QString>("id");
        QTest::newRow("thou") << "46"
                              << "nickel-plated-46";
        QTest::newRow("inch") << ".046"
                              << "nickel-plated-46";
        QTest::newRow("plain") << "10"
                               << "plain-10";
        QTest::newRow("half") << "10.5"
                              << "plain-10.5";
        QTest::newRow("forced wound") << "18w"
                                      << "nickel-plated-18";
        QTest::newRow("forced plain") << "24p"
                                      << "plain-24";
        QTest::newRow("mm") << "1.17 mm"
                            << "nickel-plated-46";
        QTest::newRow("mm without saying so") << "1.17"
                                              << "nickel-plated-46";
        QTest::newRow("id") << "stainless-50"
                            << "stainless-50";
    }
    void stringsAsTyped() {
        QFETCH(QString, text);
        QFETCH(QString, id);
        const Catalogue catalogue = bundledCatalogue().value();
        const auto found = findString(catalogue, text);
        QVERIFY2(found.ok(), found.ok() ? "" : qPrintable(found.fault().sentence()));
        QCOMPARE(found.value()->id, id);
    }
    void gaugesInTheWrongUnitAreRefused() {
        const Catalogue catalogue = bundledCatalogue().value();
        for (const char* text : {"46 mm", "4.3", ".43 in", "200", "0", "-3", "thick"})
            QVERIFY2(!findString(catalogue, QString::fromLatin1(text)).ok(), text);
    }
};

QTEST_APPLESS_MAIN(TestEntry)
#include "test_entry.moc"
