// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/operations/settling.h"

#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

constexpr int mostStretches = 30;

int countAt(double left_m, double share, double tolerance_m) {
    const double first_m = left_m * share;
    if (first_m <= tolerance_m)
        return 0;
    const double more = std::log(tolerance_m / first_m) / std::log(1.0 - share);
    return std::min(mostStretches, static_cast<int>(std::ceil(more)));
}

} // namespace

double Settling::stretch() {
    const double drop_m = nextDrop_m();
    left_m -= drop_m;
    return drop_m;
}

double wrapsOnPost(const Wire& wire, Wraps wraps) {
    switch (wraps) {
    case Wraps::Usual:
        return wire.isWound() ? 2.5 : 4.0;
    case Wraps::Few:
        return wire.isWound() ? 1.5 : 2.5;
    case Wraps::Clamped:
        break;
    }
    return 0.5;
}

Settling usualSettling(const Wire& wire, Wraps wraps, double pullShare) {
    constexpr double gentlePull = 0.55, mostPulled = 0.9;
    return {1e-4 + 0.7e-4 * wrapsOnPost(wire, wraps), std::min(mostPulled, gentlePull * pullShare)};
}

StretchCount stretchesNeeded(const SettlingFit& fit, double tolerance_m) {
    constexpr double tenth = 1.2816; // normal quantile
    const double up = std::exp(tenth * fit.leftDeviation);
    return {countAt(fit.now.left_m / up, fit.now.share, tolerance_m),
            countAt(fit.now.left_m, fit.now.share, tolerance_m),
            countAt(fit.now.left_m * up, fit.now.share, tolerance_m)};
}

} // namespace flenzo
