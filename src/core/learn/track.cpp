// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/learn/track.h"

#include "core/acts/acts.h"
#include "core/balance/readings.h"
#include "core/strings/pitch.h"

#include <Eigen/Dense>
#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

constexpr double unread_cents = 400.0;
/// Moment the learned model still leaves open at rest.
constexpr double restNoise_Nm = 0.006;
/// Share of what it predicts of every movement that it may be wrong about.
constexpr double openShare = 0.015;
/// A learned visit to the claw is known better than the hand that made it.
constexpr double handLearned = 0.35;
/// A first reading further off than this is taken as it is: the filter is linear.
constexpr double linear_cents = 40.0;

/// Shares the model may err by in the same way at every act, and on every string. They are not learned here, for the
/// fit has learned them already and from the same readings; they are only kept in mind, so that a dozen readings that
/// agree with the model do not make the plate surer than the model is.
enum Considered : Eigen::Index {
    PitchOfPlate, ///< what a movement of the plate does to the strings' pitch
    MomentOfWire, ///< what strings that are tuned do to the balance
    MomentOfClaw, ///< what the claw's turns do to it
    ConsideredCount
};

/// How readings and plate answer to small changes where the bridge rests: unknowns are each string's own cents at a
/// fixed plate, then the unexplained moment, then the considered shares, which by themselves move nothing.
struct Answer {
    Eigen::VectorXd centsPerRad;
    Eigen::RowVectorXd radPer; ///< plate angle per unknown
    Eigen::VectorXd own;       ///< moment per own cent
    [[nodiscard]] Eigen::RowVectorXd reading(Eigen::Index string) const {
        Eigen::RowVectorXd row = centsPerRad[string] * radPer;
        row[string] += 1.0;
        return row;
    }
};

Answer answerAt(const Rig& rig, const State& state) {
    const BalanceEquation equation(rig, state);
    const auto n = static_cast<Eigen::Index>(rig.strings.size());
    Answer answer{Eigen::VectorXd::Zero(n), Eigen::RowVectorXd::Zero(n + 1 + ConsideredCount),
                  Eigen::VectorXd::Zero(n)};
    for (Eigen::Index i = 0; i < n; ++i) {
        const auto string = static_cast<std::size_t>(i);
        const double f_Hz = equation.frequency_Hz(string, state.angle_rad);
        if (f_Hz <= 0.0)
            continue;
        answer.centsPerRad[i] = equation.centsPerRadian(string, state.angle_rad);
        answer.own[i] = equation.momentPerCent_Nm(string, f_Hz, state.angle_rad);
    }
    const Rest rest = findRest(equation, limitsOf(rig.bridge, state.block), state.angle_rad);
    if (rest.isHeld() || rest.stiffness_NmPerRad <= 0.0)
        return answer; // nothing moves the plate
    answer.radPer.head(n) = answer.own.transpose() / rest.stiffness_NmPerRad;
    answer.radPer[n] = 1.0 / rest.stiffness_NmPerRad;
    return answer;
}

class Tracker {
public:
    Tracker(const BenchJob& job, const Rig& rig, const State& start)
        : job_(job), rig_(rig), n_(static_cast<Eigen::Index>(rig.strings.size())) {
        now_.everRead.assign(rig.strings.size(), false);
        now_.state = start;
        Eigen::VectorXd deviation(n_ + 1 + ConsideredCount);
        deviation.head(n_).setConstant(unread_cents);
        deviation[n_] = restNoise_Nm;
        deviation.tail<ConsideredCount>().setConstant(openShare);
        covariance_ = deviation.cwiseAbs2().asDiagonal();
        computeAnew();
    }
    [[nodiscard]] const Standing& now() const { return now_; }

