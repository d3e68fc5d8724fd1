// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/logbook.h"

#include "domain/base/faults.h"
#include "store/files.h"

#include <QDir>
#include <QFileInfo>

namespace flenzo {

namespace {

constexpr const char* backupMark = "-backup-";

} // namespace

QString backupPath(const QString& logbookPath, const QDateTime& now) {
    return nameBeside(logbookPath, backupMark, now);
}

QStringList backupsOf(const QString& logbookPath) {
    const QFileInfo info(logbookPath);
    QStringList found;
    const QStringList names = info.dir().entryList(
        {info.completeBaseName() + QLatin1String(backupMark) + QStringLiteral("*.") + info.suffix()}, QDir::Files,
        QDir::Name | QDir::Reversed);
    for (const QString& name : names)
        found.append(info.dir().filePath(name));
    return found;
}

Result<QString> setAsideLogbook(const QString& logbookPath, const QString& backup) {
    // Whoever writes it goes on in the very file, wherever that is moved.
    bool inUse = false;
    const std::unique_ptr<QLockFile> writer = lockToWrite(logbookPath, inUse);
    if (inUse)
        return Fault{faults::bookInUse, QStringLiteral("logbook")};
    Result<QString> aside = setAside(logbookPath);
    if (!aside.ok())
        return aside;
    // What was not yet folded in belongs to the damaged file and would spoil the one that takes its place.
    for (const char* const tail : {"-wal", "-shm"})
        if (QFile::exists(logbookPath + QLatin1String(tail)))
            QFile::rename(logbookPath + QLatin1String(tail), aside.value() + QLatin1String(tail));
    if (backup.isEmpty() || QFile::copy(backup, logbookPath))
        return aside;
    QFile::remove(logbookPath); // half of it, if anything
    for (const char* const tail : {"", "-wal", "-shm"})
        QFile::rename(aside.value() + QLatin1String(tail), logbookPath + QLatin1String(tail));
    return Fault{faults::backupNotCopied, QStringLiteral("backup")};
}

} // namespace flenzo
