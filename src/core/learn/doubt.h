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

/// Looks at every reading the technician has not confirmed, each against the guitar learned from the log before it.
/// Event indices of all that were doubted; the last open one is in `open` when it is in the newest run of readings.
struct Doubts {
    std::vector<std::size_t> leftOut;
    std::optional<Doubt> open;
};
[[nodiscard]] Doubts findDoubts(const BenchJob& job);

} // namespace flenzo
