// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/log/bench_job.h"
#include "core/log/replay.h"

#include <Eigen/Core>
#include <array>

namespace flenzo {

/// What is learned about one guitar, in units of the prior's standard deviation (mean 0 before anything is read).
enum class Learned : std::uint8_t { SpringRate, InitialTension, HookDepth, StringHeight, ClawLead, ClawPlace, Count };
inline constexpr std::size_t learnedCount = static_cast<std::size_t>(Learned::Count);
using LearnedVector = Eigen::Matrix<double, static_cast<int>(learnedCount), 1>;
using LearnedMatrix = Eigen::Matrix<double, static_cast<int>(learnedCount), static_cast<int>(learnedCount)>;

/// One guitar as far as its log tells (docs/mechanics.md eq. 24 to 27).
struct Fit {
    LearnedVector mean = LearnedVector::Zero();
    LearnedMatrix covariance = LearnedMatrix::Identity();
    Rig rig;               ///< the nominal rig so corrected
    int readings = 0;      ///< readings that carried information
    double cost = 0.0;     ///< half the sum of squares at the end
    bool converged = true; ///< false: the solver ran out of its budget and the last step was kept
};

/// The physical size of one prior standard deviation of a quantity: shares, metres, turns.
[[nodiscard]] double priorDeviation(const BenchJob& job, Learned quantity);
[[nodiscard]] const char* learnedName(Learned quantity); ///< as in the output of the command line

/// The nominal rig corrected by a vector.
[[nodiscard]] Rig corrected(const BenchJob& job, const LearnedVector& by);

/// Regularised least squares over the whole log. Readings in `leftOut` (indices of events) do not count.
[[nodiscard]] Fit fitGuitar(const BenchJob& job, const std::vector<std::size_t>& leftOut = {});

/// How far each reading lies from what a rig predicted just before it, with its standard deviation.
struct Misfit {
    std::size_t event = 0;
    std::optional<std::size_t> string;      ///< none: the gap
    double measured = 0.0, predicted = 0.0; ///< cents, or metres of gap
    double deviation = 1.0;                 ///< of the measurement alone
    [[nodiscard]] double inDeviations() const { return (measured - predicted) / deviation; }
};
[[nodiscard]] std::vector<Misfit> misfits(const BenchJob& job, const Rig& rig, const std::vector<Event>& log);

} // namespace flenzo
