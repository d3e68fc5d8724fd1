// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/estimation/equations.h"

namespace flenzo {

/// A reading that the rest of the log contradicts.
struct Outlier {
    enum class Likely { Unknown, WrongOctave, OtherString, WrongSign, SlippedPoint, SlippedString };
    std::size_t event = 0;
    std::optional<std::size_t> string;      ///< none: the plate
    double measured = 0.0, predicted = 0.0; ///< cents, or metres of gap
    double inDeviations = 0.0;
    Likely likely = Likely::Unknown;
    std::optional<std::size_t> otherString; ///< the string it would fit
};

/// The reading of the latest rest that is furthest from the solution, unless a later one of the same kind agrees.
[[nodiscard]] std::optional<Outlier> openOutlier(const BenchJob& job, const EstimatorOptions& options,
                                                 const Timeline& line, const std::vector<Residual>& residuals,
                                                 const std::vector<double>& readings_cents);

} // namespace flenzo
