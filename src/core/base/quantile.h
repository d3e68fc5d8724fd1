// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <algorithm>
#include <cmath>
#include <vector>

namespace flenzo {

/// The value below which `share` (0 to 1) of the values lie, between two of them in proportion; 0 of none.
[[nodiscard]] inline double quantile(std::vector<double> values, double share) {
    if (values.empty())
        return 0.0;
    const double at = share * static_cast<double>(values.size() - 1), whole = std::floor(at);
    const auto place = values.begin() + static_cast<long>(whole);
    std::nth_element(values.begin(), place, values.end());
    const double below = *place;
    return at > whole ? below + (at - whole) * (*std::min_element(place + 1, values.end()) - below) : below;
}

} // namespace flenzo
