// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/estimation/estimator_options.h"
#include "core/log/timeline.h"

namespace flenzo {

/// The physical size of one prior standard deviation: shares (of the logarithm), metres.
[[nodiscard]] double priorDeviation(const EstimatorOptions& options, Learned quantity);

/// The unknowns of one guitar: the learned quantities, then stiffness and unit mass of each make of wire in turn, first
/// those of the strings that are on now.
struct GuitarUnknowns {
    explicit GuitarUnknowns(std::size_t makes) : value(Eigen::VectorXd::Zero(stiffnessIndex(makes))) {}
    Eigen::VectorXd value;
};

/// Share of hook depth and string height by which the turned parts of a roller shaft may be off.
inline constexpr double turnedPart = 0.3;

/// The nominal rig so corrected; friction of the pivot included.
[[nodiscard]] Rig correctedRig(const Rig& nominal, const EstimatorOptions& options, const GuitarUnknowns& by);
/// The same guitar at another time: strings by the makes they had then.
[[nodiscard]] Rig correctedRig(const Version& nominal, const EstimatorOptions& options, const GuitarUnknowns& by);
/// The springs alone, as they were with another set.
void correctSprings(std::vector<Spring>& springs, Motion motion, const EstimatorOptions& options,
                    const GuitarUnknowns& by);

} // namespace flenzo
