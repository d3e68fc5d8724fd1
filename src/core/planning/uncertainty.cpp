// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/planning/uncertainty.h"

#include <array>
#include <cmath>

namespace flenzo {

namespace {

void depart(std::vector<Spring>& springs, const Perturbation& by) {
    for (Spring& spring : springs) {
        spring.rate_Npm *= 1.0 + by.springRate;
        spring.initial_N *= 1.0 + by.initialTension;
        spring.hook_m.y() += by.hookDepth_m;
        spring.anchor_m.y() += by.hookDepth_m;
    }
}

} // namespace

Rig perturbed(const Rig& nominal, const Perturbation& by, const OldSet& old) {
    Rig rig = nominal;
    rig.claw.lead_m *= 1.0 + by.clawLead;
    depart(rig.springs, by);
    OldSet before = old;
    depart(before.springs, by);
    for (RigString& string : rig.strings)
        string.saddle_m.y() += by.stringHeight_m;
    if (!hasClaw(rig))
        return rig;
    if (const auto stood = clawBefore(rig, before)) {
        const double shift_m = (stood->mean() - nominal.claw.turns.mean()) * rig.claw.lead_m;
        for (Spring& spring : rig.springs)
            spring.anchor_m.x() += shift_m;
    }
    return rig;
}

PlanUncertainty planUncertainty(const Rig& rig, const OldSet& old, const Goal& goal, const Order& order,
                                double slack_cents, const UncertaintyModel& spread) {
    struct Plan {
        double turns = 0.0;
        std::vector<double> aims;
    };
    const auto planOf = [&](const Perturbation& by) {
        const Rig other = perturbed(rig, by, old);
        const LevelSolution level = levelSolution(other, bareState(other), goal);
        Plan plan{level.moreTurns, std::vector<double>(rig.strings.size(), 0.0)};
        if (level.balanced())
            for (const Aim& aim : aimedPass(other, slackStart(other, level.state.claw, slack_cents), level, order).aims)
                plan.aims[aim.string] = aim.cents;
        return plan;
    };
    const std::array<Perturbation, 5> steps{
        Perturbation{spread.springRate, 0, 0, 0, 0}, Perturbation{0, spread.initialTension, 0, 0, 0},
        Perturbation{0, 0, spread.arm_m, 0, 0}, Perturbation{0, 0, 0, spread.arm_m, 0},
        Perturbation{0, 0, 0, 0, spread.clawLead}};
    const Plan nominal = planOf({});
    PlanUncertainty sum{std::pow(nominal.turns * spread.clawTurnError, 2),
                        std::vector<double>(rig.strings.size(), 0.0)};
    for (const Perturbation& step : steps) {
        const Plan moved = planOf(step);
        sum.claw_turns += std::pow(moved.turns - nominal.turns, 2);
        for (std::size_t i = 0; i < rig.strings.size(); ++i)
            sum.aims_cents[i] += std::pow(moved.aims[i] - nominal.aims[i], 2);
    }
    sum.claw_turns = std::sqrt(sum.claw_turns);
    for (double& value : sum.aims_cents)
        value = std::sqrt(value);
    return sum;
}

} // namespace flenzo
