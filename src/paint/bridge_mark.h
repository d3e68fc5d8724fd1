// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/statics/family.h"
#include "paint/scene.h"

namespace flenzo {

/// A family of bridges as a mark to choose by: not to scale, what tells it from the others drawn large. From the side
/// whether it lies in a recess, how strings are held at bridge and nut, what moves it; beside it, from above, what it
/// tips on.
[[nodiscard]] Scene buildBridgeMark(const FamilyTraits& has, const QSizeF& size);

} // namespace flenzo
