// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/base/fault.h"

#include <optional>

namespace flenzo {

/// Everything of one logbook into an empty one, file or server; says on the standard output how much went.
[[nodiscard]] std::optional<QString> moveShop(const QString& from, const QString& to);

} // namespace flenzo
