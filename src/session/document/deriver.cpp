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
    same.story = after.story;
    return same == after;
}

} // namespace

Deriver::Deriver(QObject* parent) : QObject(parent) {}

Deriver::~Deriver() {
    ++asked_;
}

void Deriver::ask(const Job& job) {
    askedJob_ = job;
    std::optional<Estimate> known;
    if (taken_ > 0 && onlyTheLogGrew(derivedJob_, job))
        known = derived_.advice.guitar;
    worker_.start([this, job, known = std::move(known), generation = ++asked_] {
        if (generation != asked_)
            return;
        Derived derived = derive(job, known ? &*known : nullptr);
        {
            const std::lock_guard lock(mutex_);
            answer_ = {generation, std::move(derived)};
        }
        came_.notify_all();
        QMetaObject::invokeMethod(this, "announce", Qt::QueuedConnection);
    });
}

void Deriver::announce() {
    {
        const std::lock_guard lock(mutex_);
        if (answer_.generation != asked_ || announced_ == asked_)
            return;
        announced_ = answer_.generation;
    }
    Q_EMIT arrived();
}

bool Deriver::wait(std::chrono::milliseconds patience) {
    if (taken_ == asked_)
        return true;
    std::unique_lock lock(mutex_);
    if (!came_.wait_for(lock, patience, [this] { return answer_.generation == asked_; }))
        return false;
    derived_ = std::move(answer_.derived);
    derivedJob_ = askedJob_;
    taken_ = asked_;
    return true;
}

const Derived& Deriver::latest() {
    while (!wait(std::chrono::hours(1)))
        continue;
    return derived_;
}

} // namespace flenzo
