// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/models/shop_says.h"

#include "core/estimation/estimator.h"
#include "domain/base/faults.h"
#include "session/models/pace.h"

#include <QSet>
#include <QtConcurrentMap>

namespace flenzo {

namespace {

const QString shopPriorSetting = QStringLiteral("shopPrior"), switchedOff = QStringLiteral("off");
/// Of the jobs finished last: for times, for what guitars taught, and for the minutes a new job begins with.
constexpr int finishedCounted = 200, finishedLearned = 60, finishedPaced = 30;
constexpr int inHandCounted = 100;      ///< of each state
constexpr std::size_t mostGuitars = 30; ///< of a family; each is learned in some ten milliseconds, once

/// Readings enough to have taught something: two of every string.
bool hasTaught(const Job& job) {
    std::size_t readings = 0;
    for (const Event& event : job.log)
        readings += event.readings_cents.size() + (event.turnsString() ? 1 : 0);
    return readings >= 2 * job.rig.strings.size();
}

} // namespace

/// The jobs of a state, what changed last first; one that is damaged takes no part.
Result<std::vector<ShopReader::Known*>> ShopReader::known(const Logbook& book, JobState state, int most) {
    JobFilter filter;
    filter.state = state;
    filter.most = most;
    const Result<QList<JobRow>> rows = book.jobs(filter);
    if (!rows.ok())
        return rows.fault();
    std::vector<Known*> out;
    for (const JobRow& row : rows.value()) {
        auto at = jobs_.find(row.id);
        if (at == jobs_.end() || at->second.changed != row.changed) {
            Result<Job> job = book.job(row.id);
            if (!job.ok() && job.fault().is(faults::serverAway))
                return job.fault();
            if (!job.ok())
                continue;
            ++jobsRead_;
            at = jobs_.insert_or_assign(row.id, Known{row.changed, std::move(job).value(), std::nullopt}).first;
        }
        out.push_back(&at->second);
    }
    return out;
}

/// Of each guitar its latest job, learned from what its own readings say.
void ShopReader::learn(const std::vector<Known*>& finished, ShopSays& says) {
    std::map<Family, std::vector<Known*>> guitars;
    QSet<QString> seen;
    for (Known* each : finished) {
        const Job& job = each->job;
        const QString guitar =
            QStringLiteral("%1\n%2\n%3").arg(job.owner, job.guitar).arg(static_cast<int>(job.rig.bridge.family));
        std::vector<Known*>& ofFamily = guitars[job.rig.bridge.family];
        if (job.simulatedSeed || !hasTaught(job) || seen.contains(guitar) || ofFamily.size() == mostGuitars)
            continue;
        seen.insert(guitar);
        ofFamily.push_back(each);
    }
    for (auto& [family, known] : guitars) {
        QtConcurrent::blockingMap(known, [](Known* each) {
            if (each->learned)
                return;
            BenchJob guitar = benchJobOf(each->job);
            guitar.prior.reset();
            each->learned = estimate(guitar).learned;
        });
        std::vector<Prior> learned;
        for (const Known* each : known)
            learned.push_back(*each->learned);
        if (auto prior = shopPrior(learned))
            says.priors.emplace(family, std::move(*prior));
    }
}

Result<ShopSays> ShopReader::read(const Logbook& book) {
    const Result<std::vector<Known*>> finished = known(book, JobState::Finished, finishedCounted);
    if (!finished.ok())
        return finished.fault();
    const auto last = [&](int most) {
        const std::vector<Known*>& all = finished.value();
        return std::vector<Known*>(all.begin(), all.begin() + std::min<std::ptrdiff_t>(most, std::ssize(all)));
    };
    const auto jobsOf = [](const std::vector<Known*>& known) {
        std::vector<Job> jobs;
        jobs.reserve(known.size());
        for (const Known* each : known)
            jobs.push_back(each->job);
        return jobs;
    };
    ShopSays says;
    says.usualMinutes = usualMinutesOf(jobsOf(last(finishedPaced)));
    says.times = timesOf(jobsOf(finished.value()));
    learn(last(finishedLearned), says);
    for (const Known* each : finished.value())
        if (each->job.work.broken || !each->job.work.returns.isEmpty())
            says.tested.push_back(each->job);
    for (const JobState state : {JobState::OnBench, JobState::Waiting}) {
        const Result<std::vector<Known*>> jobs = known(book, state, inHandCounted);
        if (!jobs.ok())
            return jobs.fault();
        for (const Known* each : jobs.value())
            says.inHand.push_back(each->job);
    }
    std::vector<Job> all = says.inHand;
    for (const Known* each : finished.value())
        if (!each->job.work.held.isEmpty())
            all.push_back(each->job);
    std::erase_if(all, [](const Job& job) { return job.simulatedSeed.has_value(); }); // no guitar of the shop
    says.held = heldOf(spansOf(all));
    return says;
}

std::vector<Job> testedBefore(const ShopSays& says, const Job& job) {
    std::vector<Job> found;
    for (const Job& each : says.tested)
        if (each.guitar == job.guitar && each.owner == job.owner && each.rig.bridge.family == job.rig.bridge.family &&
            !(each == job))
            found.push_back(each);
    return found;
}

Result<bool> beginsFromShop(const Logbook& book) {
    const Result<QString> kept = book.setting(shopPriorSetting);
    if (!kept.ok())
        return kept.fault();
    return kept.value() != switchedOff;
}

std::optional<Fault> setBeginsFromShop(Logbook& book, bool wanted) {
    return book.setSetting(shopPriorSetting, wanted ? QString() : switchedOff);
}

Result<std::optional<ShopPrior>> shopPriorFor(const Logbook& book, const ShopSays& says, Family family) {
    const Result<bool> wanted = beginsFromShop(book);
    if (!wanted.ok())
        return wanted.fault();
    const auto own = says.priors.find(family);
    return wanted.value() && own != says.priors.end() ? std::optional(own->second) : std::nullopt;
}

} // namespace flenzo
