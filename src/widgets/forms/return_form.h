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
    [[nodiscard]] std::optional<ReturnTest> typed() const; ///< nothing while a reading is missing
    void judge();
    void keep();

    AppContext& context_;
    QTableWidget* table_;
    QLabel* verdict_;
    QPushButton* keep_;
};

} // namespace flenzo
