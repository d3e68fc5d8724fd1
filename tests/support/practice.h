// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/practice/practice_guitar.h"

namespace flenzo::testing {

/// An act with the one number it takes.
inline PracticeAct simple(PracticeAct::Do what, std::optional<std::size_t> string = std::nullopt, double amount = 0.0) {
    PracticeAct act;
    act.what = what;
    act.string = string;
    act.cents = act.amount = amount;
    return act;
}
inline PracticeAct claw(double bass, double treble) {
    PracticeAct act = simple(PracticeAct::Do::Claw);
    act.turns = {bass, treble};
    return act;
}

/// No noise of hand and tools and nothing that settles, so that a symptom stands alone.
inline PracticeConditions still() {
    PracticeConditions conditions;
    conditions.tuner_cents = conditions.peg_cents = conditions.gap_m = conditions.eye_rad = 0.0;
    conditions.tunerStep_cents = conditions.gapStep_m = 0.0;
    conditions.spread.clawTurnError = 0.0;
    conditions.newStrings = false;
    return conditions;
}

} // namespace flenzo::testing
