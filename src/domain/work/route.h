// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/work/step.h"

#include <QList>

namespace flenzo {

/// The steps of this job in order: by bridge, nut, tuners, board, size of the change, extras and methods.
[[nodiscard]] QList<Step> stepsOf(const Job& job);
/// The string that stays on while the others are changed, where without any the bridge comes apart; it is changed after
/// them.
[[nodiscard]] std::optional<std::size_t> remainingString(const Job& job);

} // namespace flenzo
