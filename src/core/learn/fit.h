// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/learn/learned.h"
#include "core/log/replay.h"

namespace flenzo {

/// One guitar as far as its log tells (docs/mechanics.md eq. 24 to 27).
struct Fit {
    Eigen::VectorXd mean;       ///< by `LearnedLayout`
    Eigen::MatrixXd covariance; ///< what is left uncertain of it
    Rig rig;                    ///< the nominal rig so corrected
    int readings = 0;           ///< readings and balances that carried information
    double cost = 0.0;          ///< half the sum of squares at the end
    bool converged = true;      ///< false: the solver ran out of its budget and the last step was kept
    /// What the next job on this guitar may start from.
    [[nodiscard]] Prior prior() const;
};

/// Regularised least squares over the whole log. Readings in `leftOut` (indices of events) do not count. `start` is a
/// guess to begin from (an earlier fit's mean), or empty. Where it leads to no answer the fit is made again from the
/// prior and in the order of the log, and the best is kept (eq. 26).
[[nodiscard]] Fit fitGuitar(const BenchJob& job, const std::vector<std::size_t>& leftOut = {},
                            const Eigen::VectorXd& start = {});

/// Whether a longer log differs from what the fit makes of it by more than noise. While the guitar is little known, and
/// after a visit to the claw that the fit has not seen, there is always something to learn.
[[nodiscard]] bool bringsNews(const BenchJob& job, const Fit& fit);

/// The log without the readings of some events.
[[nodiscard]] std::vector<Event> without(std::vector<Event> log, const std::vector<std::size_t>& leftOut);

/// How far each reading lies from what a rig predicted just before it, with its standard deviation.
struct Misfit {
    std::size_t event = 0;
    std::optional<std::size_t> string;      ///< none: the gap
    double measured = 0.0, predicted = 0.0; ///< cents, or metres of gap
    double deviation = 1.0;                 ///< of the measurement alone
    double moved = 0.0; ///< how far it was predicted to move since it was known last, in the same unit
    [[nodiscard]] double inDeviations() const { return (measured - predicted) / deviation; }
};
[[nodiscard]] std::vector<Misfit> misfits(const BenchJob& job, const Rig& rig, const std::vector<Event>& log);

} // namespace flenzo
