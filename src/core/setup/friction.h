// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/statics/state.h"

#include <optional>
#include <vector>

namespace flenzo {

/// What may be left after a dive or a pull-up because parts stick (PHYSICS section 8; eq. 37). Half widths: a string or
/// plate may stay this far off either way.
struct DeadBands {
    std::vector<double> nut_cents;    ///< per string; 0 where the nut is locked
    std::vector<double> saddle_cents; ///< per string; 0 without a tail behind the saddle
    double pivot_rad = 0.0;
    std::vector<double> pivot_cents; ///< what that does to each string
};
/// `state` at rest. The wire behind nut or saddle stretches too, so only its share of the path counts.
[[nodiscard]] DeadBands deadBandsOf(const Rig& rig, const State& state);

/// Readings of the return-to-pitch test: before, after a dive let go, after a pull-up let go; where a bridge cannot be
/// pulled up, the last are those of before. Document order. The plate's tilt against before where somebody measured it.
struct ReturnTest {
    std::vector<double> before_cents, afterDive_cents, afterPull_cents;
    std::optional<double> diveTilt_rad = std::nullopt, pullTilt_rad = std::nullopt;
    bool operator==(const ReturnTest&) const = default;
};
enum class ReturnCause {
    Returns,     ///< everything comes back
    NutOrSaddle, ///< strings sharp after a dive or flat after a pull-up: they hang
    Saddle,      ///< the same with the nut locked
    Pivot,       ///< the plate stays forward after a dive or back after a pull-up, all strings with it
    Slip,        ///< strings flat both times: they slip at clamp or post
    NotSettled,  ///< all strings flat both times: new strings
    Mixed        ///< more than one of these
};
struct ReturnVerdict {
    ReturnCause cause = ReturnCause::Returns;
    std::vector<std::size_t> strings;                         ///< that do not come back, for themselves
    double odds = 1.0;                                        ///< of this cause against all others
    double diveTilt_rad = 0.0, pullTilt_rad = 0.0;            ///< of the plate, forward positive
    std::vector<double> diveResidue_cents, pullResidue_cents; ///< of each string, the plate's tilt taken off
};
/// What does not come back, in the coordinates of the estimator: one tilt common to all strings after each move, and
/// what each string keeps for itself (eq. 47). A string that stays sharp holds the plate forward and flattens the
/// others, so no single sign tells anything. `state` at rest, before the test; `reading_cents` is the deviation of one
/// reading.
[[nodiscard]] ReturnVerdict judgeReturn(const ReturnTest& test, const Rig& rig, const State& state,
                                        double reading_cents);

} // namespace flenzo
