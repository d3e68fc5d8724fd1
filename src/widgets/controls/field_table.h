// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "widgets/app_context.h"
#include "widgets/controls/rig_fields.h"

#include <QTableView>

namespace flenzo {

/// Springs or strings as rows of figures; the first row holds the marks measured / assumed of each column.
class FieldTable : public QTableView {
    Q_OBJECT
public:
    using Count = std::function<std::size_t(const Job&)>;
    using RowName = std::function<QString(const Job&, std::size_t)>;
    FieldTable(AppContext& context, const std::vector<RigField>& fields, Count count, RowName rowName,
               const QString& name, QWidget* parent = nullptr);
    void refresh();
    void showAdvanced(bool shown);

private:
    class Model;
    AppContext& context_;
    Model* model_;
    bool advanced_ = false; ///< columns seldom known are shown too
};

} // namespace flenzo
