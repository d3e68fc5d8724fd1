// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "paint/theme.h"

#include <QPainter>
#include <QPolygonF>
#include <QString>
#include <optional>
#include <vector>

namespace flenzo {

/// One mark of a picture, in pixels of the scene. Pictures are lists of these, so that painting, tooltips, screen
/// readers and tests all read the same thing.
struct Mark {
    enum class Shape { Area, Line, Text };
    Shape shape = Shape::Line;
    QPolygonF points;                 ///< Area: outline; Line: polyline; Text: one point
    std::optional<ColourRole> fill;   ///< Area
    std::optional<ColourRole> stroke; ///< outline, line or text colour
    double width = 1.5;
    bool dashed = false;
    bool arrow = false;   ///< Line: head at the last point
    QString text;         ///< Text
    double pixels = 14.0; ///< Text: height
    bool bold = false;
    Qt::Alignment align = Qt::AlignLeft | Qt::AlignVCenter; ///< of the text about its point
    QString id;                                             ///< what it shows, for tests and hits
    QString tip;                                            ///< what to say when pointed at
};

struct Scene {
    QSizeF size;
    ColourRole ground = ColourRole::Sheet;
    std::vector<Mark> marks;
    QString description; ///< the picture in one or two sentences, for a screen reader

    /// A picture that has nothing to show yet, and says so.
    [[nodiscard]] static Scene empty(const QSizeF& size, const QString& why, double pixels);
    Mark& area(const QPolygonF& outline, ColourRole fill, std::optional<ColourRole> stroke = std::nullopt,
               double width = 1.5);
    Mark& line(const QPolygonF& points, ColourRole ink, double width = 1.5);
    Mark& text(const QPointF& at, const QString& text, ColourRole ink, double pixels, Qt::Alignment align);
    [[nodiscard]] const Mark* find(const QString& id) const;
    /// The topmost mark with a tip at a point; lines count within 6 pixels.
    [[nodiscard]] const Mark* hit(const QPointF& at) const;
};

void paint(QPainter& painter, const Scene& scene, const Theme& theme);
/// Without the ground, over what is there.
void paintMarks(QPainter& painter, const Scene& scene, const Theme& theme);

} // namespace flenzo
