// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/job/derived.h"

#include <QAbstractTableModel>

namespace flenzo {

/// One field of the pass sheet.
struct SheetCell {
    enum class Kind { Empty, Measured, Computed, Forecast };
    Kind kind = Kind::Empty;
    std::optional<double> aim_cents;
    std::optional<double> reading_cents; ///< plate row: degrees
    bool next = false;                   ///< the next act is here
    bool within = false;                 ///< inside the goal's tolerance
};

struct SheetColumn {
    enum class Kind { Start, Pass, Now, Forecast };
    Kind kind = Kind::Start;
    int number = 0;
    double claw_turns = 0.0;      ///< turned since the column before
    std::vector<SheetCell> cells; ///< strings in document order, then the plate
};

/// "start", "pass 2", or where it is: "end" on paper.
[[nodiscard]] QString columnTitle(const SheetColumn& column);

/// Strings down, passes across: what was asked and read, where it is, what is to come.
[[nodiscard]] std::vector<SheetColumn> buildPassSheet(const Job& job, const Derived& derived);

/// The sheet for a table view; cells come as `SheetCell` under `CellRole`.
class PassSheetModel : public QAbstractTableModel {
    Q_OBJECT
public:
    enum Role { CellRole = Qt::UserRole + 1, ColumnKindRole };
    using QAbstractTableModel::QAbstractTableModel;
    void show(const Job& job, const Derived& derived);
    [[nodiscard]] int rowCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] int columnCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] QVariant data(const QModelIndex& index, int role) const override;
    [[nodiscard]] QVariant headerData(int section, Qt::Orientation orientation, int role) const override;
    [[nodiscard]] int nowColumn() const;

private:
    std::vector<SheetColumn> columns_;
    QStringList rows_;
};

} // namespace flenzo

Q_DECLARE_METATYPE(flenzo::SheetCell)
