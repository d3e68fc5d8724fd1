// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/trial/rehearsal.h"

#include "core/acts/acts.h"
#include "core/balance/readings.h"
#include "core/strings/pitch.h"
#include "core/trial/hidden.h"

#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

/// What a technician who knows everything knows: readings count as measured where somebody just took them.
Standing standingOf(const HiddenGuitar& guitar, const std::vector<Event>& log) {
    const std::size_t strings = guitar.rig().strings.size();
    Standing now;
    now.state = guitar.state();
    now.readings_cents = readings_cents(guitar.rig(), now.state);
    now.typed_cents = now.readings_cents;
    now.everRead.assign(strings, true);
    now.angleEverRead = true;
    const bool justRead = !log.empty() && log.back().kind == Event::Kind::Read;
    now.measured.assign(strings, justRead);
    now.inRun.assign(strings, justRead);
    now.gapMeasured = justRead;
    for (auto event = log.rbegin(); event != log.rend() && event->kind == Event::Kind::Read; ++event)
        ++now.readsInRow;
    if (!log.empty() && log.back().kind == Event::Kind::Claw)
        now.clawSinceRead_turns = log.back().turns.mean();
    if (!log.empty() && log.back().turnsString())
        now.measured[log.back().string] = true;
    return now;
}

Known knownOf(const BenchJob& job, const HiddenGuitar& guitar, const std::vector<Event>& log) {
    Known known;
    known.spread = job.spread;
    known.stretching = !log.empty() && log.back().kind == Event::Kind::Stretched;
    known.pegInHand = turnsOfPegInHand(log);
    takeClawVisits(known, log, job.habit, guitar.rig(), levelSolution(guitar.rig(), guitar.state(), job.goal),
                   job.goal);
    known.passes = static_cast<int>(passesOf(log).size());
    for (std::size_t i = 0; i < guitar.settling().size(); ++i) {
        SettlingFit sure{guitar.settling()[i], 0.0, 0.0, 0};
        const double tolerance_m =
            settledWithin_cents(job.goal) * wirePerCent_m(guitar.rig(), guitar.state(), job.goal, i);
        known.stretchesLeft.push_back(stretchesNeeded(sure, tolerance_m).p50);
    }
    return known;
}

/// Brought back to pitch while other strings are still to come: nobody is more exact than this.
constexpr double broughtBack_cents = 10.0;
constexpr double aTone_cents = 200.0;

BenchJob withSteadyHand(BenchJob job) {
    job.log.clear();
    job.spread = {0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0};
    return job;
}

class Rehearsal {
public:
    Rehearsal(const BenchJob& asked, const Opening& opening)
        : asked_(asked), opening_(opening), job_(withSteadyHand(asked)), guitar_(job_, 1) {}

    Counts play() {
        if (opening_.oneByOne)
            changeOneByOne();
        if (opening_.block)
            putBlock();
        while (static_cast<int>(log_.size()) < rehearsalActs) {
            const NextAct next = advised();
            if (next.what == NextAct::Do::Done || next.what == NextAct::Do::Stuck)
                break;
            const bool tuned = next.what == NextAct::Do::Tune && isFirst(next.aim.string);
            if (next.what == NextAct::Do::Claw && opening_.slackenAtClaw && !guitar_.state().block)
                slacken();
            if (tuned && opening_.block && !opening_.block->aims && guitar_.state().block) {
                tuneUnderBlock();
                continue;
            }
            act(next);
            if (tuned && opening_.stretchEach)
                stretchFully(next);
        }
        return countsOf(log_, job_.pace);
    }

private:
    [[nodiscard]] NextAct advised() const {
        return nextAct(guitar_.rig(), job_.goal, job_.habit, standingOf(guitar_, log_),
                       tunedInThisPass(log_, job_.rig.strings.size()), knownOf(asked_, guitar_, log_));
    }
    void act(const NextAct& next) {
        if (next.what == NextAct::Do::Unblock && opening_.block)
            guitar_.stand(
                turnClaw(guitar_.rig(), guitar_.state(), ClawTurns().plus(opening_.block->clawError_turns)).state);
        hear(guitar_.answer(next));
    }
    void hear(const Event& event) {
        log_.push_back(event);
        guitar_.hear(event);
    }
    [[nodiscard]] bool isFirst(std::size_t string) const {
        return std::none_of(log_.begin(), log_.end(),
                            [&](const Event& event) { return event.tunes() && event.string == string; });
    }

    /// From the old set in tune: what is changed goes to pitch, and what that took from the others is given back.
    void changeOneByOne() {
        Rig mixed = asItWas(guitar_.rig(), job_.old);
        State state = bareState(mixed);
        state.angle_rad = job_.goal.angle_rad;
        state = landingAsIs(mixed, state, job_.goal).state;
        const auto toPitch = [&](std::size_t string) {
            state = tunePeg(mixed, state, string, mixed.strings[string].target_Hz).state;
            log_.push_back(Event::tuned(string, 0.0));
        };
        for (const std::size_t fresh : job_.habit.order) {
            mixed.strings[fresh] = guitar_.rig().strings[fresh];
            toPitch(fresh);
            for (const std::size_t other : job_.habit.order)
                if (other != fresh && std::abs(readings_cents(mixed, state)[other]) > broughtBack_cents)
                    toPitch(other);
        }
        guitar_.stand(settle(guitar_.rig(), std::move(state)).state); // springs go in or out at last
    }
    void putBlock() {
        Event event;
        event.kind = Event::Kind::Block;
        event.block.angle_rad = opening_.block->angle_rad;
        hear(event);
    }
    void tuneUnderBlock() {
        for (const std::size_t string : job_.habit.order)
            hear(Event::tuned(string, 0.0));
        NextAct out;
        out.what = NextAct::Do::Unblock;
        act(out);
    }
    void slacken() {
        const std::vector<double> stand = readings_cents(guitar_.rig(), guitar_.state());
        for (const std::size_t string : job_.habit.order)
            if (stand[string] > -aTone_cents / 2.0)
                hear(Event::tuned(string, -aTone_cents));
    }
    /// Pulled until it is settled, then brought back to where it was.
    void stretchFully(const NextAct& tune) {
        const std::vector<int> left = knownOf(asked_, guitar_, log_).stretchesLeft;
        const std::size_t string = tune.aim.string;
        if (string >= left.size() || left[string] == 0)
            return;
        NextAct stretch;
        stretch.what = NextAct::Do::Stretch;
        stretch.aim.string = string;
        for (int pulls = left[string]; pulls > 0; --pulls)
            act(stretch);
        act(tune);
    }

    const BenchJob& asked_;
    const Opening& opening_;
    BenchJob job_;
    HiddenGuitar guitar_;
    std::vector<Event> log_;
};

} // namespace

Counts rehearse(const BenchJob& job, const Opening& opening) {
    return Rehearsal(job, opening).play();
}

} // namespace flenzo
