// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/job/derived.h"
#include "domain/work/route.h"

#include <QList>
#include <QSet>

namespace flenzo {

/// The phase of each of a job's steps: its own, or the furthest before it, for a path that never leads back.
[[nodiscard]] QList<Phase> phasesOf(const QList<Step>& steps);

/// Steps that the log shows to be behind the guitar, whoever ticked them or not: strings that sound are on, a nut that
/// was locked was ready. What readings show can change with the next one; a step that was gone back to is never here.
[[nodiscard]] QSet<QString> metByLog(const Job& job, const Derived& derived);

/// How one step is: as was said of it, or as the log shows.
enum class StepState { Open, Done, Skipped };
/// The whole way and how far along it the job is.
struct Progress {
    QList<Step> steps;
    QList<Phase> phases;
    QList<StepState> states;
    [[nodiscard]] std::optional<Step> current() const; ///< the first open step; none when the job is finished
    [[nodiscard]] qsizetype open() const { return states.count(StepState::Open); }
};
[[nodiscard]] Progress progressOf(const Job& job, const Derived& derived);
/// `progressOf(job, derived).current()`.
[[nodiscard]] std::optional<Step> currentStep(const Job& job, const Derived& derived);

/// What was said of a step since it was opened last.
struct Said {
    StepState state = StepState::Open;
    bool overruled = false, reopened = false;
};
[[nodiscard]] Said saidOf(const Job& job, const QString& step);

/// How a tick of one string is called in the job, and whether it is ticked.
[[nodiscard]] QString tickName(const QString& act, std::size_t string);
[[nodiscard]] bool isTicked(const Job& job, StepId step, const QString& act, std::size_t string);

} // namespace flenzo
