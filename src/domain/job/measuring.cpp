// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/job/measuring.h"

#include "core/decision/rule_options.h"
#include "core/log/nearness.h"
#include "language/decimal.h"

#include <QCoreApplication>
#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

using Kind = MeasuringTool::Kind;

struct MeasuringWords {
    Q_DECLARE_TR_FUNCTIONS(Measuring)
};

/// The nearest by ratio among those of a kind; 0 where nothing is told.
int nearestOf(const QList<MeasuringTool>& list, const std::optional<double>& deviation, Kind kind) {
    if (!deviation)
        return 0;
    int best = 0;
    double least = 1e9;
    for (int k = 0; k < list.size(); ++k)
        if (list[k].kind == kind && std::abs(std::log(list[k].deviation / *deviation)) < least) {
            best = k;
            least = std::abs(std::log(list[k].deviation / *deviation));
        }
    return best;
}

std::optional<double> deviationOf(const QList<MeasuringTool>& list, int which, Kind kind) {
    const MeasuringTool& tool = list[std::clamp<int>(which, 0, static_cast<int>(list.size()) - 1)];
    return tool.kind == kind ? std::optional<double>(tool.deviation) : std::nullopt;
}

} // namespace

QString MeasuringTool::title() const {
    return MeasuringWords::tr(plainTitle);
}

const QList<MeasuringTool>& tunersInUse() {
    static const QList<MeasuringTool> list{
        {"", QT_TRANSLATE_NOOP("Measuring", "not said"), 0.0, Kind::NotTold},
        {"tenth", QT_TRANSLATE_NOOP("Measuring", "tuner good to 0.1 ¢"), 0.15, Kind::Cents},
        {"half", QT_TRANSLATE_NOOP("Measuring", "tuner good to half a cent"), 0.5, Kind::Cents},
        {"one", QT_TRANSLATE_NOOP("Measuring", "tuner that shows whole cents"), 1.0, Kind::Cents},
        {"two", QT_TRANSLATE_NOOP("Measuring", "tuner good to 2 ¢"), 2.0, Kind::Cents}};
    return list;
}

const QList<MeasuringTool>& levelTools() {
    static const QList<MeasuringTool> list{
        {"", QT_TRANSLATE_NOOP("Measuring", "not said"), 0.0, Kind::NotTold},
        {"feeler", QT_TRANSLATE_NOOP("Measuring", "feeler or caliper"), 5e-5, Kind::Gap},
        {"ruler", QT_TRANSLATE_NOOP("Measuring", "ruler"), 1.5e-4, Kind::Gap},
        {"gauge", QT_TRANSLATE_NOOP("Measuring", "angle gauge"), radians(0.1), Kind::Angle},
        {"photo", QT_TRANSLATE_NOOP("Measuring", "side photo"), radians(0.15), Kind::Angle},
        {"eye", QT_TRANSLATE_NOOP("Measuring", "by eye"), radians(0.3), Kind::Angle}};
    return list;
}

int tunerOf(const Tools& tools) {
    return nearestOf(tunersInUse(), tools.tuner_cents, Kind::Cents);
}

int levelToolOf(const Tools& tools) {
    return tools.angle_rad ? nearestOf(levelTools(), tools.angle_rad, Kind::Angle)
                           : nearestOf(levelTools(), tools.gap_m, Kind::Gap);
}

void chooseTuner(Tools& tools, int which) {
    tools.tuner_cents = deviationOf(tunersInUse(), which, Kind::Cents);
}

void chooseLevelTool(Tools& tools, int which) {
    tools.gap_m = deviationOf(levelTools(), which, Kind::Gap);
    tools.angle_rad = deviationOf(levelTools(), which, Kind::Angle);
}

double angleSeen_rad(PlateByEye seen) {
    constexpr double plainly_deg = 1.2; // what nobody overlooks
    return seen == PlateByEye::Level ? 0.0 : radians(seen == PlateByEye::Forward ? plainly_deg : -plainly_deg);
}

