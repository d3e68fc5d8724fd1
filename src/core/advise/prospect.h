// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/advise/adviser.h"

namespace flenzo {

/// What is left, as quantiles over what is still uncertain.
struct Quantiles {
    double p10 = 0.0, p50 = 0.0, p90 = 0.0;
};
struct Prospect {
    Quantiles passes, clawVisits, minutes;
};
/// Monte Carlo over the fit's covariance: guitars that the log allows, each brought home by the advised way, peg errors
/// drawn anew for every pass (eq. 31).
[[nodiscard]] Prospect prospectOf(const BenchJob& job, const Advice& advice);

} // namespace flenzo
