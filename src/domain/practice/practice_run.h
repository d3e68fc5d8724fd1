// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/practice/exercise.h"
#include "domain/work/step.h"

namespace flenzo {

/// One exercise under way: the guitar that answers, what was done to it, and what that is worth. Same exercise, seed
/// and acts, same run.
class PracticeRun {
public:
    PracticeRun(Exercise exercise, std::uint32_t seed);
    /// Does it, or says why it cannot be done and changes nothing.
    std::optional<Fault> act(const PracticeAct& act);
    /// Why that cannot be done now, if it cannot.
    [[nodiscard]] std::optional<Fault> refusal(const PracticeAct& act) const;
    [[nodiscard]] const Exercise& exercise() const { return exercise_; }
    [[nodiscard]] std::uint32_t seed() const { return seed_; }
    [[nodiscard]] const QList<PracticeAct>& acts() const { return acts_; }
    [[nodiscard]] const PracticeSight& seen() const { return seen_; } ///< by the latest act
    /// The exercise's job with what a technician would have logged so far.
    [[nodiscard]] const Job& job() const { return job_; }
    [[nodiscard]] bool isOver() const { return !acts_.isEmpty() && acts_.last().what == PracticeAct::Do::Done; }
    [[nodiscard]] bool isLocked() const { return guitar_.state().nutLocked; }
    [[nodiscard]] bool isOn(std::size_t string) const { return guitar_.state().unstretchedLength_m[string] > 0.0; }
    [[nodiscard]] const QList<Guessed>& guesses() const { return guesses_; }
    /// A guess that the exercise asks for before this act.
    [[nodiscard]] std::optional<PracticeAct::Guess> askedBefore(PracticeAct::Do what) const;
    [[nodiscard]] PracticeScore score() const;
    /// What was wrong with it, for when it is over.
    [[nodiscard]] Defect hiddenFault() const { return hidden_; }
    [[nodiscard]] std::size_t hiddenString() const { return hiddenString_; }
    /// The act that put the guitar furthest off pitch and level, if any did.
    [[nodiscard]] std::optional<qsizetype> costliestAct() const;
    /// How far the guitar was off pitch and level after each act, in cents a string would miss by; before the first,
    /// first.
    [[nodiscard]] const QList<double>& distances_cents() const { return distances_cents_; }
    /// Entries of the log after each act.
    [[nodiscard]] const QList<qsizetype>& entries() const { return entries_; }

private:
    [[nodiscard]] Hazards hazardsAt(const PracticeAct& act) const;
    void watch(const PracticeAct& act);
    void hurt(Hurt what);
    void judgeGuesses(const PracticeAct& act);
    void diagnose(const PracticeAct& act);
    [[nodiscard]] double distance_cents() const;
    [[nodiscard]] double plateOff_rad() const;
    [[nodiscard]] double plateTolerance_rad() const;
    [[nodiscard]] double tolerance_cents() const;

    Exercise exercise_;
    std::uint32_t seed_;
    Defect hidden_;
    std::size_t hiddenString_;
    PracticeGuitar guitar_;
    Job job_;
    QList<PracticeAct> acts_;
    PracticeSight seen_;
    QList<Guessed> guesses_;
    QList<Hurt> hurts_;
    QList<double> distances_cents_;
    QList<qsizetype> entries_;
    int wrongDiagnoses_ = 0, looks_ = 0, pegsSinceGuess_ = 0;
    bool found_ = false;
};

/// The run that the first `count` acts of it make.
[[nodiscard]] PracticeRun replayed(const PracticeRun& run, qsizetype count);
/// The adviser at the same guitar: what is wrong with it is told to it, for it has no eyes.
[[nodiscard]] PracticeRun adviserAt(const Exercise& exercise, std::uint32_t seed);

/// As files call them.
[[nodiscard]] QString faultName(Defect fault);
[[nodiscard]] std::optional<Defect> faultNamed(const QString& name);
[[nodiscard]] QString hurtName(Hurt hurt);

} // namespace flenzo
