// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/stock.h"

namespace flenzo {

/// The whole invented shop as it would be on a day: what was finished before, the demo guitars in hand, and the drawers.
struct DemoShop {
    std::vector<Job> jobs; ///< finished ones first
    Stock stock;
};
[[nodiscard]] DemoShop demoShop(const QDate& today);

} // namespace flenzo
