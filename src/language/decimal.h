// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QString>

namespace flenzo {

/// A number as the screen's language writes it: its own decimal sign, no marks between thousands, a minus as typed.
[[nodiscard]] QString decimal(double value, int decimals);
/// As many digits as it takes, four that count at most.
[[nodiscard]] QString decimal(double value);

} // namespace flenzo
