// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/advise/peg_plan.h"

#include "core/balance/readings.h"
#include "core/strings/pitch.h"

#include <Eigen/Dense>
#include <algorithm>
#include <cmath>
#include <limits>

namespace flenzo {

namespace {

/// A string further than this from where it would end has to be turned in any case.
constexpr double farOff_cents = 4.0;
constexpr double ridge = 0.02;
/// Where a reading can call it done, in tolerances: the rest of them is for its noise.
constexpr double calledDone = 0.64;
/// How sure the present estimate is, in tolerances.
constexpr double sureShare = 0.06;
/// A peg more has to raise the odds by this much to be worth its half minute.
constexpr double pegPrice = 0.97;

/// Readings and plate in tolerances as a linear function of the cents each peg adds.
struct LinearEnd {
    Eigen::VectorXd offset; ///< strings, then the plate
    Eigen::MatrixXd effect;
};

LinearEnd linearAt(const Rig& rig, const Goal& goal, const State& end) {
    const auto n = static_cast<Eigen::Index>(rig.strings.size());
    const std::vector<double> readings = readings_cents(rig, end);
    const Eigen::MatrixXd pull = coupling(rig, end);
    const BalanceEquation elastic(rig, end);
    LinearEnd linear{Eigen::VectorXd(n + 1), Eigen::MatrixXd(n + 1, n)};
    for (Eigen::Index j = 0; j < n; ++j) {
        linear.offset[j] = readings[static_cast<std::size_t>(j)] / goal.pitchTolerance_cents;
        linear.effect.row(j) = pull.row(j) / goal.pitchTolerance_cents;
    }
    linear.offset[n] = (end.angle_rad - goal.angle_rad) / goal.angleTolerance_rad;
    for (Eigen::Index i = 0; i < n; ++i) {
        // Another string's cents tell how far the plate went; the one that answers best is taken.
        Eigen::Index best = i == 0 ? std::min<Eigen::Index>(1, n - 1) : 0;
        const double perRadian = elastic.centsPerRadian(static_cast<std::size_t>(best), end.angle_rad);
        linear.effect(n, i) = n > 1 && perRadian != 0.0 ? pull(best, i) / perRadian / goal.angleTolerance_rad : 0.0;
    }
    return linear;
}

struct Choice {
    std::vector<std::size_t> strings;
    Eigen::VectorXd turns; ///< cents, one per chosen string
    double odds = -1.0;    ///< that plate and strings then end where a reading or two can call it done
};

double normalShare(double below) {
    return 0.5 * std::erfc(-below / std::sqrt(2.0));
}

/// Turns the chosen pegs for the least sum of squares and weighs the end: every peg misses by its own error, which the
/// bridge hands on to plate and strings.
Choice solveFor(const LinearEnd& linear, const std::vector<std::size_t>& strings, double pegDeviation) {
    Choice choice{strings, Eigen::VectorXd::Zero(static_cast<Eigen::Index>(strings.size())), 1.0};
    Eigen::VectorXd end = linear.offset;
    Eigen::VectorXd variance = Eigen::VectorXd::Constant(end.size(), sureShare * sureShare);
    if (!strings.empty()) {
        Eigen::MatrixXd a(linear.effect.rows(), static_cast<Eigen::Index>(strings.size()));
        for (std::size_t k = 0; k < strings.size(); ++k)
            a.col(static_cast<Eigen::Index>(k)) = linear.effect.col(static_cast<Eigen::Index>(strings[k]));
        const Eigen::MatrixXd normal = a.transpose() * a + ridge * Eigen::MatrixXd::Identity(a.cols(), a.cols());
        choice.turns = normal.ldlt().solve(-a.transpose() * linear.offset);
        end += a * choice.turns;
        variance += pegDeviation * pegDeviation * a.cwiseAbs2().rowwise().sum();
        choice.odds = std::pow(pegPrice, static_cast<double>(strings.size()));
    }
    for (Eigen::Index i = 0; i < end.size(); ++i) {
        const double deviation = std::sqrt(variance[i]);
        choice.odds *= normalShare((calledDone - end[i]) / deviation) - normalShare((-calledDone - end[i]) / deviation);
    }
    return choice;
}

/// Every single string and pair on top of those that must be turned, then one after another the string that helps most;
/// whichever has the best odds.
Choice chooseFew(const LinearEnd& linear, const std::vector<std::size_t>& must, const Order& free,
                 double pegDeviation) {
    const auto with = [&](const std::vector<std::size_t>& chosen, std::size_t string) {
        std::vector<std::size_t> more = chosen;
        more.push_back(string);
        return solveFor(linear, more, pegDeviation);
    };
    const auto isIn = [](const std::vector<std::size_t>& list, std::size_t string) {
        return std::find(list.begin(), list.end(), string) != list.end();
    };
    Choice best = solveFor(linear, must, pegDeviation);
    const auto keep = [&best](const Choice& candidate) {
        if (candidate.odds > best.odds)
            best = candidate;
    };
    for (std::size_t i = 0; i < free.size(); ++i) {
        if (isIn(must, free[i]))
            continue;
        const Choice one = with(must, free[i]);
        keep(one);
        for (std::size_t j = i + 1; j < free.size(); ++j)
            if (!isIn(must, free[j]))
                keep(with(one.strings, free[j]));
    }
    Choice grown = best;
    while (grown.strings.size() < free.size()) {
        Choice next;
        for (const std::size_t string : free)
            if (!isIn(grown.strings, string))
                if (Choice candidate = with(grown.strings, string); candidate.odds > next.odds)
                    next = std::move(candidate);
        if (next.odds < 0.0)
            break;
        grown = std::move(next);
        keep(grown);
    }
    return best;
}

double farOff(const Rig& rig, const State& target, std::size_t string, double rest_m) {
    State off = target;
    off.rest_m[string] = rest_m;
    const double f_Hz = BalanceEquation(rig, off).frequency_Hz(string, target.angle_rad);
    const double wanted_Hz = BalanceEquation(rig, target).frequency_Hz(string, target.angle_rad);
    return f_Hz > 0.0 ? std::abs(cents(f_Hz, wanted_Hz)) : 1e9;
}

} // namespace

double violation(const Rig& rig, const Goal& goal, const State& state) {
    double worst = hasClaw(rig) ? std::abs(state.angle_rad - goal.angle_rad) / goal.angleTolerance_rad : 0.0;
    for (const double reading : readings_cents(rig, state))
        worst = std::max(worst, std::isfinite(reading) ? std::abs(reading) / goal.pitchTolerance_cents : 1e3);
    return worst;
}

PegPlan planPegs(const Rig& rig, const Goal& goal, const State& now, const State& target, const Order& free,
                 const Spread& spread) {
    PegPlan plan;
    std::vector<std::size_t> must;
    State end = now;
    for (const std::size_t string : free)
        if (farOff(rig, target, string, now.rest_m[string]) > farOff_cents) {
            must.push_back(string);
            end.rest_m[string] = target.rest_m[string];
        }
    end = settle(rig, std::move(end)).state;
    Choice choice;
    if (worst_cents(readings_cents(rig, end)) < 100.0)
        choice = chooseFew(linearAt(rig, goal, end), must, free, spread.peg_cents / goal.pitchTolerance_cents);
    else
        choice.strings = must;
    const std::vector<double> before = readings_cents(rig, end);
    const State base = end; // every peg's own cents count from here
    for (std::size_t k = 0; k < choice.strings.size() && choice.turns.size() > 0; ++k) {
        const std::size_t string = choice.strings[k];
        const double to = before[string] + choice.turns[static_cast<Eigen::Index>(k)];
        end.rest_m[string] =
            tunePeg(rig, base, string, frequencyAt_Hz(rig.strings[string].target_Hz, to)).state.rest_m[string];
    }
    plan.end = settle(rig, std::move(end)).state;
    for (const std::size_t string : free)
        if (std::find(choice.strings.begin(), choice.strings.end(), string) != choice.strings.end())
            plan.strings.push_back(string);
    return plan;
}

} // namespace flenzo
