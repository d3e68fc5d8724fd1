// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/shop/stock.h"

#include "core/statics/level.h"
#include "core/statics/wire.h"
#include "domain/base/names.h"

#include <algorithm>
#include <cmath>
#include <map>

namespace flenzo {

namespace {

constexpr Named<StockKind> kindNames[] = {{StockKind::Set, "set"},
                                          {StockKind::Single, "single"},
                                          {StockKind::Insert, "insert"},
                                          {StockKind::Cap, "cap"},
                                          {StockKind::Bolt, "bolt"},
                                          {StockKind::Spring, "spring"},
                                          {StockKind::Consumable, "consumable"}};
constexpr Named<StockWhy> whyNames[] = {{StockWhy::Delivered, "delivered"}, {StockWhy::Counted, "counted"},
                                        {StockWhy::Strung, "strung"},       {StockWhy::Used, "used"},
                                        {StockWhy::Worn, "worn"},           {StockWhy::Lost, "lost"}};

/// What another wire in a string's place does to the claw of its guitar.
std::optional<double> clawFor(const Job& job, std::size_t string, const Wire& wire) {
    if (!hasClaw(job.rig) || string >= job.rig.strings.size())
        return std::nullopt;
    Rig other = job.rig;
    other.strings[string].wire = wire;
    const LevelSolution as = levelSolution(job.rig, bareState(job.rig), job.goal);
    const LevelSolution with = levelSolution(other, bareState(other), job.goal);
    if (!as.balanced() || !with.balanced())
        return std::nullopt;
    return with.moreTurns - as.moreTurns;
}

bool bears(const Job* job, std::size_t string, const Wire& wire) {
    if (!job || string >= job->rig.strings.size())
        return true;
    Rig other = job->rig;
    other.strings[string].wire = wire;
    const LevelSolution level = levelSolution(other, bareState(other), job->goal);
    constexpr double atMost = 0.9; // of what breaks it
    return string >= level.tensions_N.size() || level.tensions_N[string] < atMost * breakingTension_N(wire);
}

} // namespace

QString stockKindName(StockKind kind) {
    return nameOf(kindNames, kind);
}
std::optional<StockKind> stockKindNamed(const QString& name) {
    return named(kindNames, name);
}
QString stockWhyName(StockWhy why) {
    return nameOf(whyNames, why);
}
QString setItemOf(const QString& setName) {
    return QStringLiteral("set:") + setName;
}

const StockItem* inStock(const Stock& stock, const QString& id) {
    const auto found = std::find_if(stock.begin(), stock.end(), [&](const StockItem& item) { return item.id == id; });
    return found == stock.end() ? nullptr : &*found;
}

QList<StockMove> takenBy(const Job& job, const Stock& stock) {
    if (const QString set = setItemOf(job.onPicks.setName); !job.onPicks.setName.isEmpty() && inStock(stock, set))
        return {{set, -1, StockWhy::Strung}};
    std::map<QString, qint64> singles; // two strings of a guitar may be alike
    for (const StringPick& pick : job.onPicks.strings)
        if (inStock(stock, pick.item))
            --singles[pick.item];
    QList<StockMove> moves;
    for (const auto& [item, pieces] : singles)
        moves.append({item, pieces, StockWhy::Strung});
    return moves;
}

QList<Substitute> substitutesFor(const CatalogueString& missing, const Stock& stock, const Catalogue& catalogue,
                                 const Job* job, std::size_t string, qsizetype most) {
    constexpr double furthest = 0.25; // of the pull; further is another set
    QList<Substitute> found;
    for (const CatalogueString& other : catalogue.strings) {
        const StockItem* kept = other.id == missing.id ? nullptr : inStock(stock, other.id);
        if (!kept || kept->pieces <= 0 || other.wire.isWound() != missing.wire.isWound())
            continue;
        // At the same pitch and length the pull goes as the mass of a metre.
        const double share = unitMass_kgpm(other.wire) / unitMass_kgpm(missing.wire) - 1.0;
        if (std::abs(share) <= furthest && bears(job, string, other.wire))
            found.append({&other, kept->pieces, share, std::nullopt});
    }
    std::stable_sort(found.begin(), found.end(), [](const Substitute& a, const Substitute& b) {
        return std::abs(a.pullShare) < std::abs(b.pullShare);
    });
    found.resize(std::min(found.size(), most));
    for (Substitute& each : found)
        if (job)
            each.claw_turns = clawFor(*job, string, each.string->wire);
    return found;
}

QList<ToBuy> shoppingList(const Stock& stock, const Catalogue& catalogue, const std::vector<Job>& jobs) {
    struct Need {
        qint64 pieces = 0;
        const Job* job = nullptr; ///< the first that needs it
    };
    std::map<QString, Need> needs;
    for (const Job& job : jobs)
        for (const StockMove& move : takenBy(job, stock)) {
            Need& need = needs[move.item];
            need.pieces -= move.pieces;
            need.job = need.job ? need.job : &job;
        }
    QList<ToBuy> list;
    for (const StockItem& item : stock) {
        const auto need = needs.find(item.id);
        ToBuy line{item, 0, need == needs.end() ? 0 : need->second.pieces, {}};
        line.pieces = std::max(item.least, line.needed) - item.pieces;
        if (line.pieces <= 0)
            continue;
        if (const CatalogueString* missing = catalogue.stringById(item.id); missing && item.pieces < line.needed) {
            const Job& job = *need->second.job;
            std::size_t string = 0;
            while (string < job.onPicks.strings.size() && job.onPicks.strings[string].item != item.id)
                ++string;
            line.meanwhile = substitutesFor(*missing, stock, catalogue, &job, string);
        } else if (missing && item.pieces <= 0) {
            line.meanwhile = substitutesFor(*missing, stock, catalogue, nullptr, 0);
        }
        list.append(line);
    }
    return list;
}

} // namespace flenzo
