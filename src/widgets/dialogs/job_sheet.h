// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/base/display_units.h"
#include "domain/job/derived.h"

#include <QByteArray>
#include <QString>

class QPrinter;

namespace flenzo {

/// The whole sheet with its picture, one HTML page without outside parts.
[[nodiscard]] QString illustratedSheet(const Job& job, const Derived& derived, const Units& units);
/// The same on pages, as PDF.
[[nodiscard]] QByteArray sheetPdf(const QString& html, const QString& title);

void drawSheet(QPrinter& printer, const QString& html);

} // namespace flenzo
