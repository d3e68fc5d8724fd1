// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/setup/friction.h"

#include "core/statics/equilibrium.h"

#include <Eigen/Cholesky>
#include <algorithm>
#include <array>
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

namespace {

/// What one explanation of a return test costs: which strings keep something for themselves, and whether the pivot
/// holds.
class ReturnFit {
public:
    ReturnFit(const ReturnTest& test, const Rig& rig, const State& state, double reading_cents)
        : n_(static_cast<Eigen::Index>(std::min({test.before_cents.size(), test.afterDive_cents.size(),
                                                 test.afterPull_cents.size(), rig.strings.size()}))),
          deviation_cents_(std::sqrt(2.0) * std::max(least_cents, reading_cents)), centsPerRad_(n_),
          tiltPerCent_rad_(Eigen::VectorXd::Zero(n_)), moved_{Eigen::VectorXd(n_), Eigen::VectorXd(n_)},
          tilt_{test.diveTilt_rad, test.pullTilt_rad} {
        const BalanceEquation equation(rig, state);
        const Equilibrium rest = findEquilibrium(equation, limitsOf(rig.bridge, state.block), state.angle_rad);
        isHeld_ = rest.isHeld();
        for (Eigen::Index i = 0; i < n_; ++i) {
            const auto string = static_cast<std::size_t>(i);
            moved_[0][i] = test.afterDive_cents[string] - test.before_cents[string];
            moved_[1][i] = test.afterPull_cents[string] - test.before_cents[string];
            centsPerRad_[i] = equation.centsPerRadian(string, state.angle_rad);
            const double f_Hz = equation.frequency_Hz(string, state.angle_rad);
            if (!isHeld_ && f_Hz > 0.0 && rest.stiffness_NmPerRad > 0.0)
                tiltPerCent_rad_[i] =
                    equation.momentPerCent_Nm(string, f_Hz, state.angle_rad) / rest.stiffness_NmPerRad;
        }
    }

    struct Fitted {
        double cost_nats = 0.0;
        std::array<double, 2> tilt_rad{};
        std::array<Eigen::VectorXd, 2> residue_cents;
    };

    /// `own`: strings that keep something; `pivot`: the plate may stay where it is held.
    [[nodiscard]] Fitted fit(const std::vector<bool>& own, bool pivot) const {
        Fitted out;
        const auto strings = std::count(own.begin(), own.end(), true);
        out.cost_nats = pivot ? pivotPrice_nats : 0.0;
        for (std::size_t phase = 0; phase < 2; ++phase)
            fitPhase(phase, own, pivot, out);
        // New strings all give for one reason.
        const bool allGive =
            strings == n_ && n_ > 2 && out.residue_cents[0].maxCoeff() < 0.0 && out.residue_cents[1].maxCoeff() < 0.0;
        out.cost_nats += allGive ? newPrice_nats : stringPrice_nats * static_cast<double>(strings);
        return out;
    }

    [[nodiscard]] std::size_t strings() const { return static_cast<std::size_t>(n_); }
    [[nodiscard]] double deviation_cents() const { return deviation_cents_; }
    [[nodiscard]] bool isHeld() const { return isHeld_; }

private:
    static constexpr double least_cents = 0.3, stringPrice_nats = 4.0, pivotPrice_nats = 3.0, newPrice_nats = 8.0,
                            wrongWay_nats = 12.0;
    static constexpr double residue_cents = 12.0, held_rad = 0.006, look_rad = 0.003;

    /// Unknown are the residues of `own`, then the tilt that the pivot holds: moved = c (tilt + sum of what the
    /// residues tip) + residue.
    void fitPhase(std::size_t phase, const std::vector<bool>& own, bool pivot, Fitted& out) const {
        std::vector<Eigen::Index> free;
        for (Eigen::Index i = 0; i < n_; ++i)
            if (own[static_cast<std::size_t>(i)])
                free.push_back(i);
        const auto k = static_cast<Eigen::Index>(free.size());
        Eigen::MatrixXd design = Eigen::MatrixXd::Zero(n_ + 1, k + 1);
        Eigen::VectorXd seen = Eigen::VectorXd::Zero(n_ + 1);
        for (Eigen::Index a = 0; a < k; ++a) {
            design.col(a).head(n_) = centsPerRad_ * tiltPerCent_rad_[free[static_cast<std::size_t>(a)]];
            design(free[static_cast<std::size_t>(a)], a) += 1.0;
            design(n_, a) = tiltPerCent_rad_[free[static_cast<std::size_t>(a)]];
        }
        design.col(k).head(n_) = centsPerRad_;
        design(n_, k) = 1.0;
        if (!pivot)
            design.col(k).setZero();
        seen.head(n_) = moved_[phase];
        seen[n_] = tilt_[phase].value_or(0.0);
        Eigen::VectorXd weight = Eigen::VectorXd::Constant(n_ + 1, 1.0 / (deviation_cents_ * deviation_cents_));
        weight[n_] = tilt_[phase] ? 1.0 / (look_rad * look_rad) : 0.0;
        Eigen::MatrixXd normal = design.transpose() * weight.asDiagonal() * design;
        for (Eigen::Index a = 0; a < k; ++a)
            normal(a, a) += 1.0 / (residue_cents * residue_cents);
        normal(k, k) += 1.0 / (held_rad * held_rad);
        const Eigen::VectorXd found = normal.llt().solve(design.transpose() * (weight.asDiagonal() * seen));
        const Eigen::VectorXd off = seen - design * found;
        out.cost_nats += 0.5 * off.dot(weight.asDiagonal() * off) +
                         0.5 * found.head(k).squaredNorm() / (residue_cents * residue_cents) +
                         0.5 * found[k] * found[k] / (held_rad * held_rad);
        out.residue_cents[phase] = Eigen::VectorXd::Zero(n_);
        out.tilt_rad[phase] = pivot ? found[k] : 0.0;
        // A pivot that holds leaves the plate forward after a dive and back after a pull-up, never the other way.
        constexpr double plain_rad = 3e-4;
        if (pivot && (phase == 0 ? found[k] < -plain_rad : found[k] > plain_rad))
            out.cost_nats += wrongWay_nats;
        for (Eigen::Index a = 0; a < k; ++a) {
            out.residue_cents[phase][free[static_cast<std::size_t>(a)]] = found[a];
            out.tilt_rad[phase] += found[a] * tiltPerCent_rad_[free[static_cast<std::size_t>(a)]];
        }
    }

