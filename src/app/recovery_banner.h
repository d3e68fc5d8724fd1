// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "widgets/app_context.h"

#include <QFrame>

class QLabel;

namespace flenzo {

/// Offers the job that a crash, or a closing while the server was away, left behind.
class RecoveryBanner : public QFrame {
    Q_OBJECT
public:
    RecoveryBanner(AppContext& context, QWidget* parent);
    void offer(); ///< shows itself where there is one

Q_SIGNALS:
    void restored(); ///< the job is open

private:
    void restore();

    AppContext& context_;
    QLabel* words_;
    std::optional<Recovery::Leftover> leftover_;
};

} // namespace flenzo
