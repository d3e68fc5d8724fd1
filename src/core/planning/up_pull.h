// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/statics/level.h"

namespace flenzo {

/// How far the arm can be pulled up from where the bridge rests: to the rear stop, and what every string then reads
/// above its rest. Nothing is left on a decked bridge (eq. 35).
struct UpPull {
    double angle_rad = 0.0;         ///< travel left
    std::vector<double> rise_cents; ///< per string
    double stopLoad_Nm = 0.0;       ///< what the stop carries at rest; above 0 on a decked bridge
};
[[nodiscard]] UpPull upPullOf(const Rig& rig, const State& atRest);

} // namespace flenzo
