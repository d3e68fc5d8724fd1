// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/job/job.h"

#include <QByteArray>

namespace flenzo {

/// Reads and writes `flenzo-job` version 1 (docs/formats.md).
[[nodiscard]] Result<Job> jobFromJson(const QJsonObject& written);
[[nodiscard]] QJsonObject jobToJson(const Job& job);
[[nodiscard]] QByteArray jobBytes(const Job& job);
/// Why this job, once written, could not be read again. Whatever changes a job asks this first.
[[nodiscard]] std::optional<Fault> unreadable(const Job& job);

} // namespace flenzo
