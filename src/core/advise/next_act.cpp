// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/advise/next_act.h"

#include "core/advise/peg_plan.h"
#include "core/balance/readings.h"
#include "core/strings/pitch.h"

#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

constexpr double clawStep_turns = 1.0 / 16.0;
/// Work is sent back for less than the full tolerance, or the next reading's noise would send it back again.
constexpr double innerShare = 0.8;
/// Share of the pitch tolerance that may be spent on bringing the plate to its goal without the claw.
constexpr double offsetShare = 0.5;
/// Estimates count as inside the goal up to this share of its tolerances.
constexpr double sureShare = 0.85;
/// The claw is only visited for more than a gauge can be wrong about.
constexpr double clawShare = 0.75;

bool contains(const std::vector<std::size_t>& list, std::size_t value) {
    return std::find(list.begin(), list.end(), value) != list.end();
}

/// How far off the string would end if its peg stayed as it is and all others came to the target.
double landing_cents(const Rig& rig, const State& target, std::size_t string, double rest_m) {
    State off = target;
    off.rest_m[string] = rest_m;
    return cents(BalanceEquation(rig, off).frequency_Hz(string, target.angle_rad), rig.strings[string].target_Hz);
}

bool everythingReadOnce(const Standing& now) {
    return now.angleEverRead && std::all_of(now.everRead.begin(), now.everRead.end(), [](bool b) { return b; });
}

/// Said of readings only, and only with some room for what tuner and gauge may be wrong about.
bool measuredWithinGoal(const Rig& rig, const Goal& goal, const Standing& now) {
    for (std::size_t i = 0; i < now.measured.size(); ++i)
        if (!now.measured[i] || !(std::abs(now.readings_cents[i]) <= goal.pitchTolerance_cents))
            return false;
    return now.gapMeasured && violation(rig, goal, now.state) <= sureShare;
}

/// The offset from pitch, common to all strings, at which the present claw balances the plate at its goal.
double balancingOffset_cents(const Rig& rig, const Goal& goal, const State& state) {
    BalanceEquation equation(rig, state);
    double offset_cents = 0.0;
    for (int round = 0; round < 3; ++round) {
        double perCent_Nm = 0.0;
        for (std::size_t i = 0; i < rig.strings.size(); ++i) {
            const double f_Hz = frequencyAt_Hz(rig.strings[i].target_Hz, offset_cents);
            equation.holdAtPitch(i, f_Hz);
            perCent_Nm += equation.momentPerCent_Nm(i, f_Hz, goal.angle_rad);
        }
        offset_cents = std::clamp(offset_cents - equation.at(goal.angle_rad).moment_Nm / perCent_Nm, -600.0, 600.0);
    }
    return offset_cents;
}

/// Sets what the pegs are led to: near pitch at the present claw when that lands near enough to level, else pitch at
/// the right claw. A sixteenth of a turn is coarse on a soft guitar; a cent on all strings is finer.
void chooseTarget(NextAct& act, const Rig& rig, const Goal& goal, const Standing& now) {
    State level = now.state;
    level.block.reset();
    level.angle_rad = goal.angle_rad;
    const bool noFinerClaw = std::abs(act.level.moreTurns) < clawStep_turns / 2.0;
    const double most = (noFinerClaw ? 1.3 : 1.0) * offsetShare * goal.pitchTolerance_cents;
    const double offset = std::clamp(balancingOffset_cents(rig, goal, level), -most, most);
    const Landing landing = landingAsIs(rig, level, offset);
    act.atClaw = landing.stable && (noFinerClaw || std::abs(landing.state.angle_rad - goal.angle_rad) <=
                                                       std::max(clawShare * goal.angleTolerance_rad, 1e-4));
    act.offset_cents = act.atClaw ? offset : 0.0;
    act.target = act.atClaw ? landing.state : act.level.state;
}

void askToRead(NextAct& act, const Standing& now) {
    act.what = NextAct::Do::Read;
    for (std::size_t i = 0; i < now.measured.size(); ++i)
        if (!now.measured[i])
            act.strings.push_back(i);
    act.gap = !now.gapMeasured;
}

