// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <span>
#include <vector>

namespace flenzo {

/// One channel out of several: the louder one. A sum would cancel two that are turned against each other. Also tells
/// when the sound is too loud for its scale.
class ChannelPicker {
public:
    explicit ChannelPicker(double rate_Hz, std::size_t channels);
    /// `frames` interleaved; `out` has a sample for each frame.
    void pick(std::span<const float> frames, std::span<float> out);
    [[nodiscard]] std::size_t channel() const { return channel_; }
    /// Whether samples stood at the end of the scale within the last second.
    [[nodiscard]] bool clips() const { return sinceClip_s_ < 1.0; }

private:
    double rate_Hz_, share_, sinceClip_s_ = 1e9;
    std::vector<double> power_;
    std::size_t channel_ = 0;
    int atEnd_ = 0;
};

} // namespace flenzo
