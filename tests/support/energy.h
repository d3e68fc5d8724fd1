// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/statics/geometry.h"
#include "core/statics/state.h"

namespace flenzo::testing {

/// Potential energy of elastic strings, springs, assist and gravity, written apart from the equation of moments, which
/// is minus its slope.
inline double energy_J(const Rig& rig, const State& state, double angle_rad) {
    const Turned turned(angle_rad);
    const Bridge& bridge = rig.bridge;
    const Eigen::Vector2d weight_N =
        bridge.mass_kg * standardGravity_mps2 * gravityDirection(state.orientation, rig.neckElevation_rad);
    double energy = -weight_N.dot(turned.place(bridge.centreOfMass_m));
    if (bridge.assist) {
        const double away_rad = std::abs(angle_rad - bridge.assist->centre_rad);
        energy += away_rad * (bridge.assist->preload_Nm + bridge.assist->rate_NmPerRad * away_rad / 2.0);
    }
    const bool shaft = bridge.has().motion == Motion::Shaft;
    for (std::size_t i = 0; i < rig.strings.size(); ++i) {
        const RigString& string = rig.strings[i];
        const double rest_m = state.unstretchedLength_m[i];
        const double speaking_m = shaft                   ? string.scale_m - bridge.shaftRadius_m * angle_rad
                                  : !bridge.has().moves() ? string.scale_m
                                                          : (nutPoint_m(string) - turned.place(string.saddle_m)).norm();
        const double stretch_m = speaking_m + tails_m(string, state.nutLocked) - rest_m;
        if (rest_m > 0.0 && stretch_m > 0.0)
            energy += axialStiffness_N(string.wire) * stretch_m * stretch_m / (2.0 * rest_m);
    }
    for (const Spring& spring : rig.springs) {
        const Eigen::Vector2d drawn_m = anchorAt_m(spring, rig.claw, state.claw) - turned.place(spring.hook_m);
        const double give_m = shaft ? spring.free_m - spring.seat_m + spring.lever_m * angle_rad
                                    : std::hypot(drawn_m.norm(), spring.aside_m) - spring.free_m;
        if (give_m > 0.0)
            energy += spring.initial_N * give_m + spring.rate_Npm * give_m * give_m / 2.0;
    }
    return energy;
}

} // namespace flenzo::testing
