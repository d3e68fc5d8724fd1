// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/statics/state.h"

#include <optional>
#include <string>
#include <utility>
#include <vector>

namespace flenzo {

/// A string's target as it was and as it became.
struct Retargeted {
    std::size_t string = 0;
    double from_Hz = 0.0, to_Hz = 0.0;
    bool operator==(const Retargeted&) const = default;
};

/// One thing that happened to the guitar on the bench, in order of time. Only the members of its kind count. Cents are
/// against the target that the string had then.
struct Event {
    enum class Kind {
        Read,      ///< readings and/or the rear gap, everything at rest
        Tuned,     ///< a peg turned until the string read `to_cents`
        Claw,      ///< both screws, as counted by hand
        Block,     ///< a block put in
        Unblock,   ///< and taken out
        Stretched, ///< pulled: the pitch went from `from_cents` to `to_cents`
        Lock,      ///< nut caps clamped
        Fine,      ///< fine tuner turned until the string read `to_cents`
        Turn,      ///< the guitar laid or held another way
        Off,       ///< a string taken off or broken
        Wiggle,    ///< the arm moved to and fro, so that the pivot holds nothing
        Retarget,  ///< another pitch is wanted from now on
        Springs,   ///< from now on these are in
        Strung,    ///< a new string went on, of `wire` where that is another one than before
        Posts,     ///< the bridge posts were turned by `bass_m` and `treble_m`; positive raises
        Saddle,    ///< a saddle was moved by `saddle_m`; positive towards the nut
        Slipped,   ///< a string gave way by itself, at its post, clamp or ball
        Disturbed  ///< something happened of which nobody knows what: no figure from before holds
    };
    Kind kind = Kind::Read;
    std::vector<std::pair<std::size_t, double>> readings_cents; ///< Read: string index and cents
    std::optional<double> gap_m;                                ///< Read
    std::optional<double> angle_rad;                            ///< Read: an angle gauge instead of the gap
    double angleDeviation_rad = 0.0;     ///< Read: how sure that angle is; 0: as sure as the gauge of the gap
    double pitchDeviation_cents = 0.0;   ///< of its pitches where they were heard; 0: as sure as the tuner
    std::size_t string = 0;              ///< Tuned, Stretched, Fine, Off, Strung, Saddle, Slipped
    double from_cents = 0.0;             ///< Stretched
    double to_cents = 0.0;               ///< Tuned, Stretched, Fine
    std::optional<double> aim_cents;     ///< Tuned: what the program had asked for
    ClawTurns turns;                     ///< Claw
    flenzo::Block block;                 ///< Block
    Orientation to = Orientation::Flat;  ///< Turn
    std::vector<Retargeted> retargeted;  ///< Retarget
    std::vector<Spring> springs;         ///< Springs
    std::optional<Wire> wire;            ///< Strung
    double bass_m = 0.0, treble_m = 0.0; ///< Posts
    double saddle_m = 0.0;               ///< Saddle
    bool estimated = false;              ///< Claw, Block: found from the readings, not counted or measured
    bool confirmed = false;              ///< the technician stands by what was questioned
    std::string at;                      ///< ISO 8601, may be empty
    std::string note;
    bool operator==(const Event&) const = default;

    /// Ends with one string at a reading that its peg, its fine tuner or a pull made.
    [[nodiscard]] bool turnsString() const {
        return kind == Kind::Tuned || kind == Kind::Fine || kind == Kind::Stretched;
    }
    /// The same without a pull: peg or, once the nut is locked, fine tuner.
    [[nodiscard]] bool tunes() const { return kind == Kind::Tuned || kind == Kind::Fine; }
    /// Another guitar from here on: its springs, a wire, its posts or a saddle.
    [[nodiscard]] bool changesRig() const {
        return kind == Kind::Springs || kind == Kind::Strung || kind == Kind::Posts || kind == Kind::Saddle;
    }
    /// Something happened to the guitar that nobody did to tune it.
    [[nodiscard]] bool happens() const {
        return changesRig() || kind == Kind::Off || kind == Kind::Disturbed || kind == Kind::Slipped;
    }
    /// About one string.
    [[nodiscard]] bool isOfString() const {
        return turnsString() || kind == Kind::Off || kind == Kind::Strung || kind == Kind::Saddle ||
               kind == Kind::Slipped;
    }
    [[nodiscard]] static Event read(std::size_t string, double cents);
    [[nodiscard]] static Event readGap(double gap_m);
    [[nodiscard]] static Event tuned(std::size_t string, double to_cents);
    [[nodiscard]] static Event claw(ClawTurns turns);
    [[nodiscard]] static Event ofString(Kind kind, std::size_t string);
};

} // namespace flenzo
