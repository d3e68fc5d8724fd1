// SPDX-License-Identifier: GPL-3.0-or-later
#include "listen/hearing/decimator.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace flenzo {

namespace {

constexpr double decimated_Hz = 11000.0;
using std::numbers::pi;

} // namespace

Decimator::Decimator(double rate_Hz)
    : factor_(std::max(1, static_cast<int>(rate_Hz / decimated_Hz))), rate_Hz_(rate_Hz / factor_),
      meanShare_(1.0 - std::exp(-2.0 * pi * 12.0 / rate_Hz)) {
    // A windowed sine over eight zero crossings to either side, passing 80 % of the new band.
    const int half = factor_ == 1 ? 0 : 8 * factor_;
    const double cut = 0.9 / factor_; // of half the old rate; the rest falls away before it folds into what counts
    double sum = 0.0;
    for (int k = -half; k <= half; ++k) {
        const double x = pi * cut * k;
        const double window = half == 0 ? 1.0 : 0.5 + 0.5 * std::cos(pi * k / (half + 1.0));
        taps_.push_back((k == 0 ? 1.0 : std::sin(x) / x) * window);
        sum += taps_.back();
    }
    for (double& tap : taps_)
        tap /= sum;
    past_.assign(2 * taps_.size(), 0.0);
}

bool Decimator::feed(double sample, double& out) {
    mean_ += meanShare_ * (sample - mean_);
    past_[at_] = past_[at_ + taps_.size()] = sample - mean_;
    at_ = (at_ + 1) % taps_.size();
    if (++phase_ < factor_)
        return false;
    phase_ = 0;
    out = 0.0;
    for (std::size_t k = 0; k < taps_.size(); ++k) // symmetrical, so the order does not matter
        out += taps_[k] * past_[at_ + k];
    return true;
}

} // namespace flenzo
