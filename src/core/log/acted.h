// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/log/event.h"

namespace flenzo {

/// The guitar after an event that a hand made, the pivot free. `rig` is the one that the event left (`rigAfter`); a new
/// string is slack until it is tuned. Readings change nothing; a peg's event is what the tuner
/// said right after it.
[[nodiscard]] State acted(const Rig& rig, State state, const Event& event);

} // namespace flenzo
