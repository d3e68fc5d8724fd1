// SPDX-License-Identifier: GPL-3.0-or-later
// Several benches on one server; run by tools/with-postgres.
#include "domain/base/faults.h"
#include "session/document/session.h"
#include "store/job_json.h"
#include "store/time_limit.h"
#include "support/benches.h"

#include <QElapsedTimer>
#include <QSignalSpy>
#include <QTest>
#include <csignal>
#include <thread>

using namespace flenzo;
using namespace flenzo::testing;

/// A server that is slow, held up or gone.
class TestBenchesAway : public QObject, BenchesFixture {
    Q_OBJECT

private Q_SLOTS:
    void initTestCase() { needServer(); }
    void init() { begin(); }
    void cleanup() { end(); }

    /// A server that takes what is asked and never answers is given up, and what was entered waits beside.
    void aServerThatNeverAnswersHoldsNobody() {
        Bench a(place_, QStringLiteral("Window"));
        QVERIFY(!a.session->addToLogbook(jobOf(QStringLiteral("Tall Reed"))));
        QSqlQuery query(a.book->database());
        QVERIFY(query.exec(QStringLiteral("SELECT pg_backend_pid()")) && query.next());
        const auto server = static_cast<pid_t>(query.value(0).toInt());
        query.finish();
        QCOMPARE(::kill(server, SIGSTOP), 0);
        const auto goOn = qScopeGuard([server] { ::kill(server, SIGCONT); });
        QElapsedTimer waited;
        waited.start();
        QVERIFY(!a.session->append(QStringLiteral("read"), readAt(0, -4.0, "2026-11-02T10:00:00")));
        QVERIFY(waited.elapsed() >= answersWithin.count());
        QVERIFY(a.session->isAway());
        QCOMPARE(a.entries(), std::size_t(1));
        ::kill(server, SIGCONT);
        QVERIFY(!a.session->comeBack());
        QCOMPARE(a.book->job(*a.session->keptAs()).value().log.size(), std::size_t(1));
    }

    /// One that writes for long, or fell asleep over it, holds nobody: the others go on beside and hand in later.
    void aBenchThatWritesForLongHoldsNobody() {
        Bench a(place_, QStringLiteral("Window"));
        QVERIFY(!a.session->addToLogbook(jobOf(QStringLiteral("Slow Mill"))));
        const auto busy = Logbook::open(place_, QStringLiteral("Door")).value();
        QVERIFY(!busy->backend().begin());
        QVERIFY(!a.session->append(QStringLiteral("read"), readAt(0, -4.0, "2026-11-02T10:00:00")));
        QVERIFY(a.session->isAway());
        QCOMPARE(a.entries(), std::size_t(1));
        QCOMPARE(a.book->job(*a.session->keptAs()).value().log.size(), std::size_t(0));
        QVERIFY(busy->database().rollback());
        QTRY_VERIFY_WITH_TIMEOUT(!a.session->isAway(), patience_ms);
        QCOMPARE(busy->job(*a.session->keptAs()).value().log.size(), std::size_t(1));
    }

    void aServerThatGoesAwayInMidJobLosesNothing() {
        Bench a(place_, QStringLiteral("Window"));
        QVERIFY(!a.session->addToLogbook(jobOf(QStringLiteral("Night Quay"))));
        const qint64 id = *a.session->keptAs();
        QVERIFY(!a.session->append(QStringLiteral("read"), readAt(0, -4.0, "2026-11-02T10:00:00")));
        QSignalSpy away(a.session.get(), &Session::wentAway), back(a.session.get(), &Session::cameBack);
        QVERIFY(controlServer(QStringLiteral("stop")));
        QVERIFY(!a.session->append(QStringLiteral("read"), readAt(1, -3.0, "2026-11-02T10:01:00")));
        QVERIFY(
            !a.session->edit(QStringLiteral("note"), [](Job& job) { job.work.ownersNote = QStringLiteral("later"); }));
        a.session->undoStack().undo();
        a.session->undoStack().redo(); // undo goes on as well
        QTRY_VERIFY(a.session->isAway() && away.size() >= 1);
        QVERIFY(a.session->comeBack()->is(faults::serverNotReached));
        // A copy in a file is one more; what is to be handed in stays.
        QVERIFY(!a.session->save(a.dir.filePath(QStringLiteral("copy.flenzo-job"))));
        QCOMPARE(QDir(a.dir.filePath(QStringLiteral("recovery"))).entryList({QStringLiteral("*.flenzo-job")}).size(),
                 1);
        QVERIFY(!a.book->jobs({}).ok());
        QVERIFY(controlServer(QStringLiteral("start")));
        // Somebody else is quicker.
        Bench b(place_, QStringLiteral("Door"));
        QVERIFY(!b.session->openKept(id));
        QVERIFY(!b.session->append(QStringLiteral("read"), readAt(2, 6.0, "2026-11-02T10:00:30")));
        QTRY_VERIFY_WITH_TIMEOUT(!a.session->isAway(), patience_ms); // by itself
        QVERIFY(!back.isEmpty());
        const Job there = b.book->job(id).value();
        QCOMPARE(there.log.size(), std::size_t(3));
        QCOMPARE(there.work.ownersNote, QStringLiteral("later"));
        QCOMPARE(there.log[1].at, std::string("2026-11-02T10:00:30"));
        QTRY_COMPARE_WITH_TIMEOUT(jobBytes(a.session->job()), jobBytes(there), patience_ms);
        QTRY_COMPARE_WITH_TIMEOUT(b.entries(), std::size_t(3), patience_ms);
        // It hears again, too.
        QVERIFY(!b.session->append(QStringLiteral("read"), readAt(3, 2.0, "2026-11-02T10:05:00")));
        QTRY_COMPARE_WITH_TIMEOUT(a.entries(), std::size_t(4), patience_ms);
    }
};

QTEST_GUILESS_MAIN(TestBenchesAway)
#include "test_benches_away.moc"
