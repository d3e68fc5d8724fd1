// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/base/units.h"
#include "core/statics/family.h"
#include "core/statics/wire.h"

#include <Eigen/Core>
#include <optional>
#include <string>
#include <vector>

namespace flenzo {

inline constexpr std::size_t maxStrings = 12;
inline constexpr std::size_t maxSprings = 8;

/// A stop that holds the bridge at its centre until the moment exceeds its preload, then adds its rate beyond, both
/// ways.
struct CentringAssist {
    double centre_rad = 0.0;
    double preload_Nm = 0.5;
    double rate_NmPerRad = 2.0;
    bool operator==(const CentringAssist&) const = default;
};

/// What keeps parts from sliding. Coefficients are assumptions unless somebody measured a return to pitch.
struct Friction {
    double nut = 0.12;       ///< dry open nut; graphite or oil about half, rollers 0.03, locked 0
    double saddle = 0.10;    ///< at the saddle, where a tail behind it can slide
    double pivot_Nm = 0.003; ///< moment that the knife edge or the shaft's bearings can hold
    bool operator==(const Friction&) const = default;
};

/// How the guitar lies while it is worked on; decides where gravity points in the bridge's frame.
enum class Orientation { Flat, Playing, Upright, FaceDown };

/// Lengths in metres, in the frame of docs/mechanics.md: origin at the pivot, x towards the nut, y away from the top.
struct Bridge {
    Family family = Family::DoubleLocking;
    double mass_kg = 0.25;
    Eigen::Vector2d centreOfMass_m{-0.007, -0.012}; ///< fixed in the bridge
    double rearStop_rad = radians(-7.0);
    double forwardStop_rad = radians(14.0);
    double rearEdge_m = 0.038;   ///< pivot to the edge under which the gap is measured
    double rearGap_m = 0.004;    ///< gap under that edge when the plate is level
    double shaftRadius_m = 0.0;  ///< roller shaft only
    double armTip_m = 0.0;       ///< roller shaft only: shaft axis to the arm's tip
    double armTipHeight_m = 0.0; ///< roller shaft only: height of the tip at level
    std::optional<CentringAssist> assist;
    Friction friction;
    [[nodiscard]] constexpr const FamilyTraits& has() const { return traitsOf(family); }
    bool operator==(const Bridge&) const = default;
};

/// One spring. Extension springs run from a hook in the bridge to the claw; compression springs are under the arm.
struct Spring {
    double rate_Npm = 2000.0;
    double initial_N = 8.0; ///< initial tension of the closed coil
    double free_m = 0.055;
    Eigen::Vector2d hook_m{-0.003, -0.040};  ///< fixed in the bridge
    Eigen::Vector2d anchor_m{0.072, -0.040}; ///< on the claw at 0 turns
    double slot = 0.5;                       ///< place across the claw: 0 at the bass screw, 1 at the treble screw
    double aside_m = 0.0; ///< how far hook and claw end lie apart across the strings (slanted spring)
    double seat_m = 0.0;  ///< roller shaft: height of the seat at level
    double lever_m = 0.0; ///< roller shaft: fall of that height per radian
    bool operator==(const Spring&) const = default;
};

/// Turns of the two claw screws; positive tightens.
struct ClawTurns {
    double bass = 0.0;
    double treble = 0.0;
    [[nodiscard]] double mean() const { return (bass + treble) / 2.0; }
    [[nodiscard]] ClawTurns plus(double both) const { return {bass + both, treble + both}; }
    bool operator==(const ClawTurns&) const = default;
};

struct Claw {
    double lead_m = 0.0016;     ///< metres per turn
    ClawTurns turns;            ///< as it is now
    double least_turns = -20.0; ///< reach of the screws, mean of both; an assumption unless measured
    double most_turns = 20.0;
    bool operator==(const Claw&) const = default;
};

/// A string as it is on this guitar.
struct RigString {
    std::string name; ///< its number, "1" the thinnest
    Wire wire;
    double scale_m = 0.648;                  ///< speaking length with the bridge level
    Eigen::Vector2d saddle_m{-0.010, 0.010}; ///< fixed in the bridge
    double nutDrop_m = 0.0;                  ///< how far the nut lies below the saddle's level height (posts raised)
    double nutTail_m = 0.0;                  ///< nut to post; does not count once the nut is locked
    double saddleTail_m = 0.0;               ///< saddle to ball end
    double finePerTurn_m = 0.0;              ///< wire that one turn of the fine tuner takes in; 0: has none
    double fineTurns = 5.0;                  ///< turns of it from end to end
    double fineAt_turns = 2.5;               ///< turns it is screwed in now; 0 = all out
    double clampLift_m = 0.0;                ///< string above the nut's floor before it is clamped
    double clampHold_m = 0.02;               ///< from the nut's edge back to the bar or post that holds it up
    double nutBreak_rad = radians(10.0);     ///< break angle at the nut; `setup/posts.h` computes it from the winding
    double saddleBreak_rad = radians(20.0);
    double target_Hz = 0.0;
    bool operator==(const RigString&) const = default;
};

/// Wire that pressing the string down onto the nut's floor draws out of its speaking part: h^2 / 2d (eq. 38).
[[nodiscard]] double clampedWire_m(const RigString& string);

/// One guitar: everything the mechanics need to know of it. Strings are in document order, thickest first by custom.
/// Validity: 1 to 12 strings, 0 to 8 springs; `store` checks every field's range when it reads a file.
struct Rig {
    Bridge bridge;
    std::vector<Spring> springs;
    Claw claw;
    std::vector<RigString> strings;
    Orientation orientation = Orientation::Flat;
    double neckElevation_rad = 0.0; ///< of the neck above the horizontal when the guitar is held as played
    bool nutLocked = false;
    bool operator==(const Rig&) const = default;
};

/// Index of the string with that name.
[[nodiscard]] std::optional<std::size_t> stringNamed(const Rig& rig, const std::string& name);

/// Rear gap at an angle, and the angle that shows a gap; the gap is clamped to what the edge can reach (eq. 9).
[[nodiscard]] double gapAt_m(const Bridge& bridge, double angle_rad);
[[nodiscard]] double angleOfGap_rad(const Bridge& bridge, double gap_m);

} // namespace flenzo
