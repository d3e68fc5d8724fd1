// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/log/counts.h"

namespace flenzo {

Counts countsOf(const std::vector<Event>& log, std::size_t strings, const Pace& pace) {
    Counts counts;
    double seconds = 0.0;
    bool atClaw = false; // turns with nothing but looks at the plate between them are one visit
    for (std::size_t e = 0; e < log.size(); ++e) {
        const bool look = atClaw && log[e].kind == Event::Kind::Read && log[e].readings_cents.empty();
        switch (log[e].kind) {
        case Event::Kind::Claw:
            counts.clawVisits += atClaw ? 0 : 1;
            seconds += atClaw ? pace.look_s : pace.claw_s;
            break;
        case Event::Kind::Stretched:
            ++counts.stretches;
            seconds += pace.stretch_s;
            break;
        case Event::Kind::Tuned:
        case Event::Kind::Fine:
            ++counts.pegTurns;
            seconds += pace.tune_s;
            break;
        case Event::Kind::Read:
            if (look)
                seconds += pace.look_s;
            else if (atClaw || e == 0 || log[e - 1].kind != Event::Kind::Read)
                seconds += pace.read_s;
            break;
        default:
            break;
        }
        atClaw = look || log[e].kind == Event::Kind::Claw;
    }
    counts.passes = strings > 0 ? static_cast<double>(counts.pegTurns) / static_cast<double>(strings) : 0.0;
    counts.minutes = seconds / 60.0;
    return counts;
}

} // namespace flenzo
