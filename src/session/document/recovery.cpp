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
const QLatin1String pathKey("recoveryOfPath");
}

Recovery::Recovery(const QString& folder) : folder_(folder) {
    QDir().mkpath(folder_);
    file_ = folder_ + QStringLiteral("/%1.flenzo-job").arg(QUuid::createUuid().toString(QUuid::WithoutBraces));
    lock_ = std::make_unique<QLockFile>(file_ + QStringLiteral(".lock"));
    lock_->setStaleLockTime(0); // only a lock whose process is gone counts as stale, however old it is
    lock_->tryLock();
}

Recovery::~Recovery() {
    clear();
}

std::optional<Fault> Recovery::write(const Job& job, const QString& path) {
    QJsonObject json = jobToJson(job);
    json[pathKey] = path;
    return writeFile(file_, QJsonDocument(json).toJson(QJsonDocument::Compact));
}

void Recovery::clear() {
    QFile::remove(file_);
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
        Leftover found{file, job.value(), json.value().value(pathKey).toString()};
        found.job.raw.remove(pathKey);
        return found;
    }
    return std::nullopt;
}

void Recovery::discard(const Leftover& leftover) {
    QFile::remove(leftover.file);
}

} // namespace flenzo
