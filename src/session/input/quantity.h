// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/base/display_units.h"
#include "core/statics/rig.h"
#include "domain/base/fault.h"
#include "domain/base/range.h"

#include <optional>

namespace flenzo {

/// What a typed figure measures.
enum class Dimension {
    Number,
    Length,
    Gauge, ///< a string's thickness, where a bare number says by its size what it is
    Angle,
    Force,
    SpringRate,
    Mass,
    UnitMass,
    Moment,
    AngularRate,
    Turns,
    Cents,
    Frequency
};

/// A number as people type it: comma or point, a typographic minus, a fraction ("2 1/4"), no exponent.
[[nodiscard]] std::optional<double> parseNumber(QString text);

/// Every typed figure is read here: a number and, if it has one, its unit, in SI (cents and turns as they are). Without
/// a unit it is in the one the user chose for its dimension. A bare gauge of 6 and more is thousandths, one below 0.12
/// inches, any between millimetres: no string is two of them. The fault says what was typed and how to type it.
[[nodiscard]] Result<double> parseQuantity(const QString& text, Dimension dimension, const Units& units,
                                           const QString& field);
/// The same, and within a range given in the units of files; the fault names the range in the user's.
[[nodiscard]] Result<double> parseQuantity(const QString& text, Dimension dimension, const Units& units,
                                           const QString& field, const Range& range);

/// A plate's angle, typed as one or, with its unit, as the gap that a ruler shows under the rear edge.
[[nodiscard]] Result<double> parsePlateAngle(const QString& text, const Bridge& bridge, const QString& field,
                                             const Range& range);

/// SI per unit of files and ranges.
[[nodiscard]] double fileUnit(Dimension dimension);
/// SI per unit on the screen, and its sign as shown.
[[nodiscard]] double shownUnit(Dimension dimension, const Units& units);
[[nodiscard]] QString unitName(Dimension dimension, const Units& units);

} // namespace flenzo
