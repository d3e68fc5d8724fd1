// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/statics/coupling.h"
#include "core/statics/level.h"

namespace flenzo {

/// A reading to tune a string to.
struct Aim {
    std::size_t string = 0;
    double cents = 0.0; ///< against the string's target
    double frequency_Hz = 0.0;
};

/// A pass with what each string was tuned to and where it ended.
struct Pass {
    std::vector<Aim> aims; ///< in the order they were tuned
    State after;
    EquilibriumKind rest = EquilibriumKind::Free;
};

/// One round that tunes every string in `order` exactly to its target.
[[nodiscard]] Pass exactPass(const Rig& rig, State from, const Order& order);

/// One round that gives every string in `order` its rest length of `level`: what the tuner says at that moment is the
/// aim (eq. 21). The claw should be as in `level`; if it is not, the strings land once it does.
[[nodiscard]] Pass aimedPass(const Rig& rig, State from, const LevelSolution& level, const Order& order);

/// Readings under a block at `block_rad` that land at pitch once it is out, with the claw of `level`.
[[nodiscard]] std::vector<Aim> blockedAims(const Rig& rig, const LevelSolution& level, double block_rad);

/// Exact passes until all strings are within the goal's tolerance, at most `most`; the last one is the answer.
[[nodiscard]] std::vector<Pass> exactPassesUntilDone(const Rig& rig, const State& from, const Goal& goal,
                                                     const Order& order, int most);

/// True when every string sounds within tolerance and the plate is within its own.
[[nodiscard]] bool withinGoal(const Rig& rig, const State& state, const Goal& goal);

} // namespace flenzo
