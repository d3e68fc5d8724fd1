// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>

namespace flenzo {

/// What the shop measures with: standard deviations of one reading. What is not told is estimated from the readings.
struct Tools {
    std::optional<double> tuner_cents;
    std::optional<double> gap_m;     ///< feeler or caliper about 0.05 mm, ruler 0.15 mm
    std::optional<double> angle_rad; ///< angle gauge 0.1 degrees, photo 0.1, by eye 0.3
    std::optional<double> peg_cents; ///< how near to its aim a string is left
    bool operator==(const Tools&) const = default;
};

} // namespace flenzo
