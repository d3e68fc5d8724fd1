// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/main_window.h"
#include "domain/methods/methods.h"
#include "domain/work/workflow.h"
#include "session/document/demo.h"
#include "session/models/day.h"
#include "store/files.h"
#include "support/window.h"
#include "widgets/controls/scene_view.h"
#include "widgets/look.h"
#include "widgets/pages/job_page.h"
#include "widgets/pages/shop_page.h"

#include <QAction>
#include <QApplication>
#include <QCheckBox>
#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QMessageBox>
#include <QPushButton>
#include <QSpinBox>
#include <QTableWidget>
#include <QTemporaryDir>
#include <QTest>
#include <QTimer>
#include <memory>

using namespace flenzo;
using namespace flenzo::testing;

class TestShop : public QObject, protected WindowFixture {
    Q_OBJECT

    QTableWidget* table() { return window_->findChild<QTableWidget*>(QStringLiteral("jobs")); }
    QLineEdit* search() { return window_->findChild<QLineEdit*>(QStringLiteral("search")); }
    /// So many jobs of made-up guitars, in three states, some due.
    void stock(int count) {
        std::vector<Job> jobs;
        for (int k = 0; k < count; ++k) {
            Job job = newJob();
            job.guitar = QStringLiteral("Tern %1").arg(k);
            job.owner = k % 2 ? QStringLiteral("Odd Hand") : QStringLiteral("Even Hand");
            job.work.state = static_cast<JobState>(k % 3);
            job.work.received = QDate::currentDate().addDays(-k);
            if (job.work.state == JobState::Finished)
                job.work.due = QDate::currentDate().addDays(k % 2 ? -3 : 90);
            jobs.push_back(job);
        }
        QVERIFY(!book().addAll(jobs));
        window_->showPage(MainWindow::Shop);
    }

private Q_SLOTS:
    void init() { beginShop(); }
    void cleanup() { endShop(); }

    void everyFilterShowsItsOwn() {
        stock(30);
        auto* filter = window_->findChild<QComboBox*>(QStringLiteral("filter"));
        QVERIFY(filter && filter->count() >= 4);
        QCOMPARE(table()->rowCount(), 30);
        int sum = 0;
        QList<int> sizes;
        for (int way = 0; way < filter->count(); ++way) {
            filter->setCurrentIndex(way);
            Q_EMIT filter->activated(way);
            sizes.append(table()->rowCount());
            if (table()->rowCount() == 10)
                sum += 10;
        }
        QCOMPARE(sum, 30);          // on the bench, waiting, done: ten of each
        QVERIFY(sizes.contains(5)); // and of the done ones half are due
    }

    /// What needs a hand today stands above what does not.
    void whatNeedsAHandIsOnTop() {
        stock(30);
        QStringList states;
        for (int row = 0; row < 30; ++row)
            states.append(table()->item(row, 4)->text());
        const auto lastOf = [&](const QString& state) { return states.lastIndexOf(state); };
        QVERIFY(lastOf(QStringLiteral("on the bench")) < states.indexOf(QStringLiteral("waiting")));
        QVERIFY(lastOf(QStringLiteral("waiting")) == 19);
        const auto isDue = [this](int row) {
            const QString due = table()->item(row, 6)->text();
            return !due.isEmpty() && QDate::fromString(due, Qt::ISODate) <= QDate::currentDate();
        };
        for (int row = 20; row < 30; ++row)
            QCOMPARE(isDue(row), row < 25);
    }

    /// Asked for again; the job that is open goes from the bench, the others stay.
    void jobsAreTakenOutByHand() {
        stock(5);
        table()->setFocus();
        table()->selectRow(1);
        const qint64 open = table()->item(1, 0)->data(Qt::UserRole).toLongLong();
        QVERIFY(!session().openKept(open));
        window_->showPage(MainWindow::Shop);
        table()->setFocus();
        table()->selectRow(1);
        QTest::keyClick(table(), Qt::Key_Down, Qt::ShiftModifier); // and the next
        QTest::keyClick(table(), Qt::Key_Delete);
        auto* box = find<QMessageBox>("takeOutBox");
        QVERIFY(box && box->isVisible());
        QTest::keyClick(box, Qt::Key_Escape);
        QTRY_VERIFY(!find<QMessageBox>("takeOutBox"));
        QCOMPARE(book().jobCount().value(), 5);
        QTest::mouseClick(find<QPushButton>("takeOutJob"), Qt::LeftButton);
        QTest::mouseClick(find<QPushButton>("takeOutYes"), Qt::LeftButton);
        QTRY_COMPARE(book().jobCount().value(), 3);
        QCOMPARE(table()->rowCount(), 3);
        QVERIFY(!session().isKept() && !book().job(open).ok());
        QTRY_VERIFY(!find<QMessageBox>("takeOutBox"));
        // The last ones leave the page of an empty shop.
        table()->selectAll();
        QTest::mouseClick(find<QPushButton>("takeOutJob"), Qt::LeftButton);
        QTest::mouseClick(find<QPushButton>("takeOutYes"), Qt::LeftButton);
        QTRY_VERIFY(find<QPushButton>("firstGuitar")->isVisible());
    }

