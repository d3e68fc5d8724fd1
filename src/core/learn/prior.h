// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <Eigen/Core>
#include <cstdint>

namespace flenzo {

/// What is learned about one guitar, in units of the prior's standard deviation (mean 0 before anything is read). After
/// these come the stiffness of each string and the hand's error at each visit to the claw (`LearnedLayout`).
/// On a roller shaft hook depth stands for the spring's lever and string height for the shaft's radius.
enum class Learned : std::uint8_t { SpringRate, InitialTension, HookDepth, StringHeight, ClawLead, ClawPlace, Count };
inline constexpr Eigen::Index learnedCount = static_cast<Eigen::Index>(Learned::Count);

/// What an earlier job learned of the same guitar: the first quantities, those that stay with it.
struct Prior {
    static constexpr Eigen::Index size = static_cast<Eigen::Index>(Learned::ClawPlace);
    Eigen::Matrix<double, size, 1> mean = Eigen::Matrix<double, size, 1>::Zero();
    Eigen::Matrix<double, size, size> covariance = Eigen::Matrix<double, size, size>::Identity();
    bool operator==(const Prior&) const = default;
};

} // namespace flenzo
