// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "paint/scene.h"

#include <optional>

namespace flenzo {

/// Readings of every string pass by pass.
struct PassReadings {
    QStringList columns; ///< what was said of each column: start, pass 1, …
    struct Line {
        QString name;
        std::vector<std::optional<double>> cents; ///< one a column; none where nobody knows
    };
    std::vector<Line> lines;
    double tolerance_cents = 2.0;
};

/// One line a string over the passes, the scale straight within ten cents and by tenfold steps beyond; the band is what
/// the goal allows.
[[nodiscard]] Scene buildPassChart(const PassReadings& readings, const QSizeF& size, double textScale);

} // namespace flenzo
