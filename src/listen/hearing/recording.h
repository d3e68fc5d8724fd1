// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstddef>
#include <vector>

namespace flenzo {

/// Sound that was recorded: frames of one sample a channel, full scale at 1.
struct Recording {
    double rate_Hz = 0.0;
    std::size_t channels = 0;
    std::vector<float> samples; ///< interleaved
    [[nodiscard]] std::size_t frames() const { return channels > 0 ? samples.size() / channels : 0; }
    [[nodiscard]] double length_s() const { return rate_Hz > 0.0 ? static_cast<double>(frames()) / rate_Hz : 0.0; }
};

} // namespace flenzo
