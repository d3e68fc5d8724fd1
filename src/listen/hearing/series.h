// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "listen/hearing/hearing_options.h"
#include "listen/hearing/spectrum.h"

#include <array>
#include <optional>
#include <span>

namespace flenzo {

/// Frequency of partial n of a stiff string against its first: n sqrt((1 + B n^2) / (1 + B)), so that the first is 1.
/// Source: N. H. Fletcher and T. D. Rossing, The Physics of Musical Instruments, eq. 2.67.
[[nodiscard]] double partialRatio(int n, double stretch);
/// What one string sounds.
struct Series {
    double first_Hz = 0.0, stretch = 0.0; ///< B
    double explained = 0.0;               ///< share of the amplitude of all peaks
    int partials = 0;                     ///< that were found
};
/// The string that sounds its harmonic at the twelfth fret: these are partials 2, 4, 6 of it.
[[nodiscard]] Series octaveDown(const Series& harmonic);

/// What a string may be expected at; nothing is expected where `count` is 0.
struct Expected {
    static constexpr std::size_t most = 12;
    std::array<double, most> first_Hz{};
    std::size_t count = 0;
    std::size_t asked = most; ///< the string whose peg is in hand, which may be at `aim_Hz` by now; `most`: none
    double aim_Hz = 0.0;
};

/// The most prominent peaks of a spectrum: those with more than `fresh` times the power of before, without that power;
/// all as they are at 0.
class Peaks {
public:
    static constexpr std::size_t most = 48;
    void find(std::span<const double> power, std::span<const double> before, double bin_Hz, double fresh);
    [[nodiscard]] std::span<const Peak> all() const { return {peaks_.data(), count_}; }
    [[nodiscard]] double amplitude() const; ///< of all together
    [[nodiscard]] double power() const;
    void remove(const Series& series); ///< every peak that is a partial of it

private:
    std::array<Peak, most> peaks_{};
    std::size_t count_ = 0;
};

/// The series of partials that explains the peaks: the highest pitch that explains nearly as much as the best does.
/// Nothing where none explains enough.
[[nodiscard]] std::optional<Series> seriesOf(std::span<const Peak> peaks, const Expected& expected,
                                             const HearingOptions& options);

} // namespace flenzo
