// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/decision/situation.h"

namespace flenzo {

/// One row of the table by which the next act is chosen: the first that applies. What it does and why follow from it
/// alone, so screens and the command line name the reason by its id.
struct Rule {
    const char* id;
    bool (*applies)(const Situation&);
    NextAct (*act)(const Situation&);
};
[[nodiscard]] const std::vector<Rule>& rules();
/// The row of that id; nothing when there is none.
[[nodiscard]] const Rule* ruleNamed(const std::string& id);

/// The row that applies; the last always does.
[[nodiscard]] const Rule& ruleFor(const Situation& now);

} // namespace flenzo
