// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "session/derived.h"
#include "session/work/step.h"

namespace flenzo {

/// The steps of this job in order: by bridge, nut, tuners, board, size of the change, extras and schools.
[[nodiscard]] QList<Step> stepsOf(const Job& job);

/// How one step stands.
enum class StepState { Open, Done, Skipped };
[[nodiscard]] StepState stateOf(const Job& job, const Step& step);
/// The first open step; none when the job is through.
[[nodiscard]] std::optional<Step> currentStep(const Job& job);
[[nodiscard]] double minutesLeft(const Job& job, const Derived& derived);

/// What is dangerous now, by the steps done so far and the log.
[[nodiscard]] Hazards hazardsOf(const Job& job);

/// A warning at an act that would go wrong now. Work may go on with a reason, which is kept.
struct Interlock {
    QString name, sentence;
};
[[nodiscard]] std::optional<Interlock> interlockAt(const Job& job, const Derived& derived, StepId step);

/// What a technician can say of the current step.
enum class WorkEvent { Done, Skip, Back, Overrule, Note, Photo };
/// Says it. `text` is the reason, note or file; `now` an ISO time. The job changes, or a fault says why not; an
/// interlock that stands is a fault named "warning" until it is overruled.
[[nodiscard]] std::optional<Fault> apply(Job& job, const Derived& derived, WorkEvent event, const QString& text,
                                         const QString& now);

/// What still keeps the nut from being locked; empty when it may be.
[[nodiscard]] QStringList missingForLock(const Job& job, const Derived& derived);

/// A new job on the same guitar: what is on now comes off, the same set goes on again, what was learned is the prior.
[[nodiscard]] Job repeated(const Job& last, const Derived& derived);

} // namespace flenzo
