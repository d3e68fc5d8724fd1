// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/job/edits.h"
#include "widgets/app_context.h"

#include <QAbstractTableModel>

namespace flenzo {

/// Strings down; what comes off, what goes on, and what each pulls. Edits go to the session as single undo steps.
class ChangeModel : public QAbstractTableModel {
    Q_OBJECT
public:
    enum Column { OffString, OffPitch, OffTension, OnString, OnPitch, OnMass, OnTension, Difference, ColumnCount };
    explicit ChangeModel(AppContext& context, QObject* parent = nullptr);
    void refresh();
    [[nodiscard]] int rowCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] int columnCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] QVariant data(const QModelIndex& index, int role) const override;
    bool setData(const QModelIndex& index, const QVariant& value, int role) override;
    [[nodiscard]] QVariant headerData(int section, Qt::Orientation orientation, int role) const override;
    [[nodiscard]] Qt::ItemFlags flags(const QModelIndex& index) const override;

private:
    [[nodiscard]] QString stringText(Side side, std::size_t i) const;
    [[nodiscard]] QString pitchText(Side side, std::size_t i) const;
    bool setMass(std::size_t i, const QString& text);
    AppContext& context_;
};

} // namespace flenzo
