// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/estimation/estimator.h"

namespace flenzo {

/// The entry that contradicts what went before, as a question; nothing where all can be.
[[nodiscard]] std::optional<Question> impossibleEntry(const std::vector<Event>& log);

/// Other ways in which the last acts may have been done, where the readings leave the solution strained.
[[nodiscard]] std::vector<Question> doubtfulActs(const BenchJob& job, const Estimate& found);

} // namespace flenzo
