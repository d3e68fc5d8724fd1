// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/operations/acts.h"

#include "core/statics/pitch.h"

#include <algorithm>

namespace flenzo {

Outcome settle(const Rig& rig, State state) {
    const Equilibrium rest =
        findEquilibrium(BalanceEquation(rig, state), limitsOf(rig.bridge, state.block), state.angle_rad);
    state.angle_rad = rest.angle_rad;
    return {std::move(state), rest};
}

Outcome tunePeg(const Rig& rig, State state, std::size_t string, double frequency_Hz) {
    BalanceEquation equation(rig, state);
    const Equilibrium rest = tunePegOn(equation, limitsOf(rig.bridge, state.block), state, string, frequency_Hz);
    return {std::move(state), rest};
}

Equilibrium tunePegOn(BalanceEquation& equation, const Limits& limits, State& state, std::size_t string,
                      double frequency_Hz) {
    equation.holdAtPitch(string, frequency_Hz);
    const Equilibrium rest = findEquilibrium(equation, limits, state.angle_rad);
    state.angle_rad = rest.angle_rad;
    state.unstretchedLength_m[string] = equation.unstretchedForPitch_m(string, frequency_Hz, rest.angle_rad);
    equation.setRest(string, state.unstretchedLength_m[string]);
    return rest;
}

Outcome setRest(const Rig& rig, State state, std::size_t string, double unstretchedLength_m) {
    state.unstretchedLength_m[string] = unstretchedLength_m;
    return settle(rig, std::move(state));
}

Outcome turnClaw(const Rig& rig, State state, const ClawTurns& by) {
    state.claw.bass += by.bass;
    state.claw.treble += by.treble;
    return settle(rig, std::move(state));
}

Outcome putBlock(const Rig& rig, State state, const Block& block) {
    state.block = block;
    return settle(rig, std::move(state));
}

Outcome takeBlock(const Rig& rig, State state) {
    state.block.reset();
    return settle(rig, std::move(state));
}

Outcome removeString(const Rig& rig, State state, std::size_t string) {
    return setRest(rig, std::move(state), string, 0.0);
}

namespace {

/// Of the wire from post to ball end, the share that stays between saddle and the locked nut.
double shareKept(const Rig& rig, std::size_t string, double angle_rad) {
    const RigString& one = rig.strings[string];
    const double speaking_m =
        rig.bridge.has().hasClaw() ? link(one.saddle_m, nutPoint_m(one)).at(Turned(angle_rad)).length_m : one.scale_m;
    return (speaking_m + tails_m(one, true)) / (speaking_m + tails_m(one, false));
}

} // namespace

double unlockedLength_m(const Rig& rig, std::size_t string, double angle_rad, double lockedLength_m) {
    return (lockedLength_m + clampedWire_m(rig.strings[string])) / shareKept(rig, string, angle_rad);
}

Outcome lockNut(const Rig& rig, State state) {
    if (!state.nutLocked)
        for (std::size_t i = 0; i < rig.strings.size(); ++i)
            state.unstretchedLength_m[i] =
                state.unstretchedLength_m[i] * shareKept(rig, i, state.angle_rad) - clampedWire_m(rig.strings[i]);
    state.nutLocked = true;
    return settle(rig, std::move(state));
}

Outcome turnGuitar(const Rig& rig, State state, Orientation to) {
    state.orientation = to;
    return settle(rig, std::move(state));
}

Outcome stringUp(const Rig& rig, State state, const std::vector<double>& offsets_cents, double held_rad) {
    const BalanceEquation equation(rig, state);
    for (std::size_t i = 0; i < rig.strings.size(); ++i)
        state.unstretchedLength_m[i] =
            equation.unstretchedForPitch_m(i, frequencyAt_Hz(rig.strings[i].target_Hz, offsets_cents[i]), held_rad);
    state.angle_rad = held_rad;
    return settle(rig, std::move(state));
}

Rig raisePosts(const Rig& rig, double bass_m, double treble_m) {
    Rig raised = rig;
    const std::size_t n = rig.strings.size();
    for (std::size_t i = 0; i < n; ++i) {
        const double place = n > 1 ? static_cast<double>(i) / static_cast<double>(n - 1) : 0.5;
        raised.strings[i].nutDrop_m += bass_m * (1.0 - place) + treble_m * place;
    }
    const double middle_m = (bass_m + treble_m) / 2.0;
    for (Spring& spring : raised.springs)
        spring.anchor_m.y() -= bass_m * (1.0 - spring.slot) + treble_m * spring.slot;
    raised.bridge.rearGap_m += middle_m;
    return raised;
}

} // namespace flenzo
