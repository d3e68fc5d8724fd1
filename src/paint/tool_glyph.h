// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "paint/scene.h"

namespace flenzo {

/// What lies in the tray.
enum class ToolKind {
    Glasses,
    Winder,
    Cutters,
    Pliers,
    Tin,
    Lamp,
    Tuner,
    HexKey,
    Screwdriver,
    Block,
    HeadRest,
    Caliper,
    Ruler,
    Tray,
    Cloth,
    Spares,
    Oil,
    Wool
};

/// The tool in a few strokes, to be told from the others at arm's length.
[[nodiscard]] Scene buildToolGlyph(ToolKind tool, const QSizeF& size);

} // namespace flenzo
