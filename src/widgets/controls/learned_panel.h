// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "widgets/app_context.h"

#include <QFrame>

class QCheckBox;
class QLabel;

namespace flenzo {

class FigureTable;

/// What the readings taught of the guitar in hand: each learned quantity as assumed before, as learned, and how
/// uncertain it still is.
class LearnedPanel : public QFrame {
    Q_OBJECT
public:
    LearnedPanel(AppContext& context, QWidget* parent);
    void refresh();

private:
    AppContext& context_;
    void wantShop(bool wanted);
    QLabel* note_;
    QCheckBox* fromShop_;
    FigureTable* table_;
};

} // namespace flenzo
