// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/controls/rig_fields.h"

#include "language/decimal.h"
#include "language/figures.h"

#include <QCoreApplication>
#include <QRegularExpression>
#include <QSet>
#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

using Kind = Dimension;

struct RigFieldsWords {
    Q_DECLARE_TR_FUNCTIONS(RigFields)
};

int decimalsOf(Kind kind, const Units& units) {
    switch (kind) {
    case Kind::Length:
        return units.inches ? 4 : 2;
    case Kind::SpringRate:
    case Kind::Mass:
    case Kind::Turns:
    case Kind::Moment:
        return 3;
    default:
        return 2;
    }
}

/// One step of a figure under the hand, in units of the screen.
double stepOf(Kind kind, const Units& units) {
    switch (kind) {
    case Kind::Length:
        return units.inches ? 0.005 : 0.1;
    case Kind::Force:
        return 0.5;
    case Kind::SpringRate:
        return 0.02;
    case Kind::Mass:
        return 0.005;
    case Kind::Turns:
        return 0.125;
    case Kind::Moment:
        return 0.001;
    default:
        return 0.1;
    }
}

/// Figures that are seldom known, and whose assumed values serve nearly every guitar.
bool isAdvanced(const char* key) {
    static const QSet<QString> keys{
        QStringLiteral("bridge.rearStop"),    QStringLiteral("bridge.forwardStop"), QStringLiteral("bridge.mass"),
        QStringLiteral("assist.preload"),     QStringLiteral("claw.least"),         QStringLiteral("claw.most"),
        QStringLiteral("springs.slot"),       QStringLiteral("springs.initial"),    QStringLiteral("springs.hookX"),
        QStringLiteral("springs.hookY"),      QStringLiteral("springs.anchorX"),    QStringLiteral("springs.anchorY"),
        QStringLiteral("springs.aside"),      QStringLiteral("strings.saddleX"),    QStringLiteral("strings.saddleY"),
        QStringLiteral("strings.saddleTail"), QStringLiteral("strings.nutBreak"),   QStringLiteral("strings.fine"),
        QStringLiteral("strings.fineAt")};
    return keys.contains(QLatin1String(key));
}

RigField field(const char* key, const char* label, Kind kind, const Range& range,
               std::function<double&(Job&, std::size_t)> member, bool marked = true) {
    return {QLatin1String(key), label, kind, range, std::move(member), marked, {}, isAdvanced(key)};
}

bool isKnife(const Job& job) {
    return job.rig.bridge.has().hasClaw();
}
bool isRoller(const Job& job) {
    return job.rig.bridge.has().motion == Motion::Shaft;
}
bool moves(const Job& job) {
    return job.rig.bridge.has().moves();
}
/// A nut whose caps press the string down onto its floor.
bool isPressed(const Job& job) {
    return job.card.nut == Nut::Caps;
}
bool isAssisted(const Job& job) {
    return isKnife(job) && job.rig.bridge.assist.has_value();
}
/// The nut stays open in play: friction and break angle there matter.
bool isOpen(const Job& job) {
    return job.rig.bridge.has().opensAtNut;
}

/// The field, for some guitars only.
RigField only(std::function<bool(const Job&)> applies, RigField made) {
    made.applies = std::move(applies);
    return made;
}

/// The assist's figures live only while there is one; asked without, a stand-in is read and written.
CentringAssist& assistOf(Job& job) {
    static CentringAssist none;
    return job.rig.bridge.assist ? *job.rig.bridge.assist : none;
}

} // namespace

QString RigField::label() const {
    return RigFieldsWords::tr(plainLabel);
}

QString RigField::unit(const Units& units) const {
    return unitName(kind, units);
}

QString RigField::text(const Job& job, std::size_t index, const Units& units) const {
    Job& readable = const_cast<Job&>(job); // the accessor serves reading and writing alike
    return textOf(member(readable, index), units);
}

QString RigField::textOf(double value, const Units& units) const {
    const double shown = value / shownUnit(kind, units);
    if (kind == Kind::Turns) { // as a screwdriver turns them, where they are turns of a screwdriver
        const double sixteenths = std::round(shown * 16.0) / 16.0;
        constexpr double alike_turns = 0.004;
        if (std::abs(shown - sixteenths) < alike_turns)
            return (sixteenths < 0.0 ? QStringLiteral("-") : QString()) + turnsText(sixteenths);
    }
    QString digits = decimal(shown, decimalsOf(kind, units));
    static const QRegularExpression needless(QStringLiteral("[.,]?0+$"));
    if (decimalsOf(kind, units) > 0)
        digits.remove(needless);
    return digits == QLatin1String("-0") ? QStringLiteral("0") : digits;
}

