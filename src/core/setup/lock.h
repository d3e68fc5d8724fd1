// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/statics/level.h"

#include <vector>

namespace flenzo {

/// Locking the nut and what the fine tuners must then cover (PHYSICS section 9; eq. 38), per string in document order.
/// `state` is the one before locking, at rest and in tune.

/// Cents that clamping a string down onto the nut's floor adds: h^2 / 2d more path.
[[nodiscard]] std::vector<double> clampShift_cents(const Rig& rig, const State& state);

/// What the strings are to read before the nut is locked, to be in tune with the plate at its goal afterwards: less far
/// from pitch than clamping alone would move them, because the plate gives. `level` is the state that is wanted.
[[nodiscard]] std::vector<double> readingsBeforeLocking_cents(const Rig& rig, const LevelSolution& level);

/// What a fine tuner can still do from where it is.
struct FineBudget {
    double perTurn_cents = 0.0;
    double up_cents = 0.0, down_cents = 0.0; ///< sharper, flatter; both 0 without a fine tuner
};
[[nodiscard]] std::vector<FineBudget> fineBudget(const Rig& rig, const State& state);

/// Whether the fine tuner covers what is to come: the shift (positive = sharp), settling still to come (flat, positive
/// number), and what wear asks for.
struct FineForecast {
    bool covers = true;
    double spareUp_cents = 0.0, spareDown_cents = 0.0; ///< negative where it does not
};
[[nodiscard]] FineForecast fineForecast(const FineBudget& budget, double shift_cents, double settling_cents,
                                        double wear_cents);

} // namespace flenzo