    /// A job from a file that was changed is asked about wherever the shop would open another.
    void aChangedJobFromAFileIsAskedAbout_data() {
        QTest::addColumn<QString>("button");
        QTest::newRow("go on with another") << QStringLiteral("openJob");
        QTest::newRow("repeat one") << QStringLiteral("repeatJob");
        QTest::newRow("a new guitar") << QStringLiteral("newGuitar");
    }
    void aChangedJobFromAFileIsAskedAbout() {
        QFETCH(const QString, button);
        stock(3);
        QVERIFY(!session().start(demoJob(0).value(), QString()));
        QVERIFY(!bench().letSimulationAnswer());
        const Job open = session().job();
        window_->showPage(MainWindow::Shop);
        table()->setFocus();
        table()->selectRow(1);
        const auto press = [&](QMessageBox::StandardButton with) {
            answerNext(with);
            QTest::mouseClick(window_->findChild<QPushButton*>(button), Qt::LeftButton);
        };
        press(QMessageBox::Cancel);
        QVERIFY(session().job() == open && session().isModified() && !session().isKept());
        QCOMPARE(book().jobCount().value(), 3);
        window_->showPage(MainWindow::Shop);
        press(QMessageBox::Discard);
        QVERIFY(!(session().job() == open) && session().isKept());
    }

    /// A window that only reads does not move the file from under the one that writes it.
    void onlyTheWindowThatWritesRestores() {
        const auto restores = [](const MainWindow& window) {
            for (const QAction* one : window.findChildren<QAction*>())
                if (one->text() == QStringLiteral("&Restore a backup…"))
                    return one->isEnabled();
            return false;
        };
        QVERIFY(restores(*window_));
        const auto second = windowOn(dir_->path());
        QVERIFY(second && second->context().session().logbook()->readOnly());
        QVERIFY(!restores(*second));
        QVERIFY(restores(*window_));
    }

