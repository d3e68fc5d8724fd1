// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/document/remaining_player.h"

#include <utility>

namespace flenzo {

namespace {

constexpr int moment_ms = 100;

} // namespace

RemainingPlayer::RemainingPlayer(QObject* parent) : QObject(parent) {
    moment_.setSingleShot(true);
    connect(&moment_, &QTimer::timeout, this, &RemainingPlayer::begin);
}

void RemainingPlayer::play(const BenchJob& job, const Advice& advice) {
    stop();
    waiting_ = Question{job, advice};
    // Counted from when events are handled again: a window that takes long to build is not one that has stood.
    QMetaObject::invokeMethod(
        this,
        [this] {
            if (waiting_)
                moment_.start(moment_ms);
        },
        Qt::QueuedConnection);
}

void RemainingPlayer::stop() {
    waiting_.reset();
    moment_.stop();
    answers_.drop();
}

void RemainingPlayer::finish() {
    moment_.stop();
    begin();
    answers_.finish();
}

void RemainingPlayer::begin() {
    if (!waiting_)
        return;
    answers_.ask([question = *std::exchange(waiting_, std::nullopt)](const std::atomic<bool>& up) {
        RemainingOptions options;
        options.cancel = &up;
        return remainingWork(question.job, question.advice, options);
    });
}

} // namespace flenzo
