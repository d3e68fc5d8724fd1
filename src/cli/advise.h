// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/log/bench_job.h"

#include <QJsonObject>

namespace flenzo {

/// Everything `flenzo-cli advise` prints: `action`, `why`, `outlook`, `learned` (docs/formats.md).
[[nodiscard]] QJsonObject adviceJson(const BenchJob& job, bool withOutlook);

} // namespace flenzo
