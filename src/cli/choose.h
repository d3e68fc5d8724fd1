// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/base/fault.h"
#include "domain/shop/strings_sold.h"

#include <QJsonObject>

namespace flenzo {

/// Everything `flenzo-cli choose` prints: the set nearest to a wish, and what it does beside the strings that come off
/// and those the job puts on. The fault says for which string there is none.
[[nodiscard]] Result<QJsonObject> chooseJson(const Job& job, const Catalogue& catalogue, const FeelWish& feel);

} // namespace flenzo
