// SPDX-License-Identifier: GPL-3.0-or-later
#include "listen/hearing/channel_picker.h"

#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

constexpr double memory_s = 0.1, louder = 4.0; ///< power that another channel must have to be taken instead
constexpr float end = 0.997F;
constexpr int flatTop = 3; ///< samples in a row at the end of the scale

} // namespace

ChannelPicker::ChannelPicker(double rate_Hz, std::size_t channels)
    : rate_Hz_(rate_Hz), share_(1.0 / (memory_s * rate_Hz)), power_(channels, 0.0) {}

void ChannelPicker::pick(std::span<const float> frames, std::span<float> out) {
    const std::size_t channels = power_.size();
    for (std::size_t f = 0; f < out.size(); ++f) {
        for (std::size_t c = 0; c < channels; ++c) {
            const float sample = frames[f * channels + c];
            power_[c] += std::isfinite(sample) ? share_ * (static_cast<double>(sample) * sample - power_[c]) : 0.0;
        }
        const auto loudest = static_cast<std::size_t>(std::max_element(power_.begin(), power_.end()) - power_.begin());
        if (power_[loudest] > louder * power_[channel_])
            channel_ = loudest;
        out[f] = frames[f * channels + channel_];
        atEnd_ = std::abs(out[f]) >= end ? atEnd_ + 1 : 0;
        sinceClip_s_ = atEnd_ >= flatTop ? 0.0 : sinceClip_s_ + 1.0 / rate_Hz_;
    }
}

} // namespace flenzo
