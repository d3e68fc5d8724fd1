// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/learn/fit.h"

#include "core/bridge/geometry.h"

#include <algorithm>
#include <ceres/ceres.h>
#include <cmath>
#include <memory>

namespace flenzo {

namespace {

constexpr auto n = static_cast<int>(learnedCount);
/// A reading further off than this many deviations pulls with the strength of one there.
constexpr double robustAt = 5.0;
/// Friction, bending and everything else the model leaves out.
constexpr double modelNoise_Nm = 0.004;
constexpr double rememberedLevel_rad = radians(0.1);
constexpr int mostIterations = 12;

double robust(double residual) {
    const double size = std::abs(residual);
    return size <= robustAt ? residual
                            : std::copysign(std::sqrt(2.0 * robustAt * size - robustAt * robustAt), residual);
}

/// Runs of readings with nothing done between them: [first, last] event.
std::vector<std::pair<std::size_t, std::size_t>> snapshotsOf(const std::vector<Event>& log) {
    std::vector<std::pair<std::size_t, std::size_t>> runs;
    for (std::size_t e = 0; e < log.size(); ++e) {
        if (log[e].kind != Event::Kind::Read)
            continue;
        if (!runs.empty() && runs.back().second + 1 == e)
            runs.back().second = e;
        else
            runs.emplace_back(e, e);
    }
    return runs;
}

/// Stiffness with every string held at its present pitch: how strongly a wrong angle upsets the balance.
double heldStiffness(const Rig& rig, const State& state) {
    BalanceEquation equation(rig, state);
    for (std::size_t i = 0; i < rig.strings.size(); ++i)
        if (const double f_Hz = equation.frequency_Hz(i, state.angle_rad); f_Hz > 0.0)
            equation.holdAtPitch(i, f_Hz);
    return std::abs(equation.at(state.angle_rad).slope_NmPerRad);
}

using Runs = std::vector<std::pair<std::size_t, std::size_t>>;

std::vector<Misfit> misfitsOf(const BenchJob& job, const Rig& rig, const std::vector<Event>& log, const Runs& runs,
                              const std::vector<Standing>& standings) {
    std::vector<Misfit> list;
    // The prediction itself rests on readings of the same tuner.
    const double reading_cents = std::hypot(job.spread.tuner_cents, job.spread.tuner_cents) + 0.2;
    for (const auto& [first, last] : runs) {
        const Standing& before = standings[first];
        for (std::size_t e = first; e <= last; ++e) {
            for (const auto& [string, measured] : log[e].readings_cents)
                if (string < rig.strings.size() && before.everRead[string] &&
                    std::isfinite(before.readings_cents[string]))
                    list.push_back({e, string, measured, before.readings_cents[string], reading_cents});
            if (log[e].gap_m && before.angleEverRead)
                list.push_back({e, std::nullopt, *log[e].gap_m, gapAt_m(rig.bridge, before.state.angle_rad),
                                std::hypot(job.spread.gap_m, job.spread.gap_m)});
        }
    }
    return list;
}

class Residuals {
public:
    Residuals(const BenchJob& job, std::vector<Event> log) : job_(job), log_(std::move(log)), runs_(snapshotsOf(log_)) {
        std::vector<double> out;
        evaluate(LearnedVector::Zero(), out);
        count_ = static_cast<int>(out.size());
        readings_ = count_ - n;
    }
    [[nodiscard]] int count() const { return count_; }
    [[nodiscard]] int readings() const { return readings_; }

    bool operator()(double const* const* parameters, double* residuals) const {
        std::vector<double> out;
        evaluate(Eigen::Map<const LearnedVector>(parameters[0]), out);
        // A rig so far off that it no longer follows the log must not change the number of residuals.
        out.resize(static_cast<std::size_t>(count_), robustAt);
        std::copy(out.begin(), out.end(), residuals);
        return true;
    }

private:
    void evaluate(const LearnedVector& by, std::vector<double>& out) const {
        for (int k = 0; k < n; ++k)
            out.push_back(by[k]);
        const Rig rig = corrected(job_, by);
        addOldSet(rig, out);
        const std::vector<Standing> standings =
            replay(rig, slackStart(rig, job_.rig.claw.turns, job_.slackStart_cents), log_);
        for (const Misfit& misfit : misfitsOf(job_, rig, log_, runs_, standings))
            out.push_back(robust(misfit.inDeviations()));
        addBalances(rig, standings, out);
    }

    /// The balance of the set that came off is an equation like any other.
    void addOldSet(const Rig& rig, std::vector<double>& out) const {
        if (!job_.wasLevel)
            return;
        const Rig old = withSet(rig, job_.off);
        State state = bareState(old);
        BalanceEquation equation(old, state);
        for (std::size_t i = 0; i < old.strings.size(); ++i)
            equation.holdAtPitch(i, old.strings[i].target_Hz);
        const Moment m = equation.at(job_.oldAngle_rad);
        const double deviation = std::hypot(m.slope_NmPerRad * rememberedLevel_rad, modelNoise_Nm);
        out.push_back(robust(m.moment_Nm / std::max(deviation, modelNoise_Nm)));
    }

