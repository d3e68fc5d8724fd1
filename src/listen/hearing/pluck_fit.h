// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "listen/hearing/series.h"

#include <Eigen/Core>
#include <vector>

namespace flenzo {

/// The pitch of one pluck from a piece of its sound.
struct FittedPluck {
    double first_Hz = 0.0; ///< first partial once the pluck's glide is over
    double deviation_cents = 0.0;
    double stretch = 0.0;                                         ///< B
    double glide_cents = 0.0;                                     ///< how far it was sharp at the pluck
    double glideLeft_cents = 0.0;                                 ///< and how far it still is at the end
    double drift_centsPerS = 0.0, driftDeviation_centsPerS = 0.0; ///< of the latest part, glide taken out
    double latest_cents = 0.0; ///< of the pitch at the end against `first_Hz`, from the latest part alone
    double decay_dBps = 0.0;   ///< how fast it fades
    int partials = 0;          ///< that counted
    bool ok = false;
};

/// Follows the phase of each partial through the sound and fits pitch, stretch and glide to all of them together; what
/// one partial says alone counts little (docs/listening.md). Nothing is allocated after it was made.
class PluckFit {
public:
    PluckFit(double rate_Hz, const HearingOptions& options);
    /// `sound` begins `age_s` after the pluck.
    [[nodiscard]] FittedPluck fit(std::span<const double> sound, double age_s, const Series& series, bool glides);

private:
    static constexpr int mostPartials = 24, mostFrames = 64;
    static constexpr std::size_t orders = 3; ///< slope, bend and sway of a path
    using Frames = Eigen::Array<double, mostFrames, 1>;
    struct Partial {
        int n = 0;
        double frequency_Hz = 0.0, amplitude = 0.0;
        Frames phase, level; ///< radians, once described cents times seconds against where it was looked for
        std::array<double, orders> shape{};
        double variance = 0.0; ///< of each of those, (cents s)^2
        double weight = 0.0;   ///< of its pitch, 1/cents^2
    };
    void follow(std::span<const double> sound, const Series& series);
    void demodulate(std::span<const double> sound, Partial& partial);
    void shapePaths();
    void describe();
    struct Glide {
        double pitch_cents = 0.0, stretch = 0.0, glide_cents = 0.0, variance_cents2 = 0.0, cost = 0.0;
    };
    [[nodiscard]] Glide together(double age_s, double glideFor_s);
    void drift(double age_s, double glideFor_s, double glide_cents, FittedPluck& out);
    [[nodiscard]] double decay_dBps() const;
    /// By how much the fitted string's partial lies from where it was looked for.
    [[nodiscard]] static double partialOff_cents(const Partial& partial, const FittedPluck& out);

    const HearingOptions options_;
    double rate_Hz_;
    std::vector<double> window_;
    std::vector<Partial> partials_;
    std::array<Frames, orders> shapes_;
    std::size_t count_ = 0, length_ = 0, hop_ = 0;
    int frames_ = 0;
    double stretchAt_ = 0.0; ///< B by which partials were predicted
};

} // namespace flenzo
