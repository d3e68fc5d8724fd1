// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/document/session.h"

#include "store/files.h"
#include "store/job_json.h"

#include <utility>

namespace flenzo {

void Session::start(Job job, const QString& path) {
    undo_.clear();
    if (keptAs_)
        logbook_->backend().release(*keptAs_);
    keptAs_.reset();
    if (std::exchange(away_, std::nullopt))
        recovery_.leave(); // what the server has not seen waits for it there
    else
        recovery_.clear();
    conflict_.reset();
    path_ = path;
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
