// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/practice/practice_run.h"

#include "core/log/counts.h"
#include "core/statics/pitch.h"
#include "domain/base/faults.h"
#include "domain/base/ranges.h"
#include "domain/bench/entering.h"
#include "domain/job/derived.h"
#include "domain/job/edits.h"
#include "domain/work/warnings.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace flenzo {

namespace {

using Do = PracticeAct::Do;

constexpr std::array<const char*, static_cast<std::size_t>(Defect::Count)> faultNames{
    "none",           "blockLeftIn", "slipsAtPost", "insertLoose", "wornEdge",  "hangsAtNut",
    "swappedStrings", "wrongGauge",  "clawCrooked", "springOff",   "neckLoose", "capTurned"};
constexpr std::array<const char*, static_cast<std::size_t>(Hurt::Count)> hurtNames{
    "cutUnderTension", "lockedUnsettled", "divedUnlocked", "postsUnderTension", "tooSharp", "blockLeftIn"};

enum ExerciseStream : std::uint32_t { FaultStream = 7 };

/// What is wrong with this one, and with which string.
std::pair<Defect, std::size_t> drawn(const Exercise& exercise, std::uint32_t seed) {
    if (exercise.faults.isEmpty())
        return {Defect::None, 0};
    RandomStream random(seed, FaultStream);
    const auto pick = [&random](double count) { return static_cast<qsizetype>(random.between(0.0, count - 1e-6)); };
    const Defect fault = exercise.faults[pick(static_cast<double>(exercise.faults.size()))];
    // The thicker one of a pair has a neighbour.
    const auto strings = static_cast<double>(exercise.job.rig.strings.size());
    return {fault, isOfAString(fault) ? static_cast<std::size_t>(pick(strings - 1.0)) : 0};
}

PracticeConditions conditionsOf(const Exercise& exercise) {
    PracticeConditions conditions;
    conditions.newStrings = exercise.newStrings;
    return conditions;
}

bool wantsString(Do what) {
    return what == Do::Caliper || what == Do::Tune || what == Do::Turn || what == Do::Stretch || what == Do::TakeOff ||
           what == Do::PutOn;
}

} // namespace

QString faultName(Defect fault) {
    return QLatin1String(faultNames[static_cast<std::size_t>(fault)]);
}

std::optional<Defect> faultNamed(const QString& name) {
    for (std::size_t k = 0; k < faultNames.size(); ++k)
        if (name == QLatin1String(faultNames[k]))
            return static_cast<Defect>(k);
    return std::nullopt;
}

QString hurtName(Hurt hurt) {
    return QLatin1String(hurtNames[static_cast<std::size_t>(hurt)]);
}

PracticeRun::PracticeRun(Exercise exercise, std::uint32_t seed)
    : exercise_(std::move(exercise)), seed_(seed), hidden_(drawn(exercise_, seed).first),
      hiddenString_(drawn(exercise_, seed).second),
      guitar_(benchJobOf(exercise_.job), conditionsOf(exercise_), hidden_, hiddenString_, seed), job_(exercise_.job) {
    job_.log.clear();
    job_.method.stretch = exercise_.newStrings;
    for (const PracticeAct& done : exercise_.begun)
        if (const PracticeSight seen = guitar_.perform(done); seen.event)
            job_.log.push_back(*seen.event);
    distances_cents_.append(distance_cents());
    entries_.append(static_cast<qsizetype>(job_.log.size()));
}

