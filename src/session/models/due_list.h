// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "store/logbook.h"

namespace flenzo {

/// One thing that is to be done on a day.
struct DueEntry {
    enum class What { Restring, Check }; ///< check: does it still drift after the last job?
    What what = What::Restring;
    QDate on;
    JobRow job; ///< the latest of that guitar
};

/// Restrings due by `today` and as long after as the shop wants to see them coming, and checks due by today that are
/// not forgotten yet; by day.
[[nodiscard]] Result<QList<DueEntry>> dueList(const Logbook& book, const QDate& today, const DueOptions& options = {});
/// Every restring up to that many weeks ahead, for the calendar and the season.
[[nodiscard]] Result<QList<DueEntry>> restringsAhead(const Logbook& book, const QDate& today, int weeks);

/// Somebody looked: it holds, or it drifts and comes back to the bench's queue with a note of that. `read`: what the
/// strings read then, where somebody read them.
[[nodiscard]] std::optional<Fault> noteCheck(Logbook& book, qint64 job, bool holds, const QDateTime& now,
                                             const std::optional<HeldReading>& read = {});

/// All of them as whole days of a calendar (iCalendar, RFC 5545); the same entry keeps its identity from export to
/// export.
[[nodiscard]] QByteArray calendarOf(const QList<DueEntry>& entries, const QDateTime& now);

/// What to write to the owner.
[[nodiscard]] QString reminderFor(const DueEntry& entry);

} // namespace flenzo