void askForClaw(NextAct& act) {
    act.what = NextAct::Do::Claw;
    act.turns = std::round(act.level.moreTurns / clawStep_turns) * clawStep_turns;
    if (act.turns == 0.0)
        act.turns = std::copysign(clawStep_turns, act.level.moreTurns);
}

std::optional<std::size_t> nextString(const Rig& rig, const Goal& goal, const Habit& habit, const Standing& now,
                                      const State& target, const std::vector<std::size_t>& tuned, double share) {
    const auto off = [&](std::size_t string) {
        const double end = habit.aims || now.state.block ? landing_cents(rig, target, string, now.state.rest_m[string])
                                                         : now.readings_cents[string];
        // A string just tuned is left in peace unless it is plainly off: its peg is no finer than this.
        return !(std::abs(end) <= (contains(tuned, string) ? 1.5 : share) * goal.pitchTolerance_cents);
    };
    for (const bool again : {false, true})
        for (const std::size_t string : habit.order)
            if (contains(tuned, string) == again && off(string))
                return string;
    return std::nullopt;
}

void askToTune(NextAct& act, const Rig& rig, const Habit& habit, const Standing& now, std::size_t string) {
    act.what = NextAct::Do::Tune;
    act.strings.clear();
    act.aim = {string, 0.0, rig.strings[string].target_Hz};
    if (!habit.aims && !now.state.block)
        return;
    const State next = setRest(rig, now.state, string, act.target.rest_m[string]).state;
    act.aim.frequency_Hz = BalanceEquation(rig, next).frequency_Hz(string, next.angle_rad);
    act.aim.cents = cents(act.aim.frequency_Hz, rig.strings[string].target_Hz);
}

/// Strings not tuned yet in the pass under way, in the shop's order.
Order openStrings(const Habit& habit, const std::vector<std::size_t>& tuned) {
    Order open;
    for (const std::size_t string : habit.order)
        if (!contains(tuned, string))
            open.push_back(string);
    return open;
}

bool nearPitch(const Rig& rig, const Goal& goal, const Standing& now) {
    return worst_cents(readings_cents(rig, now.state)) < 6.0 * goal.pitchTolerance_cents &&
           std::abs(now.state.angle_rad - goal.angle_rad) < 4.0 * goal.angleTolerance_rad;
}

/// True when something is left to read, and then asks for it.
bool readFirst(NextAct& act, const Standing& now) {
    askToRead(act, now);
    return !act.strings.empty() || act.gap;
}

/// Aims by the fewest pegs that will do, or the claw when no pegs will. False when nothing is left to do.
bool askByPlan(NextAct& act, const Rig& rig, const Goal& goal, const Habit& habit, const Standing& now,
               const std::vector<std::size_t>& tuned) {
    const Order open = openStrings(habit, tuned);
    if ((violation(rig, goal, now.state) <= sureShare || open.empty()) && readFirst(act, now))
        return true;
    const PegPlan plan = planPegs(rig, goal, now.state, act.target, open.empty() ? habit.order : open);
    if (plan.strings.empty())
        return readFirst(act, now);
    if (plan.violation > 1.0 && tuned.empty() && std::abs(act.level.moreTurns) >= clawStep_turns / 2.0) {
        askForClaw(act);
        return true;
    }
    act.target = plan.end;
    askToTune(act, rig, habit, now, plan.strings.front());
    return true;
}

} // namespace

