// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/statics/state.h"

#include <vector>

namespace flenzo {

/// What the tuner would say of every string, in document order: cents against the rig's targets at the state's
/// angle; not a number for a string that is off or slack.
[[nodiscard]] std::vector<double> readings_cents(const Rig& rig, const State& state);

/// Tension of every string (N); 0 when off or slack.
[[nodiscard]] std::vector<double> tensions_N(const Rig& rig, const State& state);
/// Force of every spring (N); 0 when loose.
[[nodiscard]] std::vector<double> springForces_N(const Rig& rig, const State& state);

/// Largest magnitude among readings, strings that do not sound left out; 0 when none sounds.
[[nodiscard]] double worst_cents(const std::vector<double>& readings_cents);

} // namespace flenzo
