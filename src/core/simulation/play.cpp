// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/simulation/play.h"

#include "core/base/random_stream.h"
#include "core/log/counts.h"
#include "core/planning/uncertainty.h"

#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

constexpr int mostActs = 400;

void judgeEnd(Played& played, const BenchGuitar& guitar, const BenchJob& job, const std::vector<Event>& log) {
    const std::size_t strings = job.rig.strings.size();
    const Counts counts = countsOf(log, strings, job.pace);
    played.passes = counts.passes;
    played.clawVisits = counts.clawVisits;
    played.stretches = counts.stretches;
    played.minutes = counts.minutes;
    played.readings = static_cast<int>(
        std::count_if(log.begin(), log.end(), [](const Event& event) { return event.kind == Event::Kind::Read; }));
    for (std::size_t i = 0; i < strings; ++i) {
        const double reading = guitar.reading_cents(i);
        played.worst_cents = std::max(played.worst_cents, std::isfinite(reading) ? std::abs(reading) : 1e4);
    }
    if (hasClaw(job.rig))
        played.plate_rad = std::abs(guitar.angle_rad() - job.goal.angle_rad);
}

/// A technician at one guitar who goes by tuner and eye.
class Technician {
public:
    Technician(const BenchJob& job, const ShopMethod& method, BenchGuitar& guitar, std::uint32_t seed,
               const PractisedHand& hand)
        : job_(job), method_(method), guitar_(guitar), hand_(hand), eye_(seed, 77),
          order_(orderOf(method.order, job.rig.strings.size())) {
        if (method.toTheGoal) {
            hand_.eye_rad = job.tools.angle_rad.value_or(job.tools.gap_m.value_or(UncertaintyModel{}.gap_m) /
                                                         job.rig.bridge.rearEdge_m);
            hand_.level_rad = job.goal.angleTolerance_rad;
            hand_.within_cents = job.goal.pitchTolerance_cents;
        }
    }

    Played work() {
        bool level = !hasClaw(job_.rig);
        for (int pass = 0; pass < hand_.mostPasses; ++pass) {
            const double near_cents = level ? hand_.within_cents : hand_.nearEnough_cents;
            tuneRound(pass == 0, near_cents);
            if (job_.method.stretch && pass < 4)
                stretchRound();
            readStrings();
            const double off_rad = look();
            level = !hasClaw(job_.rig) || std::abs(off_rad) <= hand_.level_rad;
            if (level && worst() <= hand_.within_cents) {
                played_.finished = true;
                break;
            }
            // One look ahead: strings that are still flat will bring the plate further forward.
            const double comes_rad = std::max(0.0, -mean()) / hand_.centsPerRadian;
            const double judged = off_rad + comes_rad;
            if (hasClaw(job_.rig) && worst() < 40.0 && std::abs(judged) > hand_.level_rad)
                turnClaw(std::copysign(step_turns(std::abs(judged)), judged));
        }
        judgeEnd(played_, guitar_, job_, log_);
        return played_;
    }

private:
    [[nodiscard]] double step_turns(double off_rad) {
        // A change of side says that the last step was too long.
        const double step = off_rad > hand_.wholeFrom_rad ? 1.0 : off_rad > hand_.halfFrom_rad ? 0.5 : 0.25;
        return method_.toTheGoal && off_rad < 2.0 * hand_.level_rad ? 0.125 : step;
    }
    void tune(std::size_t string, double to_cents) {
        NextAct act;
        act.what = NextAct::Do::Tune;
        act.aim = {string, to_cents, 0.0};
        perform(act);
        known_[string] = log_.back().to_cents;
    }
    void tuneRound(bool first, double near_cents) {
        known_.resize(order_.size(), -1e3);
        const auto bring = [&](std::size_t string) {
            if (first || std::abs(now(string)) > near_cents)
                tune(string, eye_.normal(0.3 * near_cents));
        };
        if (!method_.backChecks) {
            for (const std::size_t string : order_)
                bring(string);
            return;
        }
        constexpr double overshoot_cents = 150.0; // "a whole step sharp, by feel" on the lowest string
        tune(order_.front(), first ? overshoot_cents : 0.0);
        for (std::size_t k = 2; k <= order_.size(); ++k)
            for (std::size_t i = first && k < order_.size() ? 1 : 0; i < k; ++i)
                bring(order_[i]);
    }
    /// Plucked and looked at before the peg is touched.
    double now(std::size_t string) {
        NextAct act;
        act.strings = {string};
        perform(act);
        const Event& read = log_.back();
        known_[string] = read.readings_cents.empty() ? -1e3 : read.readings_cents.front().second;
        return known_[string];
    }
    void stretchRound() {
        for (std::size_t i = 0; i < order_.size(); ++i) {
            NextAct act;
            act.what = NextAct::Do::Stretch;
            act.aim.string = i;
            perform(act);
        }
    }
    void readStrings() {
        NextAct act;
        for (std::size_t i = 0; i < order_.size(); ++i)
            act.strings.push_back(i);
        perform(act);
        for (const auto& [string, cents] : log_.back().readings_cents)
            known_[string] = cents;
    }
    [[nodiscard]] double worst() const {
        double worst = 0.0;
        for (const double cents : known_)
            worst = std::max(worst, std::abs(cents));
        return worst;
    }
    [[nodiscard]] double mean() const {
        double sum = 0.0;
        for (const double cents : known_)
            sum += cents;
        return sum / static_cast<double>(known_.size());
    }
    /// Along the side of the guitar.
    double look() {
        return hasClaw(job_.rig) ? guitar_.angle_rad() - job_.goal.angle_rad + eye_.normal(hand_.eye_rad) : 0.0;
    }
    void turnClaw(double turns) {
        NextAct act;
        act.what = NextAct::Do::Claw;
        act.turns = ClawTurns{}.plus(turns);
        perform(act);
    }
    void perform(const NextAct& act) {
        log_.push_back(guitar_.perform(act));
        ++played_.acts;
    }

