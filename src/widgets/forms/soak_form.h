// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "widgets/app_context.h"

#include <QWidget>

class QLabel;

namespace flenzo {

/// The timer of something that soaks, large enough to be read from the next bench. The clock itself is the page's, so
/// that it goes on while one looks elsewhere.
class SoakForm : public QWidget {
    Q_OBJECT
public:
    SoakForm(AppContext& context, QWidget* parent);
    void show(qint64 left_s); ///< 0: nothing runs

Q_SIGNALS:
    void soakWanted(int minutes);

private:
    QLabel* left_;
};

} // namespace flenzo
