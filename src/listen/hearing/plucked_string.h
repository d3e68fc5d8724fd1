// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstdint>
#include <span>

namespace flenzo {

/// How a plucked string sounds, for the simulated guitar and for tests.
struct PluckedString {
    double first_Hz = 110.0; ///< first partial once the glide is over
    double stretch = 1e-4;   ///< B
    double amplitude = 0.25;
    double pluckedAt = 0.18;  ///< share of its length
    double fades_s = 4.0;     ///< time in which the first partial falls by 60 dB
    double glide_cents = 3.0; ///< sharp at the pluck
    double glideFor_s = 0.15;
    double other_cents = 0.0;                 ///< by which its second polarisation lies off; 0: has none
    double otherShare = 0.0;                  ///< of the amplitude of that
    double touched = 0.0;                     ///< 0.5: damped there, so that even partials alone sound
    double turned_cents = 0.0;                ///< by which its peg turns while it rings; `first_Hz` is where that ends
    double turnFrom_s = 0.0, turnFor_s = 1.0; ///< after the pluck
};

/// Adds it to a sound from `at_s` on. Phases follow the seed.
void addPluck(std::span<float> sound, double rate_Hz, double at_s, const PluckedString& string, std::uint32_t seed);

} // namespace flenzo
