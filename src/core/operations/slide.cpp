// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/operations/slide.h"

#include <cmath>

namespace flenzo {

Equilibrium slide(BalanceEquation equation, const Limits& limits, double from_rad, double friction_Nm, bool remembers) {
    if (remembers && from_rad >= limits.low_rad && from_rad <= limits.high_rad) {
        const Moment moment = equation.at(from_rad);
        if (std::abs(moment.moment_Nm) <= friction_Nm)
            return {EquilibriumKind::Free, from_rad, moment.moment_Nm, -moment.slope_NmPerRad, 1};
        equation.addMoment(-std::copysign(friction_Nm, moment.moment_Nm));
    }
    return findEquilibrium(equation, limits, from_rad);
}

State cameToRest(const Rig& rig, State state, double from_rad, bool remembers) {
    const Equilibrium rest = slide(BalanceEquation(rig, state), limitsOf(rig.bridge, state.block), from_rad,
                                   rig.bridge.friction.pivot_Nm, remembers);
    if (rest.kind != EquilibriumKind::NotFound)
        state.angle_rad = rest.angle_rad;
    return state;
}

State turnedTo(const Rig& rig, State state, std::size_t string, double frequency_Hz) {
    BalanceEquation held(rig, state);
    held.holdAtPitch(string, frequency_Hz);
    const Equilibrium rest =
        slide(held, limitsOf(rig.bridge, state.block), state.angle_rad, rig.bridge.friction.pivot_Nm);
    if (rest.kind != EquilibriumKind::NotFound)
        state.angle_rad = rest.angle_rad;
    state.unstretchedLength_m[string] = held.unstretchedForPitch_m(string, frequency_Hz, state.angle_rad);
    return state;
}

} // namespace flenzo
