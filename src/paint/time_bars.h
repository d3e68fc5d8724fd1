// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "paint/scene.h"

namespace flenzo {

/// Where minutes go, a bar each: from the least to the most, with the median across it and, beside it, the median times
/// the jobs that had it.
struct TimeBars {
    struct Bar {
        QString name;
        double median_min = 0.0, least_min = 0.0, most_min = 0.0;
        int jobs = 0;
    };
    QList<Bar> bars;
};
[[nodiscard]] double timeBarsHeight(const TimeBars& times, double textScale);
[[nodiscard]] Scene buildTimeBars(const TimeBars& times, const QSizeF& size, double textScale);

} // namespace flenzo