NextAct nextAct(const Rig& rig, const Goal& goal, const Habit& habit, const Standing& now,
                const std::vector<std::size_t>& tuned) {
    NextAct act;
    act.level = levelSolution(rig, now.state, goal);
    act.target = act.level.state;
    if (act.level.status != LevelStatus::Found) {
        act.what = NextAct::Do::Stuck;
        return act;
    }
    chooseTarget(act, rig, goal, now);
    if (!everythingReadOnce(now)) {
        askToRead(act, now);
        return act;
    }
    if (!now.state.block && measuredWithinGoal(rig, goal, now)) {
        act.what = NextAct::Do::Done;
        return act;
    }
    // Who tunes exactly judges the level as the trade does: with everything near pitch, or before the first peg.
    const bool judged = habit.aims || (tuned.empty() && worst_cents(now.readings_cents) < 15.0) ||
                        worst_cents(now.readings_cents) > 100.0;
    if (habit.aims && !now.state.block && (act.atClaw || nearPitch(rig, goal, now)) &&
        askByPlan(act, rig, goal, habit, now, tuned))
        return act;
    if (!act.atClaw && (judged || now.state.block)) {
        askForClaw(act);
        return act;
    }
    if (const auto string = nextString(rig, goal, habit, now, act.target, tuned, innerShare)) {
        askToTune(act, rig, habit, now, *string);
        return act;
    }
    if (now.state.block) {
        act.what = NextAct::Do::Unblock;
        return act;
    }
    askToRead(act, now);
    if (!act.strings.empty() || act.gap)
        return act;
    // Everything has been read and yet the goal is missed: many small errors lean one way. Take the next best string.
    if (const auto string = nextString(rig, goal, habit, now, act.target, {}, 0.3 * innerShare))
        askToTune(act, rig, habit, now, *string);
    else
        askForClaw(act);
    return act;
}

std::vector<std::size_t> tunedInThisPass(const std::vector<Event>& log, std::size_t strings) {
    std::vector<std::size_t> tuned, read;
    for (const Event& event : log) {
        if (event.kind == Event::Kind::Read) {
            for (const auto& reading : event.readings_cents)
                if (!contains(read, reading.first))
                    read.push_back(reading.first);
            if (read.size() >= strings)
                tuned.clear();
            continue;
        }
        read.clear();
        if (event.kind == Event::Kind::Claw || contains(tuned, event.string))
            tuned.clear();
        if (event.kind == Event::Kind::Tuned) {
            tuned.push_back(event.string);
            read.push_back(event.string); // what the tuner said of it still holds
        }
    }
    return tuned;
}

std::vector<LoggedPass> passesOf(const std::vector<Event>& log) {
    std::vector<LoggedPass> passes;
    std::vector<std::size_t> tuned;
    for (std::size_t i = 0; i < log.size(); ++i) {
        if (log[i].kind == Event::Kind::Claw)
            tuned.clear();
        if (log[i].kind != Event::Kind::Tuned)
            continue;
        if (tuned.empty() || contains(tuned, log[i].string)) {
            passes.emplace_back();
            tuned.clear();
        }
        tuned.push_back(log[i].string);
        passes.back().events.push_back(i);
    }
    return passes;
}

Outlook outlook(const Rig& rig, const Goal& goal, const Habit& habit, const Standing& now,
                const std::vector<std::size_t>& tuned, int mostPasses) {
    Outlook out;
    const Level level = levelSolution(rig, now.state, goal);
    if (level.status != LevelStatus::Found)
        return out;
    NextAct act;
    act.level = level;
    chooseTarget(act, rig, goal, now);
    out.clawVisits = act.atClaw ? 0 : 1;
    out.reads = everythingReadOnce(now) ? 0 : 1;
    if (measuredWithinGoal(rig, goal, now)) {
        out.reachesGoal = true;
        return out;
    }
    State state = now.state;
    state.claw = act.target.claw;
    state.block.reset();
    state = settle(rig, std::move(state)).state;
    Level target = level;
    target.state = act.target;
    for (int pass = 0; pass < mostPasses && !withinGoal(rig, state, goal); ++pass) {
        Order order;
        for (const std::size_t string : habit.order)
            if (pass > 0 || out.clawVisits > 0 || !contains(tuned, string))
                order.push_back(string);
        if (order.empty())
            continue;
        out.passes.push_back(habit.aims ? aimedPass(rig, state, target, order) : exactPass(rig, state, order));
        out.tunes += static_cast<int>(order.size());
        out.reads += 1;
        state = out.passes.back().after;
    }
    out.reachesGoal = withinGoal(rig, state, goal);
    if (out.passes.empty())
        out.reads += 1;
    return out;
}

} // namespace flenzo
