// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QStringList>

namespace flenzo {

inline constexpr int logbookVersion = 4;

/// How a database writes the types of the tables.
enum class SqlDialect { Sqlite, Postgres };

/// The statements that bring the tables of `version` - 1 on to `version`.
[[nodiscard]] QStringList migrationTo(int version, SqlDialect dialect);

/// Every table in an order in which their rows can be written, with its columns.
struct LogbookTable {
    QString name;
    QStringList columns;
    bool ownId = false; ///< numbers its rows by itself
};
[[nodiscard]] const QList<LogbookTable>& logbookTables();

} // namespace flenzo
