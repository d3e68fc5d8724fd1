// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/files.h"
#include "support/disk.h"

#include <QDir>
#include <QFile>
#include <QTemporaryDir>
#include <QTest>

using namespace flenzo;
using namespace flenzo::testing;

namespace {

QByteArray contentOf(const QString& path) {
    QFile file(path);
    return file.open(QIODevice::ReadOnly) ? file.readAll() : QByteArray();
}

} // namespace

class TestFiles : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;

private Q_SLOTS:
    void writesAndReadsBack() {
        const QString path = dir_.filePath(QStringLiteral("a.json"));
        QVERIFY(!writeFile(path, "{\"x\":1}"));
        const Result<QJsonObject> read = readJsonFile(path);
        QVERIFY(read.ok());
        QCOMPARE(read.value().value(QLatin1String("x")).toInt(), 1);
    }

    void aFullDiskLeavesTheOldFile_data() {
        QTest::addColumn<int>("bytes");
        for (const int bytes : {0, 1, 4096, 20000, 199999})
            QTest::newRow(qPrintable(QString::number(bytes))) << bytes;
    }
    void aFullDiskLeavesTheOldFile() {
        QFETCH(int, bytes);
        const QString path = dir_.filePath(QStringLiteral("kept.json"));
        const QByteArray old("{\"kept\":true}");
        QVERIFY(!writeFile(path, old));
        std::optional<Fault> fault;
        {
            const FullDisk full(bytes);
            fault = writeFile(path, QByteArray(200000, 'x'));
        }
        QVERIFY(fault.has_value());
        QVERIFY(fault->whatIsWrong().contains(QLatin1String("nothing was changed")));
        QCOMPARE(contentOf(path), old);
        const QStringList left =
            QDir(dir_.path()).entryList({QStringLiteral("kept.json*")}, QDir::Files | QDir::Hidden);
        QCOMPARE(left, QStringList{QStringLiteral("kept.json")});
    }

    void aFolderThatIsNotThereIsSaid() {
        const auto fault = writeFile(dir_.filePath(QStringLiteral("no/such/place.json")), "x");
        QVERIFY(fault.has_value());
    }

    void damageIsSaidWithItsPlace() {
        const QString path = dir_.filePath(QStringLiteral("bad.json"));
        QVERIFY(!writeFile(path, "{\"x\": nope}"));
        const Result<QJsonObject> read = readJsonFile(path);
        QVERIFY(!read.ok());
        QVERIFY(read.fault().whatIsWrong().contains(QLatin1String("byte")));
        const QString words = sentence(path, read.fault());
        QVERIFY(words.startsWith(path));
    }
    void notAnObjectIsRefused() {
        const QString path = dir_.filePath(QStringLiteral("list.json"));
        QVERIFY(!writeFile(path, "[1,2]"));
        QVERIFY(!readJsonFile(path).ok());
        QVERIFY(!readJsonFile(dir_.path()).ok());
    }
};

QTEST_APPLESS_MAIN(TestFiles)
#include "test_files.moc"
