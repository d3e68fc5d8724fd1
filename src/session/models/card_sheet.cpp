// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/models/card_sheet.h"

#include "core/planning/claw_steps.h"
#include "core/statics/note.h"
#include "domain/base/bundled_words.h"
#include "domain/job/claw_depth.h"
#include "language/decimal.h"
#include "language/figures.h"
#include "session/models/html.h"

#include <QCoreApplication>
#include <QLocale>
#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

struct CardWords {
    Q_DECLARE_TR_FUNCTIONS(CaseCard)
};

constexpr double shown_cents = 0.5; ///< less is what nobody tunes to

/// The strings in the order of tuning, with what the tuner is to show.
QString tableOf(const Job& job, const CaseCard& card, const Units& units) {
    const double a4 = job.referencePitch_Hz;
    const auto beside = [](double cents) { return std::abs(cents) >= shown_cents; };
    const bool leads = std::any_of(card.strings.begin(), card.strings.end(), [&](const CaseCard::String& string) {
        return beside(string.first_cents) || beside(string.second_cents);
    });
    QStringList head{CardWords::tr("String"), CardWords::tr("Gauge"), CardWords::tr("Note")};
    if (leads)
        head << (card.block_m ? CardWords::tr("Block in: to") : CardWords::tr("First to")) << CardWords::tr("Then to");
    for (QString& title : head)
        title = QStringLiteral("<b>%1</b>").arg(title); // as a td: a head of its own would be centred
    QString table = QStringLiteral("<table border='1' cellspacing='0' cellpadding='4' width='100%'>") + row(head);
    for (const CaseCard::String& string : card.strings) {
        QStringList line{safe(QString::fromStdString(string.name)), gaugeText(string.gauge_m, units),
                         QStringLiteral("<b>%1</b>").arg(tunerNote(string.target_Hz, 0.0, a4))};
        if (leads)
            line << tunerNote(string.target_Hz, string.first_cents, a4)
                 << tunerNote(string.target_Hz, string.second_cents, a4);
        table += row(line);
    }
    return table + QStringLiteral("</table>");
}

/// "3/8 turn", "1 1/4 turns".
QString turnsOf(double turns) {
    return (turns > 1.0 ? CardWords::tr("%1 turns") : CardWords::tr("%1 turn")).arg(turnsText(turns));
}

QString turnWords(double turns) {
    return (turns > 0.0 ? CardWords::tr("tighten %1") : CardWords::tr("loosen %1")).arg(turnsOf(std::abs(turns)));
}

/// Everything to be done, in its order.
QStringList stepsOf(const Job& job, const CaseCard& card, const Units& units) {
    QStringList steps;
    const bool locks = job.card.nut != Nut::Open;
    const bool fine = locks && hasFineTuners(job) && job.card.tuners != Tuners::AtBridge;
    if (locks)
        steps << (fine ? CardWords::tr("Open the nut; fine tuners to their middle.") : CardWords::tr("Open the nut."));
    if (card.block_m)
        steps << CardWords::tr("Raise the rear edge; ease the plate onto a padded block that keeps it %1 high. "
                               "Never let it snap.")
                     .arg(lengthText(*card.block_m, units));
    steps << (card.oneByOne
                  ? CardWords::tr(
                        "One string at a time, safety glasses on: slacken it, take it off, put the same gauge "
                        "on, tune it to its note; then the next, in the order above.")
                  : CardWords::tr("Safety glasses on: slacken all strings, take them off, put the same gauges on."));
    if (!card.oneByOne)
        steps << CardWords::tr(
            "Tune in the order above; stretch every string gently along its whole length, tune again "
            "until they stay.");
    if (card.block_m) {
        constexpr double told_cents = 10.0, least_cents = 3.0;
        steps << CardWords::tr(
                     "Draw the block out; read all strings. On the mean they should stay where they were. For each "
                     "%1 cents that they went sharp loosen both claw screws %2, flat: tighten; under %3 "
                     "cents leave the claw alone.")
                     .arg(decimal(told_cents, 0), turnsOf(told_cents * card.turnsPerCent), decimal(least_cents, 0));
    }
    steps << CardWords::tr("Once more through, in the same order.");
    if (locks)
        steps << (fine ? CardWords::tr("Lock the nut; the rest with the fine tuners.")
                       : CardWords::tr("Lock the nut."));
    return steps;
}

QString rightWhen(const CaseCard& card, const Units& units) {
    return card.gap_m ? CardWords::tr("Every string within 2 cents, the rear gap %1, and both again after one dive.")
                            .arg(lengthText(*card.gap_m, units))
                      : CardWords::tr("Every string within 2 cents, and again after a few hard bends.");
}

