// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/models/shop_guitars.h"

#include "domain/job/edits.h"
#include "session/models/pace.h"

#include <QSet>
#include <QtConcurrentMap>

namespace flenzo {

namespace {

const QString shopPriorSetting = QStringLiteral("shopPrior"), switchedOff = QStringLiteral("off");
constexpr int finishedLookedAt = 60;
constexpr std::size_t mostGuitars = 30; ///< each is learned anew in some ten milliseconds, on every core there is

/// Readings enough to have taught something: two of every string.
bool hasTaught(const Job& job) {
    std::size_t readings = 0;
    for (const Event& event : job.log)
        readings += event.readings_cents.size() + (event.turnsString() ? 1 : 0);
    return readings >= 2 * job.rig.strings.size();
}

} // namespace

Result<bool> beginsFromShop(const Logbook& book) {
    const Result<QString> kept = book.setting(shopPriorSetting);
    if (!kept.ok())
        return kept.fault();
    return kept.value() != switchedOff;
}

std::optional<Fault> setBeginsFromShop(Logbook& book, bool wanted) {
    return book.setSetting(shopPriorSetting, wanted ? QString() : switchedOff);
}

Result<std::optional<ShopPrior>> shopPriorFor(const Logbook& book, const Bridge& bridge) {
    const Result<bool> wanted = beginsFromShop(book);
    if (!wanted.ok())
        return wanted.fault();
    if (!wanted.value())
        return std::optional<ShopPrior>();
    const Result<std::vector<Job>> finished = finishedLast(book, finishedLookedAt);
    if (!finished.ok())
        return finished.fault();
    std::vector<BenchJob> guitars;
    QSet<QString> seen; // the latest job comes first
    for (const Job& job : finished.value()) {
        const QString guitar = job.owner + QLatin1Char('\n') + job.guitar;
        if (job.simulatedSeed || job.rig.bridge.family != bridge.family || !hasTaught(job) || seen.contains(guitar))
            continue;
        seen.insert(guitar);
        guitars.push_back(benchJobOf(job));
        guitars.back().prior.reset(); // what its own readings say
        if (guitars.size() == mostGuitars)
            break;
    }
    return shopPrior(QtConcurrent::blockingMapped<std::vector<Prior>>(
        guitars, [](const BenchJob& guitar) { return estimate(guitar).learned; }));
}

} // namespace flenzo
