// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/planning/claw_steps.h"
#include "core/planning/passes.h"

namespace flenzo {

/// What an act was changed for: the one that would come next brings a string nearer to breaking than is wise, or asks
/// more of a fine tuner than it has.
struct Spared {
    enum class By {
        OtherString, ///< another one is tuned first
        NotSoFar,    ///< it is not tuned so far at once
        LessClaw,    ///< the claw is not turned so far at once
        First,       ///< this comes before an act that would pull it so far
        FineTuner    ///< it is tuned as far as its fine tuner goes
    };
    By by = By::OtherString;
    std::size_t string = 0;
    double share = 0.0;         ///< of its breaking load, that it would come to
    double missing_cents = 0.0; ///< FineTuner: by which it ends too soon; negative where it cannot go flat enough
    bool blockSpares = false;   ///< on a block in level no string has to be tuned beyond its pitch
    bool operator==(const Spared&) const = default;
};

/// The one thing to do next.
struct NextAct {
    enum class Do {
        Read,    ///< strings in `strings`, and the gap if `gap`
        Claw,    ///< turn the screws by `turns`
        Tune,    ///< string in `aim` to its aim
        Unblock, ///< take the block out
        Stretch, ///< pull the string of `aim` along its whole length, once
        String,  ///< put the string of `aim` on
        Ask,     ///< whether something in the log was otherwise: `Advice::question`
        Done,
        Leave, ///< more work would not bring it nearer with these tools; what is left is said
        Stuck  ///< no claw position balances this set; `level.status` says which way
    };
    Do what = Do::Read;
    std::vector<std::size_t> strings;
    bool gap = false;
    ClawTurns turns;     ///< in sixteenths on each screw
    ClawStepPolicy hand; ///< how the claw is turned here
    Aim aim;
    std::optional<Spared> spared;
    LevelSolution level; ///< where everything aims at, from the claw as it is
};

} // namespace flenzo
