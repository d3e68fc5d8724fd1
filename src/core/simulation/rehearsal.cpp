// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/simulation/rehearsal.h"

#include "core/log/counts.h"
#include "core/operations/acts.h"
#include "core/simulation/simulated_guitar.h"
#include "core/statics/pitch.h"
#include "core/statics/readings.h"

#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

/// What somebody knows who knows everything: no log is solved for it.
Estimate allKnown(const BenchJob& job, const SimulatedGuitar& guitar, double unseenClaw_turns) {
    Estimate known;
    known.line = timelineOf(job);
    known.rig = guitar.rig();
    known.state = guitar.state();
    known.state.claw = known.state.claw.plus(-unseenClaw_turns);
    known.noise = {job.tools.tuner_cents.value_or(0.1), job.tools.gap_m.value_or(1e-5), 0.0};
    const RestModel model(guitar.rig(), job.goal.angle_rad);
    const auto n = static_cast<Eigen::Index>(job.rig.strings.size());
    known.covariance = 1e-6 * Eigen::MatrixXd::Identity(n + 1, n + 1); // nothing is drawn from it
    known.covariance(0, 0) = 1e-12;
    known.readingByAngle_radCents = Eigen::VectorXd::Zero(n);
    known.readingDeviation_cents = Eigen::VectorXd::Constant(n, 1e-3);
    known.readingCovariance = 1e-6 * Eigen::MatrixXd::Identity(n, n);
    known.readings_cents = readings_cents(known.rig, known.state);
    for (std::size_t i = 0; i < job.rig.strings.size(); ++i) {
        known.z_cents.push_back(
            model.zOfReading_cents(i, known.readings_cents[i], known.state.angle_rad, known.state.nutLocked));
        if (i >= guitar.settling().size())
            continue;
        StringSettling string;
        string.fit = {guitar.settling()[i], 0.0, 0.0, known.line.rests.back().given[i].pulls};
        string.nextDrop_cents = string.fit.now.nextDrop_m() * model.zPerMetre_cents(i);
        string.needed = stretchesNeeded(string.fit, settledWithin_cents(job.goal) / model.zPerMetre_cents(i));
        known.settling.push_back(string);
    }
    known.at.guitar = GuitarUnknowns(known.line.makes);
    known.guitarDeviation = Eigen::VectorXd::Zero(known.at.guitar.value.size());
    return known;
}

/// Brought back to pitch while other strings are still to come: nobody is more exact than this.
constexpr double broughtBack_cents = 10.0;
constexpr double aTone_cents = 200.0;

BenchJob withSteadyHand(BenchJob job) {
    job.log.clear();
    job.tools = {0.1, 1e-5, std::nullopt, 0.1};
    return job;
}

UncertaintyModel steady() {
    return {0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0};
}

class Rehearsal {
public:
    Rehearsal(const BenchJob& asked, const Opening& opening)
        : opening_(opening), job_(withSteadyHand(asked)), guitar_(withoutFriction(job_), steady(), 1) {}

    Counts play() {
        if (opening_.oneByOne)
            changeOneByOne();
        if (opening_.block)
            putBlock();
        while (static_cast<int>(paid_.size()) < rehearsalActs) {
            const double unseen = guitar_.state().block && opening_.block ? opening_.block->clawError_turns : 0.0;
            const NextAct next = adviseFrom(job_, allKnown(job_, guitar_, unseen)).act;
            if (next.what == NextAct::Do::Done || next.what == NextAct::Do::Stuck || next.what == NextAct::Do::Leave)
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
        return countsOf(paid_, job_.rig.strings.size(), job_.pace);
    }

private:
    static BenchJob withoutFriction(BenchJob job) {
        job.rig.bridge.friction.pivot_Nm = 0.0;
        return job;
    }
    void act(const NextAct& next) { enter(guitar_.answer(next)); }
    void enter(const Event& event) {
        paid_.push_back(event);
        job_.log.push_back(event);
        guitar_.follow(event);
    }
    [[nodiscard]] bool isFirst(std::size_t string) const {
        return std::none_of(job_.log.begin(), job_.log.end(),
                            [&](const Event& event) { return event.tunes() && event.string == string; });
    }

    /// From the old set in tune: what is changed goes to pitch, and what that took from the others is given back. The
    /// adviser comes in after it.
    void changeOneByOne() {
        Rig mixed = asItWas(guitar_.rig(), job_.old);
        State state = bareState(mixed);
        state.angle_rad = job_.goal.angle_rad;
        state = equilibriumAtPitch(mixed, state, job_.goal).state;
        const auto toPitch = [&](std::size_t string) {
            state = tunePeg(mixed, state, string, mixed.strings[string].target_Hz).state;
            paid_.push_back(Event::tuned(string, 0.0));
        };
        for (const std::size_t fresh : job_.method.order) {
            mixed.strings[fresh] = guitar_.rig().strings[fresh];
            toPitch(fresh);
            for (const std::size_t other : job_.method.order)
                if (other != fresh && std::abs(readings_cents(mixed, state)[other]) > broughtBack_cents)
                    toPitch(other);
        }
        guitar_.stand(flenzo::settle(guitar_.rig(), std::move(state)).state); // springs go in or out at last
    }
    /// Nobody sees over a block how far off the claw is.
    void putBlock() {
        Event event;
        event.kind = Event::Kind::Block;
        event.block.angle_rad = opening_.block->angle_rad;
        enter(event);
        guitar_.stand(
            turnClaw(guitar_.rig(), guitar_.state(), ClawTurns().plus(opening_.block->clawError_turns)).state);
    }
    void tuneUnderBlock() {
        for (const std::size_t string : job_.method.order)
            enter(Event::tuned(string, 0.0));
        NextAct out;
        out.what = NextAct::Do::Unblock;
        act(out);
    }
    void slacken() {
        const std::vector<double> stand = readings_cents(guitar_.rig(), guitar_.state());
        for (const std::size_t string : job_.method.order)
            if (stand[string] > -aTone_cents / 2.0)
                enter(Event::tuned(string, -aTone_cents));
    }
    /// Pulled until it is settled, then brought back to where it was.
    void stretchFully(const NextAct& tune) {
        const std::size_t string = tune.aim.string;
        if (string >= guitar_.settling().size())
            return;
        const RestModel model(job_.rig, job_.goal.angle_rad);
        const SettlingFit sure{guitar_.settling()[string], 0.0, 0.0, 0};
        int pulls = stretchesNeeded(sure, settledWithin_cents(job_.goal) / model.zPerMetre_cents(string)).p50;
        if (pulls == 0)
            return;
        NextAct stretch;
        stretch.what = NextAct::Do::Stretch;
        stretch.aim.string = string;
        for (; pulls > 0; --pulls)
            act(stretch);
        act(tune);
    }

    const Opening& opening_;
    BenchJob job_;
    SimulatedGuitar guitar_;
    std::vector<Event> paid_; ///< all that was done; the job's log holds what the adviser knows of
};

} // namespace

Counts rehearse(const BenchJob& job, const Opening& opening) {
    return Rehearsal(job, opening).play();
}

} // namespace flenzo
