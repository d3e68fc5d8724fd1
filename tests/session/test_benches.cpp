// SPDX-License-Identifier: GPL-3.0-or-later
// Several benches on one server; run by tools/with-postgres.
#include "domain/base/faults.h"
#include "session/document/photos.h"
#include "session/document/session.h"
#include "store/job_json.h"
#include "store/job_merge.h"
#include "store/logbook_copy.h"
#include "store/time_limit.h"
#include "support/benches.h"

#include <QImage>
#include <QSignalSpy>
#include <QTest>
#include <atomic>
#include <latch>
#include <thread>

using namespace flenzo;
using namespace flenzo::testing;

class TestBenches : public QObject, BenchesFixture {
    Q_OBJECT

    [[nodiscard]] QString with(const std::function<void(QUrl&)>& change) const {
        QUrl url(place_);
        change(url);
        return url.toString();
    }

private Q_SLOTS:
    void initTestCase() { needServer(); }
    void init() { begin(); }
    void cleanup() { end(); }

    void whatOneBenchEntersTheOtherShows() {
        Bench a(place_, QStringLiteral("Window")), b(place_, QStringLiteral("Door"));
        QSignalSpy shop(b.session.get(), &Session::shopChanged);
        QVERIFY(!a.session->addToLogbook(jobOf(QStringLiteral("Tall Reed"))));
        QTRY_VERIFY_WITH_TIMEOUT(!shop.isEmpty(), patience_ms);
        QSignalSpy both(b.session.get(), &Session::openElsewhere), changed(b.session.get(), &Session::changedElsewhere);
        QSignalSpy first(a.session.get(), &Session::openElsewhere);
        QVERIFY(!b.session->openKept(*a.session->keptAs()));
        QCOMPARE(both.size(), 1); // it is said that two have it open, to both
        QTRY_COMPARE_WITH_TIMEOUT(first.size(), 1, patience_ms);
        QVERIFY(!a.session->append(QStringLiteral("read"), readAt(0, -4.0, "2026-11-02T10:00:00")));
        QTRY_COMPARE_WITH_TIMEOUT(b.entries(), std::size_t(1), patience_ms);
        QVERIFY(!changed.isEmpty());
        QVERIFY(!b.session->append(QStringLiteral("read"), readAt(1, 3.0, "2026-11-02T10:01:00")));
        QTRY_COMPARE_WITH_TIMEOUT(a.entries(), std::size_t(2), patience_ms);
        QVERIFY(!a.session->undoStack().canUndo()); // or it would take away what the other entered
        // Two windows of one bench hear each other as well.
        Bench same(place_, QStringLiteral("Door"));
        QVERIFY(!same.session->openKept(*a.session->keptAs()));
        QVERIFY(!b.session->append(QStringLiteral("read"), readAt(2, 1.0, "2026-11-02T10:02:00")));
        QTRY_COMPARE_WITH_TIMEOUT(same.entries(), std::size_t(3), patience_ms);
        // The last bench that leaves gives the job free.
        b.session->start(newJob(), QString());
        Bench c(place_, QStringLiteral("Back room"));
        QSignalSpy third(c.session.get(), &Session::openElsewhere);
        QVERIFY(!c.session->openKept(*a.session->keptAs()));
        QCOMPARE(third.size(), 1);
    }

