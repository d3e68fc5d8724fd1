// SPDX-License-Identifier: GPL-3.0-or-later
// Due, stock and times as a shop uses them: by clicks and keys.
#include "app/main_window.h"
#include "domain/work/progress.h"
#include "domain/work/workflow.h"
#include "session/document/demo.h"
#include "session/models/shop_says.h"
#include "store/exchange.h"
#include "store/files.h"
#include "store/job_json.h"
#include "support/window.h"
#include "widgets/controls/figure_table.h"
#include "widgets/controls/row_layout.h"
#include "widgets/controls/scene_view.h"
#include "widgets/look.h"
#include "widgets/pages/due_panel.h"
#include "widgets/pages/job_page.h"
#include "widgets/pages/shop_page.h"
#include "widgets/text/shopping_words.h"

#include <QCheckBox>
#include <QClipboard>
#include <QComboBox>
#include <QDateEdit>
#include <QDoubleSpinBox>
#include <QGuiApplication>
#include <QJsonDocument>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QSignalSpy>
#include <QTabWidget>
#include <QTableWidget>
#include <QTest>

using namespace flenzo;
using namespace flenzo::testing;

class TestDrawers : public QObject, WindowFixture {
    Q_OBJECT

    void show(const char* panel) {
        window_->showPage(MainWindow::Shop);
        window_->findChild<ShopPage*>()->showTab(QLatin1String(panel));
    }
    void click(const char* name) {
        auto* button = find<QPushButton>(name);
        QVERIFY2(button && button->isEnabled(), name);
        QTest::mouseClick(button, Qt::LeftButton);
    }
    /// Types over a cell as a person does.
    void typeOver(QTableWidget& table, int row, int column, const QString& words) {
        QCoreApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete); // the editor before
        table.setCurrentCell(row, column);
        table.editItem(table.item(row, column));
        auto* editor = table.findChild<QLineEdit*>();
        QVERIFY(editor);
        editor->selectAll();
        QTest::keyClicks(editor, words);
        QTest::keyClick(editor, Qt::Key_Return);
        QCoreApplication::processEvents(); // a table takes it in its own time
    }
    static int rowOf(const QTableWidget& table, int column, const QString& words) {
        for (int row = 0; row < table.rowCount(); ++row)
            if (table.item(row, column)->text().startsWith(words))
                return row;
        return -1;
    }
    void goTo(StepId wanted) {
        const QString now = QDateTime::currentDateTime().toString(Qt::ISODate);
        for (int k = 0; k < 100 && currentStep(session().job(), derived()) &&
                        currentStep(session().job(), derived())->id != wanted;
             ++k)
            QVERIFY(!session().edit(QStringLiteral("step"), [&](Job& job) {
                if (apply(job, derived(), WorkEvent::Done, {}, now))
                    std::ignore = apply(job, derived(), WorkEvent::Overrule, QStringLiteral("test"), now);
            }));
        window_->showWork();
    }

