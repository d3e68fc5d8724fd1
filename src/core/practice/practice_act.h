// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/statics/state.h"

#include <optional>

namespace flenzo {

/// What may be wrong with a guitar on which somebody practises, besides its balance.
enum class Defect {
    None,
    BlockLeftIn,    ///< something still holds the plate
    SlipsAtPost,    ///< a string slips at its post whenever it is turned or pulled
    InsertLoose,    ///< a string slips at its saddle when it is pulled or the arm is used
    WornEdge,       ///< the knife edge holds the plate where it was let go
    HangsAtNut,     ///< a string hangs in its nut slot after a dive
    SwappedStrings, ///< a string and the next thinner one are in each other's place
    WrongGauge,     ///< a string is heavier than its packet says
    ClawCrooked,    ///< one claw screw is far further in than the other
    SpringOff,      ///< a spring is off its hook
    NeckLoose,      ///< the neck's screws are loose
    CapTurned,      ///< a nut cap is the wrong way round: its strings slip once it is clamped
    Count
};
/// Whether one string (of a pair the thicker one) belongs to it.
[[nodiscard]] bool isOfAString(Defect fault);

/// One thing a hand does to a guitar, or to find out about it. Only the members of its kind count.
struct PracticeAct {
    enum class Do {
        Read,    ///< `string`, or all of them
        Measure, ///< the gap under the rear edge
        Look,    ///< from the side, by eye
        Caliper, ///< the gauge of `string`
        Inspect, ///< springs and claw, from behind
        Tune,    ///< peg or, with the nut locked, fine tuner of `string`, until it reads `cents`
        Turn,    ///< the same by `amount` turns of the peg, up positive
        Claw,    ///< by `turns`
        Springs, ///< put in or take out until there are `amount`
        Stretch, ///< `string`, once
        Wiggle,  ///< the arm to and fro, gently
        Block,   ///< `amount` thick (m) under the rear edge
        Unblock,
        Lock,     ///< clamp the nut
        Dive,     ///< the arm down and let go
        PullUp,   ///< the arm up and let go
        Posts,    ///< raise both by `amount` (m)
        TakeOff,  ///< `string`
        PutOn,    ///< `string`
        Guess,    ///< `guess` is `amount` before it is known
        Diagnose, ///< `fault`, of `string` where it is one's
        Done
    };
    enum class Guess { ClawTurns, LowestString };
    Do what = Do::Read;
    std::optional<std::size_t> string;
    double cents = 0.0, amount = 0.0;
    ClawTurns turns;
    Guess guess = Guess::ClawTurns;
    Defect fault = Defect::None;
    bool operator==(const PracticeAct&) const = default;
};

} // namespace flenzo
