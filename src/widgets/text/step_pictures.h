// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/work/workflow.h"
#include "paint/scene.h"
#include "widgets/preferences.h"

#include <functional>

namespace flenzo {

/// The picture of a step, drawn for this guitar as far as the step is ticked off; nothing where the work itself fills
/// the step.
[[nodiscard]] std::function<Scene(const QSizeF&)> stepPicture(const Job& job, const Derived& derived, const Step& step,
                                                              const Preferences& preferences);

} // namespace flenzo
