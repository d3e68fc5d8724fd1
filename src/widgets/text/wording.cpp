// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/text/wording.h"

#include "core/planning/spring_choice.h"
#include "core/statics/note.h"

#include <QCoreApplication>
#include <QStringList>
#include <cmath>

namespace flenzo::wording {

namespace {

QString tr(const char* text) {
    return QCoreApplication::translate("Wording", text);
}

QString readWords(const Job& job, const NextAct& next) {
    if (next.strings.empty())
        return tr("Measure the gap under the plate's rear edge");
    const QString which = next.strings.size() == job.rig.strings.size() ? tr("every string")
                          : next.strings.size() == 1
                              ? tr("string %1").arg(QString::fromStdString(job.rig.strings[next.strings.front()].name))
                              : tr("the %1 strings left").arg(next.strings.size());
    return next.gap ? tr("Read %1, then the rear gap").arg(which) : tr("Read %1").arg(which);
}

ActWords readAct(const Job& job, const NextAct& next) {
    ActWords words;
    words.act = readWords(job, next);
    words.aside = job.log.empty() ? tr("The plan rests on assumed figures until the guitar has been read")
                                  : tr("What has been tuned since is computed, not read");
    if (next.strings.empty()) {
        words.figure = tr("gap");
        words.entry = tr("gap under the rear edge");
        return words;
    }
    const RigString& string = job.rig.strings[next.strings.front()];
    words.figure = tr("string %1").arg(QString::fromStdString(string.name));
    words.entry = tr("reading of %1").arg(stringTitle(string));
    return words;
}

ActWords tuneAct(const Job& job, const Derived& derived) {
    const Aim& aim = derived.next().aim;
    const RigString& string = job.rig.strings[aim.string];
    ActWords words;
    words.act = derived.now().state.nutLocked ? tr("Fine-tune string %1 to").arg(QString::fromStdString(string.name))
                : derived.now().state.block
                    ? tr("Tune string %1 under the block to").arg(QString::fromStdString(string.name))
                    : tr("Tune string %1 to").arg(QString::fromStdString(string.name));
    words.figure = centsText(aim.cents);
    words.aside = tr("of %1, that is %2 or %3")
                      .arg(QString::fromStdString(noteName(nearestNote(string.target_Hz, job.referencePitch_Hz).midi)),
                           noteOf(aim.frequency_Hz, job.referencePitch_Hz), hertzText(aim.frequency_Hz));
    words.entry = tr("what the tuner says");
    return words;
}

ActWords stretchAct(const Job& job, const Derived& derived) {
    const std::size_t at = derived.next().aim.string;
    const StringSettling& string = derived.advice.guitar.settling[at];
    ActWords words;
    words.act = tr("Pull string %1 along its whole length").arg(QString::fromStdString(job.rig.strings[at].name));
    words.figure = tr("pull");
    words.aside = tr("It should drop about %1 ¢; likely pulls left %2, at most %3. Never in one place: a kink stays.")
                      .arg(string.nextDrop_cents, 0, 'f', string.nextDrop_cents < 10.0 ? 1 : 0)
                      .arg(string.needed.p50)
                      .arg(std::max(string.needed.p90, string.needed.p50));
    words.entry = tr("what the tuner says after it");
    return words;
}

QString likelyWords(const Job& job, const Outlier& doubt) {
    switch (doubt.likely) {
    case Outlier::Likely::WrongOctave:
        return tr("It looks an octave off.");
    case Outlier::Likely::OtherString:
        return tr("It would fit string %1.").arg(QString::fromStdString(job.rig.strings[*doubt.otherString].name));
    case Outlier::Likely::WrongSign:
        return tr("Sharp and flat may be mixed up.");
    case Outlier::Likely::SlippedPoint:
        return tr("The decimal point may have slipped.");
    case Outlier::Likely::SlippedString:
        return tr("If it is right, the string slipped at its clamp or post.");
    case Outlier::Likely::Unknown:
        break;
    }
    return tr("A slip of the gauge or the pen, or something moved that nobody logged.");
}

ActWords doubtAct(const Job& job, const Outlier& doubt, const Units& units) {
    ActWords words;
    const QString off = QString::number(std::abs(doubt.inDeviations), 'f', 0);
    if (doubt.string) {
        words.act = tr("Read string %1 again").arg(QString::fromStdString(job.rig.strings[*doubt.string].name));
        words.figure = centsText(doubt.measured) + QStringLiteral(" ?");
        words.aside = tr("No guitar that fits the other readings gives it: expected %1, %2 standard deviations off. ")
                          .arg(centsText(doubt.predicted), off);
        words.entry = tr("reading of %1").arg(stringTitle(job.rig.strings[*doubt.string]));
    } else {
        words.act = tr("Measure the gap again");
        words.figure = lengthText(doubt.measured, units) + QStringLiteral(" ?");
        words.aside = tr("No guitar that fits the other readings gives it: expected %1, %2 standard deviations off. ")
                          .arg(lengthText(doubt.predicted, units), off);
        words.entry = tr("gap under the rear edge");
    }
    words.aside += likelyWords(job, doubt) + QLatin1Char(' ') + tr("Space: it is right as it stands.");
    return words;
}

} // namespace

QString stringTitle(const RigString& string) {
    return tr("string %1").arg(QString::fromStdString(string.name));
}

QString noteOf(double frequency_Hz, double a4_Hz) {
    if (!(frequency_Hz > 0.0))
        return tr("slack");
    const Note note = nearestNote(frequency_Hz, a4_Hz);
    return QStringLiteral("%1 %2").arg(QString::fromStdString(noteName(note.midi)), centsText(note.cents));
}

QString clawTurn(double turns) {
    if (std::abs(turns) < 1.0 / 32.0)
        return tr("Leave both claw screws as they are");
    const bool one = std::abs(turns) <= 1.0;
    const QString amount = turnsText(turns) + QLatin1Char(' ') + (one ? tr("turn") : tr("turns"));
    return turns > 0.0 ? tr("Tighten both claw screws %1").arg(amount) : tr("Loosen both claw screws %1").arg(amount);
}

QString clawTurn(const ClawTurns& turns) {
    if (turns.bass == turns.treble)
        return clawTurn(turns.bass);
    const bool tighten = turns.mean() > 0.0;
    if (turns.bass == 0.0)
        return (tighten ? tr("Tighten the treble screw alone %1 turn") : tr("Loosen the treble screw alone %1 turn"))
            .arg(turnsText(turns.treble));
    if (turns.treble == 0.0)
        return (tighten ? tr("Tighten the bass screw alone %1 turn") : tr("Loosen the bass screw alone %1 turn"))
            .arg(turnsText(turns.bass));
    return (tighten ? tr("Tighten the bass screw %1, the treble screw %2")
                    : tr("Loosen the bass screw %1, the treble screw %2"))
        .arg(turnsText(turns.bass), turnsText(turns.treble));
}

namespace {

QString signedTurns(double turns) {
    return (turns > 0.0 ? QStringLiteral("+") : QString(QChar(0x2212))) + turnsText(turns);
}

QString clawFigure(const ClawTurns& turns) {
    if (turns.bass == turns.treble)
        return signedTurns(turns.bass);
    if (turns.bass == 0.0 || turns.treble == 0.0)
        return signedTurns(turns.bass + turns.treble);
    return signedTurns(turns.bass) + QStringLiteral(" | ") + turnsText(turns.treble);
}

ActWords clawAct(const NextAct& next) {
    const ClawTurns& turns = next.turns;
    const bool even = turns.bass == turns.treble;
    ActWords words{clawTurn(turns), clawFigure(turns),
                   even ? clawDirection(turns.mean())
                        : tr("%1; one screw a sixteenth further is half a step, the claw hardly tilts")
                              .arg(turns.mean() > 0.0 ? tr("clockwise") : tr("counter-clockwise")),
                   tr("Space when done")};
    if (std::abs(next.level.moreTurns) > std::abs(turns.mean()) + next.hand.step_turns)
        words.aside = tr("Then look at the gap: about %1 turns are missing in all; %2")
                          .arg(turnsText(next.level.moreTurns), words.aside);
    return words;
}

} // namespace

QString clawDirection(double turns) {
    return turns > 0.0
               ? tr("clockwise, the same on each screw; the springs pull more and the plate's rear goes down")
               : tr("counter-clockwise, the same on each screw; the springs pull less and the plate's rear comes up");
}

namespace {

/// What can be promised of a finished job: no more than the tools can tell.
ActWords doneAct(const Job& job, const Derived& derived) {
    const Advice& advice = derived.advice;
    ActWords words{tr("In tune and level"), tr("done"), tr("Read on this guitar, not forecast"),
                   tr("any further reading")};
    if (!hasClaw(job.rig)) {
        words.act = tr("In tune");
    } else if (floats(job.rig, job.goal) && !advice.plateCounts) {
        words.act = tr("In tune");
        words.aside = tr("Level is not known: nobody has measured the plate. A gap or an angle would tell.");
    } else if (advice.plateTolerance_rad > 1.01 * job.goal.angleTolerance_rad ||
               advice.pitchTolerance_cents > 1.01 * job.goal.pitchTolerance_cents) {
        words.aside = tr("As far as these tools can tell: strings to %1 ¢, plate to %2°")
                          .arg(advice.pitchTolerance_cents, 0, 'f', 1)
                          .arg(degrees(advice.plateTolerance_rad), 0, 'f', 2);
    }
    return words;
}

ActWords leaveAct(const Job& job, const Derived& derived) {
    QStringList left;
    const Estimate& guitar = derived.advice.guitar;
    for (std::size_t i = 0; i < job.rig.strings.size(); ++i)
        if (std::abs(guitar.readings_cents[i]) > job.goal.pitchTolerance_cents)
            left.append(tr("%1 %2 ¢").arg(stringTitle(job.rig.strings[i]), centsText(guitar.readings_cents[i])));
    const double plate_rad = guitar.state.angle_rad - job.goal.angle_rad;
    if (derived.advice.plateCounts && std::abs(plate_rad) > job.goal.angleTolerance_rad)
        left.append(plate_rad > 0.0 ? tr("plate %1° forward").arg(degrees(plate_rad), 0, 'f', 2)
                                    : tr("plate %1° sunk").arg(degrees(-plate_rad), 0, 'f', 2));
    return {tr("Leave it here, or go on by hand"), tr("stop"),
            left.isEmpty() ? tr("Nothing is left that these tools could tell")
                           : tr("Left, by what is known: %1. With these tools more work is not likely to help.")
                                 .arg(left.join(QStringLiteral(", "))),
            tr("any further reading")};
}

} // namespace

ActWords act(const Job& job, const Derived& derived, const Units& units) {
    const NextAct& next = derived.next();
    if (derived.advice.doubt)
        return doubtAct(job, *derived.advice.doubt, units);
    switch (next.what) {
    case NextAct::Do::Read:
        return readAct(job, next);
    case NextAct::Do::Tune:
        return tuneAct(job, derived);
    case NextAct::Do::Claw:
        return clawAct(next);
    case NextAct::Do::Stretch:
        return stretchAct(job, derived);
    case NextAct::Do::Unblock:
        return {tr("Take the block out"), tr("block"),
                tr("The strings stand at their blocked aims and will land at pitch"), tr("Space when done")};
    case NextAct::Do::Done:
        return doneAct(job, derived);
    case NextAct::Do::Leave:
        return leaveAct(job, derived);
    case NextAct::Do::Stuck:
        return {tr("This set cannot float level here"), tr("stop"), stuck(next.level), QString()};
    }
    return {};
}

QString rangeText(double low, double high) {
    return low == high ? QString::number(low, 'f', 0)
                       : tr("%1 to %2").arg(QString::number(low, 'f', 0), QString::number(high, 'f', 0));
}

QString outlook(const Derived& derived) {
    if (derived.next().what == NextAct::Do::Done)
        return tr("Nothing left to do");
    if (derived.next().what == NextAct::Do::Stuck)
        return tr("No number of passes helps; see Answer");
    if (derived.next().what == NextAct::Do::Leave)
        return tr("More work is not likely to help");
    if (!derived.remaining)
        return tr("Working out what is left…");
    const RemainingWork& left = *derived.remaining;
    const double strings = static_cast<double>(derived.rig().strings.size());
    const QString claw =
        left.clawVisits.p90 > 0.0
            ? tr(", %1 claw visits").arg(rangeText(std::round(left.clawVisits.p10), std::round(left.clawVisits.p90)))
            : QString();
    return tr("To go, 8 times in 10: %1 pegs%2, %3 min")
        .arg(rangeText(std::round(strings * left.passes.p10), std::round(strings * left.passes.p90)), claw,
             rangeText(std::max(1.0, std::round(left.minutes.p10)), std::max(1.0, std::round(left.minutes.p90))));
}

QString verdict(const ChangeReport& report) {
    if (!report.hasClaw)
        return tr("No claw on this bridge");
    if (!report.level.balanced() || report.level.status != LevelStatus::Found)
        return tr("No stable float");
    switch (report.verdict) {
    case Verdict::Same:
        return tr("Same balance: the claw can stay");
    case Verdict::TouchUp:
        return tr("Touch-up: a nudge of the claw");
    case Verdict::Rebalance:
        return tr("Rebalance: claw first");
    }
    return {};
}

QString verdictReason(const ChangeReport& report, const Units& units) {
    const double difference = report.sumAfter_N - report.sumBefore_N;
    const QString pull =
        std::abs(difference) < 0.05
            ? tr("The strings pull as before, %1").arg(forceText(report.sumAfter_N, units))
            : tr("The strings pull %1 %2 (%3 %) in all")
                  .arg(forceText(std::abs(difference), units), difference > 0.0 ? tr("more") : tr("less"),
                       signedNumber(100.0 * difference / report.sumBefore_N, 1));
    if (!report.hasClaw)
        return pull + QLatin1Char('.');
    if (report.level.status != LevelStatus::Found)
        return pull + QStringLiteral(". ") + stuck(report.level);
    return tr("%1, which asks for %2 turns of the claw.").arg(pull, signedNumber(report.level.moreTurns, 2));
}

QString stuck(const LevelSolution& level) {
    switch (level.status) {
    case LevelStatus::Found:
        return {};
    case LevelStatus::NoStableFloat:
        return tr("Kept at pitch, the balance tips over: float stiffness is %1 N·m/rad and must be above 0. Add a "
                  "spring and let "
                  "the claw out, take stiffer springs, or a lighter set.")
            .arg(signedNumber(level.floatStiffness_NmPerRad, 2));
    case LevelStatus::ClawTooShort:
        return tr("Even with the claw at its tightest the strings win by %1. Add a spring or take stiffer ones.")
            .arg(momentText(level.missing_Nm));
    case LevelStatus::ClawTooTight:
        return tr("Even with the claw at its loosest the springs win by %1. Take a spring out or softer ones.")
            .arg(momentText(level.missing_Nm));
    case LevelStatus::SpringEdge:
        return tr("It would balance only with a spring half loose. Take that spring out, or one softer than it.");
    case LevelStatus::NoMoment:
        return tr("No spring pulls at any claw position. Hook springs in, or check their geometry.");
    }
    return {};
}

QString wayOut(const Alternative& way) {
    switch (way.kind) {
    case Alternative::Kind::AsItIs:
        return tr("as it is");
    case Alternative::Kind::MoreSprings:
        return tr("%1 such springs").arg(way.springs);
    case Alternative::Kind::StifferSprings:
        return tr("springs %1 % stiffer").arg(100.0 * (way.share - 1.0), 0, 'f', 0);
    case Alternative::Kind::LighterSet:
        return tr("gauges at %1 %").arg(100.0 * way.share, 0, 'f', 0);
    case Alternative::Kind::Decked:
        return tr("decked on the body");
    case Alternative::Kind::CentringAssist:
        return tr("centring assist %1").arg(momentText(way.assist_Nm));
    }
    return {};
}

QString shortfall(const Shortfall& missing, const Units& units) {
    QStringList parts;
    if (missing.springRate)
        parts.append(tr("springs %1 % too soft").arg(100.0 * *missing.springRate, 0, 'f', 0));
    if (missing.tension)
        parts.append(tr("strings that pull %1 % too hard").arg(100.0 * *missing.tension, 0, 'f', 0));
    if (missing.hookDepth_m)
        parts.append(tr("hooks %1 too shallow").arg(lengthText(*missing.hookDepth_m, units)));
    if (missing.setback_m)
        parts.append(tr("saddles %1 too far behind the pivot").arg(lengthText(*missing.setback_m, units)));
    const QString made = parts.isEmpty()
                             ? tr("No single change within reason makes it comfortable.")
                             : tr("Any one of these makes it so: %1.").arg(parts.join(QStringLiteral("; ")));
    return tr("Kept at pitch the stiffness is %1 N·m/rad; comfortable is %2. ")
               .arg(signedNumber(missing.floatStiffness_NmPerRad, 2))
               .arg(comfortableFloat_NmPerRad, 0, 'f', 1) +
           made;
}

QString inTune(const Derived& derived, const Units& units) {
    const Rig& rig = derived.rig();
    if (rig.bridge.family == Family::Fixed)
        return tr("Tune each string to pitch: nothing moves");
    const double angle = derived.report.level.state.angle_rad;
    return tr("In tune the arm stands at %1, its tip %2 above the top")
        .arg(degreesText(angle), lengthText(armTipHeight_m(rig.bridge, angle), units));
}

QString atPitch(const Rig& rig, const EquilibriumAtPitch& landing, const LevelSolution& level) {
    if (!hasClaw(rig))
        return tr("With every string at pitch.");
    if (!level.balanced())
        return stuck(level);
    const QString stands =
        landing.stable ? tr("At pitch on this claw the plate stands at %1.").arg(degreesText(landing.state.angle_rad))
                       : tr("At pitch on this claw the plate runs to its stop.");
    return stands + QLatin1Char('\n') + tr("%1 for level.").arg(clawTurn(level.moreTurns)) + QLatin1Char('\n') +
           tr("Float stiffness %1 N·m/rad.").arg(level.floatStiffness_NmPerRad, 0, 'f', 1);
}

QString leftAlone(const Job& job, const ChangeReport& report) {
    if (!report.hasClaw)
        return tr("After one pass exactly to pitch, before anything is done again:");
    const QString first =
        tr("After one pass to pitch the plate stands at %1").arg(degreesText(report.aloneFirst.after.angle_rad));
    if (!report.alone.stable)
        return first +
               tr("; however often you retune, it ends on its %1.")
                   .arg(report.alone.rest.angle_rad > job.goal.angle_rad ? tr("forward stop") : tr("rear stop"));
    return first + tr("; retuned until it holds, it ends at %1.").arg(degreesText(report.alone.state.angle_rad));
}

} // namespace flenzo::wording
