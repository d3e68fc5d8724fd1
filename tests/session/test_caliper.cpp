// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/base/units.h"
#include "domain/base/faults.h"
#include "domain/guitar/caliper.h"
#include "session/document/photos.h"
#include "session/input/quantity.h"
#include "session/input/set_entry.h"
#include "store/bundled.h"
#include "store/catalogue_files.h"

#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QImage>
#include <QTemporaryDir>
#include <QTest>
#include <cmath>

using namespace flenzo;

class TestCaliper : public QObject {
    Q_OBJECT
    Catalogue catalogue_;

private Q_SLOTS:
    void initTestCase() { catalogue_ = bundledCatalogue().value(); }

    void readingsAreTakenByTheirShape_data() {
        QTest::addColumn<QString>("text");
        QTest::addColumn<double>("gauge_mm");
        QTest::newRow("millimetres") << "0.43" << 0.43;
        QTest::newRow("comma") << "0,43" << 0.43;
        QTest::newRow("thousandths") << "17" << 17 * 0.0254;
        QTest::newRow("half a thousandth") << "10.5" << 10.5 * 0.0254;
        QTest::newRow("inch with a point first") << ".046" << 46 * 0.0254;
        QTest::newRow("said: mm") << "1.2 mm" << 1.2;
        QTest::newRow("said: thou") << "9 thou" << 9 * 0.0254;
        QTest::newRow("said: in") << "0.052 in" << 52 * 0.0254;
        QTest::newRow("spaces") << "  26  " << 26 * 0.0254;
        QTest::newRow("millimetres with a point first") << ".43" << 0.43;
        QTest::newRow("thick millimetres") << "2.2" << 2.2;
    }
    void readingsAreTakenByTheirShape() {
        QFETCH(QString, text);
        QFETCH(double, gauge_mm);
        for (const bool inches : {false, true}) { // whatever lengths are typed in
            const Result<double> read =
                parseQuantity(text, Dimension::Gauge, {inches, false}, QStringLiteral("caliper"));
            QVERIFY(read.ok());
            QVERIFY(std::abs(read.value() * 1e3 - gauge_mm) < 1e-9);
        }
    }

    void nonsenseIsRefusedWithARemedy_data() {
        QTest::addColumn<QString>("text");
        for (const char* text :
             {"", "abc", "-0.4", ".43 in", "1e3", "0.4.3", "4.3", "0.05 mm", "300", "0", "17 furlongs", "."})
            QTest::newRow(text) << QString::fromLatin1(text);
    }
    void nonsenseIsRefusedWithARemedy() {
        QFETCH(QString, text);
        const Result<double> read = parseQuantity(text, Dimension::Gauge, {}, QStringLiteral("caliper"));
        QVERIFY(!read.ok());
        QCOMPARE(read.fault().field, QStringLiteral("caliper"));
        QVERIFY(read.fault().whatIsWrong().size() > 20);
    }

    void everyCatalogueStringFindsItself() {
        for (const CatalogueString& entry : catalogue_.strings) {
            const CatalogueString* found = nearestString(catalogue_, entry.wire.gauge_m);
            QVERIFY(found && std::abs(found->wire.gauge_m - entry.wire.gauge_m) < 1e-9);
        }
        QVERIFY(!nearestString(Catalogue(), 0.0004));
    }

    void everySetIsFoundFromItsOuterStrings() {
        const auto gauge = [&](const QString& id) {
            for (const CatalogueString& entry : catalogue_.strings)
                if (entry.id == id)
                    return entry.wire.gauge_m;
            return 0.0;
        };
        for (std::size_t strings = 4; strings <= 12; ++strings)
            for (const CatalogueSet* set : catalogue_.setsFor(strings)) {
                const double low = gauge(set->items.first()), high = gauge(set->items.last());
                const CatalogueSet* found = nearestSet(catalogue_, strings, low * 1.01, high * 0.99);
                QVERIFY(found);
                QVERIFY(std::abs(gauge(found->items.first()) - low) < 3e-5);
                QVERIFY(std::abs(gauge(found->items.last()) - high) < 3e-5);
            }
        QVERIFY(!nearestSet(catalogue_, 3, 0.001, 0.0003));
    }

