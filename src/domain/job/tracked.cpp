// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/job/tracked.h"

#include "core/statics/readings.h"

namespace flenzo {

double TrackedState::shownAngle_rad(const Bridge& bridge) const {
    if (typedAngle_rad)
        return *typedAngle_rad;
    return typedGap_m && *typedGap_m > 0.0 ? angleOfGap_rad(bridge, *typedGap_m) : state.angle_rad;
}

State TrackedState::shown(const Bridge& bridge) const {
    State drawn = state;
    drawn.angle_rad = shownAngle_rad(bridge);
    return drawn;
}

std::vector<TrackedState> trackedStates(const BenchJob& job, const Estimate& guitar, const EstimatorOptions& options) {
    const UnknownsLayout layout(job, guitar.line);
    Equations equations(job, options, guitar.line, layout);
    equations.setGuitar(guitar.at);
    const std::size_t strings = job.rig.strings.size();
    std::vector<TrackedState> out;
    std::vector<bool> everRead(strings, false);
    std::size_t next = 0; // observation
    for (std::size_t events = 0; events < guitar.line.restAfter.size(); ++events) {
        const std::size_t rest = guitar.line.restAfter[events];
        const bool sameRest = events > 0 && guitar.line.restAfter[events - 1] == rest;
        TrackedState now;
        if (sameRest) {
            now = out.back();
        } else {
            now.state = equations.stateAt(guitar.at, rest);
            now.readings_cents = readings_cents(equations.model(rest).rig(), now.state);
            now.measured.assign(strings, false);
            now.typed_cents.assign(strings, 0.0);
        }
        for (; next < guitar.line.observations.size() && guitar.line.observations[next].event < events; ++next) {
            const Observation& made = guitar.line.observations[next];
            if (made.kind == Observation::Kind::Pitch)
                everRead[made.string] = true;
            if (made.rest != rest)
                continue;
            if (made.kind == Observation::Kind::Gap)
                now.typedGap_m = made.value;
            if (made.kind == Observation::Kind::Angle)
                now.typedAngle_rad = made.value;
            if (made.kind != Observation::Kind::Pitch)
                continue;
            now.measured[made.string] = true;
            now.typed_cents[made.string] = made.value;
        }
        now.everRead = everRead;
        out.push_back(std::move(now));
    }
    return out;
}

} // namespace flenzo
