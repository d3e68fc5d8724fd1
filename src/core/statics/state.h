// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/statics/rig.h"

#include <optional>
#include <vector>

namespace flenzo {

/// Something that keeps the bridge still for a while.
struct Block {
    enum class Kind {
        Rear,   ///< under the rear of the plate: holds the angle at or above its own
        Front,  ///< behind the sustain block: holds the angle at or below its own
        Captive ///< holds it exactly
    };
    Kind kind = Kind::Captive;
    double angle_rad = 0.0;
    bool operator==(const Block&) const = default;
};

/// What changes while a guitar is worked on. Pure data: acts take one and return the next.
struct State {
    std::vector<double> unstretchedLength_m; ///< rest length of each string in document order; 0 = the string is off
    ClawTurns claw;
    std::optional<Block> block;
    Orientation orientation = Orientation::Flat;
    bool nutLocked = false;
    double angle_rad = 0.0; ///< where the bridge came to rest last
    bool operator==(const State&) const = default;
};

/// The state of a rig with all strings off, everything else as the rig says.
[[nodiscard]] State bareState(const Rig& rig);

} // namespace flenzo
