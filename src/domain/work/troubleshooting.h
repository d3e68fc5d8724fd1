// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/work/step.h"

namespace flenzo {

/// One thing that goes wrong, from what is seen to what is done.
struct Mishap {
    QString symptom, cause, remedy, prevention;
    QList<Phase> likelyAt;
    std::optional<StepId> figures; ///< the step whose figures of this guitar help
};
/// All that can happen to this guitar and hold every word, those likely at the phase first.
[[nodiscard]] QList<Mishap> mishaps(const Job& job, Phase at, const QString& words);

} // namespace flenzo
