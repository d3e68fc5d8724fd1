// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/base/worker.h"

#include <utility>

namespace flenzo {

Worker::Worker() : thread_([this] { run(); }) {}

Worker::~Worker() {
    {
        const std::lock_guard lock(mutex_);
        stop_ = true;
    }
    changed_.notify_all();
    thread_.join();
}

void Worker::start(std::function<void()> task) {
    {
        const std::lock_guard lock(mutex_);
        tasks_.push_back(std::move(task));
    }
    changed_.notify_all();
}

void Worker::waitForDone() {
    std::unique_lock lock(mutex_);
    changed_.wait(lock, [this] { return tasks_.empty(); });
}

void Worker::run() {
    std::unique_lock lock(mutex_);
    while (true) {
        changed_.wait(lock, [this] { return stop_ || !tasks_.empty(); });
        if (stop_)
            return;
        const std::function<void()> task = std::move(tasks_.front());
        lock.unlock();
        task();
        lock.lock();
        tasks_.pop_front();
        changed_.notify_all();
    }
}

} // namespace flenzo
