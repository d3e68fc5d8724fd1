// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/base/worker.h"
#include "domain/job/derived.h"

#include <QObject>
#include <atomic>
#include <chrono>
#include <condition_variable>
#include <mutex>

namespace flenzo {

/// Derives what follows from a job beside the window's thread. The latest job wins: answers to older ones never arrive.
/// To be used from the window's thread only.
class Deriver : public QObject {
    Q_OBJECT
public:
    explicit Deriver(QObject* parent = nullptr);
    ~Deriver() override;
    /// Begins on a job; where only the log grew since the answer in hand, the guitar is learned from there on.
    void ask(const Job& job);
    /// Whether the answer to the latest job is in hand, waiting for it that long at most.
    bool wait(std::chrono::milliseconds patience);
    /// The answer to the latest job, however long it takes.
    [[nodiscard]] const Derived& latest();
    void setRemaining(const RemainingWork& work) { derived_.remaining = work; }

Q_SIGNALS:
    void arrived(); ///< the answer to the latest job came, whether or not somebody waited for it

private:
    Q_INVOKABLE void announce();
    struct Answer {
        int generation = 0;
        Derived derived;
    };
    std::atomic<int> asked_ = 0; ///< generation of the latest job
    Job askedJob_, derivedJob_;
    Derived derived_;
    int announced_ = 0;
    int taken_ = 0; ///< generation that `derived_` answers
    std::mutex mutex_;
    std::condition_variable came_;
    Answer answer_; ///< guarded by the mutex
    Worker worker_; ///< goes first, for it uses all of the above
};

} // namespace flenzo
