// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "store/exercise_json.h"

namespace flenzo {

/// What a run of an exercise is worth, with its guesses and the adviser's score at the same guitar beside it.
[[nodiscard]] QJsonObject practiceJson(const PracticeRun& run);

} // namespace flenzo
