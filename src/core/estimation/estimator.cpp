// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/estimation/estimator.h"

#include "core/acts/slide.h"
#include "core/balance/readings.h"
#include "core/strings/pitch.h"

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
          equations_(job, options, line_, layout_), normal_(layout_.first), at_(out.at) {
        equations_.noise = out.noise;
    }

    /// Takes in rests and stretches from where `at_` ends, in the order of the log.
    void bringIn(std::size_t knownObservations) {
        equations_.setGuitar(at_);
        beginSlipped();
        beginUnread(knownObservations);
        while (at_.angle_rad.size() < line_.rests.size())
            beginRest(at_.angle_rad.size());
    }

    void solve() {
        for (int round = 0;; ++round) {
            descend();
            tryOutliers();
            const Noise before = equations_.noise;
            learnNoise();
            const double changed = std::max({std::abs(std::log(equations_.noise.tuner_cents / before.tuner_cents)),
                                             std::abs(std::log(equations_.noise.gap_m / before.gap_m)),
                                             std::abs(std::log(equations_.noise.angle_rad / before.angle_rad))});
            constexpr double plain = 0.05;
            if (round >= options_.noiseRounds || changed < plain)
                break;
        }
        descend();
    }

    void finish();

private:
    void beginRest(std::size_t rest);
    void beginSlipped();
    void beginUnread(std::size_t known);
    [[nodiscard]] std::optional<double> measuredAngle(std::size_t rest) const;
    void descend();
    bool step(double& damping, double& cost, Eigen::VectorXd& gradient);
    void tryOutliers();
    void learnNoise();
    void judge();
    void settle();

    const BenchJob& job_;
    const EstimatorOptions& options_;
    Estimate& out_;
    const Timeline& line_;
    UnknownsLayout layout_;
    Equations equations_;
    Skyline normal_;
    Unknowns& at_;
    std::vector<std::size_t> tried_;
};

/// What gauges say of the plate at a rest.
std::optional<double> Solver::measuredAngle(std::size_t rest) const {
    double sum = 0.0;
    int count = 0;
    for (const Observation& made : line_.observations)
        if (made.rest == rest && made.kind != Observation::Kind::Pitch && !made.closed) {
            sum += made.kind == Observation::Kind::Angle ? made.value : angleOfGap_rad(job_.rig.bridge, made.value);
            ++count;
        }
    return count > 0 ? std::optional<double>(sum / count) : std::nullopt;
}

/// Stretches that began at a rest that is known already: a string that the technician says has slipped there, or that
/// is on again.
void Solver::beginSlipped() {
    while (at_.z_cents.size() < line_.stretches.size() &&
           line_.stretches[at_.z_cents.size()].firstRest < at_.angle_rad.size()) {
        const Stretch& stretch = line_.stretches[at_.z_cents.size()];
        at_.z_cents.push_back(equations_.model().zOfReading_cents(stretch.string, stretch.typed_cents,
                                                                  at_.angle_rad[stretch.firstRest],
                                                                  line_.rests[stretch.firstRest].nutLocked));
    }
}

/// A string read for the first time in its stretch begins where it was read: from far off a robust solution would take
/// the reading for a slip.
void Solver::beginUnread(std::size_t known) {
    std::vector<bool> seen(at_.z_cents.size(), false);
    bool plateSeen = false;
    for (std::size_t o = 0; o < line_.observations.size(); ++o) {
        const Observation& made = line_.observations[o];
        if (made.rest >= at_.angle_rad.size() || made.superseded)
            continue;
        if (made.kind != Observation::Kind::Pitch) {
            if (o >= known && !plateSeen && !made.closed)
                at_.angle_rad[made.rest] = *measuredAngle(made.rest);
            plateSeen = true;
            continue;
        }
        const auto stretch = static_cast<std::size_t>(line_.rests[made.rest].stretch[made.string]);
        if (stretch >= seen.size())
            continue;
        if (o >= known && !seen[stretch])
            at_.z_cents[stretch] = equations_.model().zOfReading_cents(
                made.string, made.value, at_.angle_rad[made.rest], line_.rests[made.rest].nutLocked);
        seen[stretch] = true;
    }
}

