// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/work/step.h"

#include <span>

namespace flenzo {

/// The words of a step, untranslated.
struct PlainStepWords {
    StepId id;
    const char *title, *act, *why, *tools, *keys, *caution, *doneWhen;
};
[[nodiscard]] const PlainStepWords& plainStepWords(StepId step);

/// How a guitar is built, as far as its steps are said otherwise. One guitar can be several of these.
enum class Build { Locking, Fulcrum, Screws, Headless, Shaft, Fixed, Decked, DivesOnly, Assisted, SlottedPosts };

/// What one build makes of a step's words; null where they stay.
struct BuildStepWords {
    StepId id;
    Build build;
    const char *act, *why, *caution, *doneWhen, *keys, *tools;
    const char* title = nullptr;
};
[[nodiscard]] std::span<const BuildStepWords> buildStepWords();

} // namespace flenzo
