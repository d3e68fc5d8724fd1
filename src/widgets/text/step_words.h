// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/work/workflow.h"
#include "widgets/preferences.h"

#include <QStringList>

namespace flenzo {

/// Everything a technician reads at one step, for this guitar.
struct StepWords {
    QString title; ///< for the list of steps
    QString act;   ///< one short imperative sentence
    QString why;
    QString tools;   ///< with this guitar's key sizes; may be empty
    QString figures; ///< what the model or the card says to this step; may be empty
    QString caution; ///< may be empty
    QString doneWhen;
};
[[nodiscard]] StepWords stepWords(const Job& job, const Derived& derived, const Step& step, const Units& units);
/// By its name in files; the name itself where no step has it.
[[nodiscard]] QString stepTitle(const QString& name);
[[nodiscard]] QString phaseTitle(Phase phase);

/// Groups of screws as they are said; `name` is as the card has them.
[[nodiscard]] QString screwGroupWords(const QString& name);

/// "tension on", "block in": what is said of a hazard while it lasts.
[[nodiscard]] QString hazardWords(Hazard hazard);

} // namespace flenzo