std::optional<Fault> PracticeRun::refusal(const PracticeAct& act) const {
    const QString field = QStringLiteral("act");
    if (isOver())
        return Fault{faults::practiceIsOver, field};
    if ((act.string && *act.string >= job_.rig.strings.size()) || (wantsString(act.what) && !act.string))
        return Fault{faults::noSuchString, QStringLiteral("string")};
    if (act.string && (act.what == Do::Tune || act.what == Do::Turn || act.what == Do::Stretch) && !isOn(*act.string))
        return Fault{faults::stringIsOff, QStringLiteral("string")};
    if (act.what == Do::PutOn && isOn(*act.string))
        return Fault{faults::stringIsOn, QStringLiteral("string")};
    const auto outside = [](double value, double most) { return !std::isfinite(value) || std::abs(value) > most; };
    constexpr double mostTurns = 20.0, mostPeg = 20.0, mostPost_m = 0.005;
    if (outside(act.cents, 1200.0) || outside(act.turns.bass, mostTurns) || outside(act.turns.treble, mostTurns) ||
        (act.what == Do::Turn && outside(act.amount, mostPeg)) ||
        (act.what == Do::Posts && outside(act.amount, mostPost_m)) || !std::isfinite(act.amount))
        return Fault{faults::actTooFar, field};
    if ((act.what == Do::Claw || act.what == Do::Inspect || act.what == Do::Measure || act.what == Do::Springs) &&
        !hasClaw(job_.rig))
        return Fault{faults::noClawHere, field};
    if (act.what == Do::Springs &&
        (act.amount != std::floor(act.amount) || act.amount < 1.0 || act.amount > static_cast<double>(maxSprings)))
        return Fault{faults::springsAreWhole, QStringLiteral("springs"), {QString::number(maxSprings)}};
    if (act.what == Do::Block)
        if (const Result<Block> block = blockOf(job_.rig.bridge, act.amount); !block.ok())
            return block.fault();
    if (act.what == Do::Lock && job_.card.nut == Nut::Open)
        return Fault{faults::nutHasNoCaps, field};
    return std::nullopt;
}

void PracticeRun::hurt(Hurt what) {
    if (!hurts_.contains(what))
        hurts_.append(what);
}

namespace {

/// The step of a job that an act of practice is.
std::optional<StepId> stepOf(Do what) {
    switch (what) {
    case Do::TakeOff:
        return StepId::CutOld;
    case Do::Lock:
        return StepId::Lock;
    case Do::Dive:
    case Do::PullUp:
        return StepId::ReturnTest;
    case Do::Posts:
        return StepId::Height;
    case Do::Done:
        return StepId::HandOver;
    default:
        return std::nullopt;
    }
}

Hurt hurtOf(StepId step, Hazard hazard) {
    return hazard == Hazard::BlockIn   ? Hurt::BlockLeftIn
           : step == StepId::Lock      ? Hurt::LockedUnsettled
           : hazard == Hazard::CapsOff ? Hurt::DivedUnlocked
           : step == StepId::CutOld    ? Hurt::CutUnderTension
                                       : Hurt::PostsUnderTension;
}

} // namespace

/// What is dangerous now, as the guitar is and not as somebody said.
Hazards PracticeRun::hazardsAt(const PracticeAct& act) const {
    constexpr double slackShare = 0.15, tight = 0.3, near_cents = 10.0, settled_cents = 5.0;
    bool tension = act.what == Do::TakeOff && guitar_.pullShare(*act.string) > slackShare;
    bool off = !guitar_.isSettled(settled_cents);
    for (std::size_t i = 0; i < job_.rig.strings.size(); ++i) {
        tension = tension || (act.what == Do::Posts && guitar_.pullShare(i) > tight);
        off = off || !(std::abs(guitar_.reading_cents(i)) < near_cents);
    }
    Hazards now;
    now.set(Hazard::TensionOn, tension);
    now.set(Hazard::Unsettled, act.what == Do::Lock && off); // what is not at pitch yet has not settled there
    now.set(Hazard::BlockIn, guitar_.state().block.has_value());
    now.set(Hazard::CapsOff, job_.card.nut != Nut::Open && !isLocked());
    return now;
}

