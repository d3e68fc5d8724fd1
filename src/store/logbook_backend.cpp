// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/logbook_backend.h"
#include "store/logbook_sql.h"

#include "domain/base/faults.h"

#include <QUuid>

namespace flenzo {

LogbookBackend::LogbookBackend(QString place)
    : place_(std::move(place)),
      connection_(QStringLiteral("logbook-") + QUuid::createUuid().toString(QUuid::WithoutBraces)) {}

LogbookBackend::~LogbookBackend() {
    database().close();
    QSqlDatabase::removeDatabase(connection_);
}

QSqlDatabase LogbookBackend::database() const {
    return QSqlDatabase::database(connection_, false);
}

std::optional<Fault> LogbookBackend::migrate(int version, SqlDialect dialect, const QStringList& finish) {
    QSqlDatabase base = database();
    QStringList statements;
    for (int next = version + 1; next <= logbookVersion; ++next)
        statements += migrationTo(next, dialect);
    QSqlQuery query(base);
    for (const QString& statement : statements + finish)
        if (!run(query, statement, {}, answersInBulkWithin)) // may write every row of a table
            return faultOf(faults::bookNotWritten, query.lastError());
    return std::nullopt;
}

} // namespace flenzo
