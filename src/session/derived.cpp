// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/derived.h"

namespace flenzo {

namespace {
constexpr int forecastPasses = 10;
}

Derived derive(const Job& job) {
    Derived derived;
    derived.report = reportChange(job.rig, job.off, job.goal, job.habit.order, job.slackStart_cents);
    derived.standings = replay(job.rig, startOf(job), job.log);
    derived.tuned = tunedInThisPass(job.log, job.rig.strings.size());
    derived.next = nextAct(job.rig, job.goal, job.habit, derived.now(), derived.tuned);
    derived.outlook = outlook(job.rig, job.goal, job.habit, derived.now(), derived.tuned, forecastPasses);
    const Level& level = derived.report.level;
    if (level.balanced()) {
        derived.couplingFactor = passFactor(coupling(job.rig, level.state), job.habit.order);
        derived.uncertainty = planUncertainty(job.rig, job.off, job.oldAngle_rad, job.goal, job.habit.order,
                                              job.slackStart_cents, Spread{});
    }
    derived.neutralBlock_m = blockThickness_m(job.goal.angle_rad, job.rig.bridge.rearEdge_m, job.rig.bridge.rearGap_m);
    return derived;
}

} // namespace flenzo
