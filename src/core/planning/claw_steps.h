// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/planning/work_method.h"
#include "core/statics/level.h"

namespace flenzo {

/// How the claw is turned on one guitar.
struct ClawStepPolicy {
    static constexpr double finest_turns = 1.0 / 32.0; ///< a sixteenth on one screw alone, as the screws' mean
    static constexpr double both_turns = 1.0 / 16.0;   ///< a sixteenth on both
    ClawMethod way = ClawMethod::EachScrew;
    double step_turns = finest_turns; ///< of the screws' mean here: the same, or a sixteenth on both
    /// Whether the shop goes on at the claw after a look at the plate.
    [[nodiscard]] bool looks() const { return way == ClawMethod::Quarters || way == ClawMethod::CoarseThenQuarters; }
    /// What is turned at one go of the turns that are wanted: all, or no more than the shop turns before it looks.
    [[nodiscard]] double atOneGo_turns(double wanted_turns) const;
    /// Turns rounded to the step and dealt out in sixteenths; an odd one goes where it brings the claw, as it is,
    /// more nearly parallel.
    [[nodiscard]] ClawTurns dealt(double mean_turns, const ClawTurns& stands) const;
};

/// Share of the plate's tolerance for less than which nobody goes to the claw: the next gauge would send it back.
inline constexpr double clawShare = 0.5;
/// Under this share of a step it would leave nearly as much on the other side, and every string to be tuned again.
inline constexpr double worthAStep = 0.64;

/// The shop's way; but where both screws together can bring a soft float no nearer and it is not near enough, the last
/// sixteenth goes on one screw whatever the method. `turnedBack`: both have gone a sixteenth one way and the other, so
/// less than a whole one more will not do.
[[nodiscard]] ClawStepPolicy clawStepPolicyOf(const WorkMethod& method, const Rig& rig, const LevelSolution& level,
                                              const Goal& goal, bool turnedBack = false);

} // namespace flenzo
