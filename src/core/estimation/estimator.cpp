// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/estimation/estimator.h"

#include "core/estimation/guess.h"
#include "core/statics/readings.h"

#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

Noise toldNoise(const Tools& tools, const EstimatorOptions& options) {
    return {tools.tuner_cents.value_or(options.tuner_cents), tools.gap_m.value_or(options.gap_m),
            tools.angle_rad.value_or(options.angle_rad)};
}

/// Brings one log to its solution, from as much of one as there is.
class Solver {
public:
    Solver(const BenchJob& job, const EstimatorOptions& options, Estimate& out)
        : job_(job), options_(options), out_(out), line_(out.line), layout_(job, line_),
          equations_(job, options, line_, layout_), at_(out.at), here_(layout_), tried_(layout_) {
        equations_.noise = out.noise;
    }

    void solve(std::size_t knownObservations) {
        equations_.setGuitar(at_);
        bringIn(job_, line_, equations_, knownObservations, at_);
        for (int round = 0;; ++round) {
            descend();
            tryOutliers();
            tryUsualPivot();
            const Noise next = learnedNoise(), &now = equations_.noise;
            const double changed = std::max({std::abs(std::log(next.tuner_cents / now.tuner_cents)),
                                             std::abs(std::log(next.gap_m / now.gap_m)),
                                             std::abs(std::log(next.angle_rad / now.angle_rad))});
            if (round >= options_.noiseRounds || changed < options_.noiseChange)
                break;
            equations_.noise = next;
        }
        finish();
    }

private:
    void descend();
    void evaluate() { equations_.evaluate(at_, here_); }
    bool step(double& damping);
    void descendFrom(Unknowns other);
    void tryOutliers();
    void tryUsualPivot();
    [[nodiscard]] Noise learnedNoise() const;
    [[nodiscard]] Prior learned(const Eigen::MatrixXd& covariance) const;
    void finish();
    void settle();

    const BenchJob& job_;
    const EstimatorOptions& options_;
    Estimate& out_;
    const Timeline& line_;
    UnknownsLayout layout_;
    Equations equations_;
    Unknowns& at_;
    Evaluation here_, tried_; ///< of the solution, and of where a step would bring it
    std::vector<std::size_t> triedReadings_;
};

/// One step of Levenberg and Marquardt; false when nothing more is to be gained.
bool Solver::step(double& damping) {
    const Eigen::VectorXd diagonal = here_.normal.diagonal();
    constexpr double most = 1e8, nearlyFree = 1e-3;
    while (damping < most) {
        Eigen::VectorXd by = -here_.gradient;
        if (here_.normal.factor(damping * diagonal)) {
            here_.normal.solve(by);
            const double size = layout_.sizeOf(by);
            if (size < options_.leastStep * options_.step)
                return false;
            Unknowns next = layout_.plus(at_, by);
            equations_.evaluate(next, tried_);
            if (tried_.cost < here_.cost + 1e-12 * std::abs(here_.cost)) {
                const double promised =
                    0.5 * (damping * by.dot(diagonal.cwiseProduct(by)) - here_.gradient.dot(by)); // by a quadratic cost
                const bool kept =
                    damping <= nearlyFree && std::abs(here_.cost - tried_.cost - promised) < options_.costLeft;
                at_ = std::move(next);
                std::swap(here_, tried_);
                damping = std::max(1e-5, damping / 10.0);
                return size > options_.step && !kept;
            }
        }
        damping = std::max(1e-4, damping * 8.0);
    }
    return false;
}

void Solver::descend() {
    double damping = 1e-5;
    equations_.chooseContacts(at_);
    evaluate();
    for (int k = 0; k < options_.mostSteps; ++k) {
        const bool goesOn = step(damping);
        const bool changed = equations_.chooseContacts(at_);
        if (changed)
            evaluate();
        if (!goesOn && !changed)
            return;
    }
}

/// Descends from elsewhere and keeps what is cheaper.
void Solver::descendFrom(Unknowns other) {
    Unknowns kept = std::move(at_);
    const double cost = here_.cost;
    const std::vector<Contact> contacts = equations_.contacts;
    at_ = std::move(other);
    descend();
    if (here_.cost <= cost - 1e-3)
        return;
    at_ = std::move(kept);
    equations_.contacts = contacts;
    evaluate();
}

/// Every reading far off is also tried as the true one of its stretch or rest.
void Solver::tryOutliers() {
    const std::vector<Residual> residuals = here_.residuals;
    for (std::size_t o = 0; o < residuals.size(); ++o) {
        const Observation& made = line_.observations[o];
        if (std::abs(residuals[o].inDeviations) < options_.doubtFrom ||
            std::find(triedReadings_.begin(), triedReadings_.end(), o) != triedReadings_.end())
            continue;
        triedReadings_.push_back(o);
        Unknowns other = at_;
        if (made.kind == Observation::Kind::Pitch)
            other.z_cents[made.stretch] += made.value - residuals[o].predicted;
        else if (const auto angle = measuredAngle_rad(job_, line_, made.rest))
            other.angle_rad[made.rest] = *angle;
        descendFrom(std::move(other));
    }
}

