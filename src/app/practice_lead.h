// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/actions.h"

namespace flenzo {

class PracticePage;

/// While somebody practises nothing may touch the job that is open: what would, does the same to the guitar that is
/// practised on, or nothing.
void leadToPractice(std::vector<ActionSpec>& list, const std::function<bool()>& isPractising,
                    const std::function<PracticePage&()>& practice);

} // namespace flenzo
