// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/setup/friction.h"
#include "widgets/app_context.h"
#include "widgets/forms/string_form.h"

#include <QWidget>

class QLabel;
class QPushButton;
class QTableWidget;

namespace flenzo {

/// The return-to-pitch test: readings before, after a dive and after a pull-up; says at once what hangs.
class ReturnForm : public QWidget, public StringForm {
    Q_OBJECT
public:
    ReturnForm(AppContext& context, QWidget* parent);
    ~ReturnForm() override;
    /// Into the first column that is not whole yet.
    bool hear(const HeardPluck& pluck) override;
    /// Each string where it was read last, and where before that.
    [[nodiscard]] StringLanes lanes() const override;
    void pickString(std::size_t string) override;

private:
    /// Nothing while a reading is missing; `wrong` hears of the first that is none.
    [[nodiscard]] std::optional<ReturnTest> typed(std::optional<Fault>* wrong) const;
    [[nodiscard]] int openColumn() const; ///< the first that is not whole; as many as there are when all are
    [[nodiscard]] QString typedAt(int row, int column) const;
    [[nodiscard]] QString whatNext() const;
    void judge();
    void showLast(const ReturnTest& test);
    void save();

    AppContext& context_;
    QTableWidget* table_;
    QLabel* verdict_;
    QPushButton* save_;
};

} // namespace flenzo
