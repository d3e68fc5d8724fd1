// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/advise/adviser.h"

namespace flenzo {

/// The job played from its start on the model itself, by its own habit, with everything known and a steady hand: what a
/// way of working costs by the mechanics alone, and so the least it will cost. Stops at `rehearsalActs` acts.
[[nodiscard]] Counts rehearse(BenchJob job);
inline constexpr int rehearsalActs = 400;

} // namespace flenzo
