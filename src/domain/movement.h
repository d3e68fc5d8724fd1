// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/derived.h"

namespace flenzo {

/// Why a string reads differently after an act than before it: what the plate's tilt did, and what its own length did.
struct Movement {
    std::size_t string = 0;
    double plate_cents = 0.0; ///< by the plate
    double own_cents = 0.0;   ///< by its own peg, by settling or creep
    double tilt_rad = 0.0;    ///< of the plate, forward positive
    [[nodiscard]] double cents() const { return plate_cents + own_cents; }
};

/// The string that moved most in the last act of the log without being touched; nothing where nothing moved by a cent,
/// or the log ends with no act.
[[nodiscard]] std::optional<Movement> lastMovement(const Job& job, const Derived& derived);

} // namespace flenzo
