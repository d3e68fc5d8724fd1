// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/logbook.h"

#include "domain/faults.h"
#include "store/event_json.h"
#include "store/job_json.h"
#include "store/logbook_sql.h"
#include "store/work_json.h"

#include <QDir>
#include <QFileInfo>
#include <QJsonArray>
#include <QJsonDocument>
#include <QSqlError>
#include <QSqlQuery>
#include <QUrl>
#include <QUuid>
#include <algorithm>

namespace flenzo {

namespace {

constexpr int applicationId = 0x464c4e5a; // "FLNZ"
constexpr int schemaVersion = 3;

const char* const schema[] = {
    "CREATE TABLE owners (id INTEGER PRIMARY KEY, name TEXT NOT NULL UNIQUE) STRICT",
    "CREATE TABLE guitars (id INTEGER PRIMARY KEY, owner INTEGER NOT NULL REFERENCES owners(id), name TEXT NOT NULL, "
    "UNIQUE (owner, name)) STRICT",
    "CREATE TABLE jobs (id INTEGER PRIMARY KEY, guitar INTEGER NOT NULL REFERENCES guitars(id), state TEXT NOT NULL, "
    "received TEXT NOT NULL, due TEXT NOT NULL, changed TEXT NOT NULL, set_name TEXT NOT NULL, tuning TEXT NOT NULL, "
    "story TEXT NOT NULL, words TEXT NOT NULL, entries INTEGER NOT NULL, body TEXT NOT NULL) STRICT",
    "CREATE INDEX jobs_by_change ON jobs (changed)",
    "CREATE INDEX jobs_by_guitar ON jobs (guitar, changed)",
    "CREATE INDEX jobs_by_due ON jobs (due) WHERE due <> ''",
    "CREATE TABLE events (job INTEGER NOT NULL REFERENCES jobs(id) ON DELETE CASCADE, seq INTEGER NOT NULL, "
    "body TEXT NOT NULL, PRIMARY KEY (job, seq)) STRICT, WITHOUT ROWID",
    "CREATE TABLE settings (key TEXT PRIMARY KEY, value TEXT NOT NULL) STRICT"};
/// Version 2: who practised what. No real guitar is touched by it.
const char* const practiceSchema[] = {
    "CREATE TABLE practice (id INTEGER PRIMARY KEY, apprentice TEXT NOT NULL, exercise TEXT NOT NULL, seed INTEGER NOT "
    "NULL, at TEXT NOT NULL, score TEXT NOT NULL, acts TEXT NOT NULL) STRICT",
    "CREATE INDEX practice_by_apprentice ON practice (apprentice, at)"};
/// Version 3: the check after the hand-over, and what is in the drawers. A count is the sum of what came and went.
const char* const shopSchema[] = {
    "ALTER TABLE jobs ADD COLUMN check_on TEXT NOT NULL DEFAULT ''",
    "CREATE INDEX jobs_by_check ON jobs (check_on) WHERE check_on <> ''",
    "CREATE TABLE stock (item TEXT PRIMARY KEY, kind TEXT NOT NULL, name TEXT NOT NULL, least INTEGER NOT NULL, price "
    "INTEGER NOT NULL) STRICT",
    "CREATE TABLE stock_moves (id INTEGER PRIMARY KEY, item TEXT NOT NULL REFERENCES stock(item) ON DELETE CASCADE, "
    "at TEXT NOT NULL, pieces INTEGER NOT NULL, why TEXT NOT NULL, job INTEGER NOT NULL) STRICT",
    "CREATE INDEX stock_moves_by_item ON stock_moves (item)",
    "CREATE INDEX stock_moves_by_job ON stock_moves (job)"};

QString compact(const QJsonObject& json) {
    return QString::fromUtf8(QJsonDocument(json).toJson(QJsonDocument::Compact));
}
QString bodyOf(const Job& job) {
    Job bare = job;
    bare.log.clear();
    return compact(jobToJson(bare));
}
QString wordsOf(const Job& job) {
    return (QStringList{job.guitar, job.owner, job.story, job.onPicks.setName, job.onPicks.tuningName})
        .join(QLatin1Char(' '))
        .toLower();
}
QString stamp() {
    return QDateTime::currentDateTimeUtc().toString(Qt::ISODateWithMs);
}
bool sameNames(const Rig& a, const Rig& b) {
    return a.strings.size() == b.strings.size() &&
           std::equal(a.strings.begin(), a.strings.end(), b.strings.begin(),
                      [](const RigString& x, const RigString& y) { return x.name == y.name; });
}

/// The row of a name, made if it is not there yet.
std::optional<qint64> idOf(QSqlQuery& query, const QString& select, const QString& insert, const QVariantList& values) {
    if (run(query, select, values) && query.next())
        return query.value(0).toLongLong();
    if (!run(query, insert, values))
        return std::nullopt;
    return query.lastInsertId().toLongLong();
}

} // namespace

Logbook::Logbook(QString path, QString connection, std::unique_ptr<QLockFile> lock, bool inUse)
    : path_(std::move(path)), connection_(std::move(connection)), lock_(std::move(lock)), inUse_(inUse) {}

Logbook::~Logbook() {
    database().close();
    QSqlDatabase::removeDatabase(connection_);
}

QSqlDatabase Logbook::database() const {
    return QSqlDatabase::database(connection_, false);
}

Result<std::shared_ptr<Logbook>> Logbook::open(const QString& path) {
    if (!QDir().mkpath(QFileInfo(path).absolutePath()))
        return Fault{faults::bookFolderNotMade, QStringLiteral("logbook")};
    auto lock = std::make_unique<QLockFile>(path + QStringLiteral(".lock"));
    lock->setStaleLockTime(0); // only a process that is gone gives it up
    bool inUse = false;
    if (!lock->tryLock(0)) {
        inUse = lock->error() == QLockFile::LockFailedError; // otherwise this user may not write there
        lock.reset();
    }
    const bool isNew = QFileInfo(path).size() == 0;
    if (isNew && !lock)
        return Fault{faults::bookCannotBeMade, QStringLiteral("logbook")};
    const QString connection = QStringLiteral("logbook-") + QUuid::createUuid().toString(QUuid::WithoutBraces);
    std::shared_ptr<Logbook> book(new Logbook(path, connection, std::move(lock), inUse));
    if (auto fault = book->connect())
        return *fault;
    if (auto fault = book->prepare(isNew))
        return *fault;
    return book;
}

Fault Logbook::whyReadOnly() const {
    return {inUse_ ? faults::bookInUse : faults::bookNotWritable, QStringLiteral("logbook")};
}

std::optional<Fault> Logbook::connect() {
    QSqlDatabase made = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), connection_);
    // A reader shares a small file with the writer; where it may not make one and nobody writes, it does without.
    const bool alone = readOnly() && !inUse_ && !QFileInfo::exists(path_ + QStringLiteral("-wal"));
    made.setDatabaseName(
        alone ? QUrl::fromLocalFile(path_).toString(QUrl::FullyEncoded) + QStringLiteral("?immutable=1") : path_);
    made.setConnectOptions(QStringLiteral("QSQLITE_BUSY_TIMEOUT=2000") +
                           (readOnly() ? QStringLiteral(";QSQLITE_OPEN_READONLY") : QString()) +
                           (alone ? QStringLiteral(";QSQLITE_OPEN_URI") : QString()));
    return made.open() ? std::nullopt : std::optional(faultOf(faults::bookNotOpened, made.lastError()));
}

