// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "paint/scene.h"

namespace flenzo {

/// What an act did to every string, in cents: by the plate's tilt and by the string's own length.
struct MovedStrings {
    struct String {
        QString name;
        double plate_cents = 0.0, own_cents = 0.0;
        bool touched = false;
    };
    QString act; ///< what was done, in words; empty: nothing yet
    double tilt_deg = 0.0;
    std::vector<String> strings;
};

/// A bar a string: thin the plate's share, thick its own, to the right sharp and to the left flat.
[[nodiscard]] Scene buildMovement(const MovedStrings& moved, const QSizeF& size, double textScale);

} // namespace flenzo
