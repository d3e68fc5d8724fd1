// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/document/deriver.h"

#include <utility>

namespace flenzo {

namespace {

/// Whether what was learned still holds: nothing but the log changed, and that only at its end.
bool onlyTheLogGrew(const Job& before, const Job& after) {
    if (before.log.empty() || after.log.size() < before.log.size() ||
        !std::equal(before.log.begin(), before.log.end(), after.log.begin()))
        return false;
    Job same = before;
    same.log = after.log;
    same.card = after.card;
    same.work = after.work;
    same.guitar = after.guitar;
    same.owner = after.owner;
    same.reason = after.reason;
    return same == after;
}

} // namespace

void Deriver::ask(const Job& job) {
    askedJob_ = job;
    std::optional<Estimate> known;
    if (derivedJob_ && onlyTheLogGrew(*derivedJob_, job))
        known = derived_.advice.guitar;
    answers_.ask(
        [job, known = std::move(known)](const std::atomic<bool>&) { return derive(job, known ? &*known : nullptr); });
}

/// Said later, for somebody may be waiting in the middle of something else.
void Deriver::take(Derived derived) {
    derived_ = std::move(derived);
    derivedJob_ = askedJob_;
    const auto say = [this] {
        if (!answers_.isBusy())
            Q_EMIT arrived();
    };
    QMetaObject::invokeMethod(this, say, Qt::QueuedConnection);
}

const Derived& Deriver::latest() {
    answers_.finish();
    return derived_;
}

} // namespace flenzo