std::optional<Fault> Logbook::prepare(bool isNew) {
    QSqlQuery query(database());
    if (!query.exec(QStringLiteral("PRAGMA schema_version")) || !query.next())
        return readFaultOf(query.lastError());
    if (!readOnly()) {
        // WAL lets a second window read while this one writes; FULL has every commit on the disk, not only in its
        // cache.
        query.exec(QStringLiteral("PRAGMA journal_mode=WAL"));
        query.exec(QStringLiteral("PRAGMA synchronous=FULL"));
    }
    query.exec(QStringLiteral("PRAGMA foreign_keys=ON"));
    query.exec(QStringLiteral("PRAGMA application_id"));
    const int id = query.next() ? query.value(0).toInt() : 0;
    query.exec(QStringLiteral("PRAGMA user_version"));
    const int version = query.next() ? query.value(0).toInt() : 0;
    query.finish(); // or no copy can be made before it is brought on
    if (!isNew && id != applicationId && !(id == 0 && version == 0 && database().tables().isEmpty()))
        return Fault{faults::bookForeign, QStringLiteral("logbook")};
    if (version > schemaVersion)
        return Fault{faults::bookNewer, QStringLiteral("logbook")};
    if (version < schemaVersion) {
        if (readOnly())
            return Fault{faults::bookOlderAndInUse, QStringLiteral("logbook")};
        if (version > 0)
            if (auto fault = backUp(backupPath(path_, QDateTime::currentDateTime())))
                return fault;
        if (auto fault = migrate(version))
            return fault;
    }
    if (!query.exec(QStringLiteral("SELECT id FROM jobs ORDER BY changed DESC LIMIT 1")))
        return readFaultOf(query.lastError());
    return std::nullopt;
}

