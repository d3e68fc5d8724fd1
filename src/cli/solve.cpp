// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/solve.h"
#include "core/operations/acts.h"
#include "domain/base/faults.h"

#include "core/planning/passes.h"
#include "core/planning/spring_choice.h"
#include "core/statics/readings.h"

#include <QJsonArray>
#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

QJsonArray list(const std::vector<double>& values) {
    QJsonArray out;
    for (const double value : values)
        out.append(value);
    return out;
}

/// Readings by string name; strings that do not sound are left out.
QJsonObject byName(const Rig& rig, const std::vector<double>& readings) {
    QJsonObject out;
    for (std::size_t i = 0; i < readings.size(); ++i)
        if (std::isfinite(readings[i]))
            out[QString::fromStdString(rig.strings[i].name)] = readings[i];
    return out;
}

QJsonObject byName(const Rig& rig, const std::vector<Aim>& aims) {
    std::vector<double> readings(rig.strings.size(), std::nan(""));
    for (const Aim& aim : aims)
        readings[aim.string] = aim.cents;
    return byName(rig, readings);
}

QJsonObject atRest(const Rig& rig, const State& state) {
    return {{QStringLiteral("angleDeg"), degrees(state.angle_rad)},
            {QStringLiteral("cents"), byName(rig, readings_cents(rig, state))}};
}

QJsonObject withoutEach(const Rig& rig, const State& from) {
    QJsonObject out;
    for (std::size_t i = 0; i < rig.strings.size(); ++i)
        out[QString::fromStdString(rig.strings[i].name)] = atRest(rig, removeString(rig, from, i).state);
    return out;
}

QJsonArray couplingJson(const Eigen::MatrixXd& matrix) {
    QJsonArray rows;
    for (Eigen::Index j = 0; j < matrix.rows(); ++j) {
        QJsonArray row;
        for (Eigen::Index i = 0; i < matrix.cols(); ++i)
            row.append(matrix(j, i));
        rows.append(row);
    }
    return rows;
}

State slackStart(const Rig& rig, const ClawTurns& claw) {
    State start = bareState(rig);
    start.claw = claw;
    return stringUp(rig, start, std::vector<double>(rig.strings.size(), -300.0), 0.0).state;
}

QJsonArray exactPassesJson(const Rig& rig, const Order& order) {
    QJsonArray out;
    State state = slackStart(rig, rig.claw.turns);
    for (int pass = 0; pass < 3; ++pass) {
        state = exactPass(rig, state, order).after;
        out.append(atRest(rig, state));
    }
    return out;
}

QString statusName(LevelStatus status) {
    switch (status) {
    case LevelStatus::Found:
        return QStringLiteral("found");
    case LevelStatus::NoStableFloat:
        return QStringLiteral("no-stable-float");
    case LevelStatus::ClawTooShort:
        return QStringLiteral("claw-too-short");
    case LevelStatus::ClawTooTight:
        return QStringLiteral("claw-too-tight");
    case LevelStatus::SpringEdge:
        return "spring-comes-loose";
    case LevelStatus::NoMoment:
        return QStringLiteral("no-spring-moment");
    }
    return {};
}

/// A bridge without a claw: where it rests in tune on the springs there are, and what packing would bring it to level.
QJsonObject solveInTune(const Rig& rig, const Order& order) {
    const LevelSolution level = levelSolution(rig, bareState(rig), {});
    QJsonObject out{{QStringLiteral("status"), statusName(level.status)},
                    {QStringLiteral("tensionsN"), list(level.tensions_N)},
                    {QStringLiteral("springForcesN"), list(level.springForces_N)},
                    {QStringLiteral("inTuneAngleDeg"), degrees(level.state.angle_rad)}};
    if (rig.bridge.has().motion == Motion::Shaft)
        out[QStringLiteral("armTipHeightMm")] = armTipHeight_m(rig.bridge, level.state.angle_rad) / metresPerMm;
    if (const auto shim_m = shimForAngle_m(rig, level.state, 0.0))
        out[QStringLiteral("shimForLevelMm")] = *shim_m / metresPerMm;
    if (level.status != LevelStatus::Found)
        return out;
    const Eigen::MatrixXd matrix = coupling(rig, level.state);
    out[QStringLiteral("stiffnessNmPerRad")] = level.stiffness_NmPerRad;
    out[QStringLiteral("floatStiffnessNmPerRad")] = level.floatStiffness_NmPerRad;
    out[QStringLiteral("couplingCents")] = couplingJson(matrix);
    out[QStringLiteral("passFactor")] = passFactor(matrix, order);
    const QJsonObject without = withoutEach(rig, level.state);
    out[QStringLiteral("without")] = without;
    for (const QString& name : without.keys())
        out[QStringLiteral("without%1").arg(name)] = without.value(name);
    return out;
}

} // namespace

Result<Order> orderFromNames(const Rig& rig, const QStringList& names) {
    Order order;
    for (const QString& name : names) {
        const auto string = stringNamed(rig, name.trimmed().toStdString());
        if (!string)
            return Fault{faults::namesNoString, QStringLiteral("order"), {name}};
        if (std::find(order.begin(), order.end(), *string) != order.end())
            return Fault{faults::namesStringTwice, QStringLiteral("order"), {name}};
        order.push_back(*string);
    }
    if (order.size() != rig.strings.size())
        return Fault{faults::orderIncomplete,
                     QStringLiteral("order"),
                     {QString::number(order.size()), QString::number(rig.strings.size())}};
    return order;
}

QJsonObject solve(const Rig& rig, const Order& order) {
    if (!hasClaw(rig))
        return solveInTune(rig, order);
    const LevelSolution level = levelSolution(rig, bareState(rig), {});
    QJsonObject out{{QStringLiteral("status"), statusName(level.status)},
                    {QStringLiteral("tensionsN"), list(level.tensions_N)},
                    {QStringLiteral("springForcesN"), list(level.springForces_N)},
                    {QStringLiteral("exactPasses"), exactPassesJson(rig, order)}};
    if (!level.balanced()) {
        out[QStringLiteral("missingMomentNm")] = level.missing_Nm;
        out[QStringLiteral("clawTurnsAtReach")] = level.state.claw.mean();
        return out;
    }
    const Eigen::MatrixXd matrix = coupling(rig, level.state);
    const Pass aimed = aimedPass(rig, slackStart(rig, level.state.claw), level, order);
    out[QStringLiteral("clawTurns")] = level.state.claw.mean();
    out[QStringLiteral("stiffnessNmPerRad")] = level.stiffness_NmPerRad;
    out[QStringLiteral("floatStiffnessNmPerRad")] = level.floatStiffness_NmPerRad;
    out[QStringLiteral("couplingCents")] = couplingJson(matrix);
    out[QStringLiteral("passFactor")] = passFactor(matrix, order);
    out[QStringLiteral("without")] = withoutEach(rig, level.state);
    out[QStringLiteral("afterQuarterTurn")] = atRest(rig, turnClaw(rig, level.state, {0.25, 0.25}).state);
    out[QStringLiteral("settlingAims")] =
        QJsonObject{{QStringLiteral("aimCents"), byName(rig, aimed.aims)},
                    {QStringLiteral("angleDegAfter"), degrees(aimed.after.angle_rad)},
                    {QStringLiteral("centsAfter"), byName(rig, readings_cents(rig, aimed.after))}};
    out[QStringLiteral("blockedAimsAt1p5Deg")] = byName(rig, blockedAims(rig, level, radians(1.5)));
    return out;
}

} // namespace flenzo
