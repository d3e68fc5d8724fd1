// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/guitar/card.h"
#include "store/fields.h"

namespace flenzo {

[[nodiscard]] Card cardFromJson(Fields fields);
[[nodiscard]] QJsonObject cardToJson(const Card& card);

} // namespace flenzo
