// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "store/logbook.h"

#include <QFutureWatcher>
#include <QObject>
#include <QTimer>
#include <chrono>

namespace flenzo {

/// Whether the server of a logbook answers: asked now and then while it does, reached for beside the window while it
/// does not.
class ServerLink : public QObject {
    Q_OBJECT
public:
    explicit ServerLink(std::shared_ptr<Logbook> book);
    ~ServerLink() override;
    [[nodiscard]] bool isUp() const { return up_; }
    /// Somebody found that it does not answer.
    void lost();
    /// Connects again.
    std::optional<Fault> reach();

    static constexpr std::chrono::seconds asksEvery{4};

Q_SIGNALS:
    void down();
    void up();

private:
    void ask();

    std::shared_ptr<Logbook> book_;
    bool up_ = true;
    QTimer timer_;
    QFutureWatcher<bool> reaching_;
};

} // namespace flenzo
