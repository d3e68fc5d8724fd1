// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/log/event.h"

#include <algorithm>

namespace flenzo {

Event Event::read(std::size_t string, double cents) {
    Event event;
    event.readings_cents = {{string, cents}};
    return event;
}

Event Event::readGap(double gap) {
    Event event;
    event.gap_m = gap;
    return event;
}

Event Event::tuned(std::size_t string, double to) {
    Event event;
    event.kind = Kind::Tuned;
    event.string = string;
    event.to_cents = to;
    return event;
}

Event Event::claw(ClawTurns turns) {
    Event event;
    event.kind = Kind::Claw;
    event.turns = turns;
    return event;
}

Runs readingRuns(const std::vector<Event>& log) {
    Runs runs;
    for (std::size_t e = 0; e < log.size(); ++e) {
        if (log[e].kind != Event::Kind::Read)
            continue;
        if (!runs.empty() && runs.back().second + 1 == e)
            runs.back().second = e;
        else
            runs.emplace_back(e, e);
    }
    return runs;
}

bool isLook(const std::vector<Event>& log, const Runs::value_type& run) {
    const auto from = log.begin() + static_cast<long>(run.first), to = log.begin() + static_cast<long>(run.second) + 1;
    return std::all_of(from, to, [](const Event& event) { return event.readings_cents.empty(); });
}

} // namespace flenzo
