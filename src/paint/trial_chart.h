// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/simulation/trial.h"
#include "paint/scene.h"

namespace flenzo {

/// How many passes every shop method and the adviser needed, one row of bars a player, the adviser first.
[[nodiscard]] Scene buildTrialChart(const TrialReport& report, const QSizeF& size, double textScale);

} // namespace flenzo
