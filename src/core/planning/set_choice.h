// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/planning/claw_steps.h"
#include "core/statics/level.h"

#include <optional>
#include <utility>
#include <vector>

namespace flenzo {

/// What somebody wishes of a set, for the pitches that the rig is to be tuned to. Every wish may be left out.
struct SetWish {
    bool keepsBalance = true;                ///< no claw turn, or the least there is; on a shaft the goal's angle
    std::optional<double> arm_NmPerRad = {}; ///< stiffness of the arm, pegs untouched
    std::vector<double> pull_N = {};         ///< string by string; empty: those of the strings that are on
    /// Every string pulls alike: as much as keeps the balance, or as `pull_N` on the mean where it need not be kept.
    bool equalPull = false;
    double furthestPull = 0.3; ///< share of its wished pull that no string is away from it: further is another feel
    double mostOfBreaking = usualMostOfBreaking; ///< of its breaking load, that no string comes to at pitch
    double longest_s = 0.25;                     ///< after which the best set so far is the answer
};

/// What is sold for each string of a guitar, in the rig's order.
using Offered = std::vector<std::vector<Wire>>;

/// One and the same thing offered for several strings, of which there are not as many pieces.
struct FewPieces {
    std::vector<std::pair<std::size_t, std::size_t>> places; ///< string, and which of those offered for it
    int pieces = 0;
};

enum class SetStatus {
    Best,           ///< proven: no set of what is offered meets the wish better
    Good,           ///< the time was up; `bound` says how much better another could be
    Late,           ///< the time was up before there was any
    NothingOffered, ///< for `string`
    NothingBears,   ///< all that is offered for `string` would come beyond its share of the breaking load
    NothingNear,    ///< nothing that is offered for `string` and bears its pitch pulls near enough to what is wished
    TooFewPieces    ///< there is something for each string, but not for all of them at once
};

/// A set chosen from what is offered.
struct ChosenSet {
    SetStatus status = SetStatus::NothingOffered;
    std::size_t string = 0;
    std::vector<std::size_t> picks; ///< for each string, which of those offered
    double cost = 0.0, bound = 0.0; ///< distance from the wish, and the least that any set can have
    /// Strings whose pick is the lightest or heaviest of those that may be chosen: where the wish is not met, these
    /// hinder it.
    std::vector<std::size_t> atTheEnd;
};

/// The set nearest to the wish: an integer programme, one string of each row, solved by GLPK. Moment, pull and
/// stiffness of a string at the goal's angle do not depend on the others, so all are sums over the choice; only the
/// claw is taken as linear about where it stands. `rig` carries the strings that are on, at the pitches that are
/// wanted. Validity: a rig with at least one string; `Offered` as long as the rig's strings. Each thread has a solver
/// of its own.
[[nodiscard]] ChosenSet chooseSet(const Rig& rig, const Goal& goal, const Offered& offered, const SetWish& wish,
                                  const std::vector<FewPieces>& few = {});

/// The wires that were chosen.
[[nodiscard]] std::vector<Wire> wiresOf(const Offered& offered, const ChosenSet& chosen);

/// How far a set, one wire a string, is from the wish: what `chooseSet` makes least. Infinite where a string would not
/// bear its pitch or pulls too far from what is wished.
[[nodiscard]] double distanceFromWish(const Rig& rig, const Goal& goal, const std::vector<Wire>& set,
                                      const SetWish& wish);

/// The wires that are on.
[[nodiscard]] std::vector<Wire> wiresOf(const Rig& rig);
/// The rig with these wires on it, at its pitches.
[[nodiscard]] Rig withWires(Rig rig, const std::vector<Wire>& set);

} // namespace flenzo
