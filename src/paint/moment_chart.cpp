// SPDX-License-Identifier: GPL-3.0-or-later
#include "paint/moment_chart.h"

#include "language/decimal.h"
#include "paint/provenance.h"

#include <QCoreApplication>
#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

struct MomentChartWords {
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

/// The plot's frame: angle to the right, moment upwards.
struct Frame {
    QRectF plot;
    double low_deg = 0.0, high_deg = 0.0, bottom_Nm = 0.0, top_Nm = 0.0, font = 0.0;

    [[nodiscard]] QPointF at(double angle_deg, double moment_Nm) const {
        const double up = std::clamp((moment_Nm - bottom_Nm) / (top_Nm - bottom_Nm), 0.0, 1.0);
        return {plot.left() + (angle_deg - low_deg) / (high_deg - low_deg) * plot.width(),
                plot.bottom() - up * plot.height()};
    }
};

/// Room above and below for so many lines of words.
constexpr double linesAbove = 3.4, linesBelow = 4.8;

Frame frameOf(const SectionValues& v, const QSizeF& size) {
    Frame frame;
    frame.font = 13.0 * v.textScale;
    frame.plot = QRectF(14.0 + frame.font * 2.6, 12.0 + frame.font * linesAbove, size.width() - 26.0 - frame.font * 3.2,
                        size.height() - 22.0 - frame.font * (linesAbove + linesBelow));
    const double now_deg = degrees(v.state.angle_rad), goal_deg = degrees(v.goal.angle_rad);
    const double reach = std::max(3.0, std::abs(now_deg - goal_deg) * 1.6);
    frame.low_deg = std::max(degrees(v.rig.bridge.rearStop_rad), goal_deg - reach);
    frame.high_deg = std::min(degrees(v.rig.bridge.forwardStop_rad), goal_deg + reach);
    return frame;
}

void spanMoments(Frame& frame, const Curves& curves) {
    double top = -1e9, bottom = 1e9;
    for (const auto* list : {&curves.strings_Nm, &curves.back_Nm, &curves.kept_Nm})
        for (const double value : *list)
            top = std::max(top, value), bottom = std::min(bottom, value);
    const double air = std::max(0.1, 0.12 * (top - bottom));
    frame.top_Nm = top + air;
    frame.bottom_Nm = std::max(std::min(0.0, bottom), bottom - air);
}

void drawGrid(Scene& scene, const Frame& frame) {
    const double xStep = niceStep(frame.high_deg - frame.low_deg, 6.0);
    const double yStep = niceStep(frame.top_Nm - frame.bottom_Nm, 4.0);
    const auto first = [](double low, double step) { return static_cast<int>(std::ceil(low / step)); };
    for (int k = first(frame.low_deg, xStep); k * xStep <= frame.high_deg + 1e-9; ++k) {
        const double x = k * xStep;
        scene.line({frame.at(x, frame.bottom_Nm), frame.at(x, frame.top_Nm)}, ColourRole::Rule, 0.8);
        scene.text(frame.at(x, frame.bottom_Nm) + QPointF(0, frame.font),
                   signedNumber(x, xStep < 1.0 ? 1 : 0) + QStringLiteral("°"), ColourRole::Quiet, frame.font,
                   Qt::AlignHCenter | Qt::AlignVCenter);
    }
    for (int k = first(frame.bottom_Nm, yStep); k * yStep <= frame.top_Nm; ++k) {
        const double y = k * yStep;
        scene.line({frame.at(frame.low_deg, y), frame.at(frame.high_deg, y)}, ColourRole::Rule, 0.8);
        scene.text(frame.at(frame.low_deg, y) - QPointF(6, 0), decimal(y, yStep < 1.0 ? 1 : 0), ColourRole::Quiet,
                   frame.font, Qt::AlignRight | Qt::AlignVCenter);
    }
}

void drawCurves(Scene& scene, const Frame& frame, const Curves& curves) {
    const auto curve = [&](const std::vector<double>& values, ColourRole ink, const char* id, const QString& tip) {
        QPolygonF points;
        for (std::size_t s = 0; s < values.size(); ++s)
            points.append(frame.at(curves.angle_deg[s], values[s]));
        const bool kept = &values == &curves.kept_Nm;
        Mark& mark = scene.line(points, ink, kept ? 1.8 : 3.2);
        mark.dashed = kept;
        mark.id = QLatin1String(id);
        mark.tip = tip;
    };
    curve(curves.kept_Nm, ColourRole::Strings, "kept-curve",
          MomentChartWords::tr("Dashed: strings kept at pitch. Where it crosses flat, more passes."));
    curve(curves.strings_Nm, ColourRole::Strings, "string-curve",
          MomentChartWords::tr("Moment of the strings, pegs untouched"));
    curve(curves.back_Nm, ColourRole::Springs, "spring-curve",
          MomentChartWords::tr("Moment of the springs with the bridge's weight"));
}

QString stiffnessText(const SectionValues& v, bool* unstable) {
    BalanceEquation kept(v.rig, v.state);
    for (std::size_t i = 0; i < v.rig.strings.size(); ++i)
        kept.holdAtPitch(i, v.rig.strings[i].target_Hz);
    const double k = -BalanceEquation(v.rig, v.state).at(v.state.angle_rad).slope_NmPerRad;
    const double kf = -kept.at(v.state.angle_rad).slope_NmPerRad;
    *unstable = kf <= 0.0;
    return MomentChartWords::tr("stiffness %1, retuned %2 N·m/rad").arg(decimal(k, 1)).arg(decimal(kf, 1));
}

/// Words around the plot, smaller where they would be cut.
void drawWords(Scene& scene, double font, const QString& stiffness, bool unstable) {
    const double line = font * 1.35, right = scene.size.width() - 14.0, bottom = scene.size.height() - 8.0;
    const auto words = [&](const QPointF& at, const QString& text, ColourRole ink, Qt::Alignment side) -> Mark& {
        const double fits = (scene.size.width() - 28.0) / (0.56 * std::max(1.0, static_cast<double>(text.size())));
        return scene.text(at, text, ink, std::min(font, fits), side | Qt::AlignVCenter);
    };
    const double first = 10.0 + font * 0.5;
    textWithProvenance(scene, {14.0, first}, Provenance::Calculated,
                       MomentChartWords::tr("moment, N·m, over the plate's angle"), ColourRole::Quiet,
                       std::min(font, (scene.size.width() - 28.0 - 1.1 * font) / 20.0));
    words({14.0, first + line}, MomentChartWords::tr("strings forward"), ColourRole::Strings, Qt::AlignLeft).bold =
        true;
    words({right, first + line}, MomentChartWords::tr("springs back"), ColourRole::Springs, Qt::AlignRight).bold = true;
    words({14.0, bottom - font * 2.0}, MomentChartWords::tr("dashed: strings while they are retuned"),
          ColourRole::Quiet, Qt::AlignLeft);
    words({14.0, bottom - font * 0.6}, stiffness, unstable ? ColourRole::Warn : ColourRole::Text, Qt::AlignLeft).id =
        QStringLiteral("stiffness");
}

} // namespace

