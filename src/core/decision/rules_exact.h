// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/decision/situation.h"

namespace flenzo {

// Rows for a shop that tunes every string exactly to pitch, round after round.

[[nodiscard]] bool tunesExactly(const Situation& now);
[[nodiscard]] bool exactDone(const Situation& now);
/// Level is judged as the trade does: while far, or with everything near pitch.
[[nodiscard]] bool exactClaw(const Situation& now);
[[nodiscard]] bool exactPeg(const Situation& now);
[[nodiscard]] NextAct tuneNextExactly(const Situation& now);
[[nodiscard]] bool exactRead(const Situation& now);

} // namespace flenzo
