// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "store/logbook.h"

namespace flenzo {

/// What something took in this shop, over so many jobs; minutes, as the times in the jobs' records tell.
struct TimeRow {
    QString name; ///< a step's, a person's, or of a method
    int jobs = 0;
    double median_min = 0.0, least_min = 0.0, most_min = 0.0;
    double whole_min = 0.0; ///< of all of them together
};

/// Jobs done one way against those done any other way.
struct MethodTime {
    QString topic, option;
    int jobs = 0, others = 0;
    double median_min = 0.0, othersMedian_min = 0.0;
    [[nodiscard]] double saved_min() const { return othersMedian_min - median_min; }
};

/// Where the minutes go.
struct ShopTimes {
    int jobs = 0;
    QList<TimeRow> steps, people; ///< the longest in all first
    QList<MethodTime> methods;    ///< what was done both ways often enough to tell; what saved most first
};
[[nodiscard]] ShopTimes timesOf(const std::vector<Job>& finished);

} // namespace flenzo
