// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "paint/scene.h"

namespace flenzo {

/// How far the string that sounds is from its aim, and how loud it is.
struct ListeningPicture {
    std::optional<double> fromAim_cents; ///< nothing: no string is on its way
    double near_cents = 2.0;             ///< within which it counts as there
    double level_dBFS = -100.0;
    bool clips = false;
};

/// Two jaws about a gap: the one on the side from which the string comes is as far off as the string, and closes as
/// it gets there; closed and of one colour they are a whole. Under them the level.
[[nodiscard]] Scene buildListening(const ListeningPicture& values, const QSizeF& size, double textScale);

} // namespace flenzo
