// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/job/movement.h"

#include "core/operations/acts.h"
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

std::optional<Movements> movementsOf(const Job& job, const Derived& derived) {
    const auto act = lastAct(job);
    if (!act || *act >= derived.standings.size())
        return std::nullopt;
    const State& before = derived.standings[*act].state;
    const State& after = derived.now().state;
    const BalanceEquation was(derived.rig(), before), is(derived.rig(), after);
    Movements all{job.log[*act], after.angle_rad - before.angle_rad, {}};
    for (std::size_t i = 0; i < job.rig.strings.size(); ++i) {
        const double from_Hz = was.frequency_Hz(i, before.angle_rad), tilted_Hz = was.frequency_Hz(i, after.angle_rad);
        const double to_Hz = is.frequency_Hz(i, after.angle_rad);
        if (from_Hz > 0.0 && tilted_Hz > 0.0 && to_Hz > 0.0)
            all.strings.push_back(
                {i, cents(tilted_Hz, from_Hz), cents(to_Hz, tilted_Hz), all.tilt_rad, touches(all.act, i)});
    }
    return all;
}

std::optional<Movement> lastMovement(const Job& job, const Derived& derived) {
    constexpr double least_cents = 1.0;
    std::optional<Movement> most;
    if (const auto all = movementsOf(job, derived))
        for (const Movement& moved : all->strings)
            if (!moved.touched &&
                std::abs(moved.cents()) >= std::max(least_cents, most ? std::abs(most->cents()) : 0.0))
                most = moved;
    return most;
}

std::optional<double> angleAfterNext_rad(const Job& job, const Derived& derived) {
    const NextAct& next = derived.next();
    const State& now = derived.now().state;
    if (!floats(job.rig, job.goal) || derived.advice.doubt)
        return std::nullopt;
    switch (next.what) {
    case NextAct::Do::Claw:
        return turnClaw(derived.rig(), now, next.turns).state.angle_rad;
    case NextAct::Do::Tune:
        return tunePeg(derived.rig(), now, next.aim.string, next.aim.frequency_Hz).state.angle_rad;
    case NextAct::Do::Unblock:
        return takeBlock(derived.rig(), now).state.angle_rad;
    default:
        return std::nullopt;
    }
}

} // namespace flenzo