std::optional<Fault> Logbook::migrate(int version) {
    QSqlDatabase base = database();
    QSqlQuery query(base);
    if (!base.transaction())
        return faultOf(faults::bookNotWritten, base.lastError());
    bool ok = true;
    if (version < 1)
        for (const char* const statement : schema)
            ok = ok && query.exec(QLatin1String(statement));
    if (version < 2)
        for (const char* const statement : practiceSchema)
            ok = ok && query.exec(QLatin1String(statement));
    if (version < 3)
        for (const char* const statement : shopSchema)
            ok = ok && query.exec(QLatin1String(statement));
    ok = ok && query.exec(QStringLiteral("PRAGMA application_id=%1").arg(applicationId)) &&
         query.exec(QStringLiteral("PRAGMA user_version=%1").arg(schemaVersion));
    const QSqlError error = query.lastError();
    query.finish();
    if (ok && base.commit())
        return std::nullopt;
    base.rollback();
    return faultOf(faults::bookNotWritten, error);
}

std::optional<Fault> Logbook::put(qint64 id, const Job* before, const Job& after) {
    QSqlQuery query(database());
    const auto owner = idOf(query, QStringLiteral("SELECT id FROM owners WHERE name=?"),
                            QStringLiteral("INSERT INTO owners (name) VALUES (?)"), {after.owner});
    const auto guitar =
        owner ? idOf(query, QStringLiteral("SELECT id FROM guitars WHERE owner=? AND name=?"),
                     QStringLiteral("INSERT INTO guitars (owner, name) VALUES (?, ?)"), {*owner, after.guitar})
              : std::nullopt;
    if (!guitar)
        return faultOf(faults::bookNotWritten, query.lastError());
    const QString body = bodyOf(after);
    const QVariantList head{*guitar,
                            jobStateName(after.work.state),
                            after.work.received.toString(Qt::ISODate),
                            after.work.due.toString(Qt::ISODate),
                            after.work.checkOn.toString(Qt::ISODate),
                            stamp(),
                            after.onPicks.setName,
                            after.onPicks.tuningName,
                            after.story,
                            wordsOf(after),
                            static_cast<int>(after.log.size()),
                            body};
    bool ok = false;
    if (!before)
        ok = run(query,
                 QStringLiteral("INSERT INTO jobs (guitar, state, received, due, check_on, changed, set_name, tuning, "
                                "story, words, entries, body, id) VALUES (?,?,?,?,?,?,?,?,?,?,?,?,?)"),
                 head + QVariantList{id});
    else if (bodyOf(*before) == body)
        ok = run(query, QStringLiteral("UPDATE jobs SET changed=?, entries=? WHERE id=?"),
                 {stamp(), static_cast<int>(after.log.size()), id});
    else
        ok = run(query,
                 QStringLiteral("UPDATE jobs SET guitar=?, state=?, received=?, due=?, check_on=?, changed=?, "
                                "set_name=?, tuning=?, story=?, words=?, entries=?, body=? WHERE id=?"),
                 head + QVariantList{id});
    std::size_t same = 0;
    if (before && sameNames(before->rig, after.rig))
        while (same < before->log.size() && same < after.log.size() && before->log[same] == after.log[same])
            ++same;
    if (ok && before && same < before->log.size())
        ok = run(query, QStringLiteral("DELETE FROM events WHERE job=? AND seq>=?"), {id, static_cast<qint64>(same)});
    if (ok && same < after.log.size()) {
        ok = query.prepare(QStringLiteral("INSERT INTO events (job, seq, body) VALUES (?,?,?)"));
        for (std::size_t e = same; ok && e < after.log.size(); ++e) {
            query.bindValue(0, id);
            query.bindValue(1, static_cast<qint64>(e));
            query.bindValue(2, compact(eventToJson(after.log[e], after.rig)));
            ok = query.exec();
        }
    }
    if (!ok)
        return faultOf(faults::bookNotWritten, query.lastError());
    return before ? takeFromStock(id, *before, after) : std::nullopt;
}

