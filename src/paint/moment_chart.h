// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "paint/section.h"

namespace flenzo {

/// String moment and spring moment over the angle. Where they cross, the bridge rests; how steeply they cross, pegs
/// untouched and every string kept at pitch, is how stubborn the tuning will be.
[[nodiscard]] Scene buildMomentChart(const SectionValues& values, const QSizeF& size);

} // namespace flenzo
