// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/base/units.h"
#include "domain/base/faults.h"
#include "session/document/session.h"
#include "store/exchange.h"
#include "store/job_json.h"
#include "store/job_merge.h"
#include "store/logbook.h"
#include "support/place.h"

#include <QDir>
#include <QElapsedTimer>
#include <QFile>
#include <QJsonDocument>
#include <QJsonObject>
#include <QProcess>
#include <QRandomGenerator>
#include <QSqlError>
#include <QSqlQuery>
#include <QTemporaryDir>
#include <QTest>
#include <sys/stat.h>
#include <unistd.h>

using namespace flenzo;
using namespace flenzo::testing;

namespace {

Job jobOf(const QString& guitar, const QString& owner) {
    Job job = newJob();
    job.guitar = guitar;
    job.owner = owner;
    return job;
}

/// A server that is busy may let nobody in for some seconds, which says nothing of what it keeps.
Result<std::shared_ptr<Logbook>> openPatiently(const QString& path) {
    for (int tries = 1;; ++tries) {
        auto book = Logbook::open(path);
        const bool busy = !book.ok() && (book.fault().is(faults::serverNotReached) ||
                                         book.fault().is(faults::serverRefused) || book.fault().is(faults::serverAway));
        if (!busy || tries == 10)
            return book;
        qWarning("tried again: %s", qPrintable(book.fault().sentence()));
    }
}

/// Why the writer ends by itself, said where the test that fails over it shows it.
int endsBy(int code, const Fault& fault) {
    qCritical("the writer ended: %s", qPrintable(fault.sentence()));
    return code;
}

/// The writer that gets killed: enters readings one by one and says each on its output once it is on disk.
int writeUntilKilled(const QString& path, const QString& recovery) {
    auto book = openPatiently(path);
    if (!book.ok())
        return endsBy(3, book.fault());
    Session session(recovery);
    session.setLogbook(book.value());
    const qint64 id = book.value()->setting(QStringLiteral("openJob")).value().toLongLong();
    if (const auto fault =
            id == 0 ? session.addToLogbook(jobOf(QStringLiteral("Killed"), QString())) : session.openKept(id))
        return endsBy(4, *fault);
    QFile out;
    if (!out.open(stdout, QIODevice::WriteOnly))
        return 5;
    for (int k = 0; k < 100000; ++k) {
        const std::size_t string = session.job().log.size() % 6;
        Event event = Event::read(string, -10.0 - static_cast<double>(session.job().log.size() % 50));
        event.confirmed = true;
        if (const auto fault = session.append(QStringLiteral("read"), event))
            return endsBy(6, *fault);
        out.write(QByteArray::number(static_cast<qulonglong>(session.job().log.size())) + '\n');
        out.flush();
    }
    return 0;
}

} // namespace

class TestLogbook : public QObject {
    Q_OBJECT
    std::unique_ptr<QTemporaryDir> dir_;
    QString path_;

    std::shared_ptr<Logbook> open() {
        auto book = Logbook::open(path_);
        if (!book.ok())
            qFatal("%s", qPrintable(book.fault().sentence()));
        return book.value();
    }

    bool pragma(const QString& statement) { return behind(path_, statement).isEmpty(); }
    [[nodiscard]] bool onServer() const { return isServerAddress(path_); }

private Q_SLOTS:
    void init() {
        dir_ = std::make_unique<QTemporaryDir>();
        path_ = newPlace(*dir_);
    }

