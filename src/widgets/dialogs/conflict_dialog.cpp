// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/dialogs/conflict_dialog.h"

#include "widgets/look.h"
#include "widgets/text/conflict_words.h"

#include <QBoxLayout>
#include <QHeaderView>
#include <QLabel>
#include <QPushButton>
#include <QTableWidget>

namespace flenzo {

ConflictDialog::ConflictDialog(AppContext& context, QWidget* parent) : QDialog(parent), context_(context) {
    setObjectName(QStringLiteral("conflictDialog"));
    setWindowTitle(tr("Two benches changed this job"));
    setAttribute(Qt::WA_DeleteOnClose);
    auto* column = new QVBoxLayout(this);
    column->setSpacing(10);
    QLabel* what = label(TextRole::Act, this);
    what->setWordWrap(true);
    what->setText(tr("Which one goes on? The other stays as a job of its own."));
    column->addWidget(what);
    const JobConflict& conflict = *context_.session().conflict();
    auto* table = new QTableWidget(static_cast<int>(conflict.fields.size()), 3, this);
    table->setObjectName(QStringLiteral("conflictTable"));
    table->setHorizontalHeaderLabels({tr("What differs"), tr("Here"), tr("At the other bench")});
    table->verticalHeader()->hide();
    table->setEditTriggers(QAbstractItemView::NoEditTriggers);
    table->setSelectionMode(QAbstractItemView::NoSelection);
    table->setFocusPolicy(Qt::NoFocus);
    for (int row = 0; row < conflict.fields.size(); ++row) {
        const QString& field = conflict.fields.at(row);
        const QString cells[] = {conflictTitle(field), conflictText(context_.session().job(), field),
                                 conflictText(conflict.theirs, field)};
        for (int c = 0; c < 3; ++c) {
            auto* item = new QTableWidgetItem(cells[c]);
            item->setTextAlignment(Qt::AlignLeft | Qt::AlignTop);
            item->setToolTip(cells[c]);
            table->setItem(row, c, item);
        }
    }
    table->horizontalHeader()->setSectionResizeMode(QHeaderView::Stretch);
    table->resizeRowsToContents();
    column->addWidget(table, 1);
    auto* row = new QHBoxLayout;
    const auto button = [&](const QString& words, const char* name, auto pressed) {
        auto* made = new QPushButton(words, this);
        made->setObjectName(QLatin1String(name));
        made->setAutoDefault(false);
        connect(made, &QPushButton::clicked, this, pressed);
        row->addWidget(made);
    };
    button(tr("Go on with what is &here"), "conflictMine", [this] { settle(true); });
    button(tr("Go on with the &other bench's"), "conflictTheirs", [this] { settle(false); });
    row->addStretch();
    button(tr("&Later"), "conflictLater", [this] { close(); });
    column->addLayout(row);
    resize(static_cast<int>(52.0 * fontMetrics().height()), static_cast<int>(24.0 * fontMetrics().height()));
}

void ConflictDialog::settle(bool mine) {
    if (context_.accept(context_.session().settleConflict(mine)))
        close();
}

} // namespace flenzo
