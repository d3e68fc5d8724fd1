// SPDX-License-Identifier: GPL-3.0-or-later
// A job that is kept in the logbook: written at once, beside while a server is away, and put together with what another
// bench made of it.
#include "session/document/session.h"

#include "domain/base/faults.h"
#include "store/job_merge.h"

#include <QDateTime>
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

void Session::setLogbook(std::shared_ptr<Logbook> logbook) {
    if (keptAs_)
        logbook_->backend().release(*keptAs_);
    keptAs_.reset();
    link_.reset();
    if (logbook_)
        logbook_->backend().disconnect(this);
    logbook_ = std::move(logbook);
    if (!logbook_)
        return;
    connect(&logbook_->backend(), &LogbookBackend::told, this, &Session::hear);
    if (!isServerAddress(logbook_->path()))
        return;
    link_ = std::make_unique<ServerLink>(logbook_);
    connect(link_.get(), &ServerLink::down, this, [this] {
        if (isKept() && !away_)
            away_ = Away{job_};
        // Said once what was being entered is shown.
        QMetaObject::invokeMethod(
            this,
            [this] {
                Q_EMIT wentAway({faults::serverAway, QStringLiteral("logbook")});
            },
            Qt::QueuedConnection);
    });
    connect(link_.get(), &ServerLink::up, this, [this] {
        if (away_ && !conflict_)
            (void)comeBack(); // what is in the way is told by its signal
        if (!away_)
            Q_EMIT cameBack();
    });
}

void Session::becomeKept(KeptJob job, qint64 id) {
    begin(std::move(job.job), QString());
    keptAs_ = id;
    revision_ = job.revision;
    logbook_->setSetting(openJobSetting(), QString::number(id));
    Q_EMIT identityChanged();
    claim();
}

void Session::claim() {
    if (logbook_->backend().claim(*keptAs_))
        return;
    logbook_->backend().announce(QLatin1String(opened) + QLatin1Char(' ') + QString::number(*keptAs_));
    Q_EMIT openElsewhere();
}

QString Session::openJobSetting() const {
    const QString bench = logbook_->backend().bench();
    return bench.isEmpty() ? QStringLiteral("openJob") : QStringLiteral("openJob@") + bench;
}

std::optional<Fault> Session::keep(Job job, Unsaved unsaved) {
    if (auto fault = wouldLose(unsaved))
        return fault;
    const Result<qint64> id = logbook_->add(job);
    if (!id.ok())
        return id.fault();
    becomeKept({std::move(job), 1}, id.value());
    return std::nullopt;
}

std::optional<Fault> Session::keepOpenJob() {
    return keep(job_, Unsaved::Discard); // the very job goes on
}

std::optional<Fault> Session::openKept(qint64 id, Unsaved unsaved) {
    Result<KeptJob> job = logbook_->kept(id);
    if (!job.ok())
        return job.fault();
    if (auto fault = wouldLose(unsaved))
        return fault;
    becomeKept(std::move(job).value(), id);
    return std::nullopt;
}

void Session::loseKept() {
    keptAs_.reset();
    away_.reset();
    undo_.resetClean(); // leaving it asks
    writeRecovery();
    Q_EMIT identityChanged();
}

std::optional<Fault> Session::write(Job& after) {
    if (!isKept())
        return std::nullopt;
    if (away_)
        return keepBeside(after);
    auto fault = logbook_->save(*keptAs_, job_, after, revision_);
    if (fault && fault->is(faults::jobChangedElsewhere))
        fault = putTogether(job_, after);
    if (!fault || (!conflict_ && (!link_ || isFinal(*fault))))
        return fault;
    away_ = Away{job_};
    if (auto full = keepBeside(after)) {
        away_.reset();
        conflict_.reset();
        return full;
    }
    if (conflict_)
        Q_EMIT conflicted();
    else
        link_->lost();
    return std::nullopt;
}

std::optional<Fault> Session::keepBeside(const Job& after) {
    return recovery_.write(after, path_, Recovery::Place{logbook_->path(), *keptAs_, revision_, away_->base});
}

