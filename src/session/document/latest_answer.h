// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/base/worker.h"

#include <QObject>
#include <atomic>
#include <chrono>
#include <condition_variable>
#include <memory>
#include <mutex>
#include <optional>

namespace flenzo {

/// Answers questions one after the other beside the window. The latest question wins: older ones are given up, and
/// their answers never arrive. All but the work runs in the thread of `owner`, whose member it is; it ends the work
/// under way when it goes, and waits for that.
template <class Answer> class LatestAnswer {
public:
    using Given = std::atomic<bool>; ///< true: the question is given up, and the work may end with any answer
    LatestAnswer(QObject* owner, std::function<void(Answer)> take) : owner_(owner), take_(std::move(take)) {}
    ~LatestAnswer() { drop(); }
    LatestAnswer(const LatestAnswer&) = delete;
    LatestAnswer& operator=(const LatestAnswer&) = delete;

    void ask(std::function<Answer(const Given& up)> work) {
        drop();
        isBusy_ = true;
        worker_.start([this, work = std::move(work), up = up_, asked = asked_] {
            if (*up)
                return;
            Answer answer = work(*up);
            if (*up)
                return;
            {
                const std::lock_guard lock(mutex_);
                answer_.emplace(std::move(answer));
                answers_ = asked;
            }
            came_.notify_all();
            QMetaObject::invokeMethod(
                owner_, [this] { deliver(); }, Qt::QueuedConnection);
        });
    }
    /// Gives up the question under way.
    void drop() {
        *up_ = true;
        up_ = std::make_shared<Given>(false);
        ++asked_;
        isBusy_ = false;
    }
    [[nodiscard]] bool isBusy() const { return isBusy_; } ///< until the answer has been taken
    /// Whether the answer comes within that time; it is then taken at once.
    bool wait(std::chrono::milliseconds patience) {
        if (isBusy_) {
            std::unique_lock lock(mutex_);
            came_.wait_for(lock, patience, [this] { return answer_ && answers_ == asked_; });
        }
        deliver();
        return !isBusy_;
    }
    /// Waits for it however long it takes.
    void finish() {
        while (!wait(std::chrono::hours(1)))
            continue;
    }

    /// Waits until no work is under way, given up or not.
    void waitForWork() { worker_.waitForDone(); }

private:
    void deliver() {
        std::optional<Answer> answer;
        {
            const std::lock_guard lock(mutex_);
            if (answers_ != asked_)
                return;
            std::swap(answer, answer_);
        }
        if (!answer)
            return;
        isBusy_ = false;
        take_(std::move(*answer));
    }

    QObject* owner_;
    std::function<void(Answer)> take_;
    std::shared_ptr<Given> up_ = std::make_shared<Given>(false);
    quint64 asked_ = 0;
    bool isBusy_ = false;
    std::mutex mutex_;
    std::condition_variable came_;
    std::optional<Answer> answer_; ///< guarded by the mutex, like the question it answers
    quint64 answers_ = 0;
    Worker worker_; ///< goes first, for it uses all of the above
};

} // namespace flenzo
