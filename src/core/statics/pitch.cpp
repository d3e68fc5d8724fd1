// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/statics/pitch.h"

#include "core/statics/formulas.h"

#include <cmath>
#include <limits>

namespace flenzo {

double tensionForPitch_N(double unitMass_kgpm, double stiffness_N, double length_m, double frequency_Hz) {
    return tensionAt_N(unitMass_kgpm, stiffness_N, length_m, frequency_Hz);
}

double pitch_Hz(double unitMass_kgpm, double stiffness_N, double length_m, double tension_N) {
    if (tension_N <= 0.0)
        return 0.0;
    return 0.5 * std::sqrt(doublePitchSquared(unitMass_kgpm, stiffness_N, length_m, tension_N));
}

double cents(double frequency_Hz, double target_Hz) {
    if (frequency_Hz <= 0.0 || target_Hz <= 0.0)
        return std::numeric_limits<double>::quiet_NaN();
    return 1200.0 * std::log2(frequency_Hz / target_Hz);
}

double frequencyAt_Hz(double target_Hz, double offset_cents) {
    return target_Hz * std::exp2(offset_cents / 1200.0);
}

} // namespace flenzo