    void aJobComesBackAsItWas() {
        Job job = jobOf(QStringLiteral("Tall Reed"), QStringLiteral("Owner of reeds"));
        job.log = {Event::read(0, -12.5), Event::claw({0.25, 0.3125}), Event::tuned(5, 0.4)};
        job.card.nut = Nut::Caps;
        job.card.keys[QStringLiteral("caps")] = QStringLiteral("3 mm");
        job.card.clampShift_cents = {1.0, 2.5};
        job.work.methods[QStringLiteral("atOnce")] = QStringLiteral("one");
        job.work.extras = {QStringLiteral("clean")};
        job.work.records = {{QStringLiteral("tools"), StepRecord::What::Skipped, QStringLiteral("known"), {}}};
        job.work.due = QDate(2027, 5, 1);
        qint64 id = 0;
        {
            const auto book = open();
            const Result<qint64> added = book->add(job);
            QVERIFY2(added.ok(), added.ok() ? "" : qPrintable(added.fault().sentence()));
            id = added.value();
        }
        const Job back = open()->job(id).value();
        QCOMPARE(jobBytes(back), jobBytes(job));
    }

    void savingWritesWhatDiffersAndUndoTakesItBack() {
        const auto book = open();
        QTemporaryDir recovery;
        Session session(recovery.path());
        session.setLogbook(book);
        QVERIFY(!session.addToLogbook(jobOf(QStringLiteral("Low Gate"), QString())));
        const qint64 id = *session.keptAs();
        for (int k = 0; k < 5; ++k)
            QVERIFY(!session.append(QStringLiteral("read"), Event::read(static_cast<std::size_t>(k), -5.0)));
        QCOMPARE(book->job(id).value().log.size(), std::size_t(5));
        session.undoStack().undo();
        session.undoStack().undo();
        QCOMPARE(book->job(id).value().log, session.job().log);
        QCOMPARE(book->job(id).value().log.size(), std::size_t(3));
        session.undoStack().redo();
        QCOMPARE(book->job(id).value().log.size(), std::size_t(4));
        QVERIFY(!session.edit(QStringLiteral("name"), [](Job& job) { job.guitar = QStringLiteral("High Gate"); }));
        QCOMPARE(book->jobs({}).value().first().guitar, QStringLiteral("High Gate"));
        QVERIFY(!session.isModified());
    }

    void jobsAreFoundByWordsStateAndDueDay() {
        const auto book = open();
        const auto put = [&](const char* name, JobState state, const QDate& due) {
            Job job = jobOf(QLatin1String(name), QStringLiteral("Harbour 100%"));
            job.work.state = state;
            job.work.due = due;
            QVERIFY(book->add(job).ok());
        };
        put("Slow Comet", JobState::OnBench, {});
        put("Slow Heron", JobState::Waiting, {});
        put("Grey Heron", JobState::Finished, QDate(2026, 12, 1));
        put("Grey Finch", JobState::Finished, QDate(2027, 6, 1));
        const auto count = [&](const JobFilter& filter) { return book->jobs(filter).value().size(); };
        QCOMPARE(count({}), 4);
        QCOMPARE(count({QStringLiteral("heron"), {}, {}}), 2);
        QCOMPARE(count({QStringLiteral("HERON grey"), {}, {}}), 1);
        QCOMPARE(count({QStringLiteral("100%"), {}, {}}), 4);
        QCOMPARE(count({QStringLiteral("1_0"), {}, {}}), 0);
        QCOMPARE(count({QStringLiteral("slow"), JobState::Waiting, {}}), 1);
        QCOMPARE(count({QString(), {}, QDate(2026, 12, 31)}), 1);
    }

    void aSecondWindowReadsButDoesNotWrite() {
        if (onServer())
            QSKIP("of files");
        const auto first = open();
        const qint64 id = first->add(jobOf(QStringLiteral("Shared"), QString())).value();
        const auto second = open();
        QVERIFY(!first->readOnly() && second->readOnly());
        QCOMPARE(second->jobs({}).value().size(), 1);
        QVERIFY(!second->add(jobOf(QStringLiteral("Other"), QString())).ok());
        Job job = first->job(id).value();
        Job after = job;
        after.log.push_back(Event::read(0, 1.0));
        qint64 revision = 1;
        QVERIFY(second->save(id, job, after, revision).has_value());
        QVERIFY(!first->save(id, job, after, revision));
        QCOMPARE(revision, qint64{2});
        QCOMPARE(second->job(id).value().log.size(), std::size_t(1)); // sees it at once
    }

