// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cmath>

namespace flenzo {

/// How much of a sound stands flat at its loudest, as what was cut off does: by a converter, or before it by an
/// amplifier. Such a sound hardly fades, and its partials pull at each other.
class FlatTops {
public:
    explicit FlatTops(double rate_Hz) : share_(1.0 / (memory_s * rate_Hz)) {}
    void feed(float sample) {
        run_ = sample == last_ && std::abs(sample) > loud ? run_ + 1 : 0;
        last_ = sample;
        flat_ += share_ * ((run_ >= row ? 1.0 : 0.0) - flat_);
    }
    /// A full-scale hum in 16 bits stands still for three samples at each of its peaks: that is not a hundredth.
    [[nodiscard]] bool areMany() const { return flat_ > many; }

private:
    static constexpr double memory_s = 0.3, many = 0.01;
    static constexpr float loud = 0.25F;
    static constexpr int row = 2; ///< samples that are as the one before
    double share_, flat_ = 0.0;
    float last_ = 0.0F;
    int run_ = 0;
};

} // namespace flenzo