/// A pivot that holds many times the usual explains any plate that moved too little; it is also tried as a usual one.
void Solver::tryUsualPivot() {
    const auto pivot = static_cast<Eigen::Index>(Learned::PivotFriction);
    if (std::abs(at_.guitar.value[pivot]) < options_.oddPivot)
        return;
    Unknowns other = at_;
    other.guitar.value[pivot] = 0.0;
    descendFrom(std::move(other));
}

/// Noise from the residuals: a few readings' worth of what was told or guessed, and the leverage of the unknowns that
/// each reading determines: one a stretch for the tuner, a share for the plate, whose angles the balance knows too.
Noise Solver::learnedNoise() const {
    const Noise told = toldNoise(job_.tools, options_);
    struct Sum {
        double squares = 0.0, count = 0.0;
    };
    std::array<Sum, 3> sums; // by kind
    std::vector<bool> read(line_.stretches.size(), false);
    for (std::size_t o = 0; o < line_.observations.size(); ++o) {
        const Observation& made = line_.observations[o];
        const Residual& residual = here_.residuals[o];
        if (made.deviation > 0.0 || made.closed || made.superseded)
            continue;
        Sum& sum = sums[static_cast<std::size_t>(made.kind)];
        const bool pitch = made.kind == Observation::Kind::Pitch;
        sum.squares += residual.weight * residual.inDeviations * residual.inDeviations;
        sum.count += residual.weight * (pitch ? 1.0 : options_.plateLeverage);
        if (pitch)
            read[made.stretch] = true;
    }
    sums[0].count = std::max(0.0, sums[0].count - static_cast<double>(std::count(read.begin(), read.end(), true)));
    const auto estimated = [&](std::size_t kind, double now, double told_, bool isTold) {
        const double prior = isTold ? options_.toldReadings : options_.untoldReadings;
        return std::sqrt((prior * told_ * told_ + sums[kind].squares * now * now) / (prior + sums[kind].count));
    };
    const Noise& now = equations_.noise;
    return {estimated(0, now.tuner_cents, told.tuner_cents, job_.tools.tuner_cents.has_value()),
            estimated(1, now.gap_m, told.gap_m, job_.tools.gap_m.has_value()),
            estimated(2, now.angle_rad, told.angle_rad, job_.tools.angle_rad.has_value())};
}

/// What the next job on this guitar begins with; strings of one make differ a little.
Prior Solver::learned(const Eigen::MatrixXd& covariance) const {
    Prior out = Prior().forStrings(job_.rig.strings);
    out.mean = at_.guitar.value;
    out.covariance = covariance;
    const Eigen::Index own = covariance.rows() - learnedCount;
    out.covariance.diagonal().tail(own).array() += options_.sameMakeSpread * options_.sameMakeSpread;
    return out;
}

void Solver::finish() {
    std::ignore = here_.normal.factor(Eigen::VectorXd::Constant(layout_.size, 1e-12));
    const std::size_t rest = line_.rests.size() - 1, strings = job_.rig.strings.size();
    out_.noise = equations_.noise;
    out_.rig = equations_.model().rig();
    out_.state = equations_.stateAt(at_, rest);
    out_.residuals = here_.residuals;
    // Marginals: the plate and every z of the latest rest, then the guitar.
    const auto n = static_cast<Eigen::Index>(strings), g = at_.guitar.value.size();
    Eigen::MatrixXd wanted = Eigen::MatrixXd::Zero(layout_.size, 1 + n + g + n);
    if (layout_.angle[rest] != UnknownsLayout::none)
        wanted(layout_.angle[rest], 0) = 1.0;
    for (std::size_t i = 0; i < strings; ++i)
        if (line_.rests[rest].stretch[i] != RestPoint::none) {
            const auto k = static_cast<Eigen::Index>(i);
            wanted.col(1 + k) = equations_.zSlopes(rest, i);
            wanted.col(1 + n + g + k) = equations_.readingSlopes(at_, rest, i);
        }
    for (Eigen::Index k = 0; k < g; ++k)
        wanted(layout_.guitar + k, 1 + n + k) = 1.0;
    // The claw's place is wanted as it is now, hands' errors at its screws included: the next job starts from there.
    for (const int screw : layout_.claw[line_.rests[rest].claw])
        if (screw != UnknownsLayout::none)
            wanted(screw, 1 + n + static_cast<Eigen::Index>(Learned::ClawPlace)) =
                0.5 * out_.rig.claw.lead_m / priorDeviation(options_, Learned::ClawPlace);
    for (Eigen::Index k = 0; k < wanted.cols(); ++k)
        here_.normal.halfSolve(wanted.col(k));
    const Eigen::MatrixXd all = wanted.transpose() * wanted;
    out_.covariance = all.topLeftCorner(1 + n + g, 1 + n + g);
    out_.guitarDeviation = all.diagonal().segment(1 + n, g).cwiseSqrt();
    out_.learned = learned(all.block(1 + n, 1 + n, g, g));
    out_.readings = static_cast<int>(line_.observations.size());
    out_.z_cents.assign(strings, 0.0);
    out_.readings_cents = readings_cents(out_.rig, out_.state);
    out_.readingByAngle_radCents = all.col(0).tail(n);
    out_.readingDeviation_cents = all.diagonal().tail(n).cwiseMax(0.0).cwiseSqrt();
    for (std::size_t i = 0; i < strings; ++i)
        out_.z_cents[i] = equations_.zAt_cents(at_, rest, i);
    out_.open = openOutlier(job_, options_, line_, out_.residuals, out_.readings_cents);
    settle();
}

