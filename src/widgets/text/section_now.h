// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/job/derived.h"
#include "paint/section.h"
#include "widgets/preferences.h"

namespace flenzo {

/// What the side section shows of the guitar as it is now: measured where somebody measured, else calculated.
[[nodiscard]] SectionValues sectionNow(const Job& job, const Derived& derived, const Preferences& preferences);

} // namespace flenzo
