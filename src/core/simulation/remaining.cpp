// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/simulation/remaining.h"

#include "core/base/threads.h"
#include "core/estimation/equations.h"
#include "core/log/counts.h"
#include "core/operations/slide.h"
#include "core/simulation/simulated_guitar.h"

#include <Eigen/Cholesky>
#include <algorithm>
#include <cmath>
#include <limits>

namespace flenzo {

namespace {

/// The shop's tools as the estimate holds them to be.
UncertaintyModel toolsOf(const BenchJob& job, const Advice& advice) {
    UncertaintyModel spread;
    spread.tuner_cents = advice.guitar.noise.tuner_cents;
    const auto& made = advice.guitar.line.observations;
    const auto look = std::find_if(made.rbegin(), made.rend(),
                                   [](const Observation& o) { return o.kind != Observation::Kind::Pitch; });
    const bool byAngle = look != made.rend() ? look->kind == Observation::Kind::Angle
                                             : job.tools.angle_rad.has_value() && !job.tools.gap_m;
    spread.gap_m = advice.guitar.noise.gap_m;
    spread.angle_rad = byAngle ? advice.guitar.noise.angle_rad : 0.0;
    spread.peg_cents = job.tools.peg_cents.value_or(spread.peg_cents);
    return spread;
}

/// Guitars that the log allows: what is learned, where the plate is and what every string reads, drawn together.
class Draw {
public:
    Draw(const BenchJob& job, const Advice& advice) : job_(job), advice_(advice) {
        Eigen::MatrixXd all = advice.guitar.covariance;
        all.diagonal().array() += 1e-12;
        root_ = all.llt().matrixL();
        root_ = root_.array().isFinite().select(root_, 0.0);
    }
    [[nodiscard]] SimulatedGuitar guitar(std::uint32_t seed) const {
        RandomStream random(seed, 1);
        Eigen::VectorXd unit(root_.rows());
        for (double& value : unit)
            value = random.normal(1.0);
        const Eigen::VectorXd off = root_ * unit;
        const auto n = static_cast<Eigen::Index>(job_.rig.strings.size());
        GuitarUnknowns made = advice_.guitar.at.guitar;
        made.value += off.tail(made.value.size());
        const RestModel model(correctedRig(advice_.guitar.line.versions.back(), advice_.guitar.options, made),
                              job_.goal.angle_rad);
        State state = advice_.guitar.state;
        for (Eigen::Index i = 0; i < n; ++i) {
            const auto string = static_cast<std::size_t>(i);
            if (state.unstretchedLength_m[string] > 0.0)
                state.unstretchedLength_m[string] =
                    model.unstretchedLength_m(string, advice_.guitar.z_cents[string] + off[i + 1], state.nutLocked);
        }
        state = cameToRest(model.rig(), std::move(state), state.angle_rad + off[0]);
        std::vector<Settling> settling;
        const double pull = random.normal(1.0); // one hand pulls all
        for (const StringSettling& string : advice_.guitar.settling) {
            Settling left = string.fit.now;
            left.left_m *= std::exp(random.normal(string.fit.leftDeviation));
            left.share = std::clamp(left.share + pull * string.fit.shareDeviation, 0.05, 0.95);
            settling.push_back(left);
        }
        return SimulatedGuitar(model.rig(), state, settling, toolsOf(job_, advice_), seed);
    }

private:
    const BenchJob& job_;
    const Advice& advice_;
    Eigen::MatrixXd root_;
};

struct PlayedOut {
    double passes = 0.0, clawVisits = 0.0, minutes = 0.0;
};

std::optional<PlayedOut> bringHome(BenchJob job, const Advice& advice, SimulatedGuitar guitar,
                                   const RemainingOptions& options) {
    const std::size_t before = job.log.size(), strings = job.rig.strings.size();
    NextAct act = advice.act;
    Estimate known = advice.guitar;
    // Nothing happens to a guitar that is only drawn, no reading of it is wrong, and its tools are as they are held to
    // be; one act more is a short way from what was known.
    constexpr int nearlyThere = 3;
    constexpr std::size_t settledRests = 12, moreRests = 4; // folded too soon, a guitar is learned askew
    EstimatorOptions learning = known.options;
    learning.recentActs = learning.assumeRounds = learning.noiseRounds = 0;
    learning.mostSteps = nearlyThere;
    learning.doubtFrom = std::numeric_limits<double>::max();
    for (int k = 0; k < options.mostActs; ++k) {
        if (act.what == NextAct::Do::Done || act.what == NextAct::Do::Stuck || act.what == NextAct::Do::Leave ||
            act.what == NextAct::Do::Ask)
            break;
        if (options.cancel && options.cancel->load())
            return std::nullopt;
        job.log.push_back(guitar.perform(act));
        const std::size_t rests = known.line.rests.size();
        if (rests >= settledRests && (!known.folded || rests >= known.folded->rests() + moreRests))
            known.folded = folded(job, known);
        Advice next = advise(job, &known, options.rules, learning);
        act = next.act;
        known = std::move(next.guitar);
    }
    if (act.what == NextAct::Do::Stuck || act.what == NextAct::Do::Ask)
        return std::nullopt; // not finished: what it took until then says nothing of that
    const Counts all = countsOf(job.log, strings, job.pace);
    job.log.resize(before);
    const Counts done = countsOf(job.log, strings, job.pace);
    return PlayedOut{all.passes - done.passes, static_cast<double>(all.clawVisits - done.clawVisits),
                     all.minutes - done.minutes};
}

} // namespace

Quantiles smoothedQuantiles(const std::vector<double>& values, double widen) {
    if (values.empty())
        return {};
    constexpr double tenth = 1.2816;
    double mean = 0.0, squares = 0.0;
    for (const double value : values)
        mean += value / static_cast<double>(values.size());
    for (const double value : values)
        squares += (value - mean) * (value - mean);
    const double deviation =
        values.size() > 1 ? std::sqrt(squares / static_cast<double>(values.size() - 1)) * widen : 0.0;
    // Work has a least that is not far below the shortest of a few.
    constexpr double nearLeast = 0.8;
    const double least = nearLeast * *std::min_element(values.begin(), values.end());
    return {std::max(least, mean - tenth * deviation), mean, mean + tenth * deviation};
}

RemainingWork remainingWork(const BenchJob& job, const Advice& advice, const RemainingOptions& options) {
    RemainingWork work;
    if (advice.act.what == NextAct::Do::Done || advice.act.what == NextAct::Do::Stuck ||
        advice.act.what == NextAct::Do::Leave)
        return work;
    const Draw draw(job, advice);
    std::vector<std::optional<PlayedOut>> plays(static_cast<std::size_t>(std::max(0, options.guitars)));
    inThreads(plays.size(), options.threads, [&](std::size_t g) {
        plays[g] = bringHome(job, advice, draw.guitar(options.seed + static_cast<std::uint32_t>(g)), options);
    });
    std::vector<double> passes, visits, minutes;
    for (const std::optional<PlayedOut>& played : plays)
        if (played) {
            passes.push_back(played->passes);
            visits.push_back(played->clawVisits);
            minutes.push_back(played->minutes);
        }
    work.played = static_cast<int>(passes.size());
    work.passes = smoothedQuantiles(passes, options.widen);
    work.clawVisits = smoothedQuantiles(visits, options.widen);
    work.minutes = smoothedQuantiles(minutes, options.widen);
    return work;
}

} // namespace flenzo
