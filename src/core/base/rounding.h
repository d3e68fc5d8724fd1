// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cmath>

namespace flenzo {

/// As a tool with steps of that size tells it; a step of 0 tells everything.
[[nodiscard]] inline double roundedTo(double value, double step) {
    return step > 0.0 ? std::round(value / step) * step : value;
}
/// To a billionth, so that what was worked out is written as people would.
[[nodiscard]] inline double tidy(double value) {
    constexpr double perUnit = 1e9;
    return std::round(value * perUnit) / perUnit;
}

} // namespace flenzo
