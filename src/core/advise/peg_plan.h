// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/plan/habit.h"
#include "core/plan/passes.h"
#include "core/plan/spread.h"

namespace flenzo {

/// Which pegs still have to be turned, and how far, so that strings and plate end inside the goal: as few as will do,
/// since every peg turned adds its own error and a soft float multiplies it (docs/mechanics.md eq. 28).
struct PegPlan {
    std::vector<std::size_t> strings; ///< in the shop's order
    State end;                        ///< with all of them turned: rest lengths to lead the pegs to
};

/// `target` holds the rest lengths of pitch at this claw; `free` are the strings that may be turned, in the shop's
/// order; `spread` says how far a peg misses.
[[nodiscard]] PegPlan planPegs(const Rig& rig, const Goal& goal, const State& now, const State& target,
                               const Order& free, const Spread& spread);

/// How far a state is from the goal in tolerances: the worst of plate and strings; strings that do not sound count as
/// lost.
[[nodiscard]] double violation(const Rig& rig, const Goal& goal, const State& state);

} // namespace flenzo
