// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/base/faults.h"
#include "domain/job/job.h"
#include "session/document/demo.h"
#include "store/exchange.h"
#include "store/files.h"
#include "store/job_json.h"
#include "store/logbook.h"
#include "support/disk.h"
#include "support/json_mutation.h"

#include <QFile>
#include <QFileInfo>
#include <QJsonArray>
#include <QJsonDocument>
#include <QTemporaryDir>
#include <QTest>
#include <random>

using namespace flenzo;
using namespace flenzo::testing;

namespace {

Job withReadings(Job job, int more) {
    for (int k = 0; k < more; ++k) {
        Event event = Event::read(static_cast<std::size_t>(k) % job.rig.strings.size(), -1.0 * k);
        event.note = std::string(200, 'n');
        job.log.push_back(event);
    }
    return job;
}

} // namespace

class TestMutations : public QObject {
    Q_OBJECT
private Q_SLOTS:
    /// Any single thing spoiled: the file is read, or refused with the field named; and what is read stands for itself.
    void aSpoiledJobIsReadOrRefusedByName() {
        std::mt19937 random(99);
        int read = 0, refused = 0;
        for (int demo = 0; demo < static_cast<int>(demoNames().size()); ++demo) {
            const QJsonObject whole = jobToJson(demoJob(demo).value());
            for (int k = 0; k < 700; ++k) {
                const QJsonValue spoiled = mutated(whole, random);
                if (!spoiled.isObject())
                    continue;
                const Result<Job> job = jobFromJson(spoiled.toObject());
                if (!job.ok()) {
                    ++refused;
                    QVERIFY2(!job.fault().whatIsWrong().isEmpty(), qPrintable(QString::number(k)));
                    QVERIFY2(job.fault().whatIsWrong().size() < 600, qPrintable(job.fault().sentence()));
                    continue;
                }
                ++read;
                const QByteArray once = jobBytes(job.value());
                const Result<Job> again = jobFromJson(QJsonDocument::fromJson(once).object());
                QVERIFY2(again.ok(), again.ok() ? "" : qPrintable(again.fault().sentence()));
                QCOMPARE(jobBytes(again.value()), once);
                QVERIFY(job.value().rig.strings.size() <= maxStrings && job.value().rig.springs.size() <= maxSprings);
            }
        }
        QVERIFY2(read > 200 && refused > 200, qPrintable(QStringLiteral("%1 read, %2 refused").arg(read).arg(refused)));
    }

    /// A spoiled import brings in everything or nothing.
    void aSpoiledImportBringsInAllOrNothing() {
        QTemporaryDir dir;
        auto book = Logbook::open(dir.filePath(QStringLiteral("shop.flenzo-logbook"))).value();
        QVERIFY(book->add(demoJob(0).value()).ok() && book->add(demoJob(0).value()).ok());
        const QString whole = dir.filePath(QStringLiteral("one.flenzo-guitar"));
        QVERIFY(!exportGuitar(*book, book->jobs({}).value().first().guitarId, whole));
        QFile file(whole);
        QVERIFY(file.open(QIODevice::ReadOnly));
        const QJsonObject json = QJsonDocument::fromJson(file.readAll()).object();
        std::mt19937 random(5);
        const QString path = dir.filePath(QStringLiteral("spoiled.flenzo-guitar"));
        int came = 0, refused = 0;
        for (int k = 0; k < 120; ++k) {
            QFile spoiled(path);
            QVERIFY(spoiled.open(QIODevice::WriteOnly | QIODevice::Truncate));
            spoiled.write(QJsonDocument(mutated(json, random).toObject()).toJson());
            spoiled.close();
            const int before = book->jobCount().value();
            const Result<int> count = importFile(*book, path);
            QCOMPARE(book->jobCount().value(), before + (count.ok() ? count.value() : 0));
            ++(count.ok() ? came : refused);
        }
        QVERIFY(came > 0 && refused > 10);
    }

