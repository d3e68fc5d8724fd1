// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "paint/scene.h"

namespace flenzo {

/// The drawings of the user guide: a floating bridge with its parts numbered, so that one picture serves every
/// language; the guide says below it what each number is.
inline constexpr QSize drawingSize(1000, 560);
[[nodiscard]] Scene bridgeFromTheSide();
[[nodiscard]] Scene bridgeFromAbove();
[[nodiscard]] Scene bridgeFromBehind();

} // namespace flenzo
