// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/simulation/remaining.h"
#include "session/document/latest_answer.h"

#include <QTimer>

namespace flenzo {

/// Plays the work that remains beside the window's thread, on all the cores there are; so only once a job has stood for
/// a moment: not while the window is built, nor for each of several entries typed at once. The latest question wins.
class RemainingPlayer : public QObject {
    Q_OBJECT
public:
    explicit RemainingPlayer(QObject* parent = nullptr);
    void play(const BenchJob& job, const Advice& advice);
    /// Gives up the question under way.
    void stop();
    /// Waits for the answer under way; for tests and pictures.
    void finish();

Q_SIGNALS:
    void played(const flenzo::RemainingWork& work);

private:
    void begin();
    struct Question {
        BenchJob job;
        Advice advice;
    };
    std::optional<Question> waiting_; ///< not begun
    QTimer moment_;
    LatestAnswer<RemainingWork> answers_{this, [this](const RemainingWork& work) { Q_EMIT played(work); }};
};

} // namespace flenzo
