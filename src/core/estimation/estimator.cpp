// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/estimation/estimator.h"

#include "core/estimation/explain.h"
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

/// The guitar as it was believed to be before the log.
GuitarUnknowns believedGuitar(const BenchJob& job, const Timeline& line) {
    GuitarUnknowns guitar(line.makes);
    if (job.prior)
        guitar.value = priorOf(job, line).mean;
    return guitar;
}

/// Brings one log to its solution, from as much of one as there is.
class Solver {
public:
    Solver(const BenchJob& job, const EstimatorOptions& options, Estimate& out)
        : job_(job), options_(options), out_(out), line_(out.line), layout_(job, line_, out.foldedFrom()),
          equations_(job, options, line_, layout_), at_(out.at), here_(layout_), tried_(layout_) {
        equations_.noise = out.noise;
        equations_.setHeldFriction(out.heldFriction_Nm);
        if (out.folded)
            equations_.foldIn(out.folded);
    }

    /// `weighedAlike`: noise stays as it is.
    void solve(std::size_t knownObservations, bool weighedAlike) {
        equations_.setGuitar(at_);
        bringIn(job_, line_, equations_, knownObservations, at_);
        for (int round = 0;; ++round) {
            descend();
            tryOutliers();
            if (weighedAlike) // what is only tried begins at a solution that has these behind it
                break;
            tryUsualPivot();
            tryStops();
            tryPressedDown();
            const Noise next = learnedNoise(), &now = equations_.noise;
            const double changed = std::max({std::abs(std::log(next.tuner_cents / now.tuner_cents)),
                                             std::abs(std::log(next.gap_m / now.gap_m)),
                                             std::abs(std::log(next.angle_rad / now.angle_rad))});
            if (round >= options_.noiseRounds || changed < options_.noiseChange)
                break;
            equations_.noise = next;
        }
        tell();
        if (!weighedAlike)
            finish();
    }

private:
    void descend();
    void evaluate() { equations_.evaluate(at_, here_); }
    bool step(double& damping);
    void descendFrom(Unknowns other);
    void tryOutliers();
    void tryUsualPivot();
    void tryStops();
    void tryPressedDown();
    [[nodiscard]] Noise learnedNoise() const;
    [[nodiscard]] Prior learned(const Eigen::MatrixXd& covariance) const;
    void tell();
    void finish();
    void followFineTuners();
    void settle();

    const BenchJob& job_;
    const EstimatorOptions& options_;
    Estimate& out_;
    const Timeline& line_;
    UnknownsLayout layout_;
    Equations equations_;
    Unknowns& at_;
    Evaluation here_, tried_; ///< of the solution, and of where a step would bring it
    std::vector<std::size_t> triedReadings_, triedRests_;
    bool triedPressedDown_ = false;
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
    equations_.beginDescent();
    equations_.chooseContacts(at_);
    evaluate();
    for (int k = 0; k < options_.mostSteps; ++k) {
        const bool goesOn = step(damping);
        const bool changed = equations_.chooseContacts(at_);
        if (changed)
            evaluate();
        if (!goesOn && !changed) {
            out_.status = SolveStatus::Converged;
            return;
        }
    }
    out_.status = SolveStatus::OutOfSteps;
}

/// Descends from elsewhere and keeps what is cheaper.
void Solver::descendFrom(Unknowns other) {
    Unknowns kept = std::move(at_);
    const double cost = here_.cost;
    const std::vector<Contact> contacts = equations_.contacts;
    const double heldFriction_Nm = equations_.heldFriction_Nm();
    const SolveStatus status = out_.status;
    at_ = std::move(other);
    descend();
    if (here_.cost <= cost - 1e-3)
        return;
    at_ = std::move(kept);
    equations_.contacts = contacts;
    equations_.setHeldFriction(heldFriction_Nm);
    out_.status = status;
    evaluate();
}

