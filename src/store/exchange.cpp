// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/exchange.h"

#include "domain/base/faults.h"
#include "store/event_json.h"
#include "store/files.h"
#include "store/job_json.h"
#include "store/rig_json.h"
#include "store/work_json.h"

#include <QDir>
#include <QJsonArray>
#include <QJsonDocument>
#include <limits>

namespace flenzo {

namespace {

QString csv(const QStringList& cells) {
    QStringList out;
    for (QString cell : cells) {
        bool isNumber = false;
        (void)cell.toDouble(&isNumber);
        // A spreadsheet would run a cell that begins like a formula.
        if (!cell.isEmpty() && QStringLiteral("=+-@\t\r").contains(cell.front()) && !isNumber)
            cell.prepend(QLatin1Char('\''));
        out.append(QLatin1Char('"') + cell.replace(QLatin1Char('"'), QStringLiteral("\"\"")) + QLatin1Char('"'));
    }
    return out.join(QLatin1Char(',')) + QStringLiteral("\r\n");
}

QString figure(const QJsonObject& json, const char* member, int decimals) {
    const QJsonValue value = json.value(QLatin1String(member));
    return value.isDouble() ? QString::number(value.toDouble(), 'f', decimals) : QString();
}

/// One event; a cell is empty where the event has no such figure.
QStringList eventCells(const JobRow& row, std::size_t index, const Event& event, const Rig& rig) {
    const QJsonObject json = eventToJson(event, rig);
    QStringList readings;
    const QJsonObject cents = json.value(QLatin1String("cents")).toObject();
    for (auto one = cents.begin(); one != cents.end(); ++one)
        readings.append(one.key() + QLatin1Char('=') + QString::number(one.value().toDouble(), 'f', 2));
    return {QString::number(row.id),
            QString::number(index),
            json.value(QLatin1String("event")).toString(),
            json.value(QLatin1String("at")).toString(),
            json.value(QLatin1String("string")).toString(),
            readings.isEmpty() ? figure(json, "toCents", 2) : readings.join(QLatin1Char(' ')),
            figure(json, "gapMm", 3),
            figure(json, "angleDeg", 3),
            event.kind == Event::Kind::Claw ? QString::number(event.turns.mean(), 'f', 4) : QString(),
            json.value(QLatin1String("note")).toString()};
}

constexpr const char* guitarFormat = "flenzo-guitar";

} // namespace

std::optional<Fault> exportCsv(const Logbook& book, const QString& folder, const std::function<bool(int)>& goOn) {
    QByteArray jobs =
        csv({"job", "guitar", "owner", "reason", "set", "tuning", "state", "received", "due", "changed", "entries"})
            .toUtf8();
    QByteArray events =
        csv({"job", "number", "event", "at", "string", "cents", "gap mm", "angle deg", "claw turns", "note"}).toUtf8();
    JobFilter all;
    all.most = std::numeric_limits<int>::max();
    const Result<QList<JobRow>> rows = book.jobs(all);
    if (!rows.ok())
        return rows.fault();
    int done = 0;
    for (const JobRow& row : rows.value()) {
        if (goOn && !goOn(done))
            return Fault{faults::stopped, QStringLiteral("export")};
        ++done;
        jobs += csv({QString::number(row.id), row.guitar, row.owner, row.reason, row.setName, row.tuning,
                     jobStateName(row.state), row.received.toString(Qt::ISODate), row.due.toString(Qt::ISODate),
                     row.changed.toString(Qt::ISODate), QString::number(row.entries)})
                    .toUtf8();
        const Result<Job> job = book.job(row.id);
        if (!job.ok())
            return job.fault();
        for (std::size_t e = 0; e < job.value().log.size(); ++e)
            events += csv(eventCells(row, e, job.value().log[e], job.value().rig)).toUtf8();
    }
    if (!QDir().mkpath(folder))
        return Fault{faults::folderNotMade, QStringLiteral("folder")};
    const QDir dir(folder);
    return writePair({dir.filePath(QStringLiteral("jobs.csv")), jobs},
                     {dir.filePath(QStringLiteral("events.csv")), events});
}

std::optional<Fault> exportGuitar(const Logbook& book, qint64 guitarId, const QString& path) {
    QJsonArray jobs;
    const Result<QList<JobRow>> rows = book.jobsOf(guitarId);
    if (!rows.ok())
        return rows.fault();
    for (const JobRow& row : rows.value()) {
        const Result<Job> job = book.job(row.id);
        if (!job.ok())
            return job.fault();
        jobs.append(jobToJson(job.value()));
    }
    const QJsonObject whole{{QStringLiteral("format"), QLatin1String(guitarFormat)},
                            {QStringLiteral("version"), 1},
                            {QStringLiteral("jobs"), jobs}};
    return writeFile(path, QJsonDocument(whole).toJson());
}

Result<int> importFile(Logbook& book, const QString& path) {
    const Result<QJsonObject> json = readJsonFile(path);
    if (!json.ok())
        return json.fault();
    QJsonArray list{json.value()};
    if (json.value().value(QLatin1String("format")).toString() == QLatin1String(guitarFormat)) {
        FaultBox box;
        Fields head(json.value(), QString(), box);
        checkHead(head, guitarFormat, 1);
        if (!box.empty())
            return box.fault();
        list = json.value().value(QLatin1String("jobs")).toArray();
    }
    std::vector<Job> jobs;
    for (const QJsonValue one : list) {
        Result<Job> job = jobFromJson(one.toObject());
        if (!job.ok())
            return job.fault();
        jobs.push_back(std::move(job.value()));
    }
    if (auto fault = book.addAll({jobs.rbegin(), jobs.rend()})) // the newest is written last
        return *fault;
    return static_cast<int>(jobs.size());
}

} // namespace flenzo
