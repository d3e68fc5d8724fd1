// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "paint/scene.h"

namespace flenzo {

/// What the program does, in three drawn panels for somebody who has never seen it: tell it bridge and strings, turn
/// the claw, tune each string once.
[[nodiscard]] Scene buildFirstStart(const QSizeF& size, double textScale);

} // namespace flenzo