QString comeBack(const Job& job, const CaseCard& card) {
    const QDate due = job.work.due.isValid() ? job.work.due : nextRestring(job.card.playing, QDate::currentDate()).on;
    const QString on = QLocale().toString(due, QLocale::ShortFormat);
    return (card.gap_m
                ? CardWords::tr("New strings by %1. Come back when one string goes off again and again, the plate no "
                                "longer comes to rest there, or other strings are wanted.")
                : CardWords::tr("New strings by %1. Come back when one string goes off again and again, or other "
                                "strings are wanted."))
        .arg(on);
}

QStringList figuresOf(const Job& job, const CaseCard& card, const Units& units) {
    QStringList lines{CardWords::tr("All strings pull %1").arg(forceText(card.pull_N, units))};
    if (hasClaw(job.rig))
        lines << CardWords::tr("springs: %1").arg(job.rig.springs.size());
    if (!job.card.springSlots.isEmpty())
        lines << CardWords::tr("in slots %1").arg(safe(job.card.springSlots));
    if (const ClawDepth depth = clawDepthNow(job); depth.bass_m && depth.treble_m)
        lines << CardWords::tr("claw to the wall: bass %1, treble %2")
                     .arg(lengthText(*depth.bass_m, units), lengthText(*depth.treble_m, units));
    if (card.gap_m)
        lines << CardWords::tr("rear gap %1").arg(lengthText(*card.gap_m, units));
    return lines;
}

QString named(const QString& title, const QString& text) {
    return QStringLiteral("<p><b>%1</b> %2</p>").arg(title, text);
}

} // namespace

QString tunerNote(double target_Hz, double off_cents, double a4_Hz) {
    const Note note = nearestNote(target_Hz, a4_Hz);
    const double cents = std::round(note.cents + off_cents);
    const QString name = QString::fromStdString(noteName(note.midi));
    return std::abs(cents) < shown_cents ? name : name + QLatin1Char(' ') + signedNumber(cents, 0);
}

QString caseCardHtml(const Job& job, const CaseCard& card, const Units& units, const CardCode& code) {
    QString html =
        QStringLiteral("<html><head><meta charset='utf-8'><title>%1</title></head><body>").arg(safe(job.guitar));
    QString title =
        QStringLiteral("<h2>%1</h2><p>%2</p>")
            .arg(safe(job.guitar.isEmpty() ? CardWords::tr("Guitar without a name") : job.guitar),
                 safe(job.onPicks.setName.isEmpty() ? CardWords::tr("own set") : bundledWords(job.onPicks.setName)) +
                     QStringLiteral(", ") +
                     safe(job.onPicks.tuningName.isEmpty() ? CardWords::tr("own tuning")
                                                           : bundledWords(job.onPicks.tuningName)) +
                     (job.referencePitch_Hz == 440.0
                          ? QString()
                          : QStringLiteral(", A4 = %1 Hz").arg(decimal(job.referencePitch_Hz, 1))));
    if (!code.text.isEmpty())
        html += QStringLiteral("<table width='100%'><tr><td>%1</td><td align='right' width='25%'>"
                               "<img src='data:image/png;base64,%2' height='CODE'><br>%3</td></tr></table>")
                    .arg(title, QString::fromLatin1(code.png.toBase64()),
                         QString(code.text).replace(QLatin1Char(' '), QStringLiteral("&nbsp;")));
    else
        html += title;
    html += QStringLiteral("<p>%1.</p>").arg(figuresOf(job, card, units).join(QStringLiteral("; ")));
    html += tableOf(job, card, units);
    if (std::abs(card.clawMissing_turns) > ClawStepPolicy::finest_turns)
        html += named(CardWords::tr("First, once:"),
                      CardWords::tr("both claw screws, %1.").arg(turnWords(card.clawMissing_turns)));
    html += QStringLiteral("<p><b>%1</b></p><ol>").arg(CardWords::tr("New strings of this set"));
    for (const QString& step : stepsOf(job, card, units))
        html += QStringLiteral("<li>%1</li>").arg(step);
    html += QStringLiteral("</ol>");
    QStringList others;
    for (const CaseCard::OtherSet& other : card.others)
        others.append(CardWords::tr("%1: %2").arg(safe(bundledWords(other.name)),
                                                  std::abs(other.clawMore_turns) > ClawStepPolicy::finest_turns
                                                      ? turnWords(other.clawMore_turns)
                                                      : CardWords::tr("no turn")));
    if (!others.isEmpty())
        html += named(CardWords::tr("Other sets, both claw screws first:"),
                      others.join(QStringLiteral("; ")) + QLatin1Char('.'));
    html += named(CardWords::tr("It is right when:"), rightWhen(card, units)) +
            QStringLiteral("<p>%1</p>").arg(comeBack(job, card));
    return html + QStringLiteral("</body></html>");
}

} // namespace flenzo
