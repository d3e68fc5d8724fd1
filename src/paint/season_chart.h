// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "paint/scene.h"

#include <QDate>

namespace flenzo {

/// When each guitar was strung and when it is due: weeks across, guitars down.
struct Season {
    struct Guitar {
        QString name;
        QList<QDate> strung; ///< jobs that were finished
        QDate due;
    };
    QDate today;
    int weeksBack = 20, weeksAhead = 16;
    QList<Guitar> guitars;
};

/// Height that so many guitars want, in pixels.
[[nodiscard]] double seasonHeight(const Season& season, double textScale);
[[nodiscard]] Scene buildSeason(const Season& season, const QSizeF& size, double textScale);

} // namespace flenzo
