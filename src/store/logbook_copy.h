// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "store/logbook.h"

#include <functional>

namespace flenzo {

/// Everything of a logbook into an empty one, of whichever kind: all of it or nothing. Photos and recordings go along,
/// and jobs call them by their new names. `goOn` hears how many rows are written and may stop it by returning false.
[[nodiscard]] std::optional<Fault> copyLogbook(const Logbook& from, Logbook& to,
                                               const std::function<bool(qint64)>& goOn = {});
/// How many rows there are to copy.
[[nodiscard]] Result<qint64> rowsIn(const Logbook& book);

} // namespace flenzo
