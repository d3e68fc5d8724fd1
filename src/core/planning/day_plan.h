// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <vector>

namespace flenzo {

// All times of a day's plan are whole minutes from the moment it is made.

/// One stretch of somebody's work on a job, and how long the guitar then has to be left alone.
struct DayTask {
    int hands_min = 0, wait_min = 0;
    bool operator==(const DayTask&) const = default;
};
/// A job with what remains of it, in order.
struct DayJob {
    std::vector<DayTask> tasks;
    int from_min = 0;                ///< not before that
    std::optional<int> promised_min; ///< when its owner was told to come
};
struct OpenHours {
    int from_min = 0, to_min = 0;
};
struct DayProblem {
    std::vector<DayJob> jobs;
    std::vector<OpenHours> hours; ///< of the shop, in order and apart, far enough for all of it
    int people = 1;
};

/// Somebody at one task.
struct DaySlot {
    std::size_t job = 0, task = 0;
    int person = 0, from_min = 0, to_min = 0;
    bool operator==(const DaySlot&) const = default;
};
struct DayPlan {
    std::vector<DaySlot> slots; ///< by time
    std::vector<int> done_min;  ///< for each job, when its owner may have it
    long cost = 0;              ///< minutes until each is done, and `perLate` for each minute beyond a promise
    long bound = 0;             ///< that no plan costs less than
    bool proven = false;        ///< no plan costs less than this one
};
inline constexpr long perLate = 50; ///< what a minute beyond a promise weighs against a minute of any other job

/// The hours of a problem, as pieces of work fit into them.
class Calendar {
public:
    explicit Calendar(const std::vector<OpenHours>& hours) : hours_(hours) {}
    /// When a task of that length can begin, not before `from_min`; nothing where it fits nowhere.
    [[nodiscard]] std::optional<int> begin_min(int from_min, int hands_min) const;
    /// When that many minutes of open time have gone by; nothing where there are not so many.
    [[nodiscard]] std::optional<int> after_min(int open_min) const;
    [[nodiscard]] int shortest_min() const; ///< stretch
    [[nodiscard]] int longest_min() const;
    [[nodiscard]] int last_min() const { return hours_.empty() ? 0 : hours_.back().to_min; }

private:
    const std::vector<OpenHours>& hours_;
};

/// Long tasks in pieces, as breaks and evenings cut them: none longer than half of the shortest stretch of open hours.
[[nodiscard]] DayProblem cutToHours(DayProblem problem);

/// The plan that follows from an order of the jobs: whenever somebody is free, the first of them that can go on.
/// Nothing where the hours do not suffice. Validity: a problem cut to its hours.
[[nodiscard]] std::optional<DayPlan> planInOrder(const DayProblem& problem, const std::vector<std::size_t>& order);
/// The best of the usual orders: by promise, by slack, the short ones first.
[[nodiscard]] std::optional<DayPlan> planByRule(const DayProblem& problem);

/// Cost and ends of slots that were placed, and who does each: whoever has the guitar already, where they are free.
[[nodiscard]] DayPlan planOf(const DayProblem& problem, std::vector<DaySlot> slots);
/// What no plan can cost less than: each job as if it were alone, and all of them as if one could be cut at will.
[[nodiscard]] long leastCost(const DayProblem& problem);

} // namespace flenzo
