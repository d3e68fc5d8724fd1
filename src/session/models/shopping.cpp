// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/models/shopping.h"

namespace flenzo {

Result<QList<ToBuy>> whatToBuy(const Logbook& book, const Catalogue& catalogue, const Stock& stock) {
    constexpr int jobsLookedAt = 100;
    if (stock.isEmpty())
        return QList<ToBuy>();
    std::vector<Job> jobs;
    for (const JobState state : {JobState::OnBench, JobState::Waiting}) {
        JobFilter filter;
        filter.state = state;
        filter.most = jobsLookedAt;
        const Result<QList<JobRow>> rows = book.jobs(filter);
        if (!rows.ok())
            return rows.fault();
        for (const JobRow& row : rows.value())
            if (Result<Job> job = book.job(row.id); job.ok()) // one that is damaged needs nothing
                jobs.push_back(std::move(job).value());
    }
    return shoppingList(stock, catalogue, jobs);
}

} // namespace flenzo
