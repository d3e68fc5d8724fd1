// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/planning/passes.h"
#include "core/setup/posts.h"
#include "domain/job/job.h"

namespace flenzo {

/// What the chosen ways mean in figures on this guitar. What nobody measures is an assumption and named so on screen.

/// Posts and nut as most guitars have them.
struct AssumedHead {
    double post_m = 0.0055;
    double postSpacing_m = 0.025;
    double nutToPost_m = 0.045;  ///< where not even the usual spacing is known
    double insertion_m = 0.0025; ///< wire in the saddle's clamp
    double treeAway_m = 0.040, treeDrop_m = 0.006;
    double toSpare_m = 0.005; ///< a string a little long winds a little further, one too short is lost
};
inline constexpr AssumedHead assumedHead{};
/// The same with what was measured of this guitar.
[[nodiscard]] AssumedHead headOf(const Job& job);
/// What is taken for usual where nothing was measured.
inline constexpr double usualAction_m = 0.0018;   ///< at fret 12
inline constexpr double usualPostLead_m = 0.0007; ///< a post's rise for one turn

/// The plate's angle over the block that is put in.
[[nodiscard]] double blockAngle_rad(const Job& job);
/// Worst change of a string at pitch under the block when it comes out; 0 over a neutral one.
[[nodiscard]] double blockJump_cents(const Job& job, const Rig& rig, const LevelSolution& level);

/// Wraps on the post by tuners and ways.
[[nodiscard]] double wrapsOf(const Job& job, const Wire& wire);
[[nodiscard]] SlackRules slackOf(const Job& job, const RigString& string);
/// From the nut to this string's own post.
[[nodiscard]] double nutToPostOf_m(const RigString& string);
/// From the ball to the cut at the bridge, along the string, when the ball stays at the headstock: to its own post,
/// with its own wraps, what goes into the clamp and a little to spare.
[[nodiscard]] double cutLengthOf_m(const Job& job, const RigString& string);
/// Break angle at the nut once the string is wound: by wraps and by where the first one lies.
[[nodiscard]] double nutAngleOf_rad(const Job& job, const RigString& string);
/// The same of a string that a string tree holds down: by where the tree is, whatever its wraps.
[[nodiscard]] double treeAngle_rad(const Job& job);

/// Fine tuners at their preset, in turns screwed in.
[[nodiscard]] double finePreset_turns(const Job& job);

/// What each string reads held as it is played, when it reads 0 as it lies on the bench.
[[nodiscard]] std::vector<double> playingShift_cents(const Rig& rig, const State& now);

} // namespace flenzo