    /// At every measured angle the moment must vanish without help.
    void addBalances(const Rig& rig, const std::vector<Standing>& standings, std::vector<double>& out) const {
        for (const auto& [first, last] : runs_) {
            const bool angle =
                std::any_of(log_.begin() + static_cast<long>(first), log_.begin() + static_cast<long>(last) + 1,
                            [](const Event& e) { return e.gap_m || e.angle_rad; });
            const Standing& after = standings[last + 1];
            const bool known = std::all_of(after.everRead.begin(), after.everRead.end(), [](bool b) { return b; });
            if (!angle || !known || after.state.block)
                continue;
            const double angleDeviation = job_.spread.gap_m / job_.rig.bridge.rearEdge_m;
            const double deviation = std::hypot(heldStiffness(rig, after.state) * angleDeviation, modelNoise_Nm);
            out.push_back(robust(after.state.extraMoment_Nm / deviation));
        }
    }

    const BenchJob& job_;
    std::vector<Event> log_;
    std::vector<std::pair<std::size_t, std::size_t>> runs_;
    int count_ = 0, readings_ = 0;
};

} // namespace

double priorDeviation(const BenchJob& job, Learned quantity) {
    switch (quantity) {
    case Learned::SpringRate:
        return job.spread.springRate;
    case Learned::InitialTension:
        return job.spread.initialTension;
    case Learned::HookDepth:
    case Learned::StringHeight:
        return job.spread.arm_m;
    case Learned::ClawLead:
        return job.spread.clawLead;
    case Learned::ClawPlace:
        return job.wasLevel ? 4.0 : 0.4; // turns; with the old balance known it is found from that
    case Learned::Count:
        break;
    }
    return 1.0;
}

const char* learnedName(Learned quantity) {
    switch (quantity) {
    case Learned::SpringRate:
        return "springRateShare";
    case Learned::InitialTension:
        return "initialTensionShare";
    case Learned::HookDepth:
        return "hookDepthMm";
    case Learned::StringHeight:
        return "stringHeightMm";
    case Learned::ClawLead:
        return "clawLeadShare";
    case Learned::ClawPlace:
        return "clawPlaceTurns";
    case Learned::Count:
        break;
    }
    return "";
}

Rig corrected(const BenchJob& job, const LearnedVector& by) {
    const auto value = [&](Learned quantity) {
        return by[static_cast<Eigen::Index>(quantity)] * priorDeviation(job, quantity);
    };
    // Shares are kept positive however far a step of the solver goes.
    const auto share = [&](Learned quantity) { return std::max(0.05, 1.0 + value(quantity)); };
    Rig rig = job.rig;
    rig.claw.lead_m *= share(Learned::ClawLead);
    const double shift_m = value(Learned::ClawPlace) * rig.claw.lead_m;
    for (Spring& spring : rig.springs) {
        spring.rate_Npm *= share(Learned::SpringRate);
        spring.initial_N *= share(Learned::InitialTension);
        spring.hook_m.y() += value(Learned::HookDepth);
        spring.anchor_m.y() += value(Learned::HookDepth);
        spring.anchor_m.x() += shift_m;
    }
    for (RigString& string : rig.strings)
        string.saddle_m.y() += value(Learned::StringHeight);
    return rig;
}

std::vector<Misfit> misfits(const BenchJob& job, const Rig& rig, const std::vector<Event>& log) {
    return misfitsOf(job, rig, log, snapshotsOf(log),
                     replay(rig, slackStart(rig, job.rig.claw.turns, job.slackStart_cents), log));
}

Fit fitGuitar(const BenchJob& job, const std::vector<std::size_t>& leftOut) {
    std::vector<Event> log = job.log;
    for (const std::size_t event : leftOut) {
        log[event].readings_cents.clear();
        log[event].gap_m.reset();
        log[event].angle_rad.reset();
    }
    auto* residuals = new Residuals(job, std::move(log)); // Ceres takes it over
    Fit fit;
    fit.readings = residuals->readings();
    auto* cost = new ceres::DynamicNumericDiffCostFunction<Residuals, ceres::FORWARD>(residuals);
    cost->AddParameterBlock(n);
    cost->SetNumResiduals(residuals->count());
    ceres::Problem problem;
    problem.AddResidualBlock(cost, nullptr, fit.mean.data());
    for (int k = 0; k < n; ++k) {
        problem.SetParameterLowerBound(fit.mean.data(), k, -3.0);
        problem.SetParameterUpperBound(fit.mean.data(), k, 3.0);
    }
    ceres::Solver::Options options;
    options.linear_solver_type = ceres::DENSE_QR;
    options.max_num_iterations = mostIterations;
    options.function_tolerance = 1e-5;
    options.logging_type = ceres::SILENT;
    options.num_threads = 1;
    ceres::Solver::Summary summary;
    ceres::Solve(options, &problem, &summary);
    fit.converged = summary.termination_type == ceres::CONVERGENCE;
    fit.cost = summary.final_cost;
    ceres::Covariance::Options covarianceOptions;
    covarianceOptions.algorithm_type = ceres::DENSE_SVD;
    ceres::Covariance covariance(covarianceOptions);
    const double* block = fit.mean.data();
    const std::vector<std::pair<const double*, const double*>> blocks{{block, block}};
    if (covariance.Compute(blocks, &problem)) {
        Eigen::Matrix<double, n, n, Eigen::RowMajor> rows;
        covariance.GetCovarianceBlock(block, block, rows.data());
        fit.covariance = rows;
    }
    fit.rig = corrected(job, fit.mean);
    return fit;
}

} // namespace flenzo
