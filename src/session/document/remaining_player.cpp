// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/document/remaining_player.h"

#include <QCoreApplication>

namespace flenzo {

RemainingPlayer::RemainingPlayer(QObject* parent) : QObject(parent) {
    pool_.setMaxThreadCount(1);
    pool_.setThreadPriority(QThread::LowPriority);
}

RemainingPlayer::~RemainingPlayer() {
    if (cancel_)
        *cancel_ = true;
    pool_.waitForDone();
}

void RemainingPlayer::stop() {
    if (cancel_)
        *cancel_ = true;
    ++generation_;
}

void RemainingPlayer::play(const BenchJob& job, const Advice& advice) {
    stop();
    const auto cancel = cancel_ = std::make_shared<std::atomic<bool>>(false);
    pool_.start([this, job, advice, cancel, generation = ++generation_] {
        RemainingOptions options;
        options.cancel = cancel.get();
        const RemainingWork work = remainingWork(job, advice, options);
        if (*cancel)
            return;
        QMetaObject::invokeMethod(this, [this, work, generation] {
            if (generation == generation_)
                Q_EMIT played(work);
        });
    });
}

void RemainingPlayer::finish() {
    pool_.waitForDone();
    QCoreApplication::sendPostedEvents(this, QEvent::MetaCall);
}

} // namespace flenzo
