// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/learn/fit.h"

#include "core/balance/equation.h"

#include <Eigen/Cholesky>
#include <algorithm>
#include <ceres/ceres.h>
#include <cmath>

namespace flenzo {

namespace {

/// A reading further off than this many deviations pulls with the strength of one there.
constexpr double robustAt = 5.0;
/// Friction, bending and everything else the model leaves out.
constexpr double modelNoise_Nm = 0.004;
constexpr double rememberedLevel_rad = radians(0.1);
constexpr int mostIterations = 8;
/// Half a square per reading beyond which the solver is not believed to have found the guitar.
constexpr double surprising = 2.0;
/// Of one prior deviation; wide enough that the last digits of a rest do not show in the difference.
constexpr double derivativeStep = 2e-3;
/// Of prior deviations: what lies beyond counts as lying there, and only the prior goes on to draw it back. Bounds in
/// the solver would do the same at twice the price, for its line search wants derivatives.
constexpr double bound = 3.5;

double robust(double residual) {
    const double size = std::abs(residual);
    return size <= robustAt ? residual
                            : std::copysign(std::sqrt(2.0 * robustAt * size - robustAt * robustAt), residual);
}

/// How strongly a wrong angle upsets the balance: strings read with the gauge keep their pitch whatever the angle was,
/// all others their length, so that a look at the gauge alone says far less.
double stiffnessAsRead(const Rig& rig, const Standing& after) {
    BalanceEquation equation(rig, after.state);
    const double angle_rad = after.state.angle_rad;
    for (std::size_t i = 0; i < rig.strings.size(); ++i)
        if (const double f_Hz = equation.frequency_Hz(i, angle_rad); after.inRun[i] && f_Hz > 0.0)
            equation.holdAtPitch(i, f_Hz);
    return std::abs(equation.at(angle_rad).slope_NmPerRad);
}

/// What was known of a guitar last, reading by reading.
struct LastKnown {
    explicit LastKnown(std::size_t strings) : cents(strings) {}
    std::vector<std::optional<double>> cents;
    std::optional<double> gap_m;

    /// How far a prediction lies from it; what was never known has moved nowhere.
    static double movedTo(double predicted, const std::optional<double>& from) {
        return from ? std::abs(predicted - *from) : 0.0;
    }
    void take(const Event& event, const Bridge& bridge) {
        if (event.turnsString() && event.string < cents.size())
            cents[event.string] = event.to_cents;
        for (const auto& [string, reading] : event.readings_cents)
            if (string < cents.size())
                cents[string] = reading;
        if (event.gap_m || event.angle_rad)
            gap_m = event.gap_m ? *event.gap_m : gapAt_m(bridge, *event.angle_rad);
    }
};

std::vector<Misfit> misfitsOf(const BenchJob& job, const Rig& rig, const std::vector<Event>& log, const Runs& runs,
                              const std::vector<Standing>& standings) {
    std::vector<Misfit> list;
    // The prediction itself rests on readings of the same tuner and gauge.
    const double reading_cents = std::hypot(job.spread.tuner_cents, job.spread.tuner_cents) + 0.2;
    const double edge_m = rig.bridge.rearEdge_m;
    LastKnown last(rig.strings.size());
    std::size_t next = 0;
    for (const auto& [first, end] : runs) {
        for (; next < first; ++next)
            last.take(log[next], rig.bridge);
        const LastKnown beforeRun = last;
        const Standing& before = standings[first];
        for (; next <= end; ++next) {
            const Event& event = log[next];
            for (const auto& [string, measured] : event.readings_cents)
                if (string < rig.strings.size() && before.everRead[string] &&
                    std::isfinite(before.readings_cents[string])) {
                    const double predicted = before.readings_cents[string];
                    list.push_back({next, string, measured, predicted, reading_cents,
                                    LastKnown::movedTo(predicted, beforeRun.cents[string])});
                }
            if (before.angleEverRead && hasClaw(rig) && (event.gap_m || event.angle_rad)) {
                const double measured_m = event.angle_rad ? gapAt_m(rig.bridge, *event.angle_rad) : *event.gap_m;
                double predicted_m = gapAt_m(rig.bridge, before.state.angle_rad);
                if (event.touches())
                    predicted_m = std::max(0.0, predicted_m); // nobody sees how far beyond touching it lies
                const double read_m = edge_m * event.plateDeviation_rad(job.spread.gap_m / edge_m);
                list.push_back({next, std::nullopt, measured_m, predicted_m, std::hypot(read_m, job.spread.gap_m),
                                LastKnown::movedTo(predicted_m, beforeRun.gap_m)});
            }
            last.take(event, rig.bridge);
        }
    }
    return list;
}

/// Residuals of one job as a function of what is learned (eq. 25), differentiated by forward differences: each one is a
/// replay of the log.
class LogCost : public ceres::CostFunction {
public:
    LogCost(const BenchJob& job, const LearnedLayout& layout)
        : job_(job), layout_(layout), runs_(readingRuns(job.log)), log_(job.log) {
        priorRoot_ = Eigen::MatrixXd::Identity(Prior::size, Prior::size);
        if (job.prior)
            priorRoot_ = Eigen::MatrixXd(Eigen::LLT<Eigen::MatrixXd>(job.prior->covariance).matrixL()).inverse();
        const std::vector<double> probe = evaluate(Eigen::VectorXd::Zero(layout.size()));
        readings_ = static_cast<int>(probe.size()) - static_cast<int>(layout.size());
        set_num_residuals(static_cast<int>(probe.size()));
        mutable_parameter_block_sizes()->push_back(static_cast<int>(layout.size()));
    }
    [[nodiscard]] int readings() const { return readings_; }

