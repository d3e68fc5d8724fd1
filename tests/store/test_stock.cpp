// SPDX-License-Identifier: GPL-3.0-or-later
// The drawers, the due list, offers and times, against figures made by hand.
#include "core/simulation/simulated_guitar.h"
#include "domain/base/faults.h"
#include "domain/job/edits.h"
#include "domain/methods/methods.h"
#include "domain/shop/quote.h"
#include "domain/shop/strings_sold.h"
#include "domain/work/workflow.h"
#include "session/document/demo_shop.h"
#include "session/models/due_list.h"
#include "session/models/pace.h"
#include "session/models/shop_memory.h"
#include "session/models/times.h"
#include "store/catalogue_files.h"
#include "store/job_json.h"
#include "support/rigs.h"

#include "support/place.h"
#include <QTemporaryDir>

#include <QTest>
#include <libical/ical.h>

using namespace flenzo;
using namespace flenzo::testing;

class TestStock : public QObject {
    Q_OBJECT

    std::unique_ptr<QTemporaryDir> dir_;
    std::shared_ptr<Logbook> book_;
    QString place_;
    const QDate today_{2026, 11, 27};

    static Catalogue catalogue() { return bundledCatalogue().value(); }
    static StockItem single(const char* id, qint64 pieces, qint64 least, qint64 price_minor = 150) {
        return {QLatin1String(id), StockKind::Single, QLatin1String(id), pieces, least, price_minor};
    }
    /// A six-string with those catalogue strings on.
    static Job strungWith(const QStringList& items) {
        Job job = newJob();
        const Catalogue all = catalogue();
        job.onPicks = {};
        for (std::size_t i = 0; i < job.rig.strings.size(); ++i) {
            const CatalogueString* string = all.stringById(items.at(static_cast<qsizetype>(i)));
            job.rig.strings[i].wire = string->wire;
            job.onPicks.strings.push_back({string->id, {}});
        }
        return job;
    }
    static Job finished(Job job) {
        job.work.state = JobState::Finished;
        return job;
    }
    ShopSays says() { return ShopReader().read(*book_).value(); }
    qint64 there(const char* id) { return inStock(book_->stock().value(), QLatin1String(id))->pieces; }
    static QStringList usualItems() {
        return {QStringLiteral("nickel-plated-46"), QStringLiteral("nickel-plated-36"),
                QStringLiteral("nickel-plated-26"), QStringLiteral("plain-17"),
                QStringLiteral("plain-13"),         QStringLiteral("plain-13")};
    }

private Q_SLOTS:
    void init() {
        dir_ = std::make_unique<QTemporaryDir>();
        place_ = newPlace(*dir_);
        book_ = Logbook::open(place_).value();
    }
    void cleanup() { book_.reset(); }

    /// From the drawers: what lies there, and no more pieces of it than there are.
    void aSetIsChosenFromTheDrawers() {
        const Job job = strungWith(usualItems());
        const Estimate known = estimate(benchJobOf(job));
        FeelWish feel;
        feel.keepsBalance = false;
        const SetFigures asPlanned = figuresPlanned(job, guitarNow(known));
        feel.likes = asPlanned;
        const Catalogue all = catalogue();
        const auto itemsOf = [](const SetProposal& proposal) {
            QStringList items;
            for (const CatalogueString* string : proposal.strings)
                items.append(string->id);
            return items;
        };
        QCOMPARE(itemsOf(proposeSet(job, known, all, feel)), usualItems()); // two of .013 are wished and sold
        Stock drawers{single("nickel-plated-46", 1, 0), single("nickel-plated-36", 1, 0),
                      single("nickel-plated-26", 1, 0), single("plain-17", 1, 0), single("plain-13", 2, 0)};
        QCOMPARE(itemsOf(proposeSet(job, known, all, feel, &drawers)), usualItems());
        drawers.back().pieces = 1;
        const SetProposal none = proposeSet(job, known, all, feel, &drawers);
        QVERIFY(none.strings.empty());
        QVERIFY(whyNone(none).is(faults::tooFewInDrawers));
        drawers.append(single("plain-12", 1, 0));
        const QStringList meanwhile = itemsOf(proposeSet(job, known, all, feel, &drawers));
        QCOMPARE(meanwhile.count(QStringLiteral("plain-13")), 1);
        QCOMPARE(meanwhile.count(QStringLiteral("plain-12")), 1);
        drawers.removeAt(0);
        QVERIFY(whyNone(proposeSet(job, known, all, feel, &drawers)).is(faults::nothingInDrawers));
    }