    /// What shops sell most is found by its outer strings, and what none of them is is said to be none.
    void theCommonSetsAreFoundAndOthersAreSaidToBeFar() {
        constexpr double thou = 25.4e-6;
        const auto found = [&](std::size_t strings, double thick, double thin) {
            return nearestSet(catalogue_, strings, thick * thou, thin * thou);
        };
        QCOMPARE(found(6, 42, 9)->name, QStringLiteral("Six, 9 to 42"));
        QCOMPARE(found(6, 46, 10)->name, QStringLiteral("Six, 10 to 46"));
        QCOMPARE(found(7, 59, 10)->name, QStringLiteral("Seven, 10 to 59"));
        QCOMPARE(found(8, 74, 10)->name, QStringLiteral("Eight, 10 to 74"));
        QCOMPARE(found(4, 105, 45)->name, QStringLiteral("Four, 45 to 105"));
        QCOMPARE(pullOff(catalogue_, *found(6, 42, 9), 42 * thou, 9 * thou), 0.0);
        const double off = pullOff(catalogue_, *found(6, 40, 9.25), 40 * thou, 9.25 * thou);
        QVERIFY2(std::abs(off) > 0.05, qPrintable(QString::number(off)));
    }

    void aSetIsTypedInOneField_data() {
        QTest::addColumn<QString>("text");
        QTest::addColumn<QString>("items");
        const QString plain =
            QStringLiteral("nickel-plated-42 nickel-plated-32 nickel-plated-24 plain-16 plain-11 plain-9");
        for (const char* text :
             {"9 11 16 24 32 42", "42 32 24 16 11 9", "9-11-16-24-32-42", ".009 .011 .016 .024 .032 .042",
              "0.009, 0.011, 0.016, 0.024, 0.032, 0.042", "9,11,16,24,32,42", "0.23 0.28 0.41 0.61 0.81 1.07",
              "0,23 0,28 0,41 0,61 0,81 1,07", " 0.23mm  0.28mm 0.41mm 0.61mm 0.81mm 1.07mm "})
            QTest::newRow(text) << QString::fromUtf8(text) << plain;
        QTest::newRow("letters") << QStringLiteral("11 14 18 28f 38n 48s")
                                 << QStringLiteral(
                                        "stainless-48 pure-nickel-38 flat-wound-28 plain-18 plain-14 plain-11");
        QTest::newRow("a wound third")
            << QStringLiteral("54 42 32 20w 16 12")
            << QStringLiteral("nickel-plated-54 nickel-plated-42 nickel-plated-32 nickel-plated-20 plain-16 plain-12");
        QTest::newRow("a plain third")
            << QStringLiteral("54 42 32 24p 16 12")
            << QStringLiteral("nickel-plated-54 nickel-plated-42 nickel-plated-32 plain-24 plain-16 plain-12");
    }
    void aSetIsTypedInOneField() {
        QFETCH(QString, text);
        QFETCH(QString, items);
        const Result<CatalogueSet> set = parseSet(text, 6, catalogue_);
        QVERIFY2(set.ok(), set.ok() ? "" : qPrintable(set.fault().sentence()));
        QCOMPARE(set.value().items.join(QLatin1Char(' ')), items);
    }

    /// A set that shops sell has their name; another is called as it was typed.
    void aTypedSetIsCalledAsItIsSoldOrAsItWasTyped() {
        QCOMPARE(parseSet(QStringLiteral("42 32 24 16 11 9"), 6, catalogue_).value().name,
                 QStringLiteral("Six, 9 to 42"));
        QCOMPARE(parseSet(QStringLiteral("9 11 16 24 32 44"), 6, catalogue_).value().name,
                 QStringLiteral("9 11 16 24 32 44"));
    }

