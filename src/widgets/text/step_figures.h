// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/work/workflow.h"
#include "language/figures.h"

namespace flenzo {

/// What the model says to a step of this job, one sentence a line; empty where it has nothing to say. Figures that rest
/// on an assumption say so.
[[nodiscard]] QString stepFigures(const Job& job, const Derived& derived, const Step& step, const Units& units);

} // namespace flenzo
