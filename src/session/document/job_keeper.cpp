// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/document/job_keeper.h"

#include "domain/base/faults.h"
#include "domain/base/moment.h"
#include "store/job_merge.h"

#include <utility>

namespace flenzo {

namespace {

/// How often a write is tried over what others wrote in the same moment.
constexpr int mostTries = 8;

/// Told by a bench that opens a job which another has open.
constexpr const char* opened = "opened";

/// What a server will not take however often it is asked. Everything else it says while it stops, starts or is crowded:
/// then an entry waits beside.
bool isFinal(const Fault& fault) {
    return fault.is(faults::jobGone) || fault.is(faults::bookNotWritable) || fault.is(faults::serverFull);
}

} // namespace

void JobKeeper::setLogbook(std::shared_ptr<Logbook> logbook) {
    if (kept_)
        logbook_->backend().release(kept_->id);
    kept_.reset();
    link_.reset();
    if (logbook_)
        logbook_->backend().disconnect(this);
    logbook_ = std::move(logbook);
    if (!logbook_)
        return;
    connect(&logbook_->backend(), &LogbookBackend::told, this, &JobKeeper::takeNotice);
    if (!isServerAddress(logbook_->path()))
        return;
    link_ = std::make_unique<ServerLink>(logbook_);
    connect(link_.get(), &ServerLink::down, this, [this] {
        away_ = away_ || kept_.has_value();
        // Said once what was being entered is shown.
        QMetaObject::invokeMethod(
            this,
            [this] {
                Q_EMIT wentAway({faults::serverAway, QStringLiteral("logbook")});
            },
            Qt::QueuedConnection);
    });
    connect(link_.get(), &ServerLink::up, this, &JobKeeper::answersAgain);
}

QString JobKeeper::openJobSetting() const {
    const QString bench = logbook_->backend().bench();
    return bench.isEmpty() ? QStringLiteral("openJob") : QStringLiteral("openJob@") + bench;
}

void JobKeeper::begin(qint64 id, const KeptJob& job) {
    kept_ = Kept{id, job.revision, job.job};
    logbook_->setSetting(openJobSetting(), QString::number(id));
    claim();
}

std::optional<Fault> JobKeeper::beginAway(const Recovery::Place& place, const Job& now) {
    kept_ = Kept{place.job, place.revision, place.base};
    away_ = true;
    return writeCopy(now);
}

void JobKeeper::letGo() {
    if (kept_)
        logbook_->backend().release(kept_->id);
    kept_.reset();
    conflict_.reset();
    if (std::exchange(away_, false))
        recovery_.leave(); // what the server has not seen waits for it there
    else
        recovery_.clear();
}

void JobKeeper::lose() {
    kept_.reset();
    away_ = false;
}

void JobKeeper::claim() {
    if (logbook_->backend().claim(kept_->id))
        return;
    logbook_->backend().announce(QLatin1String(opened) + QLatin1Char(' ') + QString::number(kept_->id));
    Q_EMIT openElsewhere();
}

void JobKeeper::isThere(Job job, qint64 revision) {
    kept_->there = std::move(job);
    kept_->revision = revision;
}

std::optional<Fault> JobKeeper::write(Job& after) {
    if (!kept_)
        return std::nullopt;
    if (away_)
        return writeCopy(after);
    auto fault = logbook_->save(kept_->id, kept_->there, after, kept_->revision);
    if (!fault)
        kept_->there = after;
    else if (fault->is(faults::jobChangedElsewhere))
        fault = putTogether(after);
    if (!fault || (!conflict_ && (!link_ || isFinal(*fault))))
        return fault;
    away_ = true;
    if (auto full = writeCopy(after)) {
        away_ = false;
        conflict_.reset();
        return full;
    }
    if (conflict_)
        Q_EMIT conflicted();
    else
        link_->lost();
    return std::nullopt;
}

std::optional<Fault> JobKeeper::writeCopy(const Job& after) {
    return recovery_.write(after, {}, Recovery::Place{logbook_->path(), kept_->id, kept_->revision, kept_->there});
}

std::optional<Fault> JobKeeper::putTogether(Job& after) {
    for (int tries = 0;; ++tries) {
        Result<KeptJob> there = logbook_->kept(kept_->id);
        if (!there.ok())
            return there.fault();
        KeptJob& theirs = there.value();
        MergedJob both = mergeJobs(kept_->there, after, theirs.job);
        if (!both.conflicts.isEmpty()) {
            conflict_ = JobConflict{theirs.job, both.conflicts};
            return Fault{faults::jobChangedElsewhere, QStringLiteral("job")};
        }
        auto fault = both.hasMine ? logbook_->save(kept_->id, theirs.job, both.job, theirs.revision) : std::nullopt;
        if (fault && fault->is(faults::jobChangedElsewhere) && tries < mostTries)
            continue;
        if (fault)
            return fault;
        after = std::move(both.job);
        isThere(after, theirs.revision);
        if (both.hasTheirs) // said once the job is shown
            QMetaObject::invokeMethod(this, &JobKeeper::merged, Qt::QueuedConnection);
        return std::nullopt;
    }
}

std::optional<Fault> JobKeeper::comeBack(Job& now) {
    if (!link_ || !away_)
        return std::nullopt;
    if (!link_->isUp())
        if (auto fault = link_->reach(); fault || !away_)
            return fault; // reaching it has led here already
    auto fault = putTogether(now);
    if (fault && fault->is(faults::jobGone)) {
        lose();
        Q_EMIT goneThere();
        return std::nullopt;
    }
    if (fault) {
        if (conflict_)
            Q_EMIT conflicted();
        else if (!isFinal(*fault))
            link_->lost(); // and is tried again
        return fault;
    }
    away_ = false;
    recovery_.clear();
    claim();
    return std::nullopt;
}

std::optional<Fault> JobKeeper::settleConflict(bool goOnWithMine, Job& mine) {
    Result<KeptJob> there = logbook_->kept(kept_->id);
    if (!there.ok())
        return there.fault();
    KeptJob& theirs = there.value();
    Job beside = goOnWithMine ? theirs.job : mine;
    beside.work.records.append({QString(), StepRecord::What::Note,
                                tr("Two benches changed this job apart from each other; this is what one of them had."),
                                nowText()});
    if (goOnWithMine) {
        if (auto fault = logbook_->saveAndAdd(kept_->id, theirs.job, mine, theirs.revision, beside))
            return fault;
    } else if (const Result<qint64> added = logbook_->add(beside); !added.ok()) {
        return added.fault();
    } else {
        mine = theirs.job;
    }
    conflict_.reset();
    away_ = false;
    recovery_.clear();
    isThere(mine, theirs.revision);
    return std::nullopt;
}

void JobKeeper::readTheirs() {
    Result<KeptJob> theirs = logbook_->kept(kept_->id);
    if (!theirs.ok() && theirs.fault().is(faults::jobGone)) {
        lose();
        Q_EMIT goneThere();
    }
    if (!theirs.ok() || theirs.value().revision == kept_->revision)
        return;
    isThere(std::move(theirs.value().job), theirs.value().revision);
    Q_EMIT changedThere(kept_->there);
}

void JobKeeper::takeNotice(const QString& told) {
    const QStringList words = told.split(QLatin1Char(' '));
    const bool ofThisJob = kept_ && !away_ && words.size() > 1 && words.at(1).toLongLong() == kept_->id;
    if (words.first() == QLatin1String(opened)) {
        if (ofThisJob)
            Q_EMIT openElsewhere();
        return;
    }
    if (told != QLatin1String("setting"))
        Q_EMIT shopChanged();
    if (ofThisJob && words.size() > 2)
        readTheirs();
}

} // namespace flenzo
