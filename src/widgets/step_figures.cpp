// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/step_figures.h"

#include "core/setup/fretting.h"
#include "core/setup/lock.h"
#include "core/setup/posts.h"
#include "session/work/schools.h"
#include "widgets/wording.h"

#include <QCoreApplication>
#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

// Nobody measures these before the first time; every sentence that rests on them says "assumed".
constexpr double post_m = 0.0055;
constexpr double postSpacing_m = 0.025;
constexpr double nutToPost_m = 0.045;
constexpr double insertion_m = 0.010;

QString tr(const char* text) {
    return QCoreApplication::translate("StepFigures", text);
}

QString mm(double length_m) {
    return QStringLiteral("%1 mm").arg(length_m * 1e3, 0, 'f', 0);
}

double wrapsOf(const Job& job, const Wire& wire) {
    if (job.card.tuners == Tuners::Locking || job.card.tuners == Tuners::AtBridge)
        return 0.5;
    const bool few = schoolOf(job, QStringLiteral("wraps")) == QLatin1String("few");
    return wire.isWound() ? (few ? 1.5 : 2.5) : (few ? 2.5 : 4.0);
}

QString slackWords(const Job& job) {
    if (job.card.tuners == Tuners::AtBridge)
        return tr("No slack: the bridge tuner takes up the string.");
    QStringList lines;
    for (const bool wound : {false, true}) {
        const auto string = std::find_if(job.rig.strings.begin(), job.rig.strings.end(),
                                         [wound](const RigString& s) { return s.wire.isWound() == wound; });
        if (string == job.rig.strings.end())
            continue;
        const double wraps = wrapsOf(job, string->wire);
        const SlackRules rules =
            slackRules(slackFor_m(wraps, post_m, string->wire.gauge_m), string->scale_m, postSpacing_m);
        lines.append((wound ? tr("Wound, %1 wraps: slack %2 = %3 frets back = %4 post spacings = a bow of %5")
                            : tr("Plain, %1 wraps: slack %2 = %3 frets back = %4 post spacings = a bow of %5"))
                         .arg(wraps, 0, 'f', 1)
                         .arg(mm(rules.slack_m))
                         .arg(rules.frets, 0, 'f', 1)
                         .arg(rules.postSpacings, 0, 'f', 1)
                         .arg(mm(rules.bow_m)));
    }
    lines.append(tr("Assumed: posts of 5.5 mm, 25 mm apart."));
    return lines.join(QLatin1Char('\n'));
}

QString blockWords(const Job& job, const Derived& derived, const Units& units) {
    const bool forward = schoolOf(job, QStringLiteral("blockHeight")) == QLatin1String("forward");
    const double angle = job.goal.angle_rad + (forward ? radians(1.5) : 0.0);
    QString words = tr("Block under the rear edge: %1.").arg(lengthText(gapAt_m(job.rig.bridge, angle), units));
    if (!forward)
        return words + QLatin1Char(' ') + tr("Neutral: nothing jumps when it comes out.");
    double worst = 0.0;
    if (derived.report.level.balanced())
        for (const Aim& aim : blockedAims(derived.rig(), derived.report.level, angle))
            worst = std::max(worst, std::abs(aim.cents));
    return words + QLatin1Char(' ') +
           tr("Strings at pitch under it jump up to %1 cents when it comes out.").arg(worst, 0, 'f', 0);
}

QString presetWords(const Job& job) {
    const QString way = schoolOf(job, QStringLiteral("finePreset"));
    const double all = job.rig.strings.front().fineTurns;
    const double at = way == QLatin1String("middle") ? all / 2.0 : way == QLatin1String("nearlyOut") ? 0.2 * all : 0.0;
    return tr("Preset: %1 of %2 turns screwed in (range assumed unless the card says).")
        .arg(at, 0, 'f', 1)
        .arg(all, 0, 'f', 1);
}

QString cutWords(const Job& job) {
    if (schoolOf(job, QStringLiteral("ballEnd")) != QLatin1String("reversed"))
        return {};
    const RigString& string = job.rig.strings.front();
    const double slack = slackFor_m(wrapsOf(job, string.wire), post_m, string.wire.gauge_m);
    return tr("Cut %1 from the ball, measured along the string (nut to post 45 mm and 10 mm in the clamp are assumed).")
        .arg(mm(cutLength_m(string.scale_m, nutToPost_m, slack, insertion_m)));
}

