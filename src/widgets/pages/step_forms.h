// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/work/step.h"
#include "widgets/app_context.h"

class QWidget;

namespace flenzo {

/// What is filled in at a step (the guitar's card, the ways of the job, what the owner wants, a caliper's value, the
/// hand-over's words), or nothing. Every change goes into the job at once.
[[nodiscard]] QWidget* stepForm(StepId step, AppContext& context, QWidget* parent);

/// What is shown once every step of the job is done.
[[nodiscard]] QWidget* finishedForm(AppContext& context, QWidget* parent);

} // namespace flenzo
