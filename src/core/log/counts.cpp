// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/log/counts.h"

namespace flenzo {

Counts countsOf(const std::vector<Event>& log, std::size_t strings, const Pace& pace) {
    Counts counts;
    double seconds = 0.0;
    bool atClaw = false; // turns with nothing but looks at the plate between them are one visit
    enum class At { Nothing, Tuner, Plate } at = At::Nothing;
    const auto turnTo = [&](At to) {
        seconds += at != At::Nothing && at != to ? pace.turnTo_s : 0.0;
        at = to;
    };
    for (const Event& event : log) {
        const bool look = atClaw && event.kind == Event::Kind::Read && event.readings_cents.empty();
        switch (event.kind) {
        case Event::Kind::Claw:
            counts.clawVisits += atClaw ? 0 : 1;
            seconds += atClaw ? pace.look_s : pace.claw_s;
            break;
        case Event::Kind::Stretched:
            ++counts.stretches;
            turnTo(At::Tuner);
            seconds += pace.stretch_s;
            break;
        case Event::Kind::Tuned:
        case Event::Kind::Fine:
            ++counts.pegTurns;
            turnTo(At::Tuner);
            seconds += pace.tune_s;
            break;
        case Event::Kind::Read:
            if (!event.readings_cents.empty())
                turnTo(At::Tuner);
            seconds += pace.pluck_s * static_cast<double>(event.readings_cents.size());
            if (event.gap_m || event.angle_rad) {
                turnTo(At::Plate);
                seconds += pace.look_s;
            }
            break;
        default:
            break;
        }
        atClaw = look || event.kind == Event::Kind::Claw;
    }
    counts.passes = strings > 0 ? static_cast<double>(counts.pegTurns) / static_cast<double>(strings) : 0.0;
    counts.minutes = seconds / 60.0;
    return counts;
}

} // namespace flenzo
