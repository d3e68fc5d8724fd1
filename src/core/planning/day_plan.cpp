// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/planning/day_plan.h"

#include <algorithm>
#include <limits>
#include <numeric>

namespace flenzo {

namespace {

constexpr int never_min = std::numeric_limits<int>::max();

int handsOf(const DayJob& job) {
    return std::accumulate(job.tasks.begin(), job.tasks.end(), 0,
                           [](int sum, const DayTask& task) { return sum + task.hands_min; });
}

long costOf(const DayJob& job, int done_min) {
    const int late_min = job.promised_min ? std::max(0, done_min - *job.promised_min) : 0;
    return done_min + perLate * late_min;
}

/// When a job is done that nobody else gets in the way of.
std::optional<int> doneAlone_min(const DayJob& job, const Calendar& calendar) {
    int at_min = job.from_min;
    for (const DayTask& task : job.tasks) {
        const auto begin = calendar.begin_min(at_min, task.hands_min);
        if (!begin)
            return std::nullopt;
        at_min = *begin + task.hands_min + task.wait_min;
    }
    return at_min;
}

/// Jobs sorted by what is least first; ties as they came.
template <typename Key> std::vector<std::size_t> sortedBy(const DayProblem& problem, const Key& key) {
    std::vector<std::size_t> order(problem.jobs.size());
    std::iota(order.begin(), order.end(), std::size_t{0});
    std::stable_sort(order.begin(), order.end(),
                     [&](std::size_t a, std::size_t b) { return key(problem.jobs[a]) < key(problem.jobs[b]); });
    return order;
}

} // namespace

std::optional<int> Calendar::begin_min(int from_min, int hands_min) const {
    for (const OpenHours& open : hours_)
        if (const int begin = std::max(from_min, open.from_min); begin + hands_min <= open.to_min)
            return begin;
    return std::nullopt;
}

std::optional<int> Calendar::after_min(int open_min) const {
    for (const OpenHours& open : hours_) {
        const int here = open.to_min - open.from_min;
        if (open_min <= here)
            return open.from_min + open_min;
        open_min -= here;
    }
    return std::nullopt;
}

int Calendar::shortest_min() const {
    int shortest = hours_.empty() ? 0 : never_min;
    for (const OpenHours& open : hours_)
        shortest = std::min(shortest, open.to_min - open.from_min);
    return shortest;
}

int Calendar::longest_min() const {
    int longest = 0;
    for (const OpenHours& open : hours_)
        longest = std::max(longest, open.to_min - open.from_min);
    return longest;
}

DayProblem cutToHours(DayProblem problem) {
    constexpr int leastPiece_min = 30;
    const Calendar calendar(problem.hours);
    // Half of the shortest stretch, so that little of it stays unused; where that is next to nothing, longer.
    const int most = std::min(std::max(leastPiece_min, calendar.shortest_min() / 2), calendar.longest_min());
    for (DayJob& job : problem.jobs) {
        std::vector<DayTask> pieces;
        for (DayTask task : job.tasks) {
            for (int left = most > 0 ? (task.hands_min + most - 1) / most : 1; left > 1; --left) {
                pieces.push_back({(task.hands_min + left - 1) / left, 0});
                task.hands_min -= pieces.back().hands_min;
            }
            pieces.push_back(task);
        }
        job.tasks = std::move(pieces);
    }
    return problem;
}

std::optional<DayPlan> planInOrder(const DayProblem& problem, const std::vector<std::size_t>& order) {
    const Calendar calendar(problem.hours);
    std::vector<int> free_min(static_cast<std::size_t>(std::max(1, problem.people)), 0), ready_min;
    std::vector<std::size_t> next(problem.jobs.size(), 0);
    std::size_t left = 0;
    for (const DayJob& job : problem.jobs) {
        ready_min.push_back(job.from_min);
        left += job.tasks.size();
    }
    std::vector<DaySlot> slots;
    for (; left > 0; --left) {
        const auto person = std::min_element(free_min.begin(), free_min.end());
        std::optional<DaySlot> chosen;
        for (const std::size_t job : order) {
            if (next[job] == problem.jobs[job].tasks.size())
                continue;
            const DayTask& task = problem.jobs[job].tasks[next[job]];
            const auto begin = calendar.begin_min(std::max(*person, ready_min[job]), task.hands_min);
            if (begin && (!chosen || *begin < chosen->from_min))
                chosen = DaySlot{job, next[job], 0, *begin, *begin + task.hands_min};
        }
        if (!chosen)
            return std::nullopt;
        *person = chosen->to_min;
        ready_min[chosen->job] = chosen->to_min + problem.jobs[chosen->job].tasks[chosen->task].wait_min;
        ++next[chosen->job];
        slots.push_back(*chosen);
    }
    return planOf(problem, std::move(slots));
}

std::optional<DayPlan> planByRule(const DayProblem& problem) {
    const Calendar calendar(problem.hours);
    std::optional<DayPlan> best;
    for (const auto& order : {sortedBy(problem, [](const DayJob& job) { return job.promised_min.value_or(never_min); }),
                              sortedBy(problem,
                                       [&](const DayJob& job) {
                                           const auto done = doneAlone_min(job, calendar);
                                           return job.promised_min && done ? *job.promised_min - *done : never_min;
                                       }),
                              sortedBy(problem, handsOf)})
        if (auto plan = planInOrder(problem, order); plan && (!best || plan->cost < best->cost))
            best = std::move(plan);
    return best;
}

DayPlan planOf(const DayProblem& problem, std::vector<DaySlot> slots) {
    std::stable_sort(slots.begin(), slots.end(),
                     [](const DaySlot& a, const DaySlot& b) { return a.from_min < b.from_min; });
    DayPlan plan;
    plan.done_min.resize(problem.jobs.size());
    for (std::size_t j = 0; j < problem.jobs.size(); ++j)
        plan.done_min[j] = problem.jobs[j].from_min;
    std::vector<int> free_min(static_cast<std::size_t>(std::max(1, problem.people)), 0), has(problem.jobs.size(), -1);
    for (DaySlot& slot : slots) {
        const auto isFree = [&](int person) {
            return person >= 0 && free_min[static_cast<std::size_t>(person)] <= slot.from_min;
        };
        slot.person = has[slot.job];
        for (int person = 0; person < static_cast<int>(free_min.size()) && !isFree(slot.person); ++person)
            slot.person = person;
        has[slot.job] = slot.person;
        free_min[static_cast<std::size_t>(slot.person)] = slot.to_min;
        plan.done_min[slot.job] = slot.to_min + problem.jobs[slot.job].tasks[slot.task].wait_min;
    }
    for (std::size_t j = 0; j < problem.jobs.size(); ++j)
        plan.cost += costOf(problem.jobs[j], plan.done_min[j]);
    plan.slots = std::move(slots);
    plan.bound = leastCost(problem);
    plan.proven = plan.cost <= plan.bound;
    return plan;
}

long leastCost(const DayProblem& problem) {
    const Calendar calendar(problem.hours);
    long alone = 0, late = 0;
    std::vector<int> hands;
    for (const DayJob& job : problem.jobs) {
        const int done = doneAlone_min(job, calendar).value_or(calendar.last_min());
        alone += costOf(job, done);
        late += costOf(job, done) - done;
        if (job.tasks.empty())
            late += done;
        else
            hands.push_back(handsOf(job));
    }
    // Whichever is done as the k-th: by then the k shortest have been worked on at least.
    std::sort(hands.begin(), hands.end());
    long together = late, worked = 0;
    for (const int each : hands) {
        worked += each;
        const long share = (worked + problem.people - 1) / std::max(1, problem.people);
        together += calendar.after_min(static_cast<int>(share)).value_or(calendar.last_min());
    }
    return std::max(alone, together);
}

} // namespace flenzo
