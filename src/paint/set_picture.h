// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "paint/scene.h"

namespace flenzo {

/// New strings laid out in their order, each as thick as it is beside the others.
struct LaidSet {
    struct String {
        QString name, gauge;
        double gauge_m = 0.0;
        bool wound = false;
        bool likeNext = false; ///< easily swapped with the one after it
    };
    std::vector<String> strings; ///< the thickest first
};
[[nodiscard]] Scene buildLaidSet(const LaidSet& set, const QSizeF& size, double textScale);

/// The end of one string: where it is cut, and which end goes where.
struct BallEnd {
    enum class Kind { CutOff, Reversed } kind = Kind::CutOff;
    QString length; ///< from the ball, where that is measured
};
[[nodiscard]] Scene buildBallEnd(const BallEnd& end, const QSizeF& size, double textScale);

} // namespace flenzo
