// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/learn/doubt.h"

#include "core/strings/pitch.h"

#include <Eigen/Cholesky>
#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

constexpr double doubtful = 7.0;    ///< standard deviations
constexpr double leastCents = 12.0; ///< nothing smaller is worth a question
constexpr double leastGap_m = 0.0004;
/// Share of what a reading was predicted to move that no fit gets right: guitars are not the model.
constexpr double structural = 0.10;

/// Standard deviation of each prediction over what the fit leaves open, by first differences along its axes.
std::vector<double> predictionDeviations(const BenchJob& job, const Fit& fit, const std::vector<Misfit>& base) {
    const LearnedLayout layout(job);
    std::vector<double> variance(base.size(), 0.0);
    // Visits to the claw that the fit has not seen yet are as uncertain as any hand.
    Eigen::MatrixXd covariance = Eigen::MatrixXd::Identity(layout.size(), layout.size());
    covariance.topLeftCorner(fit.covariance.rows(), fit.covariance.cols()) = fit.covariance;
    const Eigen::MatrixXd axes = covariance.llt().matrixL();
    const Eigen::VectorXd mean = extended(fit.mean, layout);
    for (Eigen::Index k = 0; k < axes.cols(); ++k) {
        const Eigen::VectorXd by = mean + axes.col(k);
        const std::vector<Misfit> moved = misfits(job, corrected(job, by), correctedLog(job, layout, by));
        for (std::size_t m = 0; m < base.size() && m < moved.size(); ++m)
            variance[m] += std::pow(moved[m].predicted - base[m].predicted, 2);
    }
    for (double& value : variance)
        value = std::sqrt(value);
    return variance;
}

Doubt::Likely likelyOf(const BenchJob& job, const Misfit& misfit, const std::vector<Misfit>& all, double deviation,
                       std::optional<std::size_t>& other) {
    const auto fits = [&](double value) { return std::abs(value - misfit.predicted) < std::max(3.0, deviation); };
    if (!misfit.string)
        return Doubt::Likely::Unknown;
    if (fits(misfit.measured + 1200.0) || fits(misfit.measured - 1200.0))
        return Doubt::Likely::WrongOctave;
    if (fits(-misfit.measured))
        return Doubt::Likely::WrongSign;
    if (fits(misfit.measured * 10.0) || fits(misfit.measured / 10.0))
        return Doubt::Likely::SlippedPoint;
    const double heard_Hz = frequencyAt_Hz(job.rig.strings[*misfit.string].target_Hz, misfit.measured);
    for (const Misfit& candidate : all)
        if (candidate.string && *candidate.string != *misfit.string &&
            std::abs(cents(heard_Hz, job.rig.strings[*candidate.string].target_Hz) - candidate.predicted) < 15.0) {
            other = candidate.string;
            return Doubt::Likely::OtherString;
        }
    return misfit.measured < misfit.predicted ? Doubt::Likely::SlippedString : Doubt::Likely::Unknown;
}

/// The most implausible reading of the run that ends the job's log and begins at `first`, if any.
std::optional<Doubt> worstOfRun(const BenchJob& job, const Fit& fit, std::size_t first) {
    const LearnedLayout layout(job);
    const Eigen::VectorXd mean = extended(fit.mean, layout);
    const std::vector<Misfit> base = misfits(job, corrected(job, mean), correctedLog(job, layout, mean));
    const auto suspicious = [&](const Misfit& m) {
        return m.event >= first && !job.log[m.event].confirmed &&
               std::abs(m.measured - m.predicted) > (m.string ? leastCents : leastGap_m);
    };
    if (std::none_of(base.begin(), base.end(), suspicious))
        return std::nullopt;
    const std::vector<double> open = predictionDeviations(job, fit, base);
    std::optional<Doubt> worst;
    for (std::size_t m = 0; m < base.size(); ++m) {
        const double deviation = std::hypot(base[m].deviation, open[m], structural * base[m].moved);
        const double off = (base[m].measured - base[m].predicted) / deviation;
        if (!suspicious(base[m]) || std::abs(off) < doubtful ||
            (worst && std::abs(off) <= std::abs(worst->inDeviations)))
            continue;
        worst = Doubt{base[m], off, Doubt::Likely::Unknown, std::nullopt};
        worst->likely = likelyOf(job, base[m], base, deviation, worst->otherString);
    }
    return worst;
}

BenchJob upTo(const BenchJob& job, std::size_t events, const std::vector<std::size_t>& leftOut) {
    BenchJob part = job;
    part.log.assign(job.log.begin(), job.log.begin() + static_cast<long>(events));
    part.log = without(std::move(part.log), leftOut);
    return part;
}

} // namespace

Insight learnFrom(const BenchJob& job, const Insight& known) {
    Insight insight = known;
    const bool runGoesOn = insight.upTo > 0 && insight.upTo < job.log.size() &&
                           job.log[insight.upTo - 1].kind == Event::Kind::Read &&
                           job.log[insight.upTo].kind == Event::Kind::Read;
    if (runGoesOn || insight.upTo > job.log.size())
        insight = {};
    if (insight.fit.mean.size() == 0)
        insight.fit = fitGuitar(upTo(job, 0, {}));
    std::size_t fitted = insight.upTo;
    const auto learnedSoFar = [&] { return fitted == 0 ? Eigen::VectorXd() : insight.fit.mean; };
    for (const auto& [e, last] : readingRuns(job.log)) {
        if (e < insight.upTo)
            continue;
        const std::size_t end = last + 1;
        insight.open.reset();
        // First against the fit there is; only where that is surprised is it worth one of all that came before.
        std::optional<Doubt> doubt = worstOfRun(upTo(job, end, insight.leftOut), insight.fit, e);
        if (doubt && fitted < e) {
            insight.fit = fitGuitar(upTo(job, e, insight.leftOut), {}, learnedSoFar());
            fitted = e;
            doubt = worstOfRun(upTo(job, end, insight.leftOut), insight.fit, e);
        }
        while (doubt) {
            insight.leftOut.push_back(doubt->misfit.event);
            if (!insight.open && end == job.log.size())
                insight.open = doubt;
            doubt = worstOfRun(upTo(job, end, insight.leftOut), insight.fit, e);
        }
        insight.upTo = end;
    }
    if (const BenchJob whole = upTo(job, insight.upTo, insight.leftOut);
        fitted < insight.upTo && bringsNews(whole, insight.fit))
        insight.fit = fitGuitar(whole, {}, learnedSoFar());
    if (insight.upTo < job.log.size())
        insight.open.reset(); // something was done since: the question has passed
    return insight;
}

} // namespace flenzo
