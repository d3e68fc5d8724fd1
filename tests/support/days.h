// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/planning/day_plan.h"

#include <random>

namespace flenzo::testing {

inline constexpr int hour = 60, day = 24 * hour;

/// Nine to half past twelve, half past one to six, from the first morning on.
inline std::vector<OpenHours> workingDays(int days) {
    std::vector<OpenHours> hours;
    for (int k = 0; k < days; ++k) {
        hours.push_back({k * day, k * day + 7 * hour / 2});
        hours.push_back({k * day + 9 * hour / 2, k * day + 9 * hour});
    }
    return hours;
}

/// Jobs of one to three tasks with and without waits, some of them promised.
inline DayProblem randomDay(std::mt19937& random, int jobs, int people, int grain_min = 1) {
    const auto between = [&](int low, int high) { return std::uniform_int_distribution<int>(low, high)(random); };
    DayProblem problem;
    problem.people = people;
    problem.hours = workingDays(20);
    for (int j = 0; j < jobs; ++j) {
        DayJob job;
        const int tasks = between(1, 3);
        for (int t = 0; t < tasks; ++t) {
            const int waits[] = {0, 15, 120, 12 * hour};
            job.tasks.push_back({between(10, 90) / grain_min * grain_min, t + 1 < tasks ? waits[between(0, 3)] : 0});
        }
        if (between(0, 3) == 0)
            job.from_min = between(0, 30) * 15;
        if (between(0, 2) > 0)
            job.promised_min = between(1, 60) * hour;
        problem.jobs.push_back(job);
    }
    return problem;
}

} // namespace flenzo::testing