    /// What this user may not write is read, and nobody is said to have it open.
    void aBookWithoutTheRightToWriteIsRead() {
        if (onServer())
            QSKIP("of files");
        QVERIFY(open()->add(jobOf(QStringLiteral("Kept"), QString())).ok());
        QFile::remove(path_ + QStringLiteral(".lock"));
        QVERIFY(::chmod(qPrintable(path_), 0444) == 0 && ::chmod(qPrintable(dir_->path()), 0555) == 0);
        const bool root = ::geteuid() == 0;
        constexpr uid_t nobody = 65534;
        QVERIFY(!root || ::seteuid(nobody) == 0);
        const auto book = Logbook::open(path_);
        const auto rows = book.ok() ? book.value()->jobs({}) : Result<QList<JobRow>>(book.fault());
        const auto written = book.ok() ? book.value()->add(newJob()) : Result<qint64>(book.fault());
        QVERIFY(!root || ::seteuid(0) == 0);
        QVERIFY(::chmod(qPrintable(dir_->path()), 0755) == 0);
        QVERIFY2(rows.ok(), rows.ok() ? "" : qPrintable(rows.fault().sentence()));
        QCOMPARE(rows.value().size(), 1);
        QVERIFY(!written.ok() && written.fault().is(faults::bookNotWritable));
    }

    void aBookThatCannotBeReadSaysSo() {
        const FaultCode& unread = onServer() ? faults::serverNotRead : faults::bookNotRead;
        const auto book = open();
        const qint64 id = book->add(jobOf(QStringLiteral("Kept"), QString())).value();
        QVERIFY(pragma(QStringLiteral("DROP TABLE events")));
        QVERIFY(book->job(id).fault().is(unread));
        QVERIFY(pragma(QStringLiteral("ALTER TABLE jobs RENAME TO gone")));
        QVERIFY(book->jobs({}).fault().is(unread));
        QVERIFY(book->jobCount().fault().is(unread));
        QVERIFY(book->guitarOf(id).fault().is(unread));
        QVERIFY(exportCsv(*book, dir_->filePath(QStringLiteral("tables")))->is(unread));
        QVERIFY(!QFile::exists(dir_->filePath(QStringLiteral("tables/jobs.csv"))));
    }

    /// Clocks of two benches differ: nothing goes before what its bench had seen, or out of that bench's order.
    void whatBothHadSeenStaysBefore() {
        const auto readAt = [](std::size_t string, const char* at) {
            Event event = Event::read(string, -1.0);
            event.at = at;
            return event;
        };
        const auto strings = [](const Job& job) {
            QList<std::size_t> list;
            for (const Event& event : job.log)
                list.append(event.readings_cents.front().first);
            return list;
        };
        Job base = jobOf(QStringLiteral("Low Gate"), QString());
        base.log = {readAt(0, "2026-11-02T10:00:00"), readAt(1, "2026-11-02T10:05:00")};
        Job mine = base, theirs = base;
        mine.log.push_back(readAt(2, "2026-11-02T09:50:00")); // a clock that is behind
        mine.log.push_back(readAt(3, "2026-11-02T09:49:00")); // and was set back once more
        theirs.log.push_back(readAt(4, "2026-11-02T10:06:00"));
        QCOMPARE(strings(mergeJobs(base, mine, theirs).job), (QList<std::size_t>{0, 1, 2, 3, 4}));
        QCOMPARE(strings(mergeJobs(base, theirs, mine).job), (QList<std::size_t>{0, 1, 2, 3, 4}));
        mine.log[2].at = "2026-11-02T12:05:30+02:00"; // by the hour of somewhere else
        mine.log[3].at = "2026-11-02T10:07:00";
        QCOMPARE(strings(mergeJobs(base, mine, theirs).job), (QList<std::size_t>{0, 1, 2, 4, 3}));
    }

