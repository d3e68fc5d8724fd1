// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/derived.h"
#include "listen/hearing/pluck_listener.h"

namespace flenzo {

/// What becomes of a reading that was heard.
struct Taken {
    enum class How {
        Takes,    ///< goes into the log as `event`
        OnTheWay, ///< the peg is not at its aim yet
        Known,    ///< says nothing new: the string was read so already
        Asks      ///< far from everything believed: taken only when somebody says so
    };
    How how = How::Takes;
    std::size_t string = 0;
    double cents = 0.0; ///< against its target
    Event event;
};

/// A pluck as the act it answers: the string asked for, near enough to its aim, is tuned; another is read. `pluck` has
/// named its string.
[[nodiscard]] Taken takenAs(const Job& job, const Derived& derived, const HeardPluck& pluck);
/// How near to its aim a string counts as tuned by ear: closer from pass to pass.
[[nodiscard]] double nearEnough_cents(const Derived& derived);

} // namespace flenzo
