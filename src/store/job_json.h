// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/job.h"

#include <QByteArray>

namespace flenzo {

/// Reads and writes `flenzo-job` version 1 (docs/formats.md).
[[nodiscard]] Result<Job> jobFromJson(const QJsonObject& json);
[[nodiscard]] QJsonObject jobToJson(const Job& job);
[[nodiscard]] QByteArray jobBytes(const Job& job);

} // namespace flenzo
