// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "paint/scene.h"

namespace flenzo {

/// Where a shown figure comes from. It carries the same mark in every table, chart and drawing: a solid disc is
/// measured, a hollow one calculated, a dotted one assumed.
enum class Provenance { Measured, Calculated, Assumed };

[[nodiscard]] QString provenanceName(Provenance of); ///< "measured"
/// Its mark with that height of text beside it.
void addProvenance(Scene& scene, const QPointF& centre, Provenance of, double textPixels,
                   ColourRole ink = ColourRole::Text);
/// Words with the mark before them, from `at` to the right, as `Scene::text` without it.
Mark& textWithProvenance(Scene& scene, const QPointF& at, Provenance of, const QString& words, ColourRole ink,
                         double pixels);
/// The mark alone, for a painter's table cells.
void paintProvenance(QPainter& painter, const QPointF& centre, Provenance of, double textPixels, const Theme& theme);

} // namespace flenzo
