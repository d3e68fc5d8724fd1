// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/statics/state.h"

#include <algorithm>
#include <cmath>

namespace flenzo {

State bareState(const Rig& rig) {
    State state;
    state.unstretchedLength_m.assign(rig.strings.size(), 0.0);
    state.claw = rig.claw.turns;
    state.orientation = rig.orientation;
    state.nutLocked = rig.nutLocked;
    return state;
}

double blockAngle_rad(double thickness_m, double arm_m, double clearance_m) {
    return std::asin(std::clamp((thickness_m - clearance_m) / arm_m, -1.0, 1.0));
}

double blockThickness_m(double angle_rad, double arm_m, double clearance_m) {
    return clearance_m + arm_m * std::sin(angle_rad);
}

} // namespace flenzo
