// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/planning/passes.h"

namespace flenzo {

/// One string of a set: what it is made of and what it is tuned to.
struct SetString {
    Wire wire;
    double target_Hz = 0.0;
    bool operator==(const SetString&) const = default;
};

/// The rig with another set on it; as many strings as the rig has.
[[nodiscard]] Rig withSet(Rig rig, const std::vector<SetString>& set);

/// How the guitar was before the change.
struct OldSet {
    std::vector<SetString> strings;
    std::vector<Spring> springs = {}; ///< empty: the same springs as now
    bool wasLevel = true;             ///< with that set at pitch the plate stood at `angle_rad`
    double angle_rad = 0.0;
    double pressed_Nm = 0.0; ///< above 0: it lay on its rear stop, and the springs pressed it down with about so much
    bool operator==(const OldSet&) const = default;
};
[[nodiscard]] Rig asItWas(Rig rig, const OldSet& old);

enum class Verdict {
    Same,     ///< the claw can stay: stretch and touch up
    TouchUp,  ///< a nudge of the claw, at most a quarter turn
    Rebalance ///< claw work first
};

/// What a change of strings or tuning does to the balance.
struct ChangeReport {
    std::vector<double> before_N, after_N; ///< tensions at pitch, string by string
    double sumBefore_N = 0.0, sumAfter_N = 0.0;
    LevelSolution level; ///< the new set, from the claw as it is
    Verdict verdict = Verdict::Rebalance;
    bool hasClaw = true;
    EquilibriumAtPitch alone; ///< claw left alone, retuned without end
    Pass aloneFirst;          ///< claw left alone, one pass exactly to pitch
    std::vector<double> aloneFirst_cents;
    std::vector<Pass> exactPasses; ///< claw set right, every string exactly to pitch, until done
    bool exactDone = false;        ///< whether those passes reached the goal's pitch tolerance
    Pass aimedPass;                ///< claw set right, one pass to aims
};

/// `rig` carries the new set and the claw as it is now. New strings start `slack_cents`
/// (an assumption, -300 by custom) below pitch with the plate held level, then let go.
[[nodiscard]] ChangeReport reportChange(const Rig& rig, const OldSet& old, const Goal& goal, const Order& order,
                                        double slack_cents);

/// The claw at which the old set stood at pitch with the plate at its angle; nothing when no claw would do that.
[[nodiscard]] std::optional<ClawTurns> clawBefore(const Rig& rig, const OldSet& old);

/// New strings `slack_cents` below pitch with the plate held level, then let go, at a claw position.
[[nodiscard]] State slackStart(const Rig& rig, const ClawTurns& claw, double slack_cents);

} // namespace flenzo
