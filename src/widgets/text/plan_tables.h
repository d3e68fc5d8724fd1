// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/job/derived.h"
#include "language/figures.h"

#include <QStringList>

/// The tables of the plan, as rows to show and the sentence beside them. All of them read the derived figures.
namespace flenzo::wording {

struct PlanTable {
    QStringList headers; ///< empty: they never change
    QList<QStringList> rows;
    QString note;
};
[[nodiscard]] PlanTable aimsTable(const Job& job, const Derived& derived);
/// What helps where the float is poor; for a roller shaft other springs, side by side.
[[nodiscard]] PlanTable waysTable(const Job& job, const Derived& derived, const Units& units);
[[nodiscard]] PlanTable leftAloneTable(const Job& job, const ChangeReport& report);
[[nodiscard]] PlanTable planFiguresTable(const Job& job, const Derived& derived, const Units& units);

} // namespace flenzo::wording
