// SPDX-License-Identifier: GPL-3.0-or-later
// What the fuzzers run by the million, run here on the inputs that are worth keeping.
#include "support/json_mutation.h"
#include "support/readers.h"

#include <QDir>
#include <QFile>
#include <QJsonDocument>
#include <QTest>

using namespace flenzo::testing;

class TestReaders : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void everyReaderKeepsItsWord_data() {
        QTest::addColumn<int>("reader");
        QTest::addColumn<QByteArray>("bytes");
        for (int r = 0; r < readers().size(); ++r) {
            const QDir corpus(QStringLiteral(FLENZO_SOURCE_DIR "/tests/data/corpora/") + readers().at(r).name);
            const QStringList names = corpus.entryList(QDir::Files);
            QVERIFY2(!names.isEmpty(), qPrintable(corpus.path()));
            for (const QString& name : names) {
                QFile file(corpus.filePath(name));
                QVERIFY(file.open(QIODevice::ReadOnly));
                QTest::newRow(qPrintable(readers().at(r).name + QLatin1Char('/') + name)) << r << file.readAll();
            }
        }
    }
    void everyReaderKeepsItsWord() {
        QFETCH(int, reader);
        QFETCH(QByteArray, bytes);
        const Reader& each = readers().at(reader);
        QCOMPARE(each.read(bytes), QString());
        for (qsizetype end = 0; end < bytes.size(); end += 1 + bytes.size() / 12)
            QCOMPARE(each.read(bytes.left(end)), QString());
        std::mt19937 random(static_cast<unsigned>(bytes.size()));
        for (int k = 0; k < 25; ++k) {
            QByteArray spoiled = bytes;
            if (each.json)
                spoiled = QJsonDocument(mutated(QJsonDocument::fromJson(bytes).object(), random).toObject()).toJson();
            else
                spoiled[static_cast<qsizetype>(random() % static_cast<unsigned>(bytes.size()))] =
                    static_cast<char>(random());
            QCOMPARE(each.read(spoiled), QString());
        }
    }
};

QTEST_GUILESS_MAIN(TestReaders)
#include "test_readers.moc"
