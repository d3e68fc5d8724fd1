// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/log/prior.h"

#include <optional>

namespace flenzo {

/// How much a shop's own guitars say of the next one.
struct ShopPriorOptions {
    double ours = 4.0;         ///< guitars that the usual mean and spread count for beside the shop's
    double leastGuitars = 3.0; ///< fewer say nothing
    double leastSpread = 0.25; ///< in usual deviations: no shop's guitars are more alike than this
};

/// What a shop's guitars of one bridge form have in common.
struct ShopPrior {
    Prior prior;
    int guitars = 0; ///< that it was learned from
    bool operator==(const ShopPrior&) const = default;
};

/// Mean and spread of a shop's guitars of one bridge form, for a new one of it (empirical Bayes, docs/mechanics.md
/// eq. 42): `guitars` are what was learned of each from the usual prior. Shrunk towards that prior; where the claw
/// is, is each guitar's own and stays as usual. Nothing where there are too few.
[[nodiscard]] std::optional<ShopPrior> shopPrior(const std::vector<Prior>& guitars,
                                                 const ShopPriorOptions& options = {});

} // namespace flenzo
