// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/at_hand.h"
#include "app/main_window.h"
#include "domain/work/workflow.h"
#include "session/document/demo.h"
#include "support/window.h"
#include "widgets/controls/step_clock.h"
#include "widgets/pages/job_page.h"

#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QTest>
#include <memory>

using namespace flenzo;
using namespace flenzo::testing;

/// Several jobs at once in a real window: one key between them, each with its own step, clock and timer.
class TestAtHand : public QObject, protected WindowFixture {
    Q_OBJECT

    qint64 put(const QString& guitar, int demo) {
        Job job = demoJob(demo).value();
        job.guitar = guitar;
        job.log.clear();
        return book().add(job).value();
    }
    void open(qint64 id) {
        QVERIFY(!session().openKept(id));
        window_->showWork();
    }
    QPushButton* button(int at) { return find<QPushButton>(qPrintable(QStringLiteral("hand%1").arg(at))); }
    void press(Qt::Key key, Qt::KeyboardModifiers with = Qt::NoModifier) {
        QTest::keyClick(window_.get(), key, with);
        QCoreApplication::processEvents();
    }

private Q_SLOTS:
    void init() { beginShop(); }
    void cleanup() { endShop(); }

    void oneKeyBetweenThem() {
        const qint64 first = put(QStringLiteral("Blue Heron"), 0), second = put(QStringLiteral("Night Ferry"), 1);
        open(first);
        QVERIFY(find<QFrame>("handStrip")->isHidden()); // one alone needs no strip
        press(Qt::Key_Space);                           // a step further
        const auto step = work().shownStep();
        open(second);
        QVERIFY(!find<QFrame>("handStrip")->isHidden());
        QVERIFY2(button(0)->toolTip().startsWith(QLatin1String("Blue Heron: ")), qPrintable(button(0)->toolTip()));
        QVERIFY(button(1)->isChecked() && !button(0)->isChecked());
        press(Qt::Key_F3);
        QCOMPARE(session().job().guitar, QStringLiteral("Blue Heron"));
        QVERIFY(work().shownStep() == step && button(0)->isChecked());
        press(Qt::Key_F3);
        QCOMPARE(*session().keptAs(), second);
        press(Qt::Key_F3, Qt::ShiftModifier);
        QCOMPARE(*session().keptAs(), first);
        QTest::mouseClick(button(1), Qt::LeftButton);
        QCOMPARE(*session().keptAs(), second);
        QTest::mouseClick(button(1), Qt::LeftButton); // it stays in front, and pressed
        QVERIFY(*session().keptAs() == second && button(1)->isChecked());
        // What is entered goes to the one in front and to no other.
        const std::size_t entries = book().job(first).value().log.size();
        QVERIFY(!session().append(QStringLiteral("reading"), Event::read(0, 3.0)));
        QCOMPARE(book().job(second).value().log.size(), std::size_t(1));
        QCOMPARE(book().job(first).value().log.size(), entries);
    }

