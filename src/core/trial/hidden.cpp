// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/trial/hidden.h"

#include "core/balance/readings.h"
#include "core/base/dice.h"
#include "core/strings/pitch.h"

#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

enum Stream : std::uint32_t { Build = 1, Start = 2, FirstEvent = 16 };

} // namespace

Rig hiddenGuitar(const Rig& nominal, const std::vector<SetString>& off, double oldAngle_rad, const Spread& spread,
                 std::uint32_t seed) {
    Dice dice(seed, Build);
    Departure by;
    by.springRate = dice.normal(spread.springRate);
    by.initialTension = dice.normal(spread.initialTension);
    by.hookDepth_m = dice.normal(spread.arm_m);
    by.stringHeight_m = dice.normal(spread.arm_m);
    by.clawLead = dice.normal(spread.clawLead);
    return departed(nominal, by, off, oldAngle_rad);
}

State hiddenState(const Rig& hidden, const Spread& spread, std::uint32_t seed, const std::vector<Event>& log) {
    Dice dice(seed, Start);
    std::vector<double> offsets_cents(hidden.strings.size());
    for (double& offset : offsets_cents)
        offset = dice.between(-400.0, -200.0);
    State state = stringUp(hidden, bareState(hidden), offsets_cents, 0.0).state;
    for (std::size_t e = 0; e < log.size(); ++e) {
        Event event = log[e];
        Dice noise(seed, FirstEvent + static_cast<std::uint32_t>(e));
        if (event.kind == Event::Kind::Read)
            continue;
        if (event.kind == Event::Kind::Tuned)
            event.to_cents -= noise.normal(spread.tuner_cents);
        if (event.kind == Event::Kind::Claw) {
            const double hand = 1.0 + noise.normal(spread.clawHand);
            event.turns = {event.turns.bass * hand, event.turns.treble * hand};
        }
        state = replay(hidden, state, {event}).back().state;
    }
    return state;
}

Event hiddenAnswer(const Rig& hidden, const Spread& spread, std::uint32_t seed, const std::vector<Event>& log,
                   const NextAct& act) {
    Dice noise(seed, FirstEvent + static_cast<std::uint32_t>(log.size()));
    const auto rounded = [](double value, double step) { return std::round(value / step) * step; };
    Event event;
    switch (act.what) {
    case NextAct::Do::Tune: {
        const double heard = noise.normal(spread.tuner_cents);
        event = Event::tuned(act.aim.string, rounded(act.aim.cents + noise.normal(spread.peg_cents) + heard, 0.1));
        event.aim_cents = act.aim.cents;
        break;
    }
    case NextAct::Do::Claw:
        event = Event::claw(act.turns);
        break;
    case NextAct::Do::Unblock:
        event.kind = Event::Kind::Unblock;
        break;
    case NextAct::Do::Read: {
        const State state = hiddenState(hidden, spread, seed, log);
        const std::vector<double> truth = readings_cents(hidden, state);
        for (const std::size_t string : act.strings)
            if (std::isfinite(truth[string]))
                event.readings_cents.emplace_back(string,
                                                  rounded(truth[string] + noise.normal(spread.tuner_cents), 0.1));
        if (act.gap)
            event.gap_m =
                rounded(std::max(0.0, gapAt_m(hidden.bridge, state.angle_rad) + noise.normal(spread.gap_m)), 1e-5);
        break;
    }
    case NextAct::Do::Done:
    case NextAct::Do::Stuck:
        break;
    }
    return event;
}

} // namespace flenzo