    /// Rows that cease because reading breaks off are no end: what was read so far is no job.
    void aReadingThatBreaksOffIsNoEnd() {
        const FaultCode& unread = onServer() ? faults::serverNotRead : faults::bookNotRead;
        const auto book = open();
        Job job = jobOf(QStringLiteral("Kept"), QString());
        for (int k = 0; k < 200; ++k)
            job.log.push_back(Event::read(0, -1.0 * k));
        const qint64 id = book->add(job).value();
        const QString broken = onServer() ? QStringLiteral("CAST(1 / (seq - seq) AS TEXT)")
                                          : QStringLiteral("abs(seq - seq - 9223372036854775807 - 1)");
        QVERIFY(pragma(QStringLiteral("ALTER TABLE events RENAME TO whole")));
        QVERIFY(pragma(QStringLiteral("CREATE VIEW events AS SELECT job, seq, CASE WHEN seq = 150 THEN %1 ELSE body "
                                      "END AS body FROM whole")
                           .arg(broken)));
        const auto read = book->kept(id);
        QVERIFY(!read.ok() && read.fault().is(unread));
    }

    /// A job that goes on and what was put beside it: both or neither.
    void whatIsPutBesideIsOneWithWhatIsWritten() {
        const auto book = open();
        const Job job = jobOf(QStringLiteral("Half Moon"), QString());
        const qint64 id = book->add(job).value();
        Job after = job;
        after.log.push_back(Event::read(0, 1.0));
        qint64 stale = 7, revision = 1;
        for (int tries = 0; tries < 3; ++tries) {
            const auto fault = book->saveAndAdd(id, job, after, stale, jobOf(QStringLiteral("Half Sun"), QString()));
            QVERIFY(fault && fault->is(faults::jobChangedElsewhere));
        }
        QCOMPARE(book->jobCount().value(), 1);
        QVERIFY(!book->saveAndAdd(id, job, after, revision, jobOf(QStringLiteral("Half Sun"), QString())));
        QCOMPARE(revision, qint64{2});
        QCOMPARE(book->jobCount().value(), 2);
        QCOMPARE(book->job(id).value().log.size(), std::size_t(1));
    }

    /// Whoever writes a file would go on in it under another name.
    void aBookThatIsWrittenIsNotPutAside() {
        if (onServer())
            QSKIP("of files");
        const QString backup = dir_->filePath(QStringLiteral("backup.flenzo-logbook"));
        {
            const auto book = open();
            QVERIFY(!book->backUp(backup));
            const auto aside = setAsideLogbook(path_, backup);
            QVERIFY(!aside.ok() && aside.fault().is(faults::bookInUse));
            QVERIFY(book->add(jobOf(QStringLiteral("Later"), QString())).ok());
        }
        QCOMPARE(open()->jobCount().value(), 1);
        QVERIFY(setAsideLogbook(path_, backup).ok());
        QCOMPARE(open()->jobCount().value(), 0);
    }

    void backupsAreWholeAndComeBack() {
        qint64 id = 0;
        QString backup;
        {
            const auto book = open();
            id = book->add(jobOf(QStringLiteral("Before"), QString())).value();
            backup = backupPath(dir_->filePath(QStringLiteral("shop.flenzo-logbook")),
                                QDateTime(QDate(2026, 3, 1), QTime(9, 0)));
            QVERIFY(!book->backUp(backup));
            QVERIFY(book->backUp(backup).has_value()); // never over another
            QVERIFY(!book->check());
            QVERIFY(book->add(jobOf(QStringLiteral("After"), QString())).ok());
        }
        if (onServer()) { // a backup is a file that opens by itself
            const auto copy = Logbook::open(backup).value();
            QCOMPARE(copy->job(id).value().guitar, QStringLiteral("Before"));
            QCOMPARE(copy->jobCount().value(), 1);
            return;
        }
        QCOMPARE(backupsOf(path_), QStringList{backup});
        const Result<QString> aside = setAsideLogbook(path_, backup);
        QVERIFY(aside.ok() && QFile::exists(aside.value()));
        const auto book = open();
        QCOMPARE(book->jobCount().value(), 1);
        QCOMPARE(book->job(id).value().guitar, QStringLiteral("Before"));
    }

