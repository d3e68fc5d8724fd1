// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/planning/claw_steps.h"
#include "core/planning/passes.h"

namespace flenzo {

/// From a state to done if every act goes as the model says and everything is known: the states on the way.
struct PlannedPasses {
    std::vector<Pass> passes; ///< the first one finishes the pass under way
    int clawVisits = 0;
    bool reachesGoal = false;
};
/// `tuned` are the strings tuned so far in the present pass.
[[nodiscard]] PlannedPasses plannedPasses(const Rig& rig, const Goal& goal, const WorkMethod& method, const State& from,
                                          const std::vector<std::size_t>& tuned, int mostPasses);

} // namespace flenzo
