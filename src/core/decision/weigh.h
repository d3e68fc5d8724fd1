// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/decision/situation.h"

namespace flenzo {

/// What leaving everything as it is comes to.
[[nodiscard]] PegPlan leavingAsIs(const Situation& now);
/// The cheapest way over all sets of strings and turns of the claw around the ones that bring the plate home.
[[nodiscard]] PegPlan cheapestPlan(const Situation& now);

} // namespace flenzo
