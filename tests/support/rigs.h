// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/planning/change.h"

#include <random>

namespace flenzo::testing {

/// A plausible six-string, knife edge, three springs.
inline Rig sixString() {
    Rig rig;
    const double gauges_thou[] = {48, 38, 28, 18, 14, 10.5}, cores_thou[] = {17, 16, 14, 0, 0, 0};
    const double pitches_Hz[] = {82.4069, 110.0, 146.832, 195.998, 246.942, 329.628};
    for (std::size_t i = 0; i < 6; ++i) {
        RigString string;
        string.name = std::to_string(6 - i);
        string.wire.gauge_m = gauges_thou[i] * metresPerThou;
        string.wire.core_m = cores_thou[i] * metresPerThou;
        string.saddle_m = {-0.0125 + 0.0008 * static_cast<double>(i), 0.0090 + 0.0003 * static_cast<double>(i % 3)};
        string.nutTail_m = 0.050 + 0.025 * static_cast<double>(i);
        string.target_Hz = pitches_Hz[i];
        rig.strings.push_back(string);
    }
    for (const double slot : {0.2, 0.5, 0.8}) {
        Spring spring;
        spring.slot = slot;
        rig.springs.push_back(spring);
    }
    return rig;
}

/// Nominal rig with random departures, still plausible: 1 to 12 strings, 1 to 5 springs.
inline Rig randomRig(std::mt19937& random) {
    const auto between = [&random](double low, double high) {
        return std::uniform_real_distribution<double>(low, high)(random);
    };
    Rig rig = sixString();
    const auto strings = static_cast<std::size_t>(std::uniform_int_distribution<int>(1, 12)(random));
    const RigString base = rig.strings.front();
    rig.strings.clear();
    for (std::size_t i = 0; i < strings; ++i) {
        RigString string = base;
        string.name = std::to_string(strings - i);
        string.wire.gauge_m = between(0.2e-3, 1.6e-3);
        string.wire.core_m = string.wire.gauge_m > 0.5e-3 ? string.wire.gauge_m * between(0.3, 0.7) : 0.0;
        string.scale_m = between(0.6, 0.75);
        string.saddle_m = {between(-0.020, -0.005), between(0.004, 0.016)};
        string.saddleTail_m = between(0.0, 0.05);
        // The pitch that pulls 40 to 110 N.
        string.target_Hz = std::sqrt(between(40.0, 110.0) / unitMass_kgpm(string.wire)) / (2.0 * string.scale_m);
        rig.strings.push_back(string);
    }
    rig.springs.resize(static_cast<std::size_t>(std::uniform_int_distribution<int>(1, 5)(random)), rig.springs.front());
    for (Spring& spring : rig.springs) {
        spring.rate_Npm = between(800.0, 4000.0);
        spring.initial_N = between(0.0, 20.0);
        spring.hook_m = {between(-0.006, 0.002), between(-0.050, -0.030)};
        spring.anchor_m = {between(0.065, 0.085), spring.hook_m.y() + between(-0.006, 0.006)};
        spring.slot = between(0.0, 1.0);
    }
    rig.claw.turns = {between(-8.0, 8.0), between(-8.0, 8.0)};
    rig.orientation = static_cast<Orientation>(std::uniform_int_distribution<int>(0, 3)(random));
    rig.nutLocked = between(0.0, 1.0) < 0.5;
    return rig;
}

inline std::vector<SetString> setOf(const Rig& rig) {
    std::vector<SetString> set;
    for (const RigString& string : rig.strings)
        set.push_back({string.wire, string.target_Hz});
    return set;
}

/// The same set with every string thicker by a share.
inline std::vector<SetString> scaledSet(const Rig& rig, double share) {
    std::vector<SetString> set = setOf(rig);
    for (SetString& string : set) {
        string.wire.gauge_m *= share;
        string.wire.core_m *= share;
    }
    return set;
}

} // namespace flenzo::testing
