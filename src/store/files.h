// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/base/fault.h"

#include <QByteArray>
#include <QDateTime>
#include <QJsonObject>
#include <QString>
#include <optional>

namespace flenzo {

/// The whole of a file that is no larger than that.
[[nodiscard]] Result<QByteArray> readFile(const QString& path, qint64 mostBytes);
/// Reads a JSON object from a file of at most 32 MiB. The fault's field is empty when the file as a whole is at fault.
[[nodiscard]] Result<QJsonObject> readJsonFile(const QString& path);

/// Writes the whole file or leaves the old one untouched; the fault says what to do.
[[nodiscard]] std::optional<Fault> writeFile(const QString& path, const QByteArray& content);

struct FileContent {
    QString path;
    QByteArray content;
};
/// Two files that belong together: both are written, or both stay as they were.
[[nodiscard]] std::optional<Fault> writePair(const FileContent& first, const FileContent& second);

/// A name beside a file that nobody has yet: "shop-backup-2026-03-31-174500.flenzo".
[[nodiscard]] QString nameBeside(const QString& path, const char* mark, const QDateTime& now);
/// Gives a damaged file a name of its own beside where it lay, and says which.
[[nodiscard]] Result<QString> setAside(const QString& path);

} // namespace flenzo
