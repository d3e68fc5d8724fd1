// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/base/display_units.h"
#include "domain/job/derived.h"

#include <QByteArray>
#include <QString>

namespace flenzo {

/// The job on paper, as one HTML page without outside parts: what was on, what is on, claw turns, readings pass by pass
/// as table and, given its picture, as chart, what happened meanwhile, what was done, advice and the next due date.
[[nodiscard]] QString jobSheetHtml(const Job& job, const Derived& derived, const Units& units = {},
                                   const QByteArray& chartPng = {}, const QStringList& happened = {});

} // namespace flenzo
