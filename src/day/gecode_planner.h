// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "session/models/day_planner.h"

#include <QObject>

namespace flenzo {

/// A day laid out by Gecode: complete search first, which proves the plan of a small shop; then neighbourhoods of the
/// best plan so far, in which a few jobs are laid out anew.
class GecodePlanner : public QObject, public DayPlanner {
    Q_OBJECT
    Q_PLUGIN_METADATA(IID FLENZO_DAY_PLANNER)
    Q_INTERFACES(flenzo::DayPlanner)
public:
    [[nodiscard]] DayPlan improved(const DayProblem& problem, const DayPlan& from, int longest_ms,
                                   const std::atomic<bool>& giveUp) const override;
};

} // namespace flenzo
