// SPDX-License-Identifier: GPL-3.0-or-later
// What apprentices practised.
#include "store/exercise_json.h"
#include "store/logbook.h"
#include "store/logbook_sql.h"

#include <QJsonArray>
#include <QJsonDocument>

namespace flenzo {

namespace {

QJsonArray numbersToJson(const QList<double>& numbers) {
    QJsonArray list;
    for (const double number : numbers)
        list.append(number);
    return list;
}

QList<double> numbersOf(const QJsonValue& value) {
    QList<double> numbers;
    const QJsonArray list = value.toArray();
    for (const QJsonValue& each : list)
        numbers.append(each.toDouble());
    return numbers;
}

} // namespace

std::optional<Fault> Logbook::addPractice(const PracticeRecord& record) {
    return atOnce(QStringLiteral("shop"), [&]() -> std::optional<Fault> {
        QJsonObject score = scoreToJson(record.score);
        score[QLatin1String("guessErrorsTurns")] = numbersToJson(record.guessErrors_turns);
        score[QLatin1String("guessErrorsCents")] = numbersToJson(record.guessErrors_cents);
        QSqlQuery query(database());
        if (run(query,
                QStringLiteral(
                    "INSERT INTO practice (apprentice, exercise, seed, at, score, acts) VALUES (?,?,?,?,?,?)"),
                {record.apprentice, record.exercise, static_cast<qint64>(record.seed),
                 record.at.toUTC().toString(Qt::ISODateWithMs),
                 QString::fromUtf8(QJsonDocument(score).toJson(QJsonDocument::Compact)),
                 QString::fromUtf8(record.acts)}))
            return std::nullopt;
        return writeFault(query);
    });
}

Result<QList<PracticeRecord>> Logbook::practice(const QString& apprentice) const {
    QSqlQuery query(database());
    const bool all = apprentice.isEmpty();
    if (!run(query,
             QStringLiteral("SELECT apprentice, exercise, seed, at, score, acts FROM practice %1 ORDER BY at, id")
                 .arg(all ? QString() : QStringLiteral("WHERE apprentice=?")),
             all ? QVariantList() : QVariantList{apprentice}))
        return readFault(query);
    QList<PracticeRecord> records;
    while (query.next()) {
        PracticeRecord record;
        record.apprentice = query.value(0).toString();
        record.exercise = query.value(1).toString();
        record.seed = static_cast<std::uint32_t>(query.value(2).toLongLong());
        record.at = QDateTime::fromString(query.value(3).toString(), Qt::ISODateWithMs);
        const QJsonObject score = QJsonDocument::fromJson(query.value(4).toByteArray()).object();
        record.score = scoreFromJson(score);
        record.guessErrors_turns = numbersOf(score.value(QLatin1String("guessErrorsTurns")));
        record.guessErrors_cents = numbersOf(score.value(QLatin1String("guessErrorsCents")));
        record.acts = query.value(5).toByteArray();
        records.append(record);
    }
    if (query.lastError().isValid())
        return readFault(query);
    return records;
}

} // namespace flenzo