    /// What was done to one is undone on that one, also after another was in front; not over somebody else's work.
    void eachHasItsOwnUndo() {
        const qint64 first = put(QStringLiteral("Blue Heron"), 0), second = put(QStringLiteral("Night Ferry"), 1);
        const auto note = [this](const QString& words) {
            QVERIFY(!session().edit(QStringLiteral("note"), [&](Job& job) { job.reason = words; }));
        };
        open(first);
        note(QStringLiteral("nut worn"));
        open(second);
        press(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(session().job().reason != QLatin1String("nut worn") && *session().keptAs() == second);
        QVERIFY(!session().undoStack().canUndo());
        note(QStringLiteral("one peg slips"));
        press(Qt::Key_F3);
        QVERIFY(session().undoStack().canUndo());
        press(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(book().job(first).value().reason != QLatin1String("nut worn"));
        press(Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
        QCOMPARE(book().job(first).value().reason, QStringLiteral("nut worn"));
        QCOMPARE(book().job(second).value().reason, QStringLiteral("one peg slips"));
        press(Qt::Key_F3);
        press(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(book().job(second).value().reason != QLatin1String("one peg slips"));
        // Meanwhile another bench works on the first one.
        KeptJob kept = book().kept(first).value();
        Job theirs = kept.job;
        theirs.owner = QStringLiteral("M. Quill");
        QVERIFY(!book().save(first, kept.job, theirs, kept.revision));
        press(Qt::Key_F3);
        QVERIFY(!session().undoStack().canUndo());
        QCOMPARE(session().job().owner, QStringLiteral("M. Quill"));
        QCOMPARE(session().job().reason, QStringLiteral("nut worn"));
    }

    /// A step that is only looked at, and the figures that are open, are as they were when it comes to the front again.
    void eachIsAsItWasLeft() {
        const qint64 first = put(QStringLiteral("Blue Heron"), 0), second = put(QStringLiteral("Night Ferry"), 1);
        open(first);
        window_->lookAt(StepId::HandOver);
        QCOMPARE(work().shownStep()->id, StepId::HandOver);
        open(second);
        press(Qt::Key_F3);
        press(Qt::Key_F3);
        QVERIFY(work().shownStep()->id != StepId::HandOver);
        press(Qt::Key_F3);
        QCOMPARE(*session().keptAs(), first);
        window_->speak(QStringLiteral("de"));
        QCOMPARE(button(0)->toolTip(), QStringLiteral("Blue Heron"));
        press(Qt::Key_F3);
        QCOMPARE(*session().keptAs(), second);
        window_->speak(QStringLiteral("en"));
    }

    /// What soaks on a guitar behind is told on its button, and rings; the one in front has a clock of its own.
    void aTimerBehindRings() {
        const qint64 first = put(QStringLiteral("Blue Heron"), 0), second = put(QStringLiteral("Night Ferry"), 1);
        open(second);
        open(first);
        auto* clock = window_->findChild<StepClock*>();
        clock->soak(5);
        press(Qt::Key_F3);
        QCOMPARE(*session().keptAs(), second);
        QVERIFY(!window_->findChild<StepClock*>()->isSoaking());
        QVERIFY2(button(1)->toolTip().contains(QLatin1String("soaks 4:")) ||
                     button(1)->toolTip().contains(QLatin1String("soaks 5:")),
                 qPrintable(button(1)->toolTip()));
        press(Qt::Key_F3);
        QVERIFY(window_->findChild<StepClock*>()->isSoaking());
        JobPage::View view = work().view();
        view.times.soakUntil_s = view.times.clock.elapsed() / 1000 + 1;
        work().goOnFrom(view);
        press(Qt::Key_F3);
        QTRY_VERIFY2_WITH_TIMEOUT(window_->message().contains(QLatin1String("Blue Heron: the time is up")),
                                  qPrintable(window_->message()), 10000);
        QVERIFY(!button(1)->toolTip().contains(QLatin1String("soaks")));
    }

    /// What is finished, put aside or taken out is not at hand any more; a job that is in no shop never was.
    void whatGoesIsNotAtHand() {
        const qint64 first = put(QStringLiteral("Blue Heron"), 0), second = put(QStringLiteral("Night Ferry"), 1),
                     third = put(QStringLiteral("Paper Kite"), 2);
        for (const qint64 id : {first, second, third})
            open(id);
        QCOMPARE(window_->hand().jobs().size(), std::size_t(3));
        press(Qt::Key_F3, Qt::ControlModifier);
        QCOMPARE(*session().keptAs(), first);
        QCOMPARE(window_->hand().jobs().size(), std::size_t(2));
        QVERIFY(book().job(third).ok()); // it stays in the shop
        QVERIFY(!session().edit(QStringLiteral("done"), [](Job& job) { job.work.state = JobState::Finished; }));
        QCOMPARE(window_->hand().jobs().size(), std::size_t(1));
        QVERIFY(find<QFrame>("handStrip")->isHidden());
        session().undoStack().undo();
        QCOMPARE(window_->hand().jobs().size(), std::size_t(2));
        QVERIFY(!book().remove({second}));
        press(Qt::Key_F3);
        QCOMPARE(*session().keptAs(), first);
        QVERIFY(!window_->message().isEmpty());
        QCOMPARE(window_->hand().jobs().size(), std::size_t(1));
        QVERIFY(!session().start(demoJob(3).value(), QString()));
        QCOMPARE(window_->hand().jobs().size(), std::size_t(1));
        press(Qt::Key_F3); // back to the one that is
        QCOMPARE(session().keptAs().value_or(0), first);
    }

    /// Another shop's jobs have numbers of their own: those of the one before are not offered there.
    void anotherShopHasItsOwn() {
        for (int k = 0; k < 2; ++k)
            open(put(QStringLiteral("Tern %1").arg(k), k));
        QCOMPARE(window_->hand().jobs().size(), std::size_t(2));
        session().setLogbook(Logbook::open(dir_->filePath(QStringLiteral("another.flenzo-logbook"))).value());
        const qint64 here = put(QStringLiteral("Finch"), 0);
        press(Qt::Key_F3);
        QVERIFY(session().job().guitar != QLatin1String("Finch"));
        open(here);
        QCOMPARE(window_->hand().jobs().size(), std::size_t(1));
        QCOMPARE(window_->hand().jobs().front().guitar, QStringLiteral("Finch"));
    }

    void eightAtMost() {
        for (int k = 0; k < 10; ++k)
            open(put(QStringLiteral("Tern %1").arg(k), k % 3));
        QCOMPARE(window_->hand().jobs().size(), std::size_t(8));
        QCOMPARE(window_->hand().jobs().back().guitar, QStringLiteral("Tern 9"));
        // What soaks is not dropped for room.
        QTest::mouseClick(button(0), Qt::LeftButton);
        const qint64 soaks = *session().keptAs();
        window_->findChild<StepClock*>()->soak(20);
        press(Qt::Key_F3);
        for (int k = 0; k < 3; ++k)
            open(put(QStringLiteral("Finch %1").arg(k), k % 3));
        QCOMPARE(window_->hand().jobs().size(), std::size_t(8));
        QCOMPARE(window_->hand().jobs().front().id, soaks);
        // In one row however narrow: what is cut is told by its tip.
        window_->resize(1024, 700);
        QCoreApplication::processEvents();
        QVERIFY(find<QFrame>("handStrip")->height() < 3 * button(0)->fontMetrics().height());
        QVERIFY(button(0)->text() != button(0)->toolTip() && button(7)->geometry().right() <= window_->width());
    }
};

QTEST_MAIN(TestAtHand)
#include "test_at_hand.moc"