/// Every reading far off is also tried as the true one of its stretch or rest.
void Solver::tryOutliers() {
    const std::vector<Residual> residuals = here_.residuals;
    for (std::size_t o = 0; o < residuals.size(); ++o) {
        const Observation& made = line_.observations[o];
        if (made.wrong || std::abs(residuals[o].inDeviations) < options_.doubtFrom ||
            std::find(triedReadings_.begin(), triedReadings_.end(), o) != triedReadings_.end())
            continue;
        triedReadings_.push_back(o);
        Unknowns other = at_;
        if (made.kind == Observation::Kind::Pitch)
            other.z_cents[made.stretch] += made.value - residuals[o].predicted;
        else if (const auto angle = measuredAngle_rad(line_, made.rest))
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

/// A plate begun free may be on a stop, and one begun on a stop free: where a rest strains, it is begun the other way.
void Solver::tryStops() {
    constexpr double strained_nats = 8.0;
    constexpr std::size_t recent = 3;
    const std::size_t rests = line_.rests.size();
    for (std::size_t r = rests - std::min(recent, rests); r < rests; ++r) {
        if (here_.strain_nats[r] < strained_nats || line_.rests[r].block || !job_.rig.bridge.has().moves() ||
            std::find(triedRests_.begin(), triedRests_.end(), r) != triedRests_.end())
            continue;
        triedRests_.push_back(r);
        const Limits limits = limitsOf(equations_.model(r).rig().bridge, std::nullopt);
        for (const double angle_rad : {limits.low_rad, limits.high_rad, job_.goal.angle_rad}) {
            Unknowns other = at_;
            const double before_rad = other.angle_rad[r];
            other.angle_rad[r] = angle_rad;
            // What was heard of the strings there stays so.
            for (std::size_t i = 0; i < job_.rig.strings.size(); ++i)
                if (const int stretch = line_.rests[r].stretch[i];
                    stretch != RestPoint::none && line_.stretches[static_cast<std::size_t>(stretch)].firstRest == r) {
                    const RestModel& model = equations_.model(r);
                    const bool locked = line_.rests[r].nutLocked;
                    double& z = other.z_cents[static_cast<std::size_t>(stretch)];
                    z = model.zOfReading_cents(i, model.string(i, Turned(before_rad), z, locked).reading_cents,
                                               angle_rad, locked);
                }
            descendFrom(std::move(other));
        }
    }
}

/// A decked plate that a turn of the claw does not move says only that it is pressed down; a model that has it float
/// bends the guitar until nothing would move it, and no single rest leads back from there. Begun with all of them on
/// the stop and the guitar as it was believed to be.
void Solver::tryPressedDown() {
    constexpr double bent_deviations = 2.0;
    const bool bent = at_.guitar.value.cwiseAbs().maxCoeff() > bent_deviations;
    if (job_.goal.deckLoad_Nm <= 0.0 || triedPressedDown_ || !bent)
        return;
    triedPressedDown_ = true;
    Unknowns other = at_;
    other.guitar = believedGuitar(job_, line_);
    for (std::size_t r = 0; r < line_.rests.size(); ++r)
        if (!line_.rests[r].block)
            other.angle_rad[r] = limitsOf(equations_.model(r).rig().bridge, std::nullopt).low_rad;
    for (const Observation& made : line_.observations)
        if (made.kind == Observation::Kind::Pitch && !made.wrong)
            other.z_cents[made.stretch] = equations_.model(made.rest).zOfReading_cents(
                made.string, made.value, other.angle_rad[made.rest], line_.rests[made.rest].nutLocked);
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
        if (made.deviation > 0.0 || made.closed || made.wrong)
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
    const std::vector<RigString>& strings = line_.rigNow().strings;
    Prior out = Prior().forStrings(strings);
    const Eigen::Index size = stiffnessIndex(strings.size()); // of the wires that are on
    out.mean = at_.guitar.value.head(size);
    out.covariance = covariance.topLeftCorner(size, size);
    const Eigen::Index own = size - learnedCount;
    out.covariance.diagonal().tail(own).array() += options_.sameMakeSpread * options_.sameMakeSpread;
    return out;
}

/// What the solution costs and where.
void Solver::tell() {
    equations_.setGuitar(at_); // a step that was refused left its own
    out_.noise = equations_.noise;
    out_.cost_nats = here_.cost;
    out_.strain_nats = here_.strain_nats;
    out_.residuals = here_.residuals;
    out_.heldFriction_Nm = equations_.heldFriction_Nm();
    out_.options = options_;
}

void Solver::finish() {
    if (!here_.normal.factor(Eigen::VectorXd::Constant(layout_.size, 1e-12)))
        out_.status = SolveStatus::Singular;
    const std::size_t rest = line_.rests.size() - 1, strings = job_.rig.strings.size();
    out_.rig = equations_.modelNow().rig();
    followFineTuners();
    out_.state = equations_.stateAt(at_, rest);
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
    out_.readingCovariance = all.bottomRightCorner(n, n);
    out_.readingDeviation_cents = out_.readingCovariance.diagonal().cwiseMax(0.0).cwiseSqrt();
    for (std::size_t i = 0; i < strings; ++i)
        out_.z_cents[i] = equations_.zAt_cents(at_, rest, i);
    out_.open = openOutlier(job_, options_, line_, out_.residuals, out_.readings_cents);
    settle();
}

/// Where every fine tuner stands by now: it moved by what it did to its string.
void Solver::followFineTuners() {
    for (std::size_t e = 0; e < job_.log.size(); ++e) {
        const Event& event = job_.log[e];
        if (event.kind != Event::Kind::Fine || event.string >= out_.rig.strings.size())
            continue;
        RigString& string = out_.rig.strings[event.string];
        const double perTurn_cents = string.finePerTurn_m * equations_.modelNow().zPerMetre_cents(event.string);
        if (perTurn_cents <= 0.0)
            continue;
        const double turned_cents = equations_.zAt_cents(at_, line_.restAfter[e + 1], event.string) -
                                    equations_.zAt_cents(at_, line_.restAfter[e], event.string);
        string.fineAt_turns = std::clamp(string.fineAt_turns + turned_cents / perTurn_cents, 0.0, string.fineTurns);
    }
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
        const double perMetre = equations_.modelNow().zPerMetre_cents(i);
        string.nextDrop_cents = string.fit.now.nextDrop_m() * perMetre;
        string.needed = stretchesNeeded(string.fit, settledWithin_cents(job_.goal) / perMetre);
        out_.settling.push_back(string);
    }
}

/// The job with the beginning of its log: all that happened up to a rest. What is wanted stays what it became.
BenchJob beginningOf(const BenchJob& job, const Timeline& line, std::size_t rests) {
    BenchJob part = job;
    const std::size_t events = std::max<std::size_t>(1, line.rests[rests].firstEvent) - 1;
    const auto cut = job.log.begin() + static_cast<std::ptrdiff_t>(events);
    part.log.assign(job.log.begin(), cut);
    std::copy_if(cut, job.log.end(), std::back_inserter(part.log),
                 [](const Event& event) { return event.kind == Event::Kind::Retarget; });
    return part;
}

/// How many rests two logs have in common from the start.
std::size_t commonRests(const Timeline& a, const Timeline& b) {
    const auto same = [](const RestPoint& x, const RestPoint& y) {
        return x.firstEvent == y.firstEvent && x.stretch == y.stretch && x.claw == y.claw && x.version == y.version &&
               x.nutLocked == y.nutLocked && x.orientation == y.orientation && x.block == y.block;
    };
    std::size_t rests = 0;
    while (rests < std::min(a.rests.size(), b.rests.size()) && same(a.rests[rests], b.rests[rests]))
        ++rests;
    return rests;
}

template <class List> auto begunIn(const List& list, std::size_t rests, const auto& restOf) {
    return static_cast<std::size_t>(
        std::find_if(list.begin(), list.end(), [&](const auto& one) { return restOf(one) >= rests; }) - list.begin());
}

/// What a known solution says of the rests that it shares with this log, or of `most` of them; the number of its
/// readings among them.
std::size_t beginFrom(const Estimate& known, const Timeline& line, std::size_t mostRests, Unknowns& at) {
    const std::size_t rests = std::min(mostRests, commonRests(known.line, line));
    const auto first = [](const Stretch& stretch) { return stretch.firstRest; };
    const auto own = [](const auto& one) { return one.rest; };
    at.oldAngle_rad = known.at.oldAngle_rad;
    const auto head = [](const auto& list, std::size_t most) {
        const auto end = list.begin() + static_cast<std::ptrdiff_t>(std::min(most, list.size()));
        return std::remove_cvref_t<decltype(list)>(list.begin(), end);
    };
    at.angle_rad = head(known.at.angle_rad, rests);
    at.z_cents = head(known.at.z_cents, begunIn(known.line.stretches, rests, first));
    at.claw = head(known.at.claw, begunIn(known.line.claws, rests, own));
    at.strain = head(known.at.strain, begunIn(known.line.gaps, rests, own));
    const auto take = [](Eigen::VectorXd& into, const Eigen::VectorXd& from, Eigen::Index common) {
        if (into.size() == from.size())
            into = from;
        else if (std::min(into.size(), from.size()) >= common)
            into.head(common) = from.head(common); // other wires: what is common to all stays
    };
    take(at.guitar.value, known.at.guitar.value, learnedCount);
    take(at.giving.value, known.at.giving.value, GivingUnknowns::ShareCount);
    std::size_t observations = 0;
    while (observations < std::min(known.line.observations.size(), line.observations.size()) &&
           known.line.observations[observations].event == line.observations[observations].event &&
           line.observations[observations].rest < rests)
        ++observations;
    return observations;
}

} // namespace

