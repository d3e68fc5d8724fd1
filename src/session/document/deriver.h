// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/job/derived.h"
#include "session/document/latest_answer.h"

namespace flenzo {

/// Derives what follows from a job beside the window's thread. The latest job wins: answers to older ones never arrive.
/// To be used from the window's thread only.
class Deriver : public QObject {
    Q_OBJECT
public:
    explicit Deriver(QObject* parent = nullptr) : QObject(parent) {}
    /// Begins on a job; where only the log grew since the answer in hand, the guitar is learned from there on.
    void ask(const Job& job);
    /// Whether the answer to the latest job is in hand, waiting for it that long at most.
    bool wait(std::chrono::milliseconds patience) { return answers_.wait(patience); }
    /// The answer to the latest job, however long it takes. Blocks.
    [[nodiscard]] const Derived& latest();
    void setRemaining(const RemainingWork& work) { derived_.remaining = work; }

Q_SIGNALS:
    void arrived(); ///< the answer to the latest job came, whether or not somebody waited for it

private:
    void take(Derived derived);
    Job askedJob_;
    std::optional<Job> derivedJob_; ///< that `derived_` answers
    Derived derived_;
    LatestAnswer<Derived> answers_{this, [this](Derived derived) { take(std::move(derived)); }};
};

} // namespace flenzo
