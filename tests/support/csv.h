// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QByteArray>
#include <QList>
#include <optional>

namespace flenzo::testing {

using CsvTable = QList<QList<QByteArray>>;

/// A table in which every cell is quoted, as ours are; nothing where it is no such table.
inline std::optional<CsvTable> parseCsv(const QByteArray& text) {
    CsvTable table;
    qsizetype at = 0;
    while (at < text.size()) {
        QList<QByteArray> row;
        for (bool more = true; more;) {
            if (at >= text.size() || text[at++] != '"')
                return std::nullopt;
            QByteArray cell;
            for (;; ++at) {
                if (at >= text.size())
                    return std::nullopt;
                if (text[at] == '"') {
                    if (at + 1 >= text.size() || text[at + 1] != '"')
                        break;
                    ++at;
                }
                cell += text[at];
            }
            ++at;
            row.append(cell);
            more = at < text.size() && text[at] == ',';
            at += more ? 1 : 0;
        }
        if (text.mid(at, 2) != "\r\n")
            return std::nullopt;
        at += 2;
        table.append(row);
    }
    return table;
}

/// Whether a spreadsheet would take a cell for a formula: it begins like one and is no plain number.
inline bool isRun(const QByteArray& cell) {
    bool number = false;
    (void)cell.toDouble(&number);
    return !cell.isEmpty() && QByteArray("=+-@\t\r").contains(cell.front()) && !number;
}

} // namespace flenzo::testing
