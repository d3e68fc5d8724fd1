// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/base/units.h"
#include "paint/section.h"

#include <QCoreApplication>
#include <vector>

namespace flenzo {

inline constexpr double mm = metresPerMm; ///< sections are laid out in millimetres

/// Maps the guitar's frame to pixels: x to the right (towards the nut), y up, one scale for both.
struct ViewTransform {
    double left_m = 0.0, top_m = 0.0, pixelsPerMetre = 1.0;
    QPointF origin;
    [[nodiscard]] QPointF at(const Eigen::Vector2d& point_m) const;
    [[nodiscard]] QPolygonF polygon(const std::vector<Eigen::Vector2d>& points_m) const;
};

/// Words that the sections share.
struct SectionWords {
    Q_DECLARE_TR_FUNCTIONS(Section)
};

inline constexpr double topDepth_m = 40.0 * mm; ///< of the wood under a section; drawn, not modelled

/// The part of the guitar's frame between those edges (m), as large as it fits above a strip of that height (px).
[[nodiscard]] ViewTransform paperFor(const QSizeF& size, double left, double right, double top, double bottom,
                                     double strip);
/// String `i` along a path (m), dashed where it does not pull.
void drawStringAlong(Scene& scene, const SectionValues& v, const ViewTransform& paper, std::size_t i, double pull_N,
                     const std::vector<Eigen::Vector2d>& path);

/// What the parts of a section are called: a leader to each, its word at the end. `right` is the edge drawn (m).
void nameParts(Scene& scene, const SectionValues& v, const ViewTransform& paper, double font, double right);

/// The plate as it would be: forecast, so an outline, with its word at the rear edge where `font` leaves room.
void drawPlateOutline(Scene& scene, const SectionValues& v, const ViewTransform& paper,
                      const SectionValues::Outline& outline, double font);

/// From where to where the figure `v.span` is measured, over everything else; nothing where a section cannot show it.
void drawSpan(Scene& scene, const SectionValues& v, const ViewTransform& paper);

/// A measure with its two ends (px).
void drawMeasure(Scene& scene, const QPointF& from, const QPointF& to);

/// The roller shaft on the top: strings over the shaft, arm, and the spring that holds it up.
[[nodiscard]] Scene buildShaftSection(const SectionValues& values, const QSizeF& size);
/// A fixed bridge: nothing moves, strings only.
[[nodiscard]] Scene buildFixedSection(const SectionValues& values, const QSizeF& size);

} // namespace flenzo
