// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/log/event.h"
#include "core/log/prior.h"
#include "core/log/tools.h"
#include "core/planning/change.h"
#include "core/planning/work_method.h"

namespace flenzo {

/// What the adviser goes by: the nominal guitar, what is wanted, and everything that happened so far.
struct BenchJob {
    Rig rig; ///< nominal, with the strings that go on and the claw as it stood at the start
    OldSet old;
    double slackStart_cents = -300.0; ///< assumed start of strings nobody has read
    Goal goal;
    WorkMethod method;
    Pace pace;
    Tools tools;
    std::vector<Event> log;
    std::optional<Prior> prior; ///< learned of this guitar in an earlier job
};

} // namespace flenzo
