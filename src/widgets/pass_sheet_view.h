// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "session/pass_sheet.h"
#include "widgets/desk.h"

#include <QTableView>

namespace flenzo {

/// The pass sheet on the bench. Clicking a string picks it for the next reading.
class PassSheetView : public QTableView {
    Q_OBJECT
public:
    explicit PassSheetView(Desk& desk, QWidget* parent = nullptr);
    void refresh();
    [[nodiscard]] const PassSheetModel& sheet() const { return model_; }

private:
    Desk& desk_;
    PassSheetModel model_;
};

} // namespace flenzo
