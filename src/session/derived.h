// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/advise/prospect.h"
#include "core/plan/alternatives.h"
#include "core/plan/spread.h"
#include "store/job.h"

namespace flenzo {

/// Everything the screens show that follows from a job. Computed in one go after every edit.
struct Derived {
    Insight insight;                       ///< what the log taught, to go on from when it grows
    Advice advice;                         ///< the guitar as learned, the next act
    ChangeReport report;                   ///< of the learned guitar
    std::vector<std::size_t> tuned;        ///< in the pass under way
    Outlook outlook;                       ///< by the job's own habit, if every act goes as the model says
    Prospect prospect;                     ///< what is left, over what is still uncertain
    double couplingFactor = 0.0;           ///< pass factor at the level solution; 0 when there is none
    std::vector<Alternative> alternatives; ///< where there is no comfortable float: what helps, side by side
    std::optional<Shortfall> shortfall;
    PlanUncertainty uncertainty; ///< of the plan, from how far guitars lie from nominal
    double neutralBlock_m = 0.0; ///< under the rear edge
    [[nodiscard]] const NextAct& next() const { return advice.act; }
    [[nodiscard]] const Rig& rig() const { return advice.fit.rig; }
    [[nodiscard]] const std::vector<Standing>& standings() const { return advice.standings; }
    [[nodiscard]] const Standing& now() const { return advice.now; }
};

/// The advice if what was learned before still held: for a value that is being tried, until it is meant.
[[nodiscard]] Advice adviseTrying(const Job& job, Insight known);

/// `known` is what an earlier state of the same log taught; it only saves time.
[[nodiscard]] Derived derive(const Job& job, const Insight& known = {});

} // namespace flenzo
