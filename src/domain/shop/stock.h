// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/guitar/catalogue.h"
#include "domain/job/job.h"

#include <QDateTime>

namespace flenzo {

/// What lies in the shop's drawers.
enum class StockKind { Set, Single, Insert, Cap, Bolt, Spring, Consumable };

struct StockItem {
    QString id; ///< of a string its catalogue's, of a set "set:" and its name, of anything else its own name
    StockKind kind = StockKind::Consumable;
    QString name;           ///< as the shop calls it
    qint64 pieces = 0;      ///< that are there: what came less what went
    qint64 least = 0;       ///< fewer are low
    qint64 price_minor = 0; ///< of one, in hundredths of the shop's money
    [[nodiscard]] bool isLow() const { return pieces < least; }
    bool operator==(const StockItem&) const = default;
};
using Stock = QList<StockItem>;

/// Why pieces came or went; strung: taken by a job that was finished, and given back when it is not after all.
enum class StockWhy { Delivered, Counted, Strung, Used, Worn, Lost };
struct StockMove {
    QString item;
    qint64 pieces = 0; ///< that came; negative: that went
    StockWhy why = StockWhy::Delivered;
    bool operator==(const StockMove&) const = default;
};

[[nodiscard]] QString stockKindName(StockKind kind); ///< as the logbook has it
[[nodiscard]] std::optional<StockKind> stockKindNamed(const QString& name);
[[nodiscard]] QString stockWhyName(StockWhy why);

[[nodiscard]] QString setItemOf(const QString& setName);
[[nodiscard]] const StockItem* inStock(const Stock& stock, const QString& id);

/// What a finished job takes by itself: its set when the shop keeps it as a set, else the singles it keeps.
[[nodiscard]] QList<StockMove> takenBy(const Job& job, const Stock& stock);

/// Another string in stock in place of one that is not.
struct Substitute {
    const CatalogueString* string = nullptr;
    qint64 pieces = 0;
    double pullShare = 0.0;           ///< of the pull at the same pitch, more positive
    std::optional<double> claw_turns; ///< tighter is positive; nothing without a guitar with a claw
};
/// The nearest by pull first, plain for plain and wound for wound; at most `most`, none that would break at its pitch.
/// With a job and the string of it, what each does to its claw.
[[nodiscard]] QList<Substitute> substitutesFor(const CatalogueString& missing, const Stock& stock,
                                               const Catalogue& catalogue, const Job* job, std::size_t string,
                                               qsizetype most = 2);

/// One line of what to buy.
struct ToBuy {
    StockItem item;
    qint64 pieces = 0; ///< up to what is least, or what jobs in hand still need
    qint64 needed = 0; ///< by jobs in hand
    QList<Substitute> meanwhile;
};
/// What is low, and what waiting jobs need and is not there. `jobs`: on the bench and waiting.
[[nodiscard]] QList<ToBuy> shoppingList(const Stock& stock, const Catalogue& catalogue, const std::vector<Job>& jobs);

} // namespace flenzo
