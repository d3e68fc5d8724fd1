// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/document/recovery.h"

#include "store/files.h"
#include "store/job_json.h"

#include <QDir>
#include <QFile>
#include <QJsonDocument>
#include <QUuid>

namespace flenzo {

namespace {
const QLatin1String pathKey("recoveryOfPath"), placeKey("recoveryOfPlace");

QJsonObject placeToJson(const Recovery::Place& place) {
    return {{QStringLiteral("logbook"), place.logbook},
            {QStringLiteral("job"), place.job},
            {QStringLiteral("revision"), place.revision},
            {QStringLiteral("base"), jobToJson(place.base)}};
}

std::optional<Recovery::Place> placeFromJson(const QJsonObject& json) {
    Result<Job> base = jobFromJson(json.value(QLatin1String("base")).toObject());
    if (!base.ok())
        return std::nullopt;
    return Recovery::Place{json.value(QLatin1String("logbook")).toString(),
                           json.value(QLatin1String("job")).toInteger(),
                           json.value(QLatin1String("revision")).toInteger(), std::move(base).value()};
}

} // namespace

Recovery::Recovery(const QString& folder) : folder_(folder) {
    QDir().mkpath(folder_);
    begin();
}

void Recovery::begin() {
    file_ = folder_ + QStringLiteral("/%1.flenzo-job").arg(QUuid::createUuid().toString(QUuid::WithoutBraces));
    lock_ = std::make_unique<QLockFile>(file_ + QStringLiteral(".lock"));
    lock_->setStaleLockTime(0); // only a lock whose process is gone counts as stale, however old it is
    lock_->tryLock();
}

Recovery::~Recovery() {
    clear();
}

std::optional<Fault> Recovery::write(const Job& job, const QString& path, const std::optional<Place>& place) {
    QJsonObject json = jobToJson(job);
    json[pathKey] = path;
    if (place)
        json[placeKey] = placeToJson(*place);
    return writeFile(file_, QJsonDocument(json).toJson(QJsonDocument::Compact));
}

void Recovery::clear() {
    QFile::remove(file_);
}

void Recovery::leave() {
    lock_->unlock();
    begin();
}

std::optional<Recovery::Leftover> Recovery::leftover() {
    const QDir dir(folder_);
    for (const QString& name : dir.entryList({QStringLiteral("*.flenzo-job")}, QDir::Files, QDir::Time)) {
        const QString file = dir.filePath(name);
        QLockFile other(file + QStringLiteral(".lock"));
        other.setStaleLockTime(0);
        if (file == file_ || !other.tryLock())
            continue;
        const Result<QJsonObject> json = readJsonFile(file);
        const Result<Job> job = json.ok() ? jobFromJson(json.value()) : Result<Job>(json.fault());
        if (!job.ok()) {
            QFile::rename(file, file + QStringLiteral(".damaged"));
            continue;
        }
        Leftover found{file, job.value(), json.value().value(pathKey).toString(), std::nullopt};
        if (json.value().contains(placeKey))
            found.place = placeFromJson(json.value().value(placeKey).toObject());
        found.job.raw.remove(pathKey);
        found.job.raw.remove(placeKey);
        return found;
    }
    return std::nullopt;
}

void Recovery::discard(const Leftover& leftover) {
    QFile::remove(leftover.file);
}

} // namespace flenzo
