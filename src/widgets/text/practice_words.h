// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/practice/practice_run.h"
#include "language/figures.h"

namespace flenzo::wording {

[[nodiscard]] QString faultTitle(Defect fault);
[[nodiscard]] QString hurtTitle(Hurt hurt); ///< what was done, and what it does to a real guitar
/// One act in a few words.
[[nodiscard]] QString practiceAct(const PracticeAct& act, const Rig& rig, const Units& units);
/// What the latest act showed.
[[nodiscard]] QString practiceSight(const PracticeRun& run, const Units& units);
/// A run in a few lines: points first, then what they come from.
[[nodiscard]] QStringList practiceScore(const PracticeRun& run, const Units& units);

} // namespace flenzo::wording
