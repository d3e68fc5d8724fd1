// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/guitar/soundness.h"

#include "core/statics/pitch.h"
#include "domain/base/faults.h"

namespace flenzo {

namespace {

// Less than a file keeps apart, or what is read here would be refused when it is read again.
constexpr double leastSwing_rad = 1e-6, leastWrap_m = 1e-9;

} // namespace

std::optional<Fault> contradiction(const Rig& rig) {
    const auto at = [](std::size_t i, const char* name) {
        return QStringLiteral("strings[%1].%2").arg(i).arg(QLatin1String(name));
    };
    if (rig.strings.empty())
        return Fault{faults::noStrings, QStringLiteral("strings")};
    if (rig.bridge.has().moves() && !(rig.bridge.forwardStop_rad - rig.bridge.rearStop_rad >= leastSwing_rad))
        return Fault{faults::stopsCrossed, QStringLiteral("bridge.stopsDeg")};
    if (!(rig.claw.least_turns < rig.claw.most_turns))
        return Fault{faults::clawLimits, QStringLiteral("claw.mostTurns")};
    for (std::size_t i = 0; i < rig.strings.size(); ++i) {
        const RigString& string = rig.strings[i];
        if (string.name.empty())
            return Fault{faults::nameEmpty, at(i, "name")};
        if (*stringNamed(rig, string.name) != i)
            return Fault{faults::nameTwice, at(i, "name")};
        if (string.wire.isWound() && string.wire.gauge_m - string.wire.core_m < leastWrap_m)
            return Fault{faults::coreTooThick, at(i, "coreMm")};
        const double pull_N = tensionForPitch_N(unitMass_kgpm(string.wire), axialStiffness_N(string.wire),
                                                string.scale_m, string.target_Hz);
        if (pull_N > breakingTension_N(string.wire))
            return Fault{faults::wouldBreak,
                         at(i, "targetHz"),
                         {QString::fromStdString(string.name), QString::number(static_cast<int>(pull_N)),
                          QString::number(static_cast<int>(breakingTension_N(string.wire)))}};
    }
    for (std::size_t j = 0; j < rig.springs.size(); ++j)
        if (rig.bridge.has().hasClaw() && rig.springs[j].hook_m.norm() < 1e-4)
            return Fault{faults::noLever, QStringLiteral("springs[%1].hookMm").arg(j)};
    return std::nullopt;
}

} // namespace flenzo
