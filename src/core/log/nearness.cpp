// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/log/nearness.h"

#include <algorithm>
#include <cmath>

namespace flenzo {

double nearness_cents(const std::vector<Event>& log, double believed_cents, double tuner_cents) {
    constexpr double repeated_cents = 0.051, belief = 8.0, blunder = 4.0, least = 0.5, most = 1.5;
    const double widest_cents = blunder * std::hypot(believed_cents, tuner_cents);
    double weight = belief, sum = belief * believed_cents * believed_cents;
    for (const Event& event : log) {
        if (event.kind != Event::Kind::Tuned || !event.aim_cents)
            continue;
        const double off_cents = std::abs(event.to_cents - *event.aim_cents);
        if (off_cents < repeated_cents || off_cents > widest_cents)
            continue;
        weight += 1.0;
        sum += off_cents * off_cents - tuner_cents * tuner_cents;
    }
    const double shown_cents = std::sqrt(std::max(0.0, sum / weight));
    return std::clamp(shown_cents, least * believed_cents, most * believed_cents);
}

} // namespace flenzo