    /// The day is laid out for the jobs in hand; a promise is typed, and what cannot be kept is said before anything is
    /// begun. Hours, days and people change it; what is no time is refused and nothing is lost.
    void theDayIsLaidOut() {
        const auto put = [&](const QString& guitar) {
            Job job = demoJob(1).value();
            job.guitar = guitar;
            job.log.clear();
            return book().add(job).value();
        };
        const qint64 first = put(QStringLiteral("Blue Heron"));
        put(QStringLiteral("Night Ferry"));
        window_->showPage(MainWindow::Shop);
        window_->findChild<ShopPage*>()->showTab(QStringLiteral("dayPanel"));
        auto* jobs = find<QTableWidget>("dayJobs");
        ShopMemory& shop = window_->context().shop();
        const auto laid = [&] {
            QCoreApplication::processEvents(); // a cell hands over what was typed once the key is through
            shop.finishDays();
            QCoreApplication::processEvents();
        };
        laid();
        QCOMPARE(jobs->rowCount(), 2);
        for (int day = 1; day <= 7; ++day)
            if (auto* tick = find<QCheckBox>(qPrintable(QStringLiteral("weekday%1").arg(day))); !tick->isChecked())
                QTest::mouseClick(tick, Qt::LeftButton);
        laid();
        const auto verdict = [&] { return text("dayVerdict"); };
        QVERIFY2(verdict().contains(QLatin1String("Every promise can be kept")), qPrintable(verdict()));
        QVERIFY(find<SceneView>("dayPicture")->scene().find(QStringLiteral("piece-0")) ||
                find<SceneView>("dayPicture")->scene().marks.size() == 1); // the shop may be closed by now
        const auto rowOf = [&](const QString& guitar) {
            for (int row = 0; row < jobs->rowCount(); ++row)
                if (jobs->item(row, 0)->text() == guitar)
                    return row;
            return -1;
        };
        const auto type = [&](const QString& guitar, int column, const QString& words) {
            jobs->setFocus();
            jobs->setCurrentCell(rowOf(guitar), column);
            if (words.isEmpty()) {
                QTest::keyClick(jobs, Qt::Key_Delete);
            } else { // the first key begins, the others go on in the cell
                QTest::keyClicks(jobs, words.left(1));
                auto* cell = qobject_cast<QLineEdit*>(QApplication::focusWidget());
                QVERIFY(cell);
                QTest::keyClicks(cell, words.mid(1));
                QTest::keyClick(cell, Qt::Key_Return);
            }
            laid();
        };
        type(QStringLiteral("Blue Heron"), 4, QStringLiteral("2026-01-05 17:00"));
        QVERIFY2(verdict().contains(QLatin1String("Late as it is laid out")) &&
                     verdict().contains(QLatin1String("Blue Heron")),
                 qPrintable(verdict()));
        QCOMPARE(momentShown(book().job(first).value().work.promised), QStringLiteral("2026-01-05 17:00"));
        QCOMPARE(rowOf(QStringLiteral("Blue Heron")), 0); // what is late is begun first
        QVERIFY(jobs->item(0, 2)->text().contains(QLatin1String("late")));
        type(QStringLiteral("Blue Heron"), 4, QStringLiteral("when it suits"));
        QVERIFY2(window_->message().contains(QLatin1String("when it suits")), qPrintable(window_->message()));
        QCOMPARE(momentShown(book().job(first).value().work.promised), QStringLiteral("2026-01-05 17:00"));
        // While a cell is typed in the days are laid out anew, in another order: it is still that guitar's.
        jobs->setFocus();
        jobs->setCurrentCell(rowOf(QStringLiteral("Night Ferry")), 5);
        const qint64 other = book().jobs({}).value().first().id == first ? book().jobs({}).value().last().id
                                                                         : book().jobs({}).value().first().id;
        const QString part = QDate::currentDate().addDays(20).toString(Qt::ISODate) + QStringLiteral(" 11:00");
        QTest::keyClicks(jobs, part.left(1));
        auto* typing = qobject_cast<QLineEdit*>(QApplication::focusWidget());
        QVERIFY(typing);
        QVERIFY(!noteMoment(book(), first, &Work::notBefore, QDateTime::currentDateTime().addDays(9)));
        shop.planDays(shopHours(book()).value(), QDateTime::currentDateTime());
        laid();
        QTest::keyClicks(typing, part.mid(1));
        QTest::keyClick(typing, Qt::Key_Return);
        laid();
        QCOMPARE(momentShown(book().job(other).value().work.notBefore), part);
        QVERIFY(!noteMoment(book(), first, &Work::notBefore, {}) && !noteMoment(book(), other, &Work::notBefore, {}));
        // A part comes in a month: the other one is first, and the promise is moved by undo of nobody.
        const QString later = QDate::currentDate().addDays(30).toString(Qt::ISODate) + QStringLiteral(" 10:00");
        type(QStringLiteral("Blue Heron"), 5, later);
        QCOMPARE(rowOf(QStringLiteral("Blue Heron")), 1);
        QCOMPARE(momentShown(book().job(first).value().work.notBefore), later);
        // The open job is changed as any other edit is, and undone.
        QVERIFY(!session().openKept(first));
        window_->showPage(MainWindow::Shop);
        laid();
        type(QStringLiteral("Blue Heron"), 5, QString());
        QVERIFY(!session().job().work.notBefore.isValid());
        session().undoStack().undo();
        QCOMPARE(momentShown(session().job().work.notBefore), later);
        laid();
        auto* people = find<QSpinBox>("dayPeople");
        people->setValue(2);
        laid();
        QCOMPARE(shop.days()->value().problem.people, 2);
        auto* hours = find<QLineEdit>("dayHours");
        hours->setFocus();
        hours->selectAll();
        QTest::keyClicks(hours, QStringLiteral("9-8"));
        QTest::keyClick(hours, Qt::Key_Return);
        QVERIFY2(window_->message().contains(QLatin1String("9-8")), qPrintable(window_->message()));
        hours->selectAll();
        QTest::keyClicks(hours, QStringLiteral("8-12, 13-20"));
        QTest::keyClick(hours, Qt::Key_Return);
        laid();
        QCOMPARE(hoursText(shopHours(book()).value().hours), QStringLiteral("8:00-12:00, 13:00-20:00"));
        QVERIFY(find<QPushButton>("dayAfter")->isEnabled());
        const QString today = text("dayShown");
        QTest::mouseClick(find<QPushButton>("dayAfter"), Qt::LeftButton);
        QVERIFY(text("dayShown") != today);
        QTest::mouseClick(find<QPushButton>("dayBefore"), Qt::LeftButton);
        QCOMPARE(text("dayShown"), today);
        // No day of the week: said, and mended by one.
        for (int day = 1; day <= 7; ++day)
            QTest::mouseClick(find<QCheckBox>(qPrintable(QStringLiteral("weekday%1").arg(day))), Qt::LeftButton);
        laid();
        QVERIFY2(verdict().contains(QLatin1String("choose the days")), qPrintable(verdict()));
        QTest::mouseClick(find<QCheckBox>("weekday3"), Qt::LeftButton);
        laid();
        QVERIFY(jobs->isVisible());
        // Enter opens the job that is picked.
        jobs->setFocus();
        jobs->setCurrentCell(rowOf(QStringLiteral("Night Ferry")), 0);
        QTest::keyClick(jobs, Qt::Key_Return);
        QCOMPARE(session().job().guitar, QStringLiteral("Night Ferry"));
    }