    /// A set that lies there whole is one of the choices, and its price that of one set; singles are added up, and one
    /// without a price leaves the sum open.
    void aSetThatLiesThereIsChosen() {
        const Catalogue all = catalogue();
        Job job = strungWith(usualItems());
        const CatalogueSet& set = *all.setsFor(6).front();
        applySet(job, Side::On, set, all);
        const Estimate known = estimate(benchJobOf(job));
        FeelWish feel;
        feel.keepsBalance = false;
        feel.likes = figuresPlanned(job, guitarNow(known));
        Stock drawers{{setItemOf(set.name), StockKind::Set, set.name, 1, 0, 1250}};
        const SetProposal whole = proposeSet(job, known, all, feel, &drawers);
        QCOMPARE(whole.choice.status, SetStatus::Best);
        QVERIFY(whole.choice.cost < 1e-9);
        Job with = strungWith(usualItems());
        putOn(with, whole, all);
        QCOMPARE(with.onPicks.setName, set.name);
        QCOMPARE(stringsPrice_minor(with, drawers), std::optional<qint64>(1250));
        drawers.front().pieces = 0;
        QVERIFY(proposeSet(job, known, all, feel, &drawers).strings.empty());

        Stock singles;
        for (const QString& item : QSet<QString>(set.items.begin(), set.items.end()))
            singles.append({item, StockKind::Single, item, 9, 0, 150});
        QCOMPARE(stringsPrice_minor(with, singles), std::optional<qint64>(900));
        singles.front().price_minor = 0;
        QVERIFY(!stringsPrice_minor(with, singles));
        singles.removeFirst();
        QVERIFY(!stringsPrice_minor(with, singles));
    }

    /// A twin: a guitar of the same making whose springs and strings were changed is followed in pulls and arm.
    void aTwinIsBroughtToItsFeel() {
        const Catalogue all = catalogue();
        Job job = withClawFromOldSet(strungWith(usualItems()));
        const Estimate known = estimate(benchJobOf(job));
        const auto sets = all.setsFor(6);
        int followed = 0;
        for (const CatalogueSet* set : sets)
            for (const SpringWay way : {SpringWay{2, 1.0}, SpringWay{4, 1.0}, SpringWay{3, 1.2}}) {
                Job other = job;
                applySet(other, Side::On, *set, all);
                const Rig model = withSprings(withWires(guitarNow(known), wiresOf(other.rig)), way);
                const SetFigures likes = figuresOf(model, job.goal, job.method.order);
                const double pulls = likes.pull_N / figuresPlanned(job, guitarNow(known)).pull_N;
                if (likes.level.status != LevelStatus::Found || std::abs(pulls - 1.0) > 0.25)
                    continue;
                FeelWish feel;
                feel.keepsBalance = false;
                feel.likes = likes;
                feel.springsToo = true;
                const SetProposal twin = proposeSet(job, known, all, feel);
                QVERIFY2(!twin.strings.empty(), qPrintable(set->name));
                const double arm = twin.chosen.level.stiffness_NmPerRad / likes.level.stiffness_NmPerRad;
                QVERIFY2(std::abs(arm - 1.0) < 0.08,
                         qPrintable(QStringLiteral("%1 %2: %3").arg(set->name).arg(way.springs).arg(arm)));
                // A string keeps its kind: where the other is wound another way, it comes less near.
                QVERIFY2(std::abs(twin.chosen.pull_N / likes.pull_N - 1.0) < 0.15,
                         qPrintable(QStringLiteral("%1 %2").arg(set->name).arg(twin.chosen.pull_N / likes.pull_N)));
                ++followed;
                Job planned = job;
                putOn(planned, twin, all);
                QCOMPARE(planned.rig.springs.size(), twin.springs.springs);
                QVERIFY(!unreadable(planned));
            }
        QVERIFY2(followed > 8, qPrintable(QString::number(followed)));
    }

