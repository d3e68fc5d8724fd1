// SPDX-License-Identifier: GPL-3.0-or-later
#include "paint/act_picture.h"

#include "core/base/fractions.h"

#include <QCoreApplication>
#include <algorithm>
#include <cmath>
#include <numbers>

namespace flenzo {

namespace {

struct ActPictureWords {
    Q_DECLARE_TR_FUNCTIONS(ActPicture)
};

constexpr double fullTurn = 2.0 * std::numbers::pi;

/// A disc, or the slice of one, clockwise from the top.
QPolygonF slice(const QPointF& centre, double radius, double share) {
    constexpr int corners = 40;
    QPolygonF points;
    if (share < 1.0)
        points.append(centre);
    for (int i = 0; i <= corners; ++i) {
        const double a = fullTurn * share * i / corners;
        points.append(centre + radius * QPointF(std::sin(a), -std::cos(a)));
    }
    return points;
}

/// An arrow round something, clockwise or the other way.
void turningArrow(Scene& scene, const QPointF& centre, double radius, bool clockwise) {
    constexpr int corners = 24;
    constexpr double from = 0.62, sweep = 0.76; // of a full turn, open below
    QPolygonF points;
    for (int i = 0; i <= corners; ++i) {
        const double a = fullTurn * (from + sweep * i / corners);
        points.append(centre + radius * QPointF((clockwise ? 1.0 : -1.0) * std::sin(a), -std::cos(a)));
    }
    Mark& arrow = scene.line(points, ColourRole::Focus, 3.0);
    arrow.arrow = true;
    arrow.id = clockwise ? QStringLiteral("clockwise") : QStringLiteral("counter-clockwise");
}

/// One screw head with its way, and under it the turns it gets.
void screw(Scene& scene, const QPointF& centre, double radius, double turns, const QString& name, double textScale) {
    const bool used = turns != 0.0;
    scene.area(slice(centre, radius, 1.0), used ? ColourRole::Metal : ColourRole::Sheet, ColourRole::MetalEdge);
    const double arm = 0.55 * radius;
    scene.line({centre - QPointF(arm, 0.0), centre + QPointF(arm, 0.0)}, ColourRole::MetalEdge, 2.5);
    scene.line({centre - QPointF(0.0, arm), centre + QPointF(0.0, arm)}, ColourRole::MetalEdge, 2.5);
    if (used)
        turningArrow(scene, centre, 1.45 * radius, turns > 0.0);
    const double sixteenths = std::round(std::abs(turns) * 16.0);
    const int whole = static_cast<int>(sixteenths) / 16;
    const double rest = sixteenths / 16.0 - whole;
    const int discs = whole + (rest > 0.0 ? 1 : 0);
    const double disc = std::min(0.42 * radius, 1.5 * radius / std::max(1, discs));
    const QPointF first = centre + QPointF(-(discs - 1) * 1.2 * disc, 2.25 * radius);
    for (int k = 0; k < discs; ++k) {
        const QPointF at = first + QPointF(k * 2.4 * disc, 0.0);
        scene.area(slice(at, disc, 1.0), ColourRole::Sheet, ColourRole::Focus).id = QStringLiteral("turn");
        scene.area(slice(at, disc, k < whole ? 1.0 : rest), ColourRole::Focus);
    }
    scene.text(centre + QPointF(0.0, 3.1 * radius), name, ColourRole::Quiet, 13.0 * textScale, Qt::AlignCenter);
}

void claw(Scene& scene, const ActPicture& act, double textScale) {
    const double radius = std::min(scene.size.width() / 8.0, scene.size.height() / 6.2);
    const double y = 1.7 * radius, middle = scene.size.width() / 2.0;
    const double apart = std::min(2.2 * radius, scene.size.width() / 4.0);
    screw(scene, {middle - apart, y}, radius, act.turns.bass, ActPictureWords::tr("bass"), textScale);
    screw(scene, {middle + apart, y}, radius, act.turns.treble, ActPictureWords::tr("treble"), textScale);
    const bool tighten = act.turns.mean() > 0.0;
    scene.description =
        (tighten ? ActPictureWords::tr("The claw's screws, clockwise: bass %1, treble %2 turns")
                 : ActPictureWords::tr("The claw's screws, counter-clockwise: bass %1, treble %2 turns"))
            .arg(QString::fromStdString(inSixteenths(act.turns.bass)),
                 QString::fromStdString(inSixteenths(act.turns.treble)));
}

/// Places of the pegs or tuners in shares of the room, by string from the thickest, nut or bridge below.
QPointF pegPlace(const ActPicture& act, std::size_t string) {
    const auto count = static_cast<double>(act.strings);
    const auto at = static_cast<double>(string);
    switch (act.pegs) {
    case ActPicture::Pegs::OneSide:
        return {0.30, 0.84 - 0.74 * (at + 0.5) / count};
    case ActPicture::Pegs::Split: {
        const double half = std::ceil(count / 2.0);
        const bool low = at < half;
        // On the treble side the thinnest string is nearest to the nut.
        const double row = low ? at : count - 1.0 - at;
        return {low ? 0.27 : 0.73, 0.80 - 0.66 * (row + 0.5) / half};
    }
    case ActPicture::Pegs::AtBridge:
        break;
    }
    return {0.14 + 0.72 * (at + 0.5) / count, 0.62};
}

void peg(Scene& scene, const ActPicture& act, double textScale) {
    const auto at = [&](double x, double y) {
        return QPointF((act.leftHanded ? 1.0 - x : x) * scene.size.width(), y * scene.size.height());
    };
    if (act.pegs == ActPicture::Pegs::AtBridge)
        scene.area({at(0.08, 0.30), at(0.92, 0.30), at(0.92, 0.50), at(0.08, 0.50)}, ColourRole::Metal,
                   ColourRole::MetalEdge);
    else
        scene.area({at(0.36, 0.96), at(0.36, 0.06), at(0.64, 0.06), at(0.64, 0.96)}, ColourRole::Wood,
                   ColourRole::WoodEdge);
    const double radius = std::clamp(0.34 * 0.74 * scene.size.height() / static_cast<double>(act.strings), 4.0, 9.0);
    for (std::size_t s = 0; s < act.strings; ++s) {
        const QPointF share = pegPlace(act, s), place = at(share.x(), share.y());
        const bool meant = s == act.string;
        Mark& knob = scene.area(slice(place, meant ? 1.3 * radius : radius, 1.0),
                                meant ? ColourRole::Focus : ColourRole::Metal, ColourRole::MetalEdge);
        knob.id = meant ? QStringLiteral("peg-meant") : QStringLiteral("peg");
        if (!meant)
            continue;
        // Up the headstock is tighter; which way a button turns depends on its gear.
        const bool atBridge = act.pegs == ActPicture::Pegs::AtBridge;
        const double beside = (share.x() < 0.5) == act.leftHanded ? 1.0 : -1.0;
        const QPointF middle =
            atBridge ? place - QPointF(0.0, 1.3 * radius + 18.0) : place + QPointF(beside * (1.3 * radius + 11.0), 0.0);
        const QPointF half(0.0, act.tighten ? 14.0 : -14.0);
        Mark& arrow = scene.line({middle + half, middle - half}, ColourRole::Focus, 3.0);
        arrow.arrow = true;
        arrow.id = act.tighten ? QStringLiteral("tighter") : QStringLiteral("looser");
        const QPointF label = act.pegs == ActPicture::Pegs::AtBridge
                                  ? place + QPointF(0.0, 2.0 * radius + 14.0 * textScale)
                                  : QPointF(at(0.5, 0.0).x(), place.y());
        scene.text(label, act.name, ColourRole::Text, 15.0 * textScale, Qt::AlignCenter).bold = true;
    }
    scene.description = (act.tighten ? ActPictureWords::tr("Peg of string %1, tighter")
                                     : ActPictureWords::tr("Peg of string %1, looser"))
                            .arg(act.name);
}

void gap(Scene& scene, double textScale) {
    const double w = scene.size.width(), h = scene.size.height();
    scene.area({{0.08 * w, 0.72 * h}, {0.92 * w, 0.72 * h}, {0.92 * w, 0.94 * h}, {0.08 * w, 0.94 * h}},
               ColourRole::Wood, ColourRole::WoodEdge);
    scene.area({{0.30 * w, 0.30 * h}, {0.92 * w, 0.26 * h}, {0.92 * w, 0.38 * h}, {0.30 * w, 0.42 * h}},
               ColourRole::Metal, ColourRole::MetalEdge);
    for (const bool up : {true, false}) {
        Mark& arrow = scene.line({{0.36 * w, 0.57 * h}, {0.36 * w, (up ? 0.42 : 0.72) * h}}, ColourRole::Focus, 2.5);
        arrow.arrow = true;
        arrow.id = QStringLiteral("gap");
    }
    scene.text({0.36 * w, 0.14 * h}, ActPictureWords::tr("rear edge"), ColourRole::Quiet, 13.0 * textScale,
               Qt::AlignHCenter | Qt::AlignVCenter);
    scene.description = ActPictureWords::tr("The gap under the plate's rear edge");
}

void pull(Scene& scene, const ActPicture& act, double textScale) {
    const double w = scene.size.width(), h = scene.size.height();
    scene.area({{0.0, 0.78 * h}, {w, 0.78 * h}, {w, 0.92 * h}, {0.0, 0.92 * h}}, ColourRole::Wood,
               ColourRole::WoodEdge);
    QPolygonF bow;
    constexpr int corners = 24;
    for (int i = 0; i <= corners; ++i) {
        const double x = static_cast<double>(i) / corners;
        bow.append({(0.04 + 0.92 * x) * w, (0.70 - 0.30 * std::sin(std::numbers::pi * x)) * h});
    }
    scene.line(bow, ColourRole::Strings, 2.5);
    Mark& arrow = scene.line({{0.5 * w, 0.38 * h}, {0.5 * w, 0.14 * h}}, ColourRole::Focus, 3.0);
    arrow.arrow = true;
    arrow.id = QStringLiteral("pull");
    scene.text({0.62 * w, 0.20 * h}, act.name, ColourRole::Text, 15.0 * textScale, Qt::AlignLeft | Qt::AlignVCenter)
        .bold = true;
    scene.description = ActPictureWords::tr("String %1, pulled along its length").arg(act.name);
}

} // namespace

Scene buildActPicture(const ActPicture& act, const QSizeF& size, double textScale) {
    // Drawn in the middle of a wide room: a headstock is no table.
    constexpr double widest = 1.9; // of its height
    Scene scene;
    scene.size = {std::min(size.width(), widest * size.height()), size.height()};
    const QPointF aside((size.width() - scene.size.width()) / 2.0, 0.0);
    switch (act.kind) {
    case ActPicture::Kind::Claw:
        claw(scene, act, textScale);
        break;
    case ActPicture::Kind::Peg:
        peg(scene, act, textScale);
        break;
    case ActPicture::Kind::Gap:
        gap(scene, textScale);
        break;
    case ActPicture::Kind::Pull:
        pull(scene, act, textScale);
        break;
    case ActPicture::Kind::None:
        break;
    }
    for (Mark& mark : scene.marks)
        mark.points.translate(aside);
    scene.size = size;
    return scene;
}

} // namespace flenzo
