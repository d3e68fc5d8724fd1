// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/base/bundled_words.h"
#include "domain/base/faults.h"
#include "store/logbook.h"
#include "store/logbook_sql.h"
#include "store/work_json.h"

namespace flenzo {

namespace {

const char* const rowColumns = "jobs.id, jobs.guitar, guitars.name, owners.name, jobs.story, jobs.set_name, "
                               "jobs.tuning, jobs.state, jobs.received, jobs.due, jobs.check_on, jobs.changed, "
                               "jobs.entries";
const char* const rowTables = " FROM jobs JOIN guitars ON guitars.id = jobs.guitar JOIN owners ON owners.id = "
                              "guitars.owner ";

JobRow rowOf(const QSqlQuery& query) {
    JobRow row;
    row.id = query.value(0).toLongLong();
    row.guitarId = query.value(1).toLongLong();
    row.guitar = query.value(2).toString();
    row.owner = query.value(3).toString();
    row.reason = query.value(4).toString();
    row.setName = query.value(5).toString();
    row.tuning = query.value(6).toString();
    for (const JobState state : {JobState::Waiting, JobState::OnBench, JobState::Finished})
        if (query.value(7).toString() == jobStateName(state))
            row.state = state;
    row.received = QDate::fromString(query.value(8).toString(), Qt::ISODate);
    row.due = QDate::fromString(query.value(9).toString(), Qt::ISODate);
    row.checkOn = QDate::fromString(query.value(10).toString(), Qt::ISODate);
    row.changed = QDateTime::fromString(query.value(11).toString(), Qt::ISODateWithMs);
    row.entries = query.value(12).toInt();
    return row;
}

QList<JobRow> rowsOf(QSqlQuery& query) {
    QList<JobRow> rows;
    while (query.next())
        rows.append(rowOf(query));
    return rows;
}

/// Each word as it is kept, or as what the program shows in another language is kept.
QString likeAll(const QString& words, QVariantList& values, const QString& column) {
    QString where;
    for (const QString& word : words.toLower().split(QLatin1Char(' '), Qt::SkipEmptyParts)) {
        QStringList either;
        for (QString kept : QStringList{word} + bundledAs(word)) {
            either.append(column + QStringLiteral(" LIKE ? ESCAPE '!'"));
            for (const char special : {'!', '%', '_'})
                kept.replace(QLatin1Char(special), QStringLiteral("!") + QLatin1Char(special));
            values.append(QLatin1Char('%') + kept + QLatin1Char('%'));
        }
        where += QStringLiteral(" AND (") + either.join(QStringLiteral(" OR ")) + QLatin1Char(')');
    }
    return where;
}

} // namespace

Result<QList<JobRow>> Logbook::jobs(const JobFilter& filter) const {
    QVariantList values;
    QString where = QStringLiteral("WHERE TRUE") + likeAll(filter.words, values, QStringLiteral("jobs.words"));
    if (filter.state) {
        where += QStringLiteral(" AND jobs.state=?");
        values.append(jobStateName(*filter.state));
    }
    const QString isDue = QStringLiteral(
        "jobs.due<>'' AND jobs.due<=? AND jobs.state=? AND NOT EXISTS (SELECT 1 FROM jobs "
        "AS later WHERE later.guitar=jobs.guitar AND (later.received, later.id)>(jobs.received, jobs.id))");
    if (filter.dueBy) {
        where += QStringLiteral(" AND ") + isDue;
        values << filter.dueBy->toString(Qt::ISODate) << jobStateName(JobState::Finished);
    }
    if (filter.checkBy) {
        where += QStringLiteral(" AND jobs.check_on<>'' AND jobs.check_on<=? AND jobs.state=?");
        values.append(filter.checkBy->toString(Qt::ISODate));
        values.append(jobStateName(JobState::Finished));
    }
    QString order = filter.dueBy     ? QStringLiteral("jobs.due")
                    : filter.checkBy ? QStringLiteral("jobs.check_on")
                                     : QStringLiteral("jobs.changed DESC");
    if (filter.handOn && !filter.dueBy && !filter.checkBy) {
        order.prepend(QStringLiteral("CASE WHEN jobs.state=? THEN 0 WHEN jobs.state=? THEN 1 WHEN ") + isDue +
                      QStringLiteral(" THEN 2 ELSE 3 END, "));
        values << jobStateName(JobState::OnBench) << jobStateName(JobState::Waiting)
               << filter.handOn->toString(Qt::ISODate) << jobStateName(JobState::Finished);
    }
    values.append(filter.most);
    QSqlQuery query(database());
    query.setForwardOnly(true);
    if (!run(query,
             QStringLiteral("SELECT ") + QLatin1String(rowColumns) + QLatin1String(rowTables) + where +
                 QStringLiteral(" ORDER BY ") + order + QStringLiteral(" LIMIT ?"),
             values))
        return readFault(query);
    const QList<JobRow> rows = rowsOf(query);
    return query.lastError().isValid() ? Result<QList<JobRow>>(readFault(query)) : rows; // it broke off
}

Result<qint64> Logbook::guitarOf(qint64 jobId) const {
    QSqlQuery query(database());
    if (!run(query, QStringLiteral("SELECT guitar FROM jobs WHERE id=?"), {jobId}))
        return readFault(query);
    if (!query.next())
        return Fault{faults::jobGone, QStringLiteral("job")};
    return query.value(0).toLongLong();
}

Result<QList<JobRow>> Logbook::jobsOf(qint64 guitarId) const {
    QSqlQuery query(database());
    if (!run(query,
             QStringLiteral("SELECT ") + QLatin1String(rowColumns) + QLatin1String(rowTables) +
                 QStringLiteral("WHERE jobs.guitar=? ORDER BY jobs.received DESC, jobs.id DESC"),
             {guitarId}))
        return readFault(query);
    const QList<JobRow> rows = rowsOf(query);
    return query.lastError().isValid() ? Result<QList<JobRow>>(readFault(query)) : rows;
}

Result<int> Logbook::jobCount() const {
    QSqlQuery query(database());
    if (!run(query, QStringLiteral("SELECT COUNT(*) FROM jobs")) || !query.next())
        return readFault(query);
    return query.value(0).toInt();
}

} // namespace flenzo
