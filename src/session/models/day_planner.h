// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/planning/day_plan.h"

#include <QtPlugin>
#include <atomic>

namespace flenzo {

/// Looks for a better plan than the usual rules give. A module of its own, loaded when a day is first planned, for the
/// solver that it brings would slow every start.
class DayPlanner {
public:
    virtual ~DayPlanner() = default;
    /// A plan that costs no more than `from`; proven where the search came to its end within `longest_ms`. Validity: a
    /// problem cut to its hours, and a plan of it.
    [[nodiscard]] virtual DayPlan improved(const DayProblem& problem, const DayPlan& from, int longest_ms,
                                           const std::atomic<bool>& giveUp) const = 0;
};

/// Nothing where the module is not installed: then the usual rules are what there is.
[[nodiscard]] const DayPlanner* dayPlanner();

} // namespace flenzo

#define FLENZO_DAY_PLANNER "org.flenzo.DayPlanner"
Q_DECLARE_INTERFACE(flenzo::DayPlanner, FLENZO_DAY_PLANNER)
