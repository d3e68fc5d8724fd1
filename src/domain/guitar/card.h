// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/guitar/due.h"

#include <QMap>
#include <QStringList>
#include <vector>

namespace flenzo {

enum class Tuners { ThroughHole, Slotted, Locking, AtBridge };
enum class Headstock { OneSide, Split, None };
enum class Nut { Open, Caps, ClampPerString };
enum class Board { DarkUnlacquered, Maple, Other };

/// Further than this no clamp moves a string on the nut's floor: one that moved more has slipped.
inline constexpr double mostClampShift_cents = 25.0;

/// What stays true of a guitar from job to job and decides which steps its work has. The bridge itself stands in the
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
    QString block;                        ///< what keeps this bridge still
    QString levelMark;                    ///< how level is told on it
    QString springSlots;                  ///< which slots the springs hang in, as the shop counts them
    QString clawDepth;                    ///< of the claw from the wall, bass and treble side, as measured
    QString contact;                      ///< how the owner is reached
    QMap<QString, QString> keys;          ///< screw group -> key size ("caps" -> "3 mm")
    std::vector<double> clampShift_cents; ///< what locking did last time, per string in document order
    QStringList photos;                   ///< files
    QString notes;
    Playing playing; ///< decides when its strings are due
    bool operator==(const Card&) const = default;
};

/// Screw groups that a key size is remembered for, in the order of use.
[[nodiscard]] QStringList screwGroups();

} // namespace flenzo
