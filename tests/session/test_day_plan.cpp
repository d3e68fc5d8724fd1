// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/base/faults.h"
#include "session/models/day.h"
#include "session/models/day_planner.h"
#include "store/job_json.h"
#include "support/days.h"
#include "support/place.h"

#include <QElapsedTimer>
#include <QTemporaryDir>
#include <QTest>
#include <algorithm>
#include <functional>
#include <limits>
#include <numeric>
#include <random>
#include <set>

using namespace flenzo;
using namespace flenzo::testing;

namespace {

/// Says what a plan breaks; empty where it can be worked.
QString wrongWith(const DayProblem& problem, const DayPlan& plan) {
    std::vector<std::vector<const DaySlot*>> of(problem.jobs.size());
    for (const DaySlot& slot : plan.slots) {
        of[slot.job].push_back(&slot);
        const bool open = std::any_of(problem.hours.begin(), problem.hours.end(), [&](const OpenHours& hours) {
            return hours.from_min <= slot.from_min && slot.to_min <= hours.to_min;
        });
        if (!open)
            return QStringLiteral("job %1 outside the hours").arg(slot.job);
        if (slot.person < 0 || slot.person >= problem.people)
            return QStringLiteral("nobody does job %1").arg(slot.job);
        for (const DaySlot& other : plan.slots)
            if (&other != &slot && other.person == slot.person && other.from_min < slot.to_min &&
                slot.from_min < other.to_min)
                return QStringLiteral("person %1 is twice at work").arg(slot.person);
    }
    long cost = 0;
    for (std::size_t j = 0; j < problem.jobs.size(); ++j) {
        const DayJob& job = problem.jobs[j];
        if (of[j].size() != job.tasks.size())
            return QStringLiteral("job %1 is not done").arg(j);
        int ready = job.from_min;
        for (std::size_t t = 0; t < job.tasks.size(); ++t) {
            if (of[j][t]->task != t || of[j][t]->from_min < ready ||
                of[j][t]->to_min - of[j][t]->from_min != job.tasks[t].hands_min)
                return QStringLiteral("job %1 does not wait").arg(j);
            ready = of[j][t]->to_min + job.tasks[t].wait_min;
        }
        if (plan.done_min[j] != ready)
            return QStringLiteral("job %1 is done at another time").arg(j);
        cost += ready + perLate * std::max(0, ready - job.promised_min.value_or(ready));
    }
    return cost == plan.cost ? QString() : QStringLiteral("it costs %1, not %2").arg(cost).arg(plan.cost);
}

/// The least cost of any order in which tasks are placed one after the other, each as early as it can be: one of them
/// is best.
long bestOfAll(const DayProblem& problem) {
    const Calendar calendar(problem.hours);
    std::vector<std::size_t> next(problem.jobs.size(), 0);
    std::vector<DaySlot> slots;
    long best = std::numeric_limits<long>::max();
    const std::function<void()> place = [&] {
        bool any = false;
        for (std::size_t j = 0; j < problem.jobs.size(); ++j) {
            if (next[j] == problem.jobs[j].tasks.size())
                continue;
            any = true;
            const int hands = problem.jobs[j].tasks[next[j]].hands_min;
            int from = problem.jobs[j].from_min;
            for (const DaySlot& slot : slots)
                if (slot.job == j && slot.task + 1 == next[j])
                    from = slot.to_min + problem.jobs[j].tasks[slot.task].wait_min;
            // The first time at which it fits into the hours and a person is free all along.
            std::set<int> times{from};
            for (const DaySlot& slot : slots)
                times.insert(std::max(from, slot.to_min));
            for (const OpenHours& open : problem.hours)
                times.insert(std::max(from, open.from_min));
            for (const int time : times) {
                if (calendar.begin_min(time, hands) != time)
                    continue;
                const auto busyAt = [&](int at) {
                    return std::count_if(slots.begin(), slots.end(),
                                         [&](const DaySlot& slot) { return slot.from_min <= at && at < slot.to_min; });
                };
                bool free = busyAt(time) < problem.people;
                for (const DaySlot& slot : slots)
                    free = free && !(slot.from_min > time && slot.from_min < time + hands &&
                                     busyAt(slot.from_min) >= problem.people);
                if (!free)
                    continue;
                slots.push_back({j, next[j]++, 0, time, time + hands});
                place();
                slots.pop_back();
                --next[j];
                break;
            }
        }
        if (!any)
            best = std::min(best, planOf(problem, slots).cost);
    };
    place();
    return best;
}

const std::atomic<bool> goOn{false};

} // namespace

