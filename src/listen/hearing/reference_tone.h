// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <complex>
#include <optional>
#include <span>
#include <vector>

namespace flenzo {

/// By how much a sound card's clock runs fast, against a steady tone of known pitch.
struct ClockError {
    double ppm = 0.0;
    double deviation_ppm = 0.0; ///< standard deviation
};

/// Listens to a tuning fork, another tuner's tone or a generator until it is sure of the clock. One channel, plain
/// samples; a tone further from its nominal pitch than 2000 ppm (3.5 cents) is another tone.
class ReferenceTone {
public:
    ReferenceTone(double rate_Hz, double nominal_Hz);
    void feed(std::span<const float> sound);
    /// From 0 to 1: how much of the time it takes the tone has sounded steadily.
    [[nodiscard]] double progress() const;
    /// Once the tone has been steady for long enough.
    [[nodiscard]] std::optional<ClockError> measured() const;

private:
    /// The tone in one piece of time, as seen from the nominal pitch.
    struct Piece {
        std::complex<double> tone;
        double share = 0.0; ///< of the sound's power that the tone has
    };
    void close();
    [[nodiscard]] std::size_t steady() const; ///< pieces at the end that hold one even tone
    double rate_Hz_, nominal_Hz_;
    std::size_t length_, at_ = 0;
    std::complex<double> turn_, phasor_{1.0, 0.0}, sum_;
    double power_ = 0.0;
    std::vector<Piece> pieces_; ///< latest last
};

} // namespace flenzo
