// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/planning/spring_choice.h"

#include <cmath>

namespace flenzo {

double armTipHeight_m(const Bridge& bridge, double angle_rad) {
    return bridge.armTipHeight_m - bridge.armTip_m * std::sin(angle_rad);
}

std::optional<double> shimForAngle_m(const Rig& rig, const State& state, double angle_rad) {
    if (rig.bridge.has().motion != Motion::Shaft || rig.springs.empty())
        return std::nullopt;
    Rig bare = rig;
    bare.springs.clear();
    BalanceEquation strings(bare, state);
    for (std::size_t i = 0; i < rig.strings.size(); ++i)
        strings.holdAtPitch(i, rig.strings[i].target_Hz);
    const double needed_Nm = strings.at(angle_rad).moment_Nm; // what the springs have to push back with
    double now_Nm = 0.0, perMetre_Nm = 0.0;
    for (const Spring& spring : rig.springs) {
        const double squeeze_m = spring.free_m - (spring.seat_m - spring.lever_m * angle_rad);
        now_Nm += spring.lever_m * (spring.initial_N + spring.rate_Npm * squeeze_m);
        perMetre_Nm += spring.lever_m * spring.rate_Npm;
    }
    return (needed_Nm - now_Nm) / perMetre_Nm;
}

std::vector<SpringOption> springOptions(const Rig& rig, const State& state, double angle_rad,
                                        const std::vector<double>& rateShares) {
    std::vector<SpringOption> options;
    for (const double share : rateShares) {
        Rig other = rig;
        for (Spring& spring : other.springs)
            spring.rate_Npm *= share;
        const auto packing_m = shimForAngle_m(other, state, angle_rad);
        if (!packing_m)
            continue;
        for (Spring& spring : other.springs)
            spring.free_m += *packing_m;
        Goal goal;
        goal.angle_rad = angle_rad;
        const LevelSolution level = levelSolution(other, state, goal);
        options.push_back({other.springs.front().rate_Npm, other.springs.front().free_m, level.state.angle_rad,
                           armTipHeight_m(rig.bridge, level.state.angle_rad), level.floatStiffness_NmPerRad,
                           level.status == LevelStatus::Found});
    }
    return options;
}

} // namespace flenzo
