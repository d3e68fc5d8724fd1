// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/text/plan_tables.h"

#include "core/planning/spring_choice.h"
#include "core/planning/up_pull.h"
#include "language/decimal.h"
#include "widgets/text/wording.h"

#include <QCoreApplication>
#include <algorithm>

namespace flenzo::wording {

namespace {

struct PlanWords {
    Q_DECLARE_TR_FUNCTIONS(PlanPage)
};

bool leavesForLocking(const Derived& derived) {
    const std::vector<double>& wanted = derived.advice.wanted_cents;
    return std::any_of(wanted.begin(), wanted.end(), [](double cents) { return cents != 0.0; });
}

/// A plus before a stiffness would say "more".
QString stiffnessText(double stiffness_NmPerRad) {
    const QString text = signedNumber(stiffness_NmPerRad, 1);
    return text.startsWith(QLatin1Char('+')) ? text.mid(1) : text;
}

QString percent(double share) {
    return QStringLiteral("%1 %").arg(decimal(100.0 * share, 0));
}

/// A roller shaft's arm is where its spring lets it.
PlanTable springsTable(const Derived& derived, const Units& units) {
    const LevelSolution& level = derived.report.level;
    PlanTable table;
    table.headers = {PlanWords::tr("spring rate"), PlanWords::tr("free length"), PlanWords::tr("float"),
                     PlanWords::tr("arm")};
    for (const SpringOption& option : springOptions(derived.rig(), level.state, 0.0))
        table.rows.append({PlanWords::tr("%1 N/mm").arg(decimal(option.rate_Npm / 1000.0, 1)),
                           lengthText(option.free_m, units), stiffnessText(option.floatStiffness_NmPerRad),
                           option.stable ? PlanWords::tr("level") : PlanWords::tr("runs away")});
    const auto shim_m = shimForAngle_m(derived.rig(), level.state, 0.0);
    table.note = !shim_m ? PlanWords::tr("No spring is under the arm.")
                 : *shim_m > 0.0
                     ? PlanWords::tr("Packing of %1 under this spring brings the arm level; or one of these springs.")
                           .arg(lengthText(*shim_m, units))
                     : PlanWords::tr("For a level arm the spring is %1 too long; one of these lengths fits.")
                           .arg(lengthText(-*shim_m, units));
    return table;
}

/// How hard the arm is to move against how hard it is now, every string as it is tuned.
QString armText(const LevelSolution& level, const LevelSolution& now) {
    return now.stiffness_NmPerRad > 0.0 && level.stiffness_NmPerRad > 0.0
               ? signedNumber(100.0 * (level.stiffness_NmPerRad / now.stiffness_NmPerRad - 1.0), 0) +
                     QStringLiteral(" %")
               : QStringLiteral("–");
}

/// From stop to stop; other springs change the effort, not the range.
QString armRange(const Job& job, const Derived& derived) {
    const LevelSolution& level = derived.report.level;
    if (!level.balanced())
        return {};
    const UpPull up = upPullOf(derived.rig(), level.state);
    const auto most = std::max_element(up.rise_cents.begin(), up.rise_cents.end());
    const double down_rad = job.rig.bridge.forwardStop_rad - level.state.angle_rad;
    return up.angle_rad > 0.0
               ? PlanWords::tr("The arm's range: %1° down, %2° up, there string %3 is %4 half steps sharp.")
                     .arg(decimal(degrees(down_rad), 0), decimal(degrees(up.angle_rad), 1),
                          QString::fromStdString(
                              job.rig.strings[static_cast<std::size_t>(most - up.rise_cents.begin())].name),
                          decimal(*most / 100.0, 1))
               : PlanWords::tr("The arm's range: %1° down, none up.").arg(decimal(degrees(down_rad), 0));
}

} // namespace

PlanTable aimsTable(const Job& job, const Derived& derived) {
    PlanTable table;
    for (const Aim& aim : derived.report.aimedPass.aims)
        table.rows.append({QString::fromStdString(job.rig.strings[aim.string].name), centsText(aim.cents),
                           QStringLiteral("±%1").arg(decimal(derived.uncertainty.aims_cents[aim.string], 0)),
                           decimal(aim.frequency_Hz, 2), noteOf(aim.frequency_Hz, job.referencePitch_Hz)});
    if (table.rows.isEmpty()) {
        table.note = PlanWords::tr("No aims without a balance.");
        return table;
    }
    table.note = PlanWords::tr("From new strings %1 ¢ low (assumed), claw turned first. On the bench each aim is "
                               "worked out anew from what you read.")
                     .arg(signedNumber(job.slackStart_cents, 0));
    if (leavesForLocking(derived))
        table.note += QLatin1Char(' ') + PlanWords::tr("What locking will add is left out.");
    return table;
}

PlanTable waysTable(const Job& job, const Derived& derived, const Units& units) {
    if (job.rig.bridge.has().motion == Motion::Shaft)
        return springsTable(derived, units);
    PlanTable table;
    table.headers = {PlanWords::tr("change"), PlanWords::tr("claw"), PlanWords::tr("claw left"),
                     PlanWords::tr("float"),  PlanWords::tr("arm"),  PlanWords::tr("pass leaves")};
    const std::vector<Alternative> ways =
        derived.shortfall ? derived.alternatives : springChoices(derived.rig(), job.goal, job.method.order);
    for (const Alternative& way : ways)
        table.rows.append(
            way.level.balanced()
                ? QStringList{wayOut(way), signedNumber(way.level.moreTurns, 1), decimal(way.clawLeft_turns, 1),
                              stiffnessText(way.level.floatStiffness_NmPerRad), armText(way.level, ways.front().level),
                              way.passFactor < 1.0 ? percent(way.passFactor) : PlanWords::tr("runs away")}
                : QStringList{wayOut(way), PlanWords::tr("out of reach"), {}, {}, {}, {}});
    table.note = derived.shortfall
                     ? shortfall(*derived.shortfall, units)
                     : PlanWords::tr("Claw turns for level and how many are left to its tightest; float in N·m/rad; "
                                     "the arm's effort against now; what a pass exactly to pitch leaves.");
    if (const QString range = armRange(job, derived); !derived.shortfall && !range.isEmpty())
        table.note += QLatin1Char(' ') + range;
    return table;
}

PlanTable leftAloneTable(const Job& job, const ChangeReport& report) {
    PlanTable table;
    for (const std::size_t string : job.method.order)
        table.rows.append(
            {QString::fromStdString(job.rig.strings[string].name), centsText(report.aloneFirst_cents[string])});
    table.note = leftAlone(job, report);
    return table;
}

PlanTable planFiguresTable(const Job& job, const Derived& derived, const Units& units) {
    const ChangeReport& report = derived.report;
    PlanTable table;
    const auto row = [&table](const QString& what, const QString& figure) { table.rows.append({what, figure}); };
    if (report.level.status == LevelStatus::Found) {
        row(PlanWords::tr("passes with aims"), QStringLiteral("1"));
        row(PlanWords::tr("passes exactly to pitch"), report.exactDone
                                                          ? QString::number(report.exactPasses.size())
                                                          : PlanWords::tr("over %1").arg(report.exactPasses.size()));
        row(PlanWords::tr("left after each such pass"), percent(derived.couplingFactor));
        row(PlanWords::tr("stiffness, pegs untouched"),
            PlanWords::tr("%1 N·m/rad").arg(stiffnessText(report.level.stiffness_NmPerRad)));
        row(PlanWords::tr("stiffness, retuned"),
            PlanWords::tr("%1 N·m/rad").arg(stiffnessText(report.level.floatStiffness_NmPerRad)));
    }
    row(PlanWords::tr("pull before"), forceText(report.sumBefore_N, units));
    row(PlanWords::tr("pull after"), forceText(report.sumAfter_N, units));
    if (report.hasClaw)
        row(PlanWords::tr("block for level, at the rear edge"), lengthText(derived.neutralBlock_m, units));
    row(PlanWords::tr("figures measured"), QString::number(job.measured.size()));
    return table;
}

} // namespace flenzo::wording
