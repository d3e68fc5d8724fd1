// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/statics/readings.h"

#include "core/statics/equation.h"
#include "core/statics/pitch.h"

#include <algorithm>
#include <cmath>

namespace flenzo {

std::vector<double> readings_cents(const Rig& rig, const State& state) {
    const BalanceEquation equation(rig, state);
    std::vector<double> out(rig.strings.size());
    for (std::size_t i = 0; i < out.size(); ++i)
        out[i] = cents(equation.frequency_Hz(i, state.angle_rad), rig.strings[i].target_Hz);
    return out;
}

std::vector<double> tensions_N(const Rig& rig, const State& state) {
    const BalanceEquation equation(rig, state);
    std::vector<double> out(rig.strings.size());
    for (std::size_t i = 0; i < out.size(); ++i)
        out[i] = equation.tension_N(i, state.angle_rad);
    return out;
}

std::vector<double> springForces_N(const Rig& rig, const State& state) {
    const BalanceEquation equation(rig, state);
    std::vector<double> out(rig.springs.size());
    for (std::size_t j = 0; j < out.size(); ++j)
        out[j] = equation.springForce_N(j, state.angle_rad);
    return out;
}

double worst_cents(const std::vector<double>& readings) {
    double worst = 0.0;
    for (const double reading : readings)
        if (std::isfinite(reading))
            worst = std::max(worst, std::abs(reading));
    return worst;
}

} // namespace flenzo