    /// The claw is turned in mid-job: what is still to be turned counts from there.
    void theClawCountsFromWhereItStands() {
        Job job = withClawFromOldSet(strungWith(usualItems()));
        const Catalogue all = catalogue();
        const double at = proposeSet(job, estimate(benchJobOf(job)), all, {}).planned.clawMore_turns;
        job.log.push_back(Event::claw({1.0, 1.0}));
        const SetProposal later = proposeSet(job, estimate(benchJobOf(job)), all, {});
        QVERIFY2(std::abs(at - later.planned.clawMore_turns - 1.0) < 0.1,
                 qPrintable(QStringLiteral("%1, then %2").arg(at).arg(later.planned.clawMore_turns)));
        QVERIFY(std::abs(later.before.clawMore_turns + 1.0) < 0.1); // the old set would have it turned back
    }

    void whenStringsAreDue() {
        Playing playing;
        QCOMPARE(nextRestring(playing, QDate(2026, 11, 30)).on,
                 QDate(2027, 2, 28)); // three months, no 30th of February
        playing.coated = true;
        QCOMPARE(nextRestring(playing, QDate(2026, 11, 30)).on, QDate(2027, 5, 30));
        playing.coated = false;
        playing.hoursAWeek = 10.0; // 70 hours in seven weeks
        QCOMPARE(nextRestring(playing, today_).on, today_.addDays(49));
        QVERIFY(nextRestring(playing, today_).by == NextRestring::By::Playing);
        playing.gigsAWeek = 1.0; // as much as four hours more
        QCOMPARE(nextRestring(playing, today_).on, today_.addDays(35));
        playing.sweat = Sweat::Much;
        QCOMPARE(nextRestring(playing, today_).on, today_.addDays(18)); // 17.5
        playing.hoursAWeek = 100.0;
        playing.gigsAWeek = 14.0;
        QCOMPARE(nextRestring(playing, today_).on, today_.addDays(7)); // a week at least
        playing = {0.5, 0.0, 1, Sweat::Little, true};
        QCOMPARE(nextRestring(playing, today_).on, QDate(2026, 12, 27)); // the owner wants it monthly
    }

    /// A guitar in hand is not due, of several jobs the latest counts, and a check waits for a day and not for ever.
    void theDueListByHand() {
        const auto put = [&](const char* guitar, JobState state, const QDate& due, const QDate& check) {
            Job job = newJob();
            job.guitar = QLatin1String(guitar);
            job.work.state = state;
            job.work.due = due;
            job.work.checkOn = check;
            return book_->add(job).value();
        };
        put("back", JobState::Finished, today_.addDays(-40), {});
        put("back", JobState::Finished, today_.addDays(3), {});
        put("in hand", JobState::Finished, today_.addDays(-2), {});
        put("in hand", JobState::OnBench, {}, {});
        put("later", JobState::Finished, today_.addDays(15), {});
        put("at the edge", JobState::Finished, today_.addDays(14), {});
        const qint64 left = put("left yesterday", JobState::Finished, today_.addDays(90), today_);
        put("left today", JobState::Finished, today_.addDays(91), today_.addDays(1));
        put("forgotten", JobState::Finished, today_.addDays(50), today_.addDays(-31));
        QStringList said;
        for (const DueEntry& entry : dueList(*book_, today_).value())
            said.append(entry.job.guitar + (entry.what == DueEntry::What::Check ? QStringLiteral("?") : QString()));
        QCOMPARE(said, QStringList(
                           {QStringLiteral("left yesterday?"), QStringLiteral("back"), QStringLiteral("at the edge")}));
        QVERIFY(!noteCheck(*book_, left, false, QDateTime(today_, QTime(12, 0))));
        QCOMPARE(dueList(*book_, today_).value().size(), 2);
        const Job drifts = book_->job(left).value();
        QVERIFY(drifts.work.state == JobState::Waiting);
        QVERIFY(std::any_of(drifts.work.records.begin(), drifts.work.records.end(),
                            [](const StepRecord& record) { return record.text.contains(QLatin1String("drifts")); }));
    }

