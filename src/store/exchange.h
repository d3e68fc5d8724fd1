// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "store/logbook.h"

#include <functional>

namespace flenzo {

/// Everything in the logbook as two tables for a spreadsheet, `jobs.csv` and `events.csv`, in a folder. `goOn` hears
/// how many jobs are written and may stop it by returning false; then nothing is left behind.
[[nodiscard]] std::optional<Fault> exportCsv(const Logbook& book, const QString& folder,
                                             const std::function<bool(int)>& goOn = {});

/// One guitar with all its jobs in one `flenzo-guitar` file.
[[nodiscard]] std::optional<Fault> exportGuitar(const Logbook& book, qint64 guitarId, const QString& path);
/// Adds a `flenzo-guitar` or `flenzo-job` file; all of it or nothing. Returns how many jobs came in.
[[nodiscard]] Result<int> importFile(Logbook& book, const QString& path);

} // namespace flenzo
