// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/statics/level.h"

#include <optional>

namespace flenzo {

/// Figures that nobody can measure straight away, from what a luggage scale, a ruler and the claw show.

/// Moment about the pivot (N·m) of a force (N) at the arm's end, square to the line from the pivot, which is that long
/// (m). At the force at which the plate begins to move this is what a stabiliser holds, or what a plate is pressed down
/// with.
[[nodiscard]] double armMoment_Nm(double force_N, double lever_m);

/// A spring by a scale hooked into its end: forces (N) at two lengths (m), and its length with no load.
struct SpringByScale {
    double rate_Npm = 0.0, initial_N = 0.0;
};
/// Nothing where the longer spring does not pull more, or where it would push when it is barely stretched.
[[nodiscard]] std::optional<SpringByScale> springByScale(double first_m, double first_N, double second_m,
                                                         double second_N, double free_m);

/// What the claw shows of its springs: all strings at pitch and the plate at `first_rad`; both screws turned by
/// `turns`, all strings tuned again, and it is at `second_rad`. The share by which the rate of every spring has to be
/// multiplied, between a quarter and four; nothing where no share explains it. Needs a claw.
[[nodiscard]] std::optional<double> rateByTwoClaws(const Rig& rig, const State& from, double first_rad,
                                                   double second_rad, double turns);

} // namespace flenzo
