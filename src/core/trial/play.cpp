// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/trial/play.h"

#include "core/balance/readings.h"

#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

constexpr int mostPasses = 80;
constexpr int mostActs = 400;
/// Practitioners judge the level once the strings are about this near.
constexpr double settled_cents = 12.0;
constexpr double finestClaw_turns = 1.0 / 16.0;
/// "A whole step sharp, by feel" on the lowest string.
constexpr double overshoot_cents = 150.0;

bool hasStableFloat(const Rig& hidden, const Goal& goal) {
    return levelSolution(hidden, bareState(hidden), goal).status == LevelStatus::Found;
}

void judgeEnd(Played& played, const HiddenGuitar& guitar, const Goal& goal) {
    const std::vector<double> truth = readings_cents(guitar.rig(), guitar.state());
    for (const double reading : truth)
        played.worst_cents = std::max(played.worst_cents, std::isfinite(reading) ? std::abs(reading) : 1e4);
    if (hasClaw(guitar.rig()))
        played.plate_rad = std::abs(guitar.state().angle_rad - goal.angle_rad);
}

/// A technician at one guitar who goes by tuner and gauge alone.
class Technician {
public:
    Technician(const BenchJob& job, const ShopHabit& habit, std::uint32_t seed)
        : job_(job), habit_(habit), guitar_(job, seed) {
        played_.stable = hasStableFloat(guitar_.rig(), job.goal);
    }

    Played work() {
        double step_turns = habit_.claw == ClawWay::CoarseThenQuarters ? 1.0 : 0.25;
        double last = 0.0;
        for (int pass = 0; pass < mostPasses; ++pass) {
            tuneRound(pass == 0);
            if (job_.habit.stretch && pass < 6)
                stretchRound();
            const Event read = readAll();
            const double worst = worstOf(read);
            const double off_rad =
                hasClaw(guitar_.rig()) ? angleOfGap_rad(job_.rig.bridge, *read.gap_m) - job_.goal.angle_rad : 0.0;
            const bool level = std::abs(off_rad) <= job_.goal.angleTolerance_rad;
            if (worst <= job_.goal.pitchTolerance_cents && level) {
                played_.finished = true;
                break;
            }
            if (worst > settled_cents || level)
                continue;
            // Coarse while far, a quarter near level; a change of sign says the step was too long.
            if (off_rad * last < 0.0 || std::abs(off_rad) < radians(0.6))
                step_turns = std::max(finestClaw_turns, std::min(step_turns, 0.25));
            if (off_rad * last < 0.0)
                step_turns = std::max(finestClaw_turns, step_turns / 2.0);
            last = off_rad;
            turnClaw(std::copysign(step_turns, off_rad));
        }
        const Counts counts = countsOf(log_, job_.pace);
        played_.passes = counts.passes;
        played_.clawVisits = counts.clawVisits;
        played_.stretches = counts.stretches;
        played_.minutes = counts.minutes;
        judgeEnd(played_, guitar_, job_.goal);
        return played_;
    }

private:
    void tune(std::size_t string, double to_cents) {
        NextAct act;
        act.what = NextAct::Do::Tune;
        act.aim = {string, to_cents, 0.0};
        hear(act);
    }
    void tuneRound(bool first) {
        const Order order = orderOf(habit_.order, job_.rig.strings.size());
        if (!habit_.backChecks) {
            for (const std::size_t string : order)
                tune(string, 0.0);
            return;
        }
        tune(order.front(), first ? overshoot_cents : 0.0);
        for (std::size_t k = 2; k <= order.size(); ++k)
            for (std::size_t i = first && k < order.size() ? 1 : 0; i < k; ++i)
                tune(order[i], 0.0);
    }
    void stretchRound() {
        for (std::size_t i = 0; i < job_.rig.strings.size(); ++i) {
            NextAct act;
            act.what = NextAct::Do::Stretch;
            act.aim.string = i;
            hear(act);
        }
    }
    Event readAll() {
        NextAct act;
        for (std::size_t i = 0; i < job_.rig.strings.size(); ++i)
            act.strings.push_back(i);
        act.gap = hasClaw(guitar_.rig());
        return hear(act);
    }
    void turnClaw(double turns) {
        NextAct act;
        act.what = NextAct::Do::Claw;
        act.turns = ClawTurns{}.plus(turns);
        hear(act);
    }
    Event hear(const NextAct& act) {
        Event event = guitar_.answer(act);
        guitar_.hear(event);
        ++played_.acts;
        log_.push_back(event);
        return event;
    }
    static double worstOf(const Event& read) {
        double worst = 0.0;
        for (const auto& reading : read.readings_cents)
            worst = std::max(worst, std::abs(reading.second));
        return worst;
    }

    const BenchJob& job_;
    const ShopHabit& habit_;
    HiddenGuitar guitar_;
    Played played_;
    std::vector<Event> log_;
};

} // namespace

const std::vector<ShopHabit>& shopHabits() {
    static const std::vector<ShopHabit> habits{
        {"low to high, quarter turns", OrderKind::LowToHigh, false, ClawWay::Quarters},
        {"high to low, quarter turns", OrderKind::HighToLow, false, ClawWay::Quarters},
        {"outer pairs, quarter turns", OrderKind::OuterPairs, false, ClawWay::Quarters},
        {"lowest sharp, back-checks, quarter turns", OrderKind::LowToHigh, true, ClawWay::Quarters},
        {"low to high, coarse then quarter", OrderKind::LowToHigh, false, ClawWay::CoarseThenQuarters},
    };
    return habits;
}

Played playByHabit(const BenchJob& job, const ShopHabit& habit, std::uint32_t seed) {
    return Technician(job, habit, seed).work();
}

Played playByAdvice(const BenchJob& start, std::uint32_t seed) {
    BenchJob job = start;
    job.log.clear();
    HiddenGuitar guitar(job, seed);
    Played played;
    played.stable = hasStableFloat(guitar.rig(), job.goal);
    Insight insight;
    for (; played.acts < mostActs; ++played.acts) {
        insight = learnFrom(job, insight);
        const Advice advice = adviseFrom(job, insight);
        if (!job.log.empty() && !played.forecast)
            played.forecast = prospectOf(job, advice);
        if (advice.doubt) { // it was an honest reading: the technician stands by it
            job.log[advice.doubt->misfit.event].confirmed = true;
            insight = {};
            continue;
        }
        if (advice.act.what == NextAct::Do::Done || advice.act.what == NextAct::Do::Stuck) {
            played.finished = advice.act.what == NextAct::Do::Done;
            break;
        }
        const Event event = guitar.answer(advice.act);
        guitar.hear(event);
        job.log.push_back(event);
    }
    const Counts counts = countsOf(job.log, job.pace);
    played.passes = counts.passes;
    played.clawVisits = counts.clawVisits;
    played.stretches = counts.stretches;
    played.minutes = counts.minutes;
    judgeEnd(played, guitar, job.goal);
    return played;
}

} // namespace flenzo