    void take(const Event& event, bool readSince) {
        if (event.kind == Event::Kind::Read) {
            read(event);
            return;
        }
        if (event.string >= rig_.strings.size())
            return;
        const State before = now_.state;
        if (event.turnsString())
            peg(event);
        else
            act(event, readSince);
        considerMovement(before);
        computeAnew();
        if (event.turnsString()) {
            now_.readings_cents[event.string] = now_.typed_cents[event.string] = event.to_cents;
            now_.measured[event.string] = now_.everRead[event.string] = true;
        }
    }

private:
    void computeAnew() {
        now_.readings_cents = readings_cents(rig_, now_.state);
        now_.measured.assign(rig_.strings.size(), false);
        now_.gapMeasured = now_.touching = false;
        now_.inRun.assign(rig_.strings.size(), false);
        now_.typed_cents.assign(rig_.strings.size(), 0.0);
        now_.readsInRow = 0;
        computeDeviations();
    }

    void computeDeviations() {
        const Answer answer = answerAt(rig_, now_.state);
        now_.deviations_cents.assign(rig_.strings.size(), 0.0);
        for (Eigen::Index i = 0; i < n_; ++i) {
            const Eigen::RowVectorXd row = answer.reading(i);
            now_.deviations_cents[static_cast<std::size_t>(i)] = std::sqrt(std::max(0.0, row.dot(row * covariance_)));
        }
        now_.deviation_rad = std::sqrt(std::max(0.0, answer.radPer.dot(answer.radPer * covariance_)));
    }

    void read(const Event& event) {
        Event left = event;
        takeFirstReadings(left);
        for (const auto& [string, reading] : event.readings_cents) {
            if (string >= rig_.strings.size())
                continue;
            const Answer answer = answerAt(rig_, now_.state);
            const double expected = readings_cents(rig_, now_.state)[string];
            if (std::isfinite(expected))
                update(answer.reading(static_cast<Eigen::Index>(string)), reading - expected, job_.spread.tuner_cents);
        }
        if (const auto angle = measuredAngle(event)) {
            const bool touchesAsBelieved = event.touches() && *angle >= now_.state.angle_rad;
            if (!touchesAsBelieved)
                takeAngle(*angle, event.plateDeviation_rad(job_.spread.gap_m / rig_.bridge.rearEdge_m));
            now_.gapMeasured = now_.angleEverRead = true;
            now_.touching = event.touches();
        }
        if (event.readings_cents.size() >= rig_.strings.size())
            ++now_.readsInRow;
        now_.readings_cents = readings_cents(rig_, now_.state);
        for (const auto& [string, reading] : event.readings_cents)
            if (string < rig_.strings.size()) {
                now_.typed_cents[string] = reading;
                now_.measured[string] = now_.everRead[string] = now_.inRun[string] = true;
            }
        now_.clawSinceRead_turns = 0.0;
        computeDeviations();
    }

    [[nodiscard]] std::optional<double> measuredAngle(const Event& event) const {
        if (event.angle_rad)
            return event.angle_rad;
        if (!event.gap_m)
            return std::nullopt;
        const double shown_rad = angleOfGap_rad(rig_.bridge, *event.gap_m);
        return event.touches() ? std::min(shown_rad, now_.state.angle_rad) : shown_rad;
    }

