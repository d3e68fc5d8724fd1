// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/log/replay.h"

#include "core/acts/acts.h"
#include "core/balance/readings.h"
#include "core/plan/level.h"
#include "core/strings/pitch.h"

#include <cmath>
#include <numeric>

namespace flenzo {

namespace {

/// Readings with nothing done between them are one snapshot, however they were typed; repeated ones are averaged.
struct Snapshot {
    Standing before;
    std::vector<std::pair<std::size_t, double>> readings_cents;
    std::vector<double> angles_rad;

    void add(std::size_t string, double cents) {
        counts.resize(before.readings_cents.size(), 0);
        if (++counts[string] == 1) {
            readings_cents.emplace_back(string, cents);
            return;
        }
        for (auto& [known, mean] : readings_cents)
            if (known == string)
                mean += (cents - mean) / counts[string];
    }
    [[nodiscard]] std::optional<double> angle_rad() const {
        if (angles_rad.empty())
            return std::nullopt;
        return std::accumulate(angles_rad.begin(), angles_rad.end(), 0.0) / static_cast<double>(angles_rad.size());
    }

    std::vector<int> counts = {};
};

/// A plate at a stop with the moment pushing into it: the stop carries the difference, nothing is unexplained.
bool liesOnStop(const Rig& rig, const State& state) {
    constexpr double near_rad = radians(0.25);
    const double moment_Nm = BalanceEquation(rig, state).at(state.angle_rad).moment_Nm;
    return (moment_Nm < 0.0 && state.angle_rad < rig.bridge.rearStop_rad + near_rad) ||
           (moment_Nm > 0.0 && state.angle_rad > rig.bridge.forwardStop_rad - near_rad);
}

/// Rest lengths that give the readings at an angle; the extra moment balances the bridge there if nothing else holds
/// it.
State believedAt(const Rig& rig, State state, const Snapshot& snapshot, double angle_rad) {
    const BalanceEquation geometry(rig, state);
    for (const auto& [string, reading] : snapshot.readings_cents)
        state.rest_m[string] =
            geometry.restForPitch_m(string, frequencyAt_Hz(rig.strings[string].target_Hz, reading), angle_rad);
    state.angle_rad = angle_rad;
    if (!state.block && !liesOnStop(rig, state))
        state.extraMoment_Nm -= BalanceEquation(rig, state).at(angle_rad).moment_Nm;
    return state;
}

State believed(const Rig& rig, const Snapshot& snapshot) {
    const State& before = snapshot.before.state;
    if (const auto angle = snapshot.angle_rad(); angle && hasClaw(rig))
        return believedAt(rig, before, snapshot, *angle);
    BalanceEquation held(rig, before);
    for (const auto& [string, reading] : snapshot.readings_cents)
        held.holdAtPitch(string, frequencyAt_Hz(rig.strings[string].target_Hz, reading));
    const Rest rest = findRest(held, limitsOf(rig.bridge, before.block), before.angle_rad);
    // A guitar that can be read is at rest, so a model that runs away at these pitches is wrong about the moment.
    if (rest.kind == RestKind::ForwardStop || rest.kind == RestKind::RearStop || rest.kind == RestKind::NotFound)
        return believedAt(rig, before, snapshot, before.angle_rad);
    State state = before;
    state.angle_rad = rest.angle_rad;
    for (const auto& [string, reading] : snapshot.readings_cents)
        state.rest_m[string] =
            held.restForPitch_m(string, frequencyAt_Hz(rig.strings[string].target_Hz, reading), rest.angle_rad);
    return state;
}

std::vector<double> readingsOf(const Rig& rig, const BalanceEquation& equation, double angle_rad) {
    std::vector<double> out(rig.strings.size());
    for (std::size_t i = 0; i < out.size(); ++i)
        out[i] = cents(equation.frequency_Hz(i, angle_rad), rig.strings[i].target_Hz);
    return out;
}

/// A state nobody has read yet; its readings are computed where they are wanted.
Standing unread(const Rig& rig, State state, const Standing& before, const BalanceEquation* equation) {
    Standing standing;
    standing.state = std::move(state);
    if (equation)
        standing.readings_cents = readingsOf(rig, *equation, standing.state.angle_rad);
    else
        standing.readings_cents.assign(rig.strings.size(), 0.0);
    standing.measured.assign(rig.strings.size(), false);
    standing.typed_cents.assign(rig.strings.size(), 0.0);
    standing.everRead = before.everRead;
    standing.angleEverRead = before.angleEverRead;
    return standing;
}

Standing afterRead(const Rig& rig, const Snapshot& snapshot) {
    State state = believed(rig, snapshot);
    const BalanceEquation equation(rig, state);
    Standing standing = unread(rig, std::move(state), snapshot.before, &equation);
    standing.measured = snapshot.before.measured;
    standing.typed_cents = snapshot.before.typed_cents;
    standing.inRun.resize(rig.strings.size(), false);
    for (const auto& [string, reading] : snapshot.readings_cents) {
        standing.readings_cents[string] = standing.typed_cents[string] = reading;
        standing.measured[string] = standing.everRead[string] = standing.inRun[string] = true;
    }
    standing.gapMeasured = !snapshot.angles_rad.empty() || snapshot.before.gapMeasured;
    standing.angleEverRead = standing.angleEverRead || standing.gapMeasured;
    standing.readsInRow = snapshot.before.readsInRow + 1;
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
            snapshot.add(reading.first, reading.second);
    if (event.angle_rad)
        snapshot.angles_rad.push_back(*event.angle_rad);
    if (event.gap_m)
        snapshot.angles_rad.push_back(angleOfGap_rad(rig.bridge, *event.gap_m));
}

} // namespace

std::vector<Standing> replay(const Rig& rig, const State& start, const std::vector<Event>& log, ReplayDetail detail) {
    std::vector<Standing> standings;
    standings.reserve(log.size() + 1);
    Standing first;
    first.everRead.assign(rig.strings.size(), false);
    // Pegs are most of a log, so the equation is kept from one to the next and built anew only after other acts.
    std::optional<BalanceEquation> equation;
    equation.emplace(rig, start);
    standings.push_back(unread(rig, start, first, &*equation));
    std::optional<Snapshot> open;
    for (std::size_t e = 0; e < log.size(); ++e) {
        const Event& event = log[e];
        const Standing& now = standings.back();
        if (event.kind == Event::Kind::Read) {
            if (!open)
                open.emplace(Snapshot{now, {}, {}});
            take(rig, *open, event);
            standings.push_back(afterRead(rig, *open));
            equation.reset();
            continue;
        }
        open.reset();
        if (event.string >= rig.strings.size()) {
            standings.push_back(Standing(now));
            continue;
        }
        const bool wanted =
            detail == ReplayDetail::Everything || e + 1 == log.size() || log[e + 1].kind == Event::Kind::Read;
        State state = now.state;
        if (event.turnsString()) {
            if (!equation)
                equation.emplace(rig, state);
            tunePegOn(*equation, limitsOf(rig.bridge, state.block), state, event.string,
                      frequencyAt_Hz(rig.strings[event.string].target_Hz, event.to_cents));
        } else {
            state = acted(rig, state, event).state;
            equation.emplace(rig, state);
        }
        Standing next = unread(rig, std::move(state), now, wanted ? &*equation : nullptr);
        if (event.turnsString()) {
            next.readings_cents[event.string] = next.typed_cents[event.string] = event.to_cents;
            next.measured[event.string] = next.everRead[event.string] = true;
        }
        standings.push_back(std::move(next));
    }
    return standings;
}

} // namespace flenzo
