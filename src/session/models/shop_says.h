// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "store/logbook.h"

namespace flenzo {

/// What this shop's finished guitars of that kind of bridge taught, for a new one of it; nothing where there are too few
/// or the shop does not want it. Simulated guitars do not count, and of each guitar its latest job with readings does.
[[nodiscard]] Result<std::optional<ShopPrior>> shopPriorFor(const Logbook& book, const Bridge& bridge);

/// Whether new guitars begin from the shop's own; they do unless it was switched off.
[[nodiscard]] Result<bool> beginsFromShop(const Logbook& book);
[[nodiscard]] std::optional<Fault> setBeginsFromShop(Logbook& book, bool wanted);

} // namespace flenzo