Scene buildMomentChart(const SectionValues& v, const QSizeF& size) {
    Scene scene;
    scene.size = size;
    Frame frame = frameOf(v, size);
    const Curves curves = sample(v, frame.low_deg, frame.high_deg);
    spanMoments(frame, curves);
    drawGrid(scene, frame);
    const double goal_deg = degrees(v.goal.angle_rad);
    if (hasClaw(v.rig)) // an arm without a claw has no angle to be brought to
        scene.line({frame.at(goal_deg, frame.bottom_Nm), frame.at(goal_deg, frame.top_Nm)}, ColourRole::Goal, 2.0).id =
            QStringLiteral("goal-line");
    drawCurves(scene, frame, curves);
    const MomentParts here = BalanceEquation(v.rig, v.state).parts(v.state.angle_rad);
    const QPointF rest = frame.at(degrees(v.state.angle_rad), here.strings_Nm);
    scene
        .area(QPolygonF{rest + QPointF(0, -9), rest + QPointF(9, 0), rest + QPointF(0, 9), rest + QPointF(-9, 0)},
              v.angleMeasured ? ColourRole::Text : ColourRole::Sheet, ColourRole::Text, 2.0)
        .id = QStringLiteral("rest");
    bool unstable = false;
    const QString stiffness = stiffnessText(v, &unstable);
    drawWords(scene, frame.font, stiffness, unstable);
    scene.description = MomentChartWords::tr("Moment chart. The curves cross at %1 with %2 each way. %3.")
                            .arg(degreesText(v.state.angle_rad), momentText(here.strings_Nm), stiffness);
    return scene;
}

} // namespace flenzo
