// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "store/logbook.h"

namespace flenzo {

struct ShopSays;

/// What each step of a job took by the times in its records, in minutes. Breaks (an hour and more) and steps said in
/// the same breath do not count.
struct StepMinutes {
    QString step;
    double minutes = 0.0;
};
[[nodiscard]] QList<StepMinutes> stepMinutesOf(const Job& job);

/// What each step took in these jobs, by the times in their records: the median in minutes of the steps that were done
/// at least `leastSamples` times.
[[nodiscard]] QMap<QString, double> usualMinutesOf(const std::vector<Job>& jobs);
inline constexpr std::size_t leastSamples = 3;

/// A new job as this shop begins one: its ways, new strings that have to settle, the minutes its last finished jobs
/// took, and what its guitars taught.
[[nodiscard]] std::optional<Fault> beginAsTheShopDoes(Job& job, const Logbook& book, const ShopSays& says);

} // namespace flenzo
