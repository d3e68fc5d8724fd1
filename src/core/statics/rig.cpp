// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/statics/rig.h"

#include <algorithm>
#include <cmath>

namespace flenzo {

double clampedWire_m(const RigString& string) {
    return string.clampLift_m * string.clampLift_m / (2.0 * string.clampHold_m);
}

std::optional<std::size_t> stringNamed(const Rig& rig, const std::string& name) {
    for (std::size_t i = 0; i < rig.strings.size(); ++i)
        if (rig.strings[i].name == name)
            return i;
    return std::nullopt;
}

double gapAt_m(const Bridge& bridge, double angle_rad) {
    return bridge.rearGap_m + bridge.rearEdge_m * std::sin(angle_rad);
}

double angleOfGap_rad(const Bridge& bridge, double gap_m) {
    return std::asin(std::clamp((gap_m - bridge.rearGap_m) / bridge.rearEdge_m, -1.0, 1.0));
}

} // namespace flenzo
