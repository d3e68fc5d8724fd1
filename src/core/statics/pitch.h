// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

namespace flenzo {

/// Tension that sounds `frequency_Hz` on `length_m` of speaking length, for a wire that thins as it stretches:
/// the positive root of T (1 + T/EA) = 4 mu0 L^2 f^2 (docs/mechanics.md eq. 6). Any non-negative arguments, EA > 0.
[[nodiscard]] double tensionForPitch_N(double unitMass_kgpm, double stiffness_N, double length_m, double frequency_Hz);

/// Pitch of a string under tension (eq. 5); 0 when slack.
[[nodiscard]] double pitch_Hz(double unitMass_kgpm, double stiffness_N, double length_m, double tension_N);

/// 1200 log2(f / target): positive = sharp. Not a number for f <= 0.
[[nodiscard]] double cents(double frequency_Hz, double target_Hz);
/// The frequency that reads `offset_cents` against `target_Hz`.
[[nodiscard]] double frequencyAt_Hz(double target_Hz, double offset_cents);

} // namespace flenzo
