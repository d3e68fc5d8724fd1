// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/job/derived.h"
#include "paint/string_lanes.h"

namespace flenzo {

class Listening;

/// The strings as they are, as they are wanted in this pass, and as they sound where somebody listens.
[[nodiscard]] StringLanes lanesOf(const Job& job, const Derived& derived, std::optional<std::size_t> picked,
                                  const Listening* listening);

} // namespace flenzo
