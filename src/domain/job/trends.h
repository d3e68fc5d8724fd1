// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/job/job.h"

#include <QStringList>

namespace flenzo {

/// What a guitar's jobs say together, oldest or newest first alike, in the language of the moment: a string that broke
/// at one place more than once, a string that did not come back from the arm in more jobs than it did. Silent where
/// nothing was seen twice.
[[nodiscard]] QStringList trendsOf(const std::vector<Job>& jobs);

/// Where a string broke, in the language of the moment.
[[nodiscard]] QString breakPlaceName(BreakPlace place);

} // namespace flenzo
