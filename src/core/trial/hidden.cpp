// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/trial/hidden.h"

#include "core/acts/acts.h"
#include "core/balance/readings.h"
#include "core/base/dice.h"
#include "core/strings/pitch.h"

#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

enum Stream : std::uint32_t { Build = 1, Start = 2, Wire = 3, FirstEvent = 16 };

Rig hiddenRig(const BenchJob& job, std::uint32_t seed) {
    Dice dice(seed, Build);
    Departure by;
    by.springRate = dice.normal(job.spread.springRate);
    by.initialTension = dice.normal(job.spread.initialTension);
    by.hookDepth_m = dice.normal(job.spread.arm_m);
    by.stringHeight_m = dice.normal(job.spread.arm_m);
    by.clawLead = dice.normal(job.spread.clawLead);
    Rig rig = job.rig;
    Dice wire(seed, Wire);
    for (RigString& string : rig.strings)
        string.wire.stiffness_N = axialStiffness_N(string.wire) * (1.0 + wire.normal(job.spread.stringStiffness));
    return departed(rig, by, job.old);
}

double rounded(double value, double step) {
    return std::round(value / step) * step;
}

} // namespace

HiddenGuitar::HiddenGuitar(const BenchJob& job, std::uint32_t seed)
    : rig_(hiddenRig(job, seed)), spread_(job.spread), seed_(seed) {
    Dice dice(seed, Start);
    std::vector<double> offsets_cents(rig_.strings.size());
    for (double& offset : offsets_cents)
        offset = dice.between(-400.0, -200.0);
    state_ = stringUp(rig_, bareState(rig_), offsets_cents, 0.0).state;
    if (job.habit.stretch)
        for (const RigString& string : rig_.strings) {
            const Settling usual = usualSettling(string.wire, job.habit.wraps, job.habit.pullShare);
            const double left_m = usual.left_m * std::exp(dice.normal(0.5));
            settling_.push_back({left_m, usual.share * dice.between(0.73, 1.27)});
        }
}

void HiddenGuitar::hear(const std::vector<Event>& log) {
    for (const Event& event : log)
        hear(event);
}

void HiddenGuitar::hear(const Event& logged) {
    Event event = logged;
    Dice noise(seed_, FirstEvent + heard_++);
    switch (event.kind) {
    case Event::Kind::Read:
        return;
    case Event::Kind::Stretched:
        if (event.string < settling_.size() && state_.rest_m[event.string] > 0.0)
            state_ =
                setRest(rig_, state_, event.string, state_.rest_m[event.string] + settling_[event.string].stretch())
                    .state;
        return;
    case Event::Kind::Tuned:
    case Event::Kind::Fine:
        if (event.string < rig_.strings.size())
            state_ = tunePeg(rig_, std::move(state_), event.string,
                             frequencyAt_Hz(rig_.strings[event.string].target_Hz,
                                            event.to_cents - noise.normal(spread_.tuner_cents)))
                         .state;
        return;
    case Event::Kind::Claw: {
        const double hand = 1.0 + noise.normal(spread_.clawHand);
        event.turns = {event.turns.bass * hand, event.turns.treble * hand};
        break;
    }
    default:
        break;
    }
    state_ = replay(rig_, state_, {event}).back().state;
}

Event HiddenGuitar::answer(const NextAct& act) const {
    Dice noise(seed_, FirstEvent + heard_);
    const auto readCents = [&](const State& state, std::size_t string) {
        const double truth =
            cents(BalanceEquation(rig_, state).frequency_Hz(string, state.angle_rad), rig_.strings[string].target_Hz);
        return rounded(truth + noise.normal(spread_.tuner_cents), 0.1);
    };
    Event event;
    switch (act.what) {
    case NextAct::Do::Tune: {
        const double heard = noise.normal(spread_.tuner_cents);
        event = Event::tuned(act.aim.string, rounded(act.aim.cents + noise.normal(spread_.peg_cents) + heard, 0.1));
        event.aim_cents = act.aim.cents;
        if (state_.nutLocked)
            event.kind = Event::Kind::Fine;
        break;
    }
    case NextAct::Do::Claw:
        event = Event::claw(act.turns);
        break;
    case NextAct::Do::Unblock:
        event.kind = Event::Kind::Unblock;
        break;
    case NextAct::Do::Stretch: {
        event.kind = Event::Kind::Stretched;
        event.string = act.aim.string;
        event.from_cents = readCents(state_, event.string);
        HiddenGuitar after = *this;
        after.hear(event);
        event.to_cents = readCents(after.state_, event.string);
        break;
    }
    case NextAct::Do::Read: {
        const std::vector<double> truth = readings_cents(rig_, state_);
        for (const std::size_t string : act.strings)
            if (const double read = truth[string] + noise.normal(spread_.tuner_cents); std::isfinite(read))
                event.readings_cents.emplace_back(string, rounded(read, 0.1));
        if (act.gap)
            event.gap_m =
                rounded(std::max(0.0, gapAt_m(rig_.bridge, state_.angle_rad) + noise.normal(spread_.gap_m)), 1e-5);
        break;
    }
    case NextAct::Do::Done:
    case NextAct::Do::Stuck:
        break;
    }
    return event;
}

} // namespace flenzo
