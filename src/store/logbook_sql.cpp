// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/logbook_sql.h"

#include "domain/faults.h"

namespace flenzo {

Fault faultOf(const FaultCode& code, const QSqlError& error) {
    return {code, QStringLiteral("logbook"), {error.databaseText().isEmpty() ? error.text() : error.databaseText()}};
}

Fault readFaultOf(const QSqlError& error) {
    constexpr const char* damagedCodes[] = {"11", "26"}; // SQLITE_CORRUPT, SQLITE_NOTADB
    for (const char* const code : damagedCodes)
        if (error.nativeErrorCode() == QLatin1String(code))
            return faultOf(faults::bookDamaged, error);
    return faultOf(faults::bookNotRead, error);
}

bool run(QSqlQuery& query, const QString& statement, const QVariantList& values) {
    if (!query.prepare(statement))
        return false;
    for (const QVariant& value : values)
        query.addBindValue(
            value.typeId() == QMetaType::QString && value.toString().isNull() ? QVariant(QLatin1String("")) : value);
    return query.exec();
}

} // namespace flenzo
