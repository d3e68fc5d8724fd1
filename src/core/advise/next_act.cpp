// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/advise/next_act.h"

#include "core/advise/peg_plan.h"
#include "core/balance/readings.h"
#include "core/strings/pitch.h"

#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

/// Share of the pitch tolerance that may be spent on bringing the plate to its goal without the claw.
constexpr double offsetShare = 0.2;
/// The same where another step of the claw would not bring the plate home: nothing finer is left but the strings.
constexpr double offsetShareAtLast = 0.6;
/// How far from its goal the plate may be led to, as a share of its tolerance.
constexpr double plateShare = 0.45;
/// While strings are far from pitch the claw is worth another visit only for this many deviations of the turns to make.
constexpr double clawWait = 3.0;
/// Done is said when the odds that any string or the plate is outside the goal are below this.
constexpr double acceptedOdds = 0.004;
/// A peg that missed by more than this share of the tolerance may be turned once more at once.
constexpr double repeatFrom = 0.35;
/// Turning the peg in hand more often than this in a row only chases the tuner's noise.
constexpr int mostTurnsInHand = 4;
/// A full reading more is asked for at most this often in a row before pegs are turned instead.
constexpr int mostRereads = 4;

bool contains(const std::vector<std::size_t>& list, std::size_t value) {
    return std::find(list.begin(), list.end(), value) != list.end();
}

/// How far off the string would end if its peg stayed as it is and all others came to the target.
double landing_cents(const Rig& rig, const State& target, std::size_t string, double rest_m) {
    State off = target;
    off.rest_m[string] = rest_m;
    return cents(BalanceEquation(rig, off).frequency_Hz(string, target.angle_rad), rig.strings[string].target_Hz);
}

bool everythingReadOnce(const Rig& rig, const Standing& now) {
    return (now.angleEverRead || !hasClaw(rig)) &&
           std::all_of(now.everRead.begin(), now.everRead.end(), [](bool b) { return b; });
}

bool everythingMeasured(const Rig& rig, const Standing& now) {
    return (now.gapMeasured || !hasClaw(rig)) &&
           std::all_of(now.measured.begin(), now.measured.end(), [](bool b) { return b; });
}

/// Odds that a normal quantity lies outside plus or minus `tolerance`; a certain one is in or out.
double oddsOutside(double mean, double deviation, double tolerance) {
    if (!std::isfinite(mean))
        return 1.0;
    if (deviation <= 0.0)
        return std::abs(mean) <= tolerance ? 0.0 : 1.0;
    const double scale = deviation * std::sqrt(2.0);
    return 0.5 * (std::erfc((tolerance - mean) / scale) + std::erfc((tolerance + mean) / scale));
}

/// Odds that the guitar is not within its goal, with the deviations scaled by `share`: under 1 asks what the odds would
/// be after another reading that finds the same.
double oddsOfMissing(const Rig& rig, const Goal& goal, const Standing& now, double share = 1.0) {
    const auto deviation = [&](std::size_t i) {
        return now.deviations_cents.empty() ? 0.0 : share * now.deviations_cents[i];
    };
    double odds = 0.0;
    for (std::size_t i = 0; i < now.readings_cents.size(); ++i)
        odds += oddsOutside(now.readings_cents[i], deviation(i), goal.pitchTolerance_cents);
    if (floats(rig, goal))
        odds += oddsOutside(now.state.angle_rad - goal.angle_rad, share * now.deviation_rad, goal.angleTolerance_rad);
    return odds;
}

