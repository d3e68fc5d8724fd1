// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/statics/rig.h"
#include "paint/scene.h"

namespace flenzo {

/// Where a picture says more than a sentence.
enum class Diagram {
    OneSide, ///< headstock with all posts on one side: which way to wind
    Split,   ///< posts on both sides
    Bar,     ///< under the retainer bar, on the right side of its screws
    Caps,    ///< order and direction of the caps
    Clamp,   ///< string, insert and screw of a locking saddle, from the side
    Screws,  ///< which screw of a locking bridge does what
    Claw     ///< claw, screws and springs from behind
};

/// The picture for this guitar: its number of strings, springs and claw; mirrored for a left-handed one.
[[nodiscard]] Scene buildStepDiagram(Diagram diagram, const Rig& rig, bool leftHanded, const QSizeF& size,
                                     double textScale = 1.0);

} // namespace flenzo
