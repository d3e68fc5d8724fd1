// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/planning/set_figures.h"

#include "core/operations/acts.h"
#include "core/statics/pitch.h"
#include "core/statics/readings.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <numeric>

namespace flenzo {

namespace {

/// The value between `low` and `high` at which a rising `excess` crosses nought; nothing when it does not.
template <typename Excess> std::optional<double> crossing(double low, double high, const Excess& excess) {
    if (!(excess(low) <= 0.0) || !(excess(high) >= 0.0))
        return std::nullopt;
    for (int k = 0; k < 60; ++k) {
        const double middle = (low + high) / 2.0;
        (excess(middle) < 0.0 ? low : high) = middle;
    }
    return (low + high) / 2.0;
}

std::size_t springsFor(const Rig& rig, const Goal& goal) {
    const auto now = static_cast<int>(rig.springs.size());
    for (int off = 0; off < static_cast<int>(maxSprings); ++off)
        for (const int count : {now + off, now - off}) {
            if (count < 1 || count > static_cast<int>(maxSprings))
                continue;
            const Rig with = withSpringCount(rig, static_cast<std::size_t>(count));
            if (isComfortable(with, goal))
                return static_cast<std::size_t>(count);
        }
    return 0;
}

double armHalfStep_Nm(const Rig& rig, const State& level) {
    if (!rig.bridge.has().moves())
        return 0.0;
    constexpr double halfStep_cents = 100.0, slackest_cents = -1200.0;
    const auto flatBy_cents = [&](double angle_rad) {
        State at = level;
        at.angle_rad = angle_rad;
        double sum = 0.0;
        for (const double cents : readings_cents(rig, at))
            sum += std::isfinite(cents) ? cents : slackest_cents;
        return -sum / static_cast<double>(rig.strings.size());
    };
    const auto there = crossing(level.angle_rad, limitsOf(rig.bridge, std::nullopt).high_rad,
                                [&](double angle_rad) { return flatBy_cents(angle_rad) - halfStep_cents; });
    return there ? -BalanceEquation(rig, level).at(*there).moment_Nm : 0.0;
}

/// A string pushed sideways at the twelfth fret: both its parts grow longer, and the bridge gives way by what it is
/// pulled. The other strings and the springs hold it with `others_NmPerRad`; infinite where it cannot move.
double wholeStepBend_N(const RigString& string, double tension_N, double lever_m, double others_NmPerRad) {
    constexpr double widest_m = 0.06;
    const double ratio = std::pow(2.0, 2.0 / 12.0), part_m = string.scale_m / 2.0;
    const double stiffness_N = axialStiffness_N(string.wire);
    const double length_m = (string.scale_m + string.nutTail_m + string.saddleTail_m) / (1.0 + tension_N / stiffness_N);
    const double givesPerN = length_m / stiffness_N + lever_m * lever_m / others_NmPerRad;
    const auto pulled_N = [&](double aside_m) {
        return tension_N + 2.0 * (std::hypot(part_m, aside_m) - part_m) / givesPerN;
    };
    const auto aside_m = crossing(0.0, widest_m, [&](double y) {
        // The wire thins as it is pulled (eq. 1), and its sounding part is a little longer.
        const double thinned = (1.0 + pulled_N(y) / stiffness_N) / (1.0 + tension_N / stiffness_N);
        return std::sqrt(pulled_N(y) / tension_N * thinned) * part_m / std::hypot(part_m, y) - ratio;
    });
    return aside_m ? 2.0 * pulled_N(*aside_m) * *aside_m / std::hypot(part_m, *aside_m) : 0.0;
}

std::optional<Drop> dropOf(const Rig& rig, const State& level) {
    constexpr double wholeStep_cents = -200.0;
    const auto lowest =
        std::min_element(rig.strings.begin(), rig.strings.end(),
                         [](const RigString& a, const RigString& b) { return a.target_Hz < b.target_Hz; });
    if (rig.strings.size() < 2)
        return std::nullopt;
    Drop drop;
    drop.string = static_cast<std::size_t>(lowest - rig.strings.begin());
    const double dropped_Hz = frequencyAt_Hz(lowest->target_Hz, wholeStep_cents);
    const State free = tunePeg(rig, level, drop.string, dropped_Hz).state;
    const std::vector<double> readings = readings_cents(rig, free);
    for (std::size_t i = 0; i < readings.size(); ++i)
        if (i != drop.string)
            drop.movesOthers_cents += readings[i] / static_cast<double>(readings.size() - 1);
    if (!std::isfinite(drop.movesOthers_cents))
        return std::nullopt;
    BalanceEquation held(rig, level);
    const double longer_m = held.unstretchedForPitch_m(drop.string, dropped_Hz, level.angle_rad);
    held.setRest(drop.string, longer_m);
    if (rig.bridge.has().moves())
        drop.onStop_Nm = std::max(0.0, -held.unassisted(level.angle_rad).moment_Nm);
    if (lowest->finePerTurn_m > 0.0) {
        const double at_m = level.unstretchedLength_m[drop.string];
        drop.fineThere_turns = lowest->fineAt_turns;
        drop.fineFree_turns = (free.unstretchedLength_m[drop.string] - at_m) / lowest->finePerTurn_m;
        drop.fineHeld_turns = (longer_m - at_m) / lowest->finePerTurn_m;
    }
    return drop;
}

} // namespace

SetFigures figuresOf(const Rig& rig, const Goal& goal, const Order& order) {
    SetFigures figures;
    figures.level = levelSolution(rig, bareState(rig), goal);
    const LevelSolution& level = figures.level;
    figures.pull_N = std::accumulate(level.tensions_N.begin(), level.tensions_N.end(), 0.0);
    figures.clawMore_turns = level.moreTurns;
    figures.clawLeft_turns = rig.claw.most_turns - level.state.claw.mean();
    figures.springs = hasClaw(rig) ? springsFor(rig, goal) : rig.springs.size();
    for (std::size_t i = 0; i < rig.strings.size(); ++i)
        figures.ofBreaking.push_back(level.tensions_N[i] / breakingTension_N(rig.strings[i].wire));
    figures.passFactor = level.status == LevelStatus::Found ? passFactor(coupling(rig, level.state), order) : 1.0;
    if (!level.balanced())
        return figures;
    figures.rangeUp_rad = std::max(0.0, level.state.angle_rad - rig.bridge.rearStop_rad);
    figures.drop = dropOf(rig, level.state);
    figures.armHalfStep_Nm = armHalfStep_Nm(rig, level.state);
    const bool moves = rig.bridge.has().moves() && goal.deckLoad_Nm <= 0.0;
    for (std::size_t i = 0; i < rig.strings.size(); ++i) {
        State without = level.state;
        without.unstretchedLength_m[i] = 0.0;
        const double angle = level.state.angle_rad;
        const BalanceEquation with(rig, level.state), others(rig, without);
        const double lever_m = (with.parts(angle).strings_Nm - others.parts(angle).strings_Nm) / level.tensions_N[i];
        const double held = moves ? -others.at(angle).slope_NmPerRad : std::numeric_limits<double>::infinity();
        figures.bend_N.push_back(held > 0.0 ? wholeStepBend_N(rig.strings[i], level.tensions_N[i], lever_m, held)
                                            : 0.0);
    }
    return figures;
}

} // namespace flenzo
