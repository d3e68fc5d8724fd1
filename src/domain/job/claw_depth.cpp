// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/job/claw_depth.h"

namespace flenzo {

namespace {

/// What the job's log has drawn that side towards the wall.
double drawnIn_m(const Job& job, std::optional<double> ClawDepth::*side) {
    double turns = 0.0;
    for (const Event& event : job.log)
        if (event.kind == Event::Kind::Claw)
            turns += side == &ClawDepth::bass_m ? event.turns.bass : event.turns.treble;
    return turns * job.rig.claw.lead_m;
}

} // namespace

ClawDepth clawDepthNow(const Job& job) {
    ClawDepth now = job.card.clawDepth;
    for (const auto side : {&ClawDepth::bass_m, &ClawDepth::treble_m})
        if (std::optional<double>& depth_m = now.*side) {
            *depth_m -= drawnIn_m(job, side);
            if (*depth_m <= 0.0)
                depth_m.reset();
        }
    return now;
}

void setClawDepthNow(Job& job, std::optional<double> ClawDepth::*side, std::optional<double> depth_m) {
    job.card.clawDepth.*side = depth_m ? std::optional(*depth_m + drawnIn_m(job, side)) : std::nullopt;
}

std::optional<double> clawSlant_m(const Job& job) {
    const ClawDepth now = clawDepthNow(job);
    return now.bass_m && now.treble_m ? std::optional(*now.bass_m - *now.treble_m) : std::nullopt;
}

} // namespace flenzo
