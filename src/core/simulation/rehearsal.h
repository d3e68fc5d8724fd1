// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/decision/adviser.h"

#include <optional>

namespace flenzo {

/// What a shop does before, or beside, what the adviser asks for. The default is nothing: all strings are on and
/// roughly up, the bridge free.
struct Opening {
    bool oneByOne = false; ///< each string changed by itself, the others brought back to pitch after it
    struct UnderBlock {
        double angle_rad = 0.0;
        bool aims = true;             ///< to blocked aims; false: each string to pitch
        double clawError_turns = 0.0; ///< nobody sees over a block how far off the claw is: found when it comes out
        bool operator==(const UnderBlock&) const = default;
    };
    std::optional<UnderBlock> block; ///< one round is tuned over it before it comes out
    bool stretchEach = false;        ///< each string is stretched when it first comes to pitch, not all in one round
    bool slackenAtClaw = false;      ///< strings at pitch go down a tone before the claw is turned
    bool operator==(const Opening&) const = default;
};

/// The job played from its start on the model itself, by its own method, with everything known and a steady hand: what
/// a way of working costs by the mechanics alone, and so the least it will cost. Stops at `rehearsalActs` acts.
[[nodiscard]] Counts rehearse(const BenchJob& job, const Opening& opening = {});
inline constexpr int rehearsalActs = 400;

} // namespace flenzo
