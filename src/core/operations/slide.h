// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/statics/equilibrium.h"

namespace flenzo {

/// Where a plate comes to rest on a pivot that holds up to `friction_Nm`: where it was, while that is enough; else it
/// slides until it is (eq. 25). `remembers` is false when the arm was moved to and fro.
[[nodiscard]] Equilibrium slide(BalanceEquation equation, const Limits& limits, double from_rad, double friction_Nm,
                                bool remembers = true);

/// The guitar once its plate has come to rest from there, its pivot sticking as its rig says; where no rest is found
/// the plate stays where the state has it.
[[nodiscard]] State cameToRest(const Rig& rig, State state, double from_rad, bool remembers = true);
/// The guitar once a peg was turned until that string sounds that, wherever the pivot let the plate go meanwhile.
[[nodiscard]] State turnedTo(const Rig& rig, State state, std::size_t string, double frequency_Hz);

} // namespace flenzo
