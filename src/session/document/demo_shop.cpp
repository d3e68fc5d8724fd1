// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/document/demo_shop.h"

#include "core/base/random_stream.h"
#include "domain/base/faults.h"
#include "domain/base/moment.h"
#include "domain/methods/methods.h"
#include "domain/work/progress.h"
#include "session/document/demo.h"

#include <QCoreApplication>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>

namespace flenzo {

namespace {

struct DemoShopWords {
    Q_DECLARE_TR_FUNCTIONS(DemoShop)
};

/// Its steps done one after the other on that day, each in about its usual time.
void playThrough(Job& job, const QDate& day, std::uint32_t seed) {
    RandomStream random(seed, 11);
    QDateTime at(day, QTime(10, 0));
    for (const Step& step : stepsOf(job)) {
        constexpr double spread = 0.35;
        at = at.addSecs(static_cast<qint64>(60.0 * step.minutes * (1.0 + random.between(-spread, spread))));
        job.work.records.append({step.name(), StepRecord::What::Done, QString(), momentText(at)});
    }
}

/// The same guitar at an earlier visit, its old set put on then.
Job earlier(const Job& job, const QDate& day) {
    Job before = job;
    before.log.clear();
    if (job.off.size() == job.rig.strings.size()) {
        before.rig = withSet(before.rig, job.off);
        before.onPicks = job.offPicks;
    }
    before.reason = DemoShopWords::tr("New strings, as usual.");
    before.work.state = JobState::Finished;
    before.work.received = day;
    before.work.ownersNote = DemoShopWords::tr("Stretch them once more after the first evening.");
    return before;
}

Stock demoStock() {
    const auto set = [](const char* name, qint64 pieces, qint64 least, qint64 price_minor) {
        const QString title = QLatin1String(name);
        return StockItem{setItemOf(title), StockKind::Set, title, pieces, least, price_minor};
    };
    const auto single = [](const char* id, const char* name, qint64 pieces, qint64 least, qint64 price_minor) {
        return StockItem{QLatin1String(id), StockKind::Single, QLatin1String(name), pieces, least, price_minor};
    };
    const auto part = [](StockKind kind, const QString& name, qint64 pieces, qint64 least, qint64 price_minor) {
        return StockItem{name, kind, name, pieces, least, price_minor};
    };
    return {set("Six, 9.5 to 44", 6, 4, 950),
            set("Six, 10 to 52", 1, 3, 980),
            set("Seven, 10.5 to 66", 0, 2, 1450),
            set("Six, baritone 13 to 68", 2, 1, 1720),
            single("plain-10", ".010 plain", 8, 6, 150),
            single("plain-13", ".013 plain", 5, 4, 150),
            single("plain-13.5", ".0135 plain", 0, 4, 150),
            single("nickel-plated-46", ".046 nickel-plated wound", 2, 2, 320),
            part(StockKind::Insert, DemoShopWords::tr("saddle insert, brass"), 11, 6, 240),
            part(StockKind::Cap, DemoShopWords::tr("nut cap, black"), 2, 3, 410),
            part(StockKind::Bolt, DemoShopWords::tr("nut cap bolt, 3 mm hex key"), 9, 6, 90),
            part(StockKind::Spring, DemoShopWords::tr("bridge spring, usual rate"), 7, 5, 180),
            part(StockKind::Consumable, DemoShopWords::tr("fretboard oil, bottle"), 1, 1, 890)};
}

/// Guitars that come back every few months and are not in hand now; the last visit decides when they are due.
std::vector<Job> returning(const QDate& today) {
    struct Regular {
        const char *guitar, *owner;
        int like;       ///< which demo guitar it is built as
        int dueIn_days; ///< from today
    };
    constexpr Regular regulars[] = {{"Quiet Harbour, six strings", "Noor", 3, -6},
                                    {"Blue Ladder, fulcrum", "Bente", 2, 2},
                                    {"Iron Finch, seven strings", "Noor", 0, 11},
                                    {"Second Porch, baritone", "Aleks", 1, 40}};
    const QString people[] = {DemoShopWords::tr("Runa"), DemoShopWords::tr("Ilja")};
    std::vector<Job> jobs;
    std::uint32_t seed = 1;
    for (const Regular& regular : regulars) {
        const Result<Job> read = demoJob(regular.like);
        if (!read.ok())
            continue;
        for (const int before_days : {190, 100, 5}) {
            const QDate day = today.addDays(regular.dueIn_days - 95 - before_days + 5);
            Job visit = earlier(read.value(), day);
            visit.guitar = QLatin1String(regular.guitar);
            visit.owner = QLatin1String(regular.owner);
            visit.work.technician = people[seed % 2];
            chooseMethod(visit, QStringLiteral("order"),
                         seed % 2 == 0 ? QStringLiteral("lowToHigh") : QStringLiteral("outerPairs"));
            visit.work.due = day.addDays(95);
            playThrough(visit, day, seed++);
            jobs.push_back(visit);
        }
    }
    return jobs;
}

const QString demoSetting = QStringLiteral("demoShop");

/// By what an item is known again as the demo's own.
QJsonArray detailsOf(const StockItem& item) {
    return {item.id, item.name, item.least, item.price_minor};
}

} // namespace

DemoShop demoShop(const QDate& today) {
    DemoShop shop;
    shop.stock = demoStock();
    shop.jobs = returning(today);
    if (!shop.jobs.empty())
        shop.jobs.back().work.checkOn = today; // it left yesterday
    std::vector<Job> inHand;
    for (int demo = static_cast<int>(demoNames().size()) - 1; demo >= 0; --demo) {
        const Result<Job> read = demoJob(demo);
        if (!read.ok())
            continue;
        Job job = read.value();
        const QDate day = today.addDays(-180 + demo);
        Job before = earlier(job, day);
        before.work.due = today.addDays(demo * 9 - 4);
        playThrough(before, day, static_cast<std::uint32_t>(100 + demo));
        shop.jobs.push_back(before);
        job.work.state = demo < 3 ? JobState::OnBench : JobState::Waiting;
        job.work.received = today;
        inHand.push_back(job);
    }
    shop.jobs.insert(shop.jobs.end(), inHand.begin(), inHand.end());
    return shop;
}

std::optional<Fault> putDemoShop(Logbook& book, const QDate& today) {
    const DemoShop shop = demoShop(today);
    const Result<Stock> own = book.stock();
    if (!own.ok())
        return own.fault();
    QJsonArray stock, jobs;
    for (const StockItem& item : shop.stock) {
        if (inStock(own.value(), item.id))
            continue; // the shop's
        if (auto fault = book.putStock(item))
            return fault;
        stock.append(detailsOf(item));
    }
    if (auto fault = book.addAll(shop.jobs))
        return fault;
    JobFilter all;
    all.most = static_cast<int>(shop.jobs.size());
    const Result<QList<JobRow>> rows = book.jobs(all);
    if (!rows.ok())
        return rows.fault();
    for (const JobRow& row : rows.value())
        jobs.append(row.id);
    const QJsonObject put{{QStringLiteral("jobs"), jobs}, {QStringLiteral("stock"), stock}};
    return book.setSetting(demoSetting, QString::fromUtf8(QJsonDocument(put).toJson(QJsonDocument::Compact)));
}

std::optional<Fault> clearDemoStock(Logbook& book) {
    const Result<QString> setting = book.setting(demoSetting);
    if (!setting.ok() || setting.value().isEmpty())
        return setting.ok() ? std::nullopt : std::optional(setting.fault());
    const QJsonObject put = QJsonDocument::fromJson(setting.value().toUtf8()).object();
    for (const QJsonValue job : put.value(QLatin1String("jobs")).toArray()) {
        const Result<qint64> there = book.revisionOf(job.toInteger());
        if (there.ok() || !there.fault().is(faults::jobGone))
            return there.ok() ? std::nullopt : std::optional(there.fault());
    }
    const Result<Stock> stock = book.stock();
    if (!stock.ok())
        return stock.fault();
    for (const QJsonValue details : put.value(QLatin1String("stock")).toArray())
        for (const StockItem& item : stock.value())
            if (detailsOf(item) == details.toArray())
                if (auto fault = book.removeStock(item.id))
                    return fault;
    return book.setSetting(demoSetting, QString());
}

} // namespace flenzo