QString RigField::stepped(const QString& text, int steps, const Units& units) const {
    const Result<double> from = parse(text, units);
    if (!from.ok())
        return text;
    const double wanted = from.value() + steps * stepOf(kind, units) * shownUnit(kind, units);
    // A limit written in few digits may lie beyond it; the next digit inside does not.
    const double digit = std::pow(10.0, -decimalsOf(kind, units)) * shownUnit(kind, units);
    const auto inside = [digit](double limit, double inwards) {
        return std::abs(std::remainder(limit, digit)) < 1e-6 * digit ? limit : limit + inwards * digit;
    };
    const double value =
        std::clamp(wanted, inside(range.least * fileUnit(kind), 1.0), inside(range.most * fileUnit(kind), -1.0));
    return (textOf(value, units) + QLatin1Char(' ') + unit(units)).trimmed();
}

Result<double> RigField::parse(const QString& text, const Units& units) const {
    return parseQuantity(text, kind, units, label(), range);
}

const std::vector<RigField>& bridgeFields() {
    static const std::vector<RigField> fields{
        only(isKnife, field("bridge.rearGap", QT_TRANSLATE_NOOP("RigFields", "rear gap at level"), Kind::Length,
                            ranges::gap_mm, [](Job& j, std::size_t) -> double& { return j.rig.bridge.rearGap_m; })),
        only(isKnife,
             field("bridge.rearEdge", QT_TRANSLATE_NOOP("RigFields", "pivot to rear edge"), Kind::Length,
                   ranges::rearEdge_mm, [](Job& j, std::size_t) -> double& { return j.rig.bridge.rearEdge_m; })),
        only(isRoller,
             field("bridge.shaft", QT_TRANSLATE_NOOP("RigFields", "shaft radius"), Kind::Length, ranges::shaft_mm,
                   [](Job& j, std::size_t) -> double& { return j.rig.bridge.shaftRadius_m; })),
        only(isRoller, field("bridge.armTip", QT_TRANSLATE_NOOP("RigFields", "shaft to arm's tip"), Kind::Length,
                             ranges::arm_mm, [](Job& j, std::size_t) -> double& { return j.rig.bridge.armTip_m; })),
        only(isRoller,
             field("bridge.armTipHeight", QT_TRANSLATE_NOOP("RigFields", "tip height at level"), Kind::Length,
                   ranges::arm_mm, [](Job& j, std::size_t) -> double& { return j.rig.bridge.armTipHeight_m; })),
        only(moves,
             field("bridge.rearStop", QT_TRANSLATE_NOOP("RigFields", "rear stop"), Kind::Angle, ranges::rearStop_deg,
                   [](Job& j, std::size_t) -> double& { return j.rig.bridge.rearStop_rad; })),
        only(moves, field("bridge.forwardStop", QT_TRANSLATE_NOOP("RigFields", "forward stop"), Kind::Angle,
                          ranges::forwardStop_deg,
                          [](Job& j, std::size_t) -> double& { return j.rig.bridge.forwardStop_rad; })),
        only(moves, field("bridge.mass", QT_TRANSLATE_NOOP("RigFields", "bridge mass"), Kind::Mass, ranges::mass_kg,
                          [](Job& j, std::size_t) -> double& { return j.rig.bridge.mass_kg; })),
        only(isAssisted,
             field("assist.preload", QT_TRANSLATE_NOOP("RigFields", "stabiliser holds"), Kind::Moment,
                   ranges::preload_Nm, [](Job& j, std::size_t) -> double& { return assistOf(j).preload_Nm; })),
    };
    return fields;
}

