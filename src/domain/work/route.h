// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/work/step.h"

#include <QList>

namespace flenzo {

/// The steps of this job in order: by bridge, nut, tuners, board, size of the change, extras and methods.
[[nodiscard]] QList<Step> stepsOf(const Job& job);

} // namespace flenzo
