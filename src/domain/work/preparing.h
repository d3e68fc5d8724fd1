// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/work/step.h"

#include <QStringList>

namespace flenzo {

/// What has to lie in the tray for this job, in the order of use, as files name it ("winder", "key caps").
[[nodiscard]] QStringList toolsFor(const Job& job);

/// What is to be looked at on this guitar at a step, as files name it; empty for steps that have no such list.
[[nodiscard]] QStringList checksFor(const Job& job, StepId step);
/// What has to be so: "the claw is parallel to its wall".
[[nodiscard]] QString checkWords(const QString& name);
/// What of a step that is done nobody ticked; empty as long as it is open.
[[nodiscard]] QStringList leftUnlooked(const Job& job, StepId step);

} // namespace flenzo