private Q_SLOTS:
    void init() { beginShop(); }
    void cleanup() { endShop(); }

    /// At the check the readings are typed beside what is found; they come together with how it left and how it comes
    /// in, and where nothing can be told that is said.
    void whetherItHeldIsSeen() {
        Job job = demoJob(0).value();
        job.guitar = QStringLiteral("Blue Heron");
        job.simulatedSeed.reset();
        job.onPicks.setName = QStringLiteral("nines");
        job.work.state = JobState::Finished;
        job.work.checkOn = QDate::currentDate();
        const std::size_t strings = job.rig.strings.size();
        const QString left = QDateTime::currentDateTime().addDays(-1).toString(Qt::ISODate);
        job.work.held = {{HeldReading::When::Left, left, std::vector<double>(strings, 0.0), 21.0, 45.0}};
        const qint64 id = book().add(job).value();
        show("heldPanel");
        window_->context().shop().finish();
        QVERIFY2(text("heldSays").contains(QLatin1String("Nothing to compare yet")), qPrintable(text("heldSays")));
        QVERIFY(!find<QTableWidget>("heldSets")->isVisible());
        show("duePanel");
        auto* table = find<QTableWidget>("dueTable");
        table->selectRow(rowOf(*table, 3, QStringLiteral("Blue Heron")));
        const auto type = [&](const char* name, const QString& words) {
            auto* field = find<QLineEdit>(name);
            field->setFocus();
            field->clear();
            QTest::keyClicks(field, words);
        };
        type("checkReadings", QStringLiteral("-2 -3"));
        click("checkHolds");
        QVERIFY2(window_->message().contains(QLatin1String("-2 -3")), qPrintable(window_->message()));
        QVERIFY(book().job(id).value().work.checkOn.isValid()); // nothing was noted
        QStringList cents;
        for (std::size_t i = 0; i < strings; ++i)
            cents.append(i == 0 ? QStringLiteral("-2,5") : QStringLiteral("-3"));
        type("checkReadings", cents.join(QLatin1Char(' ')));
        type("checkHumidity", QStringLiteral("450"));
        click("checkHolds");
        QVERIFY2(window_->message().contains(QLatin1String("humidity")), qPrintable(window_->message()));
        type("checkHumidity", QStringLiteral("52"));
        click("checkHolds");
        const Job checked = book().job(id).value();
        QVERIFY(!checked.work.checkOn.isValid());
        QCOMPARE(checked.work.held.size(), qsizetype(2));
        QCOMPARE(checked.work.held.last().cents.front(), -2.5);
        QCOMPARE(*checked.work.held.last().humidity_percent, 52.0);
        QVERIFY(find<QLineEdit>("checkReadings")->text().isEmpty());
        show("heldPanel");
        window_->context().shop().finish();
        QCoreApplication::processEvents();
        auto* sets = find<QTableWidget>("heldSets");
        QTRY_VERIFY(sets->isVisible() && sets->rowCount() == 1);
        QCOMPARE(sets->item(0, 0)->text(), QStringLiteral("nines"));
        QCOMPARE(sets->item(0, 1)->text(), QStringLiteral("1"));
        QVERIFY2(sets->item(0, 2)->text().startsWith(QChar(0x2212)), qPrintable(sets->item(0, 2)->text()));
        QVERIFY2(text("heldFindings").contains(QLatin1String("chance")), qPrintable(text("heldFindings")));
    }

    void whatIsDueAndWhatIsLookedAt() {
        window_->stockWithDemo();
        show("duePanel");
        auto* table = find<QTableWidget>("dueTable");
        QCOMPARE(table->rowCount(), 4);
        QVERIFY(text("reminder").contains(QLatin1String("Quiet Harbour")));
        click("copyReminder");
        QCOMPARE(QGuiApplication::clipboard()->text(), text("reminder"));
        QVERIFY(!find<QPushButton>("checkHolds")->isEnabled());
        table->selectRow(rowOf(*table, 2, QStringLiteral("check")));
        QVERIFY(!find<QPushButton>("beginRestring")->isEnabled());
        click("checkHolds");
        QCOMPARE(table->rowCount(), 3);
        QCOMPARE(rowOf(*table, 2, QStringLiteral("check")), -1);
        const QString file = dir_->filePath(QStringLiteral("due.ics"));
        QVERIFY(!window_->findChild<DuePanel*>()->exportCalendar(file));
        QCOMPARE(readFile(file, 1 << 20).value().count("BEGIN:VEVENT"), 4); // the later one as well
        QVERIFY(window_->findChild<DuePanel*>()->exportCalendar(dir_->filePath(QStringLiteral("no/such/due.ics"))));
        const Scene& season = find<SceneView>("season")->scene();
        QVERIFY(season.find(QStringLiteral("due-0")) && season.find(QStringLiteral("today")));
        QVERIFY(season.description.contains(QLatin1String("overdue")));
        table->selectRow(0);
        click("beginRestring");
        QCOMPARE(window_->page(), MainWindow::Work);
        QVERIFY(session().job().guitar.startsWith(QLatin1String("Quiet Harbour")));
        show("duePanel");
        QCOMPARE(table->rowCount(), 2); // it is in hand now
    }

    void anEmptyShopFillsItsDrawers() {
        Job job = newJob();
        job.onPicks.setName = QStringLiteral("Six, 10 to 52");
        QVERIFY(!session().addToLogbook(job));
        show("stockPanel");
        QVERIFY(text("shoppingList").contains(QLatin1String("Nothing is in stock yet")));
        auto* table = find<QTableWidget>("stockTable");
        auto* part = find<QComboBox>("newPart");
        part->setCurrentText(QStringLiteral("Six, 10 to 52"));
        click("addPart");
        QCOMPARE(table->rowCount(), 1);
        QTRY_VERIFY(text("shoppingList").contains(QLatin1String("jobs in hand need 1, 0 there")));
        typeOver(*table, 0, 2, QStringLiteral("4"));
        typeOver(*table, 0, 3, QStringLiteral("2"));
        typeOver(*table, 0, 4, QStringLiteral("9,80"));
        const StockItem kept = book().stock().value().first();
        QCOMPARE(kept.pieces, 4);
        QCOMPARE(kept.least, 2);
        QCOMPARE(kept.price_minor, 980);
        QVERIFY(text("shoppingList").contains(QLatin1String("Nothing is low")));
        // What makes no sense is a sentence, and the cell is as it was.
        QSignalSpy said(&window_->context(), &AppContext::said);
        int count = 0;
        for (const auto& [column, typed] : {std::pair{2, "-3"}, {2, "2.5"}, {3, "lots"}, {4, "9.805"}}) {
            const QString before = table->item(0, column)->text();
            typeOver(*table, 0, column, QLatin1String(typed));
            QCOMPARE(said.count(), ++count);
            QCOMPARE(table->item(0, column)->text(), before);
        }
        click("addPart"); // again the same
        QVERIFY(said.last().front().toString().contains(QLatin1String("in the list already")));
        find<QComboBox>("newKind")->setCurrentIndex(static_cast<int>(StockKind::Insert));
        click("addPart"); // without a name
        QCOMPARE(said.count(), count + 2);
        QTest::keyClicks(part->lineEdit(), QStringLiteral("brass insert"));
        click("addPart");
        QCOMPARE(table->rowCount(), 2);
        typeOver(*table, rowOf(*table, 0, QStringLiteral("brass")), 2, QStringLiteral("3"));
        // At hand-over a lost insert is taken, and finishing takes the set.
        goTo(StepId::HandOver);
        QVERIFY(text("partsSay").contains(QLatin1String("Six, 10 to 52")));
        auto* item = find<QComboBox>("partItem");
        item->setCurrentIndex(item->findText(QStringLiteral("brass"), Qt::MatchStartsWith));
        find<QComboBox>("partWhy")->setCurrentIndex(2);
        click("takePart");
        show("stockPanel"); // which saw nothing of it
        QCOMPARE(table->item(rowOf(*table, 0, QStringLiteral("brass")), 2)->text(), QStringLiteral("2"));
        window_->showWork();
        work().confirm();
        QVERIFY(session().job().work.state == JobState::Finished);
        QCOMPARE(session().job().work.due, nextRestring({}, QDate::currentDate()).on);
        const Stock stock = book().stock().value();
        QCOMPARE(inStock(stock, QStringLiteral("brass insert"))->pieces, 2);
        QCOMPARE(inStock(stock, setItemOf(job.onPicks.setName))->pieces, 3);
        session().undoStack().undo();
        QCOMPARE(inStock(book().stock().value(), setItemOf(job.onPicks.setName))->pieces, 4);
    }

    void howItIsPlayedDecidesWhenItIsDue() {
        QVERIFY(!session().addToLogbook(newJob()));
        goTo(StepId::AskOwner);
        auto* hours = find<QDoubleSpinBox>("hoursAWeek");
        QVERIFY(hours);
        for (const double typed : {2.25, 14.0}) { // shown as it was typed, no digit more or less
            const QString words = QString::number(typed);
            hours->setFocus();
            hours->selectAll();
            QTest::keyClicks(hours, words);
            QTest::keyClick(hours, Qt::Key_Tab);
            QCOMPARE(session().job().card.playing.hoursAWeek, typed);
            QCOMPARE(hours->text(), words);
        }
        // A line ends where one sees it end: nothing that was typed is dropped afterwards.
        auto* notes = find<QLineEdit>("cardNotes");
        notes->setFocus();
        QTest::keyClicks(notes, QString(300, QLatin1Char('n')));
        const QString shown = notes->text();
        QTest::keyClick(notes, Qt::Key_Tab);
        QVERIFY(shown.size() < 300);
        QCOMPARE(session().job().card.notes, shown);
        goTo(StepId::HandOver);
        QCOMPARE(find<QDateEdit>("due")->date(), QDate::currentDate().addDays(35));
        QVERIFY(text("dueWhy").contains(QLatin1String("played")));
    }

    void whereTheMinutesGoIsShown() {
        show("timesPanel");
        window_->stockWithDemo();
        show("timesPanel");
        QTRY_VERIFY(text("timesSay").contains(QLatin1String("18")));
        QVERIFY(find<SceneView>("timeBars")->scene().find(QStringLiteral("bar-0")));
        QCOMPARE(find<FigureTable>("timesPeople")->rowCount(), 3);
        QVERIFY(find<FigureTable>("timesMethods")->rowCount() >= 2);
    }

    /// What is opened from the desktop goes where it belongs, and what cannot be read is a sentence.
    void filesOpenWhereTheyBelong() {
        const auto path = [this](const char* name) { return dir_->filePath(QLatin1String(name)); };
        Job job = demoJob(0).value();
        QVERIFY(!writeFile(path("one.flenzo-job"), QJsonDocument(jobToJson(job)).toJson()));
        QVERIFY(window_->openFromDesktop(path("one.flenzo-job")));
        QCOMPARE(window_->page(), MainWindow::Work);
        QCOMPARE(session().job().guitar, job.guitar);
        QVERIFY(!session().addToLogbook(job));
        QVERIFY(!exportGuitar(book(), book().jobs({}).value().first().guitarId, path("two.flenzo-guitar")));
        QVERIFY(window_->openFromDesktop(path("two.flenzo-guitar")));
        QCOMPARE(window_->page(), MainWindow::Shop);
        QCOMPARE(book().jobCount().value(), 2);
        QFile exercise(QStringLiteral(FLENZO_SOURCE_DIR "/data/exercises/sunk.flenzo-exercise"));
        QVERIFY(exercise.copy(path("three.flenzo-exercise")));
        QVERIFY(window_->openFromDesktop(path("three.flenzo-exercise")));
        QCOMPARE(window_->page(), MainWindow::Practice);
        for (const char* name : {"none.flenzo-job", "none.flenzo-guitar", "none.flenzo-exercise"}) {
            QVERIFY(!window_->openFromDesktop(path(name)));
            QVERIFY2(window_->message().contains(QLatin1String(name)), qPrintable(window_->message()));
        }
    }

    /// What would do in the place of a string that is out is said with its pull and its claw.
    void aSubstituteIsSaidInWords() {
        const Catalogue& catalogue = window_->context().catalogue();
        const CatalogueString* lighter = catalogue.stringById(QStringLiteral("plain-13"));
        ToBuy line{{QStringLiteral("plain-13.5"), StockKind::Single, QStringLiteral(".0135 plain"), 0, 2, 0}, 2, 1, {}};
        line.meanwhile = {{lighter, 5, -0.073, -0.25}, {lighter, 5, 0.002, 0.01}, {lighter, 5, 0.08, std::nullopt}};
        const QString said = wording::shoppingLines({line}).join(QLatin1Char('\n'));
        QVERIFY2(said.startsWith(QStringLiteral("2 \u00d7 .0135 plain")), qPrintable(said));
        QVERIFY2(said.contains(QLatin1String("pulls 7 % less, claw 1/4 looser")), qPrintable(said));
        QVERIFY2(said.contains(QLatin1String("pulls the same, the claw stays")), qPrintable(said));
        QVERIFY2(said.endsWith(QLatin1String("pulls 8 % more")), qPrintable(said));
    }

    /// Buttons go to another row only where they have to.
    void rowsBreakWhereTheyMust() {
        QWidget box;
        auto* row = new RowLayout(&box);
        QList<QPushButton*> buttons;
        for (int k = 0; k < 5; ++k) {
            buttons.append(new QPushButton(QString(8, QLatin1Char('m')), &box));
            row->addWidget(buttons.last());
        }
        const int wide = row->sizeHint().width(), high = buttons.first()->sizeHint().height();
        QCOMPARE(row->heightForWidth(wide), high);
        QVERIFY(row->heightForWidth(wide - 1) > high);
        QCOMPARE(row->heightForWidth(buttons.first()->sizeHint().width()), 5 * high + 4 * row->spacing());
        box.resize(wide - 1, 200);
        box.show();
        QVERIFY(buttons.last()->y() > buttons.first()->y() && buttons.last()->x() == buttons.first()->x());
        buttons.first()->hide(); // what is hidden takes no room
        QCOMPARE(row->heightForWidth(wide - 1), high);
    }

    void newGuitarsBeginFromTheShopUnlessSwitchedOff() {
        QVERIFY(!session().addToLogbook(newJob()));
        window_->showFigures(true);
        auto* box = find<QCheckBox>("fromShop");
        QVERIFY(box && box->isChecked());
        box->click();
        QVERIFY(!beginsFromShop(book()).value());
        QVERIFY(text("learnedNote").contains(QLatin1String("assumed figures")));
        box->click();
        QVERIFY(beginsFromShop(book()).value());
    }

    /// Every tab fits the narrow window and large text without a sideways cut.
    void everyTabFits() {
        window_->stockWithDemo();
        window_->context().change([](Preferences& large) { large.textScale = 2.0; });
        window_->resize(1024, 700);
        for (const char* panel : {"dayPanel", "duePanel", "stockPanel", "timesPanel", "heldPanel"}) {
            show(panel);
            QCoreApplication::processEvents();
            const int wants = window_->minimumSizeHint().width();
            QVERIFY2(wants <= 1024, qPrintable(QStringLiteral("%1 %2").arg(QLatin1String(panel)).arg(wants)));
        }
        applyLook(Preferences());
    }
};

QTEST_MAIN(TestDrawers)
#include "test_drawers.moc"