bool nearPitch(const Standing& now) {
    constexpr double near_cents = 60.0;
    return std::all_of(now.readings_cents.begin(), now.readings_cents.end(),
                       [](double reading) { return std::abs(reading) < near_cents; });
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

/// Decked: the claw will do while the springs press the plate down neither too little nor far too much.
bool loadWillDo(const Landing& landing, const Goal& goal) {
    const double load_Nm = -landing.rest.moment_Nm;
    return landing.rest.kind == RestKind::RearStop && load_Nm > 0.6 * goal.deckLoad_Nm &&
           load_Nm < 1.8 * goal.deckLoad_Nm;
}

/// Sets what the pegs are led to: near pitch at the present claw when that lands near enough to level, else pitch at
/// the right claw. A sixteenth of a turn is coarse on a soft guitar; a cent on all strings is finer. What is missing is
/// made up by strings only as far as the plate's own tolerance does not bear it: one plate is known better than many
/// pegs.
void chooseTarget(NextAct& act, const Rig& rig, const Goal& goal, const Standing& now, bool turnedBack) {
    State level = now.state;
    level.block.reset();
    level.angle_rad = goal.angle_rad;
    Landing landing = landingAsIs(rig, level, goal);
    if (!floats(rig, goal)) {
        act.atClaw = !hasClaw(rig) || loadWillDo(landing, goal);
        act.target = act.atClaw ? landing.state : act.level.state;
        return;
    }
    const double off_rad = std::abs(landing.state.angle_rad - goal.angle_rad);
    const double whole = balancingOffset_cents(rig, goal, level);
    const double needed =
        landing.stable ? std::max(0.0, 1.0 - plateShare * goal.angleTolerance_rad / std::max(1e-9, off_rad)) : 1.0;
    const double least = (turnedBack ? 1.0 : worthAStep) * act.hand.step_turns;
    const bool noFinerClaw = std::abs(act.level.moreTurns) < least;
    double offset = 0.0, left_rad = off_rad;
    for (const double share : {offsetShare, offsetShareAtLast}) {
        offset = std::copysign(std::min(share * goal.pitchTolerance_cents, needed * std::abs(whole)), whole);
        landing = landingAsIs(rig, level, goal, offset);
        left_rad = std::abs(landing.state.angle_rad - goal.angle_rad);
        if (!noFinerClaw || left_rad <= clawShare * goal.angleTolerance_rad)
            break;
    }
    act.atClaw = landing.stable && (noFinerClaw || left_rad <= std::max(clawShare * goal.angleTolerance_rad, 1e-4));
    act.offset_cents = act.atClaw ? offset : 0.0;
    act.target = act.atClaw ? landing.state : act.level.state;
}

void askToRead(NextAct& act, const Rig& rig, const Standing& now, bool again) {
    act.what = NextAct::Do::Read;
    act.strings.clear();
    for (std::size_t i = 0; i < now.measured.size(); ++i)
        if (again || i >= now.inRun.size() || !now.inRun[i])
            act.strings.push_back(i);
    act.gap = hasClaw(rig) && (again || !now.gapMeasured);
}

void askForClaw(NextAct& act, const Standing& now) {
    act.what = NextAct::Do::Claw;
    const double least = std::copysign(act.hand.step_turns, act.level.moreTurns);
    const double mean = std::abs(act.level.moreTurns) > std::abs(least) ? act.level.moreTurns : least;
    // Under a block there is nothing to look at between two steps.
    act.turns = act.hand.dealt(now.state.block ? mean : act.hand.atOneGo_turns(mean), now.state.claw);
}

/// After a turn: all that it has made stale, or only the plate where another turn follows anyway.
void askToLook(NextAct& act, const Rig& rig, const Standing& now) {
    askToRead(act, rig, now, false);
    const double left = std::abs(act.level.moreTurns);
    if (act.hand.atOneGo_turns(left) < left)
        act.strings.clear();
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

/// A hand counts turns to a few hundredths: after a long turn a reading tells what was really turned, and what springs
/// they are.
bool readingBeatsTurning(const Standing& now) {
    constexpr double longTurn_turns = 0.2;
    return std::abs(now.clawSinceRead_turns) > longTurn_turns;
}

/// Before the first pass the claw is worth a visit only for more than is uncertain of its turns.
bool clawIsWorthIt(const NextAct& act, const Standing& now, const Known& known) {
    if (act.atClaw || std::abs(act.level.moreTurns) < worthAStep * act.hand.step_turns)
        return false;
    return nearPitch(now) || std::abs(act.level.moreTurns) > clawWait * known.clawDeviation_turns;
}

/// Every round of stretching costs a pass, so once it has begun near pitch it takes in all strings, and each as often
/// as a pull is worth it.
std::optional<std::size_t> unsettledString(const Habit& habit, const Standing& now, const Known& known) {
    if (!known.stretching && !nearPitch(now) && !now.state.block)
        return std::nullopt;
    for (const std::size_t string : habit.order)
        if (string < known.stretchesLeft.size() && known.stretchesLeft[string] > 0 &&
            now.readings_cents[string] > -worthPulling_cents)
            return string;
    return std::nullopt;
}

/// Whether the peg just turned left its string plainly off where it should end.
bool missed(const NextAct& act, const Rig& rig, const Goal& goal, const Standing& now, std::size_t string) {
    const double end = landing_cents(rig, act.target, string, now.state.rest_m[string]);
    return std::abs(end - act.offset_cents) > repeatFrom * goal.pitchTolerance_cents;
}

std::size_t worstString(const Standing& now) {
    const auto worst = std::max_element(now.readings_cents.begin(), now.readings_cents.end(),
                                        [](double a, double b) { return std::abs(a) < std::abs(b); });
    return static_cast<std::size_t>(worst - now.readings_cents.begin());
}

/// Aims by the fewest pegs that will do, readings where one more tells enough, the claw between passes.
void adviseByAims(NextAct& act, const Rig& rig, const Goal& goal, const Habit& habit, const Standing& now,
                  const std::vector<std::size_t>& tuned, const Known& known) {
    const bool measured = everythingMeasured(rig, now);
    const bool between = tuned.empty() || measured;
    if (readingBeatsTurning(now)) {
        askToLook(act, rig, now);
        return;
    }
    if (between)
        if (const auto string = unsettledString(habit, now, known)) {
            act.what = NextAct::Do::Stretch;
            act.aim = {*string, 0.0, rig.strings[*string].target_Hz};
            return;
        }
    if (measured) {
        if (oddsOfMissing(rig, goal, now) <= acceptedOdds) {
            act.what = NextAct::Do::Done;
            return;
        }
        const double averaged = std::sqrt(now.readsInRow / (now.readsInRow + 1.0));
        if (now.readsInRow < mostRereads && oddsOfMissing(rig, goal, now, averaged) <= acceptedOdds) {
            askToRead(act, rig, now, true);
            return;
        }
    }
    if (between && clawIsWorthIt(act, now, known)) {
        askForClaw(act, now);
        return;
    }
    // Within a pass the string in hand may be turned once more: a peg that missed is mended best before the next one.
    Order open = between ? habit.order : openStrings(habit, tuned);
    if (!between && known.pegInHand < mostTurnsInHand && nearPitch(now) && missed(act, rig, goal, now, tuned.back()))
        open.insert(open.begin(), tuned.back());
    PegPlan plan = planPegs(rig, goal, now.state, act.target, open, known.spread);
    if (plan.strings.empty() && measured) {
        if (now.readsInRow < mostRereads) {
            askToRead(act, rig, now, true);
            return;
        }
        plan = planPegs(rig, goal, now.state, act.target, {worstString(now)}, known.spread);
        if (plan.strings.empty())
            plan.strings.push_back(worstString(now));
    }
    if (plan.strings.empty()) {
        askToRead(act, rig, now, measured);
        return;
    }
    act.target = plan.end;
    askToTune(act, rig, habit, now, plan.strings.front());
}

/// The string that exact tuning turns to next: in the shop's order, with back-checks always the first one that is off.
std::optional<std::size_t> nextExactly(const Goal& goal, const Habit& habit, const Standing& now,
                                       const std::vector<std::size_t>& tuned, const Known& known) {
    constexpr double innerShare = 0.8, coarse_cents = 15.0;
    const auto off = [&](std::size_t string, double least_cents) {
        const double reading = now.readings_cents[string];
        const bool sharpByFeel = known.passes <= 1 && habit.firstSharp_cents > 0.0 && string == habit.order.front() &&
                                 !tuned.empty() && reading > 0.0;
        return !sharpByFeel && !(std::abs(reading) <= least_cents);
    };
    const double inner_cents = innerShare * goal.pitchTolerance_cents;
    if (habit.backChecks) {
        for (const double least_cents : {coarse_cents, inner_cents})
            for (const std::size_t string : habit.order)
                if (off(string, least_cents) && (tuned.empty() || tuned.back() != string))
                    return string;
        return std::nullopt;
    }
    for (const std::size_t string : openStrings(habit, tuned))
        if (off(string, inner_cents))
            return string;
    return std::nullopt;
}

/// Each string exactly to pitch in the shop's order; the level is judged as the trade does, with everything near pitch.
void adviseExactly(NextAct& act, const Rig& rig, const Goal& goal, const Habit& habit, const Standing& now,
                   const std::vector<std::size_t>& tuned, const Known& known) {
    const bool measured = everythingMeasured(rig, now);
    if (measured && oddsOfMissing(rig, goal, now, 0.0) <= 0.0) {
        act.what = NextAct::Do::Done;
        return;
    }
    if (act.hand.looks() && readingBeatsTurning(now)) {
        askToLook(act, rig, now);
        return;
    }
    if (const auto string = unsettledString(habit, now, known); string && tuned.empty()) {
        act.what = NextAct::Do::Stretch;
        act.aim = {*string, 0.0, rig.strings[*string].target_Hz};
        return;
    }
    constexpr double settled_cents = 15.0, far_cents = 100.0;
    const double worst = worst_cents(now.readings_cents);
    if (!act.atClaw && ((tuned.empty() && worst < settled_cents) || worst > far_cents) &&
        clawIsWorthIt(act, now, known)) {
        askForClaw(act, now);
        return;
    }
    if (const auto string = nextExactly(goal, habit, now, tuned, known)) {
        askToTune(act, rig, habit, now, *string);
        if (known.passes == 0 && tuned.empty() && *string == habit.order.front() && habit.firstSharp_cents > 0.0) {
            act.aim.cents = habit.firstSharp_cents;
            act.aim.frequency_Hz = frequencyAt_Hz(rig.strings[*string].target_Hz, habit.firstSharp_cents);
        }
        return;
    }
    askToRead(act, rig, now, measured);
    if (!measured)
        return;
    // All was read and something is off: the next round, or the claw if only the plate is.
    if (const auto string = nextExactly(goal, habit, now, {}, known)) {
        askToTune(act, rig, habit, now, *string);
        return;
    }
    if (hasClaw(rig) && std::abs(act.level.moreTurns) > 0.0)
        askForClaw(act, now);
}

/// A bridge that is kept still: claw first, then every string to its blocked aim, then out with the block.
void adviseUnderBlock(NextAct& act, const Rig& rig, const Goal& goal, const Habit& habit, const Standing& now,
                      const std::vector<std::size_t>& tuned) {
    if (!act.atClaw) {
        askForClaw(act, now);
        return;
    }
    for (const bool again : {false, true})
        for (const std::size_t string : habit.order) {
            const double end = landing_cents(rig, act.target, string, now.state.rest_m[string]);
            // A string just tuned is left in peace unless it is plainly off: its peg is no finer than this.
            const double share = contains(tuned, string) ? 1.5 : 0.8;
            if (contains(tuned, string) == again && !(std::abs(end) <= share * goal.pitchTolerance_cents)) {
                askToTune(act, rig, habit, now, string);
                return;
            }
        }
    act.what = NextAct::Do::Unblock;
}

} // namespace

void takeClawVisits(Known& known, const std::vector<Event>& log, const Habit& habit, const Rig& rig, const Level& level,
                    const Goal& goal) {
    known.bothTurnedBack = clawTurnedBack(log, ClawHand::both_turns);
    known.clawTurnedBack = clawTurnedBack(log, clawHandOf(habit, rig, level, goal, known.bothTurnedBack).step_turns);
}

NextAct nextAct(const Rig& rig, const Goal& goal, const Habit& habit, const Standing& now,
                const std::vector<std::size_t>& tuned, const Known& known) {
    NextAct act;
    act.level = levelSolution(rig, now.state, goal);
    act.hand = clawHandOf(habit, rig, act.level, goal, known.bothTurnedBack);
    act.target = act.level.state;
    const bool mayFloat = act.level.balanced() && act.level.floatStiffness_NmPerRad > -known.floatDoubt_NmPerRad;
    if (act.level.status != LevelStatus::Found && !mayFloat) {
        const bool home = everythingMeasured(rig, now) && oddsOfMissing(rig, goal, now) <= acceptedOdds;
        act.what = home && !now.state.block ? NextAct::Do::Done : NextAct::Do::Stuck;
        return act;
    }
    chooseTarget(act, rig, goal, now, known.clawTurnedBack);
    if (!everythingReadOnce(rig, now))
        askToRead(act, rig, now, false);
    else if (now.state.block)
        adviseUnderBlock(act, rig, goal, habit, now, tuned);
    else if (habit.aims)
        adviseByAims(act, rig, goal, habit, now, tuned, known);
    else
        adviseExactly(act, rig, goal, habit, now, tuned, known);
    return act;
}

Outlook outlook(const Rig& rig, const Goal& goal, const Habit& habit, const Standing& now,
                const std::vector<std::size_t>& tuned, int mostPasses) {
    Outlook out;
    const Level level = levelSolution(rig, now.state, goal);
    if (level.status != LevelStatus::Found)
        return out;
    NextAct act;
    act.level = level;
    act.hand = clawHandOf(habit, rig, level, goal);
    chooseTarget(act, rig, goal, now, false);
    out.clawVisits = act.atClaw ? 0 : 1;
    out.reads = everythingReadOnce(rig, now) ? 0 : 1;
    if (everythingMeasured(rig, now) && withinGoal(rig, now.state, goal)) {
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