const std::vector<RigField>& clawFields() {
    static const std::vector<RigField> fields{
        only(isKnife, field("claw.lead", QT_TRANSLATE_NOOP("RigFields", "travel per turn"), Kind::Length,
                            ranges::lead_mm, [](Job& j, std::size_t) -> double& { return j.rig.claw.lead_m; })),
        only(isKnife, field("claw.bass", QT_TRANSLATE_NOOP("RigFields", "bass screw now"), Kind::Turns, ranges::turns,
                            [](Job& j, std::size_t) -> double& { return j.rig.claw.turns.bass; })),
        only(isKnife, field("claw.treble", QT_TRANSLATE_NOOP("RigFields", "treble screw now"), Kind::Turns,
                            ranges::turns, [](Job& j, std::size_t) -> double& { return j.rig.claw.turns.treble; })),
        only(isKnife, field("claw.least", QT_TRANSLATE_NOOP("RigFields", "loosest it goes"), Kind::Turns, ranges::turns,
                            [](Job& j, std::size_t) -> double& { return j.rig.claw.least_turns; })),
        only(isKnife, field("claw.most", QT_TRANSLATE_NOOP("RigFields", "tightest it goes"), Kind::Turns, ranges::turns,
                            [](Job& j, std::size_t) -> double& { return j.rig.claw.most_turns; }))};
    return fields;
}

const std::vector<RigField>& goalFields() {
    static const std::vector<RigField> fields{
        only(isKnife, field(
                          "goal.angle", QT_TRANSLATE_NOOP("RigFields", "plate angle wanted"), Kind::Angle,
                          {-60.0, 60.0, QT_TRANSLATE_NOOP("Range", "degrees from parallel, forward is positive")},
                          [](Job& j, std::size_t) -> double& { return j.goal.angle_rad; }, false)),
        only(isKnife, field(
                          "goal.angleTolerance", QT_TRANSLATE_NOOP("RigFields", "plate tolerance"), Kind::Angle,
                          ranges::angleTolerance_deg,
                          [](Job& j, std::size_t) -> double& { return j.goal.angleTolerance_rad; }, false)),
        only([](const Job& job) { return isKnife(job) && job.goal.deckLoad_Nm > 0.0; },
             field(
                 "goal.deckLoad", QT_TRANSLATE_NOOP("RigFields", "pressed down with"), Kind::Moment,
                 ranges::deckLoad_Nm, [](Job& j, std::size_t) -> double& { return j.goal.deckLoad_Nm; }, false)),
        field(
            "goal.pitchTolerance", QT_TRANSLATE_NOOP("RigFields", "pitch tolerance"), Kind::Cents,
            ranges::pitchTolerance_cents, [](Job& j, std::size_t) -> double& { return j.goal.pitchTolerance_cents; },
            false)};
    return fields;
}

const std::vector<RigField>& springFields() {
    static const std::vector<RigField> fields{
        only(isKnife, field("springs.slot", QT_TRANSLATE_NOOP("RigFields", "across, 0 bass to 1 treble"), Kind::Number,
                            ranges::slot, [](Job& j, std::size_t i) -> double& { return j.rig.springs[i].slot; })),
        field("springs.rate", QT_TRANSLATE_NOOP("RigFields", "rate"), Kind::SpringRate, ranges::rate_Npmm,
              [](Job& j, std::size_t i) -> double& { return j.rig.springs[i].rate_Npm; }),
        field("springs.initial", QT_TRANSLATE_NOOP("RigFields", "initial tension"), Kind::Force, ranges::initial_N,
              [](Job& j, std::size_t i) -> double& { return j.rig.springs[i].initial_N; }),
        field("springs.free", QT_TRANSLATE_NOOP("RigFields", "free length"), Kind::Length, ranges::free_mm,
              [](Job& j, std::size_t i) -> double& { return j.rig.springs[i].free_m; }),
        only(isRoller,
             field("springs.seat", QT_TRANSLATE_NOOP("RigFields", "height at level"), Kind::Length, ranges::seat_mm,
                   [](Job& j, std::size_t i) -> double& { return j.rig.springs[i].seat_m; })),
        only(isRoller, field("springs.lever", QT_TRANSLATE_NOOP("RigFields", "lever"), Kind::Length, ranges::lever_mm,
                             [](Job& j, std::size_t i) -> double& { return j.rig.springs[i].lever_m; })),
        only(isKnife,
             field("springs.hookX", QT_TRANSLATE_NOOP("RigFields", "pivot to hook, along"), Kind::Length,
                   ranges::place_mm, [](Job& j, std::size_t i) -> double& { return j.rig.springs[i].hook_m.x(); })),
        only(isKnife,
             field("springs.hookY", QT_TRANSLATE_NOOP("RigFields", "hook, below is minus"), Kind::Length,
                   ranges::place_mm, [](Job& j, std::size_t i) -> double& { return j.rig.springs[i].hook_m.y(); })),
        only(isKnife,
             field("springs.anchorX", QT_TRANSLATE_NOOP("RigFields", "pivot to claw, along"), Kind::Length,
                   ranges::place_mm, [](Job& j, std::size_t i) -> double& { return j.rig.springs[i].anchor_m.x(); })),
        only(isKnife,
             field("springs.anchorY", QT_TRANSLATE_NOOP("RigFields", "claw, below is minus"), Kind::Length,
                   ranges::place_mm, [](Job& j, std::size_t i) -> double& { return j.rig.springs[i].anchor_m.y(); })),
        only(isKnife, field("springs.aside", QT_TRANSLATE_NOOP("RigFields", "slant"), Kind::Length, ranges::place_mm,
                            [](Job& j, std::size_t i) -> double& { return j.rig.springs[i].aside_m; }))};
    return fields;
}

