// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QStringList>

namespace flenzo {

/// Pieces of the pages that are printed: job sheet, card, table of a test.

/// What somebody typed, as text and nothing else.
inline QString safe(const QString& text) {
    return text.toHtmlEscaped();
}

/// A row of a table; `tag` is td, or th for its head.
inline QString row(const QStringList& cells, const char* tag = "td") {
    QString out = QStringLiteral("<tr>");
    for (const QString& cell : cells)
        out += QStringLiteral("<%1>%2</%1>").arg(QLatin1String(tag), cell);
    return out + QStringLiteral("</tr>");
}

} // namespace flenzo
