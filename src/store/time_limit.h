// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QSqlDriver>
#include <chrono>

namespace flenzo {

/// Within which a server answers a statement, or counts as gone.
inline constexpr std::chrono::milliseconds answersWithin{5000};
/// The same where a whole table or a photo is read or written at once.
inline constexpr std::chrono::milliseconds answersInBulkWithin{60000};

/// As long as it lives something waits for a server. When that takes longer than the limit, the connection is cut, and
/// what waits fails as if the server had gone: one that accepts and never answers does not hold the program. A logbook
/// in a file has no limit.
class TimeLimit {
public:
    explicit TimeLimit(const QSqlDriver* driver, std::chrono::milliseconds limit = answersWithin);
    ~TimeLimit();
    TimeLimit(const TimeLimit&) = delete;
    TimeLimit& operator=(const TimeLimit&) = delete;

private:
    quint64 watched_ = 0; ///< 0: nothing
};

} // namespace flenzo
