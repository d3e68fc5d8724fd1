// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/text/practice_words.h"

#include "language/decimal.h"
#include "widgets/text/wording.h"

#include <QCoreApplication>
#include <cmath>

namespace flenzo::wording {

namespace {

struct PracticeWords {
    Q_DECLARE_TR_FUNCTIONS(Practice)
};
using Do = PracticeAct::Do;

QString clawWords(const ClawTurns& turns) {
    const auto one = [](double by) {
        return by < 0.0 ? PracticeWords::tr("loosened %1").arg(turnsText(-by))
                        : PracticeWords::tr("tightened %1").arg(turnsText(by));
    };
    return turns.bass == turns.treble
               ? PracticeWords::tr("claw %1").arg(one(turns.bass))
               : PracticeWords::tr("claw: bass %1, treble %2").arg(one(turns.bass), one(turns.treble));
}

} // namespace

QString faultTitle(Defect fault) {
    switch (fault) {
    case Defect::None:
    case Defect::Count:
        return PracticeWords::tr("nothing is wrong with it");
    case Defect::BlockLeftIn:
        return PracticeWords::tr("a block was left in");
    case Defect::SlipsAtPost:
        return PracticeWords::tr("a string slips at its string post");
    case Defect::InsertLoose:
        return PracticeWords::tr("a saddle insert is loose");
    case Defect::WornEdge:
        return PracticeWords::tr("the knife edge is worn");
    case Defect::HangsAtNut:
        return PracticeWords::tr("a string hangs in its nut slot");
    case Defect::SwappedStrings:
        return PracticeWords::tr("two strings are in each other's place");
    case Defect::WrongGauge:
        return PracticeWords::tr("a string is not the gauge of its packet");
    case Defect::ClawCrooked:
        return PracticeWords::tr("the claw is crooked");
    case Defect::SpringOff:
        return PracticeWords::tr("a spring is off its hook");
    case Defect::NeckLoose:
        return PracticeWords::tr("the neck's screws are loose");
    case Defect::CapTurned:
        return PracticeWords::tr("a nut cap is the wrong way round");
    }
    return {};
}

QString hurtTitle(Hurt hurt) {
    switch (hurt) {
    case Hurt::CutUnderTension:
        return PracticeWords::tr("A string was taken off while it pulled: it whips, and the bridge jumps back.");
    case Hurt::LockedUnsettled:
        return PracticeWords::tr("The nut was locked before the strings had settled near pitch: fine tuners run out.");
    case Hurt::DivedUnlocked:
        return PracticeWords::tr("The arm was used with the nut unlocked: strings pull through and come back flat.");
    case Hurt::PostsUnderTension:
        return PracticeWords::tr("Bridge posts were turned under tension: that cuts the knife edges.");
    case Hurt::TooSharp:
        return PracticeWords::tr("A string was tuned nearly to where it breaks: eyes and face are in its way.");
    case Hurt::BlockLeftIn:
        return PracticeWords::tr("It was handed over with the block in.");
    case Hurt::Count:
        break;
    }
    return {};
}

QString practiceAct(const PracticeAct& act, const Rig& rig, const Units& units) {
    const QString string =
        act.string ? PracticeWords::tr("string %1").arg(QString::fromStdString(rig.strings[*act.string].name))
                   : PracticeWords::tr("every string");
    switch (act.what) {
    case Do::Read:
        return PracticeWords::tr("checked %1").arg(string);
    case Do::Measure:
        return PracticeWords::tr("measured the gap");
    case Do::Look:
        return PracticeWords::tr("looked from the side");
    case Do::Caliper:
        return PracticeWords::tr("caliper on %1").arg(string);
    case Do::Inspect:
        return PracticeWords::tr("looked at springs and claw");
    case Do::Tune:
        return PracticeWords::tr("%1 tuned to %2").arg(string, centsText(act.cents));
    case Do::Turn:
        return PracticeWords::tr("peg of %1 turned %2").arg(string, signedNumber(act.amount, 2));
    case Do::Claw:
        return clawWords(act.turns);
    case Do::Springs:
        return PracticeWords::tr("%1 springs in").arg(act.amount);
    case Do::Stretch:
        return PracticeWords::tr("%1 pulled").arg(string);
    case Do::Wiggle:
        return PracticeWords::tr("arm moved to and fro");
    case Do::Block:
        return PracticeWords::tr("block of %1 in").arg(lengthText(act.amount, units));
    case Do::Unblock:
        return PracticeWords::tr("block out");
    case Do::Lock:
        return PracticeWords::tr("nut locked");
    case Do::Dive:
        return PracticeWords::tr("dived and let go");
    case Do::PullUp:
        return PracticeWords::tr("pulled up and let go");
    case Do::Posts:
        return PracticeWords::tr("bridge posts by %1").arg(lengthText(act.amount, units));
    case Do::TakeOff:
        return PracticeWords::tr("%1 taken off").arg(string);
    case Do::PutOn:
        return PracticeWords::tr("%1 put on").arg(string);
    case Do::Guess:
        return act.guess == PracticeAct::Guess::ClawTurns
                   ? PracticeWords::tr("guessed the claw at %1 turns").arg(signedNumber(act.amount, 2))
                   : PracticeWords::tr("guessed the lowest string at %1").arg(centsText(act.amount));
    case Do::Diagnose:
        return PracticeWords::tr("said: %1").arg(faultTitle(act.fault));
    case Do::Done:
        return PracticeWords::tr("handed over");
    }
    return {};
}

namespace {

/// As the eye tells it: no figure.
QString lookedWords(double angle_rad, const Goal& goal) {
    constexpr double unseen_rad = 0.0035;
    const double off_rad = angle_rad - goal.angle_rad;
    return std::abs(off_rad) < unseen_rad ? PracticeWords::tr("Plate level, as seen from the side")
           : off_rad > 0.0                ? PracticeWords::tr("Plate forward, as seen from the side")
                                          : PracticeWords::tr("Plate sunk, as seen from the side");
}

} // namespace

QString practiceSight(const PracticeRun& run, const Units& units) {
    if (run.acts().isEmpty())
        return PracticeWords::tr("Nothing has been done yet");
    const PracticeAct& act = run.acts().last();
    const PracticeSight& seen = run.seen();
    const Rig& rig = run.job().rig;
    if (act.what == Do::Diagnose)
        return run.score().found && run.hiddenFault() == act.fault
                   ? PracticeWords::tr("Right: %1. It is put right.").arg(faultTitle(act.fault))
                   : PracticeWords::tr("Not that.");
    if (seen.gauge_m)
        return PracticeWords::tr("The caliper says %1").arg(gaugeText(*seen.gauge_m, units));
    if (seen.claw)
        return PracticeWords::tr("%1 springs hooked on. Screws in: bass %2, treble %3 turns.%4")
            .arg(*seen.springs)
            .arg(signedNumber(seen.claw->bass, 1), signedNumber(seen.claw->treble, 1),
                 seen.blocked ? PracticeWords::tr(" Something is under the plate.") : QString());
    if (act.what == Do::Look)
        return lookedWords(seen.event->angle_rad.value_or(0.0), run.job().goal);
    if (seen.event && seen.event->gap_m)
        return PracticeWords::tr("Gap %1").arg(lengthText(*seen.event->gap_m, units));
    if (seen.event && seen.event->turnsString())
        return PracticeWords::tr("String %1 is at %2")
            .arg(QString::fromStdString(rig.strings[seen.event->string].name), centsText(seen.event->to_cents));
    if (seen.event && seen.event->readings_cents.size() == 1)
        return PracticeWords::tr("String %1 is at %2")
            .arg(QString::fromStdString(rig.strings[seen.event->readings_cents.front().first].name),
                 centsText(seen.event->readings_cents.front().second));
    const QString done = practiceAct(act, rig, units);
    return done.left(1).toUpper() + done.mid(1);
}

QStringList practiceScore(const PracticeRun& run, const Units& units) {
    const PracticeScore score = run.score();
    const Exercise& exercise = run.exercise();
    QStringList lines{score.passed ? PracticeWords::tr("%1 of 100 points: passed").arg(score.points)
                                   : PracticeWords::tr("%1 of 100 points: not passed").arg(score.points),
                      PracticeWords::tr("Ends within %1 ¢, plate %2°.")
                          .arg(decimal(score.worst_cents, 1))
                          .arg(signedNumber(score.plate_deg, 2)),
                      PracticeWords::tr("Passes %1 (a good hand %2), visits to the claw %3 (%4), minutes %5 (%6).")
                          .arg(decimal(score.passes, 1))
                          .arg(decimal(exercise.parPasses, 1))
                          .arg(score.clawVisits)
                          .arg(exercise.parVisits)
                          .arg(decimal(score.minutes, 0))
                          .arg(decimal(exercise.parMinutes, 0))};
    if (!score.inTune)
        lines.append(PracticeWords::tr("Not finished: tune the strings and level the plate."));
    if (!score.inTime)
        lines.append(PracticeWords::tr("The clock had run out."));
    if (!exercise.faults.isEmpty()) {
        const QString string = isOfAString(run.hiddenFault())
                                   ? PracticeWords::tr(" (string %1)")
                                         .arg(QString::fromStdString(run.job().rig.strings[run.hiddenString()].name))
                                   : QString();
        lines.append((score.found ? PracticeWords::tr("What it was: %1%2. Found.")
                                  : PracticeWords::tr("What it was: %1%2. Not found."))
                         .arg(faultTitle(run.hiddenFault()), string));
    }
    if (score.wrongDiagnoses > 0)
        lines.append(PracticeWords::tr("Said wrongly %n time(s).", nullptr, score.wrongDiagnoses));
    for (const Hurt hurt : score.hurts)
        lines.append(hurtTitle(hurt));
    for (const Guessed& guess : run.guesses())
        if (const auto error = guess.error())
            lines.append(guess.what == PracticeAct::Guess::ClawTurns
                             ? PracticeWords::tr("Claw guessed at %1 turns; it was %2.")
                                   .arg(signedNumber(guess.said, 2), signedNumber(*guess.was, 2))
                             : PracticeWords::tr("Lowest string guessed at %1; it landed at %2.")
                                   .arg(centsText(guess.said), centsText(*guess.was)));
    if (const auto worst = run.costliestAct())
        lines.append(PracticeWords::tr("What cost most: act %1, %2.")
                         .arg(*worst + 1)
                         .arg(practiceAct(run.acts()[*worst], run.job().rig, units)));
    return lines;
}

} // namespace flenzo::wording