/// First guess of a rest: the plate slides from where it was as the model so far has it, or is where a gauge saw it
/// first; strings read right after an act begin at their reading.
void Solver::beginRest(std::size_t rest) {
    const RestPoint& point = line_.rests[rest];
    const RestModel& model = equations_.model();
    at_.angle_rad.push_back(rest > 0 ? at_.angle_rad[rest - 1] : job_.goal.angle_rad);
    while (at_.claw.size() < line_.claws.size() && at_.claw.size() <= point.claw) {
        ClawTurns turns = at_.claw.empty() ? job_.rig.claw.turns : at_.claw.back();
        turns.bass += line_.claws[at_.claw.size()].counted.bass;
        turns.treble += line_.claws[at_.claw.size()].counted.treble;
        at_.claw.push_back(turns);
    }
    std::vector<std::size_t> fresh;
    for (std::size_t s = at_.z_cents.size(); s < line_.stretches.size() && line_.stretches[s].firstRest == rest; ++s) {
        const Stretch& stretch = line_.stretches[s];
        at_.z_cents.push_back(stretch.typed_cents);
        fresh.push_back(s);
        if (stretch.link == Stretch::Link::Locked)
            at_.z_cents.back() = model
                                     .string(stretch.string, at_.angle_rad[rest],
                                             equations_.zAt_cents(at_, rest - 1, stretch.string), false, true)
                                     .lockedZ_cents;
    }
    const State state = equations_.stateAt(at_, rest);
    BalanceEquation equation(model.rig(), state);
    std::vector<std::pair<std::size_t, double>> heard;
    for (const Observation& made : line_.observations)
        if (made.rest == rest && made.kind == Observation::Kind::Pitch && !made.superseded &&
            std::any_of(fresh.begin(), fresh.end(),
                        [&](std::size_t s) { return line_.stretches[s].string == made.string; })) {
            heard.emplace_back(made.string, made.value);
            equation.holdAtPitch(made.string, frequencyAt_Hz(job_.rig.strings[made.string].target_Hz, made.value));
        }
    double& angle = at_.angle_rad.back();
    const auto seen = measuredAngle(rest);
    const bool first = rest == 0 || !std::any_of(line_.observations.begin(), line_.observations.end(),
                                                 [&](const Observation& o) { return o.rest < rest; });
    if (seen && first) {
        angle = *seen;
    } else {
        const Rest found = slide(equation, limitsOf(model.rig().bridge, point.block), angle,
                                 model.rig().bridge.friction.pivot_Nm, point.remembers);
        const bool closed = std::any_of(line_.observations.begin(), line_.observations.end(),
                                        [&](const Observation& o) { return o.rest == rest && o.closed; });
        const bool lost = first && !closed && found.isHeld() && !point.block && found.kind != RestKind::Centred;
        if (found.kind != RestKind::NotFound && !lost)
            angle = found.angle_rad;
    }
    for (const auto& [string, cents] : heard)
        at_.z_cents[static_cast<std::size_t>(point.stretch[string])] =
            model.zOfReading_cents(string, cents, angle, point.nutLocked);
}

/// One step of Levenberg and Marquardt; false when nothing more is to be gained.
bool Solver::step(double& damping, double& cost, Eigen::VectorXd& gradient) {
    cost = equations_.evaluate(at_, &normal_, &gradient);
    const Eigen::VectorXd diagonal = normal_.diagonal();
    constexpr double most = 1e8;
    while (damping < most) {
        Eigen::VectorXd by = -gradient;
        if (normal_.factor(damping * diagonal)) {
            normal_.solve(by);
            const Unknowns next = layout_.plus(at_, by);
            const double there = equations_.evaluate(next, nullptr, nullptr);
            if (there < cost + 1e-12 * std::abs(cost)) {
                at_ = next;
                cost = there;
                damping = std::max(1e-7, damping / 10.0);
                return layout_.sizeOf(by) > options_.step;
            }
            if (layout_.sizeOf(by) < 0.1 * options_.step)
                return false;
        }
        damping = std::max(1e-4, damping * 8.0);
    }
    return false;
}

