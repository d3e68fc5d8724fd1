// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "paint/scene.h"

namespace flenzo {

/// A day of a shop: a lane for each person, what they are at from when to when, and when the shop is closed.
struct DayPicture {
    struct Piece {
        int person = 0;
        double from_h = 0.0, to_h = 0.0; ///< hours of the day
        QString name;
        bool late = false; ///< it belongs to a job that is done after it was promised
        QString tip;
    };
    struct Closed {
        double from_h = 0.0, to_h = 0.0;
    };
    int people = 1;
    double from_h = 9.0, to_h = 18.0; ///< of the picture
    double now_h = -1.0;              ///< before the picture: not drawn
    QList<Piece> pieces;
    QList<Closed> closed;
    QString empty; ///< what to say where nobody has anything to do
};
[[nodiscard]] Scene buildDayPicture(const DayPicture& day, const QSizeF& size, double textScale);

} // namespace flenzo
