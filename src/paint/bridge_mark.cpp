// SPDX-License-Identifier: GPL-3.0-or-later
#include "paint/bridge_mark.h"

#include "paint/circle.h"

#include <algorithm>

namespace flenzo {

namespace {

/// Draws on a page of 100 by 58.
class Mark100 {
public:
    Mark100(const FamilyTraits& has, const QSizeF& size)
        : has_(has), wide_(size.width() / 100.0), high_(size.height() / 58.0) {
        scene_.size = size;
    }

    Scene make() {
        area({{0, bodyTop}, {100, bodyTop}, {100, 58}, {0, 58}}, ColourRole::Wood, ColourRole::WoodEdge, 1.0);
        switch (has_.motion) {
        case Motion::Shaft:
            shaft();
            break;
        case Motion::None:
            fixed();
            break;
        case Motion::KnifeEdge:
            plate();
            carriers();
            break;
        }
        nut();
        return std::move(scene_);
    }

private:
    static constexpr double bodyTop = 36.0, stringAt = 17.0, nutAt = 84.0;

    [[nodiscard]] QPointF at(const QPointF& point) const { return {point.x() * wide_, point.y() * high_}; }
    void area(const QPolygonF& outline, ColourRole fill, ColourRole edge = ColourRole::MetalEdge, double width = 1.5) {
        QPolygonF points;
        for (const QPointF& point : outline)
            points.append(at(point));
        scene_.area(points, fill, edge, width);
    }
    void box(double left, double top, double right, double bottom, ColourRole fill = ColourRole::Metal) {
        area({{left, top}, {right, top}, {right, bottom}, {left, bottom}}, fill);
    }
    void line(const QPolygonF& points, ColourRole ink, double width) {
        QPolygonF placed;
        for (const QPointF& point : points)
            placed.append(at(point));
        scene_.line(placed, ink, width);
    }
    void disc(const QPointF& centre, double radius, ColourRole fill = ColourRole::Metal) {
        scene_.area(circleAt(at(centre), radius * std::min(wide_, high_)), fill, ColourRole::MetalEdge, 1.5);
    }

    /// A plate on its edge: in a recess, on the face, or a little above it; what tunes or clamps at its rear.
    void plate() {
        const bool recessed = has_.clampsAtSaddle && !has_.divesOnly;
        const double under = has_.divesOnly ? bodyTop : recessed ? bodyTop - 1.0 : bodyTop - 5.0, over = under - 5.0;
        if (recessed)
            area({{4, bodyTop}, {48, bodyTop}, {48, 48}, {4, 48}}, ColourRole::Cavity, ColourRole::WoodEdge, 1.0);
        box(10, over, 48, under);
        area({{24, over}, {40, over}, {40, stringAt}, {37, stringAt}}, ColourRole::Metal);
        line({{39, stringAt}, {nutAt, stringAt}}, ColourRole::Strings, 2.5);
        if (has_.clampsAtSaddle) { // a long clamp screw and a fine tuner standing up
            box(12, over - 4.0, 26, over - 1.0, ColourRole::MetalEdge);
            box(11, over - 11.0, 15, over - 2.0);
        } else if (has_.tunersAtBridge) {
            box(1, over - 8.0, 10, under + 2.0);
            for (const double x : {3.0, 5.5, 8.0})
                line({{x, over - 7.0}, {x, under + 1.0}}, ColourRole::MetalEdge, 1.2);
        } else { // strings come up through it
            line({{38, stringAt + 1.0}, {33, under}, {33, 56}}, ColourRole::Strings, 2.0);
            box(29, under, 37, 57, ColourRole::Metal);
        }
    }

    /// From above: what the plate tips on.
    void carriers() {
        box(56, 39, 78, 57, ColourRole::Sheet);
        constexpr int screws = 6;
        if (has_.onScrews)
            for (int k = 0; k < screws; ++k)
                disc({60.0, 41.0 + 14.0 * k / (screws - 1.0)}, 1.4, ColourRole::MetalEdge);
        else
            for (const double y : {43.0, 53.0})
                disc({61.0, y}, 3.6, ColourRole::MetalEdge);
    }

    void shaft() {
        box(6, 31, 34, bodyTop);
        disc({16, 24}, 8.0);
        line({{8, 29}, {9, 19}, {16, 16}, {nutAt, stringAt}}, ColourRole::Strings, 2.5);
        line({{16, 24}, {36, 22}, {72, 5}}, ColourRole::MetalEdge, 4.0);
        QPolygonF coil;
        for (int k = 0; k <= 8; ++k)
            coil.append({k % 2 == 0 ? 27.0 : 33.0, 31.0 - k});
        line(coil, ColourRole::Springs, 2.0);
    }

    void fixed() {
        box(20, 28, 44, bodyTop);
        area({{28, 28}, {40, 28}, {40, stringAt}, {37, stringAt}}, ColourRole::Metal);
        line({{12, bodyTop}, {20, 30}, {39, stringAt}, {nutAt, stringAt}}, ColourRole::Strings, 2.5);
    }

    /// Caps on bolts, a clamp for each string where the neck ends, or bare slots with a string post behind.
    void nut() {
        area({{66, 24}, {100, 24}, {100, 32}, {66, 32}}, ColourRole::Wood, ColourRole::WoodEdge, 1.0);
        box(nutAt, stringAt, nutAt + 6, 24, ColourRole::Sheet);
        if (has_.tunersAtBridge) {
            box(nutAt, stringAt - 4, nutAt + 14, 24);
            disc({nutAt + 10, stringAt - 1.0}, 2.0, ColourRole::MetalEdge);
            return;
        }
        if (!has_.opensAtNut) {
            box(nutAt - 1, stringAt - 6, nutAt + 8, stringAt);
            box(nutAt + 2, stringAt - 11, nutAt + 5, stringAt - 6, ColourRole::MetalEdge);
        }
        line({{nutAt + 6, stringAt}, {97, 23}}, ColourRole::Strings, 2.0);
        disc({97, 21}, 2.6);
    }

    const FamilyTraits& has_;
    double wide_, high_;
    Scene scene_;
};

} // namespace

Scene buildBridgeMark(const FamilyTraits& has, const QSizeF& size) {
    return Mark100(has, size).make();
}

} // namespace flenzo
