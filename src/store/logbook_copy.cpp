// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/logbook_copy.h"

#include "domain/base/faults.h"
#include "store/files.h"
#include "store/logbook_sql.h"

#include <QFileInfo>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <utility>

namespace flenzo {

namespace {

constexpr qint64 mostAttachment_bytes = 200'000'000;
/// Rows written with one statement: a server answers each, and a million answers take minutes.
constexpr qsizetype together = 50;

Fault readFaultIn(const Logbook& book, const QSqlQuery& query) {
    return book.backend().faultOf(faults::bookNotRead, query.lastError());
}
Fault writeFaultIn(const Logbook& book, const QSqlQuery& query) {
    return book.backend().faultOf(faults::bookNotWritten, query.lastError());
}

/// A job's body in which what was attached is called as `to` calls it. What is gone keeps its old name.
Result<QString> withAttachments(const Logbook& from, Logbook& to, const QString& body) {
    QJsonObject json = QJsonDocument::fromJson(body.toUtf8()).object();
    std::optional<Fault> fault;
    bool moved = false;
    const auto move = [&](const QString& reference) {
        const QString file = from.backend().attachment(reference);
        if (fault || file.isEmpty())
            return reference;
        const Result<QByteArray> content = readFile(file, mostAttachment_bytes);
        if (!content.ok()) {
            fault = content.fault();
            return reference;
        }
        const Result<QString> name = to.backend().attach(QFileInfo(file).fileName(), content.value());
        if (!name.ok()) {
            fault = name.fault();
            return reference;
        }
        moved = true;
        return name.value();
    };
    QJsonObject card = json.value(QLatin1String("card")).toObject();
    QJsonArray photos = card.value(QLatin1String("photos")).toArray();
    for (QJsonValueRef photo : photos)
        photo = move(photo.toString());
    if (!photos.isEmpty()) {
        card[QLatin1String("photos")] = photos;
        json[QLatin1String("card")] = card;
    }
    QJsonObject work = json.value(QLatin1String("work")).toObject();
    QJsonArray records = work.value(QLatin1String("records")).toArray();
    for (QJsonValueRef record : records) {
        QJsonObject one = record.toObject();
        const QString what = one.value(QLatin1String("what")).toString();
        if (what != QLatin1String("photo") && what != QLatin1String("take"))
            continue;
        one[QLatin1String("text")] = move(one.value(QLatin1String("text")).toString());
        record = one;
    }
    if (!records.isEmpty()) {
        work[QLatin1String("records")] = records;
        json[QLatin1String("work")] = work;
    }
    if (fault)
        return *fault;
    return moved ? QString::fromUtf8(QJsonDocument(json).toJson(QJsonDocument::Compact)) : body;
}

class Copy {
public:
    Copy(const Logbook& from, Logbook& to, const std::function<bool(qint64)>& goOn)
        : from_(from), to_(to), goOn_(goOn) {}

    std::optional<Fault> table(const LogbookTable& table) {
        const QString columns = table.columns.join(QStringLiteral(", "));
        const auto body = table.name == QLatin1String("jobs") ? table.columns.indexOf(QLatin1String("body")) : -1;
        QSqlQuery read(from_.database());
        read.setForwardOnly(body < 0); // what a job's photos need is asked for on the same connection
        if (!run(read, QStringLiteral("SELECT %1 FROM %2 ORDER BY 1").arg(columns, table.name), {},
                 answersInBulkWithin))
            return readFaultIn(from_, read);
        QVariantList values;
        while (read.next()) {
            for (int c = 0; c < table.columns.size(); ++c)
                values.append(read.value(c));
            if (body >= 0) {
                QVariant& text = values[values.size() - table.columns.size() + body];
                const Result<QString> moved = withAttachments(from_, to_, text.toString());
                if (!moved.ok())
                    return moved.fault();
                text = moved.value();
            }
            if (values.size() == together * table.columns.size())
                if (auto fault = write(table, values))
                    return fault;
        }
        if (read.lastError().isValid())
            return readFaultIn(from_, read);
        if (auto fault = write(table, values))
            return fault;
        return table.ownId ? numberOn(table.name) : std::nullopt;
    }

private:
    std::optional<Fault> write(const LogbookTable& table, QVariantList& values) {
        const qsizetype rows = values.size() / table.columns.size();
        if (rows == 0)
            return std::nullopt;
        const QString one = QLatin1Char('(') +
                            QStringList(table.columns.size(), QStringLiteral("?")).join(QLatin1Char(',')) +
                            QLatin1Char(')');
        QSqlQuery query(to_.database());
        if (!run(query,
                 QStringLiteral("INSERT INTO %1 (%2) VALUES ")
                         .arg(table.name, table.columns.join(QStringLiteral(", "))) +
                     QStringList(rows, one).join(QLatin1Char(',')),
                 std::exchange(values, {}), answersInBulkWithin))
            return writeFaultIn(to_, query);
        done_ += rows;
        if (goOn_ && !goOn_(done_))
            return Fault{faults::stopped, QStringLiteral("export")};
        return std::nullopt;
    }

    /// A server counts on from its own sequence, which knows nothing of rows that came with their numbers.
    std::optional<Fault> numberOn(const QString& table) {
        QSqlQuery query(to_.database());
        if (!isServerAddress(to_.path()) ||
            run(query,
                QStringLiteral("SELECT setval(pg_get_serial_sequence('%1', 'id'), (SELECT COALESCE(MAX(id), 0) + 1 "
                               "FROM %1), false)")
                    .arg(table)))
            return std::nullopt;
        return writeFaultIn(to_, query);
    }

    const Logbook& from_;
    Logbook& to_;
    const std::function<bool(qint64)>& goOn_;
    qint64 done_ = 0;
};

} // namespace

Result<qint64> rowsIn(const Logbook& book) {
    qint64 rows = 0;
    for (const LogbookTable& table : logbookTables()) {
        QSqlQuery query(book.database());
        if (!run(query, QStringLiteral("SELECT COUNT(*) FROM ") + table.name, {}, answersInBulkWithin) || !query.next())
            return readFaultIn(book, query);
        rows += query.value(0).toLongLong();
    }
    return rows;
}

std::optional<Fault> copyLogbook(const Logbook& from, Logbook& to, const std::function<bool(qint64)>& goOn) {
    // Read as it is at one moment, whoever goes on writing.
    QSqlDatabase source = from.database();
    QSqlQuery query(source);
    const auto began = [&source] {
        const TimeLimit within(source.driver());
        return source.transaction();
    };
    if (!began() || (isServerAddress(from.path()) &&
                     !run(query, QStringLiteral("SET TRANSACTION ISOLATION LEVEL REPEATABLE READ"))))
        return readFaultIn(from, query);
    auto copied = to.atOnce(QStringLiteral("shop"), [&]() -> std::optional<Fault> {
        const Result<qint64> there = rowsIn(to);
        if (!there.ok())
            return there.fault();
        if (there.value() > 0)
            return Fault{faults::bookNotEmpty, QStringLiteral("logbook")};
        Copy copy(from, to, goOn);
        for (const LogbookTable& table : logbookTables())
            if (auto fault = copy.table(table))
                return fault;
        return std::nullopt;
    });
    const TimeLimit within(source.driver());
    source.rollback(); // nothing was written there
    return copied;
}

} // namespace flenzo