    void aGuitarTravelsWithItsHistory() {
        const auto book = open();
        Job first = jobOf(QStringLiteral("Traveller"), QStringLiteral("Somebody"));
        first.log = {Event::read(2, -3.0)};
        Job second = first;
        second.reason = QStringLiteral("Again");
        QVERIFY(!book->addAll({first, second}));
        const qint64 guitar = book->jobs({}).value().first().guitarId;
        const QString file = dir_->filePath(QStringLiteral("one.flenzo-guitar"));
        QVERIFY(!exportGuitar(*book, guitar, file));
        const QString other = dir_->filePath(QStringLiteral("other.flenzo-logbook"));
        const auto elsewhere = Logbook::open(other).value();
        QCOMPARE(importFile(*elsewhere, file).value(), 2);
        QCOMPARE(elsewhere->jobs({}).value().first().reason, QStringLiteral("Again")); // the newest is the newest again
        QCOMPARE(elsewhere->job(elsewhere->jobs({}).value().last().id).value().log, first.log);
        // One bad job in the file, and none comes in.
        QFile broken(file);
        QVERIFY(broken.open(QIODevice::ReadWrite));
        QByteArray text = broken.readAll();
        text.replace("\"pitchTolCents\": 2", "\"pitchTolCents\": -2");
        broken.resize(0);
        broken.seek(0);
        broken.write(text);
        broken.close();
        const auto refused = importFile(*elsewhere, file);
        QVERIFY(!refused.ok() && !refused.fault().field.isEmpty());
        QCOMPARE(elsewhere->jobCount().value(), 2);
    }

    void tablesHoldEverythingAndNoFormulas() {
        const auto book = open();
        Job job = jobOf(QStringLiteral("=1+1"), QStringLiteral("Comma, \"Quote\""));
        job.log = {Event::read(0, -12.25), Event::claw({0.5, 0.5})};
        QVERIFY(book->add(job).ok());
        const QString folder = dir_->filePath(QStringLiteral("tables"));
        QVERIFY(!exportCsv(*book, folder));
        const auto read = [&](const char* name) {
            QFile file(folder + QLatin1Char('/') + QLatin1String(name));
            return file.open(QIODevice::ReadOnly) ? QString::fromUtf8(file.readAll()) : QString();
        };
        QVERIFY(read("jobs.csv").contains(QLatin1String("\"'=1+1\",\"Comma, \"\"Quote\"\"\"")));
        QCOMPARE(read("events.csv").count(QLatin1Char('\n')), 3);
        QVERIFY(read("events.csv").contains(QLatin1String("=-12.25")) &&
                read("events.csv").contains(QLatin1String("0.5000")));
        // The other half cannot be written: the table that stood there before stays as it was.
        QVERIFY(QFile::remove(folder + QStringLiteral("/events.csv")) &&
                QDir(folder).mkdir(QStringLiteral("events.csv")));
        const QString before = read("jobs.csv");
        Job more = jobOf(QStringLiteral("More"), QString());
        QVERIFY(book->add(more).ok());
        QVERIFY(exportCsv(*book, folder)->is(faults::cannotBeWritten));
        QCOMPARE(read("jobs.csv"), before);
        QVERIFY(exportCsv(*book, dir_->filePath(QStringLiteral("stopped")), [](int) { return false; }).has_value());
        QVERIFY(!QFile::exists(dir_->filePath(QStringLiteral("stopped/jobs.csv"))));
    }

