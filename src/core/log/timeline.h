// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/log/assumed.h"
#include "core/log/bench_job.h"

#include <array>

namespace flenzo {

/// A log laid out for the estimator: the bridge's rests, the stretches of each string between two acts on its peg, the
/// claw's places and every single reading, however it was typed (docs/mechanics.md eq. 23 to 29).

/// How often something let an unsettled string give, counted from the start of the log.
struct GivingCounts {
    int elsewhere = 0, ownPeg = 0, pulls = 0;
};

/// One string from one act on its peg (or its first rest) to the next. Its unknown is the reading it would give with
/// the plate at the goal's angle, as it was at its first rest.
struct Stretch {
    enum class Link {
        None,
        Locked,
        Pulled,
        Slipped, ///< it gave way by itself, nobody knows how far
        Moved,   ///< the same, found from the readings
        Waited,  ///< time passed
        Carried, ///< the guitar around it was changed: its length stayed
        Loosened ///< and hardly that: its saddle was moved
    };
    std::size_t string = 0;
    std::size_t firstRest = 0, lastRest = 0;
    Link link = Link::None; ///< to the stretch `before`
    std::size_t before = 0;
    std::size_t gap = 0;      ///< Waited
    double typed_cents = 0.0; ///< what was read right after the act, to begin from
    GivingCounts at;          ///< at its first rest
    std::size_t piece = 0;    ///< which piece of wire it is: a new string is another one
};

/// Time that passed with nothing done, before a rest.
struct Gap {
    double hours = 0.0;
    std::size_t rest = 0;
};

/// The nominal guitar between two events that change it, and where stiffness and unit mass of each string's wire are
/// among the unknowns: those of the wires that are on now by the string's own number, earlier ones behind them.
struct Version {
    Rig rig;
    std::array<std::size_t, maxStrings> make{};
};

/// The bridge at rest after one act. All readings until the next act share it.
struct RestPoint {
    static constexpr int none = -1;
    std::array<int, maxStrings> stretch{}; ///< of each string, or `none` while it is off
    std::array<GivingCounts, maxStrings> given{};
    std::size_t claw = 0, version = 0;
    bool remembers = true; ///< what the pivot holds depends on where the plate was; not after the arm was wiggled
    bool nutLocked = false;
    Orientation orientation = Orientation::Flat;
    std::optional<Block> block;
    bool blockIsEstimated = false;
    std::size_t firstEvent = 0; ///< number of events before it
};

/// The claw between two visits.
struct ClawPlace {
    ClawTurns counted; ///< turned at this visit
    std::size_t rest = 0;
    enum class Known { Counted, Estimated, Unknown } known = Known::Counted;
};

/// One figure somebody read.
struct Observation {
    enum class Kind { Pitch, Gap, Angle };
    Kind kind = Kind::Pitch;
    std::size_t rest = 0, event = 0;
    std::size_t string = 0;
    double value = 0.0;     ///< cents against the job's targets, metres or radians
    double deviation = 0.0; ///< told with the reading; 0: that of the tool
    std::size_t stretch = 0;
    bool wrong = false; ///< taken for wrong
    bool confirmed = false;
    bool closed = false;   ///< a gap of nothing: the plate is there or lower
    bool afterAct = false; ///< the peg's own reading, not one made for its own sake
};

struct Timeline {
    std::vector<Version> versions; ///< of the guitar; the last is what it is now
    std::size_t makes = 0;         ///< of wire, in all
    std::size_t pieces = 0;        ///< of wire, in all: those that are on now have their strings' numbers
    std::vector<RestPoint> rests;  ///< the first is before anything happened
    std::vector<Gap> gaps;
    std::vector<Stretch> stretches;
    std::vector<ClawPlace> claws; ///< the first is where it stood, with nothing turned
    std::vector<Observation> observations;
    std::vector<std::size_t> restAfter; ///< by number of events
    [[nodiscard]] const Rig& rigNow() const { return versions.back().rig; }
    [[nodiscard]] const Rig& rigAt(std::size_t rest) const { return versions[rests[rest].version].rig; }
};

[[nodiscard]] Timeline timelineOf(const BenchJob& job, const Assumed& assumed = {});

/// Cents to add to a reading of a string made at an event, so that it counts against the job's present target.
[[nodiscard]] double retargeted_cents(const BenchJob& job, std::size_t event, std::size_t string);

} // namespace flenzo
