// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/derived.h"

#include "core/learn/learned.h"

namespace flenzo {

namespace {
constexpr int forecastPasses = 10;
}

Advice adviseTrying(const Job& job, Insight known) {
    const BenchJob bench = benchJobOf(job);
    known.fit.rig = corrected(bench, extended(known.fit.mean, LearnedLayout(bench)));
    return adviseFrom(bench, known);
}

Derived derive(const Job& job, const Insight& known) {
    Derived derived;
    const BenchJob bench = benchJobOf(job);
    derived.insight = learnFrom(bench, known);
    derived.advice = adviseFrom(bench, derived.insight);
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
    const bool comfortable = level.status == LevelStatus::Found &&
                             (job.goal.deckLoad_Nm > 0.0 || level.floatStiffness_NmPerRad >= comfortableFloat_NmPerRad);
    if (hasClaw(rig) && !comfortable) {
        derived.alternatives = alternativesFor(rig, job.goal, job.habit.order);
        derived.shortfall = shortfallOf(rig, job.goal);
    }
    derived.neutralBlock_m = blockThickness_m(job.goal.angle_rad, job.rig.bridge.rearEdge_m, job.rig.bridge.rearGap_m);
    return derived;
}

} // namespace flenzo
