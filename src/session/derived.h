// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/advise/next_act.h"
#include "core/plan/spread.h"
#include "store/job.h"

namespace flenzo {

/// Everything the screens show that follows from a job. Computed in one go after every edit.
struct Derived {
    ChangeReport report;
    std::vector<Standing> standings; ///< one per event plus the start
    std::vector<std::size_t> tuned;  ///< in the pass under way
    NextAct next;
    Outlook outlook;             ///< by the job's own habit
    double couplingFactor = 0.0; ///< pass factor at the level solution; 0 when there is none
    PlanUncertainty uncertainty; ///< of the plan, from how far guitars lie from nominal
    double neutralBlock_m = 0.0; ///< under the rear edge
    [[nodiscard]] const Standing& now() const { return standings.back(); }
};

[[nodiscard]] Derived derive(const Job& job);

} // namespace flenzo
