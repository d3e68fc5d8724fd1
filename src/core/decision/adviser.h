// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/decision/rules.h"

namespace flenzo {

/// The next single act, why, and the state of the guitar. From the job's log alone; the same log gives the same advice.
struct Advice {
    NextAct act;
    const char* rule = "";            ///< the row of the table that chose it
    std::optional<Outlier> doubt;     ///< set: check this reading before anything else
    std::optional<Question> question; ///< set: to be answered before anything else
    Estimate guitar;
    double passes = 0.0;                                         ///< peg turns so far over strings
    double plateTolerance_rad = 0.0, pitchTolerance_cents = 0.0; ///< as far as the shop's tools can tell
    bool contradictory = false;       ///< the readings scatter too much for anything to be made of them
    std::vector<double> wanted_cents; ///< what each string is to read in the end, as the nut is now
    double wantedAngle_rad = 0.0;     ///< and where the plate is to be
    bool plateEverRead = false;
    bool plateCounts = true; ///< false: nobody can tell where the plate is, so only pitch is brought to its target
    /// How far a string is believed to be from that.
    [[nodiscard]] double off_cents(std::size_t string) const {
        return guitar.readings_cents[string] - wanted_cents[string];
    }
};

/// Learns the guitar from the log, questions implausible readings, and picks the act that brings the job to its goal
/// soonest. `known` may be the estimate of the same job with a shorter log: it only saves time.
[[nodiscard]] Advice advise(const BenchJob& job, const Estimate* known = nullptr, const AdvisorOptions& options = {},
                            const EstimatorOptions& learning = {});
/// From what was learned already.
[[nodiscard]] Advice adviseFrom(const BenchJob& job, Estimate guitar, const AdvisorOptions& options = {});

} // namespace flenzo
