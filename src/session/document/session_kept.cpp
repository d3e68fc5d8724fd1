// SPDX-License-Identifier: GPL-3.0-or-later
// The open job as one that the shop keeps.
#include "session/document/session.h"

#include "domain/base/faults.h"

#include <utility>

namespace flenzo {

void Session::follow(JobKeeper& keeper) {
    connect(&keeper, &JobKeeper::wentAway, this, &Session::wentAway);
    connect(&keeper, &JobKeeper::openElsewhere, this, &Session::openElsewhere);
    connect(&keeper, &JobKeeper::conflicted, this, &Session::conflicted);
    connect(&keeper, &JobKeeper::shopChanged, this, &Session::shopChanged);
    connect(&keeper, &JobKeeper::answersAgain, this, [this] {
        if (isAway() && !conflict())
            (void)comeBack(); // what is in the way is told by its signal
        if (!isAway())
            Q_EMIT cameBack();
    });
    connect(&keeper, &JobKeeper::merged, this, [this] {
        undos_.begin(); // what could be undone would take theirs away
        Q_EMIT changedElsewhere();
    });
    connect(&keeper, &JobKeeper::changedThere, this, [this](const Job& now) {
        undos_.begin();
        show(now);
        Q_EMIT changedElsewhere();
    });
    connect(&keeper, &JobKeeper::goneThere, this, [this] {
        undos_.open().resetClean(); // leaving it asks
        writeRecovery();
        Q_EMIT identityChanged();
        Q_EMIT removedElsewhere();
    });
}

void Session::becomeKept(const KeptJob& job, qint64 id) {
    begin(job.job, QString(), id);
    keeper_.begin(id, job);
    Q_EMIT identityChanged();
}

std::optional<Fault> Session::addToLogbook(Job job, Unsaved unsaved) {
    if (auto fault = wouldLose(unsaved))
        return fault;
    const Result<qint64> id = logbook()->add(job);
    if (!id.ok())
        return id.fault();
    becomeKept({std::move(job), 1}, id.value());
    return std::nullopt;
}

std::optional<Fault> Session::addOpenJob() {
    return addToLogbook(job_, Unsaved::Discard); // the very job goes on
}

std::optional<Fault> Session::openKept(qint64 id, Unsaved unsaved) {
    const Result<KeptJob> job = logbook()->kept(id);
    if (!job.ok())
        return job.fault();
    if (auto fault = wouldLose(unsaved))
        return fault;
    becomeKept(job.value(), id);
    return std::nullopt;
}

std::optional<Fault> Session::comeBack() {
    Job both = job_;
    if (auto fault = keeper_.comeBack(both))
        return fault;
    if (isKept() && !(both == job_))
        show(std::move(both));
    return std::nullopt;
}

std::optional<Fault> Session::comeBackWith(const Recovery::Leftover& leftover, Unsaved unsaved) {
    if (auto fault = start(leftover.job, QString(), unsaved))
        return fault;
    if (auto fault = keeper_.beginAway(*leftover.place, job_))
        return fault;
    recovery_.discard(leftover);
    Q_EMIT identityChanged();
    return comeBack();
}

std::optional<Fault> Session::settleConflict(bool goOnWithMine) {
    if (!conflict())
        return std::nullopt;
    Job goesOn = job_;
    if (auto fault = keeper_.settleConflict(goOnWithMine, goesOn))
        return fault;
    undos_.begin();
    show(std::move(goesOn));
    Q_EMIT cameBack();
    return std::nullopt;
}

} // namespace flenzo
