// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/planning/work_method.h"
#include "domain/base/names.h"

namespace flenzo {

/// The ways with the claw as files and methods call them.
inline constexpr Named<ClawMethod> clawWayNames[] = {{ClawMethod::EachScrew, "single"},
                                                     {ClawMethod::BothScrews, "both"},
                                                     {ClawMethod::Quarters, "quarters"},
                                                     {ClawMethod::CoarseThenQuarters, "coarse"}};

} // namespace flenzo
