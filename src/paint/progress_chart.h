// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "paint/scene.h"

namespace flenzo {

/// What somebody's practice came to, run by run, oldest first.
struct PracticeProgress {
    struct Run {
        QString words; ///< exercise and day
        int points = 0;
        bool passed = false;
        std::optional<double> guessError; ///< mean of its guesses, as a share of what is usual for a beginner
    };
    QList<Run> runs;
};

/// Points from left to right, passed ones ticked by a full mark, and below them how far the guesses were off.
[[nodiscard]] Scene buildProgress(const PracticeProgress& progress, const QSizeF& size, double textScale);

} // namespace flenzo
