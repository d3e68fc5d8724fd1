// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QScrollBar>

namespace flenzo {

/// A scroll bar that keeps its room and is not seen while there is nothing to scroll.
class QuietScrollBar : public QScrollBar {
public:
    explicit QuietScrollBar(QWidget* parent) : QScrollBar(Qt::Vertical, parent) {}

protected:
    void paintEvent(QPaintEvent* event) override {
        if (maximum() > minimum())
            QScrollBar::paintEvent(event);
    }
};

} // namespace flenzo