void Solver::descend() {
    double damping = 1e-5, cost = 0.0;
    Eigen::VectorXd gradient(layout_.size);
    out_.converged = false;
    for (int k = 0; k < options_.mostSteps && !out_.converged; ++k) {
        const std::vector<Contact> before = equations_.contacts;
        equations_.chooseContacts(at_);
        const bool goesOn = step(damping, cost, gradient);
        out_.converged = !goesOn && before == equations_.contacts;
        ++out_.steps;
    }
    out_.cost = cost;
}

/// Every reading far off is also tried as the true one of its stretch or rest, and the cheaper solution kept.
void Solver::tryOutliers() {
    const std::vector<Residual> residuals = equations_.residuals();
    for (std::size_t o = 0; o < residuals.size(); ++o) {
        const Observation& made = line_.observations[o];
        if (std::abs(residuals[o].inDeviations) < options_.doubtFrom ||
            std::find(tried_.begin(), tried_.end(), o) != tried_.end())
            continue;
        tried_.push_back(o);
        const Unknowns kept = at_;
        const double cost = out_.cost;
        const std::vector<Contact> contacts = equations_.contacts;
        if (made.kind == Observation::Kind::Pitch) {
            const auto stretch = static_cast<std::size_t>(line_.rests[made.rest].stretch[made.string]);
            at_.z_cents[stretch] += made.value - residuals[o].predicted;
        } else if (const auto angle = measuredAngle(made.rest)) {
            at_.angle_rad[made.rest] = *angle;
        }
        descend();
        if (out_.cost > cost - 1e-3) {
            at_ = kept;
            out_.cost = cost;
            equations_.contacts = contacts;
        }
    }
}

/// Noise from the residuals: a few readings' worth of what was told or guessed, and the leverage of the unknowns that
/// each reading determines: one a stretch for the tuner, a share for the plate, whose angles the balance knows too.
void Solver::learnNoise() {
    const Noise told = toldNoise(job_.tools, options_);
    struct Sum {
        double squares = 0.0, count = 0.0;
    };
    Sum pitch, gap, angle;
    std::vector<bool> read(line_.stretches.size(), false);
    for (std::size_t o = 0; o < line_.observations.size(); ++o) {
        const Observation& made = line_.observations[o];
        const Residual& residual = equations_.residuals()[o];
        if (made.deviation > 0.0 || made.closed || made.superseded)
            continue;
        Sum& sum = made.kind == Observation::Kind::Pitch ? pitch : made.kind == Observation::Kind::Gap ? gap : angle;
        const double share = made.kind == Observation::Kind::Pitch ? 1.0 : 0.6;
        sum.squares += residual.weight * residual.inDeviations * residual.inDeviations;
        sum.count += residual.weight * share;
        if (made.kind == Observation::Kind::Pitch)
            read[static_cast<std::size_t>(line_.rests[made.rest].stretch[made.string])] = true;
    }
    pitch.count = std::max(0.0, pitch.count - static_cast<double>(std::count(read.begin(), read.end(), true)));
    const auto estimated = [&](const Sum& sum, double now, double told_, bool isTold) {
        const double prior = isTold ? options_.toldReadings : options_.untoldReadings;
        return std::sqrt((prior * told_ * told_ + sum.squares * now * now) / (prior + sum.count));
    };
    Noise& now = equations_.noise;
    now = {estimated(pitch, now.tuner_cents, told.tuner_cents, job_.tools.tuner_cents.has_value()),
           estimated(gap, now.gap_m, told.gap_m, job_.tools.gap_m.has_value()),
           estimated(angle, now.angle_rad, told.angle_rad, job_.tools.angle_rad.has_value())};
}

