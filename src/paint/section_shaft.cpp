// SPDX-License-Identifier: GPL-3.0-or-later
#include "paint/section_parts.h"

#include "core/planning/spring_choice.h"
#include "core/statics/readings.h"
#include "paint/circle.h"
#include "paint/provenance.h"

#include <algorithm>

namespace flenzo {

namespace {

using Eigen::Vector2d;

/// Measures of a shaft's section on the page (m): where its plate and the top lie below the shaft's axis.
struct ShaftPlan {
    double plate = 0.0, top = 0.0, tipUp = 0.0, right = 0.0;

    explicit ShaftPlan(const Rig& rig) {
        const double seat = rig.springs.empty() ? 20 * mm : rig.springs.front().seat_m;
        plate = -seat - 1.5 * mm;
        top = plate - 2 * mm;
        tipUp = rig.bridge.armTipHeight_m + top;
        right = rig.bridge.armTip_m + 14 * mm;
    }
};

void drawBase(Scene& scene, const ViewTransform& paper, const ShaftPlan& plan, double radius) {
    const double top = plan.top, plate = plan.plate;
    scene.area(paper.polygon({{-24 * mm, top},
                              {plan.right, top},
                              {plan.right, top - topDepth_m * 0.4},
                              {-24 * mm, top - topDepth_m * 0.4}}),
               ColourRole::Wood, ColourRole::WoodEdge);
    scene
        .area(
            paper.polygon({{-22 * mm, plate + 1.5 * mm}, {45 * mm, plate + 1.5 * mm}, {45 * mm, top}, {-22 * mm, top}}),
            ColourRole::Metal, ColourRole::MetalEdge)
        .id = QStringLiteral("base");
    scene.area(paper.polygon({{-6 * mm, plate}, {6 * mm, plate}, {2 * mm, -radius}, {-2 * mm, -radius}}),
               ColourRole::Metal, ColourRole::MetalEdge);
}

void drawPushSprings(Scene& scene, const SectionValues& v, const ViewTransform& paper, double plate) {
    const std::vector<double> push = springForces_N(v.rig, v.state);
    for (std::size_t j = 0; j < v.rig.springs.size(); ++j) {
        const Spring& spring = v.rig.springs[j];
        const double height = spring.seat_m - spring.lever_m * v.state.angle_rad;
        const double foot = plate + 1.5 * mm;
        QPolygonF coil{paper.at({spring.lever_m, foot})};
        constexpr int windings = 6;
        for (int w = 0; w <= 2 * windings; ++w)
            coil.append(paper.at(
                {spring.lever_m + (w % 2 == 0 ? -5 : 5) * mm, foot + height * (0.06 + 0.88 * w / (2.0 * windings))}));
        coil.append(paper.at({spring.lever_m, foot + height}));
        Mark& mark = scene.line(coil, ColourRole::Springs, 2.6);
        mark.id = QStringLiteral("spring-%1").arg(j + 1);
        mark.dashed = push[j] <= 0.0;
        mark.tip = push[j] > 0.0 ? SectionWords::tr("Spring %1 pushes %2").arg(j + 1).arg(forceText(push[j], v.units))
                                 : SectionWords::tr("Spring %1 is loose and may fall out").arg(j + 1);
    }
}

/// The arm with the height of its tip marked beside it.
void drawArm(Scene& scene, const SectionValues& v, const ViewTransform& paper, const ShaftPlan& plan) {
    const Turned turned(v.state.angle_rad);
    const double lever = v.rig.springs.empty() ? 30 * mm : v.rig.springs.front().lever_m;
    const double far = v.rig.bridge.armTip_m;
    Mark& arm = scene.area(paper.polygon({turned.place({0.0, 1.5 * mm}), turned.place({lever, 2 * mm}),
                                          turned.place({far, plan.tipUp}), turned.place({far, plan.tipUp - 3 * mm}),
                                          turned.place({lever, -1.5 * mm}), turned.place({0.0, -1.5 * mm})}),
                           ColourRole::Metal, ColourRole::MetalEdge, 2.0);
    arm.id = QStringLiteral("arm");
    arm.tip = SectionWords::tr("Arm at %1").arg(degreesText(v.state.angle_rad));
    const Vector2d tip = turned.place({far, plan.tipUp});
    scene.line(paper.polygon({{tip.x() + 4 * mm, plan.top}, {tip.x() + 4 * mm, tip.y()}}), ColourRole::Text, 1.5).id =
        QStringLiteral("tip-height");
}

/// From where to where a shaft's figure is measured.
void drawShaftSpan(Scene& scene, const SectionValues& v, const ViewTransform& paper, const ShaftPlan& plan) {
    const Vector2d tip = Turned(v.state.angle_rad).place({v.rig.bridge.armTip_m, plan.tipUp}), axis(0.0, 0.0);
    const double lever = v.rig.springs.empty() ? 0.0 : v.rig.springs.front().lever_m;
    if (v.span == QLatin1String("bridge.armTip"))
        drawMeasure(scene, paper.at(axis), paper.at({tip.x(), 0.0}));
    else if (v.span == QLatin1String("bridge.armTipHeight"))
        drawMeasure(scene, paper.at({tip.x(), plan.top}), paper.at(tip));
    else if (v.span == QLatin1String("bridge.shaft"))
        drawMeasure(scene, paper.at(axis), paper.at({0.0, v.rig.bridge.shaftRadius_m}));
    else if (v.span == QLatin1String("springs.lever"))
        drawMeasure(scene, paper.at({0.0, plan.plate}), paper.at({lever, plan.plate}));
    else if (v.span == QLatin1String("springs.seat"))
        drawMeasure(scene, paper.at({lever, plan.plate}), paper.at({lever, 0.0}));
}

void writeShaftWords(Scene& scene, const SectionValues& v, double font, double strip) {
    const MomentParts parts = BalanceEquation(v.rig, v.state).parts(v.state.angle_rad);
    const QString angle = degreesText(v.state.angle_rad);
    const QString tip = lengthText(armTipHeight_m(v.rig.bridge, v.state.angle_rad), v.units);
    const bool narrow = scene.size.width() < 40.0 * font; // two sentences beside each other want more
    scene
        .text({14.0, 16.0 + font * 0.2}, SectionWords::tr("spring pushes up %1").arg(momentText(parts.springs_Nm)),
              ColourRole::Springs, font, Qt::AlignLeft | Qt::AlignVCenter)
        .bold = true;
    scene
        .text({scene.size.width() - 14.0, 16.0 + font * (narrow ? 1.6 : 0.2)},
              SectionWords::tr("strings pull down %1").arg(momentText(parts.strings_Nm)), ColourRole::Strings, font,
              Qt::AlignRight | Qt::AlignVCenter)
        .bold = true;
    Mark& words = textWithProvenance(
        scene, {14.0, scene.size.height() - strip * 0.5}, Provenance::Calculated,
        (narrow ? SectionWords::tr("arm %1, tip %2") : SectionWords::tr("arm %1, tip %2 above the top, calculated"))
            .arg(angle, tip),
        ColourRole::Text, font * 1.2);
    words.bold = true;
    words.id = QStringLiteral("plate-text");
    scene.description =
        SectionWords::tr("Side section of the roller shaft. The arm is at %1, its tip %2 above the top.")
            .arg(angle, tip);
}

} // namespace

Scene buildShaftSection(const SectionValues& v, const QSizeF& size) {
    Scene scene;
    scene.size = size;
    const double font = 15.0 * v.textScale, strip = v.bare ? 4.0 : 34.0 * v.textScale;
    const double radius = v.rig.bridge.shaftRadius_m;
    const ShaftPlan plan(v.rig);
    const ViewTransform paper = paperFor(size, -26 * mm, v.rig.bridge.armTip_m + 16 * mm,
                                         std::max(plan.tipUp + v.rig.bridge.armTip_m * 0.25, radius + 18 * mm),
                                         plan.top - topDepth_m * 0.45, strip);
    drawBase(scene, paper, plan, radius);
    const Turned turned(v.state.angle_rad);
    const std::vector<double> pull = tensions_N(v.rig, v.state);
    for (std::size_t i = 0; i < v.rig.strings.size(); ++i)
        drawStringAlong(scene, v, paper, i, pull[i],
                        {turned.place({-radius * 0.6, -radius * 0.8}),
                         turned.place({-radius, 0.0}),
                         {0.0, radius},
                         {plan.right, radius}});
    Mark& shaft = scene.area(circleAt(paper.at({0, 0}), radius * paper.pixelsPerMetre), ColourRole::Metal,
                             ColourRole::MetalEdge, 2.0);
    shaft.id = QStringLiteral("shaft");
    shaft.tip = SectionWords::tr("Shaft, radius %1").arg(lengthText(radius, v.units));
    drawPushSprings(scene, v, paper, plan.plate);
    drawArm(scene, v, paper, plan);
    drawShaftSpan(scene, v, paper, plan);
    if (!v.bare)
        writeShaftWords(scene, v, font, strip);
    return scene;
}

} // namespace flenzo
