// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "widgets/app_context.h"

#include <QDialog>

namespace flenzo {

/// What was made of one job at this bench and at another, side by side, where the two exclude each other. Whichever
/// goes on, the other stays as a job of its own.
class ConflictDialog : public QDialog {
    Q_OBJECT
public:
    ConflictDialog(AppContext& context, QWidget* parent);

private:
    void settle(bool mine);

    AppContext& context_;
};

} // namespace flenzo