    /// An older visit that is written in is not the latest by that.
    void aNoteOnAnOldJobMovesNoDate() {
        const auto visit = [&](const QDate& received, const QDate& due) {
            Job job = newJob();
            job.guitar = QStringLiteral("back");
            job.work.state = JobState::Finished;
            job.work.received = received;
            job.work.due = due;
            return book_->add(job).value();
        };
        const qint64 old = visit(today_.addDays(-200), today_.addDays(-100));
        const qint64 last = visit(today_.addDays(-90), today_.addDays(3));
        KeptJob noted = book_->kept(old).value();
        Job after = noted.job;
        after.work.ownersNote = QStringLiteral("found the receipt");
        QVERIFY(!book_->save(old, noted.job, after, noted.revision));
        const QList<DueEntry> due = dueList(*book_, today_).value();
        QCOMPARE(due.size(), 1);
        QCOMPARE(due.first().on, today_.addDays(3));
        QCOMPARE(book_->jobsOf(due.first().job.guitarId).value().first().id, last);
    }

    /// A guitar that drifts has its strings on; what settles and tunes it is open again, and nothing else.
    void whatDriftsKeepsItsStringsAndIsSettledOnceMore() {
        QVERIFY(!book_->putStock(single("plain-13", 5, 4)));
        Job job = strungWith(usualItems());
        const qint64 id = book_->add(job).value();
        Job done = job;
        const QString now = QStringLiteral("2026-11-27T10:00:00");
        for (int k = 0; k < 200 && done.work.state != JobState::Finished; ++k)
            if (apply(done, derive(done), WorkEvent::Done, {}, now))
                QVERIFY(!apply(done, derive(done), WorkEvent::Overrule, QStringLiteral("test"), now));
        qint64 revision = 1;
        QVERIFY(!book_->save(id, job, done, revision));
        QCOMPARE(there("plain-13"), 3);
        QVERIFY(!noteCheck(*book_, id, false, QDateTime(today_, QTime(12, 0))));
        QCOMPARE(there("plain-13"), 3);
        KeptJob back = book_->kept(id).value();
        const auto next = currentStep(back.job, derive(back.job));
        QVERIFY(next && (next->id == StepId::Settle || next->id == StepId::Tune || next->id == StepId::FineTune));
        QVERIFY(!book_->save(id, back.job, finished(back.job), back.revision));
        QCOMPARE(there("plain-13"), 3); // and not twice
    }

    void finishingSetsBothDates() {
        Job job = newJob();
        const QString now = QStringLiteral("2026-11-27T10:00:00");
        for (int k = 0; k < 200 && job.work.state != JobState::Finished; ++k)
            if (apply(job, derive(job), WorkEvent::Done, {}, now))
                QVERIFY(!apply(job, derive(job), WorkEvent::Overrule, QStringLiteral("test"), now));
        QVERIFY(job.work.state == JobState::Finished);
        QCOMPARE(job.work.due, QDate(2027, 2, 27));
        QCOMPARE(job.work.checkOn, QDate(2026, 11, 28));
    }

    /// Read back by a calendar's own parser: days, words that need escaping, and who is who at the next export.
    void theCalendarIsOne() {
        Job job = finished(newJob());
        job.guitar = QStringLiteral("Gr\u00fcner Steg; \"six\", long ") + QString(90, QLatin1Char('x'));
        job.owner = QStringLiteral("A, B\nC");
        job.work.due = today_.addDays(20);
        std::ignore = book_->add(job);
        const QList<DueEntry> entries = restringsAhead(*book_, today_, 26).value();
        QCOMPARE(entries.size(), 1);
        const QDateTime now(today_, QTime(9, 30), Qt::UTC);
        const QByteArray text = calendarOf(entries, now);
        for (const QByteArray& line : text.split('\n'))
            QVERIFY2(line.size() <= 76, line.constData());
        const std::unique_ptr<icalcomponent, void (*)(icalcomponent*)> calendar(
            icalparser_parse_string(text.constData()), icalcomponent_free);
        QVERIFY(calendar);
        icalcomponent* event = icalcomponent_get_first_component(calendar.get(), ICAL_VEVENT_COMPONENT);
        QVERIFY(event && icalcomponent_is_valid(calendar.get()));
        QCOMPARE(QString::fromUtf8(icalcomponent_get_summary(event)), QStringLiteral("Restring: ") + job.guitar);
        const icaltimetype day = icalcomponent_get_dtstart(event);
        QVERIFY(day.is_date && QDate(day.year, day.month, day.day) == job.work.due);
        QCOMPARE(calendarOf(entries, now), text);
        QVERIFY(reminderFor(entries.first()).contains(job.guitar));
    }

