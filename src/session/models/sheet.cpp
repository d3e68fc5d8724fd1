// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/models/sheet.h"

#include "core/base/fractions.h"
#include "core/base/units.h"

#include "core/log/counts.h"
#include "core/statics/note.h"
#include "domain/base/bundled_words.h"
#include "domain/job/trends.h"
#include "domain/methods/methods.h"
#include "domain/shop/quote.h"
#include "domain/work/preparing.h"
#include "domain/work/workflow.h"
#include "language/decimal.h"
#include "language/figures.h"
#include "session/models/html.h"
#include "session/models/pass_sheet.h"

#include <QCoreApplication>
#include <QLocale>
#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

struct SheetWords {
    Q_DECLARE_TR_FUNCTIONS(JobSheet)
};
QString heading(const QString& text) {
    return QStringLiteral("<h2>%1</h2>").arg(text);
}
QString note(double frequency_Hz, double a4_Hz) {
    return QString::fromStdString(noteName(nearestNote(frequency_Hz, a4_Hz).midi));
}
QString thousandths(const Wire& wire) {
    return SheetWords::tr("%1 mm (.%2) %3")
        .arg(decimal(wire.gauge_m * 1e3, 3))
        .arg(static_cast<int>(std::lround(wire.gauge_m / 25.4e-6)), 3, 10, QLatin1Char('0'))
        .arg(wire.isWound() ? SheetWords::tr("wound") : SheetWords::tr("plain"));
}

QString stringsTable(const Job& job, const Derived& derived, const Units& units) {
    QString table =
        QStringLiteral("<table border='1' cellspacing='0' cellpadding='4'>") +
        row({SheetWords::tr("String"), SheetWords::tr("Was on"), SheetWords::tr("Tuned to"), SheetWords::tr("Pull"),
             SheetWords::tr("Is on"), SheetWords::tr("Tuned to"), SheetWords::tr("Pull")},
            "th");
    for (std::size_t i = 0; i < job.rig.strings.size(); ++i) {
        const RigString& now = job.rig.strings[i];
        const bool known = i < job.off.size() && i < derived.report.before_N.size();
        table += row({safe(QString::fromStdString(now.name)),
                      known ? thousandths(job.off[i].wire) : SheetWords::tr("not known"),
                      known ? note(job.off[i].target_Hz, job.referencePitch_Hz) : QString(),
                      known ? forceText(derived.report.before_N[i], units) : QString(), thousandths(now.wire),
                      note(now.target_Hz, job.referencePitch_Hz),
                      i < derived.report.after_N.size() ? forceText(derived.report.after_N[i], units) : QString()});
    }
    return table + QStringLiteral("</table><p>") + SheetWords::tr("Pulls are calculated.") + QStringLiteral("</p>");
}

QString cellText(const SheetCell& cell, bool plate) {
    if (!cell.reading_cents)
        return {};
    const QString value = decimal(*cell.reading_cents, plate ? 2 : 1);
    return cell.kind == SheetCell::Kind::Measured ? QStringLiteral("<b>%1</b>").arg(value) : value;
}

QString passTable(const Job& job, const Derived& derived) {
    std::vector<SheetColumn> columns = buildPassSheet(job, derived);
    columns.erase(std::remove_if(columns.begin(), columns.end(),
                                 [](const SheetColumn& c) { return c.kind == SheetColumn::Kind::Forecast; }),
                  columns.end());
    QStringList head{SheetWords::tr("String")};
    for (const SheetColumn& column : columns) {
        const QString claw = column.claw_turns == 0.0
                                 ? QString()
                                 : (column.claw_turns > 0.0 ? SheetWords::tr(", claw tightened %1")
                                                            : SheetWords::tr(", claw loosened %1"))
                                       .arg(QString::fromStdString(inSixteenths(column.claw_turns)));
        head.append(columnTitle(column) + claw);
    }
    QString table = QStringLiteral("<table border='1' cellspacing='0' cellpadding='4'>") + row(head, "th");
    const std::size_t strings = job.rig.strings.size();
    for (std::size_t r = 0; r <= strings; ++r) {
        QStringList cells{r < strings ? safe(QString::fromStdString(job.rig.strings[r].name))
                                      : SheetWords::tr("plate, degrees")};
        for (const SheetColumn& column : columns)
            cells.append(r < column.cells.size() ? cellText(column.cells[r], r == strings) : QString());
        table += row(cells);
    }
    return table + QStringLiteral("</table><p>") +
           SheetWords::tr("Cents from pitch; bold was measured, the rest is calculated.") + QStringLiteral("</p>");
}