    /// A cell is a figure that was read, turned or typed, or empty; nothing is made up.
    void everyKindOfEventHasItsOwnCells_data() {
        QTest::addColumn<Event>("event");
        QTest::addColumn<QString>("cells"); // string, cents, gap, angle, turns
        Event angle, fine, off;
        angle.angle_rad = radians(-0.5);
        fine = Event::tuned(1, 3.0);
        fine.kind = Event::Kind::Fine;
        off.kind = Event::Kind::Off;
        off.string = 2;
        const auto bare = [](Event::Kind kind) {
            Event event;
            event.kind = kind;
            return event;
        };
        QTest::newRow("read") << Event::read(0, -12.25) << QStringLiteral("\"\",\"6=-12.25\",\"\",\"\",\"\"");
        QTest::newRow("gap") << Event::readGap(0.004) << QStringLiteral("\"\",\"\",\"4.000\",\"\",\"\"");
        QTest::newRow("angle") << angle << QStringLiteral("\"\",\"\",\"\",\"-0.500\",\"\"");
        QTest::newRow("tuned") << Event::tuned(1, 0.0) << QStringLiteral("\"5\",\"0.00\",\"\",\"\",\"\"");
        QTest::newRow("fine") << fine << QStringLiteral("\"5\",\"3.00\",\"\",\"\",\"\"");
        QTest::newRow("claw") << Event::claw({0.5, 0.25}) << QStringLiteral("\"\",\"\",\"\",\"\",\"0.3750\"");
        QTest::newRow("off") << off << QStringLiteral("\"4\",\"\",\"\",\"\",\"\"");
        QTest::newRow("unblock") << bare(Event::Kind::Unblock) << QStringLiteral("\"\",\"\",\"\",\"\",\"\"");
        QTest::newRow("lock") << bare(Event::Kind::Lock) << QStringLiteral("\"\",\"\",\"\",\"\",\"\"");
        QTest::newRow("wiggle") << bare(Event::Kind::Wiggle) << QStringLiteral("\"\",\"\",\"\",\"\",\"\"");
        QTest::newRow("turn") << bare(Event::Kind::Turn) << QStringLiteral("\"\",\"\",\"\",\"\",\"\"");
    }
    void everyKindOfEventHasItsOwnCells() {
        QFETCH(Event, event);
        QFETCH(QString, cells);
        const auto book = open();
        Job job = jobOf(QStringLiteral("Kept"), QString());
        job.log = {event};
        QVERIFY(book->add(job).ok());
        QVERIFY(!exportCsv(*book, dir_->path()));
        QFile file(dir_->filePath(QStringLiteral("events.csv")));
        QVERIFY(file.open(QIODevice::ReadOnly));
        const QString line = QString::fromUtf8(file.readAll()).split(QStringLiteral("\r\n")).at(1);
        QVERIFY2(line.contains(cells), qPrintable(line));
    }

    void aCardOrRecordThatCannotBeIsNamed_data() {
        QTest::addColumn<QString>("member");
        QTest::addColumn<QString>("value");
        QTest::addColumn<QString>("field");
        QTest::newRow("nut") << "card"
                             << R"({"nut":"wax"})"
                             << "card.nut";
        QTest::newRow("tuners") << "card"
                                << R"({"tuners":7})"
                                << "card.tuners";
        QTest::newRow("keys") << "card"
                              << R"({"keys":[]})"
                              << "card.keys";
        QTest::newRow("state") << "work"
                               << R"({"state":"lost"})"
                               << "work.state";
        QTest::newRow("due") << "work"
                             << R"({"due":"soon"})"
                             << "work.due";
        QTest::newRow("record") << "work"
                                << R"({"records":[{"what":"undone"}]})"
                                << "work.records[0].what";
    }
    void aCardOrRecordThatCannotBeIsNamed() {
        QFETCH(QString, member);
        QFETCH(QString, value);
        QFETCH(QString, field);
        QJsonObject json = jobToJson(newJob());
        json[member] = QJsonDocument::fromJson(value.toUtf8()).object();
        const Result<Job> job = jobFromJson(json);
        QVERIFY(!job.ok());
        QCOMPARE(job.fault().field, field);
        QVERIFY(!job.fault().whatIsWrong().isEmpty());
    }

