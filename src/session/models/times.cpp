// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/models/times.h"

#include "core/base/quantile.h"
#include "domain/methods/methods.h"
#include "session/models/pace.h"

#include <algorithm>
#include <map>

namespace flenzo {

namespace {

constexpr std::size_t leastJobs = 3; ///< of a way and of the others, before they are compared

QList<TimeRow> rowsOf(const std::map<QString, std::vector<double>>& samples) {
    QList<TimeRow> rows;
    for (const auto& [name, minutes] : samples) {
        TimeRow row{name, static_cast<int>(minutes.size()), quantile(minutes, 0.5), 0.0, 0.0, 0.0};
        row.least_min = *std::min_element(minutes.begin(), minutes.end());
        row.most_min = *std::max_element(minutes.begin(), minutes.end());
        for (const double each : minutes)
            row.whole_min += each;
        rows.append(row);
    }
    std::stable_sort(rows.begin(), rows.end(),
                     [](const TimeRow& a, const TimeRow& b) { return a.whole_min > b.whole_min; });
    return rows;
}

} // namespace

ShopTimes timesOf(const std::vector<Job>& finished) {
    ShopTimes times;
    std::map<QString, std::vector<double>> steps, people;
    std::map<QString, std::map<QString, std::vector<double>>> methods;
    for (const Job& job : finished) {
        double whole = 0.0;
        std::map<QString, double> ofStep; // one step may have been done twice
        for (const StepMinutes& step : stepMinutesOf(job)) {
            ofStep[step.step] += step.minutes;
            whole += step.minutes;
        }
        if (whole <= 0.0)
            continue;
        ++times.jobs;
        for (const auto& [step, minutes] : ofStep)
            steps[step].push_back(minutes);
        people[job.work.technician].push_back(whole);
        for (const MethodTopic& topic : methodTopics())
            if (topic.appliesTo(job))
                methods[topic.name][chosenMethod(job, topic.name)].push_back(whole);
    }
    times.steps = rowsOf(steps);
    times.people = rowsOf(people);
    for (const auto& [topic, ways] : methods)
        for (const auto& [option, minutes] : ways) {
            std::vector<double> others;
            for (const auto& [other, theirs] : ways)
                if (other != option)
                    others.insert(others.end(), theirs.begin(), theirs.end());
            if (minutes.size() >= leastJobs && others.size() >= leastJobs)
                times.methods.append({topic, option, static_cast<int>(minutes.size()), static_cast<int>(others.size()),
                                      quantile(minutes, 0.5), quantile(others, 0.5)});
        }
    std::stable_sort(times.methods.begin(), times.methods.end(),
                     [](const MethodTime& a, const MethodTime& b) { return a.saved_min() > b.saved_min(); });
    return times;
}

} // namespace flenzo
