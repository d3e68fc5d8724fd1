// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/job/job.h"
#include "domain/practice/practice_run.h"
#include "domain/shop/stock.h"
#include "store/logbook_backend.h"

#include <QDateTime>
#include <QSqlQuery>
#include <functional>
#include <memory>
#include <vector>

namespace flenzo {

/// One line of the list of jobs.
struct JobRow {
    qint64 id = 0, guitarId = 0;
    QString guitar, owner, reason, setName, tuning;
    JobState state = JobState::OnBench;
    QDate received, due, checkOn;
    QDateTime changed;
    int entries = 0; ///< in its log
};

/// One run of an exercise, as it is kept.
struct PracticeRecord {
    QString apprentice, exercise;
    std::uint32_t seed = 0;
    QDateTime at;
    PracticeScore score;
    QList<double> guessErrors_turns, guessErrors_cents; ///< of the claw, of where the lowest string lands
    QByteArray acts;                                    ///< `flenzo-acts`
};

/// Which jobs a list shows; an empty one shows all, newest change first.
struct JobFilter {
    QString words; ///< every word must occur in guitar, owner, reason, set or tuning
    std::optional<JobState> state;
    std::optional<QDate> dueBy;        ///< guitars whose latest job is finished and that are due again by this day
    std::optional<QDate> checkBy = {}; ///< finished jobs that somebody wanted to look at again by this day
    int most = 200;
    /// What needs a hand on that day comes first: on the bench, waiting, due; then, as without it, the latest change.
    std::optional<QDate> handOn = {};
};

/// A job as it is kept, and how often it was written: whoever writes says which one they have seen.
struct KeptJob {
    Job job;
    qint64 revision = 0;
};

/// The shop's memory: every guitar, owner and job with all its events, in one file or in a server's database
/// (docs/formats.md). One transaction for each thing the user did, on disk when the call returns. Of a file one program
/// writes and others only read; of a server many write, and each is told what the others did.
/// Every call blocks until the disk or the server has answered: five seconds at most, a minute where a whole table or a
/// photo is fetched, then it is a fault. All are made by the thread that opened it. Whatever writes is a transaction of
/// its own and cannot be called from within `atOnce`.
class Logbook {
public:
    /// Opens or makes it: a path, or `postgresql://user@host/database`. A logbook of a newer version, of another
    /// program, or a damaged one is refused with a reason. `bench` is how this place is called among several.
    [[nodiscard]] static Result<std::shared_ptr<Logbook>> open(const QString& place, const QString& bench = {});
    /// The same logbook once more, only to read, beside whoever writes it; for another thread.
    [[nodiscard]] static Result<std::shared_ptr<Logbook>> openToRead(const QString& place);
    Logbook(const Logbook&) = delete;
    Logbook& operator=(const Logbook&) = delete;

    [[nodiscard]] const QString& path() const { return backend_->place(); } ///< as the user knows it; no password
    [[nodiscard]] bool readOnly() const { return backend_->whyReadOnly().has_value(); }
    [[nodiscard]] std::optional<Fault> whyReadOnly() const { return backend_->whyReadOnly(); }
    [[nodiscard]] LogbookBackend& backend() const { return *backend_; }
    [[nodiscard]] QSqlDatabase database() const { return backend_->database(); }
    /// Runs writes as one transaction; the others are told `what`. Does not nest.
    std::optional<Fault> atOnce(const QString& what, const std::function<std::optional<Fault>()>& writes);

    [[nodiscard]] Result<qint64> add(const Job& job);
    /// All of them or none.
    [[nodiscard]] std::optional<Fault> addAll(const std::vector<Job>& jobs);
    /// Writes what differs. The log may have grown, or lost entries by undo. Refused as `jobChangedElsewhere` where
    /// `revision` is not the one that is kept; otherwise that becomes the new one.
    [[nodiscard]] std::optional<Fault> save(qint64 id, const Job& before, const Job& after, qint64& revision);
    /// The same, and a job more, both or neither.
    [[nodiscard]] std::optional<Fault> saveAndAdd(qint64 id, const Job& before, const Job& after, qint64& revision,
                                                  const Job& more);
    [[nodiscard]] Result<Job> job(qint64 id) const;
    [[nodiscard]] Result<KeptJob> kept(qint64 id) const;
    [[nodiscard]] Result<qint64> revisionOf(qint64 id) const;
    /// Takes jobs out with all that was logged, all of them or none; a guitar without a job and an owner without a
    /// guitar go as well. What they took from stock stays taken.
    [[nodiscard]] std::optional<Fault> remove(const QList<qint64>& jobs);