    void anUnwritableFolderIsSaid() {
        const auto book = Logbook::open(QStringLiteral("/proc/flenzo/shop.flenzo-logbook"));
        QVERIFY(!book.ok() && book.fault().whatIsWrong().contains(QLatin1String("--logbook")));
        const auto mine = open();
        QVERIFY(mine->backUp(QStringLiteral("/proc/flenzo/backup")).has_value());
        QVERIFY(exportCsv(*mine, QStringLiteral("/proc/flenzo/tables")).has_value());
        QVERIFY(!mine->job(4711).ok());
        QVERIFY(!importFile(*mine, dir_->filePath(QStringLiteral("absent.flenzo-job"))).ok());
    }

    void settingsAreKept() {
        open()->setSetting(QStringLiteral("house"), QStringLiteral("atOnce=one"));
        open()->setSetting(QStringLiteral("house"), QStringLiteral("atOnce=all"));
        QCOMPARE(open()->setting(QStringLiteral("house")).value(), QStringLiteral("atOnce=all"));
        QVERIFY(open()->setting(QStringLiteral("nothing")).value().isEmpty());
    }

    void aJobCanBeTakenOut() {
        const auto book = open();
        Job job = jobOf(QStringLiteral("Gone"), QString());
        job.log = {Event::read(0, 1.0)};
        const qint64 id = book->add(job).value();
        const qint64 stays = book->add(jobOf(QStringLiteral("Stays"), QString())).value();
        job.owner = QStringLiteral("Somebody");
        const qint64 other = book->add(job).value();
        QVERIFY(!book->remove({id, other}));
        QCOMPARE(book->jobCount().value(), 1);
        QCOMPARE(book->job(stays).value().guitar, QStringLiteral("Stays"));
        // A guitar and an owner without a job are gone too, and nothing else.
        QSqlQuery query(book->database());
        QVERIFY(query.exec(QStringLiteral("SELECT (SELECT COUNT(*) FROM guitars), (SELECT COUNT(*) FROM owners)")));
        QVERIFY(query.next());
        QCOMPARE(query.value(0).toInt(), 1);
        QCOMPARE(query.value(1).toInt(), 1);
        QVERIFY(!book->check()); // its events went with it
    }

    /// A file of the first version comes along with all it holds, a copy of it put aside before.
    void aFileOfTheFirstVersionIsBroughtOn() {
        qint64 id = 0;
        {
            const auto book = open();
            Job job = jobOf(QStringLiteral("Old"), QStringLiteral("Somebody"));
            job.log = {Event::read(0, 1.0), Event::read(1, -2.0)};
            id = book->add(job).value();
            QVERIFY(!book->setSetting(QStringLiteral("house"), QStringLiteral("atOnce=all")));
        }
        for (const char* statement :
             {"DROP TABLE practice", "DROP TABLE stock_moves", "DROP TABLE stock", "DROP INDEX jobs_by_check",
              "ALTER TABLE jobs DROP COLUMN check_on", "ALTER TABLE jobs DROP COLUMN revision"})
            QVERIFY2(pragma(QLatin1String(statement)), statement);
        QVERIFY(pragma(onServer() ? QStringLiteral("UPDATE logbook SET version=1")
                                  : QStringLiteral("PRAGMA user_version=1")));
        const auto book = open();
        QVERIFY(onServer() || backupsOf(path_).size() == 1);
        QCOMPARE(book->job(id).value().log.size(), 2U);
        QCOMPARE(book->setting(QStringLiteral("house")).value(), QStringLiteral("atOnce=all"));
        QVERIFY(book->practice(QString()).value().isEmpty());
        QVERIFY(!book->addPractice({QStringLiteral("Mira"),
                                    QStringLiteral("sunk"),
                                    3,
                                    QDateTime::currentDateTimeUtc(),
                                    {},
                                    {},
                                    {},
                                    QByteArrayLiteral("{}")}));
        QCOMPARE(book->practice(QStringLiteral("Mira")).value().size(), 1);
        QVERIFY(!book->check());
    }

