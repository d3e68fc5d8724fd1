// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/practice/practice_guitar.h"
#include "domain/job/job.h"

#include <QList>

namespace flenzo {

/// What somebody practises: a guitar, why it is there, what is wanted, and what a good hand needs for it. The guitar's
/// hidden part varies with a seed.
struct Exercise {
    QString name; ///< as files and records call it
    QString title, story, task;
    int rung = 1;                   ///< of the ladder, from the easiest
    Job job;                        ///< the guitar as it is told, its sets and its goal; the log is empty
    QList<PracticeAct> begun;       ///< what was done before it came to this bench
    QList<PracticeAct::Guess> asks; ///< to be judged before it is known
    QList<Defect> faults;           ///< one of which it has; `None` among them: it may be sound. Empty: it is
    std::optional<int> springs;     ///< how many it takes, where that is the question
    bool newStrings = true;         ///< they settle
    bool endsLocked = false;        ///< it is handed over with the nut clamped
    double parPasses = 2.0, parMinutes = 40.0; ///< of a good hand
    int parVisits = 3;
    std::optional<double> clock_min; ///< until when it has to be done
};

/// What must never be done to a real guitar.
enum class Hurt { CutUnderTension, LockedUnsettled, DivedUnlocked, PostsUnderTension, TooSharp, BlockLeftIn, Count };

/// A guess and what it came to.
struct Guessed {
    PracticeAct::Guess what = PracticeAct::Guess::ClawTurns;
    double said = 0.0;         ///< turns or cents
    std::optional<double> was; ///< once it is known
    [[nodiscard]] std::optional<double> error() const { return was ? std::optional(said - *was) : std::nullopt; }
};

struct PracticeScore {
    double passes = 0.0, minutes = 0.0;
    int clawVisits = 0, acts = 0;
    double worst_cents = 0.0, plate_deg = 0.0; ///< the truth at the end, from the goal
    bool inTune = false, inTime = true;
    bool hadFault = false, found = true; ///< what was wrong with it, named before it was told
    int wrongDiagnoses = 0;
    QList<Hurt> hurts;
    int points = 0; ///< of 100
    bool passed = false;
    bool operator==(const PracticeScore&) const = default;
};

} // namespace flenzo
