// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QProgressDialog>

namespace flenzo {

/// Shows over a window how far something long is, once it takes more than half a second, and lets it be stopped.
/// Called with what is done; false: somebody wants it to stop.
class StoppableProgress {
public:
    StoppableProgress(const QString& what, const QString& stop, qint64 steps, QWidget* window)
        : dialog_(what, stop, 0, static_cast<int>(steps), window) {
        constexpr int unnoticed_ms = 500;
        dialog_.setWindowModality(Qt::WindowModal);
        dialog_.setMinimumDuration(unnoticed_ms);
    }
    bool operator()(qint64 done) {
        dialog_.setValue(static_cast<int>(done));
        return !dialog_.wasCanceled();
    }

private:
    QProgressDialog dialog_;
};

} // namespace flenzo
