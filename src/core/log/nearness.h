// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/log/event.h"

#include <vector>

namespace flenzo {

/// How near to its aim this hand leaves a string (cents, a standard deviation): what was believed, moved by what pegs
/// were left at and by half of it at most. `tuner_cents` is the tuner's own deviation, which is no fault of the hand.
/// An entry that repeats the aim to the tenth was confirmed, not read, and says nothing.
[[nodiscard]] double nearness_cents(const std::vector<Event>& log, double believed_cents, double tuner_cents);

} // namespace flenzo
