// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QBoxLayout>
#include <QWidget>
#include <functional>
#include <utility>

namespace flenzo {

/// Room for a panel that is made when somebody first comes to it: what nobody sees yet holds up no start.
class LaterPanel : public QWidget {
public:
    using Make = std::function<QWidget*(QWidget* parent)>;
    LaterPanel(Make make, QWidget* parent) : QWidget(parent), room_(new QVBoxLayout(this)), make_(std::move(make)) {
        room_->setContentsMargins(0, 0, 0, 0);
    }

protected:
    void showEvent(QShowEvent* event) override {
        if (const Make make = std::exchange(make_, nullptr)) {
            QWidget* made = make(this);
            room_->addWidget(made);
            made->show();
        }
        QWidget::showEvent(event);
    }

private:
    QVBoxLayout* room_;
    Make make_;
};

} // namespace flenzo
