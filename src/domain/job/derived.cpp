// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/job/derived.h"

namespace flenzo {

namespace {

constexpr int forecastPasses = 10;

/// Before anything was read the plate is where it was said to be, not where new strings that nobody has seen would let
/// it sink.
void showAsSaid(const Job& job, TrackedState& now) {
    if (!job.wasLevel || !job.log.empty() || !hasClaw(job.rig))
        return;
    now.state.angle_rad = job.oldAngle_rad;
}

/// The plan's pass leaves every string where locking brings it to pitch.
void aimBeforeLocking(const BenchJob& bench, const Rig& rig, ChangeReport& report) {
    if (bench.goal.lead_cents.empty() || bench.rig.nutLocked || !report.level.balanced())
        return;
    const Rig wanted = asTunedNow(rig, bench.goal, false);
    LevelSolution before = report.level;
    const EquilibriumAtPitch landing = equilibriumAtPitch(wanted, report.level.state, bench.goal);
    if (!landing.stable)
        return;
    before.state = landing.state;
    const State slack = slackStart(rig, report.level.state.claw, bench.slackStart_cents);
    report.aimedPass = aimedPass(rig, slack, before, bench.method.order);
}

PlannedPasses outlookOf(const Derived& derived, const BenchJob& bench) {
    const State& now = derived.advice.guitar.state;
    const Rig wanted = asTunedNow(derived.rig(), bench.goal, now.nutLocked);
    PlannedPasses outlook = plannedPasses(wanted, bench.goal, bench.method, now, derived.tuned, forecastPasses);
    for (Pass& pass : outlook.passes)
        for (Aim& aim : pass.aims)
            aim.cents += derived.advice.wanted_cents[aim.string];
    return outlook;
}

} // namespace

Advice adviseTrying(const Job& job, Estimate known) {
    const BenchJob bench = benchJobOf(job);
    known.line.versions.back().rig = job.rig;
    known.rig = correctedRig(known.line.versions.back(), known.options, known.at.guitar);
    return adviseFrom(bench, std::move(known));
}

Derived derive(const Job& job, const Estimate* known) {
    Derived derived;
    const BenchJob bench = benchJobOf(job);
    derived.advice = advise(bench, known);
    derived.standings = trackedStates(bench, derived.advice.guitar);
    const Rig& rig = derived.rig();
    OldSet old = bench.old;
    correctSprings(old.springs, bench.rig.bridge.has().motion, derived.advice.guitar.options,
                   derived.advice.guitar.at.guitar);
    derived.report = reportChange(rig, old, job.goal, job.method.order, job.slackStart_cents);
    aimBeforeLocking(bench, rig, derived.report);
    derived.tuned = tunedInThisPass(job.log, rig.strings.size());
    derived.outlook = outlookOf(derived, bench);
    showAsSaid(job, derived.standings.front());
    const LevelSolution& level = derived.report.level;
    if (level.balanced()) {
        derived.couplingFactor = passFactor(coupling(rig, level.state), job.method.order);
        derived.uncertainty =
            planUncertainty(rig, old, job.goal, job.method.order, job.slackStart_cents, UncertaintyModel{});
    }
    const bool comfortable = level.status == LevelStatus::Found &&
                             (job.goal.deckLoad_Nm > 0.0 || level.floatStiffness_NmPerRad >= comfortableFloat_NmPerRad);
    if (hasClaw(rig) && !comfortable) {
        derived.alternatives = alternativesFor(rig, job.goal, job.method.order);
        derived.shortfall = shortfallOf(rig, job.goal);
    }
    derived.neutralBlock_m = gapAt_m(job.rig.bridge, job.goal.angle_rad);
    return derived;
}

Event tunedTo(const Derived& derived, double to_cents) {
    const Aim& aim = derived.next().aim;
    Event event = Event::tuned(aim.string, to_cents);
    event.aim_cents = aim.cents;
    if (derived.now().state.nutLocked)
        event.kind = Event::Kind::Fine; // the pegs reach no further than the clamp
    return event;
}

} // namespace flenzo
