// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/statics/equilibrium.h"

namespace flenzo {

/// Where a plate comes to rest on a pivot that holds up to `friction_Nm`: where it was, while that is enough; else it
/// slides until it is (eq. 25). `remembers` is false when the arm was moved to and fro.
[[nodiscard]] Equilibrium slide(BalanceEquation equation, const Limits& limits, double from_rad, double friction_Nm,
                                bool remembers = true);

} // namespace flenzo
