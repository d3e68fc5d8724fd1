// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/statics/equilibrium.h"

namespace flenzo {

/// What a technician does (PHYSICS section 4). Every act takes a state and returns the next, with the bridge at rest
/// again; the rig is never changed but by the acts that move hardware, which return a new rig.
struct Outcome {
    State state;
    Equilibrium rest;
};

/// Lets the bridge go from its last angle.
[[nodiscard]] Outcome settle(const Rig& rig, State state);
/// Turns a peg until the string sounds `frequency_Hz` after the bridge has come to rest again (eq. 16).
[[nodiscard]] Outcome tunePeg(const Rig& rig, State state, std::size_t string, double frequency_Hz);
/// The same on an equation that already stands for the state and is left standing for the next one: a log has hundreds
/// of pegs, and building the equation costs as much as turning one.
Equilibrium tunePegOn(BalanceEquation& equation, const Limits& limits, State& state, std::size_t string,
                      double frequency_Hz);
/// Gives the string a rest length, whatever it then sounds.
[[nodiscard]] Outcome setRest(const Rig& rig, State state, std::size_t string, double unstretchedLength_m);
[[nodiscard]] Outcome turnClaw(const Rig& rig, State state, const ClawTurns& by);
[[nodiscard]] Outcome putBlock(const Rig& rig, State state, const Block& block);
[[nodiscard]] Outcome takeBlock(const Rig& rig, State state);
/// Takes a string off, or it breaks: the bridge tips back and the others go sharp.
[[nodiscard]] Outcome removeString(const Rig& rig, State state, std::size_t string);
/// Clamps the nut: the wire behind it no longer stretches along, tension carries over but for what pressing a string
/// down onto the nut's floor adds (eq. 38).
[[nodiscard]] Outcome lockNut(const Rig& rig, State state);
/// The rest length with the nut open of a string that has `lockedLength_m` once it is locked with the plate there.
[[nodiscard]] double unlockedLength_m(const Rig& rig, std::size_t string, double angle_rad, double lockedLength_m);
[[nodiscard]] Outcome turnGuitar(const Rig& rig, State state, Orientation to);

/// Sets every string to the reading in cents with the plate held at `held_rad`, then lets go (cents in document order).
[[nodiscard]] Outcome stringUp(const Rig& rig, State state, const std::vector<double>& cents, double held_rad);

/// The same guitar with its posts raised (m; negative lowers): nut and body sink in the pivot's frame, each string by
/// its place between the posts, the first in document order on the bass side.
[[nodiscard]] Rig raisePosts(const Rig& rig, double bass_m, double treble_m);

} // namespace flenzo
