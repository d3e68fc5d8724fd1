// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/job/job.h"

#include "core/setup/lock.h"
#include "core/statics/note.h"
#include "domain/job/claw_depth.h"
#include "domain/job/claw_methods.h"

#include <algorithm>
#include <array>

namespace flenzo {

namespace {

struct NominalString {
    const char* item;
    const char* note;
    double gauge_thou, core_thou;
};
constexpr std::array<NominalString, 6> nominalSet{{{"nickel-plated-48", "E2", 48, 17},
                                                   {"nickel-plated-38", "A2", 38, 16},
                                                   {"nickel-plated-28", "D3", 28, 14},
                                                   {"plain-18", "G3", 18, 0},
                                                   {"plain-14", "B3", 14, 0},
                                                   {"plain-10.5", "E4", 10.5, 0}}};

RigString nominalString(std::size_t i, double a4_Hz) {
    const NominalString& nominal = nominalSet[i];
    RigString string;
    string.name = std::to_string(nominalSet.size() - i);
    string.wire.gauge_m = nominal.gauge_thou * metresPerThou;
    string.wire.core_m = nominal.core_thou * metresPerThou;
    string.nutTail_m = 0.050 + 0.025 * static_cast<double>(i);
    string.target_Hz = noteFrequency_Hz(*parseNote(nominal.note), a4_Hz);
    return string;
}

} // namespace

Job newJob() {
    Job job;
    for (std::size_t i = 0; i < nominalSet.size(); ++i) {
        job.rig.strings.push_back(nominalString(i, job.referencePitch_Hz));
        job.onPicks.strings.push_back({QLatin1String(nominalSet[i].item), QLatin1String(nominalSet[i].note)});
        job.off.push_back({job.rig.strings[i].wire, job.rig.strings[i].target_Hz});
    }
    job.offPicks = job.onPicks;
    for (const double slot : {0.25, 0.5, 0.75}) {
        Spring spring;
        spring.slot = slot;
        job.rig.springs.push_back(spring);
    }
    job.rig.claw.lead_m = 0.0016;
    job.method.order = orderOf(OrderKind::LowToHigh, nominalSet.size());
    return withClawFromOldSet(std::move(job));
}

bool hasFineTuners(const Job& job) {
    const Bridge& bridge = job.rig.bridge;
    return bridge.has().clampsAtSaddle || bridge.has().tunersAtBridge ||
           std::any_of(job.rig.strings.begin(), job.rig.strings.end(),
                       [](const RigString& string) { return string.finePerTurn_m > 0.0; });
}

Wraps wrapsOnThis(const Job& job) {
    const bool clamped = job.card.tuners == Tuners::Locking || job.card.tuners == Tuners::AtBridge;
    return clamped ? Wraps::Clamped : job.method.wraps;
}

namespace {

/// What each string is to read before the nut is locked: the other way from what locking did last time, or from what it
/// is computed to do. Empty where nothing is known of it, or nothing is locked. No clamp moves a string further than
/// `mostClampShift_cents`: that one slipped, and is no guide.
std::vector<double> leadBeforeLocking_cents(const Job& job) {
    std::vector<double> lead = job.card.clampShift_cents;
    if (job.card.nut == Nut::Open)
        return {};
    if (lead.size() == job.rig.strings.size()) {
        for (double& cents : lead)
            cents = std::abs(cents) <= mostClampShift_cents ? -cents : 0.0;
        return lead;
    }
    const auto lifted = [](const RigString& string) { return string.clampLift_m > 0.0; };
    if (std::none_of(job.rig.strings.begin(), job.rig.strings.end(), lifted))
        return {};
    const LevelSolution level = levelSolution(job.rig, bareState(job.rig), job.goal);
    return level.balanced() ? readingsBeforeLocking_cents(job.rig, level) : std::vector<double>();
}

} // namespace

OldSet Job::oldSet() const {
    OldSet old{off, springsBefore, wasLevel, oldAngle_rad};
    if (wasLevel && liesOnStop(rig, oldAngle_rad)) { // no plate goes beyond its stop, whatever was typed
        old.angle_rad = rig.bridge.rearStop_rad;
        old.pressed_Nm = goal.deckLoad_Nm > 0.0 ? goal.deckLoad_Nm : usualDeckLoad_Nm;
    }
    return old;
}

BenchJob benchJobOf(const Job& job) {
    WorkMethod method = job.method;
    method.wraps = wrapsOnThis(job);
    std::optional<Prior> prior = job.prior;
    if (!prior && job.shopPrior)
        prior = job.shopPrior->prior;
    Goal goal = job.goal;
    goal.lead_cents = leadBeforeLocking_cents(job);
    return {job.startRig.value_or(job.rig),
            job.oldSet(),
            job.slackStart_cents,
            goal,
            method,
            job.pace,
            job.tools,
            job.log,
            prior};
}

Job nextJob(const Job& last, const Estimate& guitar, const QDate& on) {
    Job job = last;
    job.card.clawDepth = clawDepthNow(last); // by what this job turned
    job.log.clear();
    job.raw = {};
    job.off.clear();
    for (const RigString& string : last.rig.strings)
        job.off.push_back({string.wire, string.target_Hz});
    job.offPicks = last.onPicks;
    job.springsBefore.clear();
    job.wasLevel = true;
    job.oldAngle_rad = last.goal.angle_rad;
    job.prior = guitar.learned;
    job.shopPrior.reset();
    job.rig.nutLocked = false;
    job.rig.claw.turns = guitar.state.claw;
    job.startRig.reset();
    job.simulatedSeed.reset();
    job.work = {};
    job.work.methods = last.work.methods;
    job.work.extras = last.work.extras;
    job.method.stretch = last.method.stretch || last.work.broken; // a whole set again
    job.work.received = on;
    return job;
}

Job withClawFromOldSet(Job job) {
    // A claw that somebody counted, or that an earlier job left there, is no guess to be replaced.
    const bool known = job.prior || job.measured.count(QStringLiteral("claw.bass")) > 0 ||
                       job.measured.count(QStringLiteral("claw.treble")) > 0;
    if (job.wasLevel && job.log.empty() && !known)
        if (const auto claw = clawBefore(job.rig, job.oldSet()))
            job.rig.claw.turns = *claw;
    return job;
}

QString clawWayName(ClawMethod way) {
    return nameOf(clawWayNames, way);
}

ClawMethod clawWayNamed(const QString& name) {
    return named(clawWayNames, name).value_or(ClawMethod::EachScrew);
}

} // namespace flenzo
