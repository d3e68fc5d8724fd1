// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/log/shop_prior.h"

#include <Eigen/Cholesky>
#include <algorithm>
#include <array>

namespace flenzo {

namespace {

/// What the readings of one guitar say apart from the prior they were learned with.
struct Told {
    Eigen::MatrixXd precision; ///< 0 in what they say nothing of
    Eigen::VectorXd weighted;  ///< that times the mean
};

/// All but the claw's place.
std::vector<Eigen::Index> shared() {
    std::vector<Eigen::Index> out;
    for (Eigen::Index k = 0; k < learnedCount; ++k)
        if (k != static_cast<Eigen::Index>(Learned::ClawPlace))
            out.push_back(k);
    return out;
}

Eigen::MatrixXd inverseOf(const Eigen::MatrixXd& symmetric) {
    return symmetric.ldlt().solve(Eigen::MatrixXd::Identity(symmetric.rows(), symmetric.cols()));
}

Told toldBy(const Prior& guitar, const std::vector<Eigen::Index>& which) {
    const Eigen::MatrixXd inverse = inverseOf(guitar.covariance(which, which));
    const Eigen::LDLT<Eigen::MatrixXd> parts(inverse - Eigen::MatrixXd::Identity(inverse.rows(), inverse.cols()));
    // Rounding, or a prior that was not the usual one, may leave a little less than nothing.
    const Eigen::MatrixXd lower = parts.transpositionsP().transpose() * Eigen::MatrixXd(parts.matrixL());
    const Eigen::MatrixXd precision = lower * parts.vectorD().cwiseMax(0.0).asDiagonal() * lower.transpose();
    return {precision, inverse * Eigen::VectorXd(guitar.mean(which))};
}

} // namespace

std::optional<ShopPrior> shopPrior(const std::vector<Prior>& guitars, const ShopPriorOptions& options) {
    if (static_cast<double>(guitars.size()) < options.leastGuitars)
        return std::nullopt;
    const std::vector<Eigen::Index> which = shared();
    std::vector<Told> told;
    told.reserve(guitars.size());
    for (const Prior& guitar : guitars)
        told.push_back(toldBy(guitar, which));
    const auto size = static_cast<Eigen::Index>(which.size());
    const double count = static_cast<double>(told.size());
    Eigen::VectorXd mean = Eigen::VectorXd::Zero(size), variance = Eigen::VectorXd::Ones(size);
    constexpr int rounds = 60; // expectation and maximisation in turn; long past where it moves
    for (int round = 0; round < rounds; ++round) {
        Eigen::VectorXd sum = Eigen::VectorXd::Zero(size), squares = Eigen::VectorXd::Zero(size);
        std::vector<Eigen::VectorXd> at;
        for (const Told& guitar : told) {
            const Eigen::MatrixXd precision = guitar.precision + Eigen::MatrixXd(variance.cwiseInverse().asDiagonal());
            const Eigen::MatrixXd covariance = inverseOf(precision);
            at.push_back(covariance * (guitar.weighted + mean.cwiseQuotient(variance)));
            sum += at.back();
            squares += covariance.diagonal();
        }
        mean = sum / (count + options.ours);
        for (const Eigen::VectorXd& guitar : at)
            squares += (guitar - mean).cwiseAbs2();
        variance = (squares + options.ours * (Eigen::VectorXd::Ones(size) + mean.cwiseAbs2())) / (count + options.ours);
        variance = variance.cwiseMax(options.leastSpread * options.leastSpread);
    }
    Prior out;
    for (Eigen::Index k = 0; k < size; ++k) {
        const Eigen::Index at = which[static_cast<std::size_t>(k)];
        out.mean[at] = mean[k];
        out.covariance(at, at) = variance[k] * (1.0 + 1.0 / (count + options.ours)); // the mean is not known either
    }
    return ShopPrior{out, static_cast<int>(guitars.size())};
}

} // namespace flenzo
