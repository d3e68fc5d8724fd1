// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/job/derived.h"
#include "paint/convergence_chart.h"
#include "paint/movement_picture.h"

namespace flenzo {

/// The progress of a job: every entry of its log as an act, with what is known of each string and the plate after it,
/// and the acts still to come as the remaining work was played.
[[nodiscard]] Convergence convergenceOf(const Job& job, const Derived& derived);

/// The same of what was read alone: nothing is believed between two readings of a string.
[[nodiscard]] Convergence wayRead(const Job& job);

/// What the last act moved, and by what.
[[nodiscard]] MovedStrings movedStrings(const Job& job, const Derived& derived);

/// What one entry of the log was, in a few words.
[[nodiscard]] QString actWords(const Event& event, const Rig& rig);

} // namespace flenzo