std::optional<Fault> Session::putTogether(const Job& base, Job& after) {
    for (int tries = 0;; ++tries) {
        Result<KeptJob> there = logbook_->kept(*keptAs_);
        if (!there.ok())
            return there.fault();
        KeptJob& theirs = there.value();
        MergedJob both = mergeJobs(base, after, theirs.job);
        if (!both.conflicts.isEmpty()) {
            conflict_ = JobConflict{theirs.job, both.conflicts};
            return Fault{faults::jobChangedElsewhere, QStringLiteral("job")};
        }
        auto fault = both.hasMine ? logbook_->save(*keptAs_, theirs.job, both.job, theirs.revision) : std::nullopt;
        if (fault && fault->is(faults::jobChangedElsewhere) && tries < mostTries)
            continue;
        if (fault)
            return fault;
        revision_ = theirs.revision;
        after = std::move(both.job);
        if (both.hasTheirs) // what could be undone would take theirs away
            QMetaObject::invokeMethod(
                this,
                [this] {
                    undo_.clear();
                    Q_EMIT changedElsewhere();
                },
                Qt::QueuedConnection);
        return std::nullopt;
    }
}

std::optional<Fault> Session::comeBack() {
    if (!link_ || !away_)
        return std::nullopt;
    if (!link_->isUp())
        if (auto fault = link_->reach(); fault || !away_)
            return fault; // reaching it has led here already
    Job both = job_;
    auto fault = putTogether(away_->base, both);
    if (fault && fault->is(faults::jobGone)) {
        loseKept();
        Q_EMIT removedElsewhere();
        return std::nullopt;
    }
    if (fault) {
        if (conflict_)
            Q_EMIT conflicted();
        else if (!isFinal(*fault))
            link_->lost(); // and is tried again
        return fault;
    }
    away_.reset();
    recovery_.clear();
    if (!(both == job_))
        show(std::move(both));
    claim();
    return std::nullopt;
}

std::optional<Fault> Session::comeBackWith(const Recovery::Leftover& leftover, Unsaved unsaved) {
    const Recovery::Place place = *leftover.place;
    if (auto fault = start(leftover.job, QString(), unsaved))
        return fault;
    keptAs_ = place.job;
    revision_ = place.revision;
    away_ = Away{place.base};
    if (auto fault = keepBeside(leftover.job))
        return fault;
    recovery_.discard(leftover);
    Q_EMIT identityChanged();
    return comeBack();
}

std::optional<Fault> Session::settleConflict(bool goOnWithMine) {
    if (!conflict_)
        return std::nullopt;
    Result<KeptJob> there = logbook_->kept(*keptAs_);
    if (!there.ok())
        return there.fault();
    const Job mine = job_;
    Job beside = goOnWithMine ? there.value().job : mine;
    beside.work.records.append({QString(), StepRecord::What::Note,
                                tr("Two benches changed this job apart from each other; this is what one of them had."),
                                QDateTime::currentDateTime().toString(Qt::ISODate)});
    if (goOnWithMine) {
        if (auto fault = logbook_->saveAndAdd(*keptAs_, there.value().job, mine, there.value().revision, beside))
            return fault;
    } else if (const Result<qint64> kept = logbook_->add(beside); !kept.ok()) {
        return kept.fault();
    }
    conflict_.reset();
    away_.reset();
    recovery_.clear();
    revision_ = there.value().revision;
    undo_.clear();
    show(goOnWithMine ? mine : there.value().job);
    Q_EMIT cameBack();
    return std::nullopt;
}

void Session::adoptTheirs() {
    Result<KeptJob> theirs = logbook_->kept(*keptAs_);
    if (!theirs.ok() && theirs.fault().is(faults::jobGone)) {
        loseKept();
        Q_EMIT removedElsewhere();
    }
    if (!theirs.ok() || theirs.value().revision == revision_)
        return;
    revision_ = theirs.value().revision;
    undo_.clear();
    show(std::move(theirs.value().job));
    Q_EMIT changedElsewhere();
}

void Session::hear(const QString& told) {
    const QStringList words = told.split(QLatin1Char(' '));
    const bool ofThisJob = isKept() && !away_ && words.size() > 1 && words.at(1).toLongLong() == *keptAs_;
    if (words.first() == QLatin1String(opened)) {
        if (ofThisJob)
            Q_EMIT openElsewhere();
        return;
    }
    if (told != QLatin1String("setting"))
        Q_EMIT shopChanged();
    if (ofThisJob && words.size() > 2)
        adoptTheirs();
}

} // namespace flenzo