const std::vector<RigField>& stringFields() {
    static const std::vector<RigField> fields{
        field("strings.scale", QT_TRANSLATE_NOOP("RigFields", "scale"), Kind::Length, ranges::scale_mm,
              [](Job& j, std::size_t i) -> double& { return j.rig.strings[i].scale_m; }),
        only(isKnife,
             field("strings.saddleX", QT_TRANSLATE_NOOP("RigFields", "pivot to saddle, along"), Kind::Length,
                   ranges::place_mm, [](Job& j, std::size_t i) -> double& { return j.rig.strings[i].saddle_m.x(); })),
        only(isKnife,
             field("strings.saddleY", QT_TRANSLATE_NOOP("RigFields", "saddle height"), Kind::Length, ranges::place_mm,
                   [](Job& j, std::size_t i) -> double& { return j.rig.strings[i].saddle_m.y(); })),
        field("strings.nutTail", QT_TRANSLATE_NOOP("RigFields", "nut to string post"), Kind::Length, ranges::tail_mm,
              [](Job& j, std::size_t i) -> double& { return j.rig.strings[i].nutTail_m; }),
        field("strings.saddleTail", QT_TRANSLATE_NOOP("RigFields", "behind saddle"), Kind::Length, ranges::tail_mm,
              [](Job& j, std::size_t i) -> double& { return j.rig.strings[i].saddleTail_m; }),
        only(isOpen,
             field("strings.nutBreak", QT_TRANSLATE_NOOP("RigFields", "break at nut"), Kind::Angle, ranges::break_deg,
                   [](Job& j, std::size_t i) -> double& { return j.rig.strings[i].nutBreak_rad; })),
        only(isPressed,
             field("strings.clampLift", QT_TRANSLATE_NOOP("RigFields", "above the nut's floor"), Kind::Length,
                   ranges::lift_mm, [](Job& j, std::size_t i) -> double& { return j.rig.strings[i].clampLift_m; })),
        only(isPressed,
             field("strings.clampHold", QT_TRANSLATE_NOOP("RigFields", "nut to what holds it up"), Kind::Length,
                   ranges::hold_mm, [](Job& j, std::size_t i) -> double& { return j.rig.strings[i].clampHold_m; })),
        only(hasFineTuners, field("strings.fine", QT_TRANSLATE_NOOP("RigFields", "fine tuner a turn"), Kind::Length,
                                  ranges::finePerTurn_mm,
                                  [](Job& j, std::size_t i) -> double& { return j.rig.strings[i].finePerTurn_m; })),
        only(hasFineTuners,
             field("strings.fineTurns", QT_TRANSLATE_NOOP("RigFields", "fine tuner, turns in all"), Kind::Number,
                   ranges::fineTurns, [](Job& j, std::size_t i) -> double& { return j.rig.strings[i].fineTurns; })),
        only(hasFineTuners,
             field("strings.fineAt", QT_TRANSLATE_NOOP("RigFields", "fine tuner, turns screwed in"), Kind::Number,
                   ranges::fineTurns, [](Job& j, std::size_t i) -> double& { return j.rig.strings[i].fineAt_turns; }))};
    return fields;
}

} // namespace flenzo
