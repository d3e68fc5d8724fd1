// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/planning/up_pull.h"

#include "core/statics/readings.h"

#include <algorithm>

namespace flenzo {

UpPull upPullOf(const Rig& rig, const State& atRest) {
    UpPull pull;
    pull.rise_cents.assign(rig.strings.size(), 0.0);
    const Equilibrium rest =
        findEquilibrium(BalanceEquation(rig, atRest), limitsOf(rig.bridge, atRest.block), atRest.angle_rad);
    if (rest.kind == EquilibriumKind::RearStop)
        pull.stopLoad_Nm = -rest.moment_Nm;
    pull.angle_rad = std::max(0.0, rest.angle_rad - rig.bridge.rearStop_rad);
    if (pull.angle_rad == 0.0 || !rig.bridge.has().moves())
        return pull;
    State at = atRest, pulled = atRest;
    at.angle_rad = rest.angle_rad;
    pulled.angle_rad = rig.bridge.rearStop_rad;
    const std::vector<double> before = readings_cents(rig, at), after = readings_cents(rig, pulled);
    for (std::size_t i = 0; i < before.size(); ++i)
        pull.rise_cents[i] = after[i] - before[i];
    return pull;
}

} // namespace flenzo
