// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cmath>

namespace flenzo {

/// Straight about 0 as far as `straight`, by tenfold steps further out.
[[nodiscard]] inline double bent(double value, double straight) {
    return std::asinh(value / straight);
}

inline constexpr double straight_cents = 8.0; ///< of every scale of cents that reaches far out

} // namespace flenzo
