// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/settle/settling.h"

#include <Eigen/Dense>
#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

constexpr double leftPrior = 0.6;  ///< standard deviation of ln(left) before any drop
constexpr double sharePrior = 0.5; ///< of logit(share)
constexpr double handShare = 0.12; ///< no two pulls are alike
constexpr int mostStretches = 30;

double logistic(double x) {
    return 1.0 / (1.0 + std::exp(-x));
}
double logit(double share) {
    return std::log(share / (1.0 - share));
}

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

SettlingFit fitSettling(const std::vector<double>& drops_m, double noise_m, const Settling& usual) {
    const Eigen::Vector2d prior(std::log(usual.left_m), logit(usual.share));
    Eigen::Vector2d x = prior; // ln(left before the first stretch), logit(share)
    Eigen::Matrix2d normal;
    constexpr int rounds = 25;
    for (int round = 0; round < rounds; ++round) {
        normal = Eigen::Vector2d(1.0 / (leftPrior * leftPrior), 1.0 / (sharePrior * sharePrior)).asDiagonal();
        Eigen::Vector2d gradient = normal * (x - prior);
        const double left = std::exp(x[0]), share = logistic(x[1]);
        for (std::size_t k = 0; k < drops_m.size(); ++k) {
            const double drop = left * share * std::pow(1.0 - share, static_cast<double>(k));
            // d ln(drop) by ln(left) and by logit(share)
            const Eigen::Vector2d slope = drop * Eigen::Vector2d(1.0, (1.0 - share) - static_cast<double>(k) * share);
            const double deviation = std::hypot(noise_m, handShare * std::max(drop, drops_m[k]));
            const double weight = 1.0 / (deviation * deviation);
            normal += weight * slope * slope.transpose();
            gradient += weight * slope * (drop - std::max(0.0, drops_m[k]));
        }
        Eigen::Vector2d step = normal.ldlt().solve(gradient);
        const double size = step.cwiseAbs().maxCoeff();
        if (size > 0.7)
            step *= 0.7 / size;
        x -= step;
        if (size < 1e-9)
            break;
    }
    const Eigen::Matrix2d covariance = normal.inverse();
    SettlingFit fit;
    fit.drops = static_cast<int>(drops_m.size());
    fit.now.share = logistic(x[1]);
    fit.now.left_m = std::exp(x[0]) * std::pow(1.0 - fit.now.share, static_cast<double>(fit.drops));
    const Eigen::Vector2d leftNow(1.0, -static_cast<double>(fit.drops) * fit.now.share);
    fit.leftDeviation = std::sqrt(leftNow.dot(covariance * leftNow));
    fit.shareDeviation = std::sqrt(covariance(1, 1)) * fit.now.share * (1.0 - fit.now.share);
    return fit;
}

StretchCount stretchesNeeded(const SettlingFit& fit, double tolerance_m) {
    constexpr double tenth = 1.2816; // normal quantile
    const double up = std::exp(tenth * fit.leftDeviation);
    return {countAt(fit.now.left_m / up, fit.now.share, tolerance_m),
            countAt(fit.now.left_m, fit.now.share, tolerance_m),
            countAt(fit.now.left_m * up, fit.now.share, tolerance_m)};
}

} // namespace flenzo
