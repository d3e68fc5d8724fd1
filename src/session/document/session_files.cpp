// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/document/session.h"

#include "domain/base/faults.h"
#include "store/files.h"
#include "store/job_json.h"

#include <utility>

namespace flenzo {

std::optional<Fault> Session::wouldLose(Unsaved unsaved) const {
    return isModified() && unsaved == Unsaved::Refuse ? std::optional(Fault{faults::jobNotSaved, QStringLiteral("job")})
                                                      : std::nullopt;
}

void Session::begin(Job job, const QString& path, std::optional<qint64> id) {
    if (keptAs())
        Q_EMIT leaving();
    if (keptAs() && !isAway())
        undos_.leave(*keptAs(), job_);
    if (id)
        undos_.goOn(*id, job);
    else
        undos_.begin();
    keeper_.letGo();
    path_ = path;
    Q_EMIT started();
    show(std::move(job));
    Q_EMIT identityChanged();
}

std::optional<Fault> Session::start(Job job, const QString& path, Unsaved unsaved) {
    if (auto fault = wouldLose(unsaved))
        return fault;
    begin(std::move(job), path);
    return std::nullopt;
}

std::optional<Fault> Session::open(const QString& path, Unsaved unsaved) {
    const Result<QJsonObject> json = readJsonFile(path);
    if (!json.ok())
        return json.fault();
    const Result<Job> job = jobFromJson(json.value());
    if (!job.ok())
        return job.fault();
    return start(job.value(), path, unsaved);
}

std::optional<Fault> Session::restore(const Recovery::Leftover& leftover, Unsaved unsaved) {
    if (auto fault = start(leftover.job, leftover.path, unsaved))
        return fault;
    undos_.open().resetClean();
    if (auto fault = recovery_.write(job_, path_))
        return fault; // the copy there is stays
    recovery_.discard(leftover);
    return std::nullopt;
}

std::optional<Fault> Session::save(const QString& path) {
    if (auto fault = writeFile(path, jobBytes(job_)))
        return fault;
    path_ = path;
    undos_.open().setClean();
    if (!isKept()) // a kept one's copy waits for its server
        recovery_.clear();
    Q_EMIT identityChanged();
    return std::nullopt;
}

} // namespace flenzo
