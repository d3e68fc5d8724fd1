// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "store/logbook.h"

namespace flenzo {

/// What to buy: what is low, and what the jobs on the bench and waiting need and is not there.
[[nodiscard]] Result<QList<ToBuy>> whatToBuy(const Logbook& book, const Catalogue& catalogue, const Stock& stock);

} // namespace flenzo
