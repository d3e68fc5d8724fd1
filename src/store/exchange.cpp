// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/exchange.h"

#include "store/event_json.h"
#include "store/files.h"
#include "store/job_json.h"
#include "store/work_json.h"

#include <QDir>
#include <QFile>
#include <QJsonArray>
#include <QJsonDocument>
#include <QSaveFile>
#include <limits>

namespace flenzo {

namespace {

QString csv(const QStringList& cells) {
    QStringList out;
    for (QString cell : cells) {
        // A spreadsheet would run a cell that begins like a formula.
        if (!cell.isEmpty() && QStringLiteral("=@").contains(cell.front()))
            cell.prepend(QLatin1Char('\''));
        out.append(QLatin1Char('"') + cell.replace(QLatin1Char('"'), QStringLiteral("\"\"")) + QLatin1Char('"'));
    }
    return out.join(QLatin1Char(',')) + QStringLiteral("\r\n");
}

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
            readings.isEmpty() ? QString::number(json.value(QLatin1String("toCents")).toDouble(), 'f', 2)
                               : readings.join(QLatin1Char(' ')),
            json.contains(QLatin1String("gapMm"))
                ? QString::number(json.value(QLatin1String("gapMm")).toDouble(), 'f', 3)
                : QString(),
            event.kind == Event::Kind::Claw ? QString::number(event.turns.mean(), 'f', 4) : QString(),
            json.value(QLatin1String("note")).toString()};
}

constexpr const char* guitarFormat = "flenzo-guitar";

} // namespace

std::optional<Fault> exportCsv(const Logbook& book, const QString& folder, const std::function<bool(int)>& goOn) {
    if (!QDir().mkpath(folder))
        return Fault{"folder", "cannot be made; choose another"};
    QSaveFile jobs(QDir(folder).filePath(QStringLiteral("jobs.csv")));
    QSaveFile events(QDir(folder).filePath(QStringLiteral("events.csv")));
    if (!jobs.open(QIODevice::WriteOnly) || !events.open(QIODevice::WriteOnly))
        return Fault{"folder", "cannot be written; choose another"};
    jobs.write(
        csv({"job", "guitar", "owner", "story", "set", "tuning", "state", "received", "due", "changed", "entries"})
            .toUtf8());
    events.write(csv({"job", "number", "event", "at", "string", "cents", "gap mm", "claw turns", "note"}).toUtf8());
    JobFilter all;
    all.most = std::numeric_limits<int>::max();
    int done = 0;
    for (const JobRow& row : book.jobs(all)) {
        if (goOn && !goOn(done))
            return Fault{"export", "was stopped; nothing was written"};
        ++done;
        jobs.write(csv({QString::number(row.id), row.guitar, row.owner, row.story, row.setName, row.tuning,
                        jobStateName(row.state), row.received.toString(Qt::ISODate), row.due.toString(Qt::ISODate),
                        row.changed.toString(Qt::ISODate), QString::number(row.entries)})
                       .toUtf8());
        const Result<Job> job = book.job(row.id);
        if (!job.ok())
            return job.fault();
        for (std::size_t e = 0; e < job.value().log.size(); ++e)
            events.write(csv(eventCells(row, e, job.value().log[e], job.value().rig)).toUtf8());
    }
    if (!jobs.commit() || !events.commit())
        return Fault{"", "could not be written whole; make room or choose another folder"};
    return std::nullopt;
}

std::optional<Fault> exportGuitar(const Logbook& book, qint64 guitarId, const QString& path) {
    QJsonArray jobs;
    for (const JobRow& row : book.jobsOf(guitarId)) {
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
        if (json.value().value(QLatin1String("version")).toInt() != 1)
            return Fault{"version", "is newer than this program knows; update it"};
        list = json.value().value(QLatin1String("jobs")).toArray();
    }
    std::vector<Job> jobs;
    for (const QJsonValue& one : list) {
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