    const BenchJob& job_;
    const ShopMethod& method_;
    BenchGuitar& guitar_;
    PractisedHand hand_;
    RandomStream eye_;
    Order order_;
    Played played_;
    std::vector<double> known_;
    std::vector<Event> log_;
};

} // namespace

const std::vector<ShopMethod>& practisedMethods() {
    static const std::vector<ShopMethod> methods{
        {"low to high", OrderKind::LowToHigh, false, false},
        {"high to low", OrderKind::HighToLow, false, false},
        {"outer pairs", OrderKind::OuterPairs, false, false},
        {"lowest sharp, back-checks", OrderKind::LowToHigh, true, false},
        {"low to high, to the job's goal", OrderKind::LowToHigh, false, true},
    };
    return methods;
}

Played playByMethod(const BenchJob& job, const ShopMethod& method, BenchGuitar& guitar, std::uint32_t seed,
                    const PractisedHand& hand) {
    return Technician(job, method, guitar, seed, hand).work();
}

Played playByAdvice(const BenchJob& start, BenchGuitar& guitar, bool wantForecast, const AdvisorOptions& rules,
                    const EstimatorOptions& learning) {
    BenchJob job = start;
    job.log.clear();
    Played played;
    std::optional<Advice> advice;
    for (; played.acts < mostActs; ++played.acts) {
        Advice next = advise(job, advice ? &advice->guitar : nullptr, rules, learning);
        advice = std::move(next);
        if (wantForecast && !job.log.empty() && !played.forecast)
            played.forecast = remainingWork(job, *advice, {.threads = 1, .rules = rules});
        if (advice->act.what == NextAct::Do::Done || advice->act.what == NextAct::Do::Leave ||
            advice->act.what == NextAct::Do::Stuck) {
            played.finished = advice->act.what == NextAct::Do::Done;
            break;
        }
        job.log.push_back(guitar.perform(advice->act));
    }
    judgeEnd(played, guitar, job, job.log);
    return played;
}

} // namespace flenzo
