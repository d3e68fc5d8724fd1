// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/statics/family.h"
#include "domain/guitar/due.h"

#include <QDate>
#include <QMap>
#include <QStringList>
#include <optional>
#include <vector>

namespace flenzo {

enum class Tuners { ThroughHole, Slotted, Locking, AtBridge };
enum class Headstock { OneSide, Split, None };
enum class Nut { Open, Caps, ClampPerString };
enum class ArmUse { NotSaid, Used, NotUsed };
/// How its owner wants the arm to be.
enum class ArmFeel { AsItIs, Softer, Stiffer };
enum class Board { DarkUnlacquered, Maple, Other };

/// Further than this no clamp moves a string on the nut's floor: one that moved more has slipped.
inline constexpr double mostClampShift_cents = 25.0;

/// What is measured once of the head and of the saddle's clamps; each is assumed until it is there.
struct HeadFigures {
    std::optional<double> post_m;      ///< diameter of a string post
    std::optional<double> firstPost_m; ///< from the nut to the string post nearest to it
    std::optional<double> spacing_m;   ///< from one string post to the next
    std::optional<double> clamped_m;   ///< wire that goes into a saddle's clamp
    std::optional<double> treeAway_m;  ///< from the nut to the string tree
    std::optional<double> treeDrop_m;  ///< by which the tree holds its strings below their slots
    bool operator==(const HeadFigures&) const = default;
};

/// From the wall of the cavity to the claw, each side, as it was when the job began; a claw that is turned since is
/// nearer or further by what its screws travelled (`clawDepthNow` in `domain/job/claw_depth.h`).
struct ClawDepth {
    std::optional<double> bass_m, treble_m;
    bool operator==(const ClawDepth&) const = default;
};

/// What stays true of a guitar from job to job and decides which steps its work has. The bridge itself is in the
/// rig.
struct Card {
    Tuners tuners = Tuners::ThroughHole;
    Headstock headstock = Headstock::OneSide;
    Nut nut = Nut::Open;
    Board board = Board::DarkUnlacquered;
    bool leftHanded = false;
    bool retainerBar = false; ///< a bar behind the nut
    bool stringTree = false;
    bool cavityCover = true;
    QString block;       ///< what keeps this bridge still
    QString levelMark;   ///< how level is told on it
    QString springSlots; ///< which slots the springs hang in, as the shop counts them
    ClawDepth clawDepth;
    QString contact;              ///< how the owner is reached
    QMap<QString, QString> keys;  ///< screw group -> key size ("caps" -> "3 mm")
    ArmUse arm = ArmUse::NotSaid; ///< whether its owner uses the arm
    ArmFeel feel = ArmFeel::AsItIs;
    std::optional<double> wishBass_m, wishTreble_m; ///< the action its owner wants at fret 12
    HeadFigures head;
    QMap<QString, QDate> replaced;        ///< part that wears -> when it was replaced last (`wearingParts`)
    std::vector<double> clampShift_cents; ///< what locking did last time, per string in document order
    QStringList photos;                   ///< files
    QString notes;
    Playing playing; ///< decides when its strings are due
    bool operator==(const Card&) const = default;
};

/// Parts that wear on a guitar and are replaced, as files call them, of those that it has.
[[nodiscard]] QStringList wearingParts(const Card& card, const FamilyTraits& has);

/// In the language of the moment.
[[nodiscard]] QString wearingPartName(const QString& part);

/// Screw groups that a key size is remembered for, in the order of use.
[[nodiscard]] QStringList screwGroups();

} // namespace flenzo
