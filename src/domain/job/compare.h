// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/job/job.h"

#include <QStringList>

namespace flenzo {

/// What differs between two jobs of one guitar, a sentence a line: sets, tuning, pull, claw, passes and minutes.
[[nodiscard]] QStringList differencesOf(const Job& earlier, const Job& later);

} // namespace flenzo
