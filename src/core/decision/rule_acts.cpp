// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/decision/rule_acts.h"

#include "core/decision/strength.h"
#include "core/operations/slide.h"
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

/// The string that a turn of the claw would bring too near to breaking, and what it would then pull (N).
std::optional<std::pair<std::size_t, double>> overpulledBy(const Situation& now, const ClawTurns& turns) {
    BalanceEquation equation(now.rig, now.state);
    equation.addMoment(now.cancelled_Nm);
    equation.setClaw(now.rig, {now.state.claw.bass + turns.bass, now.state.claw.treble + turns.treble});
    const double angle_rad = restAfter(now, equation).angle_rad;
    const auto string = overpulled(now, equation, angle_rad);
    if (!string)
        return std::nullopt;
    return std::pair(*string, equation.tension_N(*string, angle_rad));
}

} // namespace

NextAct turnClaw(const Situation& now, double mean_turns) {
    NextAct act = plain(now, Do::Claw);
    // Under a block there is nothing to look at between two steps.
    double goes = now.state.block ? mean_turns : now.hand.atOneGo_turns(mean_turns);
    act.turns = now.hand.dealt(goes, now.state.claw);
    if (act.turns.mean() == 0.0)
        act.turns = now.hand.dealt(std::copysign(now.hand.step_turns, mean_turns), now.state.claw);
    for (auto over = overpulledBy(now, act.turns); over; over = overpulledBy(now, act.turns)) {
        const auto [string, pull_N] = *over;
        if (!act.spared)
            act.spared = {Spared::By::LessClaw, string, shareOfBreaking(now, string, pull_N)};
        goes = 0.5 * act.turns.mean();
        act.turns = now.hand.dealt(goes, now.state.claw);
        if (std::abs(goes) < now.hand.step_turns || act.turns.mean() == 0.0) { // not even a step: it is let down first
            const double room = mostPull_N(now, act.spared->string) /
                                (act.spared->share * breakingTension_N(now.nominal.strings[string].wire));
            NextAct down = tuneExactly(now, string, now.readings_cents[string] + 600.0 * std::log2(room));
            down.spared = act.spared;
            down.spared->by = Spared::By::LettingDown;
            return down;
        }
    }
    return act;
}

Aim aimAt(const Situation& now, std::size_t string, double off_cents) {
    return {string, off_cents + now.wanted_cents(string),
            frequencyAt_Hz(now.nominal.strings[string].target_Hz, off_cents)};
}

NextAct tuneTo(const Situation& now, std::size_t string, double z_cents) {
    NextAct act = plain(now, Do::Tune);
    const State& state = now.state;
    const double target_Hz = now.nominal.strings[string].target_Hz;
    BalanceEquation equation(now.rig, state);
    equation.addMoment(now.cancelled_Nm);
    equation.setRest(string, equation.unstretchedForPitch_m(string, frequencyAt_Hz(target_Hz, z_cents), now.home_rad));
    const double angle_rad = restAfter(now, equation).angle_rad;
    double f_Hz = equation.frequency_Hz(string, angle_rad);
    const double pull_N = equation.tension_N(string, angle_rad), most_N = mostPull_N(now, string);
    if (pull_N > most_N) {
        act.spared = {Spared::By::NotSoFar, string, shareOfBreaking(now, string, pull_N)};
        f_Hz = frequencyFor_Hz(f_Hz, pull_N, most_N);
    } else if (const auto other = overpulled(now, equation, angle_rad)) {
        act.spared = {Spared::By::OtherString, *other,
                      shareOfBreaking(now, *other, equation.tension_N(*other, angle_rad))};
    }
    act.aim = aimAt(now, string, cents(f_Hz, target_Hz));
    return act;
}

NextAct tuneExactly(const Situation& now, std::size_t string, double to_cents) {
    NextAct act = plain(now, Do::Tune);
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
