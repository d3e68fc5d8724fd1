// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/job/job.h"

namespace flenzo {

/// Both depths as they must be by now: what was measured, less what the screws have drawn the claw in since the job
/// began; nothing where that cannot be, so that it has to be measured again.
[[nodiscard]] ClawDepth clawDepthNow(const Job& job);
/// Notes one side as it is now; nothing takes it back.
void setClawDepthNow(Job& job, std::optional<double> ClawDepth::*side, std::optional<double> depth_m);

/// How much nearer to the wall the treble side is; positive: its screw is further in. Nothing where a side is unknown.
[[nodiscard]] std::optional<double> clawSlant_m(const Job& job);
/// From here on a claw is crooked and not only a little off: half a turn of one screw of the usual lead.
inline constexpr double crookedClaw_m = 0.001;

} // namespace flenzo
