// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/soundness.h"

#include "core/statics/pitch.h"

namespace flenzo {

std::optional<Fault> contradiction(const Rig& rig) {
    const auto at = [](std::size_t i, const char* name) { return "strings[" + std::to_string(i) + "]." + name; };
    if (rig.strings.empty())
        return Fault{"strings", "is empty; a guitar has at least one string"};
    if (rig.bridge.family != Family::Fixed && !(rig.bridge.rearStop_rad < rig.bridge.forwardStop_rad))
        return Fault{"bridge.stopsDeg", "must give the rear stop first, below the forward stop"};
    if (!(rig.claw.least_turns < rig.claw.most_turns))
        return Fault{"claw.mostTurns", "must be more than leastTurns"};
    for (std::size_t i = 0; i < rig.strings.size(); ++i) {
        const RigString& string = rig.strings[i];
        if (string.name.empty())
            return Fault{at(i, "name"), "is empty; every string needs a number or name"};
        if (*stringNamed(rig, string.name) != i)
            return Fault{at(i, "name"), "stands twice; every string needs its own name"};
        if (string.wire.isWound() && string.wire.core_m >= string.wire.gauge_m)
            return Fault{at(i, "coreMm"), "is not thinner than the gauge; leave it out for a plain string"};
        const double pull_N = tensionForPitch_N(unitMass_kgpm(string.wire), axialStiffness_N(string.wire),
                                                string.scale_m, string.target_Hz);
        if (pull_N > breakingTension_N(string.wire))
            return Fault{at(i, "targetHz"), "is more than this wire bears: string " + string.name + " would need " +
                                                std::to_string(static_cast<int>(pull_N)) + " N and breaks at about " +
                                                std::to_string(static_cast<int>(breakingTension_N(string.wire))) +
                                                " N; lower the pitch or check gauge and unit"};
    }
    for (std::size_t j = 0; j < rig.springs.size(); ++j)
        if (rig.bridge.family == Family::KnifeEdge && rig.springs[j].hook_m.norm() < 1e-4)
            return Fault{"springs[" + std::to_string(j) + "].hookMm", "lies on the pivot; a spring needs a lever"};
    return std::nullopt;
}

} // namespace flenzo
