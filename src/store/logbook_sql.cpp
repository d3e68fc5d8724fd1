// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/logbook_sql.h"

namespace flenzo {

bool run(QSqlQuery& query, const QString& statement, const QVariantList& values, std::chrono::milliseconds limit) {
    const TimeLimit within(query.driver(), limit);
    if (values.isEmpty()) // as it is: not every statement can be prepared
        return query.exec(statement);
    if (!query.prepare(statement))
        return false;
    for (const QVariant& value : values) {
        if (value.typeId() != QMetaType::QString) {
            query.addBindValue(value);
            continue;
        }
        QString text = value.toString();
        text.replace(QChar(QChar::Null), QChar(QChar::ReplacementCharacter));
        query.addBindValue(text.isNull() ? QVariant(QLatin1String("")) : QVariant(text));
    }
    return query.exec();
}

} // namespace flenzo
