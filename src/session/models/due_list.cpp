// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/models/due_list.h"

#include "domain/base/bundled_words.h"
#include "domain/base/moment.h"
#include "domain/job/held_readings.h"
#include "domain/work/workflow.h"

#include <QCoreApplication>
#include <algorithm>
#include <libical/ical.h>
#include <memory>

namespace flenzo {

namespace {

struct DueWords {
    Q_DECLARE_TR_FUNCTIONS(Due)
};

constexpr int mostEntries = 5000;

QString guitarWords(const JobRow& job) {
    return job.guitar.isEmpty() ? DueWords::tr("Guitar without a name") : job.guitar;
}

icaltimetype dayOf(const QDate& date) {
    icaltimetype day = icaltime_null_date();
    day.year = date.year();
    day.month = date.month();
    day.day = date.day();
    return day;
}

icaltimetype momentOf(const QDateTime& time) {
    return icaltime_from_timet_with_zone(static_cast<time_t>(time.toSecsSinceEpoch()), 0,
                                         icaltimezone_get_utc_timezone());
}

icalcomponent* eventOf(const DueEntry& entry, const QDateTime& now) {
    const bool restring = entry.what == DueEntry::What::Restring;
    const QString summary =
        (restring ? DueWords::tr("Restring: %1") : DueWords::tr("Check: %1")).arg(guitarWords(entry.job));
    const QString words = DueWords::tr("Owner: %1. Last set: %2, %3.")
                              .arg(entry.job.owner, bundledWords(entry.job.setName), bundledWords(entry.job.tuning));
    const QString identity = QStringLiteral("%1-%2-%3@flenzo")
                                 .arg(entry.job.guitarId)
                                 .arg(entry.job.id)
                                 .arg(restring ? QStringLiteral("restring") : QStringLiteral("check"));
    icalcomponent* event = icalcomponent_new_vevent();
    const auto add = [event](icalproperty* property) { icalcomponent_add_property(event, property); };
    add(icalproperty_new_uid(identity.toUtf8().constData()));
    add(icalproperty_new_dtstamp(momentOf(now)));
    add(icalproperty_new_dtstart(dayOf(entry.on)));
    add(icalproperty_new_dtend(dayOf(entry.on.addDays(1))));
    add(icalproperty_new_summary(summary.toUtf8().constData()));
    add(icalproperty_new_description(words.toUtf8().constData()));
    add(icalproperty_new_transp(ICAL_TRANSP_TRANSPARENT));
    return event;
}

} // namespace

Result<QList<DueEntry>> restringsAhead(const Logbook& book, const QDate& today, int weeks) {
    JobFilter filter;
    filter.dueBy = today.addDays(7LL * weeks);
    filter.most = mostEntries;
    const Result<QList<JobRow>> rows = book.jobs(filter);
    if (!rows.ok())
        return rows.fault();
    QList<DueEntry> entries;
    for (const JobRow& row : rows.value())
        entries.append({DueEntry::What::Restring, row.due, row});
    return entries;
}

Result<QList<DueEntry>> dueList(const Logbook& book, const QDate& today, const DueOptions& options) {
    JobFilter due, checks;
    due.dueBy = today.addDays(static_cast<qint64>(options.shownBefore_days));
    checks.checkBy = today;
    due.most = checks.most = mostEntries;
    const Result<QList<JobRow>> restrings = book.jobs(due), looks = book.jobs(checks);
    if (!restrings.ok() || !looks.ok())
        return restrings.ok() ? looks.fault() : restrings.fault();
    QList<DueEntry> entries;
    for (const JobRow& row : restrings.value())
        entries.append({DueEntry::What::Restring, row.due, row});
    for (const JobRow& row : looks.value())
        if (static_cast<double>(row.checkOn.daysTo(today)) <= options.checkForgotten_days)
            entries.append({DueEntry::What::Check, row.checkOn, row});
    std::stable_sort(entries.begin(), entries.end(), [](const DueEntry& a, const DueEntry& b) { return a.on < b.on; });
    return entries;
}

std::optional<Fault> noteCheck(Logbook& book, qint64 id, bool holds, const QDateTime& now,
                               const std::optional<HeldReading>& read) {
    Result<KeptJob> kept = book.kept(id);
    if (!kept.ok())
        return kept.fault();
    Job job = kept.value().job;
    job.work.checkOn = {};
    if (read)
        addHeld(job.work, *read);
    const QString said = holds ? DueWords::tr("Checked after the hand-over: it holds.")
                               : DueWords::tr("Checked after the hand-over: it drifts.");
    job.work.records.append({QStringLiteral("hand-over"), StepRecord::What::Note, said, momentText(now)});
    if (!holds)
        cameBack(job, momentText(now));
    return book.save(id, kept.value().job, job, kept.value().revision);
}

QByteArray calendarOf(const QList<DueEntry>& entries, const QDateTime& now) {
    const std::unique_ptr<icalcomponent, void (*)(icalcomponent*)> calendar(icalcomponent_new_vcalendar(),
                                                                            icalcomponent_free);
    icalcomponent_add_property(calendar.get(), icalproperty_new_version("2.0"));
    icalcomponent_add_property(calendar.get(), icalproperty_new_prodid("-//Flenzo//due list//EN"));
    for (const DueEntry& entry : entries)
        icalcomponent_add_component(calendar.get(), eventOf(entry, now));
    const std::unique_ptr<char, void (*)(void*)> text(icalcomponent_as_ical_string_r(calendar.get()),
                                                      [](void* made) { free(made); });
    return text.get();
}

QString reminderFor(const DueEntry& entry) {
    const QString owner =
        entry.job.owner.isEmpty() ? DueWords::tr("Hello") : DueWords::tr("Hello %1").arg(entry.job.owner);
    if (entry.what == DueEntry::What::Check)
        return DueWords::tr(
                   "%1, does your %2 still hold its pitch since it was here? If it drifts, bring it by; settling it "
                   "once more is quickly done.")
            .arg(owner, guitarWords(entry.job));
    const QString set = entry.job.setName.isEmpty()
                            ? DueWords::tr("the same set")
                            : DueWords::tr("the same set (%1)").arg(bundledWords(entry.job.setName));
    return DueWords::tr(
               "%1, the strings of your %2 are due by %3. With %4 the balance stays as it is; for another set or "
               "tuning plan some time more.")
        .arg(owner, guitarWords(entry.job), QLocale().toString(entry.on, QLocale::ShortFormat), set);
}

} // namespace flenzo
