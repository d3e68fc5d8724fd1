// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/advise/prospect.h"
#include "core/trial/hidden.h"

namespace flenzo {

/// How one guitar came home.
struct Played {
    bool stable = false;   ///< the hidden guitar has a stable float at all
    bool finished = false; ///< the player said done
    int passes = 0, clawVisits = 0, stretches = 0, acts = 0;
    double minutes = 0.0;
    double worst_cents = 0.0, plate_rad = 0.0; ///< the truth at the end, from the goal
    std::optional<Prospect> forecast;          ///< the adviser's, after the first full reading
};

/// Orders of tuning and ways with the claw as shops have them (by feel, exactly to pitch).
struct ShopHabit {
    const char* name;
    OrderKind order = OrderKind::LowToHigh;
    bool backChecks = false; ///< lowest sharp first, then 1-2-1, 1-2-3 and so on
    ClawWay claw = ClawWay::Quarters;
};
[[nodiscard]] const std::vector<ShopHabit>& shopHabits();

[[nodiscard]] Played playByHabit(const BenchJob& job, const ShopHabit& habit, std::uint32_t seed);
[[nodiscard]] Played playByAdvice(const BenchJob& job, std::uint32_t seed);

} // namespace flenzo
