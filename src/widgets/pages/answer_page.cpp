// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/pages/answer_page.h"

#include "core/planning/spring_choice.h"
#include "widgets/controls/figure_table.h"
#include "widgets/look.h"
#include "widgets/text/wording.h"

#include <QBoxLayout>
#include <QHeaderView>
#include <QLabel>
#include <QStackedWidget>
#include <cmath>

namespace flenzo {

namespace {

QFrame* panelIn(QWidget* parent) {
    auto* panel = new QFrame(parent);
    panel->setProperty("panel", true);
    return panel;
}

/// A titled panel with a note below the title and a table under both.
QFrame* tablePanel(QWidget* parent, const QString& title, QLabel** note, FigureTable* table) {
    QFrame* panel = panelIn(parent);
    auto* column = new QVBoxLayout(panel);
    QLabel* heading = label(TextRole::Heading, panel);
    heading->setText(title);
    column->addWidget(heading);
    if (note) {
        *note = label(TextRole::Body, panel);
        (*note)->setWordWrap(true);
        column->addWidget(*note);
    }
    column->addWidget(table, 1);
    return panel;
}

/// "1 3/4 turns, that is 7 quarter turns" or with sixteenths where quarters do not do.
QString inQuarters(double turns) {
    const int sixteenths = static_cast<int>(std::lround(std::abs(turns) * 16.0));
    const int quarters = sixteenths / 4, rest = sixteenths % 4;
    const QString whole =
        quarters == 1 ? AnswerPage::tr("1 quarter turn") : AnswerPage::tr("%1 quarter turns").arg(quarters);
    return rest == 0 ? whole : AnswerPage::tr("%1 and %2/16").arg(whole).arg(rest);
}

} // namespace

AnswerPage::AnswerPage(AppContext& context, QWidget* parent) : Page(context, parent) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(10, 8, 10, 8);
    column->setSpacing(8);
    column->addWidget(buildHead());
    auto* row = new QHBoxLayout;
    row->setSpacing(8);
    row->addWidget(buildAims(), 6);
    row->addWidget(buildAlone(), 4);
    row->addWidget(buildPasses(), 5);
    column->addLayout(row, 1);
}

QWidget* AnswerPage::buildHead() {
    QFrame* panel = panelIn(this);
    auto* row = new QHBoxLayout(panel);
    row->setContentsMargins(18, 12, 18, 12);
    row->setSpacing(28);
    auto* words = new QVBoxLayout;
    verdict_ = label(TextRole::Heading, panel, QStringLiteral("verdict"));
    claw_ = label(TextRole::Act, panel, QStringLiteral("clawSentence"));
    reason_ = label(TextRole::Body, panel, QStringLiteral("reason"));
    screws_ = label(TextRole::Small, panel, QStringLiteral("screws"));
    for (QLabel* each : {verdict_, claw_, reason_, screws_}) {
        each->setWordWrap(true);
        each->setSizePolicy(QSizePolicy::Preferred, QSizePolicy::Minimum);
        words->addWidget(each);
    }
    words->addStretch();
    turns_ = label(TextRole::Figure, panel, QStringLiteral("turns"));
    turns_->setAlignment(Qt::AlignCenter);
    row->addLayout(words, 3);
    row->addWidget(turns_, 1);
    return panel;
}

QWidget* AnswerPage::buildAims() {
    aims_ = new FigureTable({tr("string"), tr("tune to"), tr("±"), tr("hertz"), tr("that is")}, tr("Aims"), this);
    aims_->setObjectName(QStringLiteral("aims"));
    ways_ = new FigureTable({tr("way"), tr("claw"), tr("float"), tr("pass leaves")}, tr("Ways out"), this);
    ways_->setObjectName(QStringLiteral("ways"));
    plan_ = new QStackedWidget(this);
    plan_->addWidget(tablePanel(this, tr("Aims, in your order"), &aimsNote_, aims_));
    plan_->addWidget(tablePanel(this, tr("What helps, side by side"), &waysNote_, ways_));
    return plan_;
}

QWidget* AnswerPage::buildAlone() {
    alone_ = new FigureTable({tr("string"), tr("after one pass")}, tr("Claw left alone"), this);
    return tablePanel(this, tr("If the claw is left alone"), &aloneNote_, alone_);
}

QWidget* AnswerPage::buildPasses() {
    passes_ = new FigureTable({tr("figure"), tr("value")}, tr("Passes and balance"), this);
    passes_->setObjectName(QStringLiteral("passFigures"));
    return tablePanel(this, tr("Passes and balance"), nullptr, passes_);
}

void AnswerPage::refresh() {
    refreshHead();
    refreshAims();
    refreshWays();
    refreshAlone();
    refreshPasses();
}

