// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "session/models/pass_sheet.h"
#include "widgets/app_context.h"

#include <QTableView>

namespace flenzo {

/// The pass sheet on the bench. Clicking a string picks it for the next reading.
class PassSheetView : public QTableView {
    Q_OBJECT
public:
    explicit PassSheetView(AppContext& context, QWidget* parent = nullptr);
    void refresh();
    [[nodiscard]] const PassSheetModel& sheet() const { return model_; }

private:
    AppContext& context_;
    PassSheetModel model_;
};

} // namespace flenzo
