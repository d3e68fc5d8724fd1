// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

namespace flenzo {

/// Exact metres per thousandth of an inch.
// <numbers> stays out of this header: the meta-object compiler of Qt 6.4 cannot parse it.
inline constexpr double metresPerThou = 25.4e-6;
inline constexpr double metresPerMm = 1e-3;
inline constexpr double radiansPerDegree = 0.017453292519943295;
inline constexpr double newtonsPerPoundForce = 4.4482216152605;
/// Standard gravity, m/s2.
inline constexpr double standardGravity_mps2 = 9.80665;
/// Cents per natural-log unit of a frequency ratio: 1200 / ln 2.
inline constexpr double centsPerNeper = 1200.0 / 0.6931471805599453;

inline constexpr double degrees(double angle_rad) {
    return angle_rad / radiansPerDegree;
}
inline constexpr double radians(double angle_deg) {
    return angle_deg * radiansPerDegree;
}

} // namespace flenzo