Event lookedAt(double angle_rad) {
    constexpr double level_deg = 0.3, tilted_deg = 0.7; // an eye sees level better than how far off it is
    Event event;
    event.angle_rad = angle_rad;
    event.angleDeviation_rad = radians(angle_rad == 0.0 ? level_deg : tilted_deg);
    return event;
}

Event lookedAt(PlateByEye seen) {
    return lookedAt(angleSeen_rad(seen));
}

QString toolsNote(const Job& job) {
    const AdvisorOptions rules;
    QStringList notes;
    const double pitch_cents = job.goal.pitchTolerance_cents;
    const double tuner = rules.tellPitch * job.tools.tuner_cents.value_or(0.0);
    const double believed_cents = job.tools.peg_cents.value_or(rules.peg_cents);
    // As the rules judge by it: a finer hand than was believed makes the job no stricter.
    const double hand_cents =
        std::max(believed_cents, nearness_cents(job.log, believed_cents, job.tools.tuner_cents.value_or(0.0)));
    const bool seen = job.tools.peg_cents || hand_cents > rules.peg_cents; // else it is only assumed
    const double peg = seen ? rules.tellPeg * hand_cents : 0.0;
    if (std::max(tuner, peg) > 1.01 * pitch_cents)
        notes.append(
            tuner > peg
                ? MeasuringWords::tr("This tuner cannot tell %1 ¢: strings will be judged to %2 ¢. One good to %3 ¢ "
                                     "would do.")
                      .arg(decimal(pitch_cents, 1))
                      .arg(decimal(tuner, 1))
                      .arg(decimal(pitch_cents / rules.tellPitch, 1))
                : MeasuringWords::tr("Strings left that near their aim cannot be promised within %1 ¢: they will be "
                                     "judged to %2 ¢. Leave each within %3 ¢, or widen the tolerance.")
                      .arg(decimal(pitch_cents, 1))
                      .arg(decimal(peg, 1))
                      .arg(decimal(pitch_cents / rules.tellPeg, 1)));
    if (!floats(job.rig, job.goal))
        return notes.join(QLatin1Char(' '));
    const double edge_m = job.rig.bridge.rearEdge_m, wanted_rad = job.goal.angleTolerance_rad;
    const double look_rad =
        rules.tellPlate * (job.tools.angle_rad ? *job.tools.angle_rad : job.tools.gap_m.value_or(0.0) / edge_m);
    if (look_rad > 1.01 * wanted_rad)
        notes.append(MeasuringWords::tr(
                         "What level is judged by cannot tell %1°: the plate will be judged to %2°. A gap measured to "
                         "%3 mm would do.")
                         .arg(decimal(degrees(wanted_rad), 2))
                         .arg(decimal(degrees(look_rad), 2))
                         .arg(decimal(wanted_rad / rules.tellPlate * edge_m / metresPerMm, 2)));
    return notes.join(QLatin1Char(' '));
}

QString toolLines(const Tools& tools) {
    return QStringLiteral("tool.tuner=%1\ntool.level=%2")
        .arg(tunersInUse()[tunerOf(tools)].name, levelTools()[levelToolOf(tools)].name);
}

void applyToolLines(Tools& tools, const QString& lines) {
    const auto find = [](const QList<MeasuringTool>& list, const QString& name) {
        for (int k = 0; k < list.size(); ++k)
            if (list[k].name == name)
                return k;
        return 0;
    };
    for (const QString& line : lines.split(QLatin1Char('\n'), Qt::SkipEmptyParts)) {
        const QString topic = line.section(QLatin1Char('='), 0, 0), way = line.section(QLatin1Char('='), 1);
        if (topic == QLatin1String("tool.tuner"))
            chooseTuner(tools, find(tunersInUse(), way));
        else if (topic == QLatin1String("tool.level"))
            chooseLevelTool(tools, find(levelTools(), way));
    }
}

} // namespace flenzo
