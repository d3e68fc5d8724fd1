// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/estimation/guitar.h"
#include "core/log/timeline.h"

namespace flenzo {

/// How unsettled strings give, in units of the prior's deviation: what a pull, an act elsewhere and an act on the own
/// peg let go, then the logarithm of what each piece of wire has to give.
struct GivingUnknowns {
    enum Share { Pull, Elsewhere, OwnPeg, ShareCount };
    GivingUnknowns() = default;
    GivingUnknowns(const BenchJob& job, const Timeline& line);
    Eigen::VectorXd value; ///< empty where nobody stretches
    [[nodiscard]] bool any() const { return value.size() > 0; }
};

/// One solution for everything a log leaves unknown.
struct Unknowns {
    GuitarUnknowns guitar{0};
    GivingUnknowns giving;
    double oldAngle_rad = 0.0;     ///< of the plate with the set that came off
    std::vector<double> angle_rad; ///< by rest
    std::vector<double> z_cents;   ///< by stretch
    std::vector<ClawTurns> claw;   ///< by visit: where the screws really are
    std::vector<double> strain;    ///< by gap in time, common to all strings: in deviations of `thermalStrain`
};

/// Where each of them is in the normal equations: what happened first is eliminated first, the guitar last.
struct UnknownsLayout {
    /// What no rest from `from` on meets is no unknown any more.
    UnknownsLayout(const BenchJob& job, const Timeline& line, std::size_t from = 0);
    static constexpr int none = -1;
    int size = 0;
    int oldAngle = none;
    std::vector<int> angle, z;
    std::vector<std::array<int, 2>> claw; ///< bass and treble; `none` for the first, which is where it was said to be
    std::vector<int> strain;
    int guitar = 0, giving = 0;
    std::vector<int> first; ///< first unknown that meets each one in an equation
    Eigen::VectorXd unit;   ///< of each: what is plain to see

    /// The values that have a number here, of a solution of this log or a longer one.
    [[nodiscard]] Eigen::VectorXd valuesOf(const Unknowns& from) const;
    [[nodiscard]] Unknowns plus(const Unknowns& to, const Eigen::VectorXd& step) const;
    /// Largest part of a step in these units.
    [[nodiscard]] double sizeOf(const Eigen::VectorXd& step) const {
        return step.cwiseQuotient(unit).lpNorm<Eigen::Infinity>();
    }
};

/// Whether the job's strings give while one works.
[[nodiscard]] bool stringsGive(const BenchJob& job);

} // namespace flenzo