void Solver::finish() {
    Eigen::VectorXd gradient(layout_.size);
    equations_.evaluate(at_, &normal_, &gradient);
    std::ignore = normal_.factor(Eigen::VectorXd::Constant(layout_.size, 1e-12));
    const std::size_t rest = line_.rests.size() - 1, strings = job_.rig.strings.size();
    out_.noise = equations_.noise;
    out_.rig = equations_.model().rig();
    out_.state = equations_.stateAt(at_, rest);
    out_.residuals = equations_.residuals();
    // Marginals: the plate and every z of the latest rest, then the guitar.
    const auto n = static_cast<Eigen::Index>(strings), g = at_.guitar.value.size();
    Eigen::MatrixXd wanted = Eigen::MatrixXd::Zero(layout_.size, 1 + n + g + n);
    if (layout_.angle[rest] != UnknownsLayout::none)
        wanted(layout_.angle[rest], 0) = 1.0;
    for (std::size_t i = 0; i < strings; ++i)
        if (line_.rests[rest].stretch[i] != RestPoint::none) {
            const auto k = static_cast<Eigen::Index>(i);
            equations_.addZSlopes(at_, rest, i, 1.0, wanted.col(1 + k));
            equations_.addReadingSlopes(at_, rest, i, wanted.col(1 + n + g + k));
        }
    for (Eigen::Index k = 0; k < g; ++k)
        wanted(layout_.guitar + k, 1 + n + k) = 1.0;
    // The claw's place is wanted as it is now, hands' errors at its screws included: the next job starts from there.
    for (const int screw : layout_.claw[line_.rests[rest].claw])
        if (screw != UnknownsLayout::none)
            wanted(screw, 1 + n + static_cast<Eigen::Index>(Learned::ClawPlace)) =
                0.5 * out_.rig.claw.lead_m / priorDeviation(options_, Learned::ClawPlace);
    Eigen::MatrixXd solved = wanted;
    for (Eigen::Index k = 0; k < solved.cols(); ++k)
        normal_.solve(solved.col(k));
    const Eigen::MatrixXd all = wanted.transpose() * solved;
    out_.covariance.resize(1 + n, 1 + n);
    out_.covariance << all.topLeftCorner(1, 1), all.topRightCorner(1, n), all.bottomLeftCorner(n, 1),
        all.bottomRightCorner(n, n);
    out_.joint = all.topLeftCorner(1 + n + g, 1 + n + g);
    out_.guitarDeviation = all.diagonal().segment(1 + n, g).cwiseSqrt();
    out_.learned = {at_.guitar.value.head(learnedCount), all.block(1 + n, 1 + n, learnedCount, learnedCount)};
    out_.readings = static_cast<int>(line_.observations.size());
    out_.z_cents.assign(strings, 0.0);
    out_.readings_cents = readings_cents(out_.rig, out_.state);
    out_.readingDeviation_cents = all.diagonal().tail(n).cwiseMax(0.0).cwiseSqrt();
    for (std::size_t i = 0; i < strings; ++i)
        out_.z_cents[i] = equations_.zAt_cents(at_, rest, i);
    judge();
    settle();
}

/// What a wrong reading most likely is.
void explain(const BenchJob& job, Outlier& doubt, const std::vector<double>& predicted) {
    constexpr double near_cents = 4.0;
    const auto fits = [&](double value) { return std::abs(value - doubt.predicted) < near_cents; };
    if (!doubt.string)
        return;
    if (fits(doubt.measured + 1200.0) || fits(doubt.measured - 1200.0))
        doubt.likely = Outlier::Likely::WrongOctave;
    else if (fits(-doubt.measured))
        doubt.likely = Outlier::Likely::WrongSign;
    else if (fits(doubt.measured * 10.0) || fits(doubt.measured / 10.0))
        doubt.likely = Outlier::Likely::SlippedPoint;
    else if (doubt.measured < doubt.predicted)
        doubt.likely = Outlier::Likely::SlippedString;
    const double heard_Hz = frequencyAt_Hz(job.rig.strings[*doubt.string].target_Hz, doubt.measured);
    for (std::size_t i = 0; i < predicted.size(); ++i)
        if (constexpr double swapped_cents = 15.0;
            i != *doubt.string && std::isfinite(predicted[i]) &&
            std::abs(cents(heard_Hz, job.rig.strings[i].target_Hz) - predicted[i]) < swapped_cents) {
            doubt.likely = Outlier::Likely::OtherString;
            doubt.otherString = i;
        }
}

