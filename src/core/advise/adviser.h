// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/advise/next_act.h"
#include "core/learn/doubt.h"

namespace flenzo {

/// What is left, as quantiles over what is still uncertain.
struct Quantiles {
    double p10 = 0.0, p50 = 0.0, p90 = 0.0;
};
struct Prospect {
    Quantiles passes, clawVisits, minutes;
};

/// The next single act, why, and what is left after it. From the job's log alone; the same log gives the same advice.
struct Advice {
    NextAct act;
    std::optional<Doubt> doubt; ///< set: check this reading before anything else
    Fit fit;
    Standing now; ///< the log on the fitted rig
    Prospect prospect;
};

/// Learns the guitar from the log, questions implausible readings, and picks the act that brings the job to its goal
/// soonest.
[[nodiscard]] Advice advise(const BenchJob& job);

/// Monte Carlo over the fit's covariance: `samples` guitars that the log allows, each brought home by the advised way.
[[nodiscard]] Prospect prospectOf(const BenchJob& job, const Fit& fit, const Standing& now, const NextAct& act,
                                  int samples);

} // namespace flenzo
