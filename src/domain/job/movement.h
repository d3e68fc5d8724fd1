// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/job/derived.h"

namespace flenzo {

/// Why a string reads differently after an act than before it: what the plate's tilt did, and what its own length did.
struct Movement {
    std::size_t string = 0;
    double plate_cents = 0.0; ///< by the plate
    double own_cents = 0.0;   ///< by its own peg, by settling or creep
    double tilt_rad = 0.0;    ///< of the plate, forward positive
    bool touched = false;     ///< the act was done to this string
    [[nodiscard]] double cents() const { return plate_cents + own_cents; }
};

/// The last act of a log and what it did to every string that sounds. What was read since belongs to it.
struct Movements {
    Event act;
    double tilt_rad = 0.0;
    std::vector<Movement> strings;
};
/// Nothing where the log holds no act.
[[nodiscard]] std::optional<Movements> movementsOf(const Job& job, const Derived& derived);

/// The string that moved most in the last act without being touched; nothing where nothing moved by a cent.
[[nodiscard]] std::optional<Movement> lastMovement(const Job& job, const Derived& derived);

/// Where the plate will be once the next act is done, by the model; nothing where that act does not move it.
[[nodiscard]] std::optional<double> angleAfterNext_rad(const Job& job, const Derived& derived);

} // namespace flenzo
