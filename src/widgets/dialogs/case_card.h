// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QByteArray>
#include <QPageSize>
#include <QString>

class QPrinter;

namespace flenzo {

/// The sizes that a card fits into a case in.
[[nodiscard]] QPageSize cardSize(bool large); ///< A6, or A5
/// A card's HTML (`caseCardHtml`) on one page of that size, its type as large as that allows.
[[nodiscard]] QByteArray cardPdf(const QString& html, const QString& title, const QPageSize& size);
[[nodiscard]] QByteArray cardSvg(const QString& html, const QString& title, const QPageSize& size);
void drawCard(QPrinter& printer, const QString& html);

} // namespace flenzo