    /// Nobody writes over what they have not seen; what does not exclude itself is put together.
    void twoWritesInOneMomentAreBothKept() {
        const auto a = Logbook::open(place_, QStringLiteral("A")).value();
        const auto b = Logbook::open(place_, QStringLiteral("B")).value();
        const qint64 id = a->add(jobOf(QStringLiteral("Low Gate"))).value();
        const KeptJob seen = b->kept(id).value();
        Job mine = seen.job, theirs = seen.job;
        theirs.log.push_back(readAt(0, -1.0, "2026-11-02T10:00:00"));
        mine.log.push_back(readAt(1, -2.0, "2026-11-02T09:59:00"));
        mine.work.ownersNote = QStringLiteral("a note");
        qint64 revision = seen.revision, stale = seen.revision;
        QVERIFY(!a->save(id, seen.job, theirs, revision));
        const auto refused = b->save(id, seen.job, mine, stale);
        QVERIFY(refused && refused->is(faults::jobChangedElsewhere));
        QCOMPARE(b->job(id).value().log.size(), std::size_t(1));
        const MergedJob both = mergeJobs(seen.job, mine, theirs);
        QVERIFY(both.conflicts.isEmpty() && both.hasMine && both.hasTheirs);
        QCOMPARE(both.job.log.size(), std::size_t(2));
        QCOMPARE(both.job.log[0].at, std::string("2026-11-02T09:59:00")); // in the order in which they were made
        QCOMPARE(both.job.work.ownersNote, QStringLiteral("a note"));
        // Changed here and there to different things, or taken away here and gone on with there: that is asked.
        Job other = seen.job;
        other.guitar = QStringLiteral("High Gate");
        Job third = seen.job;
        third.guitar = QStringLiteral("Side Gate");
        QCOMPARE(mergeJobs(seen.job, other, third).conflicts, QStringList{QStringLiteral("guitar")});
        Job undone = theirs;
        undone.log.clear();
        Job gone = theirs;
        gone.log.push_back(readAt(2, 5.0, "2026-11-02T10:02:00"));
        QCOMPARE(mergeJobs(theirs, undone, gone).conflicts, QStringList{QStringLiteral("log")});
        // What was mine already, in a commit whose answer never came, is not there twice.
        Job more = theirs;
        more.log.push_back(readAt(3, 1.0, "2026-11-02T10:03:00"));
        QCOMPARE(mergeJobs(seen.job, more, theirs).job.log.size(), std::size_t(2));
    }

    /// However often a bench comes back to its job, leaving it once gives it free.
    void aJobIsGivenFreeByLeavingItOnce() {
        const auto a = Logbook::open(place_, QStringLiteral("A")).value();
        const auto b = Logbook::open(place_, QStringLiteral("B")).value();
        const qint64 id = a->add(jobOf(QStringLiteral("Low Gate"))).value();
        QVERIFY(a->backend().claim(id));
        QVERIFY(!b->backend().claim(id));
        QVERIFY(!a->backend().open()); // anew, as after a connection that was lost
        QVERIFY(a->backend().claim(id));
        a->backend().release(id);
        QVERIFY(b->backend().claim(id));
    }

    /// Whatever a server says while it is not itself, an entry is taken, and handed in once it is.
    void anEntryIsNeverRefused() {
        Bench a(place_, QStringLiteral("Window"));
        QVERIFY(!a.session->addToLogbook(jobOf(QStringLiteral("Night Quay"))));
        const qint64 id = *a.session->keptAs();
        QSignalSpy away(a.session.get(), &Session::wentAway);
        QCOMPARE(behind(place_, QStringLiteral("ALTER TABLE events ADD CONSTRAINT held CHECK (seq > 99)")), QString());
        QVERIFY(!a.session->append(QStringLiteral("read"), readAt(0, -4.0, "2026-11-02T10:00:00")));
        QVERIFY(!a.session->append(QStringLiteral("read"), readAt(1, -5.0, "2026-11-02T10:00:10")));
        QCOMPARE(a.entries(), std::size_t(2));
        QTRY_VERIFY(a.session->isAway() && !away.isEmpty());
        QCOMPARE(behind(place_, QStringLiteral("ALTER TABLE events DROP CONSTRAINT held")), QString());
        QTRY_VERIFY_WITH_TIMEOUT(!a.session->isAway(), patience_ms); // by itself
        QCOMPARE(a.book->job(id).value().log.size(), std::size_t(2));
    }

