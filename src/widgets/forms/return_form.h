// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/setup/friction.h"
#include "widgets/app_context.h"

#include <QWidget>

class QLabel;
class QPushButton;
class QTableWidget;

namespace flenzo {

/// The return-to-pitch test: readings before, after a dive and after a pull-up; says at once what hangs.
class ReturnForm : public QWidget {
    Q_OBJECT
public:
    ReturnForm(AppContext& context, QWidget* parent);

private:
    /// Nothing while a reading is missing; `wrong` hears of the first that is none.
    [[nodiscard]] std::optional<ReturnTest> typed(std::optional<Fault>* wrong) const;
    void judge();
    void keep();

    AppContext& context_;
    QTableWidget* table_;
    QLabel* verdict_;
    QPushButton* keep_;
};

} // namespace flenzo