std::optional<Fault> Logbook::atOnce(const std::function<std::optional<Fault>()>& writes) {
    if (readOnly())
        return whyReadOnly();
    QSqlDatabase base = database();
    if (!base.transaction())
        return faultOf(faults::bookNotWritten, base.lastError());
    auto fault = writes();
    if (!fault && !base.commit())
        fault = faultOf(faults::bookNotWritten, base.lastError());
    if (fault)
        base.rollback();
    return fault;
}

qint64 Logbook::freeId() const {
    QSqlQuery query(database());
    query.exec(QStringLiteral("SELECT COALESCE(MAX(id), 0) + 1 FROM jobs"));
    return query.next() ? query.value(0).toLongLong() : 1;
}

Result<qint64> Logbook::add(const Job& job) {
    qint64 id = 0;
    if (auto fault = atOnce([&] { return put(id = freeId(), nullptr, job); }))
        return *fault;
    return id;
}

std::optional<Fault> Logbook::addAll(const std::vector<Job>& jobs) {
    return atOnce([&]() -> std::optional<Fault> {
        for (const Job& job : jobs)
            if (auto fault = put(freeId(), nullptr, job))
                return fault;
        return std::nullopt;
    });
}

std::optional<Fault> Logbook::save(qint64 id, const Job& before, const Job& after) {
    return atOnce([&] { return put(id, &before, after); });
}

Result<Job> Logbook::job(qint64 id) const {
    QSqlQuery query(database());
    if (!run(query, QStringLiteral("SELECT body FROM jobs WHERE id=?"), {id}))
        return readFaultOf(query.lastError());
    if (!query.next())
        return Fault{faults::jobGone, QStringLiteral("job")};
    QJsonObject json = QJsonDocument::fromJson(query.value(0).toString().toUtf8()).object();
    QJsonArray log;
    if (!run(query, QStringLiteral("SELECT body FROM events WHERE job=? ORDER BY seq"), {id}))
        return readFaultOf(query.lastError());
    while (query.next())
        log.append(QJsonDocument::fromJson(query.value(0).toString().toUtf8()).object());
    json[QLatin1String("log")] = log;
    return jobFromJson(json);
}

std::optional<Fault> Logbook::remove(qint64 id) {
    QSqlQuery query(database());
    if (readOnly())
        return whyReadOnly();
    if (!run(query, QStringLiteral("DELETE FROM jobs WHERE id=?"), {id}))
        return faultOf(faults::bookNotWritten, query.lastError());
    return std::nullopt;
}

Result<QString> Logbook::setting(const QString& key) const {
    QSqlQuery query(database());
    if (!run(query, QStringLiteral("SELECT value FROM settings WHERE key=?"), {key}))
        return readFaultOf(query.lastError());
    return query.next() ? query.value(0).toString() : QString();
}

std::optional<Fault> Logbook::setSetting(const QString& key, const QString& value) {
    QSqlQuery query(database());
    if (readOnly())
        return whyReadOnly();
    if (!run(query,
             QStringLiteral("INSERT INTO settings VALUES (?,?) ON CONFLICT (key) DO UPDATE SET value=excluded.value"),
             {key, value}))
        return faultOf(faults::bookNotWritten, query.lastError());
    return std::nullopt;
}

std::optional<Fault> Logbook::backUp(const QString& path) const {
    QSqlQuery query(database());
    if (QFileInfo::exists(path))
        return Fault{faults::backupExists, QStringLiteral("backup")};
    if (!run(query, QStringLiteral("VACUUM INTO ?"), {path})) {
        QFile::remove(path);
        return faultOf(faults::noBackup, query.lastError());
    }
    return std::nullopt;
}

std::optional<Fault> Logbook::check() const {
    QSqlQuery query(database());
    if (!query.exec(QStringLiteral("PRAGMA integrity_check")) || !query.next())
        return faultOf(faults::bookDamaged, query.lastError());
    const QString said = query.value(0).toString();
    if (said == QLatin1String("ok"))
        return std::nullopt;
    return Fault{faults::bookDamaged, QStringLiteral("logbook"), {said.left(200)}};
}

} // namespace flenzo