    /// The job is left while the server is away: the next start goes on and hands it in.
    void whatWasEnteredAwayOutlivesTheProgram_data() {
        QTest::addColumn<bool>("anotherJob");
        QTest::newRow("the program ends") << false;
        QTest::newRow("another job is opened") << true;
    }
    void whatWasEnteredAwayOutlivesTheProgram() {
        QFETCH(bool, anotherJob);
        QTemporaryDir folder;
        qint64 id = 0;
        {
            Session first(folder.path());
            first.setLogbook(Logbook::open(place_, QStringLiteral("Window")).value());
            QVERIFY(!first.addToLogbook(jobOf(QStringLiteral("Grey Mill"))));
            id = *first.keptAs();
            QVERIFY(controlServer(QStringLiteral("kill")));
            QVERIFY(!first.append(QStringLiteral("read"), readAt(0, -7.0, "2026-11-02T10:00:00")));
            QVERIFY(first.isAway());
            if (anotherJob) // what waits is left aside
                first.start(newJob(), QString());
            QVERIFY(first.isAway() != anotherJob);
        }
        QVERIFY(controlServer(QStringLiteral("start")));
        Session next(folder.path());
        next.setLogbook(Logbook::open(place_, QStringLiteral("Window")).value());
        QCOMPARE(next.logbook()->job(id).value().log.size(), std::size_t(0));
        const auto leftover = next.recovery().leftover();
        QVERIFY(leftover && leftover->place && leftover->place->job == id);
        QCOMPARE(leftover->place->logbook, next.logbook()->path());
        const auto fault = next.comeBackWith(*leftover);
        QVERIFY2(!fault, fault ? qPrintable(fault->sentence()) : "");
        QCOMPARE(next.logbook()->job(id).value().log.size(), std::size_t(1));
        QVERIFY(next.isKept() && !next.isAway() && !next.recovery().leftover());
    }

    void whatExcludesItselfIsAskedAndNeitherIsLost_data() {
        QTest::addColumn<bool>("mine");
        QTest::newRow("mine goes on") << true;
        QTest::newRow("theirs goes on") << false;
    }
    void whatExcludesItselfIsAskedAndNeitherIsLost() {
        QFETCH(bool, mine);
        Bench a(place_, QStringLiteral("Window"));
        QVERIFY(!a.session->addToLogbook(jobOf(QStringLiteral("Half Moon"))));
        const qint64 id = *a.session->keptAs();
        QVERIFY(controlServer(QStringLiteral("stop")));
        QVERIFY(!a.session->edit(QStringLiteral("name"), [](Job& job) { job.guitar = QStringLiteral("Half Sun"); }));
        QVERIFY(controlServer(QStringLiteral("start")));
        QVERIFY(renameBeside(place_, id, QStringLiteral("Half Star")));
        QSignalSpy asked(a.session.get(), &Session::conflicted);
        QTRY_VERIFY_WITH_TIMEOUT(!asked.isEmpty(), patience_ms);
        QCOMPARE(a.session->conflict()->fields, QStringList{QStringLiteral("guitar")});
        QVERIFY(!a.session->append(QStringLiteral("read"), readAt(0, 1.0, "2026-11-02T10:00:00"))); // and works on
        if (mine) { // one that fails leaves nothing behind, however often it is tried
            QVERIFY(
                behind(place_, QStringLiteral("ALTER TABLE jobs ADD CONSTRAINT held CHECK (revision <= 2)")).isEmpty());
            for (int tries = 0; tries < 3; ++tries)
                QVERIFY(a.session->settleConflict(mine).has_value());
            QVERIFY(behind(place_, QStringLiteral("ALTER TABLE jobs DROP CONSTRAINT held")).isEmpty());
        }
        QVERIFY(!a.session->settleConflict(mine));
        QCOMPARE(a.session->job().guitar, mine ? QStringLiteral("Half Sun") : QStringLiteral("Half Star"));
        QCOMPARE(a.book->job(id).value().guitar, a.session->job().guitar);
        const auto rows = a.book->jobs({}).value();
        QCOMPARE(rows.size(), 2);
        QStringList names;
        std::size_t entries = 0;
        for (const JobRow& row : rows) {
            names.append(row.guitar);
            entries += a.book->job(row.id).value().log.size();
        }
        names.sort();
        QCOMPARE(names, (QStringList{QStringLiteral("Half Star"), QStringLiteral("Half Sun")}));
        QCOMPARE(entries, std::size_t(1));
    }

    void aJobTakenOutElsewhereStaysOpenHere() {
        Bench a(place_, QStringLiteral("Window")), b(place_, QStringLiteral("Door"));
        QVERIFY(!a.session->addToLogbook(jobOf(QStringLiteral("Still Ember"))));
        QVERIFY(!a.session->append(QStringLiteral("read"), readAt(0, -4.0, "2026-11-02T10:00:00")));
        QSignalSpy gone(a.session.get(), &Session::removedElsewhere);
        QVERIFY(!b.book->remove({*a.session->keptAs()}));
        QTRY_COMPARE_WITH_TIMEOUT(gone.size(), 1, patience_ms);
        QVERIFY(!a.session->isKept() && a.session->isModified() && a.entries() == 1);
        QVERIFY(!a.session->addOpenJob());
        QCOMPARE(b.book->job(*a.session->keptAs()).value().log.size(), std::size_t(1));
    }

