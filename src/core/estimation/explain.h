// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/estimation/estimator.h"

namespace flenzo {

/// Looks for what happened that the log does not say (docs/mechanics.md eq. 44): strings that moved by themselves and
/// readings that are wrong are taken for so where that costs less; where an act that was not as it is typed costs less
/// still, it becomes a question. Each has its price, and all are weighed alike.
void explain(const BenchJob& job, const EstimatorOptions& options, Estimate& found);

} // namespace flenzo
