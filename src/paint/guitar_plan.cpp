// SPDX-License-Identifier: GPL-3.0-or-later
#include "paint/guitar_plan.h"

#include "paint/circle.h"

#include <QCoreApplication>
#include <algorithm>
#include <cmath>
#include <numbers>

namespace flenzo {

namespace {

struct GuitarPlanWords {
    Q_DECLARE_TR_FUNCTIONS(GuitarPlan)
};

using Spot = GuitarPlan::Spot;
using Look = GuitarPlan::StringLook;

// Places along the guitar in shares of its length, drawn to no scale but in the right order.
constexpr double bridgeX = 0.24, neckX = 0.44, nutX = 0.80, headX = 0.985;
constexpr double stringsFrom = 0.44, stringsTo = 0.56; // across

class Plan {
public:
    Plan(const GuitarPlan& plan, const QSizeF& size, double textScale) : plan_(plan), font_(13.5 * textScale) {
        scene_.size = size;
        constexpr double widest = 3.2;
        const double foot = font_ * (0.8 + 1.45 * static_cast<double>(plan.marks.size()));
        const double high = std::max(60.0, size.height() - foot - 10.0);
        const double wide = std::min(size.width() - 20.0, high * widest);
        room_ = QRectF((size.width() - wide) / 2.0, 6.0, wide, std::min(high, wide / 2.0));
        words_y_ = room_.bottom() + font_;
    }

    Scene make() {
        drawBody();
        drawNeck();
        drawHead();
        drawStrings();
        drawBridge();
        for (std::size_t k = 0; k < plan_.marks.size(); ++k)
            mark(k);
        describe();
        return std::move(scene_);
    }

private:
    [[nodiscard]] QPointF at(double x, double y) const {
        return {room_.left() + room_.width() * x, room_.top() + room_.height() * (plan_.leftHanded ? 1.0 - y : y)};
    }
    [[nodiscard]] QPolygonF box(double left, double top, double right, double bottom) const {
        return QPolygonF{at(left, top), at(right, top), at(right, bottom), at(left, bottom)};
    }
    [[nodiscard]] QPolygonF round(double x, double y, double radius_px) const { return circleAt(at(x, y), radius_px); }

