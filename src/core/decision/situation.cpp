// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/decision/situation.h"

#include "core/log/logged_passes.h"
#include "core/log/nearness.h"
#include "core/log/rig_after.h"
#include "core/statics/equation.h"
#include "core/statics/pitch.h"

#include <algorithm>
#include <cmath>
#include <limits>

namespace flenzo {

namespace {

/// Tools are what they were told to be: what the readings make of them widens that by half at most.
double asTold(std::optional<double> told, double usual, double learned) {
    constexpr double most = 1.5;
    return std::min(learned, most * told.value_or(usual));
}

/// How sure one look at the plate is, as the shop last made one.
double oneLook_rad(const BenchJob& job, const Estimate& guitar) {
    const auto& made = guitar.line.observations;
    const auto last = std::find_if(made.rbegin(), made.rend(),
                                   [](const Observation& o) { return o.kind != Observation::Kind::Pitch; });
    if (last == made.rend())
        return 0.0;
    if (last->kind == Observation::Kind::Gap)
        return asTold(job.tools.gap_m, guitar.options.gap_m, guitar.noise.gap_m) / job.rig.bridge.rearEdge_m;
    return last->deviation > 0.0 ? last->deviation
                                 : asTold(job.tools.angle_rad, guitar.options.angle_rad, guitar.noise.angle_rad);
}

/// The job's goal, less the strings of which it was said that they stay off.
Goal goalOf(const BenchJob& job) {
    Goal goal = job.goal;
    for (std::size_t i = 0; i < job.rig.strings.size(); ++i)
        for (const Event& event : job.log)
            if (event.string == i && event.kind == Event::Kind::Off && event.confirmed && !isOnAfter(job.log, i) &&
                goal.wants(i))
                goal.without.push_back(i);
    return goal;
}

} // namespace

Situation::Situation(const BenchJob& theJob, const Estimate& estimate, const AdvisorOptions& theOptions)
    : job(theJob), guitar(estimate), options(theOptions), strings(theJob.rig.strings.size()), goal(goalOf(theJob)),
      nominal(asTunedNow(estimate.line.rigNow(), goal, estimate.state.nutLocked)),
      rig(asTunedNow(estimate.rig, goal, estimate.state.nutLocked)), state(estimate.state),
      readings_cents(estimate.readings_cents),
      tuner_cents(asTold(job.tools.tuner_cents, guitar.options.tuner_cents, guitar.noise.tuner_cents)),
      look_rad(oneLook_rad(job, guitar)) {
    const double believed_cents = job.tools.peg_cents.value_or(options.peg_cents);
    pegDeviation_cents = nearness_cents(job.log, believed_cents, tuner_cents);
    // A finer hand than was believed makes the forecasts surer; it does not make the job stricter.
    pitchTolerance_cents = std::max({goal.pitchTolerance_cents, options.tellPitch * tuner_cents,
                                     options.tellPeg * std::max(believed_cents, pegDeviation_cents)});
    plateTolerance_rad = std::max(goal.angleTolerance_rad, options.tellPlate * look_rad);
    for (std::size_t i = 0; i < strings; ++i)
        readings_cents[i] -= wanted_cents(i);
    count();
    level = levelSolution(guitar.rig, state, goal);
    findHome();
    gather();
    believeBench();
    look();
    judgeFloat();
    hand = clawStepPolicyOf(job.method, guitar.rig, level, goal, clawTurnedBack);
}

/// All that was read at the latest rest.
void Situation::gather() {
    read.assign(strings, {});
    const auto& all = guitar.line.observations;
    for (auto one = all.begin(); one != all.end(); ++one) {
        const Observation& made = *one;
        const auto later = std::count_if(one + 1, all.end(), [&](const Observation& other) {
            return other.rest == made.rest && other.kind == made.kind && other.string == made.string;
        });
        // One that is taken for wrong counts until two others have been made: it may be the other that is.
        if (made.rest + 1 != guitar.line.rests.size() || (made.wrong && later > 1))
            continue;
        if (made.kind == Observation::Kind::Pitch)
            read[made.string].add(made.value - wanted_cents(made.string));
        else
            plateRead.add(made.kind == Observation::Kind::Angle ? made.value
                                                                : angleOfGap_rad(nominal.bridge, made.value));
    }
}

Situation::Gate Situation::gateOf(std::size_t which) const {
    const int most = options.mostReads + 2;
    return which < strings ? Gate{read[which], 0.0, pitchTolerance_cents, tuner_cents, options.gateDeviations, most}
                           : Gate{plateRead, home_rad, plateTolerance_rad, look_rad, options.gateDeviations, most};
}

bool Situation::Gate::lets(double value, int readings) const {
    // One alone must be plainly inside, another is cheap; and it tells little where it is as coarse as the tolerance.
    constexpr double coarseShare = 0.75, plainly = 0.5;
    if (made.count < 2 && deviation > coarseShare * tolerance)
        return false;
    const double room = made.count > 1 ? deviations * deviation / std::sqrt(readings) : -plainly * deviation;
    return std::abs(value - wanted) <= tolerance + room;
}
bool Situation::Gate::agree() const {
    constexpr double half_deviations = 2.1; // two that are this far from their mean are not of one string
    return made.count < 2 || std::abs(made.last - made.lastTwo) <= half_deviations * deviation;
}
bool Situation::Gate::isOpen() const {
    return made.count > 0 && agree() && lets(made.last, 1) && lets(made.lastTwo, std::min(2, made.count)) &&
           lets(made.mean, made.count);
}
bool Situation::Gate::isShutForGood() const {
    return (made.count >= 2 && agree() && !lets(made.lastTwo, 2)) ||
           (made.count >= 3 && !lets(made.mean, made.count)) || (made.count >= mostReads && !isOpen());
}
bool Situation::Gate::wantsOneMore() const {
    return made.count > 0 && !isOpen() && !isShutForGood();
}

std::vector<std::size_t> Situation::gates() const {
    std::vector<std::size_t> list;
    for (std::size_t i = 0; i < strings; ++i)
        if (goal.wants(i))
            list.push_back(i);
    if (plateCounts)
        list.push_back(strings);
    return list;
}

bool Situation::gateIsOpen() const {
    const std::vector<std::size_t> all = gates();
    return std::all_of(all.begin(), all.end(), [this](std::size_t which) { return gateOf(which).isOpen(); });
}

std::vector<std::size_t> Situation::readOnceMore() const {
    std::vector<std::size_t> again = gates();
    std::erase_if(again, [this](std::size_t which) { return !gateOf(which).wantsOneMore(); });
    return again;
}

bool Situation::toolsScatter() const {
    constexpr double most = 2.0;
    const auto scatters = [](const std::optional<double>& told, double least, double learned) {
        return told && learned > most * std::max(*told, least);
    };
    const EstimatorOptions& usual = guitar.options;
    return scatters(job.tools.tuner_cents, usual.tuner_cents, guitar.noise.tuner_cents) ||
           scatters(job.tools.gap_m, usual.gap_m, guitar.noise.gap_m) ||
           scatters(job.tools.angle_rad, usual.angle_rad, guitar.noise.angle_rad);
}

/// What is read twice is so: where readings agree on something that the solution does not, it is planned from them.
void Situation::believeBench() {
    const RestModel model(rig, job.goal.angle_rad);
    // What keeps the gate shut is believed as well, or nothing would be done about it.
    for (std::size_t i = 0; i < strings && !fromBench; ++i)
        if (read[i].count >= 2 && isOn(i))
            fromBench = std::abs(read[i].lastTwo - readings_cents[i]) >
                            std::max(options.benchShare * pitchTolerance_cents,
                                     options.benchDeviations * tuner_cents / std::sqrt(2.0)) ||
                        (gateOf(i).isShutForGood() && std::abs(readings_cents[i]) <= pitchTolerance_cents);
    if (plateRead.count >= 2 && plateCounts) {
        const double off = std::abs(plateRead.mean - state.angle_rad),
                     allowed = plateTolerance_rad + options.benchDeviations * look_rad / std::sqrt(plateRead.count);
        if (off > allowed ||
            (gateOf(strings).isShutForGood() && std::abs(state.angle_rad - home_rad) <= plateTolerance_rad)) {
            fromBench = true;
            state.angle_rad = plateRead.mean;
        }
    }
    if (!fromBench)
        return;
    for (std::size_t i = 0; i < strings; ++i)
        if (isOn(i)) {
            if (read[i].count > 0)
                readings_cents[i] = read[i].lastTwo;
            const double z = model.zOfReading_cents(i, readings_cents[i], state.angle_rad, state.nutLocked);
            state.unstretchedLength_m[i] = model.unstretchedLength_m(i, z, state.nutLocked);
        }
    cancelled_Nm = -BalanceEquation(rig, state).at(state.angle_rad).moment_Nm;
}

std::optional<Question> Situation::question() const {
    if (guitar.question)
        return guitar.question;
    if (job.log.empty() || job.log.back().confirmed)
        return std::nullopt;
    // Nothing explains it: something was moved that nobody typed.
    Question question;
    question.event = job.log.size() - 1;
    question.mend = {Event::ofString(Event::Kind::Disturbed, 0), job.log.back()};
    question.mend.front().at = job.log.back().at;
    return question;
}

std::optional<std::size_t> Situation::missingString() const {
    for (const std::size_t string : job.method.order)
        if (!isOn(string) && goal.wants(string))
            return string;
    return std::nullopt;
}

bool Situation::isTuned(std::size_t string) const {
    return std::find(tuned.begin(), tuned.end(), string) != tuned.end();
}

bool Situation::isFar() const {
    const auto off_cents =
        belief.z_cents.array().abs() - centsPerRad.array().abs() * (plateCounts ? plateTolerance_rad : 0.0);
    return (off_cents > options.far_cents + options.farDeviations * zDeviation_cents.array()).any();
}

bool Situation::nearPitch() const {
    return std::all_of(readings_cents.begin(), readings_cents.end(),
                       [this](double reading) { return std::abs(reading) < options.nearPitch_cents; });
}

/// A plate that nobody turns a claw for, or of which nobody knows where it is, has its target where it rests in tune;
/// one that locking will move, where it rests before.
void Situation::findHome() {
    home_rad = goal.angle_rad;
    const bool leads = !state.nutLocked && !goal.lead_cents.empty();
    if (hasClaw(job.rig) && !(floats(job.rig, goal) && (leads || !plateCounts)))
        return;
    const EquilibriumAtPitch landing = equilibriumAtPitch(rig, leads && plateCounts ? level.state : state, goal);
    if (landing.stable || !hasClaw(job.rig))
        home_rad = landing.state.angle_rad;
}

void Situation::look() {
    const auto n = static_cast<Eigen::Index>(strings);
    belief.plate_rad = state.angle_rad - home_rad;
    belief.covariance.resize(1 + n, 1 + n);
    belief.covariance << guitar.covariance(0, 0), guitar.readingByAngle_radCents.transpose(),
        guitar.readingByAngle_radCents, guitar.readingCovariance;
    belief.z_cents = zDeviation_cents = centsPerRad = momentPerCent_Nm = pull_N = mostPull_N = Eigen::VectorXd::Zero(n);
    BalanceEquation equation(rig, state);
    equation.addMoment(cancelled_Nm);
    BalanceEquation atHome = equation;
    const double angle = state.angle_rad;
    for (Eigen::Index i = 0; i < n; ++i) {
        const auto string = static_cast<std::size_t>(i);
        const double f_Hz = equation.frequency_Hz(string, angle);
        belief.z_cents[i] =
            state.unstretchedLength_m[string] > 0.0
                ? cents(std::max(1e-3, equation.frequency_Hz(string, home_rad)), nominal.strings[string].target_Hz)
                : 0.0;
        atHome.setRest(string, atHome.unstretchedForPitch_m(string, nominal.strings[string].target_Hz, home_rad));
        centsPerRad[i] = atHome.centsPerRadian(string, home_rad);
        // Errors of how far strings fall with the plate are common to all, and left out.
        const double c = equation.centsPerRadian(string, angle);
        const double fall = c * (c * guitar.covariance(0, 0) - 2.0 * guitar.readingByAngle_radCents[i]);
        zDeviation_cents[i] = std::sqrt(std::max(0.0, std::pow(guitar.readingDeviation_cents[i], 2) + fall));
        pull_N[i] = equation.tension_N(string, angle);
        // A string is never tuned quite to the cent, and nobody would wait for one that is.
        constexpr double aLittle = 1.01;
        mostPull_N[i] = std::max(options.mostOfBreaking * breakingTension_N(nominal.strings[string].wire),
                                 aLittle * atHome.tension_N(string, home_rad));
        momentPerCent_Nm[i] = f_Hz > 0.0 ? equation.momentPerCent_Nm(string, f_Hz, angle) : 0.0;
    }
    Moment here = equation.at(angle);
    friction_Nm = rig.bridge.friction.pivot_Nm;
    // An assist that holds the plate at its centre is to small moves what friction is.
    constexpr double near_rad = 2e-3;
    if (const auto& assist = rig.bridge.assist; assist && std::abs(angle - assist->centre_rad) < near_rad)
        if (const Moment free = equation.unassisted(assist->centre_rad);
            std::abs(free.moment_Nm) <= assist->preload_Nm) {
            here = free;
            friction_Nm += assist->preload_Nm;
        }
    stiffness_NmPerRad = std::max(0.1, -here.slope_NmPerRad);
    deadBand_rad = friction_Nm / stiffness_NmPerRad;
    carried_Nm = std::clamp(here.moment_Nm, -friction_Nm, friction_Nm);
    if (hasClaw(job.rig)) {
        constexpr double step = 0.125;
        BalanceEquation turned = equation;
        turned.setClaw(rig, state.claw.plus(step));
        momentPerTurn_Nm = (turned.at(angle).moment_Nm - here.moment_Nm) / step;
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
        ++counts[made.rest][pitch ? made.string : strings]; // a peg's own reading is one
    }
    allEverRead = std::all_of(ever.begin(), ever.end(), [](bool once) { return once; });
    // Asked for and not given: nobody here can tell.
    const bool givenUp =
        stringReadings >= 2 * static_cast<int>(strings) ||
        std::any_of(job.log.begin(), job.log.end(), [](const Event& event) {
            return event.kind == Event::Kind::Read && event.readings_cents.empty() && !event.gap_m && !event.angle_rad;
        });
    plateCounts = floats(job.rig, goal) && (plateEverRead || !givenUp);
    reads = counts.back();
    plateReads = reads[strings];
    fullReads = plateCounts ? plateReads : std::numeric_limits<int>::max();
    for (std::size_t i = 0; i < strings; ++i)
        if (isOn(i)) // a string that is off has nothing to read
            fullReads = std::min(fullReads, reads[i]);
    const std::vector<Event>& log = job.log;
    tuned = tunedInThisPass(log, strings);
    clawTurnedBack = flenzo::clawTurnedBack(log, ClawStepPolicy::both_turns);
    // What happened to the guitar is no fault of the work: it is counted from there.
    const auto began = log.begin() + static_cast<std::ptrdiff_t>(lastHappened());
    spent = countsOf({began, log.end()}, strings, job.pace);
    std::size_t turned = 0;
    const auto full = std::find_if(began, log.end(), [&](const Event& event) {
        turned += event.tunes() ? 1 : 0;
        return turned >= strings;
    });
    farClawVisits = countsOf({began, full}, strings, job.pace).clawVisits;
    for (auto event = log.rbegin(); event != log.rend() && !event->tunes(); ++event) {
        if (event->happens())
            afterChange = fullReads == 0;
        if (event->kind == Event::Kind::Claw) {
            afterClaw = fullReads == 0;
            if (plateReads == 0)
                turnedSinceRead = event->turns.mean();
            break;
        }
    }
}

/// The event with which something last happened to the guitar that nobody did to tune it.
std::size_t Situation::lastHappened() const {
    std::size_t last = 0;
    for (std::size_t e = 0; e < job.log.size(); ++e)
        if (job.log[e].happens())
            last = e;
    for (const Assumed::Move& move : guitar.assumed.moves)
        last = std::max(last, move.event);
    for (const Gap& gap : guitar.line.gaps)
        last = std::max(last, guitar.line.rests[gap.rest].firstEvent);
    return std::min(last, job.log.size());
}

/// By how much the float may be more stubborn than learned: before anything is read the nominal figures hold, so that
/// a set that will not float is said before a string comes off; later it must be beyond doubt.
void Situation::judgeFloat() {
    mayFloat = level.status == LevelStatus::Found;
    if (mayFloat || level.status != LevelStatus::NoStableFloat || !allEverRead)
        return;
    double variance = 0.0;
    for (Eigen::Index k = 0; k < learnedCount; ++k) {
        GuitarUnknowns other = guitar.at.guitar;
        other.value[k] += guitar.guitarDeviation[k];
        const LevelSolution there = levelSolution(correctedRig(nominal, guitar.options, other), state, goal);
        variance += std::pow(there.floatStiffness_NmPerRad - level.floatStiffness_NmPerRad, 2);
    }
    mayFloat = level.floatStiffness_NmPerRad > -options.floatDeviations * std::sqrt(variance);
}

} // namespace flenzo
