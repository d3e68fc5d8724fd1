// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "paint/scene.h"

namespace flenzo {

/// The whole guitar from above, nut and headstock to the right: where a step is done, and what is still tight.
struct GuitarPlan {
    enum class Spot { Tuners, Nut, Fretboard, Pickups, Bridge, Arm, Middle, Ends, Posts };
    enum class StringLook { Tight, Slack, Cut, Off };
    enum class Pegs { OneSide, Split, AtBridge };
    struct Mark {
        Spot spot;
        QString words;
    };
    std::vector<Mark> marks; ///< where to look or to work, in the order of the work
    std::vector<StringLook> strings;
    std::vector<QString> names; ///< of the strings, the thickest first
    Pegs pegs = Pegs::OneSide;
    bool arm = true, leftHanded = false;
};

[[nodiscard]] Scene buildGuitarPlan(const GuitarPlan& plan, const QSizeF& size, double textScale);

} // namespace flenzo
