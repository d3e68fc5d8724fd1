// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/simulation/independent_guitar.h"
#include "core/simulation/play.h"

#include <atomic>
#include <functional>
#include <memory>
#include <string>

namespace flenzo {

/// Kinds of change that a trial can make of a guitar.
enum class ChangeKind { Heavier, Lighter, Same, LowerTuning, FewerSprings, AsIs };
[[nodiscard]] const char* changeName(ChangeKind kind); ///< as on the command line
[[nodiscard]] std::optional<ChangeKind> changeNamed(const std::string& name);
/// The job made into that change: its strings are what comes off, or (fewer springs) what stays. The claw is as the
/// old set needed it. `AsIs` leaves the job as it is.
[[nodiscard]] BenchJob changed(BenchJob job, ChangeKind kind);

/// Kinds of tools and guitars a trial can be played with.
enum class TrialTools { Laboratory, Shop, Fine, Eye };
[[nodiscard]] std::optional<TrialTools> toolsNamed(const std::string& name);

struct TrialSetup {
    BenchJob job;
    TrialTools tools = TrialTools::Laboratory;
    bool independent = false;  ///< guitars of another model than the program's
    bool strange = false;      ///< and such as break it: a rolling edge, springs that stiffen, a nut that holds
    bool unlike = false;       ///< and none of the estimator's beliefs: unlike springs, a neck that gives, worse tools
    bool shopMethods = true;   ///< the shop methods play too
    bool forecasts = true;     ///< the remaining work is played at each start, to see whether it holds
    AdvisorOptions rules;      ///< of the adviser that plays, to be swept
    EstimatorOptions learning; ///< and how it learns
    int guitars = 1000;
    std::uint32_t seed = 1;
    int threads = 0;                      ///< 0: as many as the machine has
    std::function<void(int)> progress;    ///< plays done so far; called from any thread
    const std::atomic<bool>* cancel = {}; ///< set to stop early
};

/// One player over all guitars that have a stable float; the adviser comes last.
struct TrialRow {
    std::string name;
    std::vector<Played> plays; ///< stable guitars only, in order of their numbers
    [[nodiscard]] double share(const std::function<bool(const Played&)>& of) const;
    [[nodiscard]] Quantiles quantiles(const std::function<double(const Played&)>& of) const;
};
struct TrialReport {
    int guitars = 0, stable = 0;
    bool cancelled = false;
    std::vector<TrialRow> rows;
    /// Share of the adviser's plays whose true passes lay within p10 to p90 of the remaining work played at the start,
    /// either end taken to the peg turn.
    double coverage = 0.0;
};

/// The job as its tools make it.
[[nodiscard]] BenchJob jobOfTrial(const TrialSetup& setup);
/// A guitar of the other model for it.
[[nodiscard]] std::unique_ptr<IndependentGuitar> independentGuitar(const TrialSetup& setup, const BenchJob& job,
                                                                   std::uint32_t seed);
/// Calls `play` with every number below `count` on the trial's threads until it is cancelled.
void playAll(const TrialSetup& setup, std::size_t count, const std::function<void(std::size_t)>& play);

/// Plays every guitar by every shop method and by the adviser. One stream of random numbers a guitar: the same result
/// on any number of threads.
[[nodiscard]] TrialReport runTrial(const TrialSetup& setup);

} // namespace flenzo
