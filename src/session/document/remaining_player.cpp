// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/document/remaining_player.h"

#include <QCoreApplication>
#include <utility>

namespace flenzo {

RemainingPlayer::RemainingPlayer(QObject* parent) : QObject(parent) {}

RemainingPlayer::~RemainingPlayer() {
    stop();
}

void RemainingPlayer::stop() {
    if (cancel_)
        *cancel_ = true;
    ++generation_;
}

void RemainingPlayer::play(const BenchJob& job, const Advice& advice) {
    stop();
    const auto cancel = cancel_ = std::make_shared<std::atomic<bool>>(false);
    worker_.start([this, job, advice, cancel, generation = generation_] {
        if (*cancel)
            return;
        RemainingOptions options;
        options.cancel = cancel.get();
        const RemainingWork work = remainingWork(job, advice, options);
        if (*cancel)
            return;
        {
            const std::lock_guard lock(mutex_);
            answered_ = generation;
            answer_ = work;
        }
        QMetaObject::invokeMethod(this, "announce", Qt::QueuedConnection);
    });
}

void RemainingPlayer::announce() {
    RemainingWork work;
    {
        const std::lock_guard lock(mutex_);
        if (std::exchange(answered_, 0) != generation_)
            return;
        work = answer_;
    }
    Q_EMIT played(work);
}

void RemainingPlayer::finish() {
    worker_.waitForDone();
    QCoreApplication::sendPostedEvents(this, QEvent::MetaCall);
}

} // namespace flenzo
