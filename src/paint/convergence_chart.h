// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "paint/scene.h"

#include <optional>

namespace flenzo {

/// Progress to pitch: every string and the plate after each act, and what is still to come.
struct Convergence {
    struct Point {
        double value = 0.0;
        bool read = false; ///< somebody read it, else it is calculated
    };
    struct Act {
        QString words; ///< what was done
        enum class Kind { Start, Peg, Claw, Read, Other } kind = Kind::Other;
    };
    struct Line {
        QString name;
        std::vector<std::optional<Point>> cents; ///< one an act; none where nobody knows
    };
    std::vector<Act> acts; ///< the start, then what was done, left to right
    std::vector<Line> strings;
    std::vector<std::optional<Point>> plate_deg; ///< from where it is to be, forward positive; empty: does not count
    double tolerance_cents = 2.0, tolerance_deg = 0.2;
    double likelyActs = 0.0, mostActs = 0.0; ///< still to come, by the forecast; 0: nothing
    std::optional<std::size_t> asked;        ///< the string that the next act is for
};

/// Acts from left to right: each string's cents as a line, points where it was read, claw visits as marks, the forecast
/// as a band that narrows into the tolerance, the plate on a track of its own. The scale is straight near zero and by
/// tenfold steps further out.
[[nodiscard]] Scene buildConvergence(const Convergence& way, const QSizeF& size, double textScale);

} // namespace flenzo
