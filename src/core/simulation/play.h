// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/simulation/bench_guitar.h"
#include "core/simulation/remaining.h"

namespace flenzo {

/// How one guitar was finished.
struct Played {
    bool stable = false;   ///< the guitar has a stable float at all
    bool finished = false; ///< the player said done
    double passes = 0.0;   ///< peg turns over strings
    int clawVisits = 0, stretches = 0, readings = 0, acts = 0;
    double minutes = 0.0;
    double worst_cents = 0.0, plate_rad = 0.0; ///< the truth at the end, from the goal
    bool inTune = false;                   ///< and level, inside the tolerances, as far as the shop's tools can tell
    std::optional<RemainingWork> forecast; ///< the adviser's, after the first full reading
};

/// A shop's method as it is practised: near enough while far, level by eye, one look ahead, done when the eye says
/// level and the tuner says near.
struct ShopMethod {
    const char* name;
    OrderKind order = OrderKind::LowToHigh;
    bool backChecks = false; ///< lowest sharp first, then 1-2-1, 1-2-3 and so on
    bool toTheGoal = false;  ///< goes on until the job's own tolerances are met, with the job's gauge
};
[[nodiscard]] const std::vector<ShopMethod>& practisedMethods();

/// How practitioners work; assumptions, named so that a trial can sweep them.
struct PractisedHand {
    double nearEnough_cents = 8.0; ///< while the plate is not level
    double eye_rad = 0.0026;       ///< by which the eye errs (0.15 degrees, so that 0.3 is what it can tell)
    double level_rad = 0.0052;     ///< what it calls level (0.3 degrees)
    double wholeFrom_rad = 0.044, halfFrom_rad = 0.017; ///< whole and half turns while far, quarters near
    double within_cents = 3.0;                          ///< what the tuner calls done
    double centsPerRadian = 2500.0; ///< by feel: how far the plate still comes for what the strings are flat
    int mostPasses = 80;
};

[[nodiscard]] Played playByMethod(const BenchJob& job, const ShopMethod& method, BenchGuitar& guitar,
                                  std::uint32_t seed, const PractisedHand& hand = {});
/// `wantForecast`: the remaining work is played once, after the first full reading.
[[nodiscard]] Played playByAdvice(const BenchJob& job, BenchGuitar& guitar, bool wantForecast = true,
                                  const AdvisorOptions& rules = {}, const EstimatorOptions& learning = {});

} // namespace flenzo
