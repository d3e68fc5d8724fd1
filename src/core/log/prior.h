// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/statics/rig.h"

#include <Eigen/Core>
#include <cstdint>
#include <vector>

namespace flenzo {

/// What is learned about one guitar and stays with it, in units of the prior's standard deviation, mean 0 before
/// anything is read. On a roller shaft hook depth stands for the spring's lever and string height for the shaft's
/// radius.
enum class Learned : std::uint8_t {
    SpringRate,
    InitialTension,
    HookDepth,
    StringHeight,
    Setback,
    ClawPlace,
    ClawLead,
    PivotFriction,
    Count
};
inline constexpr Eigen::Index learnedCount = static_cast<Eigen::Index>(Learned::Count);

/// What a string's make differs by from its nominal figures, in the estimator's prior deviations: it is true of the
/// next string of that make as well.
struct StringPrior {
    double gauge_m = 0.0, core_m = 0.0; ///< of which wire
    double stiffness = 0.0, stiffnessDeviation = 1.0;
    double mass = 0.0, massDeviation = 1.0;
    bool operator==(const StringPrior&) const = default;
};

/// What was learned of a guitar in earlier jobs.
struct Prior {
    Eigen::VectorXd mean = Eigen::VectorXd::Zero(learnedCount);
    Eigen::MatrixXd covariance = Eigen::MatrixXd::Identity(learnedCount, learnedCount);
    std::vector<StringPrior> strings; ///< document order; may be empty
    /// Of the string that goes on in a place; nominal where it is of another wire than the one learned from.
    [[nodiscard]] StringPrior ofString(std::size_t index, const Wire& wire) const;
    bool operator==(const Prior&) const = default;
};

} // namespace flenzo
