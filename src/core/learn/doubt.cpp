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

/// Standard deviation of one prediction over what the fit leaves open, by first differences along its axes.
std::vector<double> predictionDeviations(const BenchJob& job, const Fit& fit, const std::vector<Misfit>& base,
                                         const std::vector<Event>& log) {
    std::vector<double> variance(base.size(), 0.0);
    const Eigen::LLT<LearnedMatrix> root(fit.covariance + 1e-9 * LearnedMatrix::Identity());
    const LearnedMatrix axes = root.matrixL();
    for (Eigen::Index k = 0; k < axes.cols(); ++k) {
        const std::vector<Misfit> moved = misfits(job, corrected(job, fit.mean + axes.col(k)), log);
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

} // namespace

Doubts findDoubts(const BenchJob& job) {
    Doubts doubts;
    // A cheap look first: only a log with something odd in it is worth the fits.
    BenchJob before = job;
    for (std::size_t e = 0; e < job.log.size(); ++e) {
        if (job.log[e].kind != Event::Kind::Read || (e > 0 && job.log[e - 1].kind == Event::Kind::Read))
            continue;
        std::size_t end = e;
        while (end + 1 < job.log.size() && job.log[end + 1].kind == Event::Kind::Read)
            ++end;
        const std::vector<Event> upTo(job.log.begin(), job.log.begin() + static_cast<long>(end) + 1);
        const auto suspicious = [&](const Misfit& m) {
            return m.event >= e && !job.log[m.event].confirmed &&
                   std::abs(m.measured - m.predicted) > (m.string ? leastCents : leastGap_m);
        };
        before.log.assign(job.log.begin(), job.log.begin() + static_cast<long>(e));
        const std::vector<Misfit> nominal = misfits(job, job.rig, upTo);
        if (std::none_of(nominal.begin(), nominal.end(), suspicious))
            continue;
        const Fit fit = fitGuitar(before, doubts.leftOut);
        const std::vector<Misfit> base = misfits(job, fit.rig, upTo);
        const std::vector<double> open = predictionDeviations(job, fit, base, upTo);
        doubts.open.reset();
        for (std::size_t m = 0; m < base.size(); ++m) {
            const double deviation = std::hypot(base[m].deviation, open[m]);
            const double off = (base[m].measured - base[m].predicted) / deviation;
            if (!suspicious(base[m]) || std::abs(off) < doubtful)
                continue;
            Doubt doubt{base[m], off, Doubt::Likely::Unknown, std::nullopt};
            doubt.likely = likelyOf(job, base[m], base, deviation, doubt.otherString);
            if (!doubts.open || std::abs(off) > std::abs(doubts.open->inDeviations))
                doubts.open = doubt;
        }
        if (doubts.open)
            doubts.leftOut.push_back(doubts.open->misfit.event);
        if (end + 1 < job.log.size())
            doubts.open.reset(); // something was done since: the question has passed
    }
    return doubts;
}

} // namespace flenzo