    [[nodiscard]] Result<QList<JobRow>> jobs(const JobFilter& filter) const;
    [[nodiscard]] Result<qint64> guitarOf(qint64 jobId) const;
    /// The one that came last first, whichever was written in since.
    [[nodiscard]] Result<QList<JobRow>> jobsOf(qint64 guitarId) const;
    [[nodiscard]] Result<int> jobCount() const;

    /// A run of an exercise by an apprentice.
    [[nodiscard]] std::optional<Fault> addPractice(const PracticeRecord& record);
    /// All of theirs, oldest first; of everybody where no name is given.
    [[nodiscard]] Result<QList<PracticeRecord>> practice(const QString& apprentice) const;

    /// Everything the shop keeps, by kind and name, with what is there of it.
    [[nodiscard]] Result<Stock> stock() const;
    /// Who types a price has not counted, and others take pieces meanwhile.
    enum class Pieces { Counted, AsTheyAre };
    /// A new item, or another name, price or least count of one; its pieces are what was counted, or stay what they
    /// are.
    [[nodiscard]] std::optional<Fault> putStock(const StockItem& item, Pieces pieces = Pieces::Counted);
    [[nodiscard]] std::optional<Fault> removeStock(const QString& item);
    /// What came or went; by which job, 0 for none.
    [[nodiscard]] std::optional<Fault> moveStock(const QList<StockMove>& moves, qint64 job);

    /// A small setting of the shop (its defaults, the job that was open); empty where there is none.
    [[nodiscard]] Result<QString> setting(const QString& key) const;
    std::optional<Fault> setSetting(const QString& key, const QString& value);
    /// The newest entry of all; a clock that is behind it was set back.
    [[nodiscard]] Result<QDateTime> lastChange() const;

    /// A whole, consistent copy at `path`, which must not exist.
    /// `goOn` is told how many rows are copied (of `rowsIn`) where that is done row by row, and may stop it.
    [[nodiscard]] std::optional<Fault> backUp(const QString& path, const std::function<bool(qint64)>& goOn = {}) const;
    /// Every page and index looked at; takes seconds on a large file. The fault says what is damaged.
    [[nodiscard]] std::optional<Fault> check() const;

private:
    [[nodiscard]] static Result<std::shared_ptr<Logbook>> over(Result<std::shared_ptr<LogbookBackend>> backend);
    explicit Logbook(std::shared_ptr<LogbookBackend> backend) : backend_(std::move(backend)) {}
    [[nodiscard]] Fault readFault(const QSqlQuery& query) const;
    [[nodiscard]] Fault writeFault(const QSqlQuery& query) const;
    [[nodiscard]] Result<qint64> put(const Job& after);
    [[nodiscard]] std::optional<Fault> update(qint64 id, const Job& before, const Job& after, qint64 revision);
    [[nodiscard]] std::optional<Fault> writeEvents(qint64 id, const Job& after, std::size_t from);
    /// In which a job changes now: never before what is there already, whatever a clock says.
    [[nodiscard]] Result<QString> stamp() const;
    /// A job that was finished takes its strings, one that is not after all gives them back.
    [[nodiscard]] std::optional<Fault> takeFromStock(qint64 id, const Job& before, const Job& after);
    [[nodiscard]] std::optional<Fault> writeMoves(const QList<StockMove>& moves, qint64 job);

    std::shared_ptr<LogbookBackend> backend_;
};

/// Where photos and recordings lie beside a logbook that is a file.
[[nodiscard]] QString attachmentFolder(const QString& logbookPath);
/// A place as it may be shown.
[[nodiscard]] QString withoutPassword(const QString& place);
/// Backups lie beside the logbook; newest first.
[[nodiscard]] QStringList backupsOf(const QString& logbookPath);
/// Name for a backup made now.
[[nodiscard]] QString backupPath(const QString& logbookPath, const QDateTime& now);
/// Puts a damaged logbook aside under a name of its own and, if `backup` is not empty, the backup in its place.
/// Returns where the damaged one lies. Refused while anybody writes it.
[[nodiscard]] Result<QString> setAsideLogbook(const QString& logbookPath, const QString& backup);

} // namespace flenzo
