// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/files.h"

#include <QFile>
#include <QFileInfo>
#include <QJsonDocument>
#include <QSaveFile>

namespace flenzo {

namespace {

constexpr qint64 largest_bytes = 32 * 1024 * 1024;

Fault whole(const QString& what) {
    return {"", what.toStdString()};
}

} // namespace

Result<QJsonObject> readJsonFile(const QString& path) {
    QFile file(path);
    if (QFileInfo(path).isDir())
        return whole(QStringLiteral("is a folder; choose a file in it"));
    if (!file.open(QIODevice::ReadOnly))
        return whole(QStringLiteral("cannot be read: %1").arg(file.errorString()));
    if (file.size() > largest_bytes)
        return whole(QStringLiteral("is larger than 32 MiB; this is no job or rig"));
    QJsonParseError error;
    const QJsonDocument document = QJsonDocument::fromJson(file.readAll(), &error);
    if (error.error != QJsonParseError::NoError)
        return whole(QStringLiteral("is damaged or no JSON: %1 at byte %2; use a backup or the recovery copy")
                         .arg(error.errorString())
                         .arg(error.offset));
    if (!document.isObject())
        return whole(QStringLiteral("holds no JSON object; this is no job or rig"));
    return document.object();
}

std::optional<Fault> writeFile(const QString& path, const QByteArray& content) {
    QSaveFile file(path);
    const bool written = file.open(QIODevice::WriteOnly) && file.write(content) == content.size() && file.commit();
    if (written)
        return std::nullopt;
    return whole(
        QStringLiteral("could not be written: %1; nothing was changed, choose another folder or free some space")
            .arg(file.errorString()));
}

QString sentence(const QString& path, const Fault& fault) {
    const QString field = fault.field.empty() ? QString() : QString::fromStdString(fault.field) + QLatin1Char(' ');
    return QStringLiteral("%1: %2%3").arg(path, field, QString::fromStdString(fault.what));
}

} // namespace flenzo
