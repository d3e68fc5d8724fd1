// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/methods/fine_tuners.h"

#include "core/operations/acts.h"
#include "domain/methods/method_figures.h"

#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

/// What a settled string gives yet: all pulls to come, the next of which is small.
double settlingLeft_cents(const Goal& goal, const StringSettling& string) {
    const double share = string.fit.now.share;
    return share > 0.0 ? std::min(string.nextDrop_cents, settledWithin_cents(goal)) / share : 0.0;
}

/// A tuner at the bridge that is the string's peg as well is moved by all tuning: where it is follows from no
/// preset.
bool followLocking(const Job& job) {
    return job.card.nut != Nut::Open && hasFineTuners(job) && job.card.tuners != Tuners::AtBridge;
}

/// What clamping leaves a string off by: one that was left the other way on purpose comes to pitch, and what is within
/// the tolerance asks for nothing. A string that is not near pitch yet will be tuned first.
double leftAfterClamping_cents(const Derived& derived, std::size_t string, double shift_cents) {
    const double now_cents = derived.now().shown_cents(string);
    const bool isNear = std::abs(now_cents) < AdvisorOptions().nearPitch_cents;
    const double lands_cents = shift_cents + (isNear ? now_cents : derived.advice.wanted_cents[string]);
    return std::copysign(std::max(0.0, std::abs(lands_cents) - derived.advice.pitchTolerance_cents), lands_cents);
}

} // namespace

void presetFineTuners(Job& job) {
    for (RigString& string : job.rig.strings)
        string.fineAt_turns = finePreset_turns(job);
}

std::vector<FineDemand> fineDemands(const Job& job, const Derived& derived) {
    const LevelSolution& level = derived.report.level;
    if (!followLocking(job) || !level.balanced())
        return {};
    Rig rig = derived.rig();
    for (std::size_t i = 0; i < rig.strings.size(); ++i) // as the job has them now, or would have them
        rig.strings[i].fineAt_turns = job.rig.strings[i].fineAt_turns;
    const std::vector<FineBudget> budgets = fineBudget(rig, lockNut(rig, level.state).state);
    if (std::any_of(budgets.begin(), budgets.end(), [](const FineBudget& one) { return one.perTurn_cents <= 0.0; }))
        return {};
    const std::vector<double>& last = job.card.clampShift_cents;
    const std::vector<double> shifts = last.size() == budgets.size() ? last : clampShift_cents(rig, level.state);
    const std::vector<StringSettling>& settling = derived.advice.guitar.settling;
    std::vector<FineDemand> demands;
    for (std::size_t i = 0; i < budgets.size(); ++i) {
        FineDemand demand;
        demand.shift_cents = leftAfterClamping_cents(derived, i, shifts[i]);
        demand.settling_cents = i < settling.size() ? settlingLeft_cents(job.goal, settling[i]) : 0.0;
        demand.forecast = fineForecast(budgets[i], demand.shift_cents, demand.settling_cents, assumedWear_cents);
        demands.push_back(demand);
    }
    return demands;
}

QStringList beyondFineTuners(const Job& job, const Derived& derived) {
    const TrackedState& now = derived.now();
    if (!followLocking(job) || !now.state.nutLocked)
        return {};
    const std::vector<FineBudget> budgets = fineBudget(derived.rig(), now.state);
    QStringList names;
    for (std::size_t i = 0; i < budgets.size(); ++i) {
        const double off_cents = now.shown_cents(i); // sharp goes down
        const bool reaches = off_cents <= budgets[i].down_cents && -off_cents <= budgets[i].up_cents;
        if (budgets[i].perTurn_cents > 0.0 && std::isfinite(off_cents) && !reaches)
            names.append(QString::fromStdString(job.rig.strings[i].name));
    }
    return names;
}

} // namespace flenzo
