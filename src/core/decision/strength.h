// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/decision/situation.h"

namespace flenzo {

// No act may bring a string nearer to breaking than the share of its breaking load that the options allow, or than the
// pitch that is wanted of it does.

/// The most that a string may pull (N).
[[nodiscard]] double mostPull_N(const Situation& now, std::size_t string);
/// The string that an act would bring furthest beyond that, if any: `after` is the guitar as it then rests. What is
/// beyond already counts only where it gets worse.
[[nodiscard]] std::optional<std::size_t> overpulled(const Situation& now, const BalanceEquation& after,
                                                    double angle_rad);
/// The frequency at which a string pulls `most_N`, where at `f_Hz` it pulls `pull_N`.
[[nodiscard]] double frequencyFor_Hz(double f_Hz, double pull_N, double most_N);
/// Share of its breaking load.
[[nodiscard]] double shareOfBreaking(const Situation& now, std::size_t string, double pull_N);

} // namespace flenzo
