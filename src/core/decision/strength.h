// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/decision/situation.h"

namespace flenzo {

/// A string that an act would bring beyond what it may pull (`Situation::mostPull_N`).
struct Overpulled {
    std::size_t string = 0;
    double pull_N = 0.0;
    double room = 1.0; ///< what it may pull, as a share of that
};
/// The one furthest beyond: `after` is the guitar as it then rests. One that is beyond already counts only where that
/// gets worse.
[[nodiscard]] std::optional<Overpulled> overpulled(const Situation& now, const BalanceEquation& after,
                                                   double angle_rad);
/// Why the act is another one.
[[nodiscard]] Spared spared(const Situation& now, Spared::By by, const Overpulled& over);

} // namespace flenzo
