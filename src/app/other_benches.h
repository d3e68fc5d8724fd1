// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "widgets/app_context.h"

#include <QObject>
#include <QTimer>

namespace flenzo {

/// Says what other benches of the shop do to the open job, and whether their server answers.
class OtherBenches : public QObject {
    Q_OBJECT
public:
    OtherBenches(AppContext& context, QWidget* window);
    void showConflict(); ///< where two benches' work cannot be put together by itself

Q_SIGNALS:
    void changed();     ///< whether the server is away, or the job is in the shop
    void cameBack();    ///< the server; what waited for it is handed in
    void shopChanged(); ///< by another bench; many notices together

private:
    AppContext& context_;
    QWidget* window_;
    QTimer notices_;
};

} // namespace flenzo
