// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/simulation/simulated_guitar.h"

#include "core/base/rounding.h"
#include "core/log/acted.h"
#include "core/log/rig_after.h"
#include "core/operations/acts.h"
#include "core/operations/slide.h"
#include "core/statics/pitch.h"

#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

enum Stream : std::uint32_t { Build = 1, Start = 2, OwnWire = 3, FirstEvent = 16 };

Rig departedRig(const BenchJob& job, const UncertaintyModel& spread, std::uint32_t seed) {
    RandomStream random(seed, Build);
    Perturbation by;
    by.springRate = random.normal(spread.springRate);
    by.initialTension = random.normal(spread.initialTension);
    by.hookDepth_m = random.normal(spread.arm_m);
    by.stringHeight_m = random.normal(spread.arm_m);
    by.clawLead = random.normal(spread.clawLead);
    Rig rig = job.rig;
    RandomStream wire(seed, OwnWire);
    for (RigString& string : rig.strings)
        string.wire.stiffness_N = axialStiffness_N(string.wire) * (1.0 + wire.normal(spread.stringStiffness));
    return perturbed(rig, by, job.old);
}

} // namespace

SimulatedGuitar::SimulatedGuitar(const BenchJob& job, const UncertaintyModel& spread, std::uint32_t seed)
    : rig_(departedRig(job, spread, seed)), spread_(spread), seed_(seed) {
    RandomStream random(seed, Start);
    std::vector<double> offsets_cents(rig_.strings.size());
    for (double& offset : offsets_cents)
        offset = random.between(-400.0, -200.0);
    state_ = stringUp(rig_, bareState(rig_), offsets_cents, 0.0).state;
    if (job.method.stretch)
        for (const RigString& string : rig_.strings) {
            const Settling usual = usualSettling(string.wire, job.method.wraps, job.method.pullShare);
            const double left_m = usual.left_m * std::exp(random.normal(0.5));
            settling_.push_back({left_m, usual.share * random.between(0.73, 1.27)});
        }
}

SimulatedGuitar::SimulatedGuitar(const Rig& rig, State state, std::vector<Settling> settling,
                                 const UncertaintyModel& spread, std::uint32_t seed)
    : rig_(rig), spread_(spread), seed_(seed), state_(std::move(state)), settling_(std::move(settling)) {}

void SimulatedGuitar::follow(const std::vector<Event>& log) {
    for (const Event& event : log)
        follow(event);
}

void SimulatedGuitar::follow(const Event& logged) {
    Event event = logged;
    RandomStream noise(seed_, FirstEvent + followed_++);
    const double was_rad = state_.angle_rad;
    switch (event.kind) {
    case Event::Kind::Read:
        return;
    case Event::Kind::Stretched:
        if (event.string < settling_.size() && state_.unstretchedLength_m[event.string] > 0.0)
            state_ = setRest(rig_, state_, event.string,
                             state_.unstretchedLength_m[event.string] + settling_[event.string].stretch())
                         .state;
        state_ = cameToRest(rig_, std::move(state_), was_rad);
        return;
    case Event::Kind::Tuned:
    case Event::Kind::Fine: {
        if (event.string >= rig_.strings.size())
            return;
        const double heard_Hz =
            frequencyAt_Hz(rig_.strings[event.string].target_Hz, event.to_cents - noise.normal(spread_.tuner_cents));
        state_ = turnedTo(rig_, std::move(state_), event.string, heard_Hz);
        return;
    }
    case Event::Kind::Claw: {
        const double hand = 1.0 + noise.normal(spread_.clawTurnError);
        event.turns = {event.turns.bass * hand, event.turns.treble * hand};
        break;
    }
    case Event::Kind::Strung:
        restring(event.string);
        break;
    case Event::Kind::Springs: {
        // Those that stay are what they were; others are as the event has them.
        std::vector<Spring> in = event.springs;
        std::copy_n(rig_.springs.begin(), std::min(in.size(), rig_.springs.size()), in.begin());
        event.springs = std::move(in);
        break;
    }
    default:
        break;
    }
    rig_ = rigAfter(std::move(rig_), event);
    state_ = acted(rig_, state_, event);
    if (event.kind != Event::Kind::Wiggle)
        state_ = cameToRest(rig_, std::move(state_), was_rad);
}

/// A new string, roughly as low as the others were.
void SimulatedGuitar::restring(std::size_t string) {
    constexpr double slack_cents = -300.0;
    state_.unstretchedLength_m[string] =
        BalanceEquation(rig_, state_)
            .unstretchedForPitch_m(string, frequencyAt_Hz(rig_.strings[string].target_Hz, slack_cents),
                                   state_.angle_rad);
    if (string < settling_.size())
        settling_[string] = usualSettling(rig_.strings[string].wire, Wraps::Usual);
}

double SimulatedGuitar::reading_cents(std::size_t string) const {
    return cents(BalanceEquation(rig_, state_).frequency_Hz(string, state_.angle_rad), rig_.strings[string].target_Hz);
}

double SimulatedGuitar::typed_cents(std::size_t string, RandomStream& noise) const {
    return roundedTo(reading_cents(string) + noise.normal(spread_.tuner_cents), 0.1);
}

Event SimulatedGuitar::answer(const NextAct& act) const {
    RandomStream noise(seed_, FirstEvent + followed_);
    Event event;
    switch (act.what) {
    case NextAct::Do::Tune: {
        const double heard = noise.normal(spread_.tuner_cents);
        event = Event::tuned(act.aim.string, roundedTo(act.aim.cents + noise.normal(spread_.peg_cents) + heard, 0.1));
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
        event.from_cents = typed_cents(event.string, noise);
        SimulatedGuitar after(rig_, state_, settling_, spread_, seed_);
        after.followed_ = followed_;
        after.follow(event);
        event.to_cents = after.typed_cents(event.string, noise);
        break;
    }
    case NextAct::Do::Read: {
        for (const std::size_t string : act.strings)
            if (const double read = typed_cents(string, noise); std::isfinite(read))
                event.readings_cents.emplace_back(string, read);
        if (act.gap && spread_.angle_rad > 0.0)
            event.angle_rad = roundedTo(state_.angle_rad + noise.normal(spread_.angle_rad), radians(0.01));
        else if (act.gap)
            event.gap_m =
                roundedTo(std::max(0.0, gapAt_m(rig_.bridge, state_.angle_rad) + noise.normal(spread_.gap_m)), 1e-5);
        break;
    }
    case NextAct::Do::String:
        event = Event::ofString(Event::Kind::Strung, act.aim.string);
        break;
    case NextAct::Do::Ask:
    case NextAct::Do::Done:
    case NextAct::Do::Leave:
    case NextAct::Do::Stuck:
        break;
    }
    return event;
}

Event SimulatedGuitar::perform(const NextAct& act) {
    Event event = answer(act);
    follow(event);
    return event;
}

} // namespace flenzo
