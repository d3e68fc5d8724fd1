// SPDX-License-Identifier: GPL-3.0-or-later
#include "paint/moment_chart.h"

#include <QCoreApplication>
#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

struct Words {
    Q_DECLARE_TR_FUNCTIONS(MomentChart)
};

constexpr int samples = 36;

struct Curves {
    std::vector<double> angle_deg, strings_Nm, kept_Nm, back_Nm;
};

/// Sampled from the model; "back" is everything that holds against the strings, gravity and unexplained moment
/// included.
Curves sample(const SectionValues& v, double low_deg, double high_deg) {
    const BalanceEquation elastic(v.rig, v.state);
    BalanceEquation kept(v.rig, v.state);
    for (std::size_t i = 0; i < v.rig.strings.size(); ++i)
        kept.holdAtPitch(i, v.rig.strings[i].target_Hz);
    Curves curves;
    for (int s = 0; s <= samples; ++s) {
        const double at_deg = low_deg + (high_deg - low_deg) * s / samples;
        const MomentParts parts = elastic.parts(radians(at_deg));
        curves.angle_deg.push_back(at_deg);
        curves.strings_Nm.push_back(parts.strings_Nm);
        curves.kept_Nm.push_back(kept.parts(radians(at_deg)).strings_Nm);
        curves.back_Nm.push_back(-(parts.springs_Nm + parts.gravity_Nm + parts.extra_Nm));
    }
    return curves;
}

/// A step of 1, 2 or 5 times a power of ten that cuts a span into about `parts`.
double niceStep(double span, double parts) {
    const double raw = span / parts, power = std::pow(10.0, std::floor(std::log10(raw)));
    const double share = raw / power;
    return power * (share < 1.5 ? 1.0 : share < 3.5 ? 2.0 : share < 7.5 ? 5.0 : 10.0);
}

} // namespace

