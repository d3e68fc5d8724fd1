// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/logbook.h"

#include <QDir>
#include <QFileInfo>

namespace flenzo {

namespace {

constexpr const char* backupMark = "-backup-";
constexpr const char* timeFormat = "yyyy-MM-dd-HHmmss";

QString beside(const QString& path, const char* mark, const QDateTime& now) {
    const QFileInfo info(path);
    const QString stem = info.absolutePath() + QLatin1Char('/') + info.completeBaseName() + QLatin1String(mark) +
                         now.toString(QLatin1String(timeFormat));
    QString name = stem + QLatin1Char('.') + info.suffix();
    for (int k = 2; QFileInfo::exists(name); ++k)
        name = stem + QStringLiteral("-%1.").arg(k) + info.suffix();
    return name;
}

} // namespace

QString backupPath(const QString& logbookPath, const QDateTime& now) {
    return beside(logbookPath, backupMark, now);
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

Result<QString> setAside(const QString& logbookPath, const QString& backup) {
    const QString aside = beside(logbookPath, "-damaged-", QDateTime::currentDateTime());
    if (!QFile::rename(logbookPath, aside))
        return Fault{"", "cannot be renamed; check the folder's permissions"};
    // What was not yet folded in belongs to the damaged file and would spoil the one that takes its place.
    for (const char* const tail : {"-wal", "-shm"})
        if (QFile::exists(logbookPath + QLatin1String(tail)))
            QFile::rename(logbookPath + QLatin1String(tail), aside + QLatin1String(tail));
    if (!backup.isEmpty() && !QFile::copy(backup, logbookPath))
        return Fault{"backup", "cannot be copied into place; make room and copy it by hand"};
    return aside;
}

} // namespace flenzo
