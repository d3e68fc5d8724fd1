// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawings.h"

#include "domain/job/job.h"
#include "paint/circle.h"
#include "paint/section.h"

namespace flenzo {

namespace {

/// A number in a disc, with a line to the part it stands for.
void number(Scene& scene, int which, const QPointF& part, const QPointF& label) {
    constexpr double radius = 17.0;
    scene.line({label, part}, ColourRole::Sheet, 5.0);
    scene.line({label, part}, ColourRole::Text, 1.6);
    scene.area(circleAt(part, 3.5), ColourRole::Text);
    scene.area(circleAt(label, radius), ColourRole::Sheet, ColourRole::Text, 2.0);
    scene.text(label, QString::number(which), ColourRole::Text, 20.0, Qt::AlignCenter).bold = true;
}

QRectF box(double left, double top, double right, double bottom) {
    return {QPointF(left, top), QPointF(right, bottom)};
}

void coil(Scene& scene, const QPointF& from, const QPointF& to) {
    constexpr int windings = 22;
    QPolygonF points{from};
    for (int k = 0; k <= 2 * windings; ++k) {
        const double share = 0.06 + 0.88 * k / (2.0 * windings);
        points.append(from + share * (to - from) + QPointF(0.0, k % 2 == 0 ? -9.0 : 9.0));
    }
    points.append(to);
    scene.line(points, ColourRole::Springs, 2.4);
}

/// Seen from its side, its head to the left.
void screw(Scene& scene, const QPointF& head, double tip) {
    scene.line({head, {tip, head.y()}}, ColourRole::MetalEdge, 6.0);
    scene.area(box(head.x() - 12.0, head.y() - 12.0, head.x(), head.y() + 12.0), ColourRole::Metal,
               ColourRole::MetalEdge, 2.0);
}

} // namespace

Scene bridgeFromTheSide() {
    const Job job = newJob();
    const LevelSolution level = levelSolution(job.rig, bareState(job.rig), job.goal);
    SectionValues values{job.rig, level.state, job.goal, {}, false, 1.0, {}};
    values.bare = true;
    values.span = QStringLiteral("bridge.rearGap");
    Scene scene = buildSection(values, QSizeF(drawingSize));
    const auto middle = [&scene](const char* id) {
        const Mark* mark = scene.find(QLatin1String(id));
        return mark ? mark->points.boundingRect().center() : QPointF();
    };
    const QRectF plate = scene.find(QStringLiteral("plate"))->points.boundingRect();
    const QRectF block = scene.find(QStringLiteral("sustain-block"))->points.boundingRect();
    const QPointF pivot = scene.find(QStringLiteral("pivot"))->points.first();
    const QPointF screwMiddle = middle("claw-screw"), spring = middle("spring-1"), claw = middle("claw");
    const QRectF string = scene.find(QStringLiteral("string-6"))->points.boundingRect();
    number(scene, 1, {plate.left() + 30.0, plate.center().y()}, {plate.left() - 10.0, 60.0});
    number(scene, 2, pivot + QPointF(10.0, 20.0), pivot + QPointF(110.0, 90.0));
    number(scene, 3, {string.left() - 6.0, string.bottom() + 12.0}, {string.left() - 40.0, 40.0});
    number(scene, 4, {string.center().x() + 60.0, string.center().y()}, {string.center().x() + 120.0, 40.0});
    number(scene, 5, {plate.left() + 3.0, plate.bottom() + 14.0}, {plate.left() - 60.0, plate.bottom() + 90.0});
    number(scene, 6, block.center() + QPointF(0.0, 40.0), block.center() + QPointF(-110.0, 100.0));
    number(scene, 7, spring, spring + QPointF(0.0, 85.0));
    number(scene, 8, claw, claw + QPointF(-40.0, -80.0));
    number(scene, 9, screwMiddle + QPointF(30.0, 0.0), screwMiddle + QPointF(30.0, 85.0));
    return scene;
}

Scene bridgeFromAbove() {
    Scene scene;
    scene.size = QSizeF(drawingSize);
    constexpr double left = 280.0, right = 600.0, top = 80.0, bottom = 480.0;
    scene.area(QRectF(QPointF(0.0, 0.0), scene.size), ColourRole::Wood);
    scene.area(box(left - 60.0, top - 30.0, right + 30.0, bottom + 30.0), ColourRole::Cavity, ColourRole::WoodEdge);
    scene.area(box(left, top, right, bottom), ColourRole::Metal, ColourRole::MetalEdge, 2.0);
    constexpr int strings = 6;
    for (int s = 0; s < strings; ++s) {
        const double y = top + 45.0 + (bottom - top - 90.0) * s / (strings - 1.0);
        const double saddle = right - 110.0 - 4.0 * s;
        scene.area(box(left - 40.0, y - 11.0, left - 4.0, y + 11.0), ColourRole::Metal, ColourRole::MetalEdge); // tuner
        scene.area(box(left + 30.0, y - 20.0, saddle, y + 20.0), ColourRole::Sheet, ColourRole::MetalEdge);
        scene.area(box(left + 50.0, y - 6.0, left + 110.0, y + 6.0), ColourRole::MetalEdge); // clamp screw
        scene.line({{saddle, y}, {1000.0, y}}, ColourRole::Strings, 4.6 - 0.6 * s);
    }
    for (const double y : {top + 6.0, bottom - 6.0})
        scene.area(circleAt({right, y}, 17.0), ColourRole::Metal, ColourRole::MetalEdge, 2.0);
    scene.area(circleAt({right - 40.0, bottom - 14.0}, 11.0), ColourRole::MetalEdge);
    scene.line({{right - 40.0, bottom - 14.0}, {right + 150.0, bottom + 46.0}, {right + 360.0, bottom + 50.0}},
               ColourRole::MetalEdge, 9.0);
    const double second = top + 45.0 + (bottom - top - 90.0) / 5.0, fifth = second + 3.0 * (bottom - top - 90.0) / 5.0;
    number(scene, 1, {right, top + 6.0}, {right + 110.0, 36.0});
    number(scene, 2, {right, bottom - 6.0}, {right + 90.0, bottom - 40.0});
    number(scene, 3, {right - 130.0, second}, {right - 60.0, 36.0});
    number(scene, 4, {left + 80.0, second}, {left + 80.0, 36.0});
    number(scene, 5, {left - 22.0, second}, {left - 120.0, 90.0});
    number(scene, 6, {left, fifth + 36.0}, {left - 130.0, bottom});
    number(scene, 7, {right + 250.0, bottom + 48.0}, {right + 300.0, bottom - 20.0});
    return scene;
}

Scene bridgeFromBehind() {
    Scene scene;
    scene.size = QSizeF(drawingSize);
    scene.area(QRectF(QPointF(0.0, 0.0), scene.size), ColourRole::Wood);
    constexpr double left = 140.0, right = 800.0, top = 90.0, bottom = 470.0, wall = 780.0;
    scene.area(box(left, top, right, bottom), ColourRole::Cavity, ColourRole::WoodEdge, 2.0);
    scene.area(box(left + 30.0, top + 30.0, left + 110.0, bottom - 30.0), ColourRole::Metal, ColourRole::MetalEdge,
               2.0);
    constexpr int slots = 5;
    const auto slotY = [&](int slot) { return top + 80.0 + (bottom - top - 160.0) * slot / (slots - 1.0); };
    for (int slot = 0; slot < slots; ++slot)
        scene.area(circleAt({left + 92.0, slotY(slot)}, 7.0), ColourRole::Cavity, ColourRole::MetalEdge);
    const double claw = wall - 150.0;
    scene.area(box(claw, top + 60.0, claw + 26.0, bottom - 60.0), ColourRole::Metal, ColourRole::MetalEdge, 2.0);
    for (const int slot : {0, 2, 4}) {
        scene.area(box(claw - 16.0, slotY(slot) - 5.0, claw, slotY(slot) + 5.0), ColourRole::Metal,
                   ColourRole::MetalEdge);
        coil(scene, {left + 92.0, slotY(slot)}, {claw - 12.0, slotY(slot)});
    }
    const double bass = slotY(3), treble = slotY(1);
    for (const double y : {bass, treble})
        screw(scene, {claw, y}, right + 40.0);
    number(scene, 1, {claw + 13.0, top + 80.0}, {claw - 60.0, 44.0});
    number(scene, 2, {claw - 6.0, bass}, {claw + 60.0, 520.0});
    number(scene, 3, {claw - 6.0, treble}, {claw + 90.0, 44.0});
    number(scene, 4, {(left + claw) / 2.0, slotY(4)}, {(left + claw) / 2.0 - 40.0, 520.0});
    number(scene, 5, {left + 60.0, slotY(2) + 30.0}, {60.0, slotY(2) + 60.0});
    number(scene, 6, {left + 92.0, slotY(1)}, {left + 150.0, 44.0});
    // From the wall to the claw.
    const double low = bottom - 30.0;
    scene.line({{claw + 26.0, low}, {right, low}}, ColourRole::Focus, 3.0);
    for (const double x : {claw + 26.0, right})
        scene.line({{x, low - 8.0}, {x, low + 8.0}}, ColourRole::Focus, 3.0);
    number(scene, 7, {(claw + 26.0 + right) / 2.0, low}, {right + 60.0, 520.0});
    return scene;
}

} // namespace flenzo
