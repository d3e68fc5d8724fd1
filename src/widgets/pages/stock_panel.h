// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/shop/stock.h"
#include "widgets/pages/page.h"

class QBoxLayout;
class QComboBox;
class QLabel;
class QLineEdit;
class QPushButton;
class QTableWidget;

namespace flenzo {

/// What is in the drawers, what is low, and what to buy.
class StockPanel : public Page {
    Q_OBJECT
public:
    StockPanel(AppContext& context, QWidget* parent);
    void refresh() override;

protected:
    void hideEvent(QHideEvent*) override { growStale(); }
    void resizeEvent(QResizeEvent* event) override;

private:
    QWidget* buildNew();
    void refreshTable();
    void refreshShopping();
    void change(int row, int column);
    void add();
    void remove();

    Stock stock_;
    QBoxLayout* halves_;
    QTableWidget* table_;
    QComboBox *kind_, *what_;
    QPushButton* remove_;
    QLabel* list_;
    QString shopping_;
    bool filling_ = false;
};

} // namespace flenzo
