// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/statics/rig.h"
#include "domain/base/fault.h"

#include <optional>

namespace flenzo {

/// What is wrong between the fields of a rig although each is in its range; nothing when it is sound.
/// Includes strings that would break at their target.
[[nodiscard]] std::optional<Fault> contradiction(const Rig& rig);

} // namespace flenzo
