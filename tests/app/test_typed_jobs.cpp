// SPDX-License-Identifier: GPL-3.0-or-later
#include "support/typed_job.h"

#include <QTest>

using namespace flenzo;
using namespace flenzo::testing;

class TestTypedJobs : public QObject, protected TypedJobFixture {
    Q_OBJECT
private Q_SLOTS:
    void init() { beginShop(); }
    void cleanup() { endShop(); }

    void wholeJobs_data() {
        QTest::addColumn<int>("kind");
        QTest::addColumn<bool>("independent");
        QTest::newRow("flush") << 1 << true;
        QTest::newRow("two posts") << 2 << true;
        QTest::newRow("six screws") << 3 << true;
        QTest::newRow("headless") << 4 << true;
        QTest::newRow("roller shaft") << 5 << false; // one at a time by itself
    }
    void wholeJobs() {
        QFETCH(int, kind);
        QFETCH(bool, independent);
        wholeJob(kind, 6, false, independent);
    }
};

QTEST_MAIN(TestTypedJobs)
#include "test_typed_jobs.moc"
