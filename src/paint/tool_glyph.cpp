// SPDX-License-Identifier: GPL-3.0-or-later
#include "paint/tool_glyph.h"

#include "paint/circle.h"

#include <algorithm>

namespace flenzo {

namespace {

/// A drawing in shares of a square.
class Glyph {
public:
    explicit Glyph(const QSizeF& size) {
        scene.size = size;
        side_ = std::min(size.width(), size.height());
        origin_ = {(size.width() - side_) / 2.0, (size.height() - side_) / 2.0};
    }
    [[nodiscard]] QPointF at(double x, double y) const { return origin_ + QPointF(x, y) * side_; }
    void box(double left, double top, double right, double bottom, ColourRole fill) {
        scene.area(QRectF(at(left, top), at(right, bottom)), fill, ColourRole::Text, 1.4);
    }
    void line(const std::vector<QPointF>& points, double width = 2.2) {
        QPolygonF polygon;
        for (const QPointF& point : points)
            polygon.append(at(point.x(), point.y()));
        scene.line(polygon, ColourRole::Text, width);
    }
    void ring(double x, double y, double radius, ColourRole fill) {
        scene.area(circleAt(at(x, y), radius * side_), fill, ColourRole::Text, 1.4);
    }
    Scene scene;

private:
    double side_ = 0.0;
    QPointF origin_;
};

void drawSmall(Glyph& g, ToolKind tool) {
    switch (tool) {
    case ToolKind::Glasses:
        g.ring(0.28, 0.56, 0.17, ColourRole::Sheet);
        g.ring(0.72, 0.56, 0.17, ColourRole::Sheet);
        g.line({{0.45, 0.54}, {0.55, 0.54}});
        g.line({{0.11, 0.52}, {0.06, 0.3}});
        g.line({{0.89, 0.52}, {0.94, 0.3}});
        break;
    case ToolKind::Winder:
        g.line({{0.2, 0.75}, {0.2, 0.3}, {0.7, 0.3}});
        g.box(0.66, 0.2, 0.86, 0.42, ColourRole::Metal);
        g.ring(0.2, 0.78, 0.08, ColourRole::Wood);
        break;
    case ToolKind::Cutters:
        g.line({{0.2, 0.9}, {0.5, 0.45}, {0.62, 0.12}}, 3.0);
        g.line({{0.8, 0.9}, {0.5, 0.45}, {0.38, 0.12}}, 3.0);
        g.ring(0.5, 0.45, 0.06, ColourRole::Metal);
        break;
    case ToolKind::Tuner:
        g.box(0.14, 0.24, 0.86, 0.72, ColourRole::Sheet);
        g.line({{0.5, 0.32}, {0.5, 0.64}}, 1.4);
        g.box(0.62, 0.42, 0.74, 0.54, ColourRole::Metal);
        g.line({{0.4, 0.72}, {0.4, 0.88}, {0.6, 0.88}, {0.6, 0.72}}, 2.6);
        break;
    case ToolKind::HexKey:
        g.line({{0.24, 0.16}, {0.24, 0.76}, {0.84, 0.76}}, 4.0);
        break;
    case ToolKind::Screwdriver:
        g.line({{0.5, 0.92}, {0.5, 0.46}}, 3.0);
        g.box(0.38, 0.1, 0.62, 0.46, ColourRole::Wood);
        break;
    case ToolKind::Block:
        g.box(0.16, 0.42, 0.84, 0.72, ColourRole::Wood);
        g.line({{0.16, 0.5}, {0.84, 0.5}}, 1.0);
        break;
    case ToolKind::HeadRest:
        g.line({{0.1, 0.78}, {0.9, 0.78}});
        g.line({{0.2, 0.78}, {0.34, 0.4}, {0.5, 0.58}, {0.66, 0.4}, {0.8, 0.78}});
        break;
    default:
        break;
    }
}

void drawRest(Glyph& g, ToolKind tool) {
    switch (tool) {
    case ToolKind::Pliers:
        g.line({{0.24, 0.92}, {0.46, 0.5}, {0.46, 0.08}}, 3.0);
        g.line({{0.76, 0.92}, {0.54, 0.5}, {0.54, 0.08}}, 3.0);
        g.ring(0.5, 0.5, 0.07, ColourRole::Metal);
        break;
    case ToolKind::Tin:
        g.box(0.22, 0.36, 0.78, 0.86, ColourRole::Metal);
        g.box(0.18, 0.28, 0.82, 0.36, ColourRole::Metal);
        g.line({{0.44, 0.2}, {0.5, 0.06}, {0.54, 0.22}}, 1.4);
        break;
    case ToolKind::Lamp:
        g.line({{0.3, 0.9}, {0.7, 0.9}}, 3.0);
        g.line({{0.5, 0.9}, {0.3, 0.56}, {0.58, 0.3}});
        g.line({{0.48, 0.18}, {0.82, 0.44}, {0.86, 0.2}, {0.66, 0.08}, {0.48, 0.18}}, 1.8);
        break;
    case ToolKind::Caliper:
        g.box(0.12, 0.3, 0.88, 0.42, ColourRole::Metal);
        g.line({{0.18, 0.42}, {0.18, 0.78}}, 3.0);
        g.line({{0.5, 0.42}, {0.5, 0.78}}, 3.0);
        break;
    case ToolKind::Ruler:
        g.box(0.08, 0.4, 0.92, 0.62, ColourRole::Sheet);
        for (int k = 1; k < 9; ++k)
            g.line({{0.08 + 0.093 * k, 0.4}, {0.08 + 0.093 * k, k % 2 == 0 ? 0.54 : 0.48}}, 1.2);
        break;
    case ToolKind::Tray:
        g.line({{0.1, 0.4}, {0.2, 0.74}, {0.8, 0.74}, {0.9, 0.4}}, 2.6);
        g.ring(0.42, 0.62, 0.05, ColourRole::Metal);
        g.ring(0.56, 0.64, 0.05, ColourRole::Metal);
        break;
    case ToolKind::Cloth:
        g.line({{0.14, 0.3}, {0.5, 0.22}, {0.86, 0.32}, {0.8, 0.76}, {0.46, 0.68}, {0.18, 0.8}, {0.14, 0.3}});
        break;
    case ToolKind::Spares:
        g.ring(0.5, 0.5, 0.34, ColourRole::Sheet);
        g.ring(0.5, 0.5, 0.26, ColourRole::Sheet);
        g.line({{0.78, 0.66}, {0.92, 0.84}});
        break;
    case ToolKind::Oil:
        g.box(0.32, 0.4, 0.68, 0.88, ColourRole::Wood);
        g.line({{0.44, 0.4}, {0.5, 0.12}, {0.56, 0.4}});
        break;
    case ToolKind::Wool:
        for (int k = 0; k < 5; ++k)
            g.line({{0.16 + 0.14 * k, 0.3}, {0.24 + 0.14 * k, 0.5}, {0.14 + 0.14 * k, 0.72}}, 1.6);
        break;
    default:
        break;
    }
}

} // namespace

Scene buildToolGlyph(ToolKind tool, const QSizeF& size) {
    Glyph glyph(size);
    drawSmall(glyph, tool);
    drawRest(glyph, tool);
    return std::move(glyph.scene);
}

} // namespace flenzo
