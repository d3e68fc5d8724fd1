// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/setup/friction.h"

#include "core/statics/equilibrium.h"

#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

/// Cents of a small change of tension: the wire thins a little as it stretches.
double centsOf(double change_N, double tension_N, double stiffness_N) {
    const double strain = tension_N / stiffness_N;
    return 0.5 * centsPerNeper * change_N / tension_N * (1.0 + 2.0 * strain) / (1.0 + strain);
}

/// The wire behind a sticking edge holds up to T (e^(mu phi) - 1) more or less; let go, the two sides share it out by
/// their lengths.
double heldBack_cents(double tension_N, double stiffness_N, double mu, double break_rad, double tail_m, double path_m) {
    if (tail_m <= 0.0 || tension_N <= 0.0)
        return 0.0;
    const double held_N = tension_N * std::expm1(mu * break_rad);
    return centsOf(held_N * tail_m / path_m, tension_N, stiffness_N);
}

} // namespace

DeadBands deadBandsOf(const Rig& rig, const State& state) {
    DeadBands bands;
    const BalanceEquation equation(rig, state);
    const Equilibrium rest = findEquilibrium(equation, limitsOf(rig.bridge, state.block), state.angle_rad);
    if (!rest.isHeld() && rest.stiffness_NmPerRad > 0.0)
        bands.pivot_rad = rig.bridge.friction.pivot_Nm / rest.stiffness_NmPerRad;
    for (std::size_t i = 0; i < rig.strings.size(); ++i) {
        const RigString& string = rig.strings[i];
        const double tension_N = equation.tension_N(i, state.angle_rad), stiffness_N = axialStiffness_N(string.wire);
        const double path_m = string.scale_m + tails_m(string, state.nutLocked);
        bands.nut_cents.push_back(state.nutLocked ? 0.0
                                                  : heldBack_cents(tension_N, stiffness_N, rig.bridge.friction.nut,
                                                                   string.nutBreak_rad, string.nutTail_m, path_m));
        bands.saddle_cents.push_back(heldBack_cents(tension_N, stiffness_N, rig.bridge.friction.saddle,
                                                    string.saddleBreak_rad, string.saddleTail_m, path_m));
        bands.pivot_cents.push_back(std::abs(equation.centsPerRadian(i, state.angle_rad)) * bands.pivot_rad);
    }
    return bands;
}

ReturnVerdict judgeReturn(const ReturnTest& test, double tolerance_cents) {
    const std::size_t n =
        std::min({test.before_cents.size(), test.afterDive_cents.size(), test.afterPull_cents.size()});
    ReturnVerdict verdict;
    std::size_t hangs = 0, bothWays = 0, sameWay = 0, flatBoth = 0;
    for (std::size_t i = 0; i < n; ++i) {
        const double dive = test.afterDive_cents[i] - test.before_cents[i];
        const double pull = test.afterPull_cents[i] - test.before_cents[i];
        const bool offDive = std::abs(dive) > tolerance_cents, offPull = std::abs(pull) > tolerance_cents;
        if (!offDive && !offPull)
            continue;
        verdict.strings.push_back(i);
        if (offDive && dive < 0.0 && !offPull)
            ++hangs;
        else if (offDive && offPull && dive * pull < 0.0)
            ++bothWays;
        else if (offDive && offPull && dive < 0.0)
            ++flatBoth;
        else
            ++sameWay;
    }
    const std::size_t off = verdict.strings.size();
    if (off == 0)
        return verdict;
    if (off == n && n > 1 && bothWays == n)
        verdict.cause = ReturnCause::Pivot;
    else if (off == n && n > 1 && flatBoth == n)
        verdict.cause = ReturnCause::NotSettled;
    else if (hangs == off)
        verdict.cause = ReturnCause::NutOrSaddle;
    else if (off == 1 && (sameWay == 1 || flatBoth == 1))
        verdict.cause = ReturnCause::Slip;
    else
        verdict.cause = ReturnCause::Mixed;
    return verdict;
}

} // namespace flenzo
