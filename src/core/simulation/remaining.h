// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/decision/adviser.h"

#include <atomic>

namespace flenzo {

/// What is left, as quantiles over what is still uncertain.
struct Quantiles {
    double p10 = 0.0, p50 = 0.0, p90 = 0.0;
};
/// The work from now to done. A pass is peg turns over strings.
struct RemainingWork {
    Quantiles passes, clawVisits, minutes;
    int played = 0; ///< guitars it rests on
};
struct RemainingOptions {
    int guitars = 12;   ///< drawn from what the log allows
    int mostActs = 120; ///< after which one is given up
    std::uint32_t seed = 0x5eed;
    double widen = 1.5; ///< of the spread of few guitars, so that four in five and more lie within
    int threads = 2;    ///< that play them; a call blocks until all are through
    const std::atomic<bool>* cancel = nullptr;
    AdvisorOptions rules; ///< by which they are finished
};
/// Guitars that the log allows, each finished by the very estimator and rules that advise, with the shop's tools
/// (docs/mechanics.md eq. 31). Takes tenths of a second: not for a window's thread.
[[nodiscard]] RemainingWork remainingWork(const BenchJob& job, const Advice& advice,
                                          const RemainingOptions& options = {});

/// Quantiles of the sample that a normal curve through its mean and spread gives, kept at 0.8 of the least and above.
[[nodiscard]] Quantiles smoothedQuantiles(const std::vector<double>& values, double widen);

} // namespace flenzo
