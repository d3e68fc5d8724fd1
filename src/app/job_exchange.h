// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/actions.h"
#include "widgets/app_context.h"
#include "widgets/dialogs/paper_dialog.h"

#include <QObject>

namespace flenzo {

/// What leaves the shop and comes in: the job's sheet, guitars with their history, tables.
class JobExchange : public QObject {
    Q_OBJECT
public:
    JobExchange(AppContext& context, QWidget* window);
    bool importGuitar(const QString& path);
    std::optional<Fault> exportSheet(const QString& path); ///< PDF or HTML by the name's ending
    /// The card for the case; PDF or SVG by the name's ending.
    std::optional<Fault> exportCard(const QString& path, const QPageSize& size);
    void addActions(std::vector<ActionSpec>& list, const QString& menu);

Q_SIGNALS:
    void imported();

private:
    void show(Paper paper);
    void written(const QString& path, const std::optional<Fault>& fault);
    void previewSheet();
    [[nodiscard]] Result<QString> cardHtml();
    void previewCard();
    void askImport();
    void askExport();
    void exportTables();

    AppContext& context_;
    QWidget* window_;
};

} // namespace flenzo
