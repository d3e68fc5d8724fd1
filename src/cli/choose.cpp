// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/choose.h"

#include "domain/base/faults.h"

#include <QJsonArray>
#include <cmath>

namespace flenzo {

namespace {

double atIndex(const std::vector<double>& values, std::size_t i) {
    return i < values.size() ? values[i] : 0.0;
}

QJsonObject figuresJson(const Rig& rig, const SetFigures& figures, double armBefore_NmPerRad) {
    QJsonArray strings;
    for (std::size_t i = 0; i < rig.strings.size(); ++i)
        strings.append(QJsonObject{{QStringLiteral("name"), QString::fromStdString(rig.strings[i].name)},
                                   {QStringLiteral("gaugeMm"), rig.strings[i].wire.gauge_m / metresPerMm},
                                   {QStringLiteral("pullN"), figures.level.tensions_N[i]},
                                   {QStringLiteral("ofBreaking"), figures.ofBreaking[i]},
                                   {QStringLiteral("wholeStepBendN"), atIndex(figures.bend_N, i)}});
    QJsonObject out{{QStringLiteral("strings"), strings},
                    {QStringLiteral("pullN"), figures.pull_N},
                    {QStringLiteral("balances"), figures.level.balanced()}};
    if (!figures.level.balanced())
        return out;
    if (hasClaw(rig)) {
        out[QStringLiteral("clawTurns")] = figures.clawMore_turns;
        out[QStringLiteral("clawTurnsLeft")] = figures.clawLeft_turns;
        out[QStringLiteral("springs")] = static_cast<int>(figures.springs);
    }
    out[QStringLiteral("floatStiffnessNmPerRad")] = figures.level.floatStiffness_NmPerRad;
    out[QStringLiteral("armStiffnessNmPerRad")] = figures.level.stiffness_NmPerRad;
    if (armBefore_NmPerRad > 0.0)
        out[QStringLiteral("armOfBefore")] = figures.level.stiffness_NmPerRad / armBefore_NmPerRad;
    out[QStringLiteral("armHalfStepNm")] = figures.armHalfStep_Nm;
    out[QStringLiteral("rangeUpDeg")] = degrees(figures.rangeUp_rad);
    if (figures.dropMovesOthers_cents)
        out[QStringLiteral("dropMovesOthersCents")] = *figures.dropMovesOthers_cents;
    out[QStringLiteral("passFactor")] = figures.passFactor;
    return out;
}

Fault faultOf(const ChosenSet& chosen, const Rig& rig, const SetWish& wish) {
    const QString name = QString::fromStdString(rig.strings[chosen.string].name);
    const QString field = QStringLiteral("strings");
    switch (chosen.status) {
    case SetStatus::NothingOffered:
        return {faults::nothingSoldForString, field, {name}};
    case SetStatus::NothingBears:
        return {faults::nothingSoldBears, field, {name, QString::number(std::lround(100.0 * wish.mostOfBreaking))}};
    case SetStatus::NothingNear:
        return {faults::nothingSoldNear, field, {name, QString::number(std::lround(100.0 * wish.furthestPull))}};
    default:
        return {faults::choiceTookTooLong, field};
    }
}

} // namespace

Result<QJsonObject> chooseJson(const Job& job, const Catalogue& catalogue, const FeelWish& feel) {
    const Rig guitar = estimate(benchJobOf(job)).rig;
    const SetFigures before = figuresBefore(job, guitar);
    const StringsSold sold = stringsSoldFor(guitar, catalogue);
    const Offered offered = sold.wires();
    const SetWish wish = wishOf(feel, before);
    const ChosenSet chosen = chooseSet(guitar, job.goal, offered, wish);
    if (chosen.picks.empty())
        return faultOf(chosen, job.rig, wish);
    std::vector<Wire> set;
    QJsonArray labels, hindered;
    for (std::size_t i = 0; i < chosen.picks.size(); ++i) {
        const CatalogueString& item = *sold.items[i][chosen.picks[i]];
        set.push_back(item.wire);
        labels.append(item.id);
    }
    for (const std::size_t string : chosen.atTheEnd)
        hindered.append(QString::fromStdString(job.rig.strings[string].name));
    const double arm = before.level.balanced() ? before.level.stiffness_NmPerRad : 0.0;
    const Rig asBefore = asItWas(guitar, job.oldSet()), chosenRig = withWires(guitar, set);
    const Order& order = job.method.order;
    return QJsonObject{{QStringLiteral("set"), labels},
                       {QStringLiteral("proven"), chosen.status == SetStatus::Best},
                       {QStringLiteral("distance"), chosen.cost},
                       {QStringLiteral("leastDistance"), chosen.bound},
                       {QStringLiteral("atTheEndOfWhatIsSold"), hindered},
                       {QStringLiteral("before"), figuresJson(asBefore, before, arm)},
                       {QStringLiteral("planned"), figuresJson(guitar, figuresOf(guitar, job.goal, order), arm)},
                       {QStringLiteral("chosen"), figuresJson(chosenRig, figuresOf(chosenRig, job.goal, order), arm)}};
}

} // namespace flenzo
