// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/base/fault.h"

#include <vector>

namespace flenzo {

/// Every string's reading in one field, thickest first: "-3 -2 0 +1 2 0", with commas or points, in cents. Nothing typed
/// is no readings.
[[nodiscard]] Result<std::vector<double>> parseHeld(const QString& text, std::size_t strings);
[[nodiscard]] QString heldText(const std::vector<double>& cents);

} // namespace flenzo
