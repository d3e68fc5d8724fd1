// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/planning/alternatives.h"

#include <algorithm>
#include <cmath>
#include <functional>
#include <numeric>

namespace flenzo {

namespace {

constexpr int steps = 40;
constexpr double usualAssist_Nm = 0.5;
constexpr double otherRate = 0.2;  ///< share by which soft and stiff springs differ from the usual ones (assumed)
constexpr double slant_m = 0.0105; ///< one hook further across the claw (assumed)

LevelSolution levelOf(const Rig& rig, const Goal& goal) {
    return levelSolution(rig, bareState(rig), goal);
}

/// The smallest value in (0, most] that makes the float comfortable, found by trying and halving.
std::optional<double> smallest(double most, const std::function<Rig(double)>& with, const Goal& goal) {
    double low = 0.0, high = 0.0;
    for (int s = 1; s <= steps && high == 0.0; ++s) {
        const double value = most * s / steps;
        if (isComfortable(with(value), goal))
            high = value;
        else
            low = value;
    }
    if (high == 0.0)
        return std::nullopt;
    for (int s = 0; s < 12; ++s) {
        const double middle = (low + high) / 2.0;
        (isComfortable(with(middle), goal) ? high : low) = middle;
    }
    return high;
}

Rig withRate(Rig rig, double share) {
    for (Spring& spring : rig.springs)
        spring.rate_Npm *= 1.0 + share;
    return rig;
}

/// Gauges and cores thinner by a share: at the same pitch the pull goes with its square.
Rig withGauges(Rig rig, double share) {
    for (RigString& string : rig.strings) {
        const double mass = unitMass_kgpm(string.wire), stiffness = axialStiffness_N(string.wire);
        string.wire.gauge_m *= share;
        string.wire.core_m *= share;
        string.wire.unitMass_kgpm = mass * share * share;
        string.wire.stiffness_N = stiffness * share * share;
    }
    return rig;
}

/// The outer two towards the middle of the claw, or all straight.
Rig withSlant(Rig rig, bool slanted) {
    for (Spring& spring : rig.springs)
        spring.aside_m = 0.0;
    if (slanted)
        rig.springs.front().aside_m = rig.springs.back().aside_m = slant_m;
    return rig;
}

Alternative measured(Alternative::Kind kind, const Rig& rig, const Goal& goal, const Order& order) {
    Alternative found;
    found.kind = kind;
    found.springs = static_cast<int>(rig.springs.size());
    found.level = levelOf(rig, goal);
    found.clawLeft_turns = rig.claw.most_turns - found.level.state.claw.mean();
    found.pull_N = std::accumulate(found.level.tensions_N.begin(), found.level.tensions_N.end(), 0.0);
    found.passFactor =
        found.level.status == LevelStatus::Found ? passFactor(coupling(rig, found.level.state), order) : 1.0;
    return found;
}

} // namespace

bool isComfortable(const Rig& rig, const Goal& goal) {
    const LevelSolution level = levelOf(rig, goal);
    return level.status == LevelStatus::Found && level.floatStiffness_NmPerRad >= comfortableFloat_NmPerRad;
}

Rig withSpringCount(Rig rig, std::size_t springs) {
    if (!rig.springs.empty())
        rig.springs.resize(std::min(springs, maxSprings), Spring(rig.springs.front()));
    return rig;
}

Shortfall shortfallOf(const Rig& rig, const Goal& goal) {
    Shortfall shortfall;
    shortfall.floatStiffness_NmPerRad = levelOf(rig, goal).floatStiffness_NmPerRad;
    shortfall.springRate = smallest(
        3.0, [&](double share) { return withRate(rig, share); }, goal);
    shortfall.tension = smallest(
        0.7, [&](double share) { return withGauges(rig, std::sqrt(1.0 - share)); }, goal);
    shortfall.hookDepth_m = smallest(
        0.02,
        [&](double deeper) {
            Rig other = rig;
            for (Spring& spring : other.springs) {
                spring.hook_m.y() -= deeper;
                spring.anchor_m.y() -= deeper;
            }
            return other;
        },
        goal);
    shortfall.setback_m = smallest(
        0.012,
        [&](double nearer) {
            Rig other = rig;
            for (RigString& string : other.strings)
                string.saddle_m.x() += nearer;
            return other;
        },
        goal);
    return shortfall;
}

std::vector<Alternative> alternativesFor(const Rig& rig, const Goal& goal, const Order& order) {
    std::vector<Alternative> list{measured(Alternative::Kind::AsItIs, rig, goal, order)};
    if (!hasClaw(rig))
        return list;
    constexpr int mostMore = 6;
    for (int more = 1; more <= mostMore; ++more)
        if (const std::size_t count = rig.springs.size() + static_cast<std::size_t>(more);
            count <= maxSprings && isComfortable(withSpringCount(rig, count), goal)) {
            list.push_back(measured(Alternative::Kind::SpringCount, withSpringCount(rig, count), goal, order));
            break;
        }
    const Shortfall shortfall = shortfallOf(rig, goal);
    if (shortfall.springRate) {
        list.push_back(measured(Alternative::Kind::SpringRate, withRate(rig, *shortfall.springRate), goal, order));
        list.back().share = 1.0 + *shortfall.springRate;
    }
    if (shortfall.tension) {
        const double share = std::sqrt(1.0 - *shortfall.tension);
        list.push_back(measured(Alternative::Kind::LighterSet, withGauges(rig, share), goal, order));
        list.back().share = share;
    }
    Goal decked = goal;
    decked.angle_rad = rig.bridge.rearStop_rad;
    decked.deckLoad_Nm = usualDeckLoad_Nm;
    if (const Alternative down = measured(Alternative::Kind::Decked, rig, decked, order);
        down.level.status == LevelStatus::Found)
        list.push_back(down);
    Rig assisted = rig;
    assisted.bridge.assist = CentringAssist{goal.angle_rad, usualAssist_Nm, 2.0};
    if (Alternative held = measured(Alternative::Kind::CentringAssist, assisted, goal, order);
        held.level.status == LevelStatus::Found) {
        held.assist_Nm = usualAssist_Nm;
        list.push_back(std::move(held));
    }
    return list;
}

std::vector<Alternative> springChoices(const Rig& rig, const Goal& goal, const Order& order) {
    if (!hasClaw(rig) || rig.springs.empty())
        return {};
    std::vector<Alternative> list{measured(Alternative::Kind::AsItIs, rig, goal, order)};
    if (rig.springs.size() > 1) {
        Rig fewer = rig;
        fewer.springs.pop_back();
        list.push_back(measured(Alternative::Kind::SpringCount, fewer, goal, order));
    }
    if (rig.springs.size() < maxSprings)
        list.push_back(
            measured(Alternative::Kind::SpringCount, withSpringCount(rig, rig.springs.size() + 1), goal, order));
    for (const double share : {-otherRate, otherRate}) {
        list.push_back(measured(Alternative::Kind::SpringRate, withRate(rig, share), goal, order));
        list.back().share = 1.0 + share;
    }
    const bool isSlanted =
        std::any_of(rig.springs.begin(), rig.springs.end(), [](const Spring& spring) { return spring.aside_m != 0.0; });
    if (isSlanted || rig.springs.size() > 1)
        list.push_back(measured(isSlanted ? Alternative::Kind::StraightSprings : Alternative::Kind::SlantedSprings,
                                withSlant(rig, !isSlanted), goal, order));
    return list;
}

Rig withSprings(Rig rig, const SpringWay& way) {
    return withSpringCount(withRate(std::move(rig), way.rateShare - 1.0), way.springs);
}

std::vector<SpringWay> springWays(const Rig& rig) {
    const std::size_t now = rig.springs.size();
    std::vector<SpringWay> ways{{now, 1.0}};
    if (now == 0 || !rig.bridge.has().moves())
        return ways;
    constexpr std::size_t most = 2; // springs fewer or more: further is another guitar
    const std::size_t few = hasClaw(rig) ? (now > most ? now - most : 1) : now;
    const std::size_t many = hasClaw(rig) ? std::min(now + most, maxSprings) : now;
    for (std::size_t springs = few; springs <= many; ++springs)
        for (const double share : {1.0 - otherRate, 1.0, 1.0 + otherRate})
            if (const SpringWay way{springs, share}; !(way == ways.front()))
                ways.push_back(way);
    return ways;
}

} // namespace flenzo
