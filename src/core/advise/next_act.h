// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/advise/log_passes.h"
#include "core/log/replay.h"
#include "core/plan/claw_way.h"
#include "core/plan/passes.h"
#include "core/plan/spread.h"

namespace flenzo {

/// The one thing to do next.
struct NextAct {
    enum class Do {
        Read,    ///< strings in `strings`, and the gap if `gap`
        Claw,    ///< turn the screws by `turns`
        Tune,    ///< string in `aim` to its aim
        Unblock, ///< take the block out
        Stretch, ///< pull the string of `aim` along its whole length, once
        Done,
        Stuck ///< no claw position balances this set; `level.status` says which way
    };
    Do what = Do::Read;
    std::vector<std::size_t> strings;
    bool gap = false;
    ClawTurns turns; ///< in sixteenths on each screw
    ClawHand hand;   ///< how the claw is turned here
    Aim aim;
    Level level;  ///< where everything aims at, from the claw as it stands
    State target; ///< rest lengths the pegs are led to
    double offset_cents =
        0.0; ///< common offset from pitch, inside the tolerance, that brings the plate to its goal at this claw
    bool atClaw = false; ///< the target holds at the present claw
};

/// What else is known of the guitar; all of it unknown is a settled guitar with sure claw turns.
struct Known {
    double clawDeviation_turns = 0.0; ///< how uncertain the turns still to make are
    std::vector<int> stretchesLeft;   ///< per string, likely number; empty: none
    bool stretching = false;          ///< the last thing done was a stretch: its round goes on
    int passes = 0;                   ///< begun so far
    int pegInHand = 0;                ///< how often in a row the last peg has been turned
    bool clawTurnedBack = false;      ///< the last two visits to the claw were its finest step, one way and the other
    bool bothTurnedBack = false;      ///< the same of both screws together
    double floatDoubt_NmPerRad = 0.0; ///< a level solution unstable by less than this may float all the same
    Spread spread;                    ///< of hand, tuner and gauge
};

/// What the log tells of the last visits to the claw, for the hand that turns it at `level`.
void takeClawVisits(Known& known, const std::vector<Event>& log, const Habit& habit, const Rig& rig, const Level& level,
                    const Goal& goal);

/// From what is known now. Deterministic.
/// `tuned` are the strings tuned so far in the present pass.
[[nodiscard]] NextAct nextAct(const Rig& rig, const Goal& goal, const Habit& habit, const Standing& now,
                              const std::vector<std::size_t>& tuned, const Known& known = {});

/// A round of stretching pulls a string again while it has fallen by less than this; below it a pull does little.
inline constexpr double worthPulling_cents = 150.0;

/// From now to done, if every act goes as the model says: passes, claw visits and the states on the way.
struct Outlook {
    std::vector<Pass> passes; ///< the first one finishes the pass under way
    int clawVisits = 0;
    int tunes = 0, reads = 0;
    bool reachesGoal = false;
    [[nodiscard]] double seconds(const Pace& pace) const {
        return tunes * pace.tune_s + clawVisits * pace.claw_s + reads * pace.read_s;
    }
};
[[nodiscard]] Outlook outlook(const Rig& rig, const Goal& goal, const Habit& habit, const Standing& now,
                              const std::vector<std::size_t>& tuned, int mostPasses);

} // namespace flenzo
