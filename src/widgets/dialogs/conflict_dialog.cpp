// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/dialogs/conflict_dialog.h"

#include "store/job_json.h"
#include "widgets/look.h"
#include "widgets/text/convergence.h"

#include <QBoxLayout>
#include <QHeaderView>
#include <QJsonArray>
#include <QJsonDocument>
#include <QLabel>
#include <QPushButton>
#include <QTableWidget>

namespace flenzo {

namespace {

constexpr int lastEntries = 6; ///< of a log that are shown

QString logText(const Job& job) {
    QStringList lines{ConflictDialog::tr("%n entries", nullptr, static_cast<int>(job.log.size()))};
    const std::size_t first = job.log.size() > lastEntries ? job.log.size() - lastEntries : 0;
    for (std::size_t e = first; e < job.log.size(); ++e)
        lines.append(actWords(job.log[e], job.rig));
    return lines.join(QLatin1Char('\n'));
}

/// The value at a path like "card.owner", as text.
QString textAt(const Job& job, const QString& path) {
    if (path == QLatin1String("log"))
        return logText(job);
    QJsonValue value = jobToJson(job);
    for (const QString& member : path.split(QLatin1Char('.')))
        value = value.toObject().value(member);
    if (value.isObject())
        return QString::fromUtf8(QJsonDocument(value.toObject()).toJson()).trimmed();
    if (value.isArray())
        return QString::fromUtf8(QJsonDocument(value.toArray()).toJson()).trimmed();
    return value.toVariant().toString();
}

} // namespace

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
        const QString cells[] = {field == QLatin1String("log") ? tr("the log") : field,
                                 textAt(context_.session().job(), field), textAt(conflict.theirs, field)};
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
