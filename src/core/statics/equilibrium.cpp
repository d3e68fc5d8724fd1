// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/statics/equilibrium.h"

#include <algorithm>
#include <boost/math/tools/toms748_solve.hpp>
#include <cmath>

namespace flenzo {

namespace {

constexpr double balanced_Nm = 2e-10; // under the promised 1e-9 with room for rounding
constexpr double newtonReach_rad = 0.06;
constexpr double scanStep_rad = 0.002;
constexpr int newtonBudget = 8;

/// Counts evaluations of one equation.
class Probe {
public:
    explicit Probe(const BalanceEquation& equation) : equation_(equation) {}
    Moment at(double angle_rad) {
        ++count_;
        return equation_.at(angle_rad);
    }
    [[nodiscard]] int count() const { return count_; }

private:
    const BalanceEquation& equation_;
    int count_ = 0;
};

Equilibrium restAt(EquilibriumKind kind, double angle_rad, const Moment& m, const Probe& probe) {
    return {kind, angle_rad, m.moment_Nm, -m.slope_NmPerRad, probe.count()};
}

Equilibrium contact(const Limits& limits, bool high, Probe& probe) {
    const double angle = high ? limits.high_rad : limits.low_rad;
    const bool block = high ? limits.highIsBlock : limits.lowIsBlock;
    const EquilibriumKind stop = high ? EquilibriumKind::ForwardStop : EquilibriumKind::RearStop;
    return restAt(block ? EquilibriumKind::Blocked : stop, angle, probe.at(angle), probe);
}

/// Newton while it is safe; `settled` says whether the returned rest is the answer.
Equilibrium newton(Probe& probe, const Limits& limits, double start_rad, Moment m, bool& settled) {
    double angle = start_rad;
    for (int i = 0; i < newtonBudget; ++i) {
        if (m.slope_NmPerRad >= 0.0)
            break;
        if (std::abs(m.moment_Nm) <= balanced_Nm) {
            settled = true;
            return restAt(EquilibriumKind::Free, angle, m, probe);
        }
        const double next = angle - m.moment_Nm / m.slope_NmPerRad;
        if (!(std::abs(next - angle) < newtonReach_rad) || next < limits.low_rad || next > limits.high_rad)
            break;
        angle = next;
        m = probe.at(angle);
    }
    settled = false;
    return {};
}

/// Root of a bracket [a, b] with opposite signs; a jump of the moment (a spring just loose) is told from a root.
Equilibrium bracketed(Probe& probe, double a, double b, double ma, double mb) {
    if (ma == 0.0)
        return restAt(EquilibriumKind::Free, a, probe.at(a), probe);
    if (mb == 0.0)
        return restAt(EquilibriumKind::Free, b, probe.at(b), probe);
    if (a > b) {
        std::swap(a, b);
        std::swap(ma, mb);
    }
    std::uintmax_t budget = 200;
    const auto close = [](double x, double y) { return std::abs(x - y) <= 4e-16 * (1.0 + std::abs(x)); };
    const auto root = boost::math::tools::toms748_solve([&probe](double x) { return probe.at(x).moment_Nm; }, a, b, ma,
                                                        mb, close, budget);
    const Moment first = probe.at(root.first), second = probe.at(root.second);
    const bool firstBetter = std::abs(first.moment_Nm) <= std::abs(second.moment_Nm);
    const Moment& best = firstBetter ? first : second;
    const double angle = firstBetter ? root.first : root.second;
    if (std::abs(best.moment_Nm) <= 1e-9)
        return restAt(EquilibriumKind::Free, angle, best, probe);
    const bool narrow = root.second - root.first <= 1e-12;
    return restAt(narrow ? EquilibriumKind::SpringEdge : EquilibriumKind::NotFound, angle, best, probe);
}

/// Deepest point of a cell whose ends push the same way while the moment dips towards zero between them.
double dipOf(Probe& probe, double a, double b, double direction) {
    double low = a, high = b; // bisect the slope
    for (int i = 0; i < 40; ++i) {
        const double mid = (low + high) / 2.0;
        const Moment m = probe.at(mid);
        if (m.moment_Nm * direction <= 0.0)
            return mid;
        (m.slope_NmPerRad * direction < 0.0 ? low : high) = mid;
    }
    return (low + high) / 2.0;
}

Equilibrium scan(Probe& probe, const Limits& limits, double start_rad, Moment m) {
    // On an exactly unstable balance the bridge tips forward: strings are what a technician disturbs.
    const double direction = m.moment_Nm < 0.0 ? -1.0 : 1.0;
    const double end = direction > 0.0 ? limits.high_rad : limits.low_rad;
    double a = start_rad;
    while (a != end) {
        const double b = std::abs(end - a) <= scanStep_rad ? end : a + direction * scanStep_rad;
        const Moment mb = probe.at(b);
        if (mb.moment_Nm * direction <= 0.0)
            return bracketed(probe, a, b, m.moment_Nm, mb.moment_Nm);
        // Going on in this direction the push shrinks at a and grows at b: a narrow well may hide between.
        if (m.slope_NmPerRad < 0.0 && mb.slope_NmPerRad > 0.0) {
            const double dip = dipOf(probe, std::min(a, b), std::max(a, b), direction);
            const Moment md = probe.at(dip);
            if (md.moment_Nm * direction <= 0.0)
                return bracketed(probe, a, dip, m.moment_Nm, md.moment_Nm);
        }
        a = b;
        m = mb;
    }
    return contact(limits, direction > 0.0, probe);
}

/// Equilibrium on a stretch of angles on which the moment is smooth but for springs that come loose.
Equilibrium restBetween(Probe& probe, const Limits& limits, double start) {
    const Moment m = probe.at(start);
    if (!std::isfinite(m.moment_Nm))
        return restAt(EquilibriumKind::NotFound, start, m, probe);
    if (start == limits.low_rad && m.moment_Nm < 0.0)
        return contact(limits, false, probe);
    if (start == limits.high_rad && m.moment_Nm > 0.0)
        return contact(limits, true, probe);
    bool settled = false;
    const Equilibrium fast = newton(probe, limits, start, m, settled);
    return settled ? fast : scan(probe, limits, start, m);
}

/// The moment jumps at the assist's centre, so each side is a stretch of its own: up to the centre, then, unless the
/// assist holds what is left there, on into the other side.
Equilibrium restAcrossCentre(const BalanceEquation& equation, Probe& probe, const Limits& limits, double start) {
    const CentringAssist& assist = *equation.assist();
    const double below = std::nextafter(assist.centre_rad, -10.0), above = std::nextafter(assist.centre_rad, 10.0);
    Limits low = limits, high = limits;
    low.high_rad = below;
    high.low_rad = above;
    if (start != assist.centre_rad) {
        const bool isBelow = start < assist.centre_rad;
        const Equilibrium rest = restBetween(probe, isBelow ? low : high, start);
        if (rest.angle_rad != (isBelow ? below : above))
            return rest;
    }
    const Moment left = equation.unassisted(assist.centre_rad);
    if (std::abs(left.moment_Nm) <= assist.preload_Nm)
        return restAt(EquilibriumKind::Centred, assist.centre_rad, left, probe);
    return left.moment_Nm < 0.0 ? restBetween(probe, low, below) : restBetween(probe, high, above);
}

} // namespace

Limits limitsOf(const Bridge& bridge, const std::optional<Block>& block) {
    if (!bridge.has().moves())
        return {};
    Limits limits{bridge.rearStop_rad, bridge.forwardStop_rad, false, false};
    if (!block)
        return limits;
    const double angle = std::clamp(block->angle_rad, limits.low_rad, limits.high_rad);
    if (block->kind != Block::Kind::Front) {
        limits.low_rad = angle;
        limits.lowIsBlock = true;
    }
    if (block->kind != Block::Kind::Rear) {
        limits.high_rad = angle;
        limits.highIsBlock = true;
    }
    return limits;
}

Equilibrium findEquilibrium(const BalanceEquation& equation, const Limits& limits, double start_rad) {
    Probe probe(equation);
    if (equation.motion() == Motion::None)
        return restAt(EquilibriumKind::Fixed, 0.0, probe.at(0.0), probe);
    if (limits.high_rad <= limits.low_rad)
        return contact(limits, true, probe);
    const double start = std::clamp(std::isfinite(start_rad) ? start_rad : 0.0, limits.low_rad, limits.high_rad);
    const auto& assist = equation.assist();
    if (assist && limits.low_rad < assist->centre_rad && assist->centre_rad < limits.high_rad)
        return restAcrossCentre(equation, probe, limits, start);
    return restBetween(probe, limits, start);
}

} // namespace flenzo
