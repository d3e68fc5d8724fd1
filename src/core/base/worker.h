// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <condition_variable>
#include <deque>
#include <functional>
#include <mutex>
#include <thread>

namespace flenzo {

/// One thread beside the window that does what it is given, in order. Of standard parts only, so that a thread
/// sanitizer sees every hand-over.
class Worker {
public:
    Worker();
    ~Worker(); ///< waits for what is under way; what has not begun is dropped
    Worker(const Worker&) = delete;
    Worker& operator=(const Worker&) = delete;
    void start(std::function<void()> task);
    /// Waits until nothing is left to do.
    void waitForDone();

private:
    void run();
    std::mutex mutex_;
    std::condition_variable changed_;
    std::deque<std::function<void()>> tasks_; ///< the first one is under way
    bool stop_ = false;
    std::thread thread_;
};

} // namespace flenzo
