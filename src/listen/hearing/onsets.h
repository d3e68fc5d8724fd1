// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "listen/hearing/hearing_options.h"
#include "listen/hearing/spectrum.h"

#include <array>
#include <optional>

namespace flenzo {

/// Finds where something is struck: the sound rises in several bands at once.
class Onsets {
public:
    Onsets(double rate_Hz, const HearingOptions& options);
    [[nodiscard]] std::size_t hop() const { return hop_; }
    [[nodiscard]] std::size_t frame() const { return frame_; }
    /// Looks at the latest frame, once a hop; how many seconds ago something was struck, once it is past.
    std::optional<double> look(std::span<const double> frame);
    /// Of the latest frame, against a full sine.
    [[nodiscard]] double level_dBFS() const { return level_dBFS_; }

private:
    static constexpr std::size_t bands = 7, kept = 6;
    using Levels = std::array<double, bands>;
    [[nodiscard]] Levels levels() const;
    const HearingOptions options_;
    double rate_Hz_;
    std::size_t hop_, frame_, seen_ = 0;
    Spectrum spectrum_;
    std::array<Levels, kept> past_{}; ///< ring of the latest
    double level_dBFS_ = -200.0;
    double best_ = 0.0; ///< largest rise of the onset under way
    int since_ = -1;    ///< hops since that; below 0: none
    int quiet_ = 0;     ///< hops during which none is begun
};

} // namespace flenzo
