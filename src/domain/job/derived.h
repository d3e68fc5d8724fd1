// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/decision/adviser.h"
#include "core/log/logged_passes.h"
#include "core/planning/alternatives.h"
#include "core/planning/planned_passes.h"
#include "core/planning/uncertainty.h"
#include "core/simulation/remaining.h"
#include "domain/job/job.h"
#include "domain/job/tracked.h"

namespace flenzo {

/// Everything the screens show that follows from a job. Computed in one go after every edit, but for the work that
/// remains, which takes longer and follows (`RemainingPlayer`).
struct Derived {
    Advice advice;                          ///< the guitar as learned, the next act
    std::vector<TrackedState> standings;    ///< before the log and after every event
    ChangeReport report;                    ///< of the learned guitar
    std::vector<std::size_t> tuned;         ///< in the pass under way
    PlannedPasses outlook;                  ///< by the job's own method, if every act goes as the model says
    std::optional<RemainingWork> remaining; ///< what is left, over what is still uncertain; nothing while it is played
    double couplingFactor = 0.0;            ///< pass factor at the level solution; 0 when there is none
    std::vector<Alternative> alternatives;  ///< where there is no comfortable float: what helps, side by side
    std::optional<Shortfall> shortfall;
    PlanUncertainty uncertainty; ///< of the plan, from how far guitars lie from nominal
    double neutralBlock_m = 0.0; ///< under the rear edge
    [[nodiscard]] const NextAct& next() const { return advice.act; }
    [[nodiscard]] const Rig& rig() const { return advice.guitar.rig; }
    [[nodiscard]] const TrackedState& now() const { return standings.back(); }
};

/// The string that the next act tunes was left at so many cents: by its peg, or by its fine tuner once the nut is
/// locked.
[[nodiscard]] Event tunedTo(const Derived& derived, double to_cents);

/// The advice if what was learned before still held: for a value that is being tried, until it is meant.
[[nodiscard]] Advice adviseTrying(const Job& job, Estimate known);

/// `known` is the estimate of the same job with a shorter log; it only saves time.
[[nodiscard]] Derived derive(const Job& job, const Estimate* known = nullptr);

} // namespace flenzo
