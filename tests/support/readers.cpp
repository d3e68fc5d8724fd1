// SPDX-License-Identifier: GPL-3.0-or-later
#include "support/readers.h"

#include "domain/practice/exercise.h"
#include "store/catalogue_files.h"
#include "store/exchange.h"
#include "store/exercise_json.h"
#include "store/files.h"
#include "store/job_json.h"
#include "store/logbook.h"
#include "store/recordings.h"
#include "store/rig_json.h"
#include "support/csv.h"

#include <QDir>
#include <QFile>
#include <QJsonDocument>
#include <QTemporaryDir>
#include <cmath>
#include <cstring>

namespace flenzo::testing {

namespace {

/// A folder in memory where there is one: these readers run by the ten thousand.
QString inScratch(const QString& name) {
    static const QTemporaryDir dir(
        (QDir(QStringLiteral("/dev/shm")).exists() ? QStringLiteral("/dev/shm") : QDir::tempPath()) +
        QStringLiteral("/flenzo-readers-XXXXXX"));
    return dir.filePath(name);
}
QString scratchFile(const QString& name, const QByteArray& bytes) {
    QFile file(inScratch(name));
    if (file.open(QIODevice::WriteOnly | QIODevice::Truncate))
        file.write(bytes);
    return file.fileName();
}

/// A refusal says something, and no book.
QString refusal(const Fault& fault) {
    const QString said = fault.sentence();
    return fault.whatIsWrong().isEmpty() || said.size() > 1000 ? QStringLiteral("refused as: ") + said : QString();
}

QJsonObject objectIn(const QByteArray& bytes) {
    return QJsonDocument::fromJson(bytes).object();
}

QString readJob(const QByteArray& bytes) {
    const Result<Job> job = jobFromJson(objectIn(bytes));
    if (!job.ok())
        return refusal(job.fault());
    const QByteArray once = jobBytes(job.value());
    const Result<Job> again = jobFromJson(objectIn(once));
    if (!again.ok())
        return QStringLiteral("written and refused: ") + again.fault().sentence();
    return jobBytes(again.value()) == once ? QString() : QStringLiteral("read again to something else");
}

QString readRig(const QByteArray& bytes) {
    const Result<Rig> rig = rigFromJson(objectIn(bytes), QStringLiteral("rig"));
    if (!rig.ok())
        return refusal(rig.fault());
    const QJsonObject once = rigToJson(rig.value());
    const Result<Rig> again = rigFromJson(once, QStringLiteral("rig"));
    if (!again.ok())
        return QStringLiteral("written and refused: ") + again.fault().sentence();
    return rigToJson(again.value()) == once ? QString() : QStringLiteral("read again to something else");
}

QString readExercise(const QByteArray& bytes) {
    const Result<Exercise> exercise = exerciseFromJson(objectIn(bytes));
    if (!exercise.ok())
        return refusal(exercise.fault());
    const Rig& rig = exercise.value().job.rig;
    const Result<QList<PracticeAct>> begun = actsFromJson(actsToJson(exercise.value().begun, rig), rig);
    return begun.ok() && begun.value().size() == exercise.value().begun.size()
               ? QString()
               : QStringLiteral("what it begins with is not read again");
}

QString readCatalogue(const QByteArray& bytes) {
    const Result<OwnCatalogue> own = readOwnCatalogue(scratchFile(QStringLiteral("own.json"), bytes));
    if (!own.ok())
        return refusal(own.fault());
    const QString path = inScratch(QStringLiteral("again.json"));
    if (const auto fault = writeOwnCatalogue(path, own.value()))
        return QStringLiteral("not written again: ") + fault->sentence();
    const Result<OwnCatalogue> again = readOwnCatalogue(path);
    if (!again.ok())
        return QStringLiteral("written and refused: ") + again.fault().sentence();
    return again.value().tunings.size() == own.value().tunings.size() &&
                   again.value().sets.size() == own.value().sets.size() &&
                   again.value().unitMass_kgpm == own.value().unitMass_kgpm
               ? QString()
               : QStringLiteral("read again to something else");
}

QString readSound(const QByteArray& bytes) {
    const Result<Recording> read = recordingFrom(bytes);
    if (!read.ok())
        return {};
    for (const float sample : read.value().samples)
        if (!std::isfinite(sample))
            return QStringLiteral("a sample that is no number");
    const Result<Recording> again = recordingFrom(wavBytes(read.value()));
    return again.ok() && again.value().samples == read.value().samples &&
                   again.value().channels == read.value().channels
               ? QString()
               : QStringLiteral("read again to something else");
}

/// A book that is emptied after each use.
std::shared_ptr<Logbook> emptyBook() {
    static const std::shared_ptr<Logbook> book =
        Logbook::open(inScratch(QStringLiteral("shop.flenzo-logbook"))).value();
    for (const JobRow& row : book->jobs({}).value())
        if (book->remove({row.id}))
            qFatal("a job stays in the book");
    return book;
}

QString readGuitar(const QByteArray& bytes) {
    const auto book = emptyBook();
    const Result<int> count = importFile(*book, scratchFile(QStringLiteral("one.flenzo-guitar"), bytes));
    const Result<int> there = book->jobCount();
    if (there.value() != (count.ok() ? count.value() : 0))
        return QStringLiteral("came in by halves");
    if (!count.ok())
        return refusal(count.fault());
    for (const JobRow& row : book->jobs({}).value())
        if (const Result<Job> job = book->job(row.id); !job.ok())
            return QStringLiteral("came in and cannot be opened: ") + job.fault().sentence();
    return {};
}

/// Names and notes from the bytes, out as tables: as many cells as the head has, none of which a spreadsheet would run.
QString readTables(const QByteArray& bytes) {
    QStringList words = QString::fromUtf8(bytes).split(QChar(QChar::Null));
    words.resize(5);
    Job job = newJob();
    job.guitar = words[0].left(80);
    job.owner = words[1].left(80);
    job.reason = words[2].left(500);
    job.onPicks.setName = words[3].left(80);
    Event event = Event::read(0, -3.5);
    event.note = words[4].left(500).toStdString();
    job.log = {event};
    if (unreadable(job))
        return {};
    const auto book = emptyBook();
    if (const Result<qint64> id = book->add(job); !id.ok())
        return QStringLiteral("a sound job is not kept: ") + id.fault().sentence();
    const QString folder = QFileInfo(inScratch(QStringLiteral("tables/jobs.csv"))).path();
    if (const auto fault = exportCsv(*book, folder))
        return fault->sentence();
    for (const char* const name : {"jobs.csv", "events.csv"}) {
        const auto bytesOf = readFile(folder + QLatin1Char('/') + QLatin1String(name), 1 << 20);
        const std::optional<CsvTable> table = parseCsv(bytesOf.value());
        if (!table || table->size() != 2 || table->at(0).size() != table->at(1).size())
            return QStringLiteral("no table of two rows: ") + QLatin1String(name);
        for (const QByteArray& cell : table->at(1))
            if (isRun(cell))
                return QStringLiteral("a spreadsheet would run ") + QString::fromUtf8(cell.left(40));
    }
    return {};
}

QString readLogbook(const QByteArray& bytes) {
    for (const char* const tail : {"-wal", "-shm"})
        QFile::remove(inScratch(QStringLiteral("any.flenzo-logbook")) + QLatin1String(tail));
    for (const QString& backup : backupsOf(inScratch(QStringLiteral("any.flenzo-logbook"))))
        QFile::remove(backup);
    const auto book = Logbook::open(scratchFile(QStringLiteral("any.flenzo-logbook"), bytes));
    if (!book.ok())
        return refusal(book.fault());
    const auto rows = book.value()->jobs({});
    if (!rows.ok())
        return refusal(rows.fault());
    for (const JobRow& row : rows.value()) {
        const Result<Job> job = book.value()->job(row.id);
        if (!job.ok())
            if (const QString broken = refusal(job.fault()); !broken.isEmpty())
                return broken;
    }
    const auto stock = book.value()->stock();
    const auto practice = book.value()->practice(QString());
    if (!stock.ok())
        return refusal(stock.fault());
    return practice.ok() ? QString() : refusal(practice.fault());
}

} // namespace

const QList<Reader>& readers() {
    static const QList<Reader> all{{QStringLiteral("job"), true, readJob},
                                   {QStringLiteral("rig"), true, readRig},
                                   {QStringLiteral("guitar"), true, readGuitar},
                                   {QStringLiteral("csv"), false, readTables},
                                   {QStringLiteral("exercise"), true, readExercise},
                                   {QStringLiteral("wav"), false, readSound},
                                   {QStringLiteral("catalogue"), true, readCatalogue},
                                   {QStringLiteral("logbook"), false, readLogbook}};
    return all;
}

} // namespace flenzo::testing