    void aFinishedJobTakesItsStringsAndGivesThemBack() {
        QVERIFY(!book_->putStock(single("plain-13", 5, 4)));
        QVERIFY(!book_->putStock(single("plain-17", 1, 0)));
        const Job job = strungWith(usualItems());
        const qint64 id = book_->add(job).value();
        qint64 revision = 1, othersRevision = 1;
        QVERIFY(!book_->save(id, job, finished(job), revision));
        QCOMPARE(there("plain-13"), 3); // two of the six are alike
        QCOMPARE(there("plain-17"), 0);
        Job noted = finished(job);
        noted.work.ownersNote = QStringLiteral("thank you");
        QVERIFY(!book_->save(id, finished(job), noted, revision));
        QCOMPARE(there("plain-13"), 3); // not twice
        QVERIFY(!book_->save(id, noted, job, revision));
        QCOMPARE(there("plain-13"), 5); // it was not finished after all
        // A shop that keeps the set takes the set.
        Job set = job;
        set.onPicks.setName = QStringLiteral("Six, 10 to 52");
        QVERIFY(!book_->putStock({setItemOf(set.onPicks.setName), StockKind::Set, set.onPicks.setName, 1, 1, 900}));
        const qint64 other = book_->add(set).value();
        QVERIFY(!book_->save(other, set, finished(set), othersRevision));
        QCOMPARE(there("set:Six, 10 to 52"), 0);
        QCOMPARE(there("plain-13"), 5);
        // What comes in as finished took its strings elsewhere.
        QVERIFY(!book_->addAll({finished(job)}));
        QCOMPARE(there("plain-13"), 5);
    }

    /// The number of a job that is gone is nobody's again: what it took stays taken.
    void aNumberIsGivenOnce() {
        QVERIFY(!book_->putStock(single("plain-13", 9, 4)));
        const Job job = strungWith(usualItems());
        qint64 last = 0;
        for (int k = 0; k < 3; ++k) {
            const qint64 id = book_->add(job).value();
            QVERIFY(id > last);
            last = id;
            qint64 revision = 1;
            QVERIFY(!book_->save(id, job, finished(job), revision));
            QVERIFY(!book_->remove({id}));
            QCOMPARE(there("plain-13"), 9 - 2 * (k + 1));
        }
    }

    /// The drawers of the demo go with its last job; what the shop made its own stays.
    void theDemosDrawersGoWithIt() {
        QVERIFY(!book_->putStock(single("plain-10", 40, 20))); // which the demo has as well
        QVERIFY(!putDemoShop(*book_, today_));
        QCOMPARE(there("plain-10"), 40);
        const Stock put = book_->stock().value();
        StockItem own = put.first().id == QLatin1String("plain-10") ? put.last() : put.first();
        own.price_minor += 100;
        QVERIFY(!book_->putStock(own, Logbook::Pieces::AsTheyAre));
        QVERIFY(!book_->putStock(single("plain-9", 3, 1)));
        QList<qint64> ids;
        for (const JobRow& row : book_->jobs({}).value())
            ids.append(row.id);
        QVERIFY(put.size() > 5 && ids.size() > 5);
        const qint64 kept = ids.takeLast();
        QVERIFY(!book_->remove(ids) && !clearDemoStock(*book_));
        QCOMPARE(book_->stock().value().size(), put.size() + 1);
        QVERIFY(!book_->remove({kept}) && !clearDemoStock(*book_));
        QCOMPARE(book_->stock().value().size(), 3);
        QCOMPARE(there("plain-10"), 40);
        QVERIFY(!clearDemoStock(*book_));
    }

    void countsAreWhatCameLessWhatWent() {
        QVERIFY(!book_->putStock(single("plain-10", 8, 6)));
        QVERIFY(!book_->moveStock(
            {{QStringLiteral("plain-10"), -3, StockWhy::Lost}, {QStringLiteral("plain-10"), 12, StockWhy::Delivered}},
            0));
        QCOMPARE(there("plain-10"), 17);
        QVERIFY(!book_->putStock(single("plain-10", 15, 6)));
        QCOMPARE(there("plain-10"), 15);
        StockItem dearer = single("plain-10", 15, 6);
        QVERIFY(!book_->moveStock({{QStringLiteral("plain-10"), -2, StockWhy::Used}}, 0)); // at another bench
        dearer.price_minor = 210;
        QVERIFY(!book_->putStock(dearer, Logbook::Pieces::AsTheyAre));
        QCOMPARE(there("plain-10"), 13);
        QCOMPARE(inStock(book_->stock().value(), QStringLiteral("plain-10"))->price_minor, 210);
        QVERIFY(book_->moveStock({{QStringLiteral("no such part"), 1, StockWhy::Used}}, 0));
        QVERIFY(!book_->removeStock(QStringLiteral("plain-10")));
        QVERIFY(book_->stock().value().isEmpty());
    }