QString passChart(const QByteArray& png) {
    if (png.isEmpty())
        return {};
    return QStringLiteral("<p><img width='640' alt='%1' src='data:image/png;base64,%2'></p><p>%3</p>")
        .arg(SheetWords::tr("Readings of every string over the passes"), QString::fromLatin1(png.toBase64()),
             SheetWords::tr(
                 "One line a string, in cents from pitch; straight within ten cents, by tenfold steps beyond. The band "
                 "is "
                 "what was allowed."));
}

QString listOf(const QStringList& lines) {
    QString list = QStringLiteral("<ul>");
    for (const QString& line : lines)
        list += QStringLiteral("<li>%1</li>").arg(safe(line));
    return list + QStringLiteral("</ul>");
}

QString workDone(const Job& job) {
    QStringList lines;
    for (const StepRecord& record : job.work.records) {
        const QString what = record.what == StepRecord::What::Skipped ? SheetWords::tr("skipped: %1").arg(record.text)
                             : record.what == StepRecord::What::Overruled
                                 ? SheetWords::tr("warning passed over: %1").arg(record.text)
                             : record.what == StepRecord::What::Note  ? SheetWords::tr("note: %1").arg(record.text)
                             : record.what == StepRecord::What::Photo ? SheetWords::tr("photo: %1").arg(record.text)
                             : record.what == StepRecord::What::Take  ? SheetWords::tr("recording: %1").arg(record.text)
                                                                      : QString();
        if (!what.isEmpty())
            lines.append(QStringLiteral("%1 – %2").arg(record.step, what));
    }
    for (const StepId step : {StepId::Checks, StepId::Lock})
        for (const QString& check : leftUnlooked(job, step))
            lines.append(SheetWords::tr("not inspected: %1").arg(check));
    return listOf(lines);
}

QString paragraph(const QString& title, const QString& text) {
    return text.isEmpty() ? QString() : QStringLiteral("<p><b>%1:</b> %2</p>").arg(title, safe(text));
}

/// How the owner keeps it as it is, in words that need no workshop.
QStringList careOf(const Job& job) {
    const FamilyTraits& has = job.rig.bridge.has();
    QStringList lines;
    const bool balances = has.moves() && job.goal.deckLoad_Nm <= 0.0;
    if (balances && has.hasClaw())
        lines << SheetWords::tr("The bridge hangs between strings and springs. Leave its screws alone: one turn puts "
                                "every string out of tune.");
    lines << (balances
                  ? SheetWords::tr("If a string breaks, the others go sharp. Do not retune them: fit the same gauge, "
                                   "tune it, and they return.")
                  : SheetWords::tr("If a string breaks, the others stay in tune. Fit the same gauge."));
    if (job.card.nut != Nut::Open)
        lines << (has.tunersAtBridge
                      ? SheetWords::tr("Tune at the bridge only; the clamps at the nut stay closed.")
                      : SheetWords::tr(
                            "Tune with the fine tuners only; the nut stays locked. When one is at its end, bring "
                            "the guitar in."));
    lines << SheetWords::tr("Stay with this set and tuning: others need the guitar set up anew.")
          << SheetWords::tr(
                 "All strings a little off together: weather or a new season; tune them all once. One string off "
                 "again and again: bring the guitar in.");
    if (job.work.due.isValid())
        lines << SheetWords::tr("New strings by %1, sooner if they feel rough or sound dull.")
                     .arg(QLocale().toString(job.work.due, QLocale::ShortFormat));
    return lines;
}

QStringList replacedParts(const Job& job) {
    QStringList parts;
    for (auto part = job.card.replaced.begin(); part != job.card.replaced.end(); ++part)
        parts.append(QStringLiteral("%1 %2").arg(wearingPartName(part.key()), part.value().toString(Qt::ISODate)));
    return parts;
}