    /// Strings nobody has read, or that are far from what was expected, are set to what was read; the plate stays with
    /// the gauge if the model has it run away. Their unknowns are as wide as before, so the update that follows is
    /// right.
    void takeFirstReadings(const Event& event) {
        BalanceEquation held(rig_, now_.state);
        bool any = false;
        for (const auto& [string, reading] : event.readings_cents) {
            if (string >= rig_.strings.size())
                continue;
            const double expected = now_.readings_cents[string];
            if (now_.everRead[string] && std::abs(reading - expected) < linear_cents)
                continue;
            held.holdAtPitch(string, frequencyAt_Hz(rig_.strings[string].target_Hz, reading));
            const auto i = static_cast<Eigen::Index>(string);
            covariance_(i, i) += unread_cents * unread_cents;
            any = true;
        }
        if (!any)
            return;
        const Rest rest = findRest(held, limitsOf(rig_.bridge, now_.state.block), now_.state.angle_rad);
        double angle = rest.angle_rad;
        const bool stopped = rest.kind == RestKind::ForwardStop || rest.kind == RestKind::RearStop;
        const double measured = measuredAngle(event).value_or(now_.state.angle_rad);
        const bool lost = rest.kind == RestKind::NotFound || (stopped && std::abs(measured - angle) > radians(0.5));
        if (lost)
            angle = measured;
        for (const auto& [string, reading] : event.readings_cents)
            if (string < rig_.strings.size() &&
                !(now_.everRead[string] && std::abs(reading - now_.readings_cents[string]) < linear_cents))
                now_.state.rest_m[string] =
                    held.restForPitch_m(string, frequencyAt_Hz(rig_.strings[string].target_Hz, reading), angle);
        now_.state.angle_rad = angle;
        if (lost)
            now_.state.extraMoment_Nm -= BalanceEquation(rig_, now_.state).at(angle).moment_Nm;
        now_.state = settle(rig_, std::move(now_.state)).state;
    }

    void takeAngle(double measured_rad, double deviation_rad) {
        constexpr double lost_rad = radians(0.5);
        const Answer answer = answerAt(rig_, now_.state);
        const double off_rad = measured_rad - now_.state.angle_rad;
        if (answer.radPer[n_] == 0.0 && !now_.state.block && std::abs(off_rad) > lost_rad) {
            // The model has it on a stop where the gauge says it floats: the moment is wrong, not the gauge.
            Event gauge;
            gauge.angle_rad = measured_rad;
            now_.state = replay(rig_, now_.state, {gauge}).back().state;
            return;
        }
        believeTheGauge(answer.radPer, off_rad, deviation_rad);
        update(answer.radPer, off_rad, deviation_rad);
    }

    /// A gauge further off than both its noise and the belief allow says that the model errs by more than was thought:
    /// the unexplained moment is then as uncertain as it takes. Guitars are not the model, and a filter that is too
    /// sure of itself would explain the gauge away.
    void believeTheGauge(const Eigen::RowVectorXd& row, double off_rad, double deviation_rad) {
        constexpr double surprising = 3.0; ///< deviations
        const double variance = row.dot(row * covariance_) + deviation_rad * deviation_rad;
        const double missing = off_rad * off_rad / (surprising * surprising) - variance;
        if (missing > 0.0 && row[n_] != 0.0)
            covariance_(n_, n_) += missing / (row[n_] * row[n_]);
    }

    /// One scalar measurement of a linear combination of the unknowns.
    void update(const Eigen::RowVectorXd& row, double innovation, double noise) {
        const Eigen::VectorXd cross = covariance_ * row.transpose();
        const double variance = row.dot(cross) + noise * noise;
        if (!(variance > 0.0))
            return;
        Eigen::VectorXd gain = cross / variance;
        gain.tail<ConsideredCount>().setZero();
        const Eigen::MatrixXd explained = gain * cross.transpose();
        covariance_ += variance * gain * gain.transpose() - explained - explained.transpose();
        move(gain * innovation);
    }

    void move(const Eigen::VectorXd& by) {
        const BalanceEquation equation(rig_, now_.state);
        for (Eigen::Index i = 0; i < n_; ++i) {
            const auto string = static_cast<std::size_t>(i);
            const double f_Hz = equation.frequency_Hz(string, now_.state.angle_rad);
            if (f_Hz > 0.0)
                now_.state.rest_m[string] =
                    equation.restForPitch_m(string, frequencyAt_Hz(f_Hz, by[i]), now_.state.angle_rad);
        }
        now_.state.extraMoment_Nm += by[n_];
        now_.state = settle(rig_, std::move(now_.state)).state;
    }

