// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/decision/situation.h"

#include "core/log/passes.h"
#include "core/statics/equation.h"
#include "core/statics/pitch.h"

#include <algorithm>
#include <cmath>
#include <limits>

namespace flenzo {

namespace {

/// How sure one look at the plate is, as the shop last made one.
double oneLook_rad(const BenchJob& job, const Estimate& guitar) {
    const auto& made = guitar.line.observations;
    const auto last = std::find_if(made.rbegin(), made.rend(),
                                   [](const Observation& o) { return o.kind != Observation::Kind::Pitch; });
    if (last == made.rend())
        return 0.0;
    if (last->kind == Observation::Kind::Gap)
        return guitar.noise.gap_m / job.rig.bridge.rearEdge_m;
    return last->deviation > 0.0 ? last->deviation : guitar.noise.angle_rad;
}

} // namespace

Situation::Situation(const BenchJob& theJob, const Estimate& estimate, const AdvisorOptions& theOptions)
    : job(theJob), guitar(estimate), options(theOptions), strings(theJob.rig.strings.size()),
      pegDeviation_cents(job.tools.peg_cents.value_or(options.peg_cents)),
      pitchTolerance_cents(std::max({job.goal.pitchTolerance_cents, options.tellPitch * guitar.noise.tuner_cents,
                                     options.tellPeg * pegDeviation_cents})),
      plateTolerance_rad(std::max(job.goal.angleTolerance_rad, options.tellPlate * oneLook_rad(job, guitar))) {
    count();
    level = levelSolution(guitar.rig, guitar.state, job.goal);
    findHome();
    look();
    judgeFloat();
    hand = clawStepPolicyOf(job.method, guitar.rig, level, job.goal, clawTurnedBack);
}

bool Situation::isTuned(std::size_t string) const {
    return std::find(tuned.begin(), tuned.end(), string) != tuned.end();
}

bool Situation::isFar() const {
    const auto off_cents = z_cents.array().abs() - centsPerRad.array().abs() * (plateCounts ? plateTolerance_rad : 0.0);
    return (off_cents > options.far_cents + options.farDeviations * zDeviation_cents.array()).any();
}

bool Situation::nearPitch() const {
    return std::all_of(guitar.readings_cents.begin(), guitar.readings_cents.end(),
                       [this](double reading) { return std::abs(reading) < options.nearPitch_cents; });
}

/// A plate that nobody turns a claw for, or of which nobody knows where it is, has its home where it rests in tune.
void Situation::findHome() {
    home_rad = job.goal.angle_rad;
    if (!hasClaw(job.rig))
        home_rad = level.state.angle_rad;
    else if (floats(job.rig, job.goal) && !plateCounts)
        if (const EquilibriumAtPitch landing = equilibriumAtPitch(guitar.rig, guitar.state, job.goal); landing.stable)
            home_rad = landing.state.angle_rad;
}

void Situation::look() {
    const auto n = static_cast<Eigen::Index>(strings);
    plate_rad = guitar.state.angle_rad - home_rad;
    z_cents = zDeviation_cents = centsPerRad = momentPerCent_Nm = Eigen::VectorXd::Zero(n);
    const BalanceEquation equation(guitar.rig, guitar.state);
    BalanceEquation atHome = equation;
    const double angle = guitar.state.angle_rad;
    for (Eigen::Index i = 0; i < n; ++i) {
        const auto string = static_cast<std::size_t>(i);
        const double f_Hz = equation.frequency_Hz(string, angle);
        z_cents[i] =
            guitar.state.unstretchedLength_m[string] > 0.0
                ? cents(std::max(1e-3, equation.frequency_Hz(string, home_rad)), job.rig.strings[string].target_Hz)
                : 0.0;
        atHome.setRest(string, atHome.unstretchedForPitch_m(string, job.rig.strings[string].target_Hz, home_rad));
        centsPerRad[i] = atHome.centsPerRadian(string, home_rad);
        // Errors of how far strings fall with the plate are common to all, and left out.
        const double c = equation.centsPerRadian(string, angle);
        const double fall = c * (c * guitar.covariance(0, 0) - 2.0 * guitar.readingByAngle_radCents[i]);
        zDeviation_cents[i] = std::sqrt(std::max(0.0, std::pow(guitar.readingDeviation_cents[i], 2) + fall));
        momentPerCent_Nm[i] = f_Hz > 0.0 ? equation.momentPerCent_Nm(string, f_Hz, angle) : 0.0;
    }
    const Moment here = equation.at(angle);
    stiffness_NmPerRad = std::max(0.1, -here.slope_NmPerRad);
    friction_Nm = guitar.rig.bridge.friction.pivot_Nm;
    deadBand_rad = friction_Nm / stiffness_NmPerRad;
    carried_Nm = std::clamp(here.moment_Nm, -friction_Nm, friction_Nm);
    if (hasClaw(job.rig)) {
        constexpr double step = 0.125;
        State turned = guitar.state;
        turned.claw = turned.claw.plus(step);
        momentPerTurn_Nm = (BalanceEquation(guitar.rig, turned).at(angle).moment_Nm - here.moment_Nm) / step;
    }
}

void Situation::count() {
    const Timeline& line = guitar.line;
    std::vector<std::vector<int>> counts(line.rests.size(), std::vector<int>(strings + 1, 0)); // the plate's last
    std::vector<bool> ever(strings, false);
    int stringReadings = 0;
    for (const Observation& made : line.observations) {
        const bool pitch = made.kind == Observation::Kind::Pitch;
        if (pitch)
            ever[made.string] = true;
        else
            plateEverRead = true;
        stringReadings += pitch && !made.afterAct ? 1 : 0;
        counts[made.rest][pitch ? made.string : strings] += made.afterAct ? 0 : 1;
    }
    allEverRead = std::all_of(ever.begin(), ever.end(), [](bool read) { return read; });
    // Asked for and not given: nobody here can tell.
    const bool givenUp =
        stringReadings >= 2 * static_cast<int>(strings) ||
        std::any_of(job.log.begin(), job.log.end(), [](const Event& event) {
            return event.kind == Event::Kind::Read && event.readings_cents.empty() && !event.gap_m && !event.angle_rad;
        });
    plateCounts = floats(job.rig, job.goal) && (plateEverRead || !givenUp);
    const auto fullReadsAt = [&](std::size_t rest) {
        int least = plateCounts ? counts[rest][strings] : std::numeric_limits<int>::max();
        for (std::size_t i = 0; i < strings; ++i)
            if (guitar.state.unstretchedLength_m[i] > 0.0) // a string that is off has nothing to read
                least = std::min(least, counts[rest][i]);
        return least;
    };
    reads = counts.back();
    plateReads = reads[strings];
    fullReads = fullReadsAt(counts.size() - 1);
    // What was found then to be worth its pegs is still, with the first of them turned.
    for (std::size_t rest = 0; rest < counts.size(); ++rest)
        urgent = urgent || (line.rests[rest].claw == line.rests.back().claw && fullReadsAt(rest) >= options.mostReads);
    const std::vector<Event>& log = job.log;
    tuned = tunedInThisPass(log, strings);
    clawTurnedBack = flenzo::clawTurnedBack(log, ClawStepPolicy::both_turns);
    spent = countsOf(log, strings, job.pace);
    std::size_t turned = 0;
    const auto full = std::find_if(log.begin(), log.end(), [&](const Event& event) {
        turned += event.tunes() ? 1 : 0;
        return turned >= strings;
    });
    farClawVisits = countsOf({log.begin(), full}, strings, job.pace).clawVisits;
    for (auto event = log.rbegin(); event != log.rend() && !event->tunes(); ++event)
        if (event->kind == Event::Kind::Claw) {
            afterClaw = fullReads == 0;
            if (plateReads == 0)
                turnedSinceRead = event->turns.mean();
            break;
        }
}

/// By how much the float may be more stubborn than learned: before anything is read the nominal figures stand, so that
/// a set that will not float is said before a string comes off; later it must be beyond doubt.
void Situation::judgeFloat() {
    mayFloat = level.status == LevelStatus::Found;
    if (mayFloat || level.status != LevelStatus::NoStableFloat || !allEverRead)
        return;
    double variance = 0.0;
    const EstimatorOptions priors;
    for (Eigen::Index k = 0; k < learnedCount; ++k) {
        GuitarUnknowns other = guitar.at.guitar;
        other.value[k] += guitar.guitarDeviation[k];
        const LevelSolution there = levelSolution(correctedRig(job.rig, priors, other), guitar.state, job.goal);
        variance += std::pow(there.floatStiffness_NmPerRad - level.floatStiffness_NmPerRad, 2);
    }
    mayFloat = level.floatStiffness_NmPerRad > -options.floatDeviations * std::sqrt(variance);
}

} // namespace flenzo
