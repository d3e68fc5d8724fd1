// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/listening/simulated_hand.h"

#include "core/statics/pitch.h"

#include <tuple>

namespace flenzo {

namespace {

constexpr double afterPluck_s = 1.5, afterPeg_s = 3.4, afterAct_s = 0.5;
constexpr double turn_s = 1.8;

bool isOver(const NextAct& next) {
    return next.what == NextAct::Do::Done || next.what == NextAct::Do::Stuck || next.what == NextAct::Do::Leave;
}

} // namespace

SimulatedHand::SimulatedHand(Session& session, BenchEntry& bench, SimulatedSource* source, QObject* parent)
    : QObject(parent), session_(session), bench_(bench), source_(source) {
    connect(source, &SimulatedSource::made, this, &SimulatedHand::listenOn);
}

void SimulatedHand::listenOn(double made_s) {
    if (made_s < free_s_ || !session_.job().simulatedSeed)
        return;
    const NextAct& next = session_.derived().next();
    if (!isOver(next))
        act(next);
}

void SimulatedHand::pluck(const SimulatedGuitar& guitar, std::size_t string, std::optional<double> to_cents) {
    const double target_Hz = session_.job().rig.strings[string].target_Hz, from_cents = guitar.reading_cents(string);
    PluckedString sound;
    sound.first_Hz = frequencyAt_Hz(target_Hz, to_cents.value_or(from_cents));
    sound.stretch = 5e-5;
    sound.fades_s = to_cents ? 9.0 : 5.0;
    if (to_cents) {
        sound.turned_cents = *to_cents - from_cents;
        sound.turnFrom_s = 0.1;
        sound.turnFor_s = turn_s;
    }
    source_->pluck(sound);
    free_s_ = source_->made_s() + (to_cents ? afterPeg_s : afterPluck_s);
}

void SimulatedHand::act(const NextAct& next) {
    SimulatedGuitar guitar(benchJobOf(session_.job()), UncertaintyModel(), *session_.job().simulatedSeed);
    guitar.follow(session_.job().log);
    if (next.what == NextAct::Do::Tune) {
        // The hand misses its aim by a little, as the guitar's own answer does.
        pluck(guitar, next.aim.string, guitar.answer(next).to_cents);
    } else if (next.what == NextAct::Do::Read && !next.strings.empty()) {
        // Those that are not read yet in this act, one after the other: each reading makes the next act.
        pluck(guitar, next.strings.front(), std::nullopt);
    } else if (next.what == NextAct::Do::Stretch) {
        const Event pulled = guitar.answer(next);
        guitar.follow(pulled);
        pluck(guitar, next.aim.string, std::nullopt);
    } else {
        std::ignore = bench_.letSimulationAnswer();
        free_s_ = source_->made_s() + afterAct_s;
    }
}

} // namespace flenzo
