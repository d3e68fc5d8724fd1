// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/movement.h"

#include "core/statics/equation.h"
#include "core/statics/pitch.h"

#include <cmath>

namespace flenzo {

namespace {

/// The last entry that is no mere reading.
std::optional<std::size_t> lastAct(const Job& job) {
    for (std::size_t e = job.log.size(); e-- > 0;)
        if (job.log[e].kind != Event::Kind::Read)
            return e;
    return std::nullopt;
}

bool touches(const Event& event, std::size_t string) {
    return (event.tunes() || event.kind == Event::Kind::Stretched || event.kind == Event::Kind::Off) &&
           event.string == string;
}

} // namespace

std::optional<Movement> lastMovement(const Job& job, const Derived& derived) {
    constexpr double least_cents = 1.0;
    const auto act = lastAct(job);
    if (!act)
        return std::nullopt;
    // What was read since belongs to the same rest: the state after the act is the last one known of it.
    const State& before = derived.standings[*act].state;
    const State& after = derived.now().state;
    const BalanceEquation was(derived.rig(), before), is(derived.rig(), after);
    std::optional<Movement> most;
    for (std::size_t i = 0; i < job.rig.strings.size(); ++i) {
        const double from_Hz = was.frequency_Hz(i, before.angle_rad), tilted_Hz = was.frequency_Hz(i, after.angle_rad);
        const double to_Hz = is.frequency_Hz(i, after.angle_rad);
        if (touches(job.log[*act], i) || from_Hz <= 0.0 || tilted_Hz <= 0.0 || to_Hz <= 0.0)
            continue;
        const Movement moved{i, cents(tilted_Hz, from_Hz), cents(to_Hz, tilted_Hz), after.angle_rad - before.angle_rad};
        if (std::abs(moved.cents()) >= std::max(least_cents, most ? std::abs(most->cents()) : 0.0))
            most = moved;
    }
    return most;
}

} // namespace flenzo
