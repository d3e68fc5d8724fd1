// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "language/figures.h"
#include "paint/scene.h"

namespace flenzo {

/// How hard each string pulled and will pull.
struct PullBars {
    struct Bar {
        QString name;
        double before_N = 0.0, after_N = 0.0;
    };
    std::vector<Bar> bars;
    Units units;
};

/// A pair of bars a string, the old set thin over the new one thick, with what changes; the sums below.
[[nodiscard]] Scene buildPullBars(const PullBars& pulls, const QSizeF& size, double textScale);

} // namespace flenzo