    void searchingNarrowsAsOneTypes() {
        stock(40);
        int last = table()->rowCount();
        for (const QChar letter : QStringLiteral("tern 1")) {
            QTest::keyClick(search(), letter.toLatin1());
            QVERIFY(table()->rowCount() <= last);
            last = table()->rowCount();
        }
        QVERIFY(last > 1 && last < 40);
        search()->clear();
        QTest::keyClicks(search(), QStringLiteral("odd"));
        QCOMPARE(table()->rowCount(), 20);
        search()->clear();
        QTest::keyClicks(search(), QStringLiteral("100% _!'\";"));
        QCOMPARE(table()->rowCount(), 0); // whatever is typed is looked for, not obeyed
        search()->clear();
        QCOMPARE(table()->rowCount(), 40);
    }

    void aNewGuitarBeginsAsTheHouseDoes() {
        Job taught = newJob();
        chooseMethod(taught, QStringLiteral("order"), QStringLiteral("outerPairs"));
        chooseMethod(taught, QStringLiteral("wraps"), QStringLiteral("few"));
        QVERIFY(!book().setSetting(QStringLiteral("house"), shopDefaultsOf(taught)));
        std::vector<Job> done;
        for (int k = 0; k < 4; ++k) {
            Job job = newJob();
            job.guitar = QStringLiteral("Tern %1").arg(k);
            job.work.state = JobState::Finished;
            QDateTime at(QDate(2026, 6, 1 + k), QTime(9, 0));
            for (const char* step : {"look-over", "ask-owner", "slacken"}) {
                job.work.records.append({QLatin1String(step), StepRecord::What::Done, {}, at.toString(Qt::ISODate)});
                at = at.addSecs(7 * 60);
            }
            done.push_back(job);
        }
        QVERIFY(!book().addAll(done));
        window_->newGuitar();
        const Job& job = session().job();
        QCOMPARE(chosenMethod(job, QStringLiteral("order")), QStringLiteral("outerPairs"));
        QVERIFY(job.method.wraps == Wraps::Few && job.method.stretch);
        QCOMPARE(job.work.usualMinutes.value(QStringLiteral("slacken")), 7.0);
        const QList<Step> steps = stepsOf(job);
        const auto slacken =
            std::find_if(steps.begin(), steps.end(), [](const Step& s) { return s.id == StepId::Slacken; });
        QVERIFY(slacken == steps.end() || slacken->minutes == 7.0);
        // Kept: the next start finds it on its step with all of that.
        window_.reset();
        open();
        QCOMPARE(window_->page(), MainWindow::Work);
        QCOMPARE(session().job().work.usualMinutes.value(QStringLiteral("slacken")), 7.0);
    }