    bool Evaluate(double const* const* parameters, double* residuals, double** jacobians) const override {
        const Eigen::VectorXd at = Eigen::Map<const Eigen::VectorXd>(parameters[0], layout_.size());
        const std::vector<double> base = evaluate(at);
        std::copy(base.begin(), base.end(), residuals);
        if (!jacobians || !jacobians[0])
            return true;
        const auto columns = static_cast<std::size_t>(layout_.size());
        for (std::size_t k = 0; k < columns; ++k) {
            Eigen::VectorXd moved = at;
            const double step = at[static_cast<Eigen::Index>(k)] > 0.0 ? -derivativeStep : derivativeStep;
            moved[static_cast<Eigen::Index>(k)] += step;
            const std::vector<double> there = evaluate(moved);
            for (std::size_t r = 0; r < base.size(); ++r)
                jacobians[0][r * columns + k] = (there[r] - base[r]) / step;
        }
        return true;
    }

private:
    [[nodiscard]] std::vector<double> evaluate(const Eigen::VectorXd& by) const {
        std::vector<double> out;
        out.reserve(static_cast<std::size_t>(std::max(0, num_residuals())));
        Eigen::VectorXd prior = by;
        if (job_.prior)
            prior.head(Prior::size) = priorRoot_ * (by.head(Prior::size) - job_.prior->mean);
        out.assign(prior.begin(), prior.end());
        const Eigen::VectorXd within = by.cwiseMax(-bound).cwiseMin(bound);
        const Rig rig = corrected(job_, within);
        addOldSet(rig, within, out);
        correctClaw(log_, job_, layout_, within);
        const std::vector<Standing> standings =
            replay(rig, slackStart(rig, job_.rig.claw.turns, job_.slackStart_cents), log_, ReplayDetail::AtReadings);
        for (const Misfit& misfit : misfitsOf(job_, rig, log_, runs_, standings))
            out.push_back(robust(misfit.inDeviations()));
        addBalances(rig, standings, out);
        // A rig so far off that it no longer follows the log must not change the number of residuals.
        if (num_residuals() > 0)
            out.resize(static_cast<std::size_t>(num_residuals()), robustAt);
        for (double& value : out)
            value = std::isfinite(value) ? value : 10.0 * robustAt;
        return out;
    }

    /// The balance of the set that came off is an equation like any other.
    void addOldSet(const Rig& rig, const Eigen::VectorXd& by, std::vector<double>& out) const {
        if (!job_.old.wasLevel || !hasClaw(rig))
            return;
        const Rig old = asItWas(rig, correctedOld(job_, by));
        BalanceEquation equation(old, bareState(old));
        for (std::size_t i = 0; i < old.strings.size(); ++i)
            equation.holdAtPitch(i, old.strings[i].target_Hz);
        const Moment m = equation.at(job_.old.angle_rad);
        out.push_back(robust(m.moment_Nm / std::hypot(m.slope_NmPerRad * rememberedLevel_rad, modelNoise_Nm)));
    }

    /// At every measured angle the moment must vanish without help.
    void addBalances(const Rig& rig, const std::vector<Standing>& standings, std::vector<double>& out) const {
        if (!hasClaw(rig))
            return;
        for (const auto& [first, last] : runs_) {
            double angleDeviation = 0.0;
            for (std::size_t e = first; e <= last; ++e)
                if (job_.log[e].gap_m || job_.log[e].angle_rad)
                    angleDeviation = std::max(
                        angleDeviation, job_.log[e].plateDeviation_rad(job_.spread.gap_m / job_.rig.bridge.rearEdge_m));
            const Standing& after = standings[last + 1];
            const bool known = std::all_of(after.everRead.begin(), after.everRead.end(), [](bool b) { return b; });
            if (angleDeviation == 0.0 || !known || after.state.block)
                continue;
            const double deviation = std::hypot(stiffnessAsRead(rig, after) * angleDeviation, modelNoise_Nm);
            out.push_back(robust(after.state.extraMoment_Nm / deviation));
        }
    }

