// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/log/replay.h"

#include "core/acts/acts.h"
#include "core/balance/readings.h"
#include "core/strings/pitch.h"

#include <cmath>

namespace flenzo {

namespace {

/// Readings with nothing done between them are one snapshot, however they were typed.
struct Snapshot {
    Standing before;
    std::vector<std::pair<std::size_t, double>> readings_cents;
    std::optional<double> angle_rad;
    double trust = 1.0;

    /// What is believed of a reading: between it and what was expected, unless that was far off or never read.
    [[nodiscard]] double believed_cents(std::size_t string, double reading_cents) const {
        constexpr double near_cents = 6.0;
        const double off = reading_cents - before.readings_cents[string];
        return before.everRead[string] && std::abs(off) < near_cents ? before.readings_cents[string] + trust * off
                                                                     : reading_cents;
    }
};

/// Rest lengths that give the readings at an angle; the extra moment balances the bridge there if nothing else holds
/// it.
State believedAt(const Rig& rig, State state, const Snapshot& snapshot, double angle_rad) {
    const BalanceEquation geometry(rig, state);
    for (const auto& [string, reading] : snapshot.readings_cents)
        state.rest_m[string] = geometry.restForPitch_m(
            string, frequencyAt_Hz(rig.strings[string].target_Hz, snapshot.believed_cents(string, reading)), angle_rad);
    state.angle_rad = angle_rad;
    if (!state.block)
        state.extraMoment_Nm -= BalanceEquation(rig, state).at(angle_rad).moment_Nm;
    return state;
}

State believed(const Rig& rig, const Snapshot& snapshot) {
    const State& before = snapshot.before.state;
    if (snapshot.angle_rad) {
        const double trust = snapshot.before.angleEverRead ? snapshot.trust : 1.0;
        return believedAt(rig, before, snapshot, before.angle_rad + trust * (*snapshot.angle_rad - before.angle_rad));
    }
    BalanceEquation held(rig, before);
    for (const auto& [string, reading] : snapshot.readings_cents)
        held.holdAtPitch(string, frequencyAt_Hz(rig.strings[string].target_Hz, reading));
    const Rest rest = findRest(held, limitsOf(rig.bridge, before.block), before.angle_rad);
    // A guitar that can be read is at rest, so a model that runs away at these pitches is wrong about the moment.
    if (rest.kind != RestKind::Free && rest.kind != RestKind::Blocked)
        return believedAt(rig, before, snapshot, before.angle_rad);
    State state = before;
    state.angle_rad = rest.angle_rad;
    for (const auto& [string, reading] : snapshot.readings_cents)
        state.rest_m[string] =
            held.restForPitch_m(string, frequencyAt_Hz(rig.strings[string].target_Hz, reading), rest.angle_rad);
    return state;
}

/// Everything computed anew from a state nobody has read yet.
Standing unread(const Rig& rig, State state, const Standing& before) {
    Standing standing;
    standing.state = std::move(state);
    standing.readings_cents = readings_cents(rig, standing.state);
    standing.measured.assign(rig.strings.size(), false);
    standing.everRead = before.everRead;
    standing.angleEverRead = before.angleEverRead;
    return standing;
}

Standing afterRead(const Rig& rig, const Snapshot& snapshot) {
    Standing standing = unread(rig, believed(rig, snapshot), snapshot.before);
    standing.measured = snapshot.before.measured;
    for (const auto& [string, reading] : snapshot.readings_cents) {
        standing.readings_cents[string] = reading;
        standing.measured[string] = standing.everRead[string] = true;
    }
    standing.gapMeasured = snapshot.angle_rad.has_value() || snapshot.before.gapMeasured;
    standing.angleEverRead = standing.angleEverRead || standing.gapMeasured;
    return standing;
}

Standing afterPeg(const Rig& rig, const Standing& before, const Event& event) {
    const double f_Hz = frequencyAt_Hz(rig.strings[event.string].target_Hz, event.to_cents);
    Standing standing = unread(rig, tunePeg(rig, before.state, event.string, f_Hz).state, before);
    standing.readings_cents[event.string] = event.to_cents;
    standing.measured[event.string] = standing.everRead[event.string] = true;
    return standing;
}

Outcome acted(const Rig& rig, const State& state, const Event& event) {
    switch (event.kind) {
    case Event::Kind::Claw:
        return turnClaw(rig, state, event.turns);
    case Event::Kind::Block:
        return putBlock(rig, state, event.block);
    case Event::Kind::Unblock:
        return takeBlock(rig, state);
    case Event::Kind::Lock:
        return lockNut(rig, state);
    case Event::Kind::Turn:
        return turnGuitar(rig, state, event.to);
    case Event::Kind::Off:
        return removeString(rig, state, event.string);
    default:
        return settle(rig, state);
    }
}

void take(const Rig& rig, Snapshot& snapshot, const Event& event) {
    for (const auto& reading : event.readings_cents)
        if (reading.first < rig.strings.size())
            snapshot.readings_cents.push_back(reading);
    if (event.angle_rad)
        snapshot.angle_rad = event.angle_rad;
    if (event.gap_m)
        snapshot.angle_rad = angleOfGap_rad(rig.bridge, *event.gap_m);
}

bool turnsPeg(const Event& event) {
    return event.kind == Event::Kind::Tuned || event.kind == Event::Kind::Fine || event.kind == Event::Kind::Stretched;
}

} // namespace

std::vector<Standing> replay(const Rig& rig, const State& start, const std::vector<Event>& log, double trust) {
    std::vector<Standing> standings;
    Standing first;
    first.everRead.assign(rig.strings.size(), false);
    standings.push_back(unread(rig, start, first));
    std::optional<Snapshot> open;
    for (const Event& event : log) {
        const Standing& now = standings.back();
        if (event.kind == Event::Kind::Read) {
            if (!open)
                open = Snapshot{now, {}, {}, trust};
            take(rig, *open, event);
            standings.push_back(afterRead(rig, *open));
            continue;
        }
        open.reset();
        const bool known = event.string < rig.strings.size();
        Standing next = !known            ? now
                        : turnsPeg(event) ? afterPeg(rig, now, event)
                                          : unread(rig, acted(rig, now.state, event).state, now);
        standings.push_back(std::move(next));
    }
    return standings;
}

} // namespace flenzo
