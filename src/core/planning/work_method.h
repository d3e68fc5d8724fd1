// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/operations/settling.h"
#include "core/statics/coupling.h"

#include <cstdint>

namespace flenzo {

/// Orders of tuning in use; document order runs from the thickest string to the thinnest.
enum class OrderKind { LowToHigh, HighToLow, OuterPairs, Own };

/// How a shop turns the claw, as far as there is still to go.
enum class ClawMethod {
    EachScrew,         ///< all at one go; a sixteenth on one screw alone is half a step of both
    BothScrews,        ///< all at one go, the same on both screws
    Quarters,          ///< a quarter on both screws and a look, the last one less
    CoarseThenQuarters ///< whole turns at one go, then quarters
};

/// How a shop tunes.
struct WorkMethod {
    Order order; ///< every string once
    ClawMethod claw = ClawMethod::EachScrew;
    bool aims = true;              ///< to computed aims; false: each string exactly to pitch
    bool stretch = false;          ///< new strings are stretched until they are settled
    Wraps wraps = Wraps::Usual;    ///< less on the post is less to settle
    double pullShare = 1.0;        ///< what one pull lets go, against a gentle one along the whole string
    bool backChecks = false;       ///< exactly tuned strings are brought back before the next one is tuned
    double firstSharp_cents = 0.0; ///< exactly tuned, the first string of the first pass is set this sharp by feel
    bool operator==(const WorkMethod&) const = default;
};

/// The order of a kind for a number of strings. `Own` yields low to high.
[[nodiscard]] Order orderOf(OrderKind kind, std::size_t strings);
/// Which kind an order is.
[[nodiscard]] OrderKind kindOf(const Order& order);

/// What each act takes: assumptions until a shop's own log replaces them.
struct Pace {
    double tune_s = 20.0;    ///< one string to its aim
    double claw_s = 90.0;    ///< one visit to the claw
    double pluck_s = 4.0;    ///< one string read
    double look_s = 12.0;    ///< a look at the plate, and another turn of the claw after it
    double turnTo_s = 4.0;   ///< from the tuner to the plate, or back
    double stretch_s = 12.0; ///< one string pulled and read
    bool operator==(const Pace&) const = default;
};

} // namespace flenzo
