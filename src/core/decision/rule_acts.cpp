// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/decision/rule_acts.h"

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

NextAct readStrings(const Situation& now, std::vector<std::size_t> strings) {
    NextAct act = plain(now, Do::Read);
    act.strings = std::move(strings);
    return act;
}

NextAct turnClaw(const Situation& now, double mean_turns) {
    NextAct act = plain(now, Do::Claw);
    // Under a block there is nothing to look at between two steps.
    const double goes = now.state.block ? mean_turns : now.hand.atOneGo_turns(mean_turns);
    act.turns = now.hand.dealt(goes, now.state.claw);
    if (act.turns.mean() == 0.0)
        act.turns = now.hand.dealt(std::copysign(now.hand.step_turns, mean_turns), now.state.claw);
    return act;
}

NextAct tuneTo(const Situation& now, std::size_t string, double z_cents) {
    NextAct act = plain(now, Do::Tune);
    const State& state = now.state;
    const double target_Hz = now.nominal.strings[string].target_Hz;
    BalanceEquation equation(now.guitar.rig, state);
    equation.addMoment(now.cancelled_Nm);
    equation.setRest(string, equation.unstretchedForPitch_m(string, frequencyAt_Hz(target_Hz, z_cents), now.home_rad));
    const Equilibrium rest = slide(equation, limitsOf(now.guitar.rig.bridge, state.block), state.angle_rad,
                                   now.guitar.rig.bridge.friction.pivot_Nm);
    const double f_Hz = equation.frequency_Hz(string, rest.angle_rad);
    act.aim = {string, cents(f_Hz, target_Hz), f_Hz};
    return act;
}

NextAct tuneExactly(const Situation& now, std::size_t string, double to_cents) {
    NextAct act = plain(now, Do::Tune);
    act.aim = {string, to_cents, frequencyAt_Hz(now.nominal.strings[string].target_Hz, to_cents)};
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