    /// What is low, what jobs in hand need, and what .013 does in the place of .0135: 7 % less pull at the same pitch.
    void theShoppingListByHand() {
        QStringList items = usualItems();
        items[4] = QStringLiteral("plain-13.5");
        QVERIFY(!book_->putStock(single("plain-13", 5, 4)));
        QVERIFY(!book_->putStock(single("plain-13.5", 0, 2)));
        QVERIFY(!book_->putStock(single("plain-17", 3, 4)));
        QVERIFY(!book_->putStock(single("nickel-plated-46", 9, 2)));
        const Job job = strungWith(items);
        std::ignore = book_->add(job);
        const Catalogue all = catalogue(); // whose strings the list names
        const QList<ToBuy> list = shoppingList(book_->stock().value(), all, says().inHand);
        QCOMPARE(list.size(), 2);
        QCOMPARE(list[0].item.id, QStringLiteral("plain-13.5"));
        QCOMPARE(list[0].pieces, 2);
        QCOMPARE(list[0].needed, 1);
        QCOMPARE(list[0].meanwhile.size(), 1); // the .017 pulls too much
        const Substitute& other = list[0].meanwhile.first();
        QCOMPARE(other.string->id, QStringLiteral("plain-13"));
        const double byMass = (13.0 * 13.0) / (13.5 * 13.5) - 1.0;
        QVERIFY(std::abs(other.pullShare - byMass) < 1e-9);
        // The claw against a change of the string by hand.
        Job changed = job;
        changed.rig.strings[4].wire = other.string->wire;
        const auto turns = [](const Job& of) { return levelSolution(of.rig, bareState(of.rig), of.goal).moreTurns; };
        QVERIFY(other.claw_turns && std::abs(*other.claw_turns - (turns(changed) - turns(job))) < 1e-9);
        QVERIFY(*other.claw_turns < 0.0);
        QCOMPARE(list[1].item.id, QStringLiteral("plain-17"));
        QCOMPARE(list[1].pieces, 1);
        QVERIFY(list[1].meanwhile.isEmpty());
    }

    void moneyIsWholeHundredths() {
        const auto minor = [](const char* typed) {
            const auto money = moneyOf(QString::fromUtf8(typed));
            return money ? money->minor : -1;
        };
        QCOMPARE(minor("60 EUR"), 6000);
        QCOMPARE(minor("45,5"), 4550);
        QCOMPARE(minor("\xe2\x82\xac 0.07"), 7);
        for (const char* bad :
             {"", "EUR", "-3", "1.234", "12 34", "1e3", "99999999", "3 .", "0x10", "60 words beyond twenty letters"})
            QCOMPARE(minor(bad), -1);
        const Money hour = *moneyOf(QStringLiteral("\u20ac 62.50"));
        QCOMPARE(moneyText(hour.minor, hour.currency), QStringLiteral("\u20ac 62.50"));
        QCOMPARE(moneyText(-1200, {}), QStringLiteral("\u221212"));
        QCOMPARE(labour_minor(30.0, hour), 3125);
        QCOMPARE(labour_minor(0.4, hour), 42); // 41.67
    }

    /// 24 to 36 minutes at 60 an hour, six strings at 1.50: 33 to 45.
    void theOfferByHand() {
        const Job job = strungWith(usualItems());
        Stock stock;
        for (const char* id : {"nickel-plated-46", "nickel-plated-36", "nickel-plated-26", "plain-17", "plain-13"})
            stock.append(single(id, 10, 1));
        Quantiles minutes;
        minutes.p10 = 24.2;
        minutes.p50 = 30.0;
        minutes.p90 = 35.8;
        const Offer offer = offerFor(job, minutes, *moneyOf(QStringLiteral("60 EUR")), stock);
        QCOMPARE(offer.labourLeast_minor, 2400);
        QCOMPARE(offer.labourMost_minor, 3600);
        QCOMPARE(offer.parts_minor, 900);
        QCOMPARE(offerText(offer), QStringLiteral("33 to 45 EUR"));
        Job kept = job;
        kept.work.offer = offerFor(job, minutes, *moneyOf(QStringLiteral("1000000 as long as it gets")), stock);
        kept.work.offer->parts_minor = 1000 * kept.work.offer->labourMost_minor;
        kept.work.technician = QStringLiteral("Runa, ").repeated(100);
        kept.work.checkOn = today_;
        kept.card.playing = {7.5, 0.5, 2, Sweat::Much, true};
        const Result<Job> again = jobFromJson(jobToJson(kept));
        QVERIFY(again.ok());
        QVERIFY(again.value().work == kept.work && again.value().card == kept.card);
    }

