// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QTableWidget>

namespace flenzo {

/// A small read-only table of figures: text to show, right-aligned but for the first column.
class FigureTable : public QTableWidget {
    Q_OBJECT
public:
    FigureTable(const QStringList& headers, const QString& name, QWidget* parent = nullptr);
    void show(const QList<QStringList>& rows, double basePixels);
};

} // namespace flenzo
