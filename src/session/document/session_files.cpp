// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/document/session.h"

#include "store/files.h"
#include "store/job_json.h"

namespace flenzo {

void Session::setLogbook(std::shared_ptr<Logbook> logbook) {
    keptAs_.reset();
    logbook_ = std::move(logbook);
}

void Session::becomeKept(Job job, qint64 id) {
    start(std::move(job), QString());
    keptAs_ = id;
    logbook_->setSetting(QStringLiteral("openJob"), QString::number(id));
    Q_EMIT identityChanged();
}

std::optional<Fault> Session::keep(Job job) {
    const Result<qint64> id = logbook_->add(job);
    if (!id.ok())
        return id.fault();
    becomeKept(std::move(job), id.value());
    return std::nullopt;
}

std::optional<Fault> Session::openKept(qint64 id) {
    Result<Job> job = logbook_->job(id);
    if (!job.ok())
        return job.fault();
    becomeKept(std::move(job.value()), id);
    return std::nullopt;
}

void Session::start(Job job, const QString& path) {
    undo_.clear();
    keptAs_.reset();
    path_ = path;
    recovery_.clear();
    Q_EMIT started();
    show(std::move(job));
    Q_EMIT identityChanged();
}

std::optional<Fault> Session::open(const QString& path) {
    const Result<QJsonObject> json = readJsonFile(path);
    if (!json.ok())
        return json.fault();
    const Result<Job> job = jobFromJson(json.value());
    if (!job.ok())
        return job.fault();
    start(job.value(), path);
    return std::nullopt;
}

std::optional<Fault> Session::save(const QString& path) {
    if (auto fault = writeFile(path, jobBytes(job_)))
        return fault;
    path_ = path;
    undo_.setClean();
    recovery_.clear();
    Q_EMIT identityChanged();
    return std::nullopt;
}

} // namespace flenzo
