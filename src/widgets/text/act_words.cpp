// SPDX-License-Identifier: GPL-3.0-or-later
#include "language/decimal.h"
#include "widgets/text/question_words.h"
#include "widgets/text/wording.h"

#include "core/planning/spring_choice.h"
#include "core/statics/note.h"
#include "core/statics/pitch.h"
#include "domain/job/movement.h"
#include <QCoreApplication>
#include <QKeySequence>
#include <QStringList>
#include <cmath>

namespace flenzo::wording {

namespace {

struct ActWordsWords {
    Q_DECLARE_TR_FUNCTIONS(ActWords)
};

QString readWords(const Job& job, const NextAct& next) {
    if (next.strings.empty())
        return ActWordsWords::tr("Measure the gap under the plate's rear edge");
    const QString which =
        next.strings.size() == job.rig.strings.size() ? ActWordsWords::tr("every string")
        : next.strings.size() == 1
            ? ActWordsWords::tr("string %1").arg(QString::fromStdString(job.rig.strings[next.strings.front()].name))
            : ActWordsWords::tr("the %1 strings left").arg(next.strings.size());
    return next.gap ? ActWordsWords::tr("Check %1, then measure the rear gap").arg(which)
                    : ActWordsWords::tr("Check %1").arg(which);
}

ActWords readAct(const Job& job, const NextAct& next) {
    ActWords words;
    words.act = readWords(job, next);
    words.aside = job.log.empty() ? ActWordsWords::tr("Figures are assumed until you take readings")
                                  : ActWordsWords::tr("What changed since is calculated, not checked");
    if (next.strings.empty()) {
        words.figure = ActWordsWords::tr("gap");
        words.entry = ActWordsWords::tr("gap under the rear edge");
        return words;
    }
    const RigString& string = job.rig.strings[next.strings.front()];
    words.figure = ActWordsWords::tr("string %1").arg(QString::fromStdString(string.name));
    words.entry = ActWordsWords::tr("reading of %1").arg(stringTitle(string));
    return words;
}

/// With tenths only where the tuner tells them.
QString tunerText(double frequency_Hz, double a4_Hz, const Tools& tools) {
    constexpr double tellsTenths_cents = 0.5;
    const Note note = nearestNote(frequency_Hz, a4_Hz);
    return QString::fromStdString(noteName(note.midi)) + QLatin1Char(' ') +
           signedNumber(note.cents, tools.tuner_cents.value_or(1.0) < tellsTenths_cents ? 1 : 0);
}

ActWords tuneAct(const Job& job, const Derived& derived) {
    const Aim& aim = derived.next().aim;
    const RigString& string = job.rig.strings[aim.string];
    ActWords words;
    words.act =
        derived.now().state.nutLocked
            ? ActWordsWords::tr("Fine-tune string %1 to").arg(QString::fromStdString(string.name))
        : derived.now().state.block
            ? ActWordsWords::tr("Tune string %1 under the block to").arg(QString::fromStdString(string.name))
            : (derived.now().readings_cents[aim.string] > aim.cents ? ActWordsWords::tr("Tune string %1 down to")
                                                                    : ActWordsWords::tr("Tune string %1 up to"))
                  .arg(QString::fromStdString(string.name));
    // As a tuner shows it: the note it is nearest to, and how far from it.
    words.figure = tunerText(aim.frequency_Hz, job.referencePitch_Hz, job.tools);
    const QString target = QString::fromStdString(noteName(nearestNote(string.target_Hz, job.referencePitch_Hz).midi));
    const double off = std::round(aim.cents * 10.0) / 10.0;
    words.aside = (off > 0.0   ? ActWordsWords::tr("%1 ¢ above %2, %3")
                   : off < 0.0 ? ActWordsWords::tr("%1 ¢ below %2, %3")
                               : ActWordsWords::tr("%1 ¢ from %2, %3"))
                      .arg(decimal(std::abs(off), 1), target, hertzText(aim.frequency_Hz));
    constexpr double farAbove_cents = 50.0;
    if (off > farAbove_cents) {
        const double pull_N = tensionForPitch_N(unitMass_kgpm(string.wire), axialStiffness_N(string.wire),
                                                string.scale_m, aim.frequency_Hz);
        words.aside += QLatin1Char(' ') + ActWordsWords::tr("(%1 % of what breaks it)")
                                              .arg(decimal(100.0 * pull_N / breakingTension_N(string.wire), 0));
    }
    words.entry = ActWordsWords::tr("what the tuner says, cents from %1")
                      .arg(QString::fromStdString(noteName(nearestNote(aim.frequency_Hz, job.referencePitch_Hz).midi)));
    return words;
}

ActWords stretchAct(const Job& job, const Derived& derived) {
    const std::size_t at = derived.next().aim.string;
    const StringSettling& string = derived.advice.guitar.settling[at];
    ActWords words;
    words.act = ActWordsWords::tr("Pull string %1 along its whole length")
                    .arg(QString::fromStdString(job.rig.strings[at].name));
    words.figure = ActWordsWords::tr("pull");
    words.aside = ActWordsWords::tr(
                      "It should drop about %1 ¢; likely pulls left %2, at most %3. Never in one place: a kink stays.")
                      .arg(decimal(string.nextDrop_cents, string.nextDrop_cents < 10.0 ? 1 : 0))
                      .arg(string.needed.p50)
                      .arg(std::max(string.needed.p90, string.needed.p50));
    words.entry = ActWordsWords::tr("what the tuner says after it");
    return words;
}

QString likelyWords(const Job& job, const Outlier& doubt) {
    switch (doubt.likely) {
    case Outlier::Likely::WrongOctave:
        return ActWordsWords::tr("It looks an octave off.");
    case Outlier::Likely::OtherString:
        return ActWordsWords::tr("It would fit string %1.")
            .arg(QString::fromStdString(job.rig.strings[*doubt.otherString].name));
    case Outlier::Likely::WrongSign:
        return ActWordsWords::tr("Sharp and flat may be mixed up.");
    case Outlier::Likely::SlippedPoint:
        return ActWordsWords::tr("The decimal point may have slipped.");
    case Outlier::Likely::SlippedString:
        return ActWordsWords::tr("If it is right, the string slipped at its clamp or string post.");
    case Outlier::Likely::Unknown:
        break;
    }
    return ActWordsWords::tr("Misread, mistyped, or something moved unrecorded.");
}

ActWords doubtAct(const Job& job, const Outlier& doubt, const Units& units) {
    ActWords words;
    const QString off = decimal(std::abs(doubt.inDeviations), 0);
    if (doubt.string) {
        words.act =
            ActWordsWords::tr("Check string %1 again").arg(QString::fromStdString(job.rig.strings[*doubt.string].name));
        words.figure = centsText(doubt.measured) + QStringLiteral(" ?");
        words.aside = ActWordsWords::tr("This contradicts other readings; %1 expected (%2 standard deviations off). ")
                          .arg(centsText(doubt.predicted), off);
        words.entry = ActWordsWords::tr("reading of %1").arg(stringTitle(job.rig.strings[*doubt.string]));
    } else {
        words.act = ActWordsWords::tr("Measure the rear gap again");
        words.figure = lengthText(doubt.measured, units) + QStringLiteral(" ?");
        words.aside = ActWordsWords::tr("This contradicts other readings; %1 expected (%2 standard deviations off). ")
                          .arg(lengthText(doubt.predicted, units), off);
        words.entry = ActWordsWords::tr("gap under the rear edge");
    }
    words.aside += likelyWords(job, doubt) + QLatin1Char(' ') + ActWordsWords::tr("Space keeps this reading.");
    return words;
}

} // namespace

QString stringTitle(const RigString& string) {
    return ActWordsWords::tr("string %1").arg(QString::fromStdString(string.name));
}

QString noteOf(double frequency_Hz, double a4_Hz) {
    if (!(frequency_Hz > 0.0))
        return ActWordsWords::tr("slack");
    const Note note = nearestNote(frequency_Hz, a4_Hz);
    return QStringLiteral("%1 %2").arg(QString::fromStdString(noteName(note.midi)), centsText(note.cents));
}

bool turnsClaw(double turns) {
    return std::abs(turns) >= ClawStepPolicy::finest_turns;
}

QString clawHeadline(const Derived& derived, const Units& units) {
    const LevelSolution& level = derived.report.level;
    if (level.status != LevelStatus::Found)
        return ActWordsWords::tr("Do not start: find another set or springs first");
    if (!hasClaw(derived.advice.guitar.rig))
        return inTune(derived, units);
    if (!turnsClaw(level.moreTurns))
        return ActWordsWords::tr("No claw change");
    return level.moreTurns > 0.0 ? ActWordsWords::tr("TIGHTEN both claw screws")
                                 : ActWordsWords::tr("LOOSEN both claw screws");
}

QString clawTurn(double turns) {
    if (!turnsClaw(turns))
        return ActWordsWords::tr("Leave both claw screws as they are");
    const bool one = std::abs(turns) <= 1.0;
    const QString amount =
        turnsText(turns) + QLatin1Char(' ') + (one ? ActWordsWords::tr("turn") : ActWordsWords::tr("turns"));
    return turns > 0.0 ? ActWordsWords::tr("Tighten both claw screws %1").arg(amount)
                       : ActWordsWords::tr("Loosen both claw screws %1").arg(amount);
}

QString clawTurn(const ClawTurns& turns) {
    if (turns.bass == turns.treble)
        return clawTurn(turns.bass);
    const bool tighten = turns.mean() > 0.0;
    if (turns.bass == 0.0)
        return (tighten ? ActWordsWords::tr("Tighten the treble screw alone %1 turn")
                        : ActWordsWords::tr("Loosen the treble screw alone %1 turn"))
            .arg(turnsText(turns.treble));
    if (turns.treble == 0.0)
        return (tighten ? ActWordsWords::tr("Tighten the bass screw alone %1 turn")
                        : ActWordsWords::tr("Loosen the bass screw alone %1 turn"))
            .arg(turnsText(turns.bass));
    return (tighten ? ActWordsWords::tr("Tighten the bass screw %1, the treble screw %2")
                    : ActWordsWords::tr("Loosen the bass screw %1, the treble screw %2"))
        .arg(turnsText(turns.bass), turnsText(turns.treble));
}

namespace {

QString clawFigure(const ClawTurns& turns) {
    if (turns.bass == turns.treble)
        return turnsText(turns.bass);
    if (turns.bass == 0.0 || turns.treble == 0.0)
        return turnsText(turns.bass + turns.treble);
    return turnsText(turns.bass) + QStringLiteral(" | ") + turnsText(turns.treble);
}

ActWords clawAct(const NextAct& next) {
    const ClawTurns& turns = next.turns;
    const bool even = turns.bass == turns.treble;
    ActWords words{
        clawTurn(turns), clawFigure(turns),
        even ? clawDirection(turns.mean())
             : ActWordsWords::tr("%1; one screw gets 1/16 more, for finer adjustment")
                   .arg(turns.mean() > 0.0 ? ActWordsWords::tr("clockwise") : ActWordsWords::tr("counter-clockwise")),
        ActWordsWords::tr("Space when done")};
    if (std::abs(next.level.moreTurns) > std::abs(turns.mean()) + next.hand.step_turns)
        words.aside = ActWordsWords::tr("Then look at the gap: about %1 turns are missing in all; %2")
                          .arg(turnsText(next.level.moreTurns), words.aside);
    return words;
}

} // namespace

QString clawDirection(double turns) {
    return turns > 0.0
               ? ActWordsWords::tr(
                     "clockwise, the same on each screw; the springs pull more and the plate's rear goes down")
               : ActWordsWords::tr(
                     "counter-clockwise, the same on each screw; the springs pull less and the plate's rear comes up");
}

namespace {

/// What can be promised of a finished job: no more than the tools can tell.
ActWords doneAct(const Job& job, const Derived& derived) {
    const Advice& advice = derived.advice;
    ActWords words{ActWordsWords::tr("In tune and level"), ActWordsWords::tr("done"),
                   ActWordsWords::tr("Checked on this guitar, not forecast"), ActWordsWords::tr("any further reading")};
    if (!hasClaw(job.rig)) {
        words.act = ActWordsWords::tr("In tune");
    } else if (floats(job.rig, job.goal) && !advice.plateCounts) {
        words.act = ActWordsWords::tr("In tune");
        words.aside =
            ActWordsWords::tr("Level is not known: nobody has measured the plate. A gap or an angle would tell.");
    } else if (advice.plateTolerance_rad > 1.01 * job.goal.angleTolerance_rad ||
               advice.pitchTolerance_cents > 1.01 * job.goal.pitchTolerance_cents) {
        words.aside = ActWordsWords::tr("As far as these tools can tell: strings to %1 ¢, plate to %2°")
                          .arg(decimal(advice.pitchTolerance_cents, 1))
                          .arg(decimal(degrees(advice.plateTolerance_rad), 2));
    }
    return words;
}

ActWords leaveAct(const Job& job, const Derived& derived) {
    QStringList left;
    const Estimate& guitar = derived.advice.guitar;
    if (derived.advice.contradictory)
        return {
            ActWordsWords::tr("The readings contradict each other"), ActWordsWords::tr("stop"),
            ActWordsWords::tr("They scatter by %1 ¢, more than the tools were said to. Mute the other strings, check "
                              "the tuner and the ruler, then read again.")
                .arg(decimal(guitar.noise.tuner_cents, 1)),
            ActWordsWords::tr("any further reading")};
    for (std::size_t i = 0; i < job.rig.strings.size(); ++i)
        if (std::abs(derived.advice.off_cents(i)) > job.goal.pitchTolerance_cents)
            left.append(
                ActWordsWords::tr("%1 %2 ¢").arg(stringTitle(job.rig.strings[i]), centsText(guitar.readings_cents[i])));
    const double plate_rad = guitar.state.angle_rad - derived.advice.wantedAngle_rad;
    if (derived.advice.plateCounts && std::abs(plate_rad) > job.goal.angleTolerance_rad)
        left.append(plate_rad > 0.0 ? ActWordsWords::tr("plate %1° forward").arg(decimal(degrees(plate_rad), 2))
                                    : ActWordsWords::tr("plate %1° sunk").arg(decimal(degrees(-plate_rad), 2)));
    return {ActWordsWords::tr("Leave it here, or go on by hand"), ActWordsWords::tr("stop"),
            left.isEmpty()
                ? ActWordsWords::tr("What is left is too small to measure")
                : ActWordsWords::tr("Left, by what is known: %1. With these tools more work is not likely to help.")
                      .arg(left.join(QStringLiteral(", "))),
            ActWordsWords::tr("any further reading")};
}

} // namespace

QString whyItMoved(const Job& job, const Derived& derived) {
    if (QString byItself = whatMoved(job, derived); !byItself.isEmpty())
        return byItself;
    const auto moved = lastMovement(job, derived);
    if (!moved)
        return {};
    const auto whole = [](double value_cents) { return signedNumber(value_cents, 0); };
    const QString string = stringTitle(job.rig.strings[moved->string]);
    const QString words =
        (moved->cents() < 0.0 ? ActWordsWords::tr("Why %1 fell %2 ¢: ") : ActWordsWords::tr("Why %1 rose %2 ¢: "))
            .arg(string, decimal(std::abs(moved->cents()), 0));
    const QString tilt = (moved->tilt_rad > 0.0 ? ActWordsWords::tr("the plate tipped %1° forward (%2)")
                                                : ActWordsWords::tr("the plate tipped %1° back (%2)"))
                             .arg(decimal(std::abs(degrees(moved->tilt_rad)), 2), whole(moved->plate_cents));
    const bool gave = std::abs(moved->own_cents) >= 0.5;
    return words +
           (gave ? ActWordsWords::tr("%1, the string stretched (%2)").arg(tilt, whole(moved->own_cents)) : tilt);
}

ActPicture actPicture(const Job& job, const Derived& derived) {
    const NextAct& next = derived.next();
    ActPicture picture;
    picture.strings = job.rig.strings.size();
    picture.leftHanded = job.card.leftHanded;
    picture.pegs = job.card.tuners == Tuners::AtBridge      ? ActPicture::Pegs::AtBridge
                   : job.card.headstock == Headstock::Split ? ActPicture::Pegs::Split
                                                            : ActPicture::Pegs::OneSide;
    if (derived.advice.doubt || derived.advice.question)
        return picture;
    const bool ofString = next.what == NextAct::Do::Tune || next.what == NextAct::Do::Stretch;
    if (ofString) {
        picture.kind = next.what == NextAct::Do::Tune ? ActPicture::Kind::Peg : ActPicture::Kind::Pull;
        picture.string = next.aim.string;
        picture.name = QString::fromStdString(job.rig.strings[next.aim.string].name);
        picture.tighten = !(derived.now().readings_cents[next.aim.string] > next.aim.cents);
        if (derived.now().state.nutLocked && job.rig.bridge.has().clampsAtSaddle)
            picture.pegs = ActPicture::Pegs::AtBridge; // fine tuners
    } else if (next.what == NextAct::Do::Claw) {
        picture.kind = ActPicture::Kind::Claw;
        picture.turns = next.turns;
    } else if (next.what == NextAct::Do::Read && next.strings.empty() && next.gap) {
        picture.kind = ActPicture::Kind::Gap;
    }
    return picture;
}

namespace {

/// What is done otherwise so that no string breaks.
QString insteadWords(const Job& job, const Spared& spared) {
    const QString string = stringTitle(job.rig.strings[spared.string]);
    const QString percent = decimal(100.0 * spared.share, 0);
    switch (spared.by) {
    case Spared::By::OtherString:
        return ActWordsWords::tr("This string first: otherwise %1 would come to %2 % of its breaking load.")
            .arg(string, percent);
    case Spared::By::NotSoFar:
        return ActWordsWords::tr(
                   "Only so far for now: the whole way would bring %1 to %2 % of its breaking load. The rest "
                   "follows once the plate has come up.")
            .arg(string, percent);
    case Spared::By::LessClaw:
        return ActWordsWords::tr("Not all at once: that would bring %1 to %2 % of its breaking load.")
            .arg(string, percent);
    case Spared::By::First:
        return ActWordsWords::tr("This first: the next act would bring %1 to %2 % of its breaking load.")
            .arg(string, percent);
    case Spared::By::FineTuner:
        return ActWordsWords::tr("Its fine tuner ends there, %1 ¢ short (calculated). For the rest, open the nut at "
                                 "this string, set the fine tuner to its middle, tune by the peg and clamp it again.")
            .arg(decimal(std::abs(spared.missing_cents), 0));
    }
    return {};
}

QString sparedWords(const Job& job, const Spared& spared) {
    const QString words = insteadWords(job, spared);
    if (!spared.blockSpares)
        return words;
    return words + QLatin1Char(' ') +
           ActWordsWords::tr("Or put the block in at level (%1): on it every string is tuned straight to its pitch.")
               .arg(QKeySequence(Qt::CTRL | Qt::Key_B).toString(QKeySequence::NativeText));
}

ActWords plainAct(const Job& job, const Derived& derived) {
    const NextAct& next = derived.next();
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
        return {ActWordsWords::tr("Take the block out"), ActWordsWords::tr("block"),
                ActWordsWords::tr("The strings are at their aims under the block and will come to pitch"),
                ActWordsWords::tr("Space when done")};
    case NextAct::Do::String: {
        const QString string = stringTitle(job.rig.strings[next.aim.string]);
        return {ActWordsWords::tr("Put %1 on").arg(string), string,
                ActWordsWords::tr("It is off. Tune it roughly up once it is on; safety glasses on."),
                ActWordsWords::tr("Space when it is on")};
    }
    case NextAct::Do::Ask:
        break;
    case NextAct::Do::Done:
        return doneAct(job, derived);
    case NextAct::Do::Leave:
        return leaveAct(job, derived);
    case NextAct::Do::Stuck:
        return {ActWordsWords::tr("This set cannot float level here"), ActWordsWords::tr("stop"), stuck(next.level),
                QString()};
    }
    return {};
}

} // namespace

ActWords act(const Job& job, const Derived& derived, const Units& units) {
    if (derived.advice.question)
        return questionAct(job, *derived.advice.question);
    if (derived.advice.doubt)
        return doubtAct(job, *derived.advice.doubt, units);
    ActWords words = plainAct(job, derived);
    if (derived.next().spared)
        words.aside = sparedWords(job, *derived.next().spared) + QLatin1Char(' ') + words.aside;
    return words;
}

} // namespace flenzo::wording
