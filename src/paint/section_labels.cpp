// SPDX-License-Identifier: GPL-3.0-or-later
#include "paint/section_parts.h"

#include <QCoreApplication>
#include <algorithm>

namespace flenzo {

namespace {

using Eigen::Vector2d;

struct SectionLabelsWords {
    Q_DECLARE_TR_FUNCTIONS(SectionLabels)
};

double hookDepth_m(const Rig& rig) {
    double deepest = -30 * mm;
    for (const Spring& spring : rig.springs)
        deepest = std::min(deepest, spring.hook_m.y());
    return deepest;
}

} // namespace

void nameParts(Scene& scene, const SectionValues& v, const ViewTransform& paper, double font, double right) {
    const Turned turned(v.state.angle_rad);
    const double middle = right * 0.5, deep = hookDepth_m(v.rig);
    double saddleY = 0.0, clawX = right - 20 * mm, springY = deep;
    for (const RigString& string : v.rig.strings)
        saddleY = std::max(saddleY, string.saddle_m.y());
    for (const Spring& spring : v.rig.springs) {
        const Vector2d anchor = anchorAt_m(spring, v.rig.claw, v.state.claw);
        clawX = std::max(clawX, anchor.x());
        springY = 0.5 * (spring.hook_m.y() + anchor.y());
    }
    struct Label {
        QString words;
        Vector2d at;
        QPointF away; // in text heights
    };
    const Label all[] = {
        {SectionLabelsWords::tr("plate"), turned.place({-v.rig.bridge.rearEdge_m + 6 * mm, 3 * mm}), {-2.2, -2.0}},
        {SectionLabelsWords::tr("saddle"), turned.place({-4 * mm, saddleY * 0.7}), {-3.4, -2.6}},
        {SectionLabelsWords::tr("strings"), {middle, saddleY}, {1.5, -1.8}},
        {SectionLabelsWords::tr("bridge post"), {4 * mm, 4 * mm}, {4.6, 2.0}},
        {SectionLabelsWords::tr("sustain block"), turned.place({0.0, deep * 0.55}), {-5.0, 1.0}},
        {SectionLabelsWords::tr("springs"), {clawX * 0.5, springY}, {0.0, -2.4}},
        {SectionLabelsWords::tr("claw"), {clawX + 1 * mm, springY + 6 * mm}, {-1.0, -2.6}},
        {SectionLabelsWords::tr("claw screws"), {right - 5 * mm, springY}, {-4.5, 1.5}}};
    for (const Label& label : all) {
        const QPointF from = paper.at(label.at), to = from + label.away * font;
        scene.line({from, to}, ColourRole::Text, 1.0).id = QStringLiteral("leader");
        const double wide = font * 0.56 * static_cast<double>(label.words.size());
        scene.area(QRectF(to.x() - wide / 2.0, to.y() - font * 0.65, wide, font * 1.3), ColourRole::Sheet);
        scene.text(to, label.words, ColourRole::Text, font * 0.87, Qt::AlignCenter).id = QStringLiteral("label");
    }
}

void drawPlateOutline(Scene& scene, const SectionValues& v, const ViewTransform& paper,
                      const SectionValues::Outline& outline, double font) {
    constexpr double thickness = 3 * mm;
    const double rear = -v.rig.bridge.rearEdge_m, front = 3 * mm;
    const Turned there(std::clamp(outline.angle_rad, v.rig.bridge.rearStop_rad, v.rig.bridge.forwardStop_rad));
    Mark& mark =
        scene.line(paper.polygon({there.place({rear, 0}), there.place({front, 0}), there.place({0.5 * mm, thickness}),
                                  there.place({rear, thickness}), there.place({rear, 0})}),
                   ColourRole::Forecast, 1.6);
    mark.dashed = true;
    mark.id = QStringLiteral("outline");
    mark.tip = SectionLabelsWords::tr("%1: %2").arg(outline.words, plateText(outline.angle_rad));
    if (font <= 0.0)
        return; // there is room for the line but not for its word; the tip has it
    const bool above = v.state.block || outline.angle_rad > v.state.angle_rad; // a block is below
    const QPointF end = paper.at(there.place({rear, above ? thickness : 0.0}));
    scene.text(end + QPointF(0.0, above ? -font * 0.7 : font * 0.8), outline.words, ColourRole::Forecast, font * 0.87,
               Qt::AlignLeft | Qt::AlignVCenter);
}

} // namespace flenzo
