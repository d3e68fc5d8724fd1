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

Q_SIGNALS:
    /// The figure under the keyboard, by its key and which spring or string; empty when none is.
    void pointed(const QString& key, std::size_t at);

protected:
    void currentChanged(const QModelIndex& current, const QModelIndex& previous) override;
    void focusInEvent(QFocusEvent* event) override;

private:
    class Model;
    AppContext& context_;
    Model* model_;
    bool advanced_ = false; ///< columns seldom known are shown too
};

} // namespace flenzo