    void aSetThatCannotBeIsRefusedByName() {
        QVERIFY(parseSet(QStringLiteral("9 11 16"), 6, catalogue_).fault().is(faults::setCount));
        for (const char* text : {"9 11 16 24 32 x", "9 11 16 24 32 420", "9 11 16 24 32 4.6"}) {
            const auto set = parseSet(QString::fromLatin1(text), 6, catalogue_);
            QVERIFY2(!set.ok(), text);
            QVERIFY2(set.fault().sentence().contains(QLatin1String("string")), qPrintable(set.fault().sentence()));
        }
    }

    void numbersAreReadAsPeopleTypeThem() {
        QCOMPARE(parseNumber(QStringLiteral(" −12,5 ")), std::optional(-12.5));
        QCOMPARE(parseNumber(QStringLiteral("3.25")), std::optional(3.25));
        QCOMPARE(parseNumber(QStringLiteral("2 1/4")), std::optional(2.25));
        QCOMPARE(parseNumber(QStringLiteral("-1/16")), std::optional(-0.0625));
        for (const char* text : {"", "1,2,3", "inf", "nan", "12 cents", "--4", "1e3", "1/0", "1 2", "0x10"})
            QVERIFY2(!parseNumber(QString::fromLatin1(text)), text);
    }

    void aPhotoIsKeptBesideTheLogbookOnce() {
        QTemporaryDir dir;
        const QString picture = dir.filePath(QStringLiteral("camera.PNG"));
        QImage image(40, 30, QImage::Format_RGB32);
        image.fill(Qt::darkGreen);
        QVERIFY(image.save(picture, "PNG"));
        Session session(dir.path());
        QCOMPARE(savePhoto(session, picture).value(), QFileInfo(picture).absoluteFilePath()); // no logbook yet
        session.setLogbook(Logbook::open(dir.filePath(QStringLiteral("shop.flenzo-logbook"))).value());
        const Result<QString> kept = savePhoto(session, picture);
        QVERIFY(kept.ok() && kept.value() != picture);
        QVERIFY(kept.value().startsWith(attachmentFolder(session.logbook()->path())));
        QCOMPARE(savePhoto(session, picture).value(), kept.value());
        Session reader(dir.path()); // a second program on the same logbook writes nothing beside it either
        reader.setLogbook(Logbook::open(session.logbook()->path()).value());
        QVERIFY(reader.logbook()->readOnly());
        QCOMPARE(savePhoto(reader, picture).value(), QFileInfo(picture).absoluteFilePath());
        QVERIFY(QFile::remove(picture)); // the camera's card goes
        QCOMPARE(QImage(kept.value()).size(), image.size());
        QCOMPARE(QDir(attachmentFolder(session.logbook()->path())).entryList(QDir::Files).size(), 1);
    }

    void whatIsNoPictureIsRefused() {
        QTemporaryDir dir;
        Session session(dir.path());
        const QString text = dir.filePath(QStringLiteral("notes.png"));
        QFile file(text);
        QVERIFY(file.open(QIODevice::WriteOnly) && file.write("not a picture") > 0);
        file.close();
        QVERIFY(!savePhoto(session, text).ok());
        const Result<QString> gone = savePhoto(session, dir.filePath(QStringLiteral("gone.png")));
        QVERIFY(!gone.ok() && gone.fault().whatIsWrong().contains(QLatin1String("read")));
        // A folder that cannot be made where a file of its name stands.
        session.setLogbook(Logbook::open(dir.filePath(QStringLiteral("shop.flenzo-logbook"))).value());
        QFile inTheWay(attachmentFolder(session.logbook()->path()));
        QVERIFY(inTheWay.open(QIODevice::WriteOnly));
        QImage image(4, 4, QImage::Format_RGB32);
        image.fill(Qt::white);
        const QString good = dir.filePath(QStringLiteral("good.png"));
        QVERIFY(image.save(good));
        QVERIFY(!savePhoto(session, good).ok());
    }
};

QTEST_GUILESS_MAIN(TestCaliper)
#include "test_caliper.moc"
