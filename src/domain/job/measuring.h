// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/job/job.h"

namespace flenzo {

/// One thing a shop may measure with, and how sure it is.
struct MeasuringTool {
    QString name;
    const char* plainTitle; ///< before it is translated
    double deviation;       ///< cents, metres of gap or radians, as `kind` says; 0: not told
    enum class Kind { NotTold, Cents, Gap, Angle } kind;
    [[nodiscard]] QString title() const;
};
/// What pitch is read with and what level is judged by; the first is "not told". How near to its aim a string is left
/// is learned (`core/log/nearness.h`).
[[nodiscard]] const QList<MeasuringTool>& tunersInUse();
[[nodiscard]] const QList<MeasuringTool>& levelTools();
/// Which of them a job has; one that is none of them counts as the nearest.
[[nodiscard]] int tunerOf(const Tools& tools);
[[nodiscard]] int levelToolOf(const Tools& tools);
void chooseTuner(Tools& tools, int which);
void chooseLevelTool(Tools& tools, int which);

/// The plate as an eye along it sees it, and the reading that makes: coarse, and said to be.
enum class PlateByEye { Sunk, Level, Forward };
[[nodiscard]] double angleSeen_rad(PlateByEye seen);
[[nodiscard]] Event lookedAt(PlateByEye seen);
/// Of somebody who says how far, too: as sure as an eye is, whatever else level is judged by.
[[nodiscard]] Event lookedAt(double angle_rad);

/// What cannot be promised because the tools are coarser than the tolerances, and what would do; empty when they do.
[[nodiscard]] QString toolsNote(const Job& job);

/// The shop's tools as lines of its settings, and back; lines of other things are passed over.
[[nodiscard]] QString toolLines(const Tools& tools);
void applyToolLines(Tools& tools, const QString& lines);

} // namespace flenzo