/// What hurts is noted, by the rules of the job; practice goes on, for nothing can break here.
void PracticeRun::watch(const PracticeAct& act) {
    const std::optional<StepId> step = stepOf(act.what);
    if (!step)
        return;
    const Hazards now = hazardsAt(act);
    const FamilyTraits& has = job_.rig.bridge.has();
    if (const auto hazard = hazardAt(*step, now, has))
        hurt(hurtOf(*step, *hazard));
    else if (*step == StepId::CutOld && now.has(Hazard::TensionOn))
        hurt(Hurt::CutUnderTension); // where strings come off one by one the job cautions at each
}

std::optional<PracticeAct::Guess> PracticeRun::askedBefore(Do what) const {
    using Guess = PracticeAct::Guess;
    const bool atClaw = !acts_.isEmpty() && (acts_.last().what == Do::Claw || acts_.last().what == Do::Guess);
    if (what == Do::Claw && !atClaw && exercise_.asks.contains(Guess::ClawTurns))
        return Guess::ClawTurns;
    const bool open = std::any_of(guesses_.begin(), guesses_.end(),
                                  [](const Guessed& guess) { return guess.what == Guess::LowestString && !guess.was; });
    if (what == Do::Tune && !open && exercise_.asks.contains(Guess::LowestString))
        return Guess::LowestString;
    return std::nullopt;
}

/// A guess at the claw is known by what the true guitar needs; where the lowest string lands, once every string has
/// been turned.
void PracticeRun::judgeGuesses(const PracticeAct& act) {
    if (act.what == Do::Guess) {
        Guessed guess{act.guess, act.amount, std::nullopt};
        if (act.guess == PracticeAct::Guess::ClawTurns)
            guess.was = levelSolution(guitar_.rig(), guitar_.state(), job_.goal).moreTurns;
        else
            pegsSinceGuess_ = 0;
        guesses_.append(guess);
        return;
    }
    if (act.what == Do::Tune || act.what == Do::Turn)
        ++pegsSinceGuess_;
    const bool passIsOver = pegsSinceGuess_ >= static_cast<int>(job_.rig.strings.size()) || act.what == Do::Done;
    for (Guessed& guess : guesses_)
        if (guess.what == PracticeAct::Guess::LowestString && !guess.was && passIsOver && isOn(0)) // else never known
            guess.was = guitar_.reading_cents(0);
}

void PracticeRun::diagnose(const PracticeAct& act) {
    const bool sameString =
        !isOfAString(act.fault) || act.string == hiddenString_ ||
        ((act.fault == Defect::SwappedStrings || act.fault == Defect::CapTurned) && act.string == hiddenString_ + 1);
    if (act.fault != hidden_ || !sameString) {
        ++wrongDiagnoses_;
        return;
    }
    found_ = true;
    guitar_.mend();
}

std::optional<Fault> PracticeRun::act(const PracticeAct& act) {
    if (auto fault = refusal(act))
        return fault;
    watch(act);
    seen_ = {};
    if (act.what == Do::Springs) {
        while (static_cast<double>(job_.rig.springs.size()) < act.amount && !addSpring(job_))
            continue;
        while (static_cast<double>(job_.rig.springs.size()) > act.amount && !removeSpring(job_))
            continue;
    }
    if (act.what == Do::Diagnose)
        diagnose(act);
    else if (act.what != Do::Guess && act.what != Do::Done)
        seen_ = guitar_.perform(act);
    constexpr double dangerous = 0.92; // of what a string breaks at
    if ((act.what == Do::Tune || act.what == Do::Turn) && guitar_.breakingShare(*act.string) > dangerous)
        hurt(Hurt::TooSharp);
    // Whoever takes the forgotten block out has found it.
    found_ = found_ || (hidden_ == Defect::BlockLeftIn && guitar_.fault() == Defect::None);
    looks_ += act.what == Do::Caliper || act.what == Do::Inspect || act.what == Do::Diagnose ? 1 : 0;
    judgeGuesses(act);
    if (seen_.event)
        job_.log.push_back(*seen_.event);
    acts_.append(act);
    distances_cents_.append(distance_cents());
    entries_.append(static_cast<qsizetype>(job_.log.size()));
    return std::nullopt;
}