    void aShopThatCannotBeReadIsNotAnEmptyOne() {
        stock(3);
        onTheLogbook("ALTER TABLE jobs RENAME TO gone");
        window_->showBench();
        window_->showPage(MainWindow::Shop);
        QVERIFY(!find("emptyShop")->isVisible());
        QCOMPARE(table()->rowCount(), 0);
        QVERIFY2(text("history").contains(QLatin1String("cannot be read")), qPrintable(text("history")));
    }

    void anOwnCatalogueThatCannotBeReadIsPutAside_data() {
        QTest::addColumn<QByteArray>("content");
        QTest::newRow("newer") << QByteArray(R"({"format": "flenzo-own-catalogue", "version": 99})");
        QTest::newRow("damaged") << QByteArray("{\"format\": \"flenzo-own");
    }
    void anOwnCatalogueThatCannotBeReadIsPutAside() {
        QFETCH(QByteArray, content);
        window_.reset();
        QVERIFY(!writeFile(pathsIn(dir_->path()).ownCatalogueFile, content));
        open();
        QVERIFY2(window_->message().contains(QLatin1String("own-damaged-")), qPrintable(window_->message()));
        OwnCatalogue own;
        own.tunings = {{QStringLiteral("Mine"), {QStringLiteral("E2")}}};
        window_->context().setOwn(own);
        QCOMPARE(readOwnCatalogue(pathsIn(dir_->path()).ownCatalogueFile).value().tunings.size(), std::size_t(1));
        const QStringList aside = QDir(dir_->path()).entryList({QStringLiteral("own-damaged-*.json")});
        QCOMPARE(aside.size(), 1);
        QFile old(dir_->filePath(aside.first()));
        QVERIFY(old.open(QIODevice::ReadOnly));
        QCOMPARE(old.readAll(), content);
    }

    void aRepeatedSetUpTakesTheShopsMinutesAlong() {
        std::vector<Job> done;
        for (int k = 0; k < 3; ++k) {
            Job job = newJob();
            job.guitar = QStringLiteral("Tern");
            job.work.state = JobState::Finished;
            job.work.records = {
                {QStringLiteral("plan"), StepRecord::What::Done, {}, QStringLiteral("2026-06-01T09:00:00")},
                {QStringLiteral("tools"), StepRecord::What::Done, {}, QStringLiteral("2026-06-01T09:04:00")}};
            done.push_back(job);
        }
        QVERIFY(!book().addAll(done));
        window_->showPage(MainWindow::Shop);
        table()->selectRow(0);
        QTest::mouseClick(window_->findChild<QPushButton*>(QStringLiteral("repeatJob")), Qt::LeftButton);
        QCOMPARE(window_->page(), MainWindow::Work);
        QCOMPARE(session().job().work.usualMinutes.value(QStringLiteral("tools")), 4.0);
        QVERIFY(session().job().work.records.isEmpty());
        QCOMPARE(book().jobCount().value(), 4);
    }

    void whatIsRepeatedCanBeRepeatedAgain() {
        QVERIFY(!session().addToLogbook(demoJob(0).value()));
        for (int round = 0; round < 3; ++round) {
            window_->showPage(MainWindow::Shop);
            table()->selectRow(0);
            QTest::mouseClick(window_->findChild<QPushButton*>(QStringLiteral("repeatJob")), Qt::LeftButton);
            QCOMPARE(book().jobCount().value(), round + 2);
            QVERIFY(session().job().prior && session().job().prior->covariance.allFinite());
        }
        const QList<JobRow> rows = book().jobs({}).value();
        QVERIFY(std::all_of(rows.begin(), rows.end(), // one guitar with a history
                            [&](const JobRow& row) { return row.guitarId == rows.first().guitarId; }));
    }

    void everyPageOpensOnEveryKindOfGuitar() {
        for (int demo = 0; demo < static_cast<int>(demoNames().size()); ++demo) {
            QVERIFY(!session().addToLogbook(demoJob(demo).value()));
            for (int page = 0; page < MainWindow::PageCount; ++page) {
                window_->showPage(static_cast<MainWindow::Page>(page));
                QCOMPARE(window_->page(), static_cast<MainWindow::Page>(page));
                QVERIFY(!window_->grab().isNull());
            }
            for (const Step& step : stepsOf(session().job())) {
                window_->lookAt(step.id);
                QCOMPARE(work().shownStep()->id, step.id);
                QVERIFY(!window_->grab().isNull());
            }
        }
    }
};

QTEST_MAIN(TestShop)
#include "test_shop.moc"