    /// The string's own cents follow from its reading and whatever is uncertain of the plate.
    void peg(const Event& event) {
        const auto i = static_cast<Eigen::Index>(event.string);
        const double f_Hz = frequencyAt_Hz(rig_.strings[event.string].target_Hz, event.to_cents);
        now_.state = tunePeg(rig_, std::move(now_.state), event.string, f_Hz).state;
        const Answer answer = answerAt(rig_, now_.state);
        const Eigen::RowVectorXd pull = answer.centsPerRad[i] * answer.radPer;
        const double whole = 1.0 + pull[i];
        Eigen::RowVectorXd row = -pull / whole;
        row[i] = 0.0;
        const Eigen::RowVectorXd cross = row * covariance_;
        const double variance = cross.dot(row) + std::pow(job_.spread.tuner_cents / whole, 2);
        covariance_.row(i) = cross;
        covariance_.col(i) = cross.transpose();
        covariance_(i, i) = variance;
    }

    void act(const Event& event, bool readSince) {
        if (event.kind == Event::Kind::Claw) {
            const BalanceEquation before(rig_, now_.state);
            State turned = now_.state;
            turned.claw.bass += event.turns.bass;
            turned.claw.treble += event.turns.treble;
            const double moved_Nm = BalanceEquation(rig_, turned).at(now_.state.angle_rad).moment_Nm -
                                    before.at(now_.state.angle_rad).moment_Nm;
            now_.clawSinceRead_turns += event.turns.mean();
            covariance_(n_, n_) += std::pow(moved_Nm * job_.spread.clawHand * (readSince ? handLearned : 1.0), 2);
            consider(MomentOfClaw, n_, moved_Nm);
        }
        now_.state = replay(rig_, now_.state, {event}).back().state;
    }

    /// `unknown` has moved by `by` as the model says; it may have been more or less by the share.
    void consider(Considered share, Eigen::Index unknown, double by) {
        const Eigen::Index at = n_ + 1 + share;
        covariance_.row(unknown) += by * covariance_.row(at);
        covariance_.col(unknown) += by * covariance_.col(at);
    }

    void considerMovement(const State& before) {
        const BalanceEquation was(rig_, before), is(rig_, now_.state);
        consider(MomentOfWire, n_, is.parts(now_.state.angle_rad).strings_Nm - was.parts(before.angle_rad).strings_Nm);
        const Answer answer = answerAt(rig_, now_.state);
        for (Eigen::Index i = 0; i < n_; ++i)
            consider(PitchOfPlate, i, answer.centsPerRad[i] * (now_.state.angle_rad - before.angle_rad));
    }

    const BenchJob& job_;
    const Rig& rig_;
    Eigen::Index n_;
    Standing now_;
    Eigen::MatrixXd covariance_;
};

/// Looks at the plate on the way from one turn of the claw to the next: the fit has learned from them, and many like
/// them counted once more would make the plate surer than it is.
std::vector<bool> passingLooks(const std::vector<Event>& log) {
    std::vector<bool> passing(log.size(), false);
    const auto isClaw = [&](std::size_t e) { return e < log.size() && log[e].kind == Event::Kind::Claw; };
    for (const auto& run : readingRuns(log))
        if (run.first > 0 && isClaw(run.first - 1) && isClaw(run.second + 1) && isLook(log, run))
            std::fill_n(passing.begin() + static_cast<long>(run.first), run.second + 1 - run.first, true);
    return passing;
}

} // namespace

std::vector<Standing> track(const BenchJob& job, const Rig& learned, const State& start,
                            const std::vector<Event>& log) {
    Tracker tracker(job, learned, start);
    std::vector<Standing> standings{tracker.now()};
    std::size_t lastRead = 0;
    for (std::size_t e = 0; e < log.size(); ++e)
        if (log[e].kind == Event::Kind::Read)
            lastRead = e;
    const std::vector<bool> passing = passingLooks(log);
    for (std::size_t e = 0; e < log.size(); ++e) {
        if (!passing[e])
            tracker.take(log[e], e < lastRead);
        standings.push_back(tracker.now());
    }
    return standings;
}

} // namespace flenzo
