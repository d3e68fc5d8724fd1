// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/log/bench_job.h"

namespace flenzo {

/// What a log has cost so far. A pass is peg turns over strings.
struct Counts {
    double passes = 0.0;
    int pegTurns = 0, clawVisits = 0, stretches = 0;
    double minutes = 0.0;
};
[[nodiscard]] Counts countsOf(const std::vector<Event>& log, std::size_t strings, const Pace& pace);

} // namespace flenzo
