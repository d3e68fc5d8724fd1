// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/files.h"

#include "domain/base/faults.h"

#include <QFile>
#include <QFileInfo>
#include <QJsonDocument>
#include <QSaveFile>
#include <unistd.h>

namespace flenzo {

namespace {

constexpr qint64 largest_bytes = qint64{32} * 1024 * 1024;

Fault whole(const FaultCode& code, const QStringList& arguments = {}) {
    return {code, QString(), arguments};
}

} // namespace

Result<QByteArray> readFile(const QString& path, qint64 mostBytes) {
    QFile file(path);
    if (QFileInfo(path).isDir())
        return whole(faults::isFolder);
    if (!file.open(QIODevice::ReadOnly))
        return whole(faults::cannotBeRead, {file.errorString()});
    if (file.size() > mostBytes)
        return whole(faults::fileTooLarge, {QString::number(mostBytes / (qint64{1024} * 1024))});
    return file.readAll();
}

Result<QJsonObject> readJsonFile(const QString& path) {
    const Result<QByteArray> bytes = readFile(path, largest_bytes);
    if (!bytes.ok())
        return bytes.fault();
    QJsonParseError error;
    const QJsonDocument document = QJsonDocument::fromJson(bytes.value(), &error);
    if (error.error != QJsonParseError::NoError)
        return whole(faults::damagedJson, {error.errorString(), QString::number(error.offset)});
    if (!document.isObject())
        return whole(faults::noJsonObject);
    return document.object();
}

namespace {

/// On the disk under another name, ready to take its place. Unbuffered: what a buffer holds back is written by the
/// commit, which does not notice when that fails, and an empty file would take the old one's place.
bool prepare(QSaveFile& file, const QByteArray& content) {
    return file.open(QIODevice::WriteOnly | QIODevice::Unbuffered) && file.write(content) == content.size() &&
           ::fsync(file.handle()) == 0;
}

/// Over what is there: only where nothing can take its place by name.
bool writeInPlace(const QString& path, const QByteArray& content) {
    QFile file(path);
    return file.open(QIODevice::WriteOnly | QIODevice::Unbuffered) && file.write(content) == content.size() &&
           ::fsync(file.handle()) == 0;
}

} // namespace

std::optional<Fault> writeFile(const QString& path, const QByteArray& content) {
    QSaveFile file(path);
    if (prepare(file, content) && file.commit())
        return std::nullopt;
    const QString said = file.error() == QFileDevice::NoError ? qt_error_string() : file.errorString();
    return whole(faults::cannotBeWritten, {said});
}

std::optional<Fault> writePair(const FileContent& first, const FileContent& second) {
    QSaveFile one(first.path), two(second.path);
    if (!prepare(one, first.content) || !prepare(two, second.content)) {
        const QSaveFile& failed = two.error() == QFileDevice::NoError ? one : two;
        return whole(faults::cannotBeWritten, {failed.errorString()});
    }
    QFile old(first.path);
    const std::optional<QByteArray> before =
        old.open(QIODevice::ReadOnly) ? std::optional(old.readAll()) : std::nullopt;
    if (!one.commit())
        return whole(faults::cannotBeWritten, {one.errorString()});
    if (two.commit())
        return std::nullopt;
    if (!before)
        QFile::remove(first.path);
    else if (writeFile(first.path, *before)) // a disk that renames nothing any more may still write
        (void)writeInPlace(first.path, *before);
    return whole(faults::cannotBeWritten, {two.errorString()});
}

QString nameBeside(const QString& path, const char* mark, const QDateTime& now) {
    const QFileInfo info(path);
    const QString stem = info.absolutePath() + QLatin1Char('/') + info.completeBaseName() + QLatin1String(mark) +
                         now.toString(QStringLiteral("yyyy-MM-dd-HHmmss"));
    QString name = stem + QLatin1Char('.') + info.suffix();
    for (int k = 2; QFileInfo::exists(name); ++k)
        name = stem + QStringLiteral("-%1.").arg(k) + info.suffix();
    return name;
}

Result<QString> setAside(const QString& path) {
    const QString aside = nameBeside(path, "-damaged-", QDateTime::currentDateTime());
    if (!QFile::rename(path, aside))
        return Fault{faults::notSetAside, QString()};
    return aside;
}

} // namespace flenzo
