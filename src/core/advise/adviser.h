// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/advise/next_act.h"
#include "core/learn/doubt.h"
#include "core/settle/settling.h"

namespace flenzo {

/// How settled one string is.
struct StringSettling {
    SettlingFit fit;
    double nextDrop_cents = 0.0; ///< of one more stretch
    StretchCount needed;
};

/// The next single act, why, and how the guitar stands. From the job's log alone; the same log gives the same advice.
struct Advice {
    NextAct act;
    std::optional<Doubt> doubt; ///< set: check this reading before anything else
    Fit fit;
    Standing now; ///< the log on the fitted rig
    std::vector<Standing> standings;
    std::vector<StringSettling> settling; ///< one per string; empty where nobody stretches
};

/// Learns the guitar from the log, questions implausible readings, and picks the act that brings the job to its goal
/// soonest.
[[nodiscard]] Advice advise(const BenchJob& job);
/// Settling of every string from the log followed on the fitted rig; empty unless the habit or the log has stretching.
[[nodiscard]] std::vector<StringSettling> settlingOf(const BenchJob& job, const Rig& rig,
                                                     const std::vector<Standing>& standings);
/// The same from what was learned already.
[[nodiscard]] Advice adviseFrom(const BenchJob& job, const Insight& insight);

/// A string counts as settled when the next stretch would drop it by less than this.
[[nodiscard]] double settledWithin_cents(const Goal& goal);
/// Wire that must come out to drop the string by a cent from its pitch at the goal's angle.
[[nodiscard]] double wirePerCent_m(const Rig& rig, const State& now, const Goal& goal, std::size_t string);

/// What a log has cost so far.
struct Counts {
    int passes = 0, clawVisits = 0, stretches = 0;
    double minutes = 0.0;
};
[[nodiscard]] Counts countsOf(const std::vector<Event>& log, const Pace& pace);

} // namespace flenzo
