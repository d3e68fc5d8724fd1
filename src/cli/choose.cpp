// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/choose.h"

#include <QJsonArray>

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

} // namespace

Result<QJsonObject> chooseJson(const Job& job, const Catalogue& catalogue, const FeelWish& feel) {
    const SetProposal proposal = proposeSet(job, estimate(benchJobOf(job)), catalogue, feel);
    if (proposal.strings.empty())
        return whyNone(proposal);
    QJsonArray items, hindered;
    for (const CatalogueString* item : proposal.strings)
        items.append(item->id);
    for (const std::size_t string : proposal.choice.atTheEnd)
        hindered.append(QString::fromStdString(proposal.guitar.strings[string].name));
    const LevelSolution& level = proposal.before.level;
    const double arm = level.balanced() ? level.stiffness_NmPerRad : 0.0;
    const Rig& guitar = proposal.guitar;
    return QJsonObject{
        {QStringLiteral("set"), items},
        {QStringLiteral("proven"), proposal.choice.status == SetStatus::Best},
        {QStringLiteral("distance"), proposal.choice.cost},
        {QStringLiteral("leastDistance"), proposal.choice.bound},
        {QStringLiteral("atTheEndOfWhatIsSold"), hindered},
        {QStringLiteral("before"), figuresJson(asItWas(guitar, job.oldSet()), proposal.before, arm)},
        {QStringLiteral("planned"), figuresJson(guitar, proposal.planned, arm)},
        {QStringLiteral("chosen"), figuresJson(withWires(guitar, proposal.wires), proposal.chosen, arm)}};
}

} // namespace flenzo
