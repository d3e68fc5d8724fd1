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
    if (figures.drop) {
        QJsonObject drop{{QStringLiteral("movesOthersCents"), figures.drop->movesOthers_cents},
                         {QStringLiteral("onStopNm"), figures.drop->onStop_Nm}};
        if (figures.drop->fineThere_turns > 0.0) {
            drop[QStringLiteral("fineTunerTurns")] = figures.drop->fineFree_turns;
            drop[QStringLiteral("fineTunerTurnsOnStop")] = figures.drop->fineHeld_turns;
            drop[QStringLiteral("fineTunerTurnsThere")] = figures.drop->fineThere_turns;
        }
        out[QStringLiteral("drop")] = drop;
    }
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
    QJsonObject json{{QStringLiteral("set"), items},
                     {QStringLiteral("proven"), proposal.choice.status == SetStatus::Best},
                     {QStringLiteral("distance"), proposal.choice.cost},
                     {QStringLiteral("leastDistance"), proposal.choice.bound},
                     {QStringLiteral("atTheEndOfWhatIsSold"), hindered},
                     {QStringLiteral("before"), figuresJson(asItWas(guitar, job.oldSet()), proposal.before, arm)},
                     {QStringLiteral("planned"), figuresJson(guitar, proposal.planned, arm)},
                     {QStringLiteral("chosen"), figuresJson(withProposal(guitar, proposal), proposal.chosen, arm)}};
    if (feel.springsToo)
        json[QStringLiteral("springs")] =
            QJsonObject{{QStringLiteral("count"), static_cast<int>(proposal.springs.springs)},
                        {QStringLiteral("rateOfNow"), proposal.springs.rateShare},
                        {QStringLiteral("packingMm"), proposal.packing_m / metresPerMm}};
    return json;
}

} // namespace flenzo
