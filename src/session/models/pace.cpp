// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/models/pace.h"

#include "core/base/quantile.h"
#include "domain/job/measuring.h"
#include "domain/methods/methods.h"
#include "session/models/shop_says.h"

namespace flenzo {

namespace {

constexpr double shortest_min = 0.05, longest_min = 60.0;

} // namespace

QList<StepMinutes> stepMinutesOf(const Job& job) {
    QList<StepMinutes> out;
    QDateTime before;
    for (const StepRecord& record : job.work.records) {
        const QDateTime at = QDateTime::fromString(record.at, Qt::ISODate);
        if (record.what == StepRecord::What::Done && before.isValid() && at.isValid()) {
            const double minutes = static_cast<double>(before.secsTo(at)) / 60.0;
            if (minutes >= shortest_min && minutes <= longest_min)
                out.append({record.step.section(QLatin1Char(':'), 0, 0), minutes});
        }
        before = at;
    }
    return out;
}

QMap<QString, double> usualMinutesOf(const std::vector<Job>& jobs) {
    QMap<QString, std::vector<double>> samples;
    for (const Job& job : jobs)
        for (const StepMinutes& step : stepMinutesOf(job))
            samples[step.step].push_back(step.minutes);
    QMap<QString, double> usual;
    for (auto step = samples.begin(); step != samples.end(); ++step) {
        if (step.value().size() >= leastSamples)
            usual[step.key()] = quantile(step.value(), 0.5);
    }
    return usual;
}

std::optional<Fault> beginAsTheShopDoes(Job& job, const Logbook& book, const ShopSays& says) {
    const Result<QString> defaults = book.setting(QStringLiteral("house"));
    if (!defaults.ok())
        return defaults.fault();
    applyShopDefaults(job, defaults.value());
    applyToolLines(job.tools, defaults.value());
    job.method.stretch = true; // the strings that go on are new
    job.work.usualMinutes = says.usualMinutes;
    Result<std::optional<ShopPrior>> own = shopPriorFor(book, says, job.rig.bridge.family);
    if (!own.ok())
        return own.fault();
    job.shopPrior = std::move(own).value();
    return std::nullopt;
}

} // namespace flenzo
