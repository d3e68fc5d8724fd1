// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/log/event.h"

namespace flenzo {

/// The nominal guitar as an event leaves it: other springs, another wire, posts turned, a saddle moved. Every other
/// event leaves it as it is.
[[nodiscard]] Rig rigAfter(Rig rig, const Event& event);
/// The same after a whole log.
[[nodiscard]] Rig rigAfter(Rig rig, const std::vector<Event>& log);

/// Whether a string is on after a log; all are before anything is logged.
[[nodiscard]] bool isOnAfter(const std::vector<Event>& log, std::size_t string);

/// Why a log cannot be: what it says at `event` contradicts what went before.
struct Impossible {
    enum class What { StrungTwice, IsOff, OffTwice, TooManySprings, TimeGoesBack };
    What what = What::IsOff;
    std::size_t event = 0;
    std::size_t string = 0; ///< StrungTwice, IsOff, OffTwice
};
/// The first entry that cannot be; nothing where all can. Times are compared where both are told.
[[nodiscard]] std::optional<Impossible> impossibleIn(const std::vector<Event>& log);

} // namespace flenzo
