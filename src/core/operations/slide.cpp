// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/operations/slide.h"

#include <cmath>

namespace flenzo {

Equilibrium slide(BalanceEquation equation, const Limits& limits, double from_rad, double friction_Nm, bool remembers) {
    if (remembers && from_rad >= limits.low_rad && from_rad <= limits.high_rad) {
        const Moment moment = equation.at(from_rad);
        if (std::abs(moment.moment_Nm) <= friction_Nm)
            return {EquilibriumKind::Free, from_rad, moment.moment_Nm, -moment.slope_NmPerRad, 1};
        equation.addMoment(-std::copysign(friction_Nm, moment.moment_Nm));
    }
    return findEquilibrium(equation, limits, from_rad);
}

} // namespace flenzo
