// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/job/derived.h"
#include "domain/practice/practice_run.h"
#include "paint/string_lanes.h"

namespace flenzo {

class Listening;

/// The strings by name, with nothing read of them and no peg to turn.
[[nodiscard]] StringLanes namedLanes(const Job& job, const Derived& derived);
/// The strings as they are and as they are wanted in this pass.
[[nodiscard]] StringLanes lanesOf(const Job& job, const Derived& derived, std::optional<std::size_t> picked);
/// And as they sound while somebody listens.
[[nodiscard]] StringLanes withSound(StringLanes lanes, const Listening& listening);

/// The strings of somebody who practises: what was read and how many acts ago, for nothing else is known there.
[[nodiscard]] StringLanes lanesRead(const PracticeRun& run, std::size_t picked);

} // namespace flenzo