void AnswerPage::refreshHead() {
    const Derived& derived = context_.session().derived();
    const ChangeReport& report = derived.report;
    const bool found = report.level.status == LevelStatus::Found;
    const double turns = report.level.moreTurns, spread = derived.uncertainty.claw_turns;
    verdict_->setText(wording::verdict(report));
    setVoice(verdict_, found ? TextRole::Heading : TextRole::Warn);
    reason_->setText(wording::verdictReason(report, context_.preferences().units));
    if (found && !hasClaw(context_.session().job().rig)) {
        claw_->setText(wording::inTune(derived, context_.preferences().units));
        turns_->setText(context_.session().job().rig.bridge.family == Family::Fixed ? tr("fixed") : tr("spring"));
        screws_->setText(
            tr("There is no claw to turn: what can be changed is the spring, never its length by cutting and "
               "never the arm by bending."));
        return;
    }
    claw_->setText(found ? wording::clawTurn(turns) : tr("Do not start: find another set or springs first"));
    turns_->setText(!found ? tr("stop")
                    : std::abs(turns) < 1.0 / 32
                        ? QStringLiteral("0")
                        : (turns > 0 ? QStringLiteral("+") : QString(QChar(0x2212))) + turnsText(turns));
    if (!found) {
        screws_->clear();
        return;
    }
    screws_->setText(std::abs(turns) < 1.0 / 32
                         ? tr("Give or take %1 turns, as far as the nominal figures are known").arg(spread, 0, 'f', 2)
                         : tr("%1: %2 on the bass screw, %2 on the treble screw. Give or take %3 turns, as far as the "
                              "nominal figures are known.")
                               .arg(wording::clawDirection(turns), inQuarters(turns))
                               .arg(spread, 0, 'f', 2));
}

void AnswerPage::refreshAims() {
    const Job& job = context_.session().job();
    const Derived& derived = context_.session().derived();
    QList<QStringList> rows;
    for (const Aim& aim : derived.report.aimedPass.aims)
        rows.append({QString::fromStdString(job.rig.strings[aim.string].name), centsText(aim.cents),
                     QStringLiteral("±%1").arg(derived.uncertainty.aims_cents[aim.string], 0, 'f', 0),
                     QString::number(aim.frequency_Hz, 'f', 2),
                     wording::noteOf(aim.frequency_Hz, job.referencePitch_Hz)});
    aims_->show(rows, basePixels(context_.preferences()));
    aimsNote_->setText(rows.isEmpty()
                           ? tr("No aims without a balance.")
                           : tr("From new strings %1 ¢ low (assumed), claw turned first. On the bench each aim is "
                                "worked out anew from what you read.")
                                 .arg(signedNumber(job.slackStart_cents, 0)));
}

void AnswerPage::refreshWays() {
    const Derived& derived = context_.session().derived();
    const Job& job = context_.session().job();
    if (job.rig.bridge.family == Family::RollerShaft) {
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
    plan_->setCurrentIndex(rows.isEmpty() ? 0 : 1);
}

/// A roller shaft's arm stands where its spring lets it: other springs, side by side.
void AnswerPage::refreshSprings() {
    const Derived& derived = context_.session().derived();
    const Units& units = context_.preferences().units;
    const LevelSolution& level = derived.report.level;
    QList<QStringList> rows;
    for (const SpringOption& option : springOptions(derived.rig(), level.state, 0.0, {0.6, 0.8, 1.0, 1.25, 1.6}))
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
    plan_->setCurrentIndex(1);
}

void AnswerPage::refreshAlone() {
    const Job& job = context_.session().job();
    const ChangeReport& report = context_.session().derived().report;
    QList<QStringList> rows;
    for (const std::size_t string : job.method.order)
        rows.append({QString::fromStdString(job.rig.strings[string].name), centsText(report.aloneFirst_cents[string])});
    alone_->show(rows, basePixels(context_.preferences()));
    aloneNote_->setText(wording::leftAlone(job, report));
}

void AnswerPage::refreshPasses() {
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
            {tr("error left by each such pass"), QStringLiteral("%1 %").arg(100 * derived.couplingFactor, 0, 'f', 0)});
        rows.append(
            {tr("stiffness, pegs untouched"), tr("%1 N·m/rad").arg(report.level.stiffness_NmPerRad, 0, 'f', 1)});
        rows.append(
            {tr("stiffness, kept at pitch"), tr("%1 N·m/rad").arg(report.level.floatStiffness_NmPerRad, 0, 'f', 1)});
    }
    rows.append({tr("pull before"), forceText(report.sumBefore_N, units)});
    rows.append({tr("pull after"), forceText(report.sumAfter_N, units)});
    if (report.hasClaw)
        rows.append({tr("block for level, at the rear edge"), lengthText(derived.neutralBlock_m, units)});
    rows.append({tr("rig figures measured"), QString::number(job.measured.size())});
    passes_->show(rows, basePixels(context_.preferences()));
}

} // namespace flenzo
