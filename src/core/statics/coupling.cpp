// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/statics/coupling.h"

#include "core/statics/equilibrium.h"

#include <cmath>
#include <limits>

namespace flenzo {

namespace {

/// Largest size of an eigenvalue, by how powers of the matrix grow (Gelfand's formula): squared so often that what the
/// first powers add or take is far below rounding.
double spectralRadius(Eigen::MatrixXd power) {
    constexpr int squarings = 40;
    double logarithm = 0.0, share = 1.0;
    for (int k = 0; k < squarings; ++k) {
        const double size = power.norm();
        if (!(size > 0.0))
            return 0.0;
        logarithm += share * std::log(size);
        share /= 2.0;
        power = (power / size) * (power / size);
    }
    return std::exp(logarithm);
}

} // namespace

Eigen::MatrixXd coupling(const Rig& rig, const State& state) {
    const auto n = static_cast<Eigen::Index>(rig.strings.size());
    Eigen::MatrixXd matrix = Eigen::MatrixXd::Identity(n, n);
    const BalanceEquation elastic(rig, state);
    if (findEquilibrium(elastic, limitsOf(rig.bridge, state.block), state.angle_rad).isHeld())
        return matrix; // nothing moves, so no string hears of another
    for (Eigen::Index i = 0; i < n; ++i) {
        const auto peg = static_cast<std::size_t>(i);
        const double pitch_Hz = elastic.frequency_Hz(peg, state.angle_rad);
        BalanceEquation held(rig, state);
        held.holdAtPitch(peg, pitch_Hz);
        const double stiffness = -held.at(state.angle_rad).slope_NmPerRad;
        const double radiansPerCent = elastic.momentPerCent_Nm(peg, pitch_Hz, state.angle_rad) / stiffness;
        for (Eigen::Index j = 0; j < n; ++j)
            if (j != i)
                matrix(j, i) = elastic.centsPerRadian(static_cast<std::size_t>(j), state.angle_rad) * radiansPerCent;
    }
    return matrix;
}

double passFactor(const Eigen::MatrixXd& coupling, const Order& order) {
    Eigen::MatrixXd pass = Eigen::MatrixXd::Identity(coupling.rows(), coupling.cols());
    for (const std::size_t string : order) {
        const auto i = static_cast<Eigen::Index>(string);
        // Tuning string i to zero takes its own error out and spreads it over the others.
        const Eigen::RowVectorXd error = pass.row(i);
        pass -= coupling.col(i) * error;
        pass.row(i).setZero();
    }
    if (!pass.allFinite())
        return std::numeric_limits<double>::infinity();
    return spectralRadius(pass);
}

} // namespace flenzo
