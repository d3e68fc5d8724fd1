// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/work/step.h"

namespace flenzo {

/// One thing that goes wrong, from what is seen to what is done.
struct Mishap {
    QString symptom, cause, remedy, prevention;
    QList<Phase> likelyAt;
};
/// All that hold every word, those likely at the phase first.
[[nodiscard]] QList<Mishap> mishaps(Phase at, const QString& words);

} // namespace flenzo