double PracticeRun::plateOff_rad() const {
    return floats(job_.rig, job_.goal) ? guitar_.state().angle_rad - job_.goal.angle_rad : 0.0;
}

/// No hand is asked to be finer than what it has to measure with here.
double PracticeRun::plateTolerance_rad() const {
    constexpr double coarse_rad = 0.0044;
    return std::max(job_.goal.angleTolerance_rad, coarse_rad);
}

double PracticeRun::tolerance_cents() const {
    constexpr double coarse_cents = 4.0;
    return std::max(job_.goal.pitchTolerance_cents, coarse_cents);
}

/// What the strings would miss by with the plate at its goal, and what the plate itself is off, as cents.
double PracticeRun::distance_cents() const {
    BalanceEquation equation(guitar_.rig(), guitar_.state());
    const bool floating = floats(job_.rig, job_.goal);
    const double at_rad = floating ? job_.goal.angle_rad : guitar_.state().angle_rad;
    constexpr double most_cents = 1200.0;
    double sum = 0.0;
    for (std::size_t i = 0; i < job_.rig.strings.size(); ++i) {
        const double heard_Hz = isOn(i) ? equation.frequency_Hz(i, at_rad) : 0.0;
        sum += std::min(most_cents, std::abs(cents(std::max(1e-3, heard_Hz), job_.rig.strings[i].target_Hz)));
    }
    const double plate_cents = std::abs(plateOff_rad()) / plateTolerance_rad() * tolerance_cents();
    return sum / static_cast<double>(job_.rig.strings.size()) + plate_cents;
}

std::optional<qsizetype> PracticeRun::costliestAct() const {
    std::optional<qsizetype> worst;
    double most_cents = tolerance_cents();
    for (qsizetype k = 0; k < acts_.size(); ++k) {
        const Do what = acts_[k].what;
        const bool hand = what != Do::TakeOff && what != Do::PutOn && what != Do::Diagnose && what != Do::Block;
        const double away_cents = distances_cents_[k + 1] - distances_cents_[k];
        if (hand && away_cents > most_cents) {
            most_cents = away_cents;
            worst = k;
        }
    }
    return worst;
}

PracticeScore PracticeRun::score() const {
    PracticeScore score;
    const Counts counts = countsOf(job_.log, job_.rig.strings.size(), job_.pace);
    constexpr double look_min = 0.5;
    score.passes = counts.passes;
    score.minutes = counts.minutes + look_min * looks_;
    score.clawVisits = counts.clawVisits;
    score.acts = static_cast<int>(acts_.size());
    bool allOn = true;
    for (std::size_t i = 0; i < job_.rig.strings.size(); ++i) {
        allOn = allOn && isOn(i);
        if (isOn(i))
            score.worst_cents = std::max(score.worst_cents, std::abs(guitar_.reading_cents(i)));
    }
    score.plate_deg = degrees(plateOff_rad());
    score.inTune = allOn && !guitar_.state().block && score.worst_cents <= tolerance_cents() &&
                   std::abs(plateOff_rad()) <= plateTolerance_rad() && (!exercise_.endsLocked || isLocked());
    score.inTime = !exercise_.clock_min || score.minutes <= *exercise_.clock_min;
    score.hadFault = hidden_ != Defect::None;
    score.found = !score.hadFault || found_;
    score.wrongDiagnoses = wrongDiagnoses_;
    score.hurts = hurts_;
    // Half of it is where the guitar ends, the rest what it took against a good hand.
    constexpr double ends = 50.0, passes = 18.0, visits = 12.0, minutes = 10.0, fault = 10.0, hurt = 12.0, wrong = 4.0;
    const auto against = [](double par, double took) { return took <= par ? 1.0 : std::max(0.0, 2.0 - took / par); };
    const double far = std::max(score.worst_cents / tolerance_cents(), std::abs(plateOff_rad()) / plateTolerance_rad());
    const double share = score.inTune ? 1.0 : allOn ? std::clamp(0.75 - 0.1 * (far - 1.0), 0.0, 0.75) : 0.0;
    const double points = ends * share +
                          share * (passes * against(exercise_.parPasses, score.passes) +
                                   visits * against(exercise_.parVisits + 1e-9, score.clawVisits) +
                                   minutes * against(exercise_.parMinutes, score.minutes)) +
                          (score.found ? fault : 0.0) - hurt * static_cast<double>(hurts_.size()) -
                          wrong * wrongDiagnoses_;
    constexpr double enough = 60.0;
    score.points = static_cast<int>(std::lround(std::clamp(points, 0.0, 100.0)));
    score.passed = isOver() && score.inTune && score.found && score.inTime && hurts_.isEmpty() && points >= enough;
    return score;
}