QString settleWords(const Job& job, const Derived& derived) {
    QStringList parts;
    for (std::size_t i = 0; i < derived.advice.settling.size(); ++i) {
        const StretchCount& needed = derived.advice.settling[i].needed;
        parts.append(needed.p50 == 0 ? tr("%1 settled").arg(QString::fromStdString(job.rig.strings[i].name))
                                     : tr("%1: %2 pulls")
                                           .arg(QString::fromStdString(job.rig.strings[i].name),
                                                wording::rangeText(needed.p10, needed.p90)));
    }
    return parts.join(QStringLiteral(" · "));
}

QString levelWords(const Derived& derived, const Units& units) {
    const Level& level = derived.advice.act.level;
    if (level.status != LevelStatus::Found)
        return wording::stuck(level);
    return tr("Level shows a gap of %1. By what is known: %2.")
        .arg(lengthText(derived.neutralBlock_m, units), wording::clawTurn(level.moreTurns));
}

QString lockWords(const Job& job, const Derived& derived) {
    const QStringList missing = missingForLock(job, derived);
    QStringList lines{missing.isEmpty() ? tr("Ready: level, in tune twice, settled.")
                                        : tr("Missing: %1.").arg(missing.join(QStringLiteral(", ")))};
    lines.append(tr("See for yourself: strings on the nut's floor, caps in their order, ridge along the strings."));
    const std::vector<double>& last = job.card.clampShift_cents;
    if (last.size() == job.rig.strings.size()) {
        QStringList parts;
        for (std::size_t i = 0; i < last.size(); ++i)
            parts.append(
                QStringLiteral("%1 %2").arg(QString::fromStdString(job.rig.strings[i].name), centsText(last[i])));
        lines.append(tr("Last time locking moved: %1. Leave each string that much the other way.")
                         .arg(parts.join(QStringLiteral(" · "))));
    }
    return lines.join(QLatin1Char('\n'));
}

QString budgetWords(const Job& job, const Derived& derived) {
    const std::vector<FineBudget> budgets = fineBudget(derived.rig(), derived.now().state);
    QStringList parts;
    for (std::size_t i = 0; i < budgets.size(); ++i)
        if (budgets[i].perTurn_cents > 0.0)
            parts.append(tr("%1: up %2, down %3 ¢")
                             .arg(QString::fromStdString(job.rig.strings[i].name))
                             .arg(budgets[i].up_cents, 0, 'f', 0)
                             .arg(budgets[i].down_cents, 0, 'f', 0));
    return parts.isEmpty() ? tr("A fine tuner at its end: unlock, tune at the pegs, preset, lock again.")
                           : tr("Room of the fine tuners: %1.").arg(parts.join(QStringLiteral(" · ")));
}

QString heightWords(const Job& job) {
    constexpr double tenth_m = 1e-4;
    return tr("A post raised by %1 mm raises the action at fret 12 by 0.10 mm.")
        .arg(postRaise_m(tenth_m, 12, job.rig.strings.front().scale_m) * 1e3, 0, 'f', 2);
}

QString intonateWords(const Job& job) {
    const double move_m = saddleMove_m(1.0, job.rig.strings.front().scale_m);
    return tr("Fretted sharp by 1 cent: saddle back by %1 mm; flat: forward by as much.")
        .arg(std::abs(move_m) * 1e3, 0, 'f', 2);
}

} // namespace

QString stepFigures(const Job& job, const Derived& derived, const Step& step, const Units& units) {
    switch (step.id) {
    case StepId::OldSet:
        return wording::verdict(derived.report) + QLatin1Char(' ') + wording::verdictReason(derived.report, units);
    case StepId::Checks:
        return hasClaw(job.rig)
                   ? tr("Level shows a gap of %1 under the rear edge.").arg(lengthText(derived.neutralBlock_m, units))
                   : QString();
    case StepId::BlockIn:
        return blockWords(job, derived, units);
    case StepId::PresetFine:
        return presetWords(job);
    case StepId::BallEnd:
        return cutWords(job);
    case StepId::Wind:
    case StepId::SwapString:
        return slackWords(job);
    case StepId::Settle:
        return settleWords(job, derived);
    case StepId::Level:
        return levelWords(derived, units);
    case StepId::Tune:
    case StepId::RoughTune:
        return wording::outlook(derived);
    case StepId::Height:
        return heightWords(job);
    case StepId::Intonate:
        return intonateWords(job);
    case StepId::Lock:
        return lockWords(job, derived);
    case StepId::FineTune:
        return budgetWords(job, derived);
    default:
        return {};
    }
}

} // namespace flenzo