double settledWithin_cents(const Goal& goal) {
    constexpr double share = 1.0 / 3.0;
    return share * goal.pitchTolerance_cents;
}

std::vector<MovedString> movedByThemselves(const Estimate& guitar) {
    std::vector<MovedString> moved;
    for (std::size_t s = 0; s < guitar.line.stretches.size(); ++s) {
        const Stretch& stretch = guitar.line.stretches[s];
        if (stretch.link == Stretch::Link::Moved)
            moved.push_back({guitar.line.rests[stretch.firstRest].firstEvent, stretch.string,
                             guitar.at.z_cents[s] - guitar.at.z_cents[stretch.before]});
    }
    return moved;
}

namespace {

/// Everything as it was said to be, nothing solved.
Estimate begun(const BenchJob& job, const Assumed& assumed, const EstimatorOptions& options) {
    Estimate out;
    out.line = timelineOf(job, assumed);
    out.assumed = assumed;
    out.at.guitar = believedGuitar(job, out.line);
    out.at.giving = GivingUnknowns(job, out.line);
    out.at.oldAngle_rad = job.old.angle_rad;
    out.noise = toldNoise(job.tools, options);
    return out;
}
void addPrices(Estimate& out, const EstimatorOptions& options) {
    out.cost_nats += options.movedPrice_nats * static_cast<double>(out.assumed.moves.size()) +
                     options.wrongPrice_nats * static_cast<double>(out.assumed.wrongs.size());
}

} // namespace