    void damagedForeignAndNewerFilesAreRefused() {
        if (onServer())
            QSKIP("of files");
        {
            QFile file(path_);
            QVERIFY(file.open(QIODevice::WriteOnly));
            file.write(QByteArray(8192, 'x'));
        }
        auto damaged = Logbook::open(path_);
        QVERIFY(!damaged.ok() && damaged.fault().whatIsWrong().contains(QLatin1String("damaged")));
        QFile::remove(path_);
        open().reset();
        QVERIFY(pragma(QStringLiteral("PRAGMA user_version=99")));
        auto newer = Logbook::open(path_);
        QVERIFY(!newer.ok() && newer.fault().whatIsWrong().contains(QLatin1String("newer")));
        QVERIFY(pragma(QStringLiteral("PRAGMA user_version=-3")));
        QVERIFY(Logbook::open(path_).fault().is(faults::bookForeign));
        QVERIFY(pragma(QStringLiteral("PRAGMA application_id=12")));
        auto foreign = Logbook::open(path_);
        QVERIFY(!foreign.ok() && foreign.fault().whatIsWrong().contains(QLatin1String("another program")));
    }

    void aKilledProgramLosesNothingItShowed() {
        const int kills = onServer() ? 80 : 200; // each has to get in there first
        constexpr int killsOfAShop = 10;         // a job that goes on growing takes ever longer
        for (int round = 0; round < kills; ++round) {
            if (round % killsOfAShop == 0)
                init();
            QProcess writer;
            writer.setProcessChannelMode(QProcess::ForwardedErrorChannel);
            const QString recovery = dir_->filePath(QStringLiteral("recovery-%1").arg(round)); // goes with the test
            writer.start(QCoreApplication::applicationFilePath(),
                         {QStringLiteral("--write-until-killed"), path_, recovery});
            QVERIFY(writer.waitForStarted());
            const int lines = 1 + QRandomGenerator::global()->bounded(12);
            QByteArray said;
            while (said.count('\n') < lines && writer.waitForReadyRead(20000))
                said += writer.readAllStandardOutput();
            QElapsedTimer moment; // anywhere in an act, not only where one has just ended
            moment.start();
            const qint64 within_us = QRandomGenerator::global()->bounded(4000);
            while (moment.nsecsElapsed() < within_us * 1000)
                continue;
            writer.kill(); // SIGKILL
            QVERIFY2(writer.waitForFinished(), qPrintable(QString::number(writer.exitCode())));
            said += writer.readAllStandardOutput();
            said.truncate(said.lastIndexOf('\n'));
            const std::size_t shown = said.mid(said.lastIndexOf('\n') + 1).toULongLong();
            QVERIFY(shown > 0);
            const auto opened = openPatiently(path_);
            QVERIFY2(opened.ok(), opened.ok() ? "" : qPrintable(opened.fault().sentence()));
            const auto& book = opened.value();
            QVERIFY(!book->readOnly());
            const std::size_t kept =
                book->job(book->setting(QStringLiteral("openJob")).value().toLongLong()).value().log.size();
            QVERIFY(kept >= shown && kept <= shown + 1); // one may have been written and not yet said
            QVERIFY(!book->check());
        }
    }
};

int main(int argc, char** argv) {
    QCoreApplication app(argc, argv);
    if (argc > 3 && QByteArray(argv[1]) == "--write-until-killed")
        return writeUntilKilled(QString::fromLocal8Bit(argv[2]), QString::fromLocal8Bit(argv[3]));
    TestLogbook test;
    return QTest::qExec(&test, argc, argv);
}

#include "test_logbook.moc"
