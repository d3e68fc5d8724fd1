// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/text/wording.h"

#include "core/planning/spring_choice.h"
#include "core/statics/note.h"
#include "language/decimal.h"
#include <QCoreApplication>
#include <QStringList>
#include <cmath>

namespace flenzo::wording {

namespace {

struct WordingWords {
    Q_DECLARE_TR_FUNCTIONS(Wording)
};

} // namespace

QString rangeText(double low, double high) {
    return low == high ? decimal(low, 0) : WordingWords::tr("%1 to %2").arg(decimal(low, 0), decimal(high, 0));
}

QString outlook(const Derived& derived) {
    if (derived.next().what == NextAct::Do::Done)
        return WordingWords::tr("Nothing left to do");
    if (derived.next().what == NextAct::Do::Stuck)
        return WordingWords::tr("More tuning will not help; see Plan");
    if (derived.next().what == NextAct::Do::Leave)
        return WordingWords::tr("More work is not likely to help");
    if (!derived.remaining)
        return WordingWords::tr("Working out what is left…");
    const RemainingWork& left = *derived.remaining;
    if (left.played == 0) // none of the guitars that the readings allow was finished
        return WordingWords::tr("What is left cannot be told yet");
    const double strings = static_cast<double>(derived.rig().strings.size());
    const QString claw = left.clawVisits.p90 > 0.0
                             ? WordingWords::tr(", %1 claw visits")
                                   .arg(rangeText(std::round(left.clawVisits.p10), std::round(left.clawVisits.p90)))
                             : QString();
    return WordingWords::tr("Left: %1 pegs%2, %3 min (8 of 10 guitars)")
        .arg(rangeText(std::round(strings * left.passes.p10), std::round(strings * left.passes.p90)), claw,
             rangeText(std::max(1.0, std::round(left.minutes.p10)), std::max(1.0, std::round(left.minutes.p90))));
}

QString verdict(const ChangeReport& report) {
    if (!report.hasClaw)
        return WordingWords::tr("Nothing to turn before tuning");
    if (!report.level.balanced() || report.level.status != LevelStatus::Found)
        return WordingWords::tr("No stable float");
    switch (report.verdict) {
    case Verdict::Same:
        return WordingWords::tr("No claw change");
    case Verdict::TouchUp:
        return WordingWords::tr("Small claw adjustment");
    case Verdict::Rebalance:
        return WordingWords::tr("Rebalance: claw work first");
    }
    return {};
}

QString verdictReason(const ChangeReport& report, const Units& units) {
    const double difference = report.sumAfter_N - report.sumBefore_N;
    const QString pull =
        std::abs(difference) < 0.05
            ? WordingWords::tr("The strings pull as before, %1").arg(forceText(report.sumAfter_N, units))
            : WordingWords::tr("The strings pull %1 %2 (%3 %) in all")
                  .arg(forceText(std::abs(difference), units),
                       difference > 0.0 ? WordingWords::tr("more") : WordingWords::tr("less"),
                       signedNumber(100.0 * difference / report.sumBefore_N, 1));
    if (!report.hasClaw)
        return pull + QLatin1Char('.');
    if (report.level.status != LevelStatus::Found)
        return pull + QStringLiteral(". ") + stuck(report.level);
    return QStringLiteral("%1. %2.").arg(pull, clawTurn(report.level.moreTurns));
}

QString stuck(const LevelSolution& level) {
    switch (level.status) {
    case LevelStatus::Found:
        return {};
    case LevelStatus::NoStableFloat:
        return WordingWords::tr(
                   "Retuned, the float is unstable: its stiffness is %1 N·m/rad and must be above 0. Add a "
                   "spring and let "
                   "the claw out, take stiffer springs, or a lighter set.")
            .arg(signedNumber(level.floatStiffness_NmPerRad, 2));
    case LevelStatus::ClawTooShort:
        return WordingWords::tr(
                   "Even with the claw at its tightest the strings win by %1. Add a spring or take stiffer ones.")
            .arg(momentText(level.missing_Nm));
    case LevelStatus::ClawTooTight:
        return WordingWords::tr(
                   "Even with the claw at its loosest the springs win by %1. Take a spring out or softer ones.")
            .arg(momentText(level.missing_Nm));
    case LevelStatus::SpringEdge:
        return WordingWords::tr(
            "It would balance only with a spring half loose. Take that spring out, or one softer than it.");
    case LevelStatus::NoMoment:
        return WordingWords::tr("No spring pulls at any claw position. Hook springs in, or check their geometry.");
    }
    return {};
}

QString wayOut(const Alternative& way) {
    switch (way.kind) {
    case Alternative::Kind::AsItIs:
        return WordingWords::tr("as it is");
    case Alternative::Kind::SpringCount:
        return WordingWords::tr("%n such spring(s)", nullptr, way.springs);
    case Alternative::Kind::SpringRate:
        return way.share < 1.0 ? WordingWords::tr("springs %1 % softer").arg(decimal(100.0 * (1.0 - way.share), 0))
                               : WordingWords::tr("springs %1 % stiffer").arg(decimal(100.0 * (way.share - 1.0), 0));
    case Alternative::Kind::SlantedSprings:
        return WordingWords::tr("outer springs slanted by a hook");
    case Alternative::Kind::StraightSprings:
        return WordingWords::tr("all springs straight");
    case Alternative::Kind::LighterSet:
        return WordingWords::tr("gauges at %1 %").arg(decimal(100.0 * way.share, 0));
    case Alternative::Kind::Decked:
        return WordingWords::tr("decked on the body");
    case Alternative::Kind::CentringAssist:
        return WordingWords::tr("stabiliser %1").arg(momentText(way.assist_Nm));
    }
    return {};
}

QString shortfall(const Shortfall& missing, const Units& units) {
    QStringList parts;
    if (missing.springRate)
        parts.append(WordingWords::tr("springs %1 % too soft").arg(decimal(100.0 * *missing.springRate, 0)));
    if (missing.tension)
        parts.append(WordingWords::tr("strings that pull %1 % too hard").arg(decimal(100.0 * *missing.tension, 0)));
    if (missing.hookDepth_m)
        parts.append(WordingWords::tr("hooks %1 too shallow").arg(lengthText(*missing.hookDepth_m, units)));
    if (missing.setback_m)
        parts.append(
            WordingWords::tr("saddles %1 too far behind the pivot").arg(lengthText(*missing.setback_m, units)));
    const QString made = parts.isEmpty()
                             ? WordingWords::tr("No single change makes the float stable enough.")
                             : WordingWords::tr("Any one of these mends it: %1.").arg(parts.join(QStringLiteral("; ")));
    return WordingWords::tr("Retuned, the stiffness is %1 N·m/rad; comfortable is %2. ")
               .arg(signedNumber(missing.floatStiffness_NmPerRad, 2))
               .arg(decimal(comfortableFloat_NmPerRad, 1)) +
           made;
}

QString inTune(const Derived& derived, const Units& units) {
    const Rig& rig = derived.rig();
    if (!rig.bridge.has().moves())
        return WordingWords::tr("Tune each string to pitch; no string moves another");
    const double angle = derived.report.level.state.angle_rad;
    return WordingWords::tr("In tune the arm is at %1, its tip %2 above the top")
        .arg(degreesText(angle), lengthText(armTipHeight_m(rig.bridge, angle), units));
}

QString atPitch(const Rig& rig, const EquilibriumAtPitch& landing, const LevelSolution& level) {
    if (!hasClaw(rig))
        return WordingWords::tr("With every string at pitch.");
    if (!level.balanced())
        return stuck(level);
    const QString stands =
        landing.stable
            ? WordingWords::tr("At pitch on this claw the plate is at %1.").arg(degreesText(landing.state.angle_rad))
            : WordingWords::tr("With this claw setting the plate hits its stop.");
    return stands + QLatin1Char('\n') + WordingWords::tr("%1 for level.").arg(clawTurn(level.moreTurns)) +
           QLatin1Char('\n') +
           WordingWords::tr("Float stiffness %1 N·m/rad.").arg(decimal(level.floatStiffness_NmPerRad, 1));
}

QString leftAlone(const Job& job, const ChangeReport& report) {
    if (!report.hasClaw)
        return WordingWords::tr("After one pass exactly to pitch, before anything is done again:");
    const QString first = WordingWords::tr("After one pass to pitch the plate is at %1")
                              .arg(degreesText(report.aloneFirst.after.angle_rad));
    if (!report.alone.stable)
        return first + WordingWords::tr("; however often you retune, it ends on its %1.")
                           .arg(report.alone.rest.angle_rad > job.goal.angle_rad ? WordingWords::tr("forward stop")
                                                                                 : WordingWords::tr("rear stop"));
    return first +
           WordingWords::tr("; retuned until it holds, it ends at %1.").arg(degreesText(report.alone.state.angle_rad));
}

} // namespace flenzo::wording
