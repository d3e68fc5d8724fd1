// SPDX-License-Identifier: GPL-3.0-or-later
#include "listen/hearing/plucked_string.h"

#include "core/base/random_stream.h"
#include "listen/hearing/series.h"

#include <algorithm>
#include <cmath>
#include <complex>
#include <numbers>

namespace flenzo {

namespace {

using std::numbers::pi;
constexpr double attack_s = 0.003, brightest_Hz = 6000.0;

/// From 0 to 1, fast at first as a hand homes in.
double turned(const PluckedString& string, double t) {
    return t < string.turnFrom_s ? 0.0 : 1.0 - std::exp(-4.0 * (t - string.turnFrom_s) / string.turnFor_s);
}

} // namespace

void addPluck(std::span<float> sound, double rate_Hz, double at_s, const PluckedString& string, std::uint32_t seed) {
    RandomStream random(seed, 7);
    const auto from = static_cast<std::size_t>(std::max(0.0, at_s) * rate_Hz);
    const double top_Hz = std::min(brightest_Hz, 0.45 * rate_Hz);
    for (int n = 1;; ++n) {
        const double frequency_Hz = string.first_Hz * partialRatio(n, string.stretch);
        if (frequency_Hz > top_Hz)
            break;
        const double damped = string.touched > 0.0 && n % 2 == 1 ? 0.004 : 1.0;
        const double amplitude =
            string.amplitude * damped * std::abs(std::sin(n * pi * string.pluckedAt)) / std::pow(n, 1.1);
        const double fades_s = string.fades_s / (1.0 + 0.12 * (n - 1) + frequency_Hz * frequency_Hz / 9e6);
        const double perSample = std::exp(-6.9078 / (fades_s * rate_Hz));
        const double phase = random.between(0.0, 2.0 * pi), otherPhase = random.between(0.0, 2.0 * pi);
        const double other = std::exp2(string.other_cents / 1200.0);
        // Pitch moves slowly: between two looks at it the pointers turn evenly.
        constexpr std::size_t even = 32;
        double level = amplitude;
        std::complex<double> one = std::polar(1.0, phase), two = std::polar(1.0, otherPhase), turn, otherTurn;
        for (std::size_t k = from; k < sound.size() && level > 1e-6; ++k) {
            const double t = static_cast<double>(k - from) / rate_Hz;
            if ((k - from) % even == 0) {
                const double middle = t + 0.5 * even / rate_Hz;
                const double cents =
                    string.glide_cents * std::exp(-middle / string.glideFor_s) +
                    (string.turned_cents != 0.0 ? string.turned_cents * (turned(string, middle) - 1.0) : 0.0);
                const double step = 2.0 * pi * frequency_Hz * std::exp2(cents / 1200.0) / rate_Hz;
                turn = std::polar(1.0, step);
                otherTurn = std::polar(1.0, step * other);
            }
            const double rise = t < attack_s ? t / attack_s : 1.0;
            sound[k] += static_cast<float>(rise * level * (one.imag() + string.otherShare * two.imag()));
            one *= turn;
            two *= otherTurn;
            level *= perSample;
        }
    }
    // What the plectrum itself leaves.
    double noise = 0.08 * string.amplitude;
    for (std::size_t k = from; k < sound.size() && noise > 1e-5; ++k) {
        sound[k] += static_cast<float>(random.normal(noise));
        noise *= std::exp(-1.0 / (0.004 * rate_Hz));
    }
}

} // namespace flenzo
