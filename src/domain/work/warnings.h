// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/work/workflow.h"

namespace flenzo {

/// What is dangerous now, by the steps done so far and the log.
[[nodiscard]] Hazards hazardsOf(const Job& job, const Derived& derived);
[[nodiscard]] bool blockIsIn(const Job& job);

/// Whether saddle inserts would fall out if the guitar were turned so now.
[[nodiscard]] bool spillsInserts(const Job& job, const Derived& derived, Orientation to);

/// The first of these hazards in which that step goes wrong on such a bridge; the rule of the job and of practice.
[[nodiscard]] std::optional<Hazard> hazardAt(StepId step, const Hazards& now, const FamilyTraits& has);

/// A warning at an act that would go wrong now. Work may go on with a reason, which is kept.
[[nodiscard]] std::optional<QString> warningAt(const Job& job, const Derived& derived, StepId step);

/// What still keeps the nut from being locked; empty when it may be.
[[nodiscard]] QStringList missingForLock(const Job& job, const Derived& derived);

} // namespace flenzo
