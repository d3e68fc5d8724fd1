// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/estimation/outlier.h"
#include "core/estimation/question.h"

#include <memory>

namespace flenzo {

struct Folded;

/// How settled one string is.
struct StringSettling {
    SettlingFit fit;
    double nextDrop_cents = 0.0; ///< of one more pull
    StretchCount needed;
};

/// How a solution was come to.
enum class SolveStatus {
    Converged,
    OutOfSteps, ///< its budget was used up on the way
    Singular    ///< the log leaves something quite open: no doubts can be told
};

/// Another explanation of the readings, nearly as likely as the one that is believed.
struct Rival {
    std::size_t event = 0;
    std::optional<std::size_t> string; ///< whose next reading tells the two apart; none: the plate's
    double further_nats = 0.0;         ///< by which it is less likely
};

/// All that a log tells of one guitar: the one solution that screens, rules and the next job go by.
struct Estimate {
    Timeline line;
    Unknowns at;
    Noise noise;
    SolveStatus status = SolveStatus::Converged;
    double cost_nats = 0.0;       ///< of the equations, less what a perfect log would have; with the price of `assumed`
    double heldFriction_Nm = 0.0; ///< by which the balance was weighed
    std::vector<double> strain_nats;  ///< by rest
    Assumed assumed;                  ///< taken for so though nobody said it
    std::optional<Question> question; ///< likelier than anything that is assumed: to be answered first
    std::optional<Rival> rival;
    bool modelInDoubt = false;          ///< no guitar near the nominal one explains the readings
    Rig rig;                            ///< the nominal rig as learned, as it is now
    State state;                        ///< at the latest rest
    std::vector<double> z_cents;        ///< of every string: its reading with the plate at the goal's angle
    std::vector<double> readings_cents; ///< and where the plate is
    Eigen::VectorXd readingDeviation_cents, readingByAngle_radCents; ///< the latter: covariance with the plate's angle
    Eigen::MatrixXd readingCovariance;                               ///< of all strings' readings (cents squared)
    Prior learned;                                                   ///< what stays with the guitar
    Eigen::VectorXd guitarDeviation;      ///< of every one of `at.guitar`, in prior deviations
    Eigen::MatrixXd covariance;           ///< of the plate's angle, z of every string and `at.guitar`, in that order
    std::vector<Residual> residuals;      ///< by observation of `line`
    std::vector<StringSettling> settling; ///< one per string; empty where nobody stretches
    std::optional<Outlier> open;          ///< the doubt in the readings of the latest rest
    int readings = 0;                     ///< that counted
    EstimatorOptions options;             ///< by which it was made
    std::shared_ptr<const Folded> folded; ///< from which those that begin here take what went before
    [[nodiscard]] std::size_t foldedFrom() const; ///< the rest from which on the log is not folded

    [[nodiscard]] double angleDeviation_rad() const { return std::sqrt(covariance(0, 0)); }
};

/// Solves for everything the job's log leaves open (docs/mechanics.md eq. 23 to 29), and for what happened that it does
/// not say (eq. 43 and 44). `known` may be the estimate of the same job with a shorter log: it only saves time.
[[nodiscard]] Estimate estimate(const BenchJob& job, const Estimate* known = nullptr,
                                const EstimatorOptions& options = {});
/// What the whole log says, folded at its solution; nothing where that leaves something quite open.
[[nodiscard]] std::shared_ptr<const Folded> folded(const BenchJob& job, const Estimate& found);
/// The same with nothing taken for so but `assumed`.
[[nodiscard]] Estimate estimateAssuming(const BenchJob& job, const Assumed& assumed, const Estimate* known,
                                        const EstimatorOptions& options);
/// The same to compare its cost with that of `known`: weighed by its noise and friction, and with nothing told but the
/// solution, its residuals and its cost. Of `known` holds what it says of the rests before `changedFrom` events; of a
/// short log that was changed, nothing.
[[nodiscard]] Estimate triedAssuming(const BenchJob& job, const Assumed& assumed, const Estimate& known,
                                     std::optional<std::size_t> changedFrom = std::nullopt);

/// A string that moved by itself, as far as the readings say.
struct MovedString {
    std::size_t event = 0; ///< before which it moved
    std::size_t string = 0;
    double cents = 0.0;
};
[[nodiscard]] std::vector<MovedString> movedByThemselves(const Estimate& guitar);

/// A string counts as settled when the next pull would drop it by less than this.
[[nodiscard]] double settledWithin_cents(const Goal& goal);

} // namespace flenzo
