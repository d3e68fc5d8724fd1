// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/statics/state.h"

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

/// Readings of the return-to-pitch test: before, after a dive let go, after a pull-up let go. Document order.
struct ReturnTest {
    std::vector<double> before_cents, afterDive_cents, afterPull_cents;
};
enum class ReturnCause {
    Returns,     ///< everything comes back
    NutOrSaddle, ///< flat after a dive, right after a pull-up: the string hangs
    Pivot,       ///< all strings off by the same both ways: the knife edge hangs
    Slip,        ///< one string off the same way both times: slips at clamp or post
    NotSettled,  ///< all strings flat both times: new strings
    Mixed        ///< more than one of these
};
struct ReturnVerdict {
    ReturnCause cause = ReturnCause::Returns;
    std::vector<std::size_t> strings; ///< that do not come back
};
[[nodiscard]] ReturnVerdict judgeReturn(const ReturnTest& test, double tolerance_cents);

} // namespace flenzo
