// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/actions.h"
#include "widgets/app_context.h"

#include <QObject>

namespace flenzo {

/// What leaves the shop and comes in: the job's sheet, guitars with their history, tables.
class JobExchange : public QObject {
    Q_OBJECT
public:
    JobExchange(AppContext& context, QWidget* window);
    bool importGuitar(const QString& path);
    std::optional<Fault> exportSheet(const QString& path); ///< PDF or HTML by the name's ending
    void addActions(std::vector<ActionSpec>& list, const QString& menu);

Q_SIGNALS:
    void imported();

private:
    void previewSheet();
    void askImport();
    void askExport();
    void exportTables();

    AppContext& context_;
    QWidget* window_;
};

} // namespace flenzo
