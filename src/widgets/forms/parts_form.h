// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/shop/stock.h"
#include "widgets/app_context.h"

#include <QWidget>

class QComboBox;
class QLabel;
class QSpinBox;

namespace flenzo {

/// Takes parts out of the shop's drawers for the open job: used, worn or lost. Its strings go by themselves when it is
/// finished.
class PartsForm : public QWidget {
    Q_OBJECT
public:
    PartsForm(AppContext& context, QWidget* parent);

private:
    void refresh();
    void take();

    AppContext& context_;
    Stock stock_;
    QComboBox *item_, *why_;
    QSpinBox* pieces_;
    QLabel* says_;
};

} // namespace flenzo
