// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/advise/next_act.h"
#include "core/plan/spread.h"

#include <cstdint>

namespace flenzo {

/// A guitar that exists only in the program and differs from its nominal rig in ways nobody is told.
/// Departures are normal, cut at twice the spread. It stands at `oldAngle_rad` with the old set at the rig's claw, as
/// the real one did.
[[nodiscard]] Rig hiddenGuitar(const Rig& nominal, const std::vector<SetString>& off, double oldAngle_rad,
                               const Spread& spread, std::uint32_t seed);

/// Where the hidden guitar really stands after a log: new strings roughly 200 to 400 cents low, then every event played
/// on it; what was read off it is taken back to what it was, noise apart.
[[nodiscard]] State hiddenState(const Rig& hidden, const Spread& spread, std::uint32_t seed,
                                const std::vector<Event>& log);

/// What a technician with this guitar on the bench would enter after doing `act`. Noise depends on seed and log length
/// only, so the same question gets the same answer. For Done and Stuck an empty reading.
[[nodiscard]] Event hiddenAnswer(const Rig& hidden, const Spread& spread, std::uint32_t seed,
                                 const std::vector<Event>& log, const NextAct& act);

} // namespace flenzo
