// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/planning/alternatives.h"

namespace flenzo {

/// The string of the lowest pitch alone brought a whole step down: what that costs on this guitar.
struct Drop {
    std::size_t string = 0;
    double movesOthers_cents = 0.0; ///< on the mean, where the bridge may give way
    /// With which the springs press what keeps the bridge from going back, where there is such a stop: the others then
    /// stay. 0 where the bridge does not give way.
    double onStop_Nm = 0.0;
    double fineThere_turns = 0.0; ///< that its fine tuner can still be let out; 0: has none
    double fineFree_turns = 0.0;  ///< that the drop takes of it, where the bridge gives way
    double fineHeld_turns = 0.0;  ///< and where it is held
};

/// Strings of a guitar side by side with others: all of it at pitch with the plate at the goal's angle.
struct SetFigures {
    LevelSolution level;         ///< status, claw, tensions, both stiffnesses
    double pull_N = 0.0;         ///< of all strings
    double clawMore_turns = 0.0; ///< from where the claw is now
    double clawLeft_turns = 0.0; ///< from there to its tightest
    std::size_t springs = 0;     ///< nearest number to those there are that the claw holds, comfortably afloat; 0: none
    double passFactor = 0.0;     ///< of exact passes; 1 where it never ends
    double rangeUp_rad = 0.0;    ///< to the rear stop
    double armHalfStep_Nm =
        0.0;                    ///< at the pivot, to bring the strings a half step down on the mean; 0: a stop is first
    std::vector<double> bend_N; ///< sideways at the twelfth fret, for a whole step up; the bridge gives way; empty
                                ///< where nothing balances, 0 where no push does it
    std::optional<Drop> drop;   ///< nothing where the bridge does not come to rest, and with a single string
    std::vector<double> ofBreaking; ///< share of each string's breaking load
};
[[nodiscard]] SetFigures figuresOf(const Rig& rig, const Goal& goal, const Order& order);

} // namespace flenzo
