// SPDX-License-Identifier: GPL-3.0-or-later
// The tables of the plan: aims, what helps, the claw left alone, figures.
#include "widgets/pages/plan_page.h"

#include "core/planning/spring_choice.h"
#include "widgets/controls/figure_table.h"
#include "widgets/look.h"
#include "widgets/text/wording.h"

#include <QLabel>
#include <QTabWidget>
#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

bool leavesForLocking(const Derived& derived) {
    const std::vector<double>& wanted = derived.advice.wanted_cents;
    return std::any_of(wanted.begin(), wanted.end(), [](double cents) { return cents != 0.0; });
}

} // namespace

void PlanPage::refreshAims() {
    const Job& job = context_.session().job();
    const Derived& derived = context_.session().derived();
    QList<QStringList> rows;
    for (const Aim& aim : derived.report.aimedPass.aims)
        rows.append({QString::fromStdString(job.rig.strings[aim.string].name), centsText(aim.cents),
                     QStringLiteral("±%1").arg(derived.uncertainty.aims_cents[aim.string], 0, 'f', 0),
                     QString::number(aim.frequency_Hz, 'f', 2),
                     wording::noteOf(aim.frequency_Hz, job.referencePitch_Hz)});
    aims_->show(rows, basePixels(context_.preferences()));
    aimsNote_->setText(
        rows.isEmpty() ? tr("No aims without a balance.")
                       : tr("From new strings %1 ¢ low (assumed), claw turned first. On the bench each aim is "
                            "worked out anew from what you read.")
                                 .arg(signedNumber(job.slackStart_cents, 0)) +
                             (leavesForLocking(derived) ? QLatin1Char(' ') + tr("What locking will add is left out.")
                                                        : QString()));
}

void PlanPage::refreshWays() {
    const Derived& derived = context_.session().derived();
    const Job& job = context_.session().job();
    if (job.rig.bridge.has().motion == Motion::Shaft) {
        refreshSprings();
        return;
    }
    QList<QStringList> rows;
    for (const Alternative& way : derived.alternatives)
        rows.append(
            {wording::wayOut(way), signedNumber(way.level.moreTurns, 1),
             QString::number(way.level.floatStiffness_NmPerRad, 'f', 1),
             way.passFactor < 1.0 ? QStringLiteral("%1 %").arg(100.0 * way.passFactor, 0, 'f', 0) : tr("runs away")});
    ways_->setHorizontalHeaderLabels({tr("way"), tr("claw"), tr("float"), tr("pass leaves")});
    ways_->show(rows, basePixels(context_.preferences()));
    if (derived.shortfall)
        waysNote_->setText(wording::shortfall(*derived.shortfall, context_.preferences().units));
    showWays(!rows.isEmpty());
}

/// A roller shaft's arm stands where its spring lets it: other springs, side by side.
void PlanPage::refreshSprings() {
    const Derived& derived = context_.session().derived();
    const Units& units = context_.preferences().units;
    const LevelSolution& level = derived.report.level;
    QList<QStringList> rows;
    for (const SpringOption& option : springOptions(derived.rig(), level.state, 0.0))
        rows.append({tr("%1 N/mm").arg(option.rate_Npm / 1000.0, 0, 'f', 1), lengthText(option.free_m, units),
                     QString::number(option.floatStiffness_NmPerRad, 'f', 1),
                     option.stable ? tr("level") : tr("runs away")});
    ways_->setHorizontalHeaderLabels({tr("spring rate"), tr("free length"), tr("float"), tr("arm")});
    ways_->show(rows, basePixels(context_.preferences()));
    const auto shim_m = shimForAngle_m(derived.rig(), level.state, 0.0);
    waysNote_->setText(!shim_m ? tr("No spring is under the arm.")
                       : *shim_m > 0.0
                           ? tr("Packing of %1 under this spring brings the arm level; or one of these springs.")
                                 .arg(lengthText(*shim_m, units))
                           : tr("For a level arm the spring is %1 too long; one of these lengths fits.")
                                 .arg(lengthText(-*shim_m, units)));
    showWays(true);
}

/// Where there is no comfortable float, what helps comes before how it is done.
void PlanPage::showWays(bool wanted) {
    const bool first = wanted && !waysShown_;
    waysShown_ = wanted;
    tabs_->setTabVisible(waysTab_, wanted);
    if (first && context_.session().derived().report.level.status != LevelStatus::Found)
        tabs_->setCurrentIndex(waysTab_);
}

void PlanPage::refreshAlone() {
    const Job& job = context_.session().job();
    const ChangeReport& report = context_.session().derived().report;
    QList<QStringList> rows;
    for (const std::size_t string : job.method.order)
        rows.append({QString::fromStdString(job.rig.strings[string].name), centsText(report.aloneFirst_cents[string])});
    alone_->show(rows, basePixels(context_.preferences()));
    aloneNote_->setText(wording::leftAlone(job, report));
}

void PlanPage::refreshPasses() {
    const Job& job = context_.session().job();
    const Derived& derived = context_.session().derived();
    const ChangeReport& report = derived.report;
    const Units& units = context_.preferences().units;
    QList<QStringList> rows;
    if (report.level.status == LevelStatus::Found) {
        rows.append({tr("passes with aims"), QStringLiteral("1")});
        rows.append({tr("passes exactly to pitch"), report.exactDone ? QString::number(report.exactPasses.size())
                                                                     : tr("over %1").arg(report.exactPasses.size())});
        rows.append(
            {tr("left after each such pass"), QStringLiteral("%1 %").arg(100 * derived.couplingFactor, 0, 'f', 0)});
        rows.append(
            {tr("stiffness, pegs untouched"), tr("%1 N·m/rad").arg(report.level.stiffness_NmPerRad, 0, 'f', 1)});
        rows.append({tr("stiffness, retuned"), tr("%1 N·m/rad").arg(report.level.floatStiffness_NmPerRad, 0, 'f', 1)});
    }
    rows.append({tr("pull before"), forceText(report.sumBefore_N, units)});
    rows.append({tr("pull after"), forceText(report.sumAfter_N, units)});
    if (report.hasClaw)
        rows.append({tr("block for level, at the rear edge"), lengthText(derived.neutralBlock_m, units)});
    rows.append({tr("rig figures measured"), QString::number(job.measured.size())});
    passes_->show(rows, basePixels(context_.preferences()));
}

} // namespace flenzo