    void whatIsWrongWithAServerIsSaidInOneSentence() {
        const auto fault = [](const QString& place) {
            const auto book = Logbook::open(place, QStringLiteral("Window"));
            return book.ok() ? QString() : sentence(withoutPassword(place), book.fault());
        };
        const auto says = [&](const QString& place, const FaultCode& code) {
            const auto book = Logbook::open(place, QStringLiteral("Window"));
            return !book.ok() && book.fault().is(code);
        };
        QVERIFY(Logbook::open(place_, QStringLiteral("Window")).ok());
        const QString wrong = with([](QUrl& url) { url.setPassword(QStringLiteral("hush-hush")); });
        QVERIFY(says(wrong, faults::serverRefused));
        QVERIFY2(!fault(wrong).contains(QLatin1String("hush")), qPrintable(fault(wrong)));
        QVERIFY(says(with([](QUrl& url) { url.setPath(QStringLiteral("/nowhere")); }), faults::serverRefused));
        QVERIFY(says(with([](QUrl& url) { url.setPort(1); }), faults::serverNotReached));
        QVERIFY(says(QStringLiteral("postgresql://nobody@/x"), faults::serverAddress));
        QVERIFY(says(QStringLiteral("postgresql://host"), faults::serverAddress));
        QVERIFY(says(with([](QUrl& url) { url.setQuery(QStringLiteral("options=-c%20x")); }), faults::serverAddress));
        QCOMPARE(behind(place_, QStringLiteral("UPDATE logbook SET version=99")), QString());
        QVERIFY(says(place_, faults::bookNewer));
        QCOMPARE(behind(place_, QStringLiteral("UPDATE logbook SET version=-3")), QString());
        QVERIFY(says(place_, faults::bookForeign));
        const QString latin = QStringLiteral("latin") + QUrl(place_).path().mid(2);
        QCOMPARE(
            behind(testServer(),
                   QStringLiteral("CREATE DATABASE %1 ENCODING 'LATIN1' LOCALE 'C' TEMPLATE template0").arg(latin)),
            QString());
        QVERIFY(says(with([&](QUrl& url) { url.setPath(QLatin1Char('/') + latin); }), faults::serverEncoding));
    }

    void whoMayOnlyReadReads() {
        const auto book = Logbook::open(place_, QStringLiteral("Window")).value();
        QVERIFY(book->add(jobOf(QStringLiteral("Seen"))).ok());
        const QString guest = QStringLiteral("guest") + QUrl(place_).path().mid(2, 12);
        for (const QString& statement :
             {QStringLiteral("CREATE ROLE %1 LOGIN PASSWORD 'look'").arg(guest),
              QStringLiteral("GRANT USAGE ON SCHEMA flenzo TO %1").arg(guest),
              QStringLiteral("GRANT SELECT ON ALL TABLES IN SCHEMA flenzo TO %1").arg(guest)})
            QCOMPARE(behind(place_, statement), QString());
        const auto looks = Logbook::open(with([&](QUrl& url) {
                                             url.setUserName(guest);
                                             url.setPassword(QStringLiteral("look"));
                                         }),
                                         QStringLiteral("Guest"));
        QVERIFY2(looks.ok(), looks.ok() ? "" : qPrintable(looks.fault().sentence()));
        QVERIFY(looks.value()->readOnly());
        QCOMPARE(looks.value()->jobs({}).value().size(), 1);
        QVERIFY(looks.value()->add(newJob()).fault().is(faults::bookNotWritable));
    }

