// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/log/bench_job.h"
#include "core/log/replay.h"

namespace flenzo {

/// The log followed on a guitar that has been learned: what is believed of every string and the plate after each event,
/// with how sure it is. An extended Kalman filter over the strings' rest lengths and the moment the model does not
/// explain (eq. 28): a reading counts as much as its noise allows against what was expected, so repeated readings
/// average out and a string that was read before it moved is still known after - but never surer than the model, whose
/// common errors are considered. One standing per event plus the start,
/// their `deviations_cents` and `deviation_rad` filled in.
[[nodiscard]] std::vector<Standing> track(const BenchJob& job, const Rig& learned, const State& start,
                                          const std::vector<Event>& log);

} // namespace flenzo
