// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/estimation/equations.h"

namespace flenzo {

/// What gauges say of the plate at a rest, their mean.
[[nodiscard]] std::optional<double> measuredAngle_rad(const Timeline& line, std::size_t rest);

/// Takes rests, stretches and claw visits into a solution from where it ends, in the order of the log, each as near as
/// the guitar learned so far tells; `known` observations were in it already. The equations have this guitar set.
void bringIn(const BenchJob& job, const Timeline& line, const Equations& equations, std::size_t known, Unknowns& at);

} // namespace flenzo
