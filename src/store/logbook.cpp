// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/logbook.h"

#include "domain/base/faults.h"
#include "store/event_json.h"
#include "store/job_json.h"
#include "store/logbook_sql.h"
#include "store/work_json.h"

#include <QJsonArray>
#include <QJsonDocument>
#include <QSqlQuery>
#include <algorithm>

namespace flenzo {

namespace {

constexpr const char* lastNumber = "lastJob"; ///< setting: the highest number a job that is gone may have had

QString compact(const QJsonObject& json) {
    return QString::fromUtf8(QJsonDocument(json).toJson(QJsonDocument::Compact));
}
QString bodyOf(const Job& job) {
    Job bare = job;
    bare.log.clear();
    return compact(jobToJson(bare));
}
QString wordsOf(const Job& job) {
    return (QStringList{job.guitar, job.owner, job.reason, job.onPicks.setName, job.onPicks.tuningName})
        .join(QLatin1Char(' '))
        .toLower();
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
    if (!run(query, insert + QStringLiteral(" RETURNING id"), values) || !query.next())
        return std::nullopt;
    return query.value(0).toLongLong();
}

std::optional<qint64> guitarRow(QSqlQuery& query, const Job& job) {
    const auto owner = idOf(query, QStringLiteral("SELECT id FROM owners WHERE name=?"),
                            QStringLiteral("INSERT INTO owners (name) VALUES (?)"), {job.owner});
    return owner ? idOf(query, QStringLiteral("SELECT id FROM guitars WHERE owner=? AND name=?"),
                        QStringLiteral("INSERT INTO guitars (owner, name) VALUES (?, ?)"), {*owner, job.guitar})
                 : std::nullopt;
}

QVariantList headOf(const Job& job, qint64 guitar, const QString& changed) {
    return {guitar,
            jobStateName(job.work.state),
            job.work.received.toString(Qt::ISODate),
            job.work.due.toString(Qt::ISODate),
            job.work.checkOn.toString(Qt::ISODate),
            changed,
            job.onPicks.setName,
            job.onPicks.tuningName,
            job.reason,
            wordsOf(job),
            static_cast<int>(job.log.size()),
            bodyOf(job)};
}

} // namespace

Result<std::shared_ptr<Logbook>> Logbook::open(const QString& place, const QString& bench) {
    return over(isServerAddress(place) ? postgresBackend(place, bench) : sqliteBackend(place));
}

Result<std::shared_ptr<Logbook>> Logbook::openToRead(const QString& place) {
    return over(isServerAddress(place) ? postgresBackend(place, {}) : sqliteReader(place));
}

Result<std::shared_ptr<Logbook>> Logbook::over(Result<std::shared_ptr<LogbookBackend>> backend) {
    if (!backend.ok())
        return backend.fault();
    if (auto fault = backend.value()->open())
        return *fault;
    return std::shared_ptr<Logbook>(new Logbook(std::move(backend).value()));
}

Fault Logbook::readFault(const QSqlQuery& query) const {
    return backend_->faultOf(faults::bookNotRead, query.lastError());
}

Fault Logbook::writeFault(const QSqlQuery& query) const {
    return backend_->faultOf(faults::bookNotWritten, query.lastError());
}

Result<QDateTime> Logbook::lastChange() const {
    QSqlQuery query(database());
    if (!run(query, QStringLiteral("SELECT changed FROM jobs ORDER BY changed DESC LIMIT 1")))
        return readFault(query);
    if (query.next())
        return QDateTime::fromString(query.value(0).toString(), Qt::ISODateWithMs);
    return query.lastError().isValid() ? Result<QDateTime>(readFault(query)) : QDateTime();
}

Result<QString> Logbook::stamp() const {
    const QDateTime now = QDateTime::currentDateTimeUtc();
    const Result<QDateTime> last = lastChange();
    if (!last.ok()) // it may have ended the transaction: what came after would be outside of it
        return last.fault();
    const bool behind = last.value().isValid() && last.value() >= now;
    return (behind ? last.value().toUTC().addMSecs(1) : now).toString(Qt::ISODateWithMs);
}

std::optional<Fault> Logbook::writeEvents(qint64 id, const Job& after, std::size_t from) {
    QSqlQuery query(database());
    bool ok =
        from >= after.log.size() || query.prepare(QStringLiteral("INSERT INTO events (job, seq, body) VALUES (?,?,?)"));
    for (std::size_t e = from; ok && e < after.log.size(); ++e) {
        query.bindValue(0, id);
        query.bindValue(1, static_cast<qint64>(e));
        query.bindValue(2, compact(eventToJson(after.log[e], after.rig)));
        const TimeLimit within(query.driver());
        ok = query.exec();
    }
    return ok ? std::nullopt : std::optional(writeFault(query));
}

Result<qint64> Logbook::put(const Job& job) {
    QSqlQuery query(database());
    const Result<QString> now = stamp();
    if (!now.ok())
        return now.fault();
    const auto guitar = guitarRow(query, job);
    // A server counts on by itself; a file would give the number of the newest again once that is gone.
    const bool counts = isServerAddress(path());
    const QString number = counts ? QString()
                                  : QStringLiteral("(SELECT 1 + MAX(n) FROM (SELECT COALESCE(MAX(id), 0) AS n FROM "
                                                   "jobs UNION ALL SELECT CAST(value AS BIGINT) FROM settings "
                                                   "WHERE key='%1')), ")
                                        .arg(QLatin1String(lastNumber));
    if (!guitar ||
        !run(query,
             QStringLiteral("INSERT INTO jobs (%1guitar, state, received, due, check_on, changed, set_name, tuning, "
                            "story, words, entries, body) VALUES (%2?,?,?,?,?,?,?,?,?,?,?,?) RETURNING id")
                 .arg(counts ? QString() : QStringLiteral("id, "), number),
             headOf(job, *guitar, now.value())) ||
        !query.next())
        return writeFault(query);
    const qint64 id = query.value(0).toLongLong();
    if (auto fault = writeEvents(id, job, 0))
        return *fault;
    return id;
}

std::optional<Fault> Logbook::update(qint64 id, const Job& before, const Job& after, qint64 revision) {
    QSqlQuery query(database());
    const Result<QString> now = stamp();
    if (!now.ok())
        return now.fault();
    bool ok = false;
    if (bodyOf(before) == bodyOf(after)) {
        ok = run(query,
                 QStringLiteral("UPDATE jobs SET changed=?, entries=?, revision=revision+1 WHERE id=? AND revision=?"),
                 {now.value(), static_cast<int>(after.log.size()), id, revision});
    } else {
        const auto guitar = guitarRow(query, after);
        ok =
            guitar && run(query,
                          QStringLiteral("UPDATE jobs SET guitar=?, state=?, received=?, due=?, check_on=?, changed=?, "
                                         "set_name=?, tuning=?, story=?, words=?, entries=?, body=?, "
                                         "revision=revision+1 WHERE id=? AND revision=?"),
                          headOf(after, *guitar, now.value()) + QVariantList{id, revision});
    }
    if (!ok)
        return writeFault(query);
    if (query.numRowsAffected() == 0) {
        const Result<qint64> there = revisionOf(id);
        return there.ok() ? Fault{faults::jobChangedElsewhere, QStringLiteral("job")} : there.fault();
    }
    std::size_t same = 0;
    if (sameNames(before.rig, after.rig))
        while (same < before.log.size() && same < after.log.size() && before.log[same] == after.log[same])
            ++same;
    if (same < before.log.size() &&
        !run(query, QStringLiteral("DELETE FROM events WHERE job=? AND seq>=?"), {id, static_cast<qint64>(same)}))
        return writeFault(query);
    if (auto fault = writeEvents(id, after, same))
        return fault;
    return takeFromStock(id, before, after);
}

std::optional<Fault> Logbook::atOnce(const QString& what, const std::function<std::optional<Fault>()>& writes) {
    if (auto fault = whyReadOnly())
        return fault;
    if (auto fault = backend_->begin())
        return fault;
    QSqlDatabase base = database();
    auto fault = writes();
    if (!fault)
        backend_->announce(what);
    const TimeLimit within(base.driver());
    if (!fault && !base.commit())
        fault = backend_->faultOf(faults::bookNotWritten, base.lastError());
    if (fault)
        base.rollback();
    return fault;
}

Result<qint64> Logbook::add(const Job& job) {
    Result<qint64> id(qint64{0});
    const auto fault = atOnce(QStringLiteral("shop"), [&]() -> std::optional<Fault> {
        id = put(job);
        return id.ok() ? std::nullopt : std::optional(id.fault());
    });
    return fault ? Result<qint64>(*fault) : id;
}

std::optional<Fault> Logbook::addAll(const std::vector<Job>& jobs) {
    return atOnce(QStringLiteral("shop"), [&]() -> std::optional<Fault> {
        for (const Job& job : jobs)
            if (const Result<qint64> id = put(job); !id.ok())
                return id.fault();
        return std::nullopt;
    });
}

std::optional<Fault> Logbook::save(qint64 id, const Job& before, const Job& after, qint64& revision) {
    auto fault = atOnce(QStringLiteral("job %1 %2").arg(id).arg(revision + 1),
                        [&] { return update(id, before, after, revision); });
    revision += fault ? 0 : 1;
    return fault;
}

std::optional<Fault> Logbook::saveAndAdd(qint64 id, const Job& before, const Job& after, qint64& revision,
                                         const Job& more) {
    auto fault = atOnce(QStringLiteral("job %1 %2").arg(id).arg(revision + 1), [&]() -> std::optional<Fault> {
        const Result<qint64> added = put(more);
        return added.ok() ? update(id, before, after, revision) : std::optional(added.fault());
    });
    revision += fault ? 0 : 1;
    return fault;
}

Result<qint64> Logbook::revisionOf(qint64 id) const {
    QSqlQuery query(database());
    if (!run(query, QStringLiteral("SELECT revision FROM jobs WHERE id=?"), {id}))
        return readFault(query);
    if (!query.next())
        return Fault{faults::jobGone, QStringLiteral("job")};
    return query.value(0).toLongLong();
}

Result<KeptJob> Logbook::kept(qint64 id) const {
    // One statement, so that head and events are of one moment.
    QSqlQuery query(database());
    query.setForwardOnly(true);
    if (!run(query,
             QStringLiteral("SELECT -1 AS seq, revision, body FROM jobs WHERE id=? UNION ALL SELECT seq, 0, body FROM "
                            "events WHERE job=? ORDER BY seq"),
             {id, id}))
        return readFault(query);
    const auto brokeOff = [&query] { return query.lastError().isValid(); }; // an end that is none
    if (!query.next() || query.value(0).toInt() != -1)
        return brokeOff() ? readFault(query) : Fault{faults::jobGone, QStringLiteral("job")};
    const qint64 revision = query.value(1).toLongLong();
    const auto objectIn = [&query] { return QJsonDocument::fromJson(query.value(2).toString().toUtf8()).object(); };
    QJsonObject json = objectIn();
    QJsonArray log;
    while (query.next())
        log.append(objectIn());
    if (brokeOff())
        return readFault(query);
    json[QLatin1String("log")] = log;
    Result<Job> job = jobFromJson(json);
    return job.ok() ? Result<KeptJob>(KeptJob{std::move(job).value(), revision}) : Result<KeptJob>(job.fault());
}

Result<Job> Logbook::job(qint64 id) const {
    Result<KeptJob> read = kept(id);
    return read.ok() ? Result<Job>(std::move(read.value().job)) : Result<Job>(read.fault());
}

std::optional<Fault> Logbook::remove(const QList<qint64>& jobs) {
    return atOnce(QStringLiteral("shop"), [&]() -> std::optional<Fault> {
        QSqlQuery query(database());
        if (!run(query, QStringLiteral(
                            "INSERT INTO settings SELECT '%1', CAST(n AS TEXT) FROM (SELECT MAX(id) AS n FROM jobs) "
                            "AS newest WHERE n > 0 ON CONFLICT (key) DO UPDATE SET value = CASE WHEN "
                            "CAST(excluded.value AS BIGINT) > CAST(settings.value AS BIGINT) THEN excluded.value "
                            "ELSE settings.value END")
                            .arg(QLatin1String(lastNumber))))
            return writeFault(query);
        for (const qint64 id : jobs) {
            if (!run(query, QStringLiteral("DELETE FROM jobs WHERE id=?"), {id}))
                return writeFault(query);
            backend_->announce(QStringLiteral("job %1 0").arg(id));
        }
        for (const char* rest : {"DELETE FROM guitars WHERE id NOT IN (SELECT guitar FROM jobs)",
                                 "DELETE FROM owners WHERE id NOT IN (SELECT owner FROM guitars)"})
            if (!run(query, QLatin1String(rest)))
                return writeFault(query);
        return std::nullopt;
    });
}

Result<QString> Logbook::setting(const QString& key) const {
    QSqlQuery query(database());
    if (!run(query, QStringLiteral("SELECT value FROM settings WHERE key=?"), {key}))
        return readFault(query);
    return query.next() ? query.value(0).toString() : QString();
}

std::optional<Fault> Logbook::setSetting(const QString& key, const QString& value) {
    return atOnce(QStringLiteral("setting"), [&]() -> std::optional<Fault> {
        QSqlQuery query(database());
        if (!run(query,
                 QStringLiteral(
                     "INSERT INTO settings VALUES (?,?) ON CONFLICT (key) DO UPDATE SET value=excluded.value"),
                 {key, value}))
            return writeFault(query);
        return std::nullopt;
    });
}

std::optional<Fault> Logbook::backUp(const QString& path, const std::function<bool(qint64)>& goOn) const {
    return backend_->backUp(*this, path, goOn);
}

std::optional<Fault> Logbook::check() const {
    return backend_->check();
}

} // namespace flenzo
