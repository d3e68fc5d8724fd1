// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/job/derived.h"

namespace flenzo {

/// How near and how far counts for what is heard. Change a field for a shop that works closer or more roughly by ear.
struct TakingOptions {
    double firstPass_cents = 3.0;   ///< from its aim, within which a string counts as tuned in the first pass
    double later_cents = 1.8;       ///< and from then on, or as near as the tools can tell
    double same_cents = 4.0;        ///< from what is believed: the peg has not been touched
    double strange_cents = 60.0;    ///< further than this from what is believed is asked about
    double strangeDeviations = 3.0; ///< and this many deviations of the belief
    double least_cents = 0.01;      ///< to which a heard reading is kept
};

/// A string that was heard and named.
struct HeardReading {
    std::size_t string = 0;
    double pitch_Hz = 0.0; ///< of its first partial
    double deviation_cents = 0.0;
};

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

/// A reading as the act it answers: the string asked for, near enough to its aim, is tuned; another is read.
[[nodiscard]] Taken takenAs(const Job& job, const Derived& derived, const HeardReading& heard,
                            const TakingOptions& options = {});
/// How near to its aim a string counts as tuned by ear: closer from pass to pass.
[[nodiscard]] double nearEnough_cents(const Derived& derived, const TakingOptions& options = {});

} // namespace flenzo
