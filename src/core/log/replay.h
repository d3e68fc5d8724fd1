// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/log/event.h"

namespace flenzo {

/// What is known after one event: the state as the model holds it, and which of its figures somebody read.
struct Standing {
    State state;
    std::vector<double> readings_cents; ///< measured where `measured` says so, else computed
    std::vector<bool> measured;         ///< read, or tuned, with nothing done to the guitar since
    std::vector<double> typed_cents;    ///< what was last read of a measured string
    bool gapMeasured = false;           ///< the same for the angle
    bool touching = false;              ///< but the gap was closed, which does not say how low the plate lies
    std::vector<bool> everRead;         ///< the string's rest length rests on at least one reading
    bool angleEverRead = false;
    std::vector<double> deviations_cents; ///< how sure the readings are; empty when the log was only replayed
    double deviation_rad = 0.0;           ///< the same for the plate
    std::vector<bool> inRun;              ///< read since anything was done (a peg's own reading does not count)
    int readsInRow = 0;                   ///< how often everything was read since anything was done
    double clawSinceRead_turns = 0.0;     ///< turned since the last reading
    /// Whether somebody read the angle that `state` has, and not only that the plate touches.
    [[nodiscard]] bool angleMeasured() const { return gapMeasured && !touching; }
    /// What to show of a string: what somebody read, else what is believed.
    [[nodiscard]] double shown_cents(std::size_t string) const {
        return measured[string] ? typed_cents[string] : readings_cents[string];
    }
};

/// The log played on a model, readings entered taken as true: a reading sets the string's rest length, a measured
/// angle moves the model's bridge there by an extra moment that stays. One standing per event plus the start.
/// Events that name a string the rig does not have are passed over.
/// `AtReadings` fills in only the standings before and after each run of readings and the last; the others stay empty,
/// which is most of the work of a fit.
enum class ReplayDetail { Everything, AtReadings };
[[nodiscard]] std::vector<Standing> replay(const Rig& rig, const State& start, const std::vector<Event>& log,
                                           ReplayDetail detail = ReplayDetail::Everything);

} // namespace flenzo
