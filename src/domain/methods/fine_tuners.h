// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/setup/lock.h"
#include "domain/job/derived.h"

namespace flenzo {

/// By how much strings are assumed to go flat before they are changed.
inline constexpr double assumedWear_cents = 5.0;

/// What is asked of a string's fine tuner once the nut is clamped, and whether it has that (docs/mechanics.md eq. 38).
struct FineDemand {
    double shift_cents = 0.0; ///< left to it by clamping, which moves what it moved last time here, else as calculated
    double settling_cents = 0.0; ///< what the string still gives once it counts as settled
    FineForecast forecast;
};

/// Sets every fine tuner to the shop's preset.
void presetFineTuners(Job& job);

/// One per string, at pitch with the plate at its goal; empty where no nut is clamped, where there is no balance, and
/// where nobody knows what a turn of a fine tuner does or where it is.
[[nodiscard]] std::vector<FineDemand> fineDemands(const Job& job, const Derived& derived);

/// Names of the strings that are further from pitch now than their fine tuner goes; none before the nut is locked.
[[nodiscard]] QStringList beyondFineTuners(const Job& job, const Derived& derived);

} // namespace flenzo
