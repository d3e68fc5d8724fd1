// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "store/logbook.h"

namespace flenzo {

/// The whole invented shop as it would be on a day: what was finished before, the demo guitars in hand, and the
/// drawers.
struct DemoShop {
    std::vector<Job> jobs; ///< finished ones first
    Stock stock;
};
[[nodiscard]] DemoShop demoShop(const QDate& today);
/// Puts it into an empty logbook.
[[nodiscard]] std::optional<Fault> putDemoShop(Logbook& book, const QDate& today);
/// Once the last of its jobs is gone its drawers go as well, but for what the shop made its own.
[[nodiscard]] std::optional<Fault> clearDemoStock(Logbook& book);

} // namespace flenzo
