// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/log/event.h"

namespace flenzo {

/// What is known after one event: the state as the model holds it, and which of its figures somebody read.
struct Standing {
    State state;
    std::vector<double> readings_cents; ///< measured where `measured` says so, else computed
    std::vector<bool> measured;         ///< read, or tuned, with nothing done to the guitar since
    bool gapMeasured = false;           ///< the same for the angle
    std::vector<bool> everRead;         ///< the string's rest length rests on at least one reading
    bool angleEverRead = false;
};

/// The log played on a model, readings entered taken as true: a reading sets the string's rest length, a measured
/// angle moves the model's bridge there by an extra moment that stays. One standing per event plus the start.
/// Events that name a string the rig does not have are passed over.
/// `trust` below 1 takes a reading only that far from the one expected, where one was expected and lies near: with a
/// model that has learned the guitar, the noise of tuner and gauge then averages out.
[[nodiscard]] std::vector<Standing> replay(const Rig& rig, const State& start, const std::vector<Event>& log,
                                           double trust = 1.0);

} // namespace flenzo
