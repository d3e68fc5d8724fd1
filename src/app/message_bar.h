// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QFrame>

class QLabel;

namespace flenzo {

/// One sentence below the pages, until it is closed or something else is done.
class MessageBar : public QFrame {
    Q_OBJECT
public:
    explicit MessageBar(QWidget* parent);
    void say(const QString& sentence, bool complaint);
    [[nodiscard]] QString sentence() const; ///< empty: none is shown

private:
    QLabel* words_;
};

} // namespace flenzo
