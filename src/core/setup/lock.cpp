// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/setup/lock.h"

#include "core/operations/acts.h"
#include "core/statics/equation.h"
#include "core/statics/readings.h"

#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

/// Cents for each metre of wire taken in, at a plate that stays: dT = EA dL / path.
double centsPerMetre(const Rig& rig, const State& state, std::size_t string) {
    const BalanceEquation equation(rig, state);
    const RigString& wire = rig.strings[string];
    const double tension_N = equation.tension_N(string, state.angle_rad), stiffness_N = axialStiffness_N(wire.wire);
    if (tension_N <= 0.0)
        return 0.0;
    const double strain = tension_N / stiffness_N;
    const double perMetre_N = (stiffness_N + tension_N) / (wire.scale_m + tails_m(wire, state.nutLocked));
    return 0.5 * centsPerNeper * perMetre_N / tension_N * (1.0 + 2.0 * strain) / (1.0 + strain);
}

} // namespace

std::vector<double> clampShift_cents(const Rig& rig, const State& state) {
    std::vector<double> shifts;
    for (std::size_t i = 0; i < rig.strings.size(); ++i) {
        const RigString& string = rig.strings[i];
        shifts.push_back(clampedWire_m(string) * centsPerMetre(rig, state, i));
    }
    return shifts;
}

std::vector<double> readingsBeforeLocking_cents(const Rig& rig, const LevelSolution& level) {
    State state = level.state;
    state.nutLocked = true;
    const BalanceEquation locked(rig, state);
    state.nutLocked = false;
    for (std::size_t i = 0; i < rig.strings.size(); ++i)
        if (state.unstretchedLength_m[i] > 0.0)
            state.unstretchedLength_m[i] = unlockedLength_m(
                rig, i, state.angle_rad, locked.unstretchedForPitch_m(i, rig.strings[i].target_Hz, state.angle_rad));
    return readings_cents(rig, settle(rig, state).state);
}

std::vector<FineBudget> fineBudget(const Rig& rig, const State& state) {
    std::vector<FineBudget> budgets;
    for (std::size_t i = 0; i < rig.strings.size(); ++i) {
        const RigString& string = rig.strings[i];
        FineBudget budget;
        budget.perTurn_cents = string.finePerTurn_m * centsPerMetre(rig, state, i);
        const double at = std::clamp(string.fineAt_turns, 0.0, string.fineTurns);
        budget.up_cents = (string.fineTurns - at) * budget.perTurn_cents;
        budget.down_cents = at * budget.perTurn_cents;
        budgets.push_back(budget);
    }
    return budgets;
}

FineForecast fineForecast(const FineBudget& budget, double shift_cents, double settling_cents, double wear_cents) {
    const double flatter = std::max(0.0, shift_cents), sharper = std::max(0.0, -shift_cents);
    FineForecast forecast;
    forecast.spareDown_cents = budget.down_cents - flatter;
    forecast.spareUp_cents = budget.up_cents - sharper - std::max(0.0, settling_cents) - std::max(0.0, wear_cents);
    forecast.covers = forecast.spareDown_cents >= 0.0 && forecast.spareUp_cents >= 0.0;
    return forecast;
}

} // namespace flenzo
