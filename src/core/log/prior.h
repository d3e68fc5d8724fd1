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
[[nodiscard]] const char* learnedName(Learned quantity); ///< as in files and in the output of the command line
inline constexpr Eigen::Index learnedCount = static_cast<Eigen::Index>(Learned::Count);

/// Where a string's own two are behind those.
[[nodiscard]] inline Eigen::Index stiffnessIndex(std::size_t string) {
    return learnedCount + 2 * static_cast<Eigen::Index>(string);
}
[[nodiscard]] inline Eigen::Index massIndex(std::size_t string) {
    return stiffnessIndex(string) + 1;
}

/// What was learned of a guitar in earlier jobs: the quantities above, then of each string what its make differs by
/// from its nominal stiffness and unit mass, in the estimator's prior deviations. That is true of the next string of
/// that make as well, and bound up with the rest: how far a string falls when another is tuned is known better than
/// either.
struct Prior {
    Eigen::VectorXd mean = Eigen::VectorXd::Zero(learnedCount);
    Eigen::MatrixXd covariance = Eigen::MatrixXd::Identity(learnedCount, learnedCount);
    std::vector<Wire> makes; ///< gauge and core of the strings learned from, in document order; may be empty

    /// The same for the strings that go on now: nominal where one is of another wire than the one learned from.
    [[nodiscard]] Prior forStrings(const std::vector<RigString>& strings) const;
    bool operator==(const Prior&) const = default;
};

} // namespace flenzo