Estimate estimateAssuming(const BenchJob& job, const Assumed& assumed, const Estimate* known,
                          const EstimatorOptions& options) {
    Estimate out = begun(job, assumed, options);
    std::size_t observations = 0;
    if (known) {
        out.noise = known->noise;
        if (known->line.makes == out.line.makes && known->line.pieces == out.line.pieces)
            out.folded = known->folded; // else another piece of wire came on
        observations = beginFrom(*known, out.line, out.line.rests.size(), out.at);
    }
    Solver(job, options, out).solve(observations, false);
    addPrices(out, options);
    return out;
}

Estimate triedAssuming(const BenchJob& job, const Assumed& assumed, const Estimate& known,
                       std::optional<std::size_t> changedFrom) {
    Estimate out = begun(job, assumed, known.options);
    out.noise = known.noise;
    out.heldFriction_Nm = known.heldFriction_Nm;
    std::size_t observations = 0;
    // A guitar bent by what was not so is a bad beginning.
    const bool afresh = changedFrom && out.line.rests.size() <= static_cast<std::size_t>(known.options.longLog);
    if (!afresh) {
        const std::size_t most = changedFrom ? out.line.restAfter[std::min(*changedFrom, out.line.restAfter.size() - 1)]
                                             : out.line.rests.size();
        observations = beginFrom(known, out.line, most, out.at);
    }
    Solver(job, known.options, out).solve(observations, true);
    addPrices(out, known.options);
    return out;
}

Estimate estimate(const BenchJob& job, const Estimate* known, const EstimatorOptions& options) {
    // A long log is learned from its beginning, so that no guess is far off and nothing is explained by what came
    // later.
    constexpr std::size_t share = 3;
    std::optional<Estimate> beginning;
    if (!known) {
        const Timeline line = timelineOf(job);
        if (line.rests.size() > static_cast<std::size_t>(options.longLog)) {
            beginning = estimate(beginningOf(job, line, line.rests.size() * (share - 1) / share), nullptr, options);
            known = &*beginning;
        }
    }
    Estimate found = estimateAssuming(job, known ? known->assumed : Assumed{}, known, options);
    explain(job, options, found);
    return found;
}

} // namespace flenzo
