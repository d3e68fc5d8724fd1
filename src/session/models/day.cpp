// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/models/day.h"

#include "domain/base/faults.h"
#include "session/models/day_planner.h"

#include <QRegularExpression>
#include <algorithm>
#include <cmath>
#include <numeric>

namespace flenzo {

namespace {

const QString hoursSetting = QStringLiteral("dayHours"), daysSetting = QStringLiteral("dayDays"),
              peopleSetting = QStringLiteral("dayPeople");
constexpr int mostJobs = 60;

/// "9", "9:00" or "17.30".
QTime timeOf(const QString& text) {
    static const QRegularExpression form(QStringLiteral("^(\\d{1,2})(?:[:.](\\d{2}))?$"));
    const auto match = form.match(text.trimmed());
    return match.hasMatch() ? QTime(match.captured(1).toInt(), match.captured(2).toInt()) : QTime();
}

QTime closingOn(const ShopHours& hours) {
    return hours.hours.empty() ? QTime(18, 0) : hours.hours.back().second;
}

/// Enough of them for everything: twice the work there is, and what has to be waited for.
int daysFor(const DayProblem& problem, const ShopHours& hours) {
    constexpr int mostDays = 180, someDays = 14, minutesOfDay = 24 * 60;
    long hands = 0, latest = 0;
    for (const DayJob& job : problem.jobs) {
        long wait = job.from_min;
        for (const DayTask& task : job.tasks) {
            hands += task.hands_min;
            wait += task.wait_min;
        }
        latest = std::max(latest, wait);
    }
    const long a_day = std::accumulate(hours.hours.begin(), hours.hours.end(), 0L, [](long sum, const auto& open) {
        return sum + open.first.secsTo(open.second) / 60;
    });
    const auto open = static_cast<long>(std::count(hours.days.begin(), hours.days.end(), true));
    const long weeks = 2 * hands / std::max(1L, a_day * open * hours.people) + 1;
    return static_cast<int>(std::min<long>(mostDays, someDays + 7 * weeks + latest / minutesOfDay));
}

} // namespace

Result<std::vector<std::pair<QTime, QTime>>> parseHours(const QString& text) {
    std::vector<std::pair<QTime, QTime>> hours;
    const Fault wrong{faults::notHours, QStringLiteral("hours"), {text}};
    for (const QString& part : text.split(QLatin1Char(','), Qt::SkipEmptyParts)) {
        const QStringList ends = QString(part).replace(QChar(0x2013), QLatin1Char('-')).split(QLatin1Char('-'));
        const QTime from = timeOf(ends.value(0)), to = timeOf(ends.value(1));
        if (ends.size() != 2 || !from.isValid() || !to.isValid() || from >= to ||
            (!hours.empty() && hours.back().second > from))
            return wrong;
        hours.emplace_back(from, to);
    }
    return hours.empty() ? Result<std::vector<std::pair<QTime, QTime>>>(wrong) : hours;
}

QString hoursText(const std::vector<std::pair<QTime, QTime>>& hours) {
    QStringList parts;
    for (const auto& [from, to] : hours)
        parts.append(from.toString(QStringLiteral("H:mm")) + QLatin1Char('-') + to.toString(QStringLiteral("H:mm")));
    return parts.join(QStringLiteral(", "));
}

Result<ShopHours> shopHours(const Logbook& book) {
    ShopHours hours;
    const Result<QString> times = book.setting(hoursSetting), days = book.setting(daysSetting),
                          people = book.setting(peopleSetting);
    for (const Result<QString>* each : {&times, &days, &people})
        if (!each->ok())
            return each->fault();
    if (const auto kept = parseHours(times.value()); kept.ok())
        hours.hours = kept.value();
    if (!days.value().isEmpty())
        for (int day = 0; day < 7; ++day)
            hours.days[static_cast<std::size_t>(day)] = days.value().contains(QString::number(day + 1));
    if (const int kept = people.value().toInt(); kept >= 1 && kept <= mostPeople)
        hours.people = kept;
    return hours;
}

std::optional<Fault> saveShopHours(Logbook& book, const ShopHours& hours) {
    QString days = QStringLiteral("-"); // so that a shop open on no day is told from one that never said
    for (int day = 0; day < 7; ++day)
        if (hours.days[static_cast<std::size_t>(day)])
            days += QString::number(day + 1);
    for (const auto& [key, value] : {std::pair(hoursSetting, hoursText(hours.hours)),
                                     {daysSetting, days},
                                     {peopleSetting, QString::number(hours.people)}})
        if (auto fault = book.setSetting(key, value))
            return fault;
    return std::nullopt;
}

Result<QDateTime> parseMoment(const QString& text, const QDateTime& now, const ShopHours& hours) {
    static const QRegularExpression form(QStringLiteral(
        "^(?:(\\d{4})-(\\d{1,2})-(\\d{1,2})|(\\d{1,2})\\.(\\d{1,2})\\.(\\d{4})?)?[ T,]*(\\d{1,2}(?:[:.]\\d{2})?)?$"));
    const QString typed = text.trimmed();
    if (typed.isEmpty())
        return QDateTime();
    const auto match = form.match(typed);
    const bool iso = match.hasCaptured(1), short_ = match.hasCaptured(4);
    QDate day = now.date();
    if (iso)
        day = QDate(match.captured(1).toInt(), match.captured(2).toInt(), match.captured(3).toInt());
    if (short_) {
        const int year = match.hasCaptured(6) ? match.captured(6).toInt() : day.year();
        day = QDate(year, match.captured(5).toInt(), match.captured(4).toInt());
        if (!match.hasCaptured(6) && day < now.date())
            day = day.addYears(1);
    }
    const bool timed = match.hasCaptured(7) && !match.captured(7).isEmpty();
    const QTime time = timed ? timeOf(match.captured(7)) : closingOn(hours);
    QDateTime moment(day, time);
    if (timed && !iso && !short_ && moment <= now)
        moment = QDateTime(day.addDays(1), time);
    if (!match.hasMatch() || !day.isValid() || !time.isValid() || !moment.isValid())
        return Fault{faults::notTypedMoment, QStringLiteral("time"), {typed}};
    return moment;
}

QString momentShown(const QDateTime& moment) {
    const QDateTime here = moment.toLocalTime();
    return here.isValid()
               ? here.date().toString(Qt::ISODate) + QLatin1Char(' ') + here.time().toString(QStringLiteral("HH:mm"))
               : QString();
}

Result<std::vector<JobAhead>> AheadReader::read(const Logbook& book, const std::atomic<bool>& giveUp) {
    std::vector<JobAhead> all;
    for (const JobState state : {JobState::OnBench, JobState::Waiting}) {
        JobFilter filter;
        filter.state = state;
        filter.most = mostJobs;
        const Result<QList<JobRow>> rows = book.jobs(filter);
        if (!rows.ok())
            return rows.fault();
        for (const JobRow& row : rows.value()) {
            if (giveUp)
                return all;
            Known& known = known_[row.id];
            if (!known.changed.isValid() || known.changed != row.changed) {
                const Result<Job> job = book.job(row.id);
                if (!job.ok())
                    return job.fault();
                known = {row.changed, JobAhead{row, workAhead(job.value(), derive(job.value())),
                                               job.value().work.promised, notBefore(job.value())}};
            }
            all.push_back(known.ahead);
        }
    }
    return all;
}

bool LaidOut::isLate(std::size_t job) const {
    return jobs[job].promised.isValid() && at(plan.done_min[job]) > jobs[job].promised;
}

std::vector<OpenHours> openFrom(const ShopHours& hours, const QDateTime& from, int days) {
    std::vector<OpenHours> open;
    const auto minuteOf = [&from](const QDateTime& moment) {
        return static_cast<int>(std::ceil(static_cast<double>(from.secsTo(moment)) / 60.0));
    };
    for (int k = 0; k < days; ++k) {
        const QDate day = from.date().addDays(k);
        if (!hours.days[static_cast<std::size_t>(day.dayOfWeek() - 1)])
            continue;
        for (const auto& [begin, end] : hours.hours) {
            const OpenHours stretch{std::max(0, minuteOf(QDateTime(day, begin))), minuteOf(QDateTime(day, end))};
            if (stretch.to_min > stretch.from_min)
                open.push_back(stretch);
        }
    }
    return open;
}

Result<LaidOut> layOut(std::vector<JobAhead> jobs, const ShopHours& hours, const QDateTime& now,
                       const std::atomic<bool>& giveUp, int longest_ms) {
    if (std::none_of(hours.days.begin(), hours.days.end(), [](bool open) { return open; }))
        return Fault{faults::noHoursAtAll, QStringLiteral("hours")};
    LaidOut out;
    out.from = QDateTime(now.date(), QTime(now.time().hour(), now.time().minute()));
    out.jobs = std::move(jobs);
    out.problem.people = hours.people;
    for (const JobAhead& ahead : out.jobs) {
        DayJob job;
        if (ahead.notBefore.isValid())
            job.from_min = std::max(0, static_cast<int>(out.from.secsTo(ahead.notBefore) / 60));
        if (ahead.promised.isValid())
            job.promised_min = static_cast<int>(out.from.secsTo(ahead.promised) / 60);
        for (const PieceAhead& piece : ahead.pieces)
            job.tasks.push_back({std::max(1, static_cast<int>(std::ceil(piece.hands_min))),
                                 static_cast<int>(std::ceil(piece.wait_min))});
        out.problem.jobs.push_back(job);
    }
    out.problem.hours = openFrom(hours, out.from, daysFor(out.problem, hours));
    out.problem = cutToHours(out.problem);
    auto plan = planByRule(out.problem);
    if (!plan)
        return Fault{faults::hoursTooShort, QStringLiteral("hours")};
    out.plan = dayPlanner() ? dayPlanner()->improved(out.problem, *plan, longest_ms, giveUp) : std::move(*plan);
    return out;
}

std::optional<Fault> noteMoment(Logbook& book, qint64 id, QDateTime Work::*which, const QDateTime& moment) {
    Result<KeptJob> read = book.kept(id);
    if (!read.ok())
        return read.fault();
    Job job = read.value().job;
    job.work.*which = moment;
    return book.save(id, read.value().job, job, read.value().revision);
}

} // namespace flenzo
