// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/planning/alternatives.h"

namespace flenzo {

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
    /// How far the others are moved on the mean when the string of the lowest pitch alone is tuned a whole step down:
    /// what a drop costs on this guitar. Nothing where the bridge does not come to rest.
    std::optional<double> dropMovesOthers_cents;
    std::vector<double> ofBreaking; ///< share of each string's breaking load
};
[[nodiscard]] SetFigures figuresOf(const Rig& rig, const Goal& goal, const Order& order);

} // namespace flenzo