PracticeRun replayed(const PracticeRun& run, qsizetype count) {
    PracticeRun again(run.exercise(), run.seed());
    for (qsizetype k = 0; k < std::min(count, run.acts().size()); ++k)
        if (run.acts()[k].what != Do::Done)
            again.act(run.acts()[k]);
    return again;
}

namespace {

QList<PracticeAct> actsOf(const NextAct& next) {
    PracticeAct act;
    switch (next.what) {
    case NextAct::Do::Read: {
        QList<PracticeAct> reads;
        for (const std::size_t string : next.strings) {
            act.string = string;
            reads.append(act);
        }
        act.what = Do::Measure;
        act.string.reset();
        if (next.gap)
            reads.append(act);
        return reads;
    }
    case NextAct::Do::Claw:
        act.what = Do::Claw;
        act.turns = next.turns;
        return {act};
    case NextAct::Do::Tune:
        act.what = Do::Tune;
        act.string = next.aim.string;
        act.cents = next.aim.cents;
        return {act};
    case NextAct::Do::Stretch:
        act.what = Do::Stretch;
        act.string = next.aim.string;
        return {act};
    case NextAct::Do::Unblock:
        act.what = Do::Unblock;
        return {act};
    case NextAct::Do::String:
        act.what = Do::PutOn;
        act.string = next.aim.string;
        return {act};
    case NextAct::Do::Ask:
    case NextAct::Do::Done:
    case NextAct::Do::Leave:
    case NextAct::Do::Stuck:
        break;
    }
    return {};
}

} // namespace

PracticeRun adviserAt(const Exercise& exercise, std::uint32_t seed) {
    PracticeRun run(exercise, seed);
    PracticeAct first;
    if (run.hiddenFault() != Defect::None) {
        first.what = Do::Diagnose;
        first.fault = run.hiddenFault();
        first.string = run.hiddenString();
        run.act(first);
    }
    if (exercise.springs) {
        first = {};
        first.what = Do::Springs;
        first.amount = *exercise.springs;
        run.act(first);
    }
    for (std::size_t i = 0; i < run.job().rig.strings.size(); ++i)
        if (!run.isOn(i)) {
            first = {};
            first.what = Do::PutOn;
            first.string = i;
            run.act(first);
        }
    constexpr int most = 400;
    std::optional<Estimate> known;
    for (int k = 0; k < most; ++k) {
        const BenchJob bench = benchJobOf(run.job());
        Advice advice = advise(bench, known ? &*known : nullptr);
        const QList<PracticeAct> acts = actsOf(advice.act);
        known = std::move(advice.guitar);
        for (const PracticeAct& act : acts)
            run.act(act);
        if (!acts.isEmpty())
            continue;
        if (!exercise.endsLocked || run.isLocked())
            break;
        PracticeAct lock;
        lock.what = Do::Lock;
        run.act(lock);
    }
    PracticeAct done;
    done.what = Do::Done;
    run.act(done);
    return run;
}

} // namespace flenzo
