// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/main_window.h"
#include "domain/job/edits.h"
#include "session/document/demo.h"
#include "support/window.h"

#include <QAbstractItemModelTester>
#include <QAbstractItemView>
#include <QAction>
#include <QTest>
#include <memory>
#include <set>

using namespace flenzo;
using namespace flenzo::testing;

/// What tables and lists show follows its rules whatever is done, or a view would show what is not there.
class TestModels : public QObject, protected WindowFixture {
    Q_OBJECT
private Q_SLOTS:
    void init() { beginShop(); }
    void cleanup() { endShop(); }

    /// Every table keeps the word a model gives, on every guitar, while the job changes under it.
    void everyModelKeepsItsWord_data() {
        QTest::addColumn<int>("demo");
        for (int demo = 0; demo < static_cast<int>(demoNames().size()); ++demo)
            QTest::addRow("guitar %d", demo) << demo;
    }
    void everyModelKeepsItsWord() {
        QFETCH(int, demo);
        window_->openDemo(demo);
        std::set<const QAbstractItemModel*> seen;
        std::vector<std::unique_ptr<QAbstractItemModelTester>> testers;
        const auto change = [&] {
            for (const auto* view : window_->findChildren<QAbstractItemView*>())
                if (view->model() && seen.insert(view->model()).second)
                    testers.push_back(std::make_unique<QAbstractItemModelTester>(
                        view->model(), QAbstractItemModelTester::FailureReportingMode::QtTest));
            QVERIFY(!session().append(QStringLiteral("read"), Event::read(1, -7.0)));
            QVERIFY(!session().edit(QStringLiteral("springs"), [](Job& job) {
                if (hasClaw(job.rig))
                    std::ignore = job.rig.springs.size() > 2 ? removeSpring(job) : addSpring(job);
            }));
            session().undoStack().undo();
        };
        for (int page = 0; page < MainWindow::PageCount; ++page) {
            window_->showPage(static_cast<MainWindow::Page>(page));
            change();
        }
        for (const StepId step : {StepId::OldSet, StepId::Plan, StepId::ReturnTest}) {
            window_->lookAt(step);
            change();
        }
        QVERIFY(testers.size() >= 8);
        testers.clear();
        session().undoStack().setClean(); // or it would ask before it goes
        window_->actions().find("new")->trigger();
        QVERIFY(!session().edit(QStringLiteral("strings"), [this](Job& job) {
            std::ignore = setStringCount(job, 12, window_->context().catalogue());
        }));
    }
};

QTEST_MAIN(TestModels)
#include "test_models.moc"
