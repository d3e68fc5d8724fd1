// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/statics/pitch.h"

#include <cmath>
#include <limits>

namespace flenzo {

double tensionForPitch_N(double unitMass_kgpm, double stiffness_N, double length_m, double frequency_Hz) {
    const double linear_N = 4.0 * unitMass_kgpm * length_m * length_m * frequency_Hz * frequency_Hz;
    // The textbook root loses digits for stiff strings; this form of it does not.
    return 2.0 * linear_N / (1.0 + std::sqrt(1.0 + 4.0 * linear_N / stiffness_N));
}

double pitch_Hz(double unitMass_kgpm, double stiffness_N, double length_m, double tension_N) {
    if (tension_N <= 0.0)
        return 0.0;
    return std::sqrt(tension_N * (1.0 + tension_N / stiffness_N) / unitMass_kgpm) / (2.0 * length_m);
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
