// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/job/derived.h"

#include <QDateTime>

namespace flenzo {

/// Why a guitar is left alone after a piece of the work.
enum class WaitFor { Nothing, Oil, Settling };

/// A stretch of the work that is left, by hand, and the wait behind it.
struct PieceAhead {
    double hands_min = 0.0, wait_min = 0.0;
    WaitFor waitFor = WaitFor::Nothing;
};

/// How long oil stays on a fretboard, and new strings rest over night where that is wanted (assumed).
inline constexpr double oilStays_min = 10.0, settlesOverNight_min = 12.0 * 60.0;

/// What is left of a job, cut where it has to wait. Minutes are the shop's own of earlier jobs, or assumed.
[[nodiscard]] std::vector<PieceAhead> workAhead(const Job& job, const Derived& derived);
/// Before which nothing can be done on it: what was said, and a night that has begun. Invalid where it can be gone on
/// with.
[[nodiscard]] QDateTime notBefore(const Job& job);

} // namespace flenzo
