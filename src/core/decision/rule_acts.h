// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/decision/situation.h"

namespace flenzo {

// What the rows of the table do, and what several of them ask.

[[nodiscard]] NextAct plain(const Situation& now, NextAct::Do what);
/// All that has not been read here, or once more all there is.
[[nodiscard]] NextAct readAll(const Situation& now);
/// Strings, and the plate where the list ends with it.
[[nodiscard]] NextAct readStrings(const Situation& now, std::vector<std::size_t> which);
[[nodiscard]] NextAct turnClaw(const Situation& now, double mean_turns);
/// All the turns that are missing, as the hand takes them.
[[nodiscard]] NextAct clawAtOnce(const Situation& now);
/// The block out, or first the claw where a string would otherwise be pulled too near to breaking.
[[nodiscard]] NextAct takeBlockOut(const Situation& now);
/// A reading so far from the one that is wanted, as the tuner says it.
[[nodiscard]] Aim aimAt(const Situation& now, std::size_t string, double off_cents);
/// To what the string will read once its z is the target, after the plate has slid as far as the pivot lets it.
[[nodiscard]] NextAct tuneTo(const Situation& now, std::size_t string, double z_cents);
/// To so many cents from its target, whatever the others do to it later.
[[nodiscard]] NextAct tuneExactly(const Situation& now, std::size_t string, double to_cents);

/// The shop's order, strings that are off left out.
[[nodiscard]] std::vector<std::size_t> stringsInOrder(const Situation& now);
/// The plate floats, level counts, and at least a step of the claw is missing.
[[nodiscard]] bool clawIsWrong(const Situation& now);

} // namespace flenzo
