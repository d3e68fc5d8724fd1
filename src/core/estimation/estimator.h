// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/estimation/outlier.h"

namespace flenzo {

/// How settled one string is.
struct StringSettling {
    SettlingFit fit;
    double nextDrop_cents = 0.0; ///< of one more pull
    StretchCount needed;
};

/// All that a log tells of one guitar: the one solution that screens, rules and the next job go by.
struct Estimate {
    Timeline line;
    Unknowns at;
    Noise noise;
    Rig rig;                            ///< the nominal rig as learned
    State state;                        ///< at the latest rest
    std::vector<double> z_cents;        ///< of every string: its reading with the plate at the goal's angle
    std::vector<double> readings_cents; ///< and where the plate is
    Eigen::VectorXd readingDeviation_cents, readingByAngle_radCents; ///< the latter: covariance with the plate's angle
    Prior learned;                                                   ///< what stays with the guitar
    Eigen::VectorXd guitarDeviation;      ///< of every one of `at.guitar`, in prior deviations
    Eigen::MatrixXd covariance;           ///< of the plate's angle, z of every string and `at.guitar`, in that order
    std::vector<Residual> residuals;      ///< by observation of `line`
    std::vector<StringSettling> settling; ///< one per string; empty where nobody stretches
    std::optional<Outlier> open;          ///< the doubt in the readings of the latest rest
    int readings = 0;                     ///< that counted

    [[nodiscard]] double angleDeviation_rad() const { return std::sqrt(covariance(0, 0)); }
};

/// Solves for everything the job's log leaves open (docs/mechanics.md eq. 23 to 29). `known` may be the estimate of the
/// same job with a shorter log: it only saves time.
[[nodiscard]] Estimate estimate(const BenchJob& job, const Estimate* known = nullptr,
                                const EstimatorOptions& options = {});

/// A string counts as settled when the next pull would drop it by less than this.
[[nodiscard]] double settledWithin_cents(const Goal& goal);

} // namespace flenzo
