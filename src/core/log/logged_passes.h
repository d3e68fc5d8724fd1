// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/log/event.h"

#include <vector>

namespace flenzo {

/// One pass over the strings as it really went.
struct LoggedPass {
    std::vector<std::size_t> events; ///< indices into the log of the pegs turned, in order
};
/// Cuts a log into passes: a new one begins when a string comes round again or the claw has been moved.
[[nodiscard]] std::vector<LoggedPass> passesOf(const std::vector<Event>& log);
/// Strings tuned in the pass that is under way; empty when none is, or the last one was closed by reading all.
[[nodiscard]] std::vector<std::size_t> tunedInThisPass(const std::vector<Event>& log, std::size_t strings);
/// Whether the last two visits to the claw were no longer than `step_turns` and went opposite ways.
[[nodiscard]] bool clawTurnedBack(const std::vector<Event>& log, double step_turns);

} // namespace flenzo
