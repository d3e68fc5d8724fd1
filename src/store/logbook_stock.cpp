// SPDX-License-Identifier: GPL-3.0-or-later
// What is in the shop's drawers.
#include "store/logbook.h"
#include "store/logbook_sql.h"

namespace flenzo {

Result<Stock> Logbook::stock() const {
    QSqlQuery query(database());
    if (!run(query,
             QStringLiteral(
                 "SELECT stock.item, kind, name, least, price, CAST(COALESCE(SUM(pieces), 0) AS BIGINT) FROM stock "
                 "LEFT JOIN stock_moves ON stock_moves.item = stock.item GROUP BY stock.item, kind, "
                 "name, least, price ORDER BY kind, name, stock.item")))
        return readFault(query);
    Stock stock;
    while (query.next()) {
        StockItem item;
        item.id = query.value(0).toString();
        item.kind = stockKindNamed(query.value(1).toString()).value_or(StockKind::Consumable);
        item.name = query.value(2).toString();
        item.least = query.value(3).toLongLong();
        item.price_minor = query.value(4).toLongLong();
        item.pieces = query.value(5).toLongLong();
        stock.append(item);
    }
    if (query.lastError().isValid())
        return readFault(query);
    return stock;
}

std::optional<Fault> Logbook::putStock(const StockItem& item, Pieces pieces) {
    return atOnce(QStringLiteral("shop"), [&]() -> std::optional<Fault> {
        const Result<Stock> now = stock();
        if (!now.ok())
            return now.fault();
        QSqlQuery query(database());
        if (!run(query,
                 QStringLiteral("INSERT INTO stock (item, kind, name, least, price) VALUES (?,?,?,?,?) ON CONFLICT "
                                "(item) DO UPDATE SET kind=excluded.kind, name=excluded.name, least=excluded.least, "
                                "price=excluded.price"),
                 {item.id, stockKindName(item.kind), item.name, item.least, item.price_minor}))
            return writeFault(query);
        const StockItem* known = inStock(now.value(), item.id);
        const qint64 more = item.pieces - (known ? known->pieces : 0);
        return more == 0 || pieces == Pieces::AsTheyAre ? std::nullopt
                                                        : writeMoves({{item.id, more, StockWhy::Counted}}, 0);
    });
}

std::optional<Fault> Logbook::removeStock(const QString& item) {
    return atOnce(QStringLiteral("shop"), [&]() -> std::optional<Fault> {
        QSqlQuery query(database());
        if (!run(query, QStringLiteral("DELETE FROM stock WHERE item=?"), {item}))
            return writeFault(query);
        return std::nullopt;
    });
}

std::optional<Fault> Logbook::moveStock(const QList<StockMove>& moves, qint64 job) {
    return atOnce(QStringLiteral("shop"), [&] { return writeMoves(moves, job); });
}

std::optional<Fault> Logbook::writeMoves(const QList<StockMove>& moves, qint64 job) {
    const QString now = QDateTime::currentDateTimeUtc().toString(Qt::ISODateWithMs);
    for (const StockMove& move : moves) {
        QSqlQuery query(database());
        if (!run(query, QStringLiteral("INSERT INTO stock_moves (item, at, pieces, why, job) VALUES (?,?,?,?,?)"),
                 {move.item, now, move.pieces, stockWhyName(move.why), job}))
            return writeFault(query);
    }
    return std::nullopt;
}

std::optional<Fault> Logbook::takeFromStock(qint64 id, const Job& before, const Job& after) {
    const bool was = before.work.state == JobState::Finished, is = after.work.state == JobState::Finished;
    if (was == is || after.work.state == JobState::Waiting) // what came back to be looked at has its strings on
        return std::nullopt;
    QSqlQuery query(database());
    if (!run(query, QStringLiteral("DELETE FROM stock_moves WHERE job=? AND why=?"),
             {id, stockWhyName(StockWhy::Strung)}))
        return writeFault(query);
    if (!is)
        return std::nullopt;
    const Result<Stock> now = stock();
    return now.ok() ? writeMoves(takenBy(after, now.value()), id) : now.fault();
}

} // namespace flenzo
