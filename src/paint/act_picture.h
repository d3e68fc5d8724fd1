// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/operations/acts.h"
#include "paint/scene.h"

namespace flenzo {

/// What a hand touches in the next act, and which way it goes.
struct ActPicture {
    enum class Kind { None, Claw, Peg, Gap, Pull };
    enum class Pegs { OneSide, Split, AtBridge };
    Kind kind = Kind::None;
    ClawTurns turns;           ///< Claw: positive tightens
    std::size_t strings = 6;   ///< Peg, Pull
    std::size_t string = 0;    ///< the one meant, the thickest first
    bool tighten = true;       ///< Peg: up to pitch
    Pegs pegs = Pegs::OneSide; ///< where the strings are tuned
    bool leftHanded = false;
    QString name; ///< of the string
};

/// Drawn for this guitar: the claw's two screws with a full disc for every whole turn and a slice for the rest; the
/// headstock, or the tuners at the bridge, with the one to turn; the rear edge and its gap; the string to pull.
[[nodiscard]] Scene buildActPicture(const ActPicture& act, const QSizeF& size, double textScale = 1.0);

} // namespace flenzo
