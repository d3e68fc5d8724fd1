// SPDX-License-Identifier: GPL-3.0-or-later
#include "support/typed_job.h"

#include <QTest>

using namespace flenzo;
using namespace flenzo::testing;

/// Whole jobs on which one string at a time comes off and goes on.
class TestTypedOneByOne : public QObject, protected TypedJobFixture {
    Q_OBJECT
private Q_SLOTS:
    void init() { beginShop(); }
    void cleanup() { endShop(); }

    void wholeJobs_data() {
        QTest::addColumn<int>("kind");
        QTest::newRow("double-locking") << 0;
        QTest::newRow("flush") << 1;
        QTest::newRow("two posts") << 2;
        QTest::newRow("six screws") << 3;
        QTest::newRow("headless") << 4;
    }
    void wholeJobs() {
        QFETCH(int, kind);
        wholeJob(kind, 6, true, true);
    }
};

QTEST_MAIN(TestTypedOneByOne)
#include "test_typed_one_by_one.moc"