    /// There and back: the same shop, with its photos, numbers and drawers.
    void aShopMovesToTheServerAndBack() {
        QTemporaryDir dir;
        const QString file = dir.filePath(QStringLiteral("shop.flenzo-logbook"));
        const auto shop = Logbook::open(file).value();
        Session session(dir.filePath(QStringLiteral("recovery")));
        session.setLogbook(shop);
        QVERIFY(!session.addToLogbook(jobOf(QStringLiteral("Far Loft"))));
        const QString picture = dir.filePath(QStringLiteral("p.png"));
        QImage image(8, 8, QImage::Format_RGB32);
        image.fill(Qt::darkGreen);
        QVERIFY(image.save(picture));
        const QString kept = savePhoto(session, picture).value();
        QVERIFY(!session.edit(QStringLiteral("photo"), [&](Job& job) { job.card.photos.append(kept); }));
        QVERIFY(!shop->addAll(std::vector<Job>(120, jobOf(QStringLiteral("Many")))));
        QVERIFY(!shop->remove({5})); // a hole in the numbers
        QVERIFY(!shop->putStock({QStringLiteral("plain-10"), StockKind::Single, QStringLiteral("café 漢"), 7, 2, 150}));
        QVERIFY(!shop->setSetting(QStringLiteral("house"), QStringLiteral("atOnce=all")));
        const auto server = Logbook::open(place_, QStringLiteral("Window")).value();
        QVERIFY(copyLogbook(*shop, *server, [](qint64) { return false; })->is(faults::stopped));
        QCOMPARE(server->jobCount().value(), 0); // all of it or nothing
        const auto moved = copyLogbook(*shop, *server);
        QVERIFY2(!moved, moved ? qPrintable(moved->sentence()) : "");
        QVERIFY(copyLogbook(*shop, *server)->is(faults::bookNotEmpty));
        QCOMPARE(server->jobCount().value(), 120);
        const Job there = server->job(*session.keptAs()).value();
        QCOMPARE(there.card.photos.size(), 1);
        QVERIFY(!there.card.photos.first().contains(QLatin1Char('/')));
        QCOMPARE(QImage(server->backend().attachment(there.card.photos.first())), image);
        const qint64 next = server->add(jobOf(QStringLiteral("Many"))).value();
        QCOMPARE(next, qint64{122}); // counted on, nothing written over
        QVERIFY(!server->remove({next}));
        const QString back = dir.filePath(QStringLiteral("back.flenzo-logbook"));
        QVERIFY(QFile::remove(server->backend().attachment(there.card.photos.first()))); // has to be fetched for it
        QVERIFY(!server->backUp(back));
        const auto again = Logbook::open(back).value();
        QCOMPARE(rowsIn(*again).value(), rowsIn(*shop).value());
        Job home = again->job(*session.keptAs()).value();
        QCOMPARE(QImage(home.card.photos.first()), image);
        home.card.photos = session.job().card.photos;
        QCOMPARE(jobBytes(home), jobBytes(session.job()));
        QCOMPARE(inStock(again->stock().value(), QStringLiteral("plain-10"))->pieces, 7);
        QCOMPARE(inStock(again->stock().value(), QStringLiteral("plain-10"))->name, QStringLiteral("café 漢"));
        QCOMPARE(again->setting(QStringLiteral("house")).value(), QStringLiteral("atOnce=all"));
    }

    /// Two count one drawer over and over: it holds what one of them counted, not what came of both at once.
    void aDrawerHoldsWhatWasCountedLast() {
        const StockItem item{QStringLiteral("plain-10"), StockKind::Single, QStringLiteral(".010"), 10, 2, 150};
        const auto book = Logbook::open(place_, QStringLiteral("Owner")).value();
        QVERIFY(!book->putStock(item));
        std::atomic<int> refused = 0;
        std::latch both(2);
        const auto count = [&](qint64 first) { // a connection belongs to its thread
            const auto mine = Logbook::open(place_, QStringLiteral("Bench %1").arg(first)).value();
            both.arrive_and_wait();
            for (qint64 k = 0; k < 60; ++k) {
                StockItem counted = item;
                counted.pieces = first + k % 2;
                refused += mine->putStock(counted) ? 1 : 0;
            }
        };
        std::thread one(count, 20), two(count, 40);
        one.join();
        two.join();
        QCOMPARE(refused.load(), 0);
        const qint64 there = inStock(book->stock().value(), item.id)->pieces;
        QVERIFY2(there == 21 || there == 41, qPrintable(QString::number(there)));
    }
};

QTEST_GUILESS_MAIN(TestBenches)
#include "test_benches.moc"
