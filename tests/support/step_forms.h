// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/work/progress.h"
#include "session/document/demo.h"
#include "support/window.h"

#include <QInputDialog>
#include <QTableWidget>

namespace flenzo::testing {

/// A window at one of the steps of a demo job.
class StepFormFixture : protected WindowFixture {
protected:
    const Job& job() { return session().job(); }

    void openAt(int demo, StepId id, const std::function<void(Job&)>& change = {}) {
        Job opened = demoJob(demo).value();
        opened.log.clear();
        opened.work.extras = {QStringLiteral("intonate"), QStringLiteral("height"), QStringLiteral("polish"),
                              QStringLiteral("oil")};
        if (change)
            change(opened);
        QVERIFY(!session().addToLogbook(opened));
        window_->showWork();
        auto* steps = window_->findChild<JobPage*>();
        auto* reason = find<QLineEdit>("reason");
        for (int k = 0; k < 200 && currentStep(job(), derived())->id != id; ++k)
            if (reason->isVisible()) {
                QTest::keyClicks(reason, QStringLiteral("for the test"));
                QTest::keyClick(reason, Qt::Key_Return);
            } else {
                QTest::keyClick(steps, Qt::Key_Space);
            }
        QCOMPARE(currentStep(job(), derived())->id, id);
    }
    void type(const char* name, const QString& words) {
        auto* field = find<QLineEdit>(name);
        field->setFocus();
        field->clear();
        QTest::keyClicks(field, words);
    }
    static int rowOf(const QTableWidget* table, const QString& title) {
        for (int row = 0; row < table->rowCount(); ++row)
            if (table->item(row, 0)->text() == title)
                return row;
        return -1;
    }
    QAction* action(const QString& part) {
        for (QAction* one : window_->findChildren<QAction*>())
            if (one->text().remove(QLatin1Char('&')).contains(part))
                return one;
        return nullptr;
    }
    /// Answers the next question box that opens.
    void answerWith(const QString& words) {
        QTimer::singleShot(0, qApp, [words] {
            for (QWidget* top : QApplication::topLevelWidgets())
                if (auto* dialog = qobject_cast<QInputDialog*>(top); dialog && dialog->isVisible()) {
                    dialog->setTextValue(words);
                    words.isEmpty() ? dialog->reject() : dialog->accept();
                }
        });
    }
};

} // namespace flenzo::testing
