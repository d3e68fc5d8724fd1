// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "session/document/recovery.h"
#include "session/document/server_link.h"
#include "store/logbook.h"

#include <memory>

namespace flenzo {

/// What another bench made of the open job, which cannot be had together with what was made of it here.
struct JobConflict {
    Job theirs;
    QStringList fields; ///< that both changed, as in `flenzo-job`
};

/// Keeps one job in the shop's logbook: writes what it becomes at once, beside while a server is away, and puts it
/// together with what other benches make of it. Of the open job it knows what it is told.
class JobKeeper : public QObject {
    Q_OBJECT
public:
    explicit JobKeeper(Recovery& recovery, QObject* parent = nullptr) : QObject(parent), recovery_(recovery) {}

    void setLogbook(std::shared_ptr<Logbook> logbook); ///< no job is kept then
    [[nodiscard]] const std::shared_ptr<Logbook>& logbook() const { return logbook_; }
    [[nodiscard]] QString openJobSetting() const;
    [[nodiscard]] bool isKept() const { return kept_.has_value(); }
    [[nodiscard]] std::optional<qint64> keptAs() const { return kept_ ? std::optional(kept_->id) : std::nullopt; }
    [[nodiscard]] bool isAway() const { return away_; }
    [[nodiscard]] const std::optional<JobConflict>& conflict() const { return conflict_; }

    /// Begins to keep a job of the logbook; others are told that it is open here.
    void begin(qint64 id, const KeptJob& job);
    /// The same with a job that a server has not seen as it is: `now`.
    std::optional<Fault> beginAway(const Recovery::Place& place, const Job& now);
    /// Ends it; what the server has not seen waits beside for it.
    void letGo();
    /// Ends it, for the job is gone there.
    void lose();

    /// Writes what the job becomes, or keeps it beside; where another bench was first, `after` becomes both.
    std::optional<Fault> write(Job& after);
    /// Reaches for the server again, and puts together what was entered here and there: `now` becomes both. Nothing
    /// happens where it is not away.
    std::optional<Fault> comeBack(Job& now);
    /// One goes on as the job, the other becomes a job of its own. `mine` becomes the one that goes on.
    std::optional<Fault> settleConflict(bool goOnWithMine, Job& mine);

Q_SIGNALS:
    void wentAway(const flenzo::Fault& fault);
    void answersAgain();                       ///< the server; `comeBack` may put together
    void merged();                             ///< with what another bench made of it
    void changedThere(const flenzo::Job& now); ///< by another bench, while nothing was entered here
    void goneThere();                          ///< somebody took it out
    void openElsewhere();
    void conflicted();
    void shopChanged();

private:
    struct Kept {
        qint64 id = 0, revision = 0;
        Job there; ///< as the logbook has it, as far as known here
    };
    std::optional<Fault> putTogether(Job& after);
    std::optional<Fault> writeCopy(const Job& after);
    void isThere(Job job, qint64 revision);
    void readTheirs();
    void takeNotice(const QString& told);
    void claim();

    Recovery& recovery_;
    std::shared_ptr<Logbook> logbook_;
    std::optional<Kept> kept_;
    bool away_ = false;
    std::optional<JobConflict> conflict_;
    std::unique_ptr<ServerLink> link_; ///< where the logbook is on a server
};

} // namespace flenzo
