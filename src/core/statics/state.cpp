// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/statics/state.h"

namespace flenzo {

State bareState(const Rig& rig) {
    State state;
    state.unstretchedLength_m.assign(rig.strings.size(), 0.0);
    state.claw = rig.claw.turns;
    state.orientation = rig.orientation;
    state.nutLocked = rig.nutLocked;
    return state;
}

} // namespace flenzo
