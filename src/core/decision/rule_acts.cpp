// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/decision/rule_acts.h"

#include "core/decision/strength.h"
#include "core/operations/slide.h"
#include "core/setup/lock.h"
#include "core/statics/pitch.h"

#include <cmath>

namespace flenzo {

using Do = NextAct::Do;

NextAct plain(const Situation& now, Do what) {
    NextAct act;
    act.what = what;
    act.hand = now.hand;
    act.level = now.level;
    return act;
}

NextAct readAll(const Situation& now) {
    NextAct act = plain(now, Do::Read);
    for (std::size_t i = 0; i < now.strings; ++i)
        if (now.isOn(i) && now.reads[i] <= now.fullReads)
            act.strings.push_back(i);
    act.gap = now.plateCounts && now.plateReads <= now.fullReads;
    return act;
}

NextAct readStrings(const Situation& now, std::vector<std::size_t> which) {
    NextAct act = plain(now, Do::Read);
    act.gap = std::erase(which, now.strings) > 0;
    act.strings = std::move(which);
    return act;
}

namespace {

Equilibrium restAfter(const Situation& now, const BalanceEquation& equation) {
    return slide(equation, limitsOf(now.rig.bridge, now.state.block), now.state.angle_rad,
                 now.rig.bridge.friction.pivot_Nm);
}

/// What a turn of the claw would bring too near to breaking.
std::optional<Overpulled> overpulledBy(const Situation& now, const ClawTurns& turns) {
    BalanceEquation equation(now.rig, now.state);
    equation.addMoment(now.cancelled_Nm);
    equation.setClaw(now.rig, {now.state.claw.bass + turns.bass, now.state.claw.treble + turns.treble});
    return overpulled(now, equation, restAfter(now, equation).angle_rad);
}

/// The cents by which a string must fall to pull so much less: f goes with the root of the pull.
double centsOfPull(double share) {
    return 600.0 * std::log2(share);
}

} // namespace

NextAct turnClaw(const Situation& now, double mean_turns) {
    NextAct act = plain(now, Do::Claw);
    // Under a block there is nothing to look at between two steps.
    const double goes = now.state.block ? mean_turns : now.hand.atOneGo_turns(mean_turns);
    act.turns = now.hand.dealt(goes, now.state.claw);
    if (act.turns.mean() == 0.0)
        act.turns = now.hand.dealt(std::copysign(now.hand.step_turns, mean_turns), now.state.claw);
    const auto over = overpulledBy(now, act.turns);
    if (!over)
        return act;
    act.spared = spared(now, Spared::By::LessClaw, *over);
    for (double less = 0.5 * act.turns.mean(); std::abs(less) >= now.hand.step_turns; less *= 0.5) {
        act.turns = now.hand.dealt(less, now.state.claw);
        if (!overpulledBy(now, act.turns))
            return act;
    }
    // Not even a step: it is let down first, by what the whole turn asks for.
    NextAct down = tuneExactly(now, over->string, now.readings_cents[over->string] + centsOfPull(over->room));
    down.spared = spared(now, Spared::By::First, *over);
    return down;
}

NextAct takeBlockOut(const Situation& now) {
    const NextAct out = plain(now, Do::Unblock);
    if (!clawIsWrong(now)) // then the plate comes to level, and every string to its pitch
        return out;
    State free = now.state;
    free.block.reset();
    BalanceEquation equation(now.rig, free);
    equation.addMoment(now.cancelled_Nm);
    const Equilibrium rest =
        slide(equation, limitsOf(now.rig.bridge, std::nullopt), now.state.angle_rad, now.rig.bridge.friction.pivot_Nm);
    const auto over = overpulled(now, equation, rest.angle_rad);
    if (!over)
        return out;
    NextAct claw = clawAtOnce(now); // on the block it moves nothing
    claw.spared = spared(now, Spared::By::First, *over);
    return claw;
}

Aim aimAt(const Situation& now, std::size_t string, double off_cents) {
    return {string, off_cents + now.wanted_cents(string),
            frequencyAt_Hz(now.nominal.strings[string].target_Hz, off_cents)};
}

namespace {

/// By how much a string that shall rise by `by_cents` can, where its fine tuner ends before; with nothing left that is
/// worth a turn the act is to leave it. A tuner at a headless bridge is the string's peg as well, and nobody knows
/// where it is.
double withinFineTuner_cents(const Situation& now, std::size_t string, double by_cents, NextAct& act) {
    if (!now.state.nutLocked || now.rig.bridge.has().tunersAtBridge || now.rig.strings[string].finePerTurn_m <= 0.0)
        return by_cents;
    const FineBudget budget = fineBudget(now.rig, now.state)[string];
    const double can_cents = std::clamp(by_cents, -budget.down_cents, budget.up_cents);
    if (std::abs(by_cents - can_cents) <= now.pitchTolerance_cents)
        return by_cents;
    act.spared = {Spared::By::FineTuner, string, 0.0, by_cents - can_cents};
    if (std::abs(can_cents) < 0.5 * now.pitchTolerance_cents)
        act.what = Do::Leave;
    return can_cents;
}

} // namespace

NextAct tuneTo(const Situation& now, std::size_t string, double z_cents) {
    NextAct act = plain(now, Do::Tune);
    const double from_cents = now.belief.z_cents[static_cast<Eigen::Index>(string)];
    z_cents = from_cents + withinFineTuner_cents(now, string, z_cents - from_cents, act);
    const State& state = now.state;
    const double target_Hz = now.nominal.strings[string].target_Hz;
    BalanceEquation equation(now.rig, state);
    equation.addMoment(now.cancelled_Nm);
    equation.setRest(string, equation.unstretchedForPitch_m(string, frequencyAt_Hz(target_Hz, z_cents), now.home_rad));
    const double angle_rad = restAfter(now, equation).angle_rad;
    double aim_cents = cents(equation.frequency_Hz(string, angle_rad), target_Hz);
    // So far off no plate that holds lets a string read: it has gone over to a stop, and the model is of no use here.
    constexpr double farthest_cents = 700.0;
    if (std::abs(aim_cents) > farthest_cents)
        return tuneExactly(now, string, 0.0);
    if (const auto over = overpulled(now, equation, angle_rad)) {
        act.spared = spared(now, over->string == string ? Spared::By::NotSoFar : Spared::By::OtherString, *over);
        if (over->string == string)
            aim_cents += centsOfPull(over->room);
    }
    act.aim = aimAt(now, string, aim_cents);
    return act;
}

NextAct tuneExactly(const Situation& now, std::size_t string, double to_cents) {
    NextAct act = plain(now, Do::Tune);
    const double from_cents = now.readings_cents[string];
    if (std::isfinite(from_cents))
        to_cents = from_cents + withinFineTuner_cents(now, string, to_cents - from_cents, act);
    act.aim = aimAt(now, string, to_cents);
    return act;
}

std::vector<std::size_t> stringsInOrder(const Situation& now) {
    std::vector<std::size_t> out;
    for (const std::size_t string : now.job.method.order)
        if (now.isOn(string))
            out.push_back(string);
    return out;
}

bool clawIsWrong(const Situation& now) {
    return floats(now.nominal, now.goal) && now.plateCounts &&
           std::abs(now.level.moreTurns) >= worthAStep * now.hand.step_turns;
}
NextAct clawAtOnce(const Situation& now) {
    return turnClaw(now, now.level.moreTurns);
}

} // namespace flenzo
