// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/guitar/catalogue.h"
#include "domain/job/job.h"

namespace flenzo {

/// What goes into a guitar's case, for who restrings it with the same set and without the program. All of it is worked
/// out for the guitar as it is known, its claw where it has to be for that set.
struct CaseCard {
    struct String {
        std::string name;
        double gauge_m = 0.0, target_Hz = 0.0;
        double first_cents = 0.0;  ///< to be read the first time through, the block in where there is one
        double second_cents = 0.0; ///< the second time, nut still open
    };
    /// Another set in the same tuning.
    struct OtherSet {
        QString name;
        double clawMore_turns = 0.0; ///< against what the usual set needs
    };
    std::vector<String> strings;   ///< in the order of tuning
    std::optional<double> block_m; ///< that holds the plate level, under the rear edge
    bool oneByOne = false;         ///< a string comes off when the one before is on and at pitch
    std::optional<double> gap_m;   ///< under the rear edge when all is right; nothing without a plate that floats
    /// Both claw screws, looser for each cent that the strings read sharp on the mean when the block has come out: over
    /// a block that holds the plate level they were at pitch, so that is what the claw is off by. 0 without a block.
    double turnsPerCent = 0.0;
    double clawMissing_turns = 0.0; ///< from where the claw is now to where it has to be: 0 on a finished guitar
    double pull_N = 0.0;            ///< of all strings
    std::vector<OtherSet> others;   ///< the next lighter and the next heavier one that hold; none without a claw
};
/// Nothing where the strings cannot balance.
[[nodiscard]] std::optional<CaseCard> caseCardOf(const Job& job, const Estimate& known, const Catalogue& catalogue);

} // namespace flenzo
