// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/statics/rig.h"

#include <array>
#include <vector>

namespace flenzo {

/// What a string still has to give: wire that comes out of windings, ball and clamp (eq. 29). One stretch of the whole
/// string releases a share of what is left, so the drops go down geometrically.
struct Settling {
    double left_m = 0.0;
    double share = 0.55;
    [[nodiscard]] double nextDrop_m() const { return left_m * share; }
    /// The string pulled once; returns the wire that came out.
    double stretch();
};

/// What a shop leaves on the posts: enough to be sure, as few as hold, or next to nothing where the post clamps.
enum class Wraps { Usual, Few, Clamped };

/// What is usual for a new string before anything is known of it: 0.1 mm of seating and 0.07 mm for each wrap on the
/// post; plain strings have more wraps. Assumptions, good to a factor of
/// two. `pullShare` scales what one pull lets go (`WorkMethod::pullShare`).
[[nodiscard]] Settling usualSettling(const Wire& wire, Wraps wraps, double pullShare = 1.0);
/// Wraps on the post: 2.5 wound and 4 plain, 1.5 and 2.5 where few are left, half a one where the post clamps.
[[nodiscard]] double wrapsOnPost(const Wire& wire, Wraps wraps);

/// Settling as far as the logged drops of one string tell, with what is still uncertain of it.
struct SettlingFit {
    Settling now;               ///< after the last drop
    double leftDeviation = 0.6; ///< standard deviation of ln(left)
    double shareDeviation = 0.12;
    int drops = 0;
};
/// Stretches still needed until one drops less than `tolerance_m`: likely number, and how many it is in one of ten and
/// in nine of ten cases.
struct StretchCount {
    int p10 = 0, p50 = 0, p90 = 0;
};
[[nodiscard]] StretchCount stretchesNeeded(const SettlingFit& fit, double tolerance_m);

} // namespace flenzo