    /// Cut off anywhere, a file is refused and never half read.
    void aTruncatedFileIsRefusedWhereverItEnds() {
        QTemporaryDir dir;
        auto book = Logbook::open(dir.filePath(QStringLiteral("shop.flenzo-logbook"))).value();
        const QByteArray bytes = jobBytes(demoJob(1).value());
        const QString path = dir.filePath(QStringLiteral("cut.flenzo-job"));
        for (int share = 1; share < 40; ++share) {
            QFile file(path);
            QVERIFY(file.open(QIODevice::WriteOnly | QIODevice::Truncate));
            file.write(bytes.left(bytes.size() * share / 41));
            file.close();
            const Result<int> count = importFile(*book, path);
            QVERIFY(!count.ok());
            QVERIFY(!count.fault().whatIsWrong().isEmpty());
        }
        QCOMPARE(book->jobCount().value(), 0);
    }

    /// The disk fills at one write after another: each commit is there whole or not at all, and the book stays whole.
    void aFullDiskAtAnyWriteLosesNothing() {
        QTemporaryDir dir;
        const QString path = dir.filePath(QStringLiteral("shop.flenzo-logbook"));
        auto book = Logbook::open(path).value();
        Job job = demoJob(0).value();
        const qint64 id = book->add(job).value();
        qint64 revision = 1;
        int failed = 0, kept = 0;
        for (int k = 0; k < 60; ++k) {
            const Job next = withReadings(job, 6);
            const qint64 wal = QFileInfo(path + QStringLiteral("-wal")).size();
            std::optional<Fault> fault;
            {
                const FullDisk full(std::max(QFileInfo(path).size(), wal) + 700 * (k % 20));
                fault = book->save(id, job, next, revision);
            }
            if (fault) {
                ++failed;
                QVERIFY(fault->whatIsWrong().contains(QLatin1String("nothing was changed")));
            } else {
                ++kept;
                job = next;
            }
            const Result<Job> read = book->job(id);
            QVERIFY(read.ok());
            QCOMPARE(read.value().log.size(), job.log.size());
        }
        QVERIFY2(failed > 5 && kept > 5, qPrintable(QStringLiteral("%1 failed, %2 kept").arg(failed).arg(kept)));
        QVERIFY(!book->check());
        book.reset();
        book = Logbook::open(path).value();
        QCOMPARE(book->job(id).value().log.size(), job.log.size());
    }

    /// The same for a file: the old one is left as it was.
    void aFullDiskLeavesTheOldJobFile() {
        QTemporaryDir dir;
        const QString path = dir.filePath(QStringLiteral("one.flenzo-job"));
        const Job job = demoJob(2).value();
        QVERIFY(!writeFile(path, jobBytes(job)));
        for (const qint64 bytes : {0, 10, 1000, 3000}) {
            std::optional<Fault> fault;
            {
                const FullDisk full(bytes);
                fault = writeFile(path, jobBytes(withReadings(job, 40)));
            }
            QVERIFY(fault.has_value());
            QFile file(path);
            QVERIFY(file.open(QIODevice::ReadOnly));
            QCOMPARE(file.readAll(), jobBytes(job));
        }
    }

    void aGuitarIsFoundFromAnyOfItsJobs() {
        QTemporaryDir dir;
        auto book = Logbook::open(dir.filePath(QStringLiteral("shop.flenzo-logbook"))).value();
        std::vector<Job> many;
        for (int k = 0; k < 260; ++k) {
            Job job = newJob();
            job.guitar = QStringLiteral("Guitar %1").arg(k % 13);
            many.push_back(job);
        }
        QVERIFY(!book->addAll(many));
        QCOMPARE(book->jobs({}).value().size(), 200); // a list shows no more
        QSet<qint64> guitars;
        for (const JobRow& row : book->jobs({}).value())
            guitars.insert(row.guitarId);
        QCOMPARE(guitars.size(), 13);
        int found = 0;
        for (const qint64 guitar : guitars)
            for (const JobRow& row : book->jobsOf(guitar).value()) {
                QCOMPARE(book->guitarOf(row.id).value(), guitar);
                ++found;
            }
        QCOMPARE(found, 260);
        QVERIFY(book->guitarOf(99999).fault().is(faults::jobGone));
    }
};

QTEST_GUILESS_MAIN(TestMutations)
#include "test_mutations.moc"
