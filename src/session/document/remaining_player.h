// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/base/worker.h"
#include "core/simulation/remaining.h"

#include <QObject>
#include <memory>
#include <mutex>

namespace flenzo {

/// Plays the work that remains beside the window's thread. The latest question wins: an older one is given up, and its
/// answer never arrives.
class RemainingPlayer : public QObject {
    Q_OBJECT
public:
    explicit RemainingPlayer(QObject* parent = nullptr);
    ~RemainingPlayer() override;
    void play(const BenchJob& job, const Advice& advice);
    /// Gives up the question under way.
    void stop();
    /// Waits for the answer under way; for tests and pictures.
    void finish();

Q_SIGNALS:
    void played(const flenzo::RemainingWork& work);

private:
    Q_INVOKABLE void announce();
    std::shared_ptr<std::atomic<bool>> cancel_;
    int generation_ = 0;
    std::mutex mutex_;
    int answered_ = 0; ///< guarded by the mutex, like the answer
    RemainingWork answer_;
    Worker worker_; ///< goes first, for it uses all of the above
};

} // namespace flenzo