    void whereTheMinutesGo() {
        const auto job = [](const char* who, const char* order,
                            std::initializer_list<std::pair<const char*, int>> steps) {
            Job made = newJob();
            made.work.technician = QLatin1String(who);
            chooseMethod(made, QStringLiteral("order"), QLatin1String(order));
            QDateTime at(QDate(2026, 5, 1), QTime(9, 0));
            made.work.records.append(
                {QStringLiteral("look-over"), StepRecord::What::Done, {}, at.toString(Qt::ISODate)});
            for (const auto& [step, minutes] : steps) {
                at = at.addSecs(60 * minutes);
                made.work.records.append({QLatin1String(step), StepRecord::What::Done, {}, at.toString(Qt::ISODate)});
            }
            return made;
        };
        std::vector<Job> jobs;
        for (const int more : {0, 1, 2})
            jobs.push_back(job("Runa", "lowToHigh", {{"tune", 10 + more}, {"wind", 5}, {"hand-over", 90}}));
        for (const int more : {0, 1, 2})
            jobs.push_back(job("Ilja", "outerPairs", {{"tune", 4 + more}, {"tune", 2}, {"wind", 5}}));
        const ShopTimes times = timesOf(jobs);
        QCOMPARE(times.jobs, 6);
        QCOMPARE(times.steps.first().name, QStringLiteral("tune"));
        QCOMPARE(times.steps.first().median_min, 9.0); // 6 7 8 10 11 12
        QCOMPARE(times.steps.first().whole_min, 54.0);
        QCOMPARE(times.steps.size(), 2); // an hour and a half was a break
        QCOMPARE(times.people.first().name, QStringLiteral("Runa"));
        QCOMPARE(times.people.first().median_min, 16.0);
        const auto outer = std::find_if(times.methods.begin(), times.methods.end(), [](const MethodTime& each) {
            return each.option == QLatin1String("outerPairs");
        });
        QVERIFY(outer != times.methods.end());
        QCOMPARE(outer->saved_min(), 4.0);
    }

    /// Finished guitars of the kind teach the next one; simulated ones, those of another kind and those that were not
    /// read do not, and it can be switched off.
    void aShopLearnsFromItsGuitars() {
        Job job = newJob();
        job.work.state = JobState::Finished;
        const auto put = [&](const QString& name, std::uint32_t seed, const auto& change) {
            Job guitar = job;
            guitar.guitar = name;
            BenchJob bench = benchJobOf(guitar);
            SimulatedGuitar answers(bench, UncertaintyModel(), seed);
            for (int k = 0; k < 14; ++k) {
                const NextAct next = advise(bench).act;
                if (next.what == NextAct::Do::Done)
                    break;
                bench.log.push_back(answers.answer(next));
                answers.follow(bench.log.back());
            }
            guitar.log = bench.log;
            change(guitar);
            QVERIFY(book_->add(guitar).ok());
        };
        const auto asItIs = [](Job&) {};
        put(QStringLiteral("one"), 1, asItIs);
        put(QStringLiteral("two"), 2, asItIs);
        put(QStringLiteral("two"), 3, asItIs); // the same guitar again
        put(QStringLiteral("simulated"), 4, [](Job& guitar) { guitar.simulatedSeed = 4; });
        put(QStringLiteral("not read"), 5, [](Job& guitar) { guitar.log.clear(); });
        put(QStringLiteral("fixed"), 6, [](Job& guitar) { guitar.rig.bridge.family = Family::Fixed; });
        QVERIFY(!shopPriorFor(*book_, says(), job.rig.bridge.family).value());
        put(QStringLiteral("three"), 7, asItIs);
        const std::optional<ShopPrior> shop = shopPriorFor(*book_, says(), job.rig.bridge.family).value();
        QVERIFY(shop && shop->guitars == 3);
        Job next = newJob();
        QVERIFY(!beginAsTheShopDoes(next, *book_, says()));
        QVERIFY(next.shopPrior == shop && benchJobOf(next).prior == shop->prior);
        const Result<Job> again = jobFromJson(jobToJson(next));
        QVERIFY2(again.ok() && again.value().shopPrior->guitars == 3,
                 again.ok() ? "" : qPrintable(again.fault().sentence()));
        QVERIFY((again.value().shopPrior->prior.mean - shop->prior.mean).norm() < 1e-9);
        QVERIFY(!nextJob(next, estimate(benchJobOf(next)), today_).shopPrior); // this very guitar is known better
        QVERIFY(!setBeginsFromShop(*book_, false));
        QVERIFY(!shopPriorFor(*book_, says(), job.rig.bridge.family).value());
    }

