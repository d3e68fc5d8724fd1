// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/base/result.h"

#include <QByteArray>
#include <QJsonObject>
#include <QString>
#include <optional>

namespace flenzo {

/// Reads a JSON object from a file of at most 32 MiB. The fault's field is empty when the file as a whole is at fault.
[[nodiscard]] Result<QJsonObject> readJsonFile(const QString& path);

/// Writes the whole file or leaves the old one untouched; the fault says what to do.
[[nodiscard]] std::optional<Fault> writeFile(const QString& path, const QByteArray& content);

/// "file: field what", the one sentence a user reads.
[[nodiscard]] QString sentence(const QString& path, const Fault& fault);

} // namespace flenzo