    Eigen::Index n_;
    double deviation_cents_;
    bool isHeld_ = false;
    Eigen::VectorXd centsPerRad_, tiltPerCent_rad_;
    std::array<Eigen::VectorXd, 2> moved_;
    std::array<std::optional<double>, 2> tilt_;
};

ReturnCause causeOf(const ReturnFit::Fitted& fit, const std::vector<bool>& own, bool pivot, bool nutLocked,
                    double deviation_cents) {
    std::size_t hangs = 0, slips = 0, other = 0;
    for (std::size_t i = 0; i < own.size(); ++i) {
        if (!own[i])
            continue;
        const auto k = static_cast<Eigen::Index>(i);
        const double dive = fit.residue_cents[0][k], pull = fit.residue_cents[1][k];
        if (dive < -deviation_cents && pull < -deviation_cents)
            ++slips;
        else if ((dive > deviation_cents && pull < deviation_cents) ||
                 (pull < -deviation_cents && dive > -deviation_cents))
            ++hangs;
        else
            ++other;
    }
    const std::size_t all = hangs + slips + other;
    if (all == 0)
        return !pivot                                           ? ReturnCause::Returns
               : fit.tilt_rad[0] > 0.0 || fit.tilt_rad[1] < 0.0 ? ReturnCause::Pivot
                                                                : ReturnCause::Mixed;
    if (pivot || other > 0 || (hangs > 0 && slips > 0))
        return ReturnCause::Mixed;
    if (slips == own.size() && own.size() > 1)
        return ReturnCause::NotSettled;
    return slips > 0 ? ReturnCause::Slip : nutLocked ? ReturnCause::Saddle : ReturnCause::NutOrSaddle;
}

} // namespace

ReturnVerdict judgeReturn(const ReturnTest& test, const Rig& rig, const State& state, double reading_cents) {
    const ReturnFit fits(test, rig, state, reading_cents);
    const std::size_t n = fits.strings();
    struct Way {
        std::vector<bool> own;
        bool pivot;
        ReturnFit::Fitted fit;
    };
    std::vector<Way> ways;
    const auto consider = [&](const std::vector<bool>& own) {
        for (const bool pivot : {false, true})
            if (!pivot || !fits.isHeld())
                ways.push_back({own, pivot, fits.fit(own, pivot)});
    };
    const std::vector<bool> none(n, false);
    consider(none);
    for (std::size_t i = 0; i < n; ++i)
        for (std::size_t j = i; j < n; ++j) {
            std::vector<bool> own = none;
            own[i] = own[j] = true;
            consider(own);
        }
    // One string after another, the one that explains most, until all keep something: new strings do.
    std::vector<bool> grown = none;
    for (std::size_t k = 0; k < n; ++k) {
        std::optional<std::size_t> best;
        double least_nats = 0.0;
        for (std::size_t i = 0; i < n; ++i) {
            if (grown[i])
                continue;
            std::vector<bool> own = grown;
            own[i] = true;
            if (const double cost = fits.fit(own, false).cost_nats; !best || cost < least_nats) {
                best = i;
                least_nats = cost;
            }
        }
        grown[*best] = true;
        if (k >= 2)
            consider(grown);
    }
    const auto likeliest = std::min_element(
        ways.begin(), ways.end(), [](const Way& a, const Way& b) { return a.fit.cost_nats < b.fit.cost_nats; });
    ReturnVerdict verdict;
    const auto cause = [&](const Way& way) {
        return causeOf(way.fit, way.own, way.pivot, state.nutLocked, fits.deviation_cents());
    };
    verdict.cause = cause(*likeliest);
    double same = 0.0, all = 0.0;
    for (const Way& way : ways) {
        const double weight = std::exp(likeliest->fit.cost_nats - way.fit.cost_nats);
        all += weight;
        if (cause(way) == verdict.cause)
            same += weight;
    }
    verdict.odds = same / all;
    verdict.diveTilt_rad = likeliest->fit.tilt_rad[0];
    verdict.pullTilt_rad = likeliest->fit.tilt_rad[1];
    for (std::size_t i = 0; i < n; ++i) {
        verdict.diveResidue_cents.push_back(likeliest->fit.residue_cents[0][static_cast<Eigen::Index>(i)]);
        verdict.pullResidue_cents.push_back(likeliest->fit.residue_cents[1][static_cast<Eigen::Index>(i)]);
        if (likeliest->own[i])
            verdict.strings.push_back(i);
    }
    return verdict;
}

} // namespace flenzo