    /// Of a shop's jobs only those that changed are read again, and a damaged one takes no part.
    void whatTheShopSaysIsReadOnce() {
        for (int k = 0; k < 5; ++k) {
            Job job = k < 4 ? finished(newJob()) : newJob();
            job.guitar = QStringLiteral("guitar %1").arg(k);
            QVERIFY(book_->add(job).ok());
        }
        ShopReader reader;
        const ShopSays first = reader.read(*book_).value();
        QCOMPARE(first.inHand.size(), std::size_t{1});
        QCOMPARE(reader.jobsRead(), std::size_t{5});
        QVERIFY(reader.read(*book_).ok());
        QCOMPARE(reader.jobsRead(), std::size_t{5});
        KeptJob kept = book_->kept(2).value();
        Job changed = kept.job;
        changed.reason = QStringLiteral("came back");
        QVERIFY(!book_->save(2, kept.job, changed, kept.revision));
        QVERIFY(reader.read(*book_).ok());
        QCOMPARE(reader.jobsRead(), std::size_t{6});
    }
    /// Beside the window, over a connection of its own; another shop's answer never comes in this one's place.
    void theShopIsReadBesideTheWindow() {
        QVERIFY(book_->add(newJob()).ok());
        ShopMemory memory;
        QSignalSpy arrived(&memory, &ShopMemory::arrived);
        memory.setPlace(book_->backend().fullAddress());
        QVERIFY(!memory.isBusy()); // in a quiet moment, or when somebody asks
        memory.refresh();
        QVERIFY(memory.isBusy() && !memory.isKnown());
        QTRY_COMPARE(arrived.count(), 1);
        QVERIFY(!memory.isBusy() && !memory.fault());
        QCOMPARE(memory.says().inHand.size(), std::size_t{1});
        memory.refresh();
        memory.setPlace({});
        memory.finish();
        QVERIFY(!memory.isKnown() && !memory.isBusy());
        memory.setPlace(dir_->filePath(QStringLiteral("none.flenzo-logbook")));
        QTRY_VERIFY(memory.fault().has_value()); // by itself
    }

    /// A logbook of the version before goes on, with a copy of it beside; and an unsound figure is no figure.
    void anOlderLogbookIsBroughtOn() {
        Job job = finished(newJob());
        job.work.due = today_;
        std::ignore = book_->add(job);
        book_.reset();
        for (const char* statement : {"DROP TABLE stock_moves", "DROP TABLE stock", "DROP INDEX jobs_by_check",
                                      "ALTER TABLE jobs DROP COLUMN check_on", "ALTER TABLE jobs DROP COLUMN revision"})
            QCOMPARE(behind(place_, QLatin1String(statement)), QString());
        const bool server = isServerAddress(place_);
        QCOMPARE(behind(place_, server ? QStringLiteral("UPDATE logbook SET version=2")
                                       : QStringLiteral("PRAGMA user_version=2")),
                 QString());
        book_ = Logbook::open(place_).value();
        QCOMPARE(book_->jobCount().value(), 1);
        QCOMPARE(dueList(*book_, today_).value().size(), 1);
        QVERIFY(!book_->putStock(single("plain-10", 1, 0)));
        QVERIFY(server || backupsOf(place_).size() == 1);
    }
};

QTEST_GUILESS_MAIN(TestStock)
#include "test_stock.moc"