    /// A plain round-shouldered body of our own, its waist nearer the neck.
    void drawBody() {
        QPolygonF outline;
        constexpr int steps = 72;
        for (int i = 0; i < steps; ++i) {
            const double a = 2.0 * std::numbers::pi * i / steps;
            const double along = 0.245 - 0.225 * std::cos(a);
            const double waist = 0.07 * std::exp(-std::pow((along - 0.27) / 0.06, 2));
            const double half = 0.46 * std::pow(std::abs(std::sin(a)), 0.62) - waist;
            outline.append(at(along, 0.5 + (std::sin(a) < 0.0 ? -half : half)));
        }
        scene_.area(outline, ColourRole::Wood, ColourRole::WoodEdge, 2.0).id = QStringLiteral("body");
        for (const double x : {0.315, 0.395})
            scene_.area(box(x, 0.38, x + 0.028, 0.62), ColourRole::Cavity, ColourRole::WoodEdge);
    }
    void drawNeck() {
        scene_.area(QPolygonF{at(neckX, 0.415), at(nutX, 0.435), at(nutX, 0.565), at(neckX, 0.585)},
                    ColourRole::WoodEdge, ColourRole::WoodEdge);
        double fret = nutX;
        for (int f = 0; f < 17; ++f) { // each a twelfth root nearer to the bridge
            fret = bridgeX + (fret - bridgeX) / std::pow(2.0, 1.0 / 12.0);
            if (fret > neckX)
                scene_.line({at(fret, 0.43), at(fret, 0.57)}, ColourRole::MetalEdge, 1.0);
        }
    }
    void drawHead() {
        if (plan_.pegs == GuitarPlan::Pegs::AtBridge) {
            scene_.area(box(nutX, 0.42, nutX + 0.022, 0.58), ColourRole::Metal, ColourRole::MetalEdge);
            return;
        }
        const bool split = plan_.pegs == GuitarPlan::Pegs::Split;
        scene_.area(split ? QPolygonF{at(nutX, 0.435), at(nutX + 0.03, 0.36), at(headX, 0.38), at(headX, 0.62),
                                      at(nutX + 0.03, 0.64), at(nutX, 0.565)}
                          : QPolygonF{at(nutX, 0.435), at(nutX + 0.03, 0.34), at(headX, 0.31), at(headX, 0.46),
                                      at(nutX + 0.04, 0.60), at(nutX, 0.565)},
                    ColourRole::Wood, ColourRole::WoodEdge, 1.5);
        scene_.area(box(nutX - 0.004, 0.425, nutX + 0.006, 0.575), ColourRole::Metal, ColourRole::MetalEdge);
        for (std::size_t i = 0; i < plan_.strings.size(); ++i) {
            const auto [x, y] = postOf(i);
            scene_.area(round(x, y, std::max(3.0, room_.height() * 0.014)), ColourRole::Metal, ColourRole::MetalEdge);
        }
    }
    [[nodiscard]] std::pair<double, double> postOf(std::size_t i) const {
        const std::size_t n = plan_.strings.size();
        const bool split = plan_.pegs == GuitarPlan::Pegs::Split;
        const std::size_t bass = split ? (n + 1) / 2 : n;
        const bool onBass = i < bass;
        const std::size_t rank = onBass ? i : n - 1 - i;
        const double x = nutX + 0.045 + 0.13 * (static_cast<double>(rank) + 0.5) / static_cast<double>(bass);
        return {x, onBass ? (split ? 0.41 : 0.395 - 0.2 * (x - nutX)) : 0.59};
    }
    [[nodiscard]] double across(std::size_t i) const {
        return stringsFrom + (stringsTo - stringsFrom) * (static_cast<double>(i) + 0.5) /
                                 static_cast<double>(std::max<std::size_t>(1, plan_.strings.size()));
    }
    [[nodiscard]] QString nameOf(std::size_t i) const {
        return i < plan_.names.size() ? plan_.names[i] : QString::number(i + 1);
    }
    void drawStrings() {
        const std::size_t n = plan_.strings.size();
        for (std::size_t i = 0; i < n; ++i) {
            const Look look = plan_.strings[i];
            if (look == Look::Off)
                continue;
            const double y = across(i), weight = 2.4 - 1.4 * static_cast<double>(i) / static_cast<double>(n);
            const QPointF end =
                plan_.pegs == GuitarPlan::Pegs::AtBridge ? at(nutX, y) : at(postOf(i).first, postOf(i).second);
            const QPointF from = at(bridgeX, y), nut = at(nutX, y);
            if (look == Look::Cut) {
                scene_.line({from, at(0.50, y)}, ColourRole::Strings, weight);
                scene_.line({at(0.54, y), nut, end}, ColourRole::Strings, weight);
                continue;
            }
            Mark& mark = scene_.line({from, nut, end}, ColourRole::Strings, weight);
            mark.dashed = look == Look::Slack;
            mark.id = QStringLiteral("string-") + nameOf(i);
            mark.tip = look == Look::Slack ? GuitarPlanWords::tr("String %1 is slack").arg(nameOf(i))
                                           : GuitarPlanWords::tr("String %1 is tight").arg(nameOf(i));
        }
    }
    void drawBridge() {
        scene_.area(box(bridgeX - 0.045, 0.385, bridgeX + 0.012, 0.615), ColourRole::Metal, ColourRole::MetalEdge, 1.5)
            .id = QStringLiteral("bridge");
        for (const double y : {0.372, 0.628})
            scene_.area(round(bridgeX, y, std::max(3.0, room_.height() * 0.016)), ColourRole::MetalEdge);
        if (plan_.arm)
            scene_
                .line({at(bridgeX - 0.01, 0.63), at(bridgeX + 0.05, 0.69), at(bridgeX + 0.20, 0.71)},
                      ColourRole::MetalEdge, 4.0)
                .id = QStringLiteral("arm");
    }