/// Before, after a dive, after a pull-up, a string a line.
QStringList returnLines(const Job& job) {
    QStringList lines;
    if (job.work.returns.isEmpty())
        return lines;
    const ReturnTest& test = job.work.returns.last().test;
    for (std::size_t i = 0; i < std::min(job.rig.strings.size(), test.before_cents.size()); ++i)
        lines.append(SheetWords::tr("%1: %2 / %3 / %4")
                         .arg(QString::fromStdString(job.rig.strings[i].name))
                         .arg(decimal(test.before_cents[i], 1))
                         .arg(decimal(test.afterDive_cents[i], 1))
                         .arg(decimal(test.afterPull_cents[i], 1)));
    return lines;
}

QString brokenText(const Job& job) {
    return job.work.broken ? SheetWords::tr("string %1, %2")
                                 .arg(QString::fromStdString(job.rig.strings[*job.work.broken].name),
                                      breakPlaceName(job.work.brokeAt))
                           : QString();
}

QString reliefText(const Work& work, const Units& units) {
    const auto length = [&](const std::optional<double>& relief_m) {
        return relief_m ? lengthText(*relief_m, units) : QStringLiteral("–");
    };
    return work.reliefFound_m || work.reliefLeft_m
               ? SheetWords::tr("%1 as found, %2 as left").arg(length(work.reliefFound_m), length(work.reliefLeft_m))
               : QString();
}

} // namespace

QString jobSheetHtml(const Job& job, const Derived& derived, const Units& units, const QByteArray& chartPng,
                     const QStringList& happened) {
    const Counts counts = countsOf(job.log, job.rig.strings.size(), job.pace);
    QString html =
        QStringLiteral(
            "<html><head><meta charset='utf-8'><title>%1</title></head><body style='font-family:B612,sans-serif'>")
            .arg(safe(job.guitar));
    html += QStringLiteral("<h1>%1</h1>")
                .arg(safe(job.guitar.isEmpty() ? SheetWords::tr("Guitar without a name") : job.guitar));
    html +=
        paragraph(SheetWords::tr("Owner"), job.owner) + paragraph(SheetWords::tr("Wanted"), bundledWords(job.reason));
    html += paragraph(SheetWords::tr("Broken"), brokenText(job));
    html += paragraph(SheetWords::tr("Received"), job.work.received.toString(Qt::ISODate));
    html += heading(SheetWords::tr("Strings")) + stringsTable(job, derived, units);
    html += heading(SheetWords::tr("Readings pass by pass")) + passTable(job, derived) + passChart(chartPng);
    html +=
        QStringLiteral("<p>") +
        SheetWords::tr(
            "Passes: %1. Visits to the claw: %2. Stretches: %3. About %4 minutes at pegs and claw, by the shop's pace.")
            .arg(decimal(counts.passes, 1))
            .arg(counts.clawVisits)
            .arg(counts.stretches)
            .arg(decimal(counts.minutes, 0)) +
        QStringLiteral("</p>");
    if (!happened.isEmpty())
        html += heading(SheetWords::tr("What happened")) + listOf(happened);
    if (const QStringList lines = returnLines(job); !lines.isEmpty())
        html += heading(SheetWords::tr("Return test: before, after a dive, after a pull-up, cents")) + listOf(lines);
    html += heading(SheetWords::tr("Work")) + workDone(job);
    html += paragraph(SheetWords::tr("Parts used or lost"), job.work.parts) +
            paragraph(SheetWords::tr("Replaced"), replacedParts(job).join(QStringLiteral(", "))) +
            paragraph(SheetWords::tr("Neck relief"), reliefText(job.work, units)) +
            paragraph(SheetWords::tr("Follow-ups"), job.work.followUps);
    html += heading(SheetWords::tr("To the owner")) + paragraph(SheetWords::tr("Note"), job.work.ownersNote);
    html += listOf(careOf(job));
    if (job.work.offer)
        html += paragraph(SheetWords::tr("Offered"), offerText(*job.work.offer));
    html += paragraph(SheetWords::tr("Done by"), job.work.technician);
    html += paragraph(SheetWords::tr("Next restring"), job.work.due.toString(Qt::ISODate));
    return html + QStringLiteral("</body></html>");
}

} // namespace flenzo
