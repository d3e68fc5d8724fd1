// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/controls/figure_table.h"

#include "widgets/controls/provenance_icon.h"

#include <QHeaderView>

namespace flenzo {

FigureTable::FigureTable(const QStringList& headers, const QString& name, QWidget* parent) : QTableWidget(parent) {
    setAccessibleName(name);
    setEditTriggers(NoEditTriggers);
    setSelectionMode(NoSelection);
    setFocusPolicy(Qt::TabFocus);
    setShowGrid(false);
    setTabKeyNavigation(false);
    verticalHeader()->hide();
    horizontalHeader()->setHighlightSections(false);
    horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
    horizontalHeader()->setDefaultAlignment(Qt::AlignRight | Qt::AlignVCenter);
    setHeaders(headers);
}

void FigureTable::setHeaders(const QStringList& headers) {
    setRowCount(0);
    setColumnCount(static_cast<int>(headers.size()));
    setHorizontalHeaderLabels(headers);
    horizontalHeader()->setSectionResizeMode(0, QHeaderView::Stretch);
    if (QTableWidgetItem* first = horizontalHeaderItem(0))
        first->setTextAlignment(Qt::AlignLeft | Qt::AlignVCenter);
}

void FigureTable::markColumn(int column, Provenance of) {
    QTableWidgetItem* head = horizontalHeaderItem(column);
    head->setIcon(provenanceIcon(of));
    head->setToolTip(provenanceName(of));
}

void FigureTable::show(const QList<QStringList>& rows, double basePixels) {
    setRowCount(static_cast<int>(rows.size()));
    verticalHeader()->setDefaultSectionSize(static_cast<int>(basePixels * 2.0));
    for (int r = 0; r < rowCount(); ++r)
        for (int c = 0; c < columnCount(); ++c) {
            auto* item = new QTableWidgetItem(rows.at(r).value(c));
            item->setTextAlignment((c == 0 ? Qt::AlignLeft : Qt::AlignRight) | Qt::AlignVCenter);
            setItem(r, c, item);
        }
}

} // namespace flenzo