void Solver::settle() {
    out_.settling.clear();
    if (!at_.giving.any())
        return;
    const std::size_t rest = line_.rests.size() - 1;
    const double share = equations_.pullShare();
    const double shareDeviation =
        options_.pullSpread * share * (1.0 - share) * here_.normal.deviation(layout_.giving + GivingUnknowns::Pull);
    for (std::size_t i = 0; i < job_.rig.strings.size(); ++i) {
        StringSettling string;
        string.fit.drops = line_.rests[rest].given[i].pulls;
        string.fit.now = {equations_.left_m(rest, i), share};
        string.fit.shareDeviation = shareDeviation;
        string.fit.leftDeviation =
            std::hypot(options_.unsettledSpread *
                           here_.normal.deviation(layout_.giving + GivingUnknowns::ShareCount + static_cast<int>(i)),
                       string.fit.drops * shareDeviation / (1.0 - share));
        const double perMetre = equations_.model().zPerMetre_cents(i);
        string.nextDrop_cents = string.fit.now.nextDrop_m() * perMetre;
        string.needed = stretchesNeeded(string.fit, settledWithin_cents(job_.goal) / perMetre);
        out_.settling.push_back(string);
    }
}

/// The job with the beginning of its log: all that happened up to a rest. What is wanted stays what it became.
BenchJob beginningOf(const BenchJob& job, const Timeline& line, std::size_t rests) {
    BenchJob part = job;
    const auto cut = job.log.begin() + static_cast<long>(line.rests[rests].firstEvent) - 1;
    part.log.assign(job.log.begin(), cut);
    std::copy_if(cut, job.log.end(), std::back_inserter(part.log),
                 [](const Event& event) { return event.kind == Event::Kind::Retarget; });
    return part;
}

/// Whether an estimate is of the beginning of this log.
bool canGoOn(const BenchJob& job, const Estimate& known, const Timeline& line) {
    return known.line.rests.size() <= line.rests.size() && known.line.stretches.size() <= line.stretches.size() &&
           known.line.observations.size() <= line.observations.size() &&
           known.at.guitar.value.size() == GuitarUnknowns(job.rig.strings.size()).value.size() &&
           known.at.giving.any() == stringsGive(job);
}

} // namespace

double settledWithin_cents(const Goal& goal) {
    constexpr double share = 1.0 / 3.0;
    return share * goal.pitchTolerance_cents;
}

Estimate estimate(const BenchJob& job, const Estimate* known, const EstimatorOptions& options) {
    Estimate out;
    Timeline line = timelineOf(job);
    std::size_t observations = 0;
    // A long log is learned from its beginning, so that no guess starts far off.
    constexpr std::size_t share = 3;
    std::optional<Estimate> beginning;
    if (!known && line.rests.size() > static_cast<std::size_t>(options.longLog)) {
        beginning = estimate(beginningOf(job, line, line.rests.size() / share), nullptr, options);
        known = &*beginning;
    }
    if (known && canGoOn(job, *known, line)) {
        out.at = known->at;
        out.noise = known->noise;
        observations = known->line.observations.size();
    } else {
        out.at.guitar = GuitarUnknowns(job.rig.strings.size());
        if (job.prior)
            out.at.guitar.value = job.prior->forStrings(job.rig.strings).mean;
        out.at.giving = GivingUnknowns(job);
        out.at.oldAngle_rad = job.old.angle_rad;
        out.noise = toldNoise(job.tools, options);
    }
    out.line = std::move(line);
    Solver solver(job, options, out);
    solver.solve(observations);
    return out;
}

} // namespace flenzo
