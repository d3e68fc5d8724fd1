// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cmath>
#include <numeric>
#include <string>

namespace flenzo {

/// Turns as a hand makes them: whole ones and sixteenths in lowest terms, without sign: "2 1/4", "3/16", "0".
[[nodiscard]] inline std::string inSixteenths(double turns) {
    const long sixteenths = std::lround(std::abs(turns) * 16.0);
    const long whole = sixteenths / 16, part = sixteenths % 16;
    if (part == 0)
        return std::to_string(whole);
    const long common = std::gcd(part, 16L);
    const std::string fraction = std::to_string(part / common) + '/' + std::to_string(16 / common);
    return whole == 0 ? fraction : std::to_string(whole) + ' ' + fraction;
}

} // namespace flenzo
