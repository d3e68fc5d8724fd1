// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/shop/case_card.h"

#include "core/operations/acts.h"
#include "core/planning/passes.h"
#include "core/planning/set_choice.h"
#include "core/planning/set_figures.h"
#include "core/statics/readings.h"
#include "domain/job/edits.h"
#include "domain/shop/strings_sold.h"

#include <algorithm>
#include <cmath>
#include <numeric>

namespace flenzo {

namespace {

double pullOf(const LevelSolution& level) {
    return std::accumulate(level.tensions_N.begin(), level.tensions_N.end(), 0.0);
}

/// Of the sets in the catalogue that hold at these pitches, the next lighter one and the next heavier one.
std::vector<CaseCard::OtherSet> neighbours(const Job& job, const Rig& rig, const LevelSolution& usual,
                                           const Catalogue& catalogue) {
    constexpr double alike = 0.005; // pulls that differ by less are one set
    struct Neighbour {
        double pull_N = 0.0;
        CaseCard::OtherSet set;
    };
    std::optional<Neighbour> lighter, heavier;
    const double now_N = pullOf(usual);
    for (const CatalogueSet* set : catalogue.setsFor(rig.strings.size())) {
        Job other = job;
        applySet(other, Side::On, *set, catalogue);
        const Rig with = withWires(rig, wiresOf(other.rig));
        const LevelSolution level = levelSolution(with, bareState(with), job.goal);
        const double pull_N = pullOf(level);
        const bool bears = std::all_of(with.strings.begin(), with.strings.end(), [&](const RigString& string) {
            const auto i = static_cast<std::size_t>(&string - with.strings.data());
            return level.tensions_N[i] <= usualMostOfBreaking * breakingTension_N(string.wire);
        });
        if (level.status != LevelStatus::Found || !bears || std::abs(pull_N / now_N - 1.0) < alike)
            continue;
        std::optional<Neighbour>& side = pull_N < now_N ? lighter : heavier;
        if (!side || std::abs(pull_N - now_N) < std::abs(side->pull_N - now_N))
            side = Neighbour{pull_N, {set->name, level.moreTurns - usual.moreTurns}};
    }
    std::vector<CaseCard::OtherSet> others;
    for (const auto& side : {lighter, heavier})
        if (side)
            others.push_back(side->set);
    return others;
}

/// Turns of the claw that a cent of all strings is worth, pegs untouched.
double turnsPerCent(const Rig& rig, const LevelSolution& level) {
    constexpr double looser_turns = 0.25;
    const std::vector<double> flat =
        readings_cents(rig, turnClaw(rig, level.state, {-looser_turns, -looser_turns}).state);
    const double mean_cents = std::accumulate(flat.begin(), flat.end(), 0.0) / static_cast<double>(flat.size());
    return mean_cents < 0.0 ? -looser_turns / mean_cents : 0.0;
}

} // namespace

std::optional<CaseCard> caseCardOf(const Job& job, const Estimate& known, const Catalogue& catalogue) {
    Rig rig = guitarNow(known);
    rig.nutLocked = false;
    const Goal goal = benchJobOf(job).goal; // with what locking the nut will do
    const LevelSolution level = levelSolution(rig, bareState(rig), goal);
    if (level.status != LevelStatus::Found)
        return std::nullopt;
    CaseCard card;
    card.pull_N = pullOf(level);
    card.oneByOne = rig.bridge.has().keepsOneString();
    constexpr double least_m = 0.0005; // no block is thinner: such a plate comes to lie where it should by itself
    const double gap_m = gapAt_m(rig.bridge, goal.angle_rad);
    const bool hovers = floats(rig, goal) && gap_m > least_m;
    if (hovers) {
        card.block_m = card.gap_m = gap_m;
        card.turnsPerCent = turnsPerCent(rig, level);
        card.clawMissing_turns = level.moreTurns;
    }
    if (hasClaw(rig))
        card.others = neighbours(job, rig, level, catalogue);
    // With the nut open the strings may have to read a little beside their notes, and the plate then is where that puts
    // it: the block holds it where it will be in the end.
    State open = level.state;
    open.nutLocked = false;
    LevelSolution before = level;
    before.state = equilibriumAtPitch(asTunedNow(rig, goal, false), open, goal).state;
    const std::vector<Aim> aims = blockedAims(rig, before, goal.angle_rad);
    for (const std::size_t i : job.method.order) {
        const RigString& string = rig.strings[i];
        const double lead = i < goal.lead_cents.size() ? goal.lead_cents[i] : 0.0;
        card.strings.push_back(
            {string.name, string.wire.gauge_m, string.target_Hz, hovers ? aims[i].cents : lead, lead});
    }
    return card;
}

} // namespace flenzo
