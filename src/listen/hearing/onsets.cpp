// SPDX-License-Identifier: GPL-3.0-or-later
#include "listen/hearing/onsets.h"

#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

constexpr double hop_s = 0.010;
constexpr std::size_t frameSize = 512;
constexpr double lowestBand_Hz = 50.0, highestBand_Hz = 4600.0;
constexpr double silence_dB = -95.0;

} // namespace

Onsets::Onsets(double rate_Hz, const HearingOptions& options)
    : options_(options), rate_Hz_(rate_Hz), hop_(static_cast<std::size_t>(std::lround(hop_s * rate_Hz))),
      frame_(frameSize), spectrum_(frameSize) {
    for (Levels& levels : past_)
        levels.fill(silence_dB);
}

Onsets::Levels Onsets::levels() const {
    Levels out{};
    const double highest = std::min(highestBand_Hz, 0.45 * rate_Hz_), bin_Hz = rate_Hz_ / static_cast<double>(frame_);
    const double ratio = std::pow(highest / lowestBand_Hz, 1.0 / static_cast<double>(bands));
    double low = lowestBand_Hz;
    for (double& level : out) {
        const double high = low * ratio;
        const auto from = static_cast<std::size_t>(low / bin_Hz), to = static_cast<std::size_t>(high / bin_Hz);
        double sum = 0.0;
        for (std::size_t k = from; k <= std::max(from, to); ++k)
            sum += spectrum_.power()[k];
        level = std::max(silence_dB, 10.0 * std::log10(sum + 1e-12));
        low = high;
    }
    return out;
}

std::optional<double> Onsets::look(std::span<const double> frame) {
    spectrum_.take(frame);
    double sum = 0.0;
    for (const double sample : frame)
        sum += sample * sample;
    level_dBFS_ = 10.0 * std::log10(2.0 * sum / static_cast<double>(frame.size()) + 1e-20);
    const Levels now = levels();
    // Against the loudest of a few frames ago, so that what trembles does not rise.
    double rise = 0.0;
    int rising = 0;
    for (std::size_t b = 0; b < bands; ++b) {
        double before = silence_dB;
        for (std::size_t back = 3; back < kept; ++back)
            before = std::max(before, past_[(seen_ + kept - back) % kept][b]);
        const double up = std::max(0.0, now[b] - before);
        rise += up;
        rising += up > options_.rise_dB ? 1 : 0;
    }
    past_[seen_ % kept] = now;
    ++seen_;
    if (quiet_ > 0)
        --quiet_;
    const bool strikes = seen_ > kept && rise > options_.riseSum_dB && rising >= options_.risingBands &&
                         level_dBFS_ > options_.floor_dBFS;
    if (since_ < 0) {
        if (strikes && quiet_ == 0) {
            best_ = rise;
            since_ = 0;
        }
        return std::nullopt;
    }
    ++since_;
    if (strikes && rise > best_) {
        best_ = rise;
        since_ = 0;
        return std::nullopt;
    }
    constexpr int past = 3, rests = 8;
    if (since_ < past)
        return std::nullopt;
    const double ago_s = (since_ * static_cast<double>(hop_) + 0.5 * static_cast<double>(frame_)) / rate_Hz_;
    since_ = -1;
    quiet_ = rests;
    return ago_s;
}

} // namespace flenzo
