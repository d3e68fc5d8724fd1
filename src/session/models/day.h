// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/planning/day_plan.h"
#include "domain/work/ahead.h"
#include "store/logbook.h"

#include <QTime>
#include <atomic>
#include <map>

namespace flenzo {

/// When a shop is open and how many work in it; settings of its logbook.
struct ShopHours {
    std::vector<std::pair<QTime, QTime>> hours{{QTime(9, 0), QTime(12, 30)}, {QTime(13, 30), QTime(18, 0)}};
    std::array<bool, 7> days{true, true, true, true, true, false, false}; ///< from Monday
    int people = 1;
    bool operator==(const ShopHours&) const = default;
};
inline constexpr int mostPeople = 8;
/// "9:00-12:30, 13:30-18:00", as somebody types it and as it is kept.
[[nodiscard]] Result<std::vector<std::pair<QTime, QTime>>> parseHours(const QString& text);
[[nodiscard]] QString hoursText(const std::vector<std::pair<QTime, QTime>>& hours);
[[nodiscard]] Result<ShopHours> shopHours(const Logbook& book);
[[nodiscard]] std::optional<Fault> saveShopHours(Logbook& book, const ShopHours& hours);

/// A moment as it is typed: "17:00" (the next one), "2026-03-31" (the end of that day's hours), both, or "31.3. 17:00";
/// nothing typed is an invalid moment.
[[nodiscard]] Result<QDateTime> parseMoment(const QString& text, const QDateTime& now, const ShopHours& hours);
[[nodiscard]] QString momentShown(const QDateTime& moment); ///< in the same form, to the minute

/// A job in hand with what is left of it.
struct JobAhead {
    JobRow row;
    std::vector<PieceAhead> pieces;
    QDateTime promised, notBefore;
};

/// Reads them; jobs that have not changed since are not worked out again.
class AheadReader {
public:
    [[nodiscard]] Result<std::vector<JobAhead>> read(const Logbook& book, const std::atomic<bool>& giveUp);

private:
    struct Known {
        QDateTime changed;
        JobAhead ahead;
    };
    std::map<qint64, Known> known_;
};

/// The days from now on: who does what when.
struct LaidOut {
    QDateTime from; ///< the plan's minute nought
    std::vector<JobAhead> jobs;
    DayProblem problem;
    DayPlan plan;
    [[nodiscard]] QDateTime at(int minute) const { return from.addSecs(60LL * minute); }
    [[nodiscard]] bool isLate(std::size_t job) const;
};
/// When the shop is open from a moment on, for so many days; clocks that are changed in between are reckoned with.
[[nodiscard]] std::vector<OpenHours> openFrom(const ShopHours& hours, const QDateTime& from, int days);
[[nodiscard]] Result<LaidOut> layOut(std::vector<JobAhead> jobs, const ShopHours& hours, const QDateTime& now,
                                     const std::atomic<bool>& giveUp, int longest_ms = 700);

/// Notes a promise or what has to be waited for, of a job that is not the open one.
[[nodiscard]] std::optional<Fault> noteMoment(Logbook& book, qint64 job, QDateTime Work::*which,
                                              const QDateTime& moment);

} // namespace flenzo
