// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/estimation/estimator.h"
#include "listen/hearing/series.h"

namespace flenzo {

/// Where each string of a job was last: as the log and what was learned from it have it. A string nobody has read is
/// held to be as far off as the others were when they were first read, or at its target where none was.
[[nodiscard]] Expected expectedOf(const BenchJob& job, const Estimate& guitar);

} // namespace flenzo
