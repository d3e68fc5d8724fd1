// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/text/step_figures.h"

#include "core/planning/alternatives.h"
#include "core/planning/up_pull.h"
#include "core/setup/fretting.h"
#include "domain/job/claw_depth.h"
#include "domain/methods/fine_tuners.h"
#include "domain/methods/method_figures.h"
#include "domain/methods/methods.h"
#include "domain/work/warnings.h"
#include "language/decimal.h"
#include "widgets/text/wording.h"

#include <QCoreApplication>
#include <algorithm>
#include <cmath>
#include <limits>

namespace flenzo {

namespace {

struct StepFiguresWords {
    Q_DECLARE_TR_FUNCTIONS(StepFigures)
};

/// As a ruler on the bench tells it.
QString rough(double length_m, const Units& units) {
    return units.inches ? QStringLiteral("%1 in").arg(decimal(length_m / 0.0254, 2))
                        : QStringLiteral("%1 mm").arg(decimal(length_m * 1e3, 0));
}

/// One below the other, but for what is empty.
QString lines(QStringList each) {
    each.removeAll(QString());
    return each.join(QLatin1Char('\n'));
}

/// The slack in the shop's own rule first.
QString ruleWords(const Job& job, const SlackRules& rules, const Units& units) {
    const QString rule = chosenMethod(job, QStringLiteral("slackRule"));
    if (rule == QLatin1String("past"))
        return StepFiguresWords::tr("%1 past the string post").arg(rough(rules.slack_m, units));
    if (rule == QLatin1String("spacings"))
        return StepFiguresWords::tr("%1 string post spacings past its own").arg(decimal(rules.postSpacings, 1));
    if (rule == QLatin1String("bow"))
        return StepFiguresWords::tr("a bow of %1 over the middle of the fretboard").arg(rough(rules.bow_m, units));
    if (rule == QLatin1String("hands"))
        return StepFiguresWords::tr("%1 hand widths (of 85 mm) past the string post").arg(decimal(rules.hands, 1));
    return StepFiguresWords::tr("%1 frets back at the nut").arg(decimal(rules.frets, 1));
}

/// Of each string, thickest first, as it leaves its string post.
QString angleWords(const Job& job) {
    QStringList angles;
    for (const RigString& string : job.rig.strings)
        angles.append(QStringLiteral("%1: %2°").arg(QString::fromStdString(string.name),
                                                    decimal(degrees(nutAngleOf_rad(job, string)), 0)));
    return angles.join(QStringLiteral(" · "));
}

QString slackWords(const Job& job, const Units& units) {
    if (job.card.tuners == Tuners::AtBridge)
        return StepFiguresWords::tr("No slack: the bridge tuner takes up the string.");
    QStringList lines;
    for (const bool wound : {false, true}) {
        const auto string = std::find_if(job.rig.strings.begin(), job.rig.strings.end(),
                                         [wound](const RigString& s) { return s.wire.isWound() == wound; });
        if (string == job.rig.strings.end())
            continue;
        const SlackRules rules = slackOf(job, *string);
        lines.append((wound ? StepFiguresWords::tr("Wound: %1 = %2 of slack, %3 wraps")
                            : StepFiguresWords::tr("Plain: %1 = %2 of slack, %3 wraps"))
                         .arg(ruleWords(job, rules, units), rough(rules.slack_m, units))
                         .arg(decimal(wrapsOf(job, string->wire), 1)));
    }
    const AssumedHead head = headOf(job);
    const bool measured = job.card.head.post_m && job.card.head.spacing_m;
    lines.append((measured
                      ? StepFiguresWords::tr("Angles over the nut: %1 (string posts of %2, %3 apart).")
                      : StepFiguresWords::tr("Angles over the nut: %1 (string posts of %2, %3 apart, are assumed)."))
                     .arg(angleWords(job), lengthText(head.post_m, units), rough(head.postSpacing_m, units)));
    if (job.card.stringTree)
        lines.append((job.card.head.treeAway_m && job.card.head.treeDrop_m
                          ? StepFiguresWords::tr("Strings under the string tree: %1° with it.")
                          : StepFiguresWords::tr("Strings under the string tree: about %1° with it (assumed)."))
                         .arg(decimal(degrees(treeAngle_rad(job)), 0)));
    return lines.join(QLatin1Char('\n'));
}

QString blockWords(const Job& job, const Derived& derived, const Units& units) {
    const QString words = StepFiguresWords::tr("Block under the rear edge: %1.")
                              .arg(lengthText(gapAt_m(job.rig.bridge, blockAngle_rad(job)), units));
    const double jump = blockJump_cents(job, derived.rig(), derived.report.level);
    return words + QLatin1Char(' ') +
           (jump > 0.0 ? StepFiguresWords::tr("Strings at pitch under it jump up to %1 cents when it comes out.")
                             .arg(decimal(jump, 0))
                       : StepFiguresWords::tr("Neutral: nothing jumps when it comes out."));
}

QString cutWords(const Job& job, const Units& units) {
    if (!job.rig.bridge.has().clampsAtSaddle || isChosen(job, "ballEnd", "cut"))
        return {};
    QStringList lengths;
    for (const RigString& string : job.rig.strings)
        lengths.append(QStringLiteral("%1: %2").arg(QString::fromStdString(string.name),
                                                    rough(cutLengthOf_m(job, string), units)));
    const QString inClamp = lengthText(headOf(job).insertion_m, units), spare = rough(assumedHead.toSpare_m, units);
    return StepFiguresWords::tr("Each string has its own length, from the ball along the string to the cut.") +
           QLatin1Char('\n') + lengths.join(QStringLiteral(" · ")) + QLatin1Char('\n') +
           (job.measured.contains(QStringLiteral("strings.nutTail"))
                ? StepFiguresWords::tr(
                      "From nut to string post as measured; %1 in the clamp is assumed, %2 is to spare.")
                      .arg(inClamp, spare)
                : StepFiguresWords::tr("From nut to string post as most guitars have it, %1 in the clamp is assumed, "
                                       "%2 is to spare. Hold one string to its string post before the first cut.")
                      .arg(inClamp, spare));
}

QString tailWords(const Job& job, const Units& units) {
    if (job.card.headstock == Headstock::None)
        return {};
    return isChosen(job, "tail", "flush")  ? StepFiguresWords::tr("Flush at the string post.")
           : isChosen(job, "tail", "bent") ? StepFiguresWords::tr("Leave %1 and bend it in.").arg(rough(0.002, units))
                                           : StepFiguresWords::tr("Leave %1.").arg(rough(0.010, units));
}

QString settleWords(const Job& job, const Derived& derived) {
    QStringList parts;
    for (std::size_t i = 0; i < derived.advice.guitar.settling.size(); ++i) {
        const StretchCount& needed = derived.advice.guitar.settling[i].needed;
        parts.append(needed.p50 == 0
                         ? StepFiguresWords::tr("%1 settled").arg(QString::fromStdString(job.rig.strings[i].name))
                         : StepFiguresWords::tr("%1: %2 pulls")
                               .arg(QString::fromStdString(job.rig.strings[i].name),
                                    wording::rangeText(needed.p10, needed.p90)));
    }
    return parts.join(QStringLiteral(" · "));
}

QString levelWords(const Job& job, const Derived& derived, const Units& units) {
    const LevelSolution& level = derived.advice.act.level;
    if (!hasClaw(job.rig))
        return {}; // no gap to see, no claw to turn
    if (level.status != LevelStatus::Found)
        return wording::stuck(level);
    if (job.goal.deckLoad_Nm > 0.0)
        return StepFiguresWords::tr("It rests on the body. Now: %1.").arg(wording::clawTurn(level.moreTurns));
    return StepFiguresWords::tr("When level, the rear gap is %1. Now: %2.")
        .arg(lengthText(derived.neutralBlock_m, units), wording::clawTurn(level.moreTurns));
}

/// Whether the fine tuners cover what comes once the nut is locked.
QString fineWords(const Job& job, const Derived& derived) {
    const std::vector<FineDemand> demands = fineDemands(job, derived);
    double spare_cents = std::numeric_limits<double>::max();
    QStringList lacking;
    for (std::size_t i = 0; i < demands.size(); ++i) {
        const FineForecast& forecast = demands[i].forecast;
        spare_cents = std::min({spare_cents, forecast.spareUp_cents, forecast.spareDown_cents});
        if (!forecast.covers)
            lacking.append(QStringLiteral("%1: %2").arg(
                QString::fromStdString(job.rig.strings[i].name),
                centsText(forecast.spareUp_cents < 0.0 ? -forecast.spareUp_cents : forecast.spareDown_cents)));
    }
    if (demands.empty())
        return {};
    if (!lacking.isEmpty())
        return StepFiguresWords::tr("The fine tuners would lack %1 for locking, settling and %2 ¢ of wear: preset them "
                                    "anew and tune at the pegs before the caps close.")
            .arg(lacking.join(QStringLiteral(" · ")))
            .arg(decimal(assumedWear_cents, 0));
    return StepFiguresWords::tr(
               "The fine tuners cover locking, settling and %1 ¢ of wear, with %2 ¢ to spare at least.")
        .arg(decimal(assumedWear_cents, 0))
        .arg(decimal(spare_cents, 0));
}

QString presetWords(const Job& job, const Derived& derived) {
    Job preset = job;
    presetFineTuners(preset);
    return lines({StepFiguresWords::tr("Preset: %1 of %2 turns screwed in (range assumed unless the card says).")
                      .arg(decimal(finePreset_turns(job), 1))
                      .arg(decimal(job.rig.strings.front().fineTurns, 1)),
                  fineWords(preset, derived)});
}

QString lockWords(const Job& job, const Derived& derived) {
    const QStringList missing = missingForLock(job, derived);
    QStringList said{missing.isEmpty() ? StepFiguresWords::tr("Ready: level, in tune, settled.")
                                       : StepFiguresWords::tr("Missing: %1.").arg(missing.join(QStringLiteral(", ")))};
    if (job.card.nut == Nut::Caps)
        said.append(StepFiguresWords::tr(
            "See for yourself: strings on the nut's floor, caps in their order, ridge along the strings."));
    const std::vector<double>& last = job.card.clampShift_cents;
    if (last.size() == job.rig.strings.size()) {
        QStringList parts;
        for (std::size_t i = 0; i < last.size(); ++i)
            parts.append(
                QStringLiteral("%1 %2").arg(QString::fromStdString(job.rig.strings[i].name), centsText(last[i])));
        said.append(
            StepFiguresWords::tr(
                "Last time locking moved: %1. The aims allow for it, but for more than %2 ¢: there a string slipped.")
                .arg(parts.join(QStringLiteral(" · ")))
                .arg(decimal(mostClampShift_cents, 0)));
    }
    said.append(fineWords(job, derived));
    return lines(said);
}

QString budgetWords(const Job& job, const Derived& derived) {
    const std::vector<FineBudget> budgets = fineBudget(derived.rig(), derived.now().state);
    QStringList parts;
    for (std::size_t i = 0; i < budgets.size(); ++i)
        if (budgets[i].perTurn_cents > 0.0)
            parts.append(StepFiguresWords::tr("%1: up %2, down %3 ¢")
                             .arg(QString::fromStdString(job.rig.strings[i].name))
                             .arg(decimal(budgets[i].up_cents, 0))
                             .arg(decimal(budgets[i].down_cents, 0)));
    const bool atBridge = job.rig.bridge.has().tunersAtBridge;
    const QString ended =
        atBridge ? StepFiguresWords::tr(
                       "A bridge tuner at its end: unwind it, draw the string through its clamp, clamp again.")
                 : StepFiguresWords::tr("A fine tuner at its end: unlock, tune at the pegs, preset, lock again.");
    if (parts.isEmpty())
        return ended;
    const QString left = (atBridge ? StepFiguresWords::tr("Travel left on the bridge tuners: %1.")
                                   : StepFiguresWords::tr("Travel left on the fine tuners: %1."))
                             .arg(parts.join(QStringLiteral(" · ")));
    const QStringList beyond = beyondFineTuners(job, derived);
    return beyond.isEmpty() ? left
                            : left + QLatin1Char('\n') +
                                  StepFiguresWords::tr("Beyond the travel that is left: %1.")
                                      .arg(beyond.join(QStringLiteral(", "))) +
                                  QLatin1Char(' ') + ended;
}

/// What a pull-up to the stop does: from where it is, or, before all strings are near pitch, from where it shall be.
QString pullUpWords(const Job& job, const Derived& derived) {
    if (!hasClaw(job.rig) || !derived.report.level.balanced())
        return {};
    const std::vector<double>& now = derived.now().readings_cents;
    const bool there = std::all_of(now.begin(), now.end(), [near_cents = AdvisorOptions().nearPitch_cents](double off) {
        return std::abs(off) < near_cents;
    });
    const UpPull pull = upPullOf(derived.rig(), there ? derived.now().state : derived.report.level.state);
    if (pull.angle_rad <= 0.0)
        return StepFiguresWords::tr("It rests on its stop: it only dives.");
    const auto [least, most] = std::minmax_element(pull.rise_cents.begin(), pull.rise_cents.end());
    const auto name = [&](auto at) {
        return QString::fromStdString(job.rig.strings[static_cast<std::size_t>(at - pull.rise_cents.begin())].name);
    };
    return StepFiguresWords::tr("Pulled up to its stop, %1° on, string %2 rises by %3 half steps, string %4 by %5 "
                                "(calculated).")
        .arg(decimal(degrees(pull.angle_rad), 1))
        .arg(name(most))
        .arg(decimal(*most / 100.0, 1))
        .arg(name(least))
        .arg(decimal(*least / 100.0, 1));
}

QString playingWords(const Job& job, const Derived& derived) {
    const std::vector<double> shifts = playingShift_cents(derived.rig(), derived.now().state);
    const bool onBench = isChosen(job, "finalTune", "bench");
    QStringList parts;
    for (std::size_t i = 0; i < shifts.size(); ++i)
        if (std::isfinite(shifts[i]))
            parts.append(QStringLiteral("%1 %2").arg(QString::fromStdString(job.rig.strings[i].name),
                                                     centsText(onBench ? -shifts[i] : shifts[i])));
    return (onBench ? StepFiguresWords::tr("On its back, leave each string at: %1 (calculated).")
                    : StepFiguresWords::tr("In playing position, pitch changes by: %1 (calculated)."))
        .arg(parts.join(QStringLiteral(" \u00b7 ")));
}

QString heightWords(const Job& job, const Units& units) {
    if (!job.rig.bridge.has().heightAtPosts)
        return {};
    const double little_m = units.inches ? 0.005 * 0.0254 : 1e-4;
    return StepFiguresWords::tr("A bridge post raised by %1 raises the action at fret 12 by %2.")
        .arg(lengthText(postRaise_m(little_m, 12, job.rig.strings.front().scale_m), units),
             lengthText(little_m, units));
}

QString intonateWords(const Job& job, const Units& units) {
    const double move_m = std::abs(saddleMove_m(1.0, job.rig.strings.front().scale_m));
    return StepFiguresWords::tr("Fretted sharp by 1 cent: saddle back by %1; flat: forward by as much.")
        .arg(lengthText(move_m, units));
}

/// Where the claw is now by what was measured of it, and whether it is crooked.
QString depthWords(const Job& job, const Units& units) {
    const ClawDepth now = clawDepthNow(job);
    if (!hasClaw(job.rig) || !now.bass_m || !now.treble_m)
        return {};
    const double slant_m = *clawSlant_m(job);
    const QString depths = StepFiguresWords::tr("Wall to claw now: bass side %1, treble side %2.")
                               .arg(lengthText(*now.bass_m, units), lengthText(*now.treble_m, units));
    if (std::abs(slant_m) < crookedClaw_m)
        return depths;
    const QString turns = turnsText(std::abs(slant_m) / job.rig.claw.lead_m);
    return depths + QLatin1Char(' ') +
           (slant_m > 0.0
                ? StepFiguresWords::tr("The claw is crooked: the treble screw is %1 turns further in.").arg(turns)
                : StepFiguresWords::tr("The claw is crooked: the bass screw is %1 turns further in.").arg(turns));
}

/// Floating or resting on the body, by whether the arm is used.
QString restWords(const Job& job) {
    const bool canChoose = hasClaw(job.rig) && !job.rig.bridge.has().divesOnly;
    if (canChoose && job.card.arm == ArmUse::NotUsed && job.goal.deckLoad_Nm <= 0.0)
        return StepFiguresWords::tr("The arm is not used: resting on the body, the other strings stay in tune when one "
                                    "breaks. Choose it at the plan under Bridge.");
    if (canChoose && job.card.arm == ArmUse::Used && job.goal.deckLoad_Nm > 0.0)
        return StepFiguresWords::tr(
            "The arm is used: on the body it only dives; floating it moves both ways. Choose it "
            "at the plan under Bridge.");
    return {};
}

/// Springs for the arm that is wanted, each as this guitar would take it.
QString feelWords(const Job& job, const Derived& derived) {
    if (job.card.feel == ArmFeel::AsItIs)
        return {};
    const std::vector<Alternative> choices = springChoices(derived.rig(), job.goal, job.method.order);
    if (choices.empty() || choices.front().level.stiffness_NmPerRad <= 0.0)
        return {};
    QStringList fitting;
    for (const Alternative& way : choices) {
        const double change = way.level.stiffness_NmPerRad / choices.front().level.stiffness_NmPerRad - 1.0;
        const bool wanted = job.card.feel == ArmFeel::Softer ? change < -0.02 : change > 0.02;
        if (way.level.status == LevelStatus::Found && wanted)
            fitting.append(
                StepFiguresWords::tr("%1: arm %2 %, claw %3 turns")
                    .arg(wording::wayOut(way), signedNumber(100.0 * change, 0), signedNumber(way.level.moreTurns, 1)));
    }
    return fitting.isEmpty()
               ? StepFiguresWords::tr("No other springs at hand make the arm so and still float.")
               : StepFiguresWords::tr("For that arm: %1 (calculated).").arg(fitting.join(QStringLiteral(" · ")));
}

/// What was wished of the strings' height and is not ordered yet.
QString wishWords(const Job& job) {
    return (job.card.wishBass_m || job.card.wishTreble_m) && !job.work.wants("height")
               ? StepFiguresWords::tr("An action is wanted: tick \u201cset the height\u201d to have its step.")
               : QString();
}

} // namespace

QString stepFigures(const Job& job, const Derived& derived, const Step& step, const Units& units) {
    switch (step.id) {
    case StepId::AskOwner:
        return lines({restWords(job), feelWords(job, derived),
                      job.card.arm == ArmUse::Used ? pullUpWords(job, derived) : QString(), wishWords(job)});
    case StepId::OldSet:
        return QStringLiteral("%1. %2").arg(wording::verdict(derived.report),
                                            wording::verdictReason(derived.report, units));
    case StepId::Checks:
        return lines({floats(job.rig, job.goal) ? StepFiguresWords::tr("When level, the gap under the rear edge is %1.")
                                                      .arg(lengthText(derived.neutralBlock_m, units))
                                                : QString(),
                      depthWords(job, units)});
    case StepId::CoverOff:
        return depthWords(job, units);
    case StepId::BlockIn:
        return blockWords(job, derived, units);
    case StepId::PresetFine:
        return presetWords(job, derived);
    case StepId::BallEnd:
        return cutWords(job, units);
    case StepId::Wind:
        return slackWords(job, units);
    case StepId::SwapString:
        return lines({slackWords(job, units), cutWords(job, units)});
    case StepId::Settle:
        return settleWords(job, derived);
    case StepId::Level:
        return lines({levelWords(job, derived, units), depthWords(job, units)});
    case StepId::Tune:
    case StepId::RoughTune:
        return wording::outlook(derived);
    case StepId::Height:
        return heightWords(job, units);
    case StepId::Intonate:
        return intonateWords(job, units);
    case StepId::Lock:
        return lockWords(job, derived);
    case StepId::FineTune:
        return budgetWords(job, derived) + QLatin1Char('\n') + playingWords(job, derived);
    case StepId::TrimTails:
        return tailWords(job, units);
    case StepId::ReturnTest:
        return lines({pullUpWords(job, derived), job.card.nut == Nut::Open ? playingWords(job, derived) : QString()});
    default:
        return {};
    }
}

} // namespace flenzo