/// The reading of the latest rest that is furthest from the solution, unless a later one of the same kind agrees.
void Solver::judge() {
    const std::size_t rest = line_.rests.size() - 1;
    const auto sameKind = [](const Observation& a, const Observation& b) {
        return a.kind == b.kind && a.string == b.string;
    };
    out_.open.reset();
    for (std::size_t o = 0; o < line_.observations.size(); ++o) {
        const Observation& made = line_.observations[o];
        const Residual& residual = out_.residuals[o];
        const bool pitch = made.kind == Observation::Kind::Pitch;
        const double off = std::abs(residual.predicted - made.value);
        const double least = pitch                                 ? options_.leastDoubt_cents
                             : made.kind == Observation::Kind::Gap ? options_.leastDoubt_m
                                                                   : options_.leastDoubt_m / job_.rig.bridge.rearEdge_m;
        if (made.rest != rest || made.confirmed || std::abs(residual.inDeviations) < options_.doubtFrom ||
            off < least || (out_.open && std::abs(residual.inDeviations) <= out_.open->inDeviations))
            continue;
        bool settled = false;
        for (std::size_t later = o + 1; later < line_.observations.size(); ++later)
            settled = settled || (line_.observations[later].rest == rest && sameKind(made, line_.observations[later]));
        if (settled)
            continue;
        Outlier doubt;
        doubt.event = made.event;
        doubt.inDeviations = std::abs(residual.inDeviations);
        doubt.measured = made.value;
        doubt.predicted = residual.predicted;
        if (pitch)
            doubt.string = made.string;
        if (made.kind == Observation::Kind::Angle) {
            doubt.measured = gapAt_m(job_.rig.bridge, made.value);
            doubt.predicted = gapAt_m(job_.rig.bridge, residual.predicted);
        }
        explain(job_, doubt, out_.readings_cents);
        out_.open = doubt;
    }
}

void Solver::settle() {
    out_.settling.clear();
    if (!at_.giving.any())
        return;
    const std::size_t rest = line_.rests.size() - 1;
    Eigen::VectorXd unit(layout_.size);
    const auto deviation = [&](int index) {
        unit.setZero();
        unit[index] = 1.0;
        normal_.solve(unit);
        return std::sqrt(std::max(0.0, unit[index]));
    };
    const double share = equations_.pullShare(at_);
    const double shareDeviation =
        options_.pullSpread * share * (1.0 - share) * deviation(layout_.giving + GivingUnknowns::Pull);
    for (std::size_t i = 0; i < job_.rig.strings.size(); ++i) {
        StringSettling string;
        string.fit.drops = line_.rests[rest].given[i].pulls;
        string.fit.now = {equations_.left_m(at_, rest, i), share};
        string.fit.shareDeviation = shareDeviation;
        string.fit.leftDeviation = std::hypot(
            options_.unsettledSpread * deviation(layout_.giving + GivingUnknowns::ShareCount + static_cast<int>(i)),
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
    constexpr std::size_t longLog = 14, share = 3;
    std::optional<Estimate> beginning;
    if (!known && line.rests.size() > longLog) {
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
            out.at.guitar.value.head(learnedCount) = job.prior->mean;
        if (stringsGive(job))
            out.at.giving.value =
                Eigen::VectorXd::Zero(GivingUnknowns::ShareCount + static_cast<Eigen::Index>(job.rig.strings.size()));
        out.at.oldAngle_rad = job.old.angle_rad;
        out.noise = toldNoise(job.tools, options);
    }
    out.line = std::move(line);
    Solver solver(job, options, out);
    solver.bringIn(observations);
    solver.solve();
    solver.finish();
    return out;
}

} // namespace flenzo
