// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/planning/habit.h"
#include "domain/names.h"

namespace flenzo {

/// The ways with the claw as files and methods call them.
inline constexpr Named<ClawWay> clawWayNames[] = {{ClawWay::EachScrew, "single"},
                                                  {ClawWay::BothScrews, "both"},
                                                  {ClawWay::Quarters, "quarters"},
                                                  {ClawWay::CoarseThenQuarters, "coarse"}};

} // namespace flenzo