    const BenchJob& job_;
    const LearnedLayout& layout_;
    Runs runs_;
    mutable std::vector<Event> log_; ///< the job's, its claw turned as is tried; copied once, for copies cost a replay
    Eigen::MatrixXd priorRoot_;
    int readings_ = 0;
};

Eigen::VectorXd startOf(const BenchJob& job, const LearnedLayout& layout, const Eigen::VectorXd& start) {
    Eigen::VectorXd at = extended(start, layout);
    if (job.prior && start.size() == 0)
        at.head(Prior::size) = job.prior->mean;
    return at.cwiseMax(-bound).cwiseMin(bound);
}

/// From one guess to the bottom of the valley it lies in.
Fit solvedFrom(const BenchJob& job, const LearnedLayout& layout, const Eigen::VectorXd& start, int iterations) {
    auto* cost = new LogCost(job, layout); // the problem takes it over
    Fit fit;
    fit.readings = cost->readings();
    fit.mean = start;
    ceres::Problem problem;
    problem.AddResidualBlock(cost, nullptr, fit.mean.data());
    ceres::Solver::Options options;
    options.linear_solver_type = ceres::DENSE_QR;
    options.max_num_iterations = iterations;
    options.function_tolerance = 1e-3;
    options.logging_type = ceres::SILENT;
    options.num_threads = 1;
    ceres::Solver::Summary summary;
    ceres::Solve(options, &problem, &summary);
    fit.converged = summary.termination_type == ceres::CONVERGENCE;
    fit.cost = summary.final_cost;
    fit.mean = fit.mean.cwiseMax(-bound).cwiseMin(bound).eval();
    return fit;
}

/// The prior keeps J'J away from singular, so its inverse is the covariance without more ado.
Eigen::MatrixXd covarianceAt(const BenchJob& job, const LearnedLayout& layout, const Eigen::VectorXd& mean) {
    const LogCost cost(job, layout);
    Eigen::VectorXd residuals(cost.num_residuals());
    Eigen::Matrix<double, Eigen::Dynamic, Eigen::Dynamic, Eigen::RowMajor> jacobian(residuals.size(), mean.size());
    const double* at = mean.data();
    double* rows = jacobian.data();
    cost.Evaluate(&at, residuals.data(), &rows);
    const Eigen::MatrixXd normal = jacobian.transpose() * jacobian;
    return normal.llt().solve(Eigen::MatrixXd::Identity(mean.size(), mean.size()));
}

/// In the order in which it happened: first what the beginning of a long log tells, then more of it, so that the solver
/// never has far to go.
Fit solvedInOrder(const BenchJob& whole) {
    constexpr std::size_t beginning = 7, more = 3;
    std::size_t share = 1;
    while (whole.log.size() / (share * more) >= beginning)
        share *= more;
    BenchJob job = whole;
    Fit fit;
    for (; share > 0; share /= more) {
        job.log.assign(whole.log.begin(), whole.log.begin() + static_cast<long>(whole.log.size() / share));
        const LearnedLayout layout(job);
        fit = solvedFrom(job, layout, startOf(job, layout, fit.mean), 2 * mostIterations);
    }
    return fit;
}

} // namespace

Prior Fit::prior() const {
    return {mean.head(Prior::size), covariance.topLeftCorner(Prior::size, Prior::size)};
}

std::vector<Event> without(std::vector<Event> log, const std::vector<std::size_t>& leftOut) {
    for (const std::size_t event : leftOut) {
        log[event].readings_cents.clear();
        log[event].gap_m.reset();
        log[event].angle_rad.reset();
    }
    return log;
}

std::vector<Misfit> misfits(const BenchJob& job, const Rig& rig, const std::vector<Event>& log) {
    return misfitsOf(
        job, rig, log, readingRuns(log),
        replay(rig, slackStart(rig, job.rig.claw.turns, job.slackStart_cents), log, ReplayDetail::AtReadings));
}

bool bringsNews(const BenchJob& job, const Fit& fit) {
    constexpr double expected = 1.3; ///< mean square of a residual
    const LearnedLayout layout(job);
    const LogCost cost(job, layout);
    const int fresh = cost.readings() - fit.readings;
    if (fit.readings < 3 * static_cast<int>(layout.strings) || fit.mean.size() != layout.size())
        return true;
    Eigen::VectorXd residuals(cost.num_residuals());
    const double* at = fit.mean.data();
    cost.Evaluate(&at, residuals.data(), nullptr);
    return residuals.squaredNorm() - 2.0 * fit.cost > expected * fresh;
}

Fit fitGuitar(const BenchJob& whole, const std::vector<std::size_t>& leftOut, const Eigen::VectorXd& start) {
    BenchJob job = whole;
    job.log = without(std::move(job.log), leftOut);
    const LearnedLayout layout(job);
    Fit fit =
        start.size() == 0 ? solvedInOrder(job) : solvedFrom(job, layout, startOf(job, layout, start), mostIterations);
    const auto isNoAnswer = [&fit] { return fit.cost > surprising * fit.readings; };
    const auto keepBetter = [&fit](Fit other) {
        if (other.cost < fit.cost)
            fit = std::move(other);
    };
    // A large surprise can send the solver into a valley that is no answer. What was known first is then a better place
    // to come from, with more time, or the guitar as it was learned little by little.
    if (isNoAnswer())
        keepBetter(solvedFrom(job, layout, startOf(job, layout, {}), 4 * mostIterations));
    if (isNoAnswer() && start.size() > 0)
        keepBetter(solvedInOrder(job));
    fit.covariance = covarianceAt(job, layout, fit.mean);
    fit.rig = corrected(job, fit.mean);
    return fit;
}

} // namespace flenzo