Scene buildMomentChart(const SectionValues& v, const QSizeF& size) {
    Scene scene;
    scene.size = size;
    const double font = 13.0 * v.textScale;
    const QRectF plot(14.0 + font * 2.6, 12.0 + font * 3.4, size.width() - 26.0 - font * 3.2,
                      size.height() - 22.0 - font * 8.2);
    const double now_deg = degrees(v.state.angle_rad), goal_deg = degrees(v.goal.angle_rad);
    const double reach = std::max(3.0, std::abs(now_deg - goal_deg) * 1.6);
    const double low = std::max(degrees(v.rig.bridge.rearStop_rad), goal_deg - reach);
    const double high = std::min(degrees(v.rig.bridge.forwardStop_rad), goal_deg + reach);
    const Curves curves = sample(v, low, high);
    double top = -1e9, bottom = 1e9;
    for (const auto* list : {&curves.strings_Nm, &curves.back_Nm, &curves.kept_Nm})
        for (const double value : *list)
            top = std::max(top, value), bottom = std::min(bottom, value);
    const double air = std::max(0.1, 0.12 * (top - bottom));
    top += air;
    bottom = std::max(std::min(0.0, bottom), bottom - air);
    const auto at = [&](double angle_deg, double moment) {
        return QPointF(plot.left() + (angle_deg - low) / (high - low) * plot.width(),
                       plot.bottom() - std::clamp((moment - bottom) / (top - bottom), 0.0, 1.0) * plot.height());
    };
    const Qt::Alignment centred = Qt::AlignHCenter | Qt::AlignVCenter;
    const double xStep = niceStep(high - low, 6.0), yStep = niceStep(top - bottom, 4.0);
    for (double x = std::ceil(low / xStep) * xStep; x <= high + 1e-9; x += xStep) {
        scene.line({at(x, bottom), at(x, top)}, ColourRole::Rule, 0.8);
        scene.text(at(x, bottom) + QPointF(0, font), signedNumber(x, xStep < 1.0 ? 1 : 0) + QStringLiteral("°"),
                   ColourRole::Quiet, font, centred);
    }
    for (double y = std::ceil(bottom / yStep) * yStep; y <= top; y += yStep) {
        scene.line({at(low, y), at(high, y)}, ColourRole::Rule, 0.8);
        scene.text(at(low, y) - QPointF(6, 0), QString::number(y, 'f', yStep < 1.0 ? 1 : 0), ColourRole::Quiet, font,
                   Qt::AlignRight | Qt::AlignVCenter);
    }
    if (hasClaw(v.rig)) // an arm without a claw has no angle to be brought to
        scene.line({at(goal_deg, bottom), at(goal_deg, top)}, ColourRole::Goal, 2.0).id = QStringLiteral("goal-line");
    const auto curve = [&](const std::vector<double>& values, ColourRole ink, const char* id, bool dashed) {
        QPolygonF points;
        for (std::size_t s = 0; s < values.size(); ++s)
            points.append(at(curves.angle_deg[s], values[s]));
        Mark& mark = scene.line(points, ink, dashed ? 1.8 : 3.2);
        mark.dashed = dashed;
        mark.id = QLatin1String(id);
        return &mark;
    };
    curve(curves.kept_Nm, ColourRole::Strings, "kept-curve", true)->tip = Words::tr(
        "Strings while somebody keeps them at pitch: how far it crosses from the springs decides how many passes it "
        "takes");
    curve(curves.strings_Nm, ColourRole::Strings, "string-curve", false)->tip =
        Words::tr("Moment of the strings, pegs untouched");
    curve(curves.back_Nm, ColourRole::Springs, "spring-curve", false)->tip =
        Words::tr("Moment of the springs with the bridge's weight");
    const MomentParts here = BalanceEquation(v.rig, v.state).parts(v.state.angle_rad);
    const QPointF rest = at(now_deg, here.strings_Nm);
    scene
        .area(QPolygonF{rest + QPointF(0, -9), rest + QPointF(9, 0), rest + QPointF(0, 9), rest + QPointF(-9, 0)},
              ColourRole::Text, ColourRole::Sheet, 2.0)
        .id = QStringLiteral("rest");
    const double line = font * 1.35;
    scene.text({14.0, 10.0 + font * 0.5}, Words::tr("moment, N·m, over the plate's angle"), ColourRole::Quiet, font,
               Qt::AlignLeft | Qt::AlignVCenter);
    scene
        .text({14.0, 10.0 + font * 0.5 + line}, Words::tr("strings forward"), ColourRole::Strings, font,
              Qt::AlignLeft | Qt::AlignVCenter)
        .bold = true;
    scene
        .text({size.width() - 14.0, 10.0 + font * 0.5 + line}, Words::tr("springs back"), ColourRole::Springs, font,
              Qt::AlignRight | Qt::AlignVCenter)
        .bold = true;
    BalanceEquation kept(v.rig, v.state);
    for (std::size_t i = 0; i < v.rig.strings.size(); ++i)
        kept.holdAtPitch(i, v.rig.strings[i].target_Hz);
    const double k = -BalanceEquation(v.rig, v.state).at(v.state.angle_rad).slope_NmPerRad;
    const double kf = -kept.at(v.state.angle_rad).slope_NmPerRad;
    const QString stubborn = Words::tr("stiffness %1, kept at pitch %2 N·m/rad").arg(k, 0, 'f', 1).arg(kf, 0, 'f', 1);
    scene.text({14.0, size.height() - 10.0 - font * 1.9}, Words::tr("dashed: strings while kept at pitch"),
               ColourRole::Quiet, font, Qt::AlignLeft | Qt::AlignVCenter);
    scene
        .text({14.0, size.height() - 8.0 - font * 0.6}, stubborn, kf > 0.0 ? ColourRole::Text : ColourRole::Warn, font,
              Qt::AlignLeft | Qt::AlignVCenter)
        .id = QStringLiteral("stiffness");
    scene.description = Words::tr("Moment chart. The curves cross at %1 with %2 each way. %3.")
                            .arg(degreesText(v.state.angle_rad), momentText(here.strings_Nm), stubborn);
    return scene;
}

} // namespace flenzo
