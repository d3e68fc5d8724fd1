// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/learn/fit.h"

namespace flenzo {

/// A reading that no plausible guitar gives.
struct Doubt {
    enum class Likely { Unknown, WrongOctave, OtherString, WrongSign, SlippedPoint, SlippedString };
    Misfit misfit;
    double inDeviations = 0.0; ///< over measurement and what is uncertain of the guitar
    Likely likely = Likely::Unknown;
    std::optional<std::size_t> otherString; ///< the string it would fit
};

/// What a log taught so far.
struct Insight {
    std::size_t upTo = 0;             ///< events looked at; what came after says nothing yet
    Fit fit;                          ///< from all readings that are believed
    std::vector<std::size_t> leftOut; ///< events whose readings were doubted
    std::optional<Doubt> open;        ///< the doubt in the newest run of readings, nothing done since
};

/// Looks at every run of readings the technician has not confirmed, each against the guitar learned from the log before
/// it, leaves out what is implausible and fits the rest (eq. 27). `known` may be the insight from an earlier state of
/// the same log; it only saves time.
[[nodiscard]] Insight learnFrom(const BenchJob& job, const Insight& known = {});

} // namespace flenzo
