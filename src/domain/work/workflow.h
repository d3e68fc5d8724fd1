// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/work/progress.h"

namespace flenzo {

/// Minutes of all steps that the adviser does not lead.
[[nodiscard]] double handMinutes(const Job& job);
/// Minutes to the end of the job: open steps, and the tuning as the outlook has it.
[[nodiscard]] Quantiles minutesLeft(const Job& job, const Derived& derived);

/// What a technician can say of the current step. Going back opens the step before it again, even one that the log
/// shows to be behind.
enum class WorkEvent { Done, Skip, Back, Overrule, Note, Photo };
/// Says it. `text` is the reason, note or file; `now` an ISO time. The job changes, or a fault says why not; a
/// warning that holds is a fault named "warning" until it is overruled.
[[nodiscard]] std::optional<Fault> apply(Job& job, const Derived& derived, WorkEvent event, const QString& text,
                                         const QString& now);

/// A finished guitar that does not hold its pitch waits for the bench: what settles and tunes it is to be done once
/// more, with the nut as it is, and all else stays done.
void cameBack(Job& job, const QString& now);

/// A new job on the same guitar: what is on now comes off, the same set goes on again, what was learned is the prior.
[[nodiscard]] Job repeated(const Job& last, const Derived& derived);

} // namespace flenzo
