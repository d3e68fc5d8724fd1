// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/shop/stock.h"

namespace flenzo::wording {

/// What to buy, a line each: how many, what the jobs in hand need of it, and what would do meanwhile with what it does
/// to pull and claw.
[[nodiscard]] QStringList shoppingLines(const QList<ToBuy>& list);

} // namespace flenzo::wording
