// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "paint/provenance.h"

#include <QTableWidget>

namespace flenzo {

/// A small read-only table of figures: text to show, right-aligned but for the first column.
class FigureTable : public QTableWidget {
    Q_OBJECT
public:
    FigureTable(const QStringList& headers, const QString& name, QWidget* parent = nullptr);
    /// Other columns; what was shown goes.
    void setHeaders(const QStringList& headers);
    /// Marks the figures of a column for where they come from.
    void markColumn(int column, Provenance of);
    void show(const QList<QStringList>& rows, double basePixels);
};

} // namespace flenzo