class TestDayPlan : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void aSmallDayIsTheBestThereIs() {
        std::mt19937 random(20261203);
        int proven = 0, better = 0;
        for (int which = 0; which < 60; ++which) {
            const DayProblem problem = cutToHours(randomDay(random, 2 + which % 3, 1 + which % 2));
            const DayPlan rule = planByRule(problem).value();
            QCOMPARE(wrongWith(problem, rule), QString());
            const DayPlan plan = dayPlanner()->improved(problem, rule, 20000, goOn);
            QCOMPARE(wrongWith(problem, plan), QString());
            QVERIFY(plan.cost <= rule.cost && plan.bound <= plan.cost && rule.bound <= plan.cost);
            const long best = bestOfAll(problem);
            QVERIFY2(plan.cost == best || !plan.proven,
                     qPrintable(QStringLiteral("%1: %2, best %3").arg(which).arg(plan.cost).arg(best)));
            QVERIFY2(plan.cost == best,
                     qPrintable(QStringLiteral("%1: %2, best %3").arg(which).arg(plan.cost).arg(best)));
            proven += plan.proven ? 1 : 0;
            better += plan.cost < rule.cost ? 1 : 0;
        }
        QVERIFY2(proven > 50 && better > 5, qPrintable(QStringLiteral("%1 %2").arg(proven).arg(better)));
    }

    /// Thirty jobs for one to three people: it can be worked, costs no more than any rule and no less than the bound.
    void aFullShop() {
        std::mt19937 random(77);
        double saved = 0.0;
        for (int which = 0; which < 6; ++which) {
            const DayProblem problem = cutToHours(randomDay(random, 30, 1 + which % 3));
            const DayPlan rule = planByRule(problem).value();
            const DayPlan plan = dayPlanner()->improved(problem, rule, 700, goOn);
            QCOMPARE(wrongWith(problem, plan), QString());
            QVERIFY(plan.cost <= rule.cost && plan.cost >= plan.bound && plan.bound == leastCost(problem));
            saved += 1.0 - static_cast<double>(plan.cost) / static_cast<double>(rule.cost);
        }
        QVERIFY2(saved / 6.0 > 0.02, qPrintable(QString::number(saved / 6.0)));
    }

    /// One waits for glue: the other is done meanwhile, by the same person.
    void aWaitIsFilled() {
        DayProblem problem;
        problem.hours = workingDays(3);
        problem.jobs = {{{{30, 120}, {30, 0}}, 0, std::nullopt}, {{{90, 0}}, 0, std::nullopt}};
        const DayPlan plan = dayPlanner()->improved(problem, planByRule(problem).value(), 2000, goOn);
        QVERIFY(plan.proven);
        QCOMPARE(plan.slots[0].job, std::size_t(0));
        QCOMPARE(plan.slots[1].job, std::size_t(1));
        QCOMPARE(plan.slots[1].from_min, 30);
        QCOMPARE(plan.slots[2].from_min, 150);
        QCOMPARE(plan.done_min, (std::vector<int>{180, 120}));
    }

    /// What was promised first comes first, though something shorter waits; what cannot be done in time is late.
    void promisesAreKept() {
        DayProblem problem;
        problem.hours = workingDays(3);
        problem.jobs = {{{{100, 0}}, 0, 110}, {{{10, 0}}, 0, std::nullopt}, {{{60, 0}}, 0, 20}};
        const DayPlan plan = dayPlanner()->improved(problem, planByRule(problem).value(), 2000, goOn);
        QVERIFY(plan.proven);
        QVERIFY(plan.done_min[2] > 20);
        // Either promise can be kept but for the other; what is late already is not made later for the short one.
        QCOMPARE(plan.slots.back().job, std::size_t(1));
    }

    /// A task longer than any stretch goes on after the break; a shop without hours has no plan.
    void hoursAreKept() {
        DayProblem problem;
        problem.hours = workingDays(2);
        problem.jobs = {{{{600, 0}}, 0, std::nullopt}};
        const DayProblem cut = cutToHours(problem);
        QCOMPARE(cut.jobs[0].tasks.size(), std::size_t(6)); // of a hundred minutes, for half a morning has 105
        const DayPlan plan = planByRule(cut).value();
        QCOMPARE(wrongWith(cut, plan), QString());
        problem.hours = {{0, 100}};
        QVERIFY(!planByRule(cutToHours(problem)));
        problem.hours.clear();
        QVERIFY(!planByRule(cutToHours(problem)));
        problem.jobs.clear();
        QVERIFY(planByRule(problem)->slots.empty());
    }

    /// Whoever began a job goes on with it where they are free; given up, the search ends at once.
    void peopleKeepTheirJobs() {
        std::mt19937 random(5);
        const DayProblem problem = cutToHours(randomDay(random, 30, 2));
        const std::atomic<bool> up{true};
        QElapsedTimer timer;
        timer.start();
        const DayPlan rule = planByRule(problem).value();
        QVERIFY(dayPlanner()->improved(problem, rule, 60000, up).cost == rule.cost);
        QVERIFY(timer.elapsed() < 30000);
        int kept = 0, all = 0;
        for (const DaySlot& a : rule.slots)
            for (const DaySlot& b : rule.slots)
                if (a.job == b.job && b.task == a.task + 1) {
                    ++all;
                    kept += a.person == b.person ? 1 : 0;
                }
        QVERIFY2(2 * kept > all, qPrintable(QStringLiteral("%1 of %2").arg(kept).arg(all)));
    }

    void hoursAreTyped() {
        const auto hours = parseHours(QStringLiteral("9-12:30, 13.30–18:00"));
        QVERIFY(hours.ok());
        QCOMPARE(hoursText(hours.value()), QStringLiteral("9:00-12:30, 13:30-18:00"));
        QCOMPARE(parseHours(hoursText(hours.value())).value(), hours.value());
        for (const char* no : {"", "9", "9-8", "9-12, 11-18", "25-26", "nine to five", "9:75-10"})
            QVERIFY2(!parseHours(QLatin1String(no)).ok(), no);
    }

    void momentsAreTyped() {
        const ShopHours hours;
        const QDateTime now(QDate(2026, 12, 2), QTime(10, 15));
        const auto typed = [&](const char* text) {
            const auto moment = parseMoment(QLatin1String(text), now, hours);
            return moment.ok() ? momentShown(moment.value()) : QStringLiteral("?");
        };
        QCOMPARE(typed("17:00"), QStringLiteral("2026-12-02 17:00"));
        QCOMPARE(typed("9"), QStringLiteral("2026-12-03 09:00")); // nine o'clock is over today
        QCOMPARE(typed("2026-12-04"), QStringLiteral("2026-12-04 18:00"));
        QCOMPARE(typed("2026-12-04 16.30"), QStringLiteral("2026-12-04 16:30"));
        QCOMPARE(typed("4.12. 16:30"), QStringLiteral("2026-12-04 16:30"));
        QCOMPARE(typed("4.1."), QStringLiteral("2027-01-04 18:00"));
        QCOMPARE(typed(" "), QString());
        for (const char* no : {"tomorrow", "25:00", "2026-02-30", "17:00 today", "1.13."})
            QCOMPARE(typed(no), QStringLiteral("?"));
    }

    /// A stretch of nine hours is nine hours on the day on which clocks go back as well; closed days have none, a
    /// stretch that has begun only its rest.
    void clocksAndDays() {
        ShopHours hours;
        hours.hours = {{QTime(9, 0), QTime(18, 0)}};
        const QDateTime friday(QDate(2026, 12, 4), QTime(12, 0));
        const std::vector<OpenHours> open = openFrom(hours, friday, 5);
        QCOMPARE(open.size(), std::size_t(3)); // Friday, Monday, Tuesday
        QCOMPARE(open[0].from_min, 0);
        QCOMPARE(open[0].to_min, 360);
        QCOMPARE(open[1].to_min - open[1].from_min, 540);
        hours.days.fill(true);
        for (int day = 0; day < 365; ++day) {
            const QDateTime night(QDate(2026, 1, 1).addDays(day), QTime(0, 0));
            const std::vector<OpenHours> one = openFrom(hours, night, 1);
            QCOMPARE(one.size(), std::size_t(1));
            QCOMPARE(one[0].to_min - one[0].from_min, 540);
            QCOMPARE(night.addSecs(60LL * one[0].from_min).time(), QTime(9, 0));
        }
    }

    /// What is left of a job: its open steps, cut where oil stays on and where strings rest over night; what was
    /// settled yesterday evening can be gone on with when the night is over.
    void whatIsAheadOfAJob() {
        Job job = newJob();
        const auto hands = [](const std::vector<PieceAhead>& pieces) {
            return std::accumulate(pieces.begin(), pieces.end(), 0.0,
                                   [](double sum, const PieceAhead& piece) { return sum + piece.hands_min; });
        };
        const std::vector<PieceAhead> plain = workAhead(job, derive(job));
        QCOMPARE(plain.size(), std::size_t(1));
        QVERIFY(hands(plain) > 15.0 && hands(plain) < 200.0);
        job.work.extras = {QStringLiteral("oil"), QStringLiteral("overnight")};
        job.card.board = Board::DarkUnlacquered;
        const std::vector<PieceAhead> cut = workAhead(job, derive(job));
        QCOMPARE(cut.size(), std::size_t(3));
        QVERIFY(cut[0].waitFor == WaitFor::Oil && cut[1].waitFor == WaitFor::Settling &&
                cut[2].waitFor == WaitFor::Nothing);
        QVERIFY(hands(cut) > hands(plain)); // the oil
        QVERIFY(!notBefore(job).isValid());
        job.work.records.append(
            {QStringLiteral("settle"), StepRecord::What::Done, {}, QStringLiteral("2026-12-01T18:00:00")});
        QCOMPARE(momentShown(notBefore(job)), QStringLiteral("2026-12-02 06:00"));
        job.work.notBefore = QDateTime(QDate(2026, 12, 3), QTime(9, 0));
        QCOMPARE(notBefore(job), job.work.notBefore);
        job.work.records.append({QStringLiteral("settle"), StepRecord::What::Reopened, {}, {}});
        job.work.notBefore = {};
        QVERIFY(!notBefore(job).isValid());
    }

    /// From the logbook to the plan: what waits for the morning is not begun before, what cannot be done in time is
    /// late, and both moments survive a file.
    void aShopsDay() {
        QTemporaryDir dir;
        const auto book = Logbook::open(newPlace(dir)).value();
        const QDateTime now(QDate(2026, 12, 2), QTime(9, 0));
        const auto put = [&](const char* guitar, const QDateTime& promised, const QDateTime& notBefore) {
            Job job = newJob();
            job.guitar = QLatin1String(guitar);
            job.work.promised = promised;
            job.work.notBefore = notBefore;
            const Result<Job> again = jobFromJson(jobToJson(job));
            QVERIFY(again.ok());
            QCOMPARE(again.value().work.promised, promised);
            QCOMPARE(again.value().work.notBefore, notBefore);
            QVERIFY(book->add(job).ok());
        };
        put("late already", now.addSecs(-3600), {});
        put("waits for a part", {}, QDateTime(QDate(2026, 12, 3), QTime(11, 0)));
        put("plain", {}, {});
        put("for tonight", QDateTime(now.date(), QTime(18, 0)), {});
        AheadReader reader;
        ShopHours hours;
        QVERIFY(!saveShopHours(*book, hours));
        const auto days = layOut(reader.read(*book, goOn).value(), shopHours(*book).value(), now, goOn, 3000);
        QVERIFY(days.ok());
        const LaidOut& laid = days.value();
        QCOMPARE(wrongWith(laid.problem, laid.plan), QString());
        for (std::size_t j = 0; j < laid.jobs.size(); ++j) {
            const QString& guitar = laid.jobs[j].row.guitar;
            QCOMPARE(laid.isLate(j), guitar == QLatin1String("late already"));
            if (guitar == QLatin1String("waits for a part"))
                for (const DaySlot& slot : laid.plan.slots)
                    QVERIFY(slot.job != j || laid.at(slot.from_min) >= laid.jobs[j].notBefore);
        }
        QCOMPARE(laid.jobs[laid.plan.slots.front().job].row.guitar, QStringLiteral("late already"));
        const qint64 first = laid.jobs[0].row.id;
        QVERIFY(!noteMoment(*book, first, &Work::promised, now.addDays(2)));
        const auto again = reader.read(*book, goOn).value();
        for (const JobAhead& job : again)
            QVERIFY(job.row.id != first || job.promised == now.addDays(2));
        hours.days.fill(false);
        QVERIFY(!saveShopHours(*book, hours));
        QVERIFY(layOut(again, shopHours(*book).value(), now, goOn).fault().is(faults::noHoursAtAll));
        hours.days.fill(true);
        hours.hours = {{QTime(9, 0), QTime(9, 1)}};
        QVERIFY(layOut(again, hours, now, goOn).fault().is(faults::hoursTooShort));
        QVERIFY(layOut({}, ShopHours(), now, goOn).value().plan.slots.empty());
        QJsonObject json = jobToJson(newJob());
        QJsonObject work = json[QLatin1String("work")].toObject();
        work[QLatin1String("promised")] = QStringLiteral("soon");
        json[QLatin1String("work")] = work;
        QVERIFY(jobFromJson(json).fault().is(faults::notMoment));
    }
};

QTEST_GUILESS_MAIN(TestDayPlan)
#include "test_day_plan.moc"
