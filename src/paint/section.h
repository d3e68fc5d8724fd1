// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/statics/equilibrium.h"
#include "core/statics/level.h"
#include "language/figures.h"
#include "paint/scene.h"

namespace flenzo {

/// What the side section shows. Its own copies: a picture that is only resized is drawn again from them, when the job
/// they came from may be gone.
struct SectionValues {
    Rig rig;
    State state; ///< as it is to be drawn
    Goal goal;
    Units units;
    bool angleMeasured = false;
    double textScale = 1.0;
    /// The plate as it would be, drawn as outlines with their words.
    struct Outline {
        double angle_rad = 0.0;
        QString words;
    };
    std::vector<Outline> outlines = {};
    bool labels = false;    ///< the parts named, with leaders
    QString span = {};      ///< the figure whose ends are shown, by its key among the figures; empty: none
    std::size_t spanAt = 0; ///< of which spring or string
    bool bare = false;      ///< the bridge alone, without figures and words
};

/// The bridge from the side, to scale, nut to the right: body and cavity, posts, plate, block, springs, claw, saddles
/// and strings as the model has them, the two moments that fight and the angle where they settle.
[[nodiscard]] Scene buildSection(const SectionValues& values, const QSizeF& size);

} // namespace flenzo
