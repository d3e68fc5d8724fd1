// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/derived.h"

namespace flenzo {

namespace {
constexpr int forecastPasses = 10;
}

Derived derive(const Job& job) {
    Derived derived;
    const BenchJob bench = benchJobOf(job);
    derived.advice = advise(bench);
    const Rig& rig = derived.rig();
    const OldSet old = correctedOld(bench, derived.advice.fit.mean);
    derived.report = reportChange(rig, old, job.goal, job.habit.order, job.slackStart_cents);
    derived.tuned = tunedInThisPass(job.log, rig.strings.size());
    derived.outlook = outlook(rig, job.goal, job.habit, derived.now(), derived.tuned, forecastPasses);
    derived.prospect = prospectOf(bench, derived.advice);
    const Level& level = derived.report.level;
    if (level.balanced()) {
        derived.couplingFactor = passFactor(coupling(rig, level.state), job.habit.order);
        derived.uncertainty = planUncertainty(rig, old, job.goal, job.habit.order, job.slackStart_cents, Spread{});
    }
    derived.neutralBlock_m = blockThickness_m(job.goal.angle_rad, job.rig.bridge.rearEdge_m, job.rig.bridge.rearGap_m);
    return derived;
}

} // namespace flenzo