    [[nodiscard]] QRectF placeOf(Spot spot) const {
        const auto area = [this](double left, double top, double right, double bottom) {
            return QRectF(at(left, top), at(right, bottom)).normalized();
        };
        switch (spot) {
        case Spot::Tuners:
            return plan_.pegs == GuitarPlan::Pegs::AtBridge ? area(bridgeX - 0.09, 0.38, bridgeX - 0.03, 0.62)
                                                            : area(nutX + 0.03, 0.29, headX, 0.66);
        case Spot::Nut:
            return area(nutX - 0.02, 0.39, nutX + 0.02, 0.61);
        case Spot::Fretboard:
            return area(neckX, 0.40, nutX, 0.60);
        case Spot::Pickups:
            return area(0.305, 0.36, 0.435, 0.64);
        case Spot::Bridge:
            return area(bridgeX - 0.055, 0.36, bridgeX + 0.02, 0.64);
        case Spot::Arm:
            return area(bridgeX - 0.02, 0.60, bridgeX + 0.21, 0.74);
        case Spot::Middle:
            return area(0.48, 0.42, 0.56, 0.58);
        case Spot::Ends:
            return plan_.pegs == GuitarPlan::Pegs::AtBridge ? area(nutX - 0.01, 0.40, nutX + 0.03, 0.60)
                                                            : area(nutX + 0.04, 0.30, headX, 0.62);
        case Spot::Posts:
            return area(bridgeX - 0.02, 0.34, bridgeX + 0.02, 0.66);
        }
        return {};
    }
    /// A numbered ring round the place, and its words below the guitar.
    void mark(std::size_t k) {
        const QRectF place = placeOf(plan_.marks[k].spot).adjusted(-3.0, -3.0, 3.0, 3.0);
        Mark& ring = scene_.line(QPolygonF(place), ColourRole::Focus, 3.0);
        ring.id = QStringLiteral("spot-%1").arg(k);
        ring.tip = plan_.marks[k].words;
        const QPointF tag = place.topLeft() + QPointF(0.0, -font_ * 0.2);
        scene_.area(QRectF(tag - QPointF(font_ * 0.75, font_ * 0.75), QSizeF(font_ * 1.5, font_ * 1.5)),
                    ColourRole::Focus);
        scene_.text(tag, QString::number(k + 1), ColourRole::Sheet, font_, Qt::AlignCenter).bold = true;
        const double y = words_y_ + font_ * 1.45 * static_cast<double>(k);
        const double left = std::max(14.0, room_.left());
        scene_.area(QRectF(left, y - font_ * 0.7, font_ * 1.4, font_ * 1.4), ColourRole::Focus);
        scene_.text({left + font_ * 0.7, y}, QString::number(k + 1), ColourRole::Sheet, font_, Qt::AlignCenter).bold =
            true;
        scene_.text({left + font_ * 2.0, y}, plan_.marks[k].words, ColourRole::Text, font_,
                    Qt::AlignLeft | Qt::AlignVCenter);
    }
    void describe() {
        QStringList said;
        for (const GuitarPlan::Mark& each : plan_.marks)
            said.append(each.words);
        const auto tight = std::count(plan_.strings.begin(), plan_.strings.end(), Look::Tight);
        scene_.description =
            GuitarPlanWords::tr("The guitar from above, %n strings tight.", nullptr, static_cast<int>(tight)) +
            QLatin1Char(' ') + said.join(QStringLiteral(". "));
    }

    const GuitarPlan& plan_;
    double font_, words_y_ = 0.0;
    QRectF room_;
    Scene scene_;
};

} // namespace

Scene buildGuitarPlan(const GuitarPlan& plan, const QSizeF& size, double textScale) {
    return Plan(plan, size, textScale).make();
}

} // namespace flenzo
