// SPDX-License-Identifier: GPL-3.0-or-later
#include "listen/hearing/reference_tone.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace flenzo {

namespace {

constexpr double piece_s = 0.1;
constexpr std::size_t wanted = 50, kept = 80; ///< pieces
constexpr double leastShare = 0.3, even = 2.0;
constexpr double most_ppm = 2000.0, floor_ppm = 0.3;

} // namespace

ReferenceTone::ReferenceTone(double rate_Hz, double nominal_Hz)
    : rate_Hz_(rate_Hz), nominal_Hz_(nominal_Hz), length_(static_cast<std::size_t>(piece_s * rate_Hz)),
      turn_(std::polar(1.0, -2.0 * std::numbers::pi * nominal_Hz / rate_Hz)) {}

void ReferenceTone::feed(std::span<const float> sound) {
    for (const float sample : sound) {
        const double value = std::isfinite(sample) ? sample : 0.0;
        // A Hann window: neighbours of the tone stay out.
        const double window =
            1.0 - std::cos(2.0 * std::numbers::pi * (static_cast<double>(at_) + 0.5) / static_cast<double>(length_));
        sum_ += window * value * phasor_;
        power_ += value * value;
        phasor_ *= turn_;
        if (++at_ == length_)
            close();
    }
}

void ReferenceTone::close() {
    const std::complex<double> tone = sum_ / static_cast<double>(length_);
    const double power = power_ / static_cast<double>(length_);
    pieces_.push_back({tone, power > 0.0 ? 2.0 * std::norm(tone) / power : 0.0});
    if (pieces_.size() > kept)
        pieces_.erase(pieces_.begin());
    phasor_ /= std::abs(phasor_);
    at_ = 0;
    sum_ = 0.0;
    power_ = 0.0;
}

std::size_t ReferenceTone::steady() const {
    std::size_t count = 0;
    for (auto piece = pieces_.rbegin(); piece != pieces_.rend(); ++piece, ++count) {
        const double change = count > 0 ? std::abs(piece->tone) / std::abs((piece - 1)->tone) : 1.0;
        if (piece->share < leastShare || change > even || change < 1.0 / even)
            break;
    }
    return count;
}

double ReferenceTone::progress() const {
    return std::min(1.0, static_cast<double>(steady()) / wanted);
}

std::optional<ClockError> ReferenceTone::measured() const {
    const std::size_t count = steady();
    if (count < wanted)
        return std::nullopt;
    // The slope of the phase is what the tone lies off.
    const std::size_t first = pieces_.size() - count;
    std::vector<double> phase{std::arg(pieces_[first].tone)};
    for (std::size_t k = 1; k < count; ++k)
        phase.push_back(phase.back() + std::arg(pieces_[first + k].tone / pieces_[first + k - 1].tone));
    const double middle = 0.5 * static_cast<double>(count - 1);
    double mean = 0.0, slope = 0.0, spread = 0.0, left = 0.0;
    for (const double each : phase)
        mean += each / static_cast<double>(count);
    for (std::size_t k = 0; k < count; ++k) {
        slope += (static_cast<double>(k) - middle) * (phase[k] - mean);
        spread += std::pow(static_cast<double>(k) - middle, 2);
    }
    slope /= spread;
    for (std::size_t k = 0; k < count; ++k)
        left += std::pow(phase[k] - mean - slope * (static_cast<double>(k) - middle), 2);
    const double piece = static_cast<double>(length_) / rate_Hz_;
    const double perRadian_ppm = 1e6 / (2.0 * std::numbers::pi * piece * nominal_Hz_);
    const double heard_ppm = slope * perRadian_ppm;
    const double deviation_ppm = std::sqrt(left / static_cast<double>(count - 2) / spread) * perRadian_ppm;
    constexpr double usable_ppm = 20.0;
    if (std::abs(heard_ppm) > most_ppm || deviation_ppm > usable_ppm)
        return std::nullopt;
    // A clock that runs fast makes the tone look low.
    return ClockError{1e6 * (1.0 / (1.0 + 1e-6 * heard_ppm) - 1.0), std::hypot(deviation_ppm, floor_ppm)};
}

} // namespace flenzo
