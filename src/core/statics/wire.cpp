// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/statics/wire.h"

#include <numbers>

namespace flenzo {

namespace {

using std::numbers::pi;

double coreArea_m2(const Wire& wire) {
    const double d = wire.isWound() ? wire.core_m : wire.gauge_m;
    return pi * d * d / 4.0;
}

} // namespace

double unitMass_kgpm(const Wire& wire) {
    if (wire.unitMass_kgpm)
        return *wire.unitMass_kgpm;
    const double core = steelDensity_kgpm3 * coreArea_m2(wire);
    if (!wire.isWound())
        return core;
    const double wrapWire_m = (wire.gauge_m - wire.core_m) / 2.0;
    return core + wire.wrapDensity_kgpm3 * pi * pi * wrapWire_m * (wire.core_m + wrapWire_m) / 4.0;
}

double axialStiffness_N(const Wire& wire) {
    return wire.stiffness_N.value_or(steelModulus_Pa * coreArea_m2(wire));
}

double breakingTension_N(const Wire& wire) {
    return wireStrength_Pa * coreArea_m2(wire);
}

} // namespace flenzo
