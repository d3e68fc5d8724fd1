// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/job/job.h"

#include <QStringList>

namespace flenzo {

/// Two changes of one job put together.
struct MergedJob {
    Job job;                ///< theirs, with mine where only I changed something
    bool hasMine = false;   ///< it is not simply theirs
    bool hasTheirs = false; ///< it is not simply mine
    QStringList
        conflicts; ///< what both changed to something else, as in `flenzo-job` ("card.owner", "log"); none: merged
};

/// `base` is what both began from. Entries that both added to the log are in the order in which they were made; a job
/// that comes out unsound counts as in conflict.
[[nodiscard]] MergedJob mergeJobs(const Job& base, const Job& mine, const Job& theirs);

} // namespace flenzo
