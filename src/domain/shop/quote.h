// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/simulation/remaining.h"
#include "domain/base/money.h"
#include "domain/shop/stock.h"

namespace flenzo {

/// What a job costs: labour by the minutes that are right for 8 of 10 guitars, and the parts that the shop has a price
/// for.
[[nodiscard]] Offer offerFor(const Job& job, const Quantiles& minutes, const Money& hour, const Stock& stock);

/// What the shop asks for the strings of a job; nothing where one of them has no price.
[[nodiscard]] std::optional<qint64> stringsPrice_minor(const Job& job, const Stock& stock);

/// "32.50 to 42.50 EUR".
[[nodiscard]] QString offerText(const Offer& offer);

} // namespace flenzo
