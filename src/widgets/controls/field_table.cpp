// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/controls/field_table.h"

#include "widgets/look.h"

#include <QAbstractTableModel>
#include <QHeaderView>

namespace flenzo {

class FieldTable::Model : public QAbstractTableModel {
public:
    Model(AppContext& context, const std::vector<RigField>& fields, Count count, RowName rowName, QObject* parent)
        : QAbstractTableModel(parent), context_(context), fields_(fields), count_(std::move(count)),
          rowName_(std::move(rowName)) {}

    /// All but the cell that is being typed in.
    void refresh(const QModelIndex& typedIn) {
        if (rowCount() != rows_) {
            beginResetModel();
            rows_ = rowCount();
            endResetModel();
            return;
        }
        for (int row = 0; row < rows_; ++row)
            for (int column = 0; column < columnCount(); ++column)
                if (const QModelIndex at = index(row, column); at != typedIn)
                    Q_EMIT dataChanged(at, at);
        Q_EMIT headerDataChanged(Qt::Horizontal, 0, columnCount() - 1);
        Q_EMIT headerDataChanged(Qt::Vertical, 0, rows_ - 1);
    }
    [[nodiscard]] bool isShown(int column, bool advanced) const {
        const RigField& field = fields_[static_cast<std::size_t>(column)];
        return field.appliesTo(context_.session().job()) && (advanced || !field.advanced);
    }
    [[nodiscard]] QString keyOf(int column) const { return fields_[static_cast<std::size_t>(column)].key; }
    int rowCount(const QModelIndex& parent = {}) const override {
        return parent.isValid() ? 0 : static_cast<int>(count_(context_.session().job())) + 1;
    }
    int columnCount(const QModelIndex& parent = {}) const override {
        return parent.isValid() ? 0 : static_cast<int>(fields_.size());
    }
    QVariant data(const QModelIndex& index, int role) const override {
        if (index.row() >= rowCount())
            return {};
        const RigField& field = fields_[static_cast<std::size_t>(index.column())];
        const Job& job = context_.session().job();
        if (role == Qt::TextAlignmentRole)
            return static_cast<int>(Qt::AlignRight | Qt::AlignVCenter);
        if (index.row() == 0) {
            if (role == Qt::CheckStateRole)
                return job.measured.count(field.key) ? Qt::Checked : Qt::Unchecked;
            if (role == Qt::AccessibleTextRole || role == Qt::ToolTipRole)
                return job.measured.count(field.key) ? FieldTable::tr("measured") : FieldTable::tr("assumed");
            return {};
        }
        if (role == Qt::DisplayRole || role == Qt::EditRole)
            return field.text(job, static_cast<std::size_t>(index.row()) - 1, context_.preferences().units);
        return {};
    }
    bool setData(const QModelIndex& index, const QVariant& value, int role) override {
        const RigField& field = fields_[static_cast<std::size_t>(index.column())];
        if (index.row() == 0 && role == Qt::CheckStateRole)
            return context_.accept(
                context_.session().edit(FieldTable::tr("mark of %1").arg(field.label()), [&](Job& job) {
                    if (value.toInt() == Qt::Checked)
                        job.measured.insert(field.key);
                    else
                        job.measured.erase(field.key);
                }));
        if (index.row() == 0 || role != Qt::EditRole || value == data(index, Qt::EditRole))
            return false;
        const Result<double> parsed = field.parse(value.toString(), context_.preferences().units);
        if (!parsed.ok())
            return context_.accept(parsed.fault());
        return context_.accept(context_.session().edit(field.label(), [&](Job& job) {
            field.member(job, static_cast<std::size_t>(index.row()) - 1) = parsed.value();
        }));
    }
    QVariant headerData(int section, Qt::Orientation orientation, int role) const override {
        if (role != Qt::DisplayRole || (orientation == Qt::Vertical && section >= rowCount()))
            return {};
        if (orientation == Qt::Vertical)
            return section == 0 ? FieldTable::tr("measured")
                                : rowName_(context_.session().job(), static_cast<std::size_t>(section) - 1);
        const RigField& field = fields_[static_cast<std::size_t>(section)];
        const QString unit = field.unit(context_.preferences().units);
        return unit.isEmpty() ? field.label() : QStringLiteral("%1, %2").arg(field.label(), unit);
    }
    Qt::ItemFlags flags(const QModelIndex& index) const override {
        if (!index.isValid())
            return {};
        const Qt::ItemFlags common = Qt::ItemIsEnabled | Qt::ItemIsSelectable;
        return common | (index.row() == 0 ? Qt::ItemIsUserCheckable : Qt::ItemIsEditable);
    }

private:
    AppContext& context_;
    const std::vector<RigField>& fields_;
    Count count_;
    RowName rowName_;
    int rows_ = 0; ///< as the view knows them
};

FieldTable::FieldTable(AppContext& context, const std::vector<RigField>& fields, Count count, RowName rowName,
                       const QString& name, QWidget* parent)
    : QTableView(parent), context_(context),
      model_(new Model(context, fields, std::move(count), std::move(rowName), this)) {
    setModel(model_);
    setAccessibleName(name);
    setTabKeyNavigation(false);
    setEditTriggers(DoubleClicked | SelectedClicked | EditKeyPressed | AnyKeyPressed);
    horizontalHeader()->setSectionResizeMode(QHeaderView::Stretch);
    horizontalHeader()->setHighlightSections(false);
    horizontalHeader()->setDefaultAlignment(Qt::AlignCenter | static_cast<Qt::Alignment>(Qt::TextWordWrap));
    refresh();
}

void FieldTable::showAdvanced(bool shown) {
    advanced_ = shown;
    refresh();
}

void FieldTable::currentChanged(const QModelIndex& current, const QModelIndex& previous) {
    QTableView::currentChanged(current, previous);
    if (current.isValid() && current.row() > 0)
        Q_EMIT pointed(model_->keyOf(current.column()), static_cast<std::size_t>(current.row()) - 1);
    else
        Q_EMIT pointed({}, 0);
}

void FieldTable::focusInEvent(QFocusEvent* event) {
    QTableView::focusInEvent(event);
    currentChanged(currentIndex(), {});
}

void FieldTable::refresh() {
    model_->refresh(state() == EditingState ? currentIndex() : QModelIndex());
    for (int column = 0; column < model_->columnCount(); ++column)
        setColumnHidden(column, !model_->isShown(column, advanced_));
    const double base = basePixels(context_.preferences());
    verticalHeader()->setDefaultSectionSize(static_cast<int>(base * 1.75));
    horizontalHeader()->setMinimumSectionSize(static_cast<int>(base * 4.8)); // else it scrolls
    horizontalHeader()->setFixedHeight(static_cast<int>(base * 4.0));
}

} // namespace flenzo
