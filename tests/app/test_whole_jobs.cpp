// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/job_exchange.h"
#include "app/main_window.h"
#include "app/shop_place.h"
#include "domain/job/edits.h"
#include "domain/work/route.h"
#include "domain/work/warnings.h"
#include "session/document/demo.h"
#include "store/job_json.h"
#include "support/window.h"
#include "widgets/controls/scene_view.h"
#include "widgets/forms/method_table.h"
#include "widgets/look.h"
#include "widgets/pages/job_page.h"

#include <QApplication>
#include <QComboBox>
#include <QDialog>
#include <QDir>
#include <QLabel>
#include <QLineEdit>
#include <QProcess>
#include <QPushButton>
#include <QRandomGenerator>
#include <QTableWidget>
#include <QTemporaryDir>
#include <QTest>
#include <QTreeWidget>
#include <cstdio>
#include <memory>

using namespace flenzo;
using namespace flenzo::testing;

namespace {

/// A technician who works by keys alone, or by the mouse but for what is written.
class Hands {
public:
    enum class With { Keys, Mouse };
    explicit Hands(MainWindow& window, With with = With::Keys)
        : window_(window), steps_(*window.findChild<JobPage*>()), with_(with) {}

    [[nodiscard]] const Job& job() const { return window_.context().session().job(); }
    [[nodiscard]] bool through() const { return !currentStep(job(), window_.context().session().derived()); }

    /// One key press, or one answered question, towards the end of the job.
    void act() {
        Session& session = window_.context().session();
        const auto next = session.derived().next().what;
        if (steps_.isAtBench() && next != NextAct::Do::Done && next != NextAct::Do::Stuck &&
            session.job().simulatedSeed) {
            with_ == With::Mouse ? answerByMouse(next)
                                 : key(window_.findChild<QLineEdit*>(QStringLiteral("entry")), Qt::Key_F9);
            return;
        }
        auto* reason = window_.findChild<QLineEdit*>(QStringLiteral("reason"));
        if (reason->isVisible()) {
            QTest::keyClicks(reason, QStringLiteral("seen and weighed"));
            with_ == With::Mouse ? click("reasonGiven") : key(reason, Qt::Key_Return);
            return;
        }
        if (with_ == With::Keys)
            key(&steps_, Qt::Key_Space);
        else
            click(steps_.isAtBench() ? "done" : "stepDone");
    }

private:
    static void key(QWidget* at, Qt::Key key) { QTest::keyClick(at, key); }
    void click(const char* name) const {
        auto* button = window_.findChild<QPushButton*>(QLatin1String(name));
        QVERIFY2(button->isVisible() && button->isEnabled(), name);
        QTest::mouseClick(button, Qt::LeftButton);
    }
    /// A string is picked in its lane before it is read or tuned.
    void answerByMouse(NextAct::Do next) const {
        const Derived& derived = window_.context().session().derived();
        if (next == NextAct::Do::Tune) {
            auto* lanes = window_.findChild<SceneView*>(QStringLiteral("lanes"));
            QCoreApplication::processEvents();
            const Mark* lane = lanes->scene().find(QStringLiteral("lane-%1").arg(derived.next().aim.string));
            QTest::mouseClick(lanes, Qt::LeftButton, {}, lane->points.boundingRect().center().toPoint());
            QCOMPARE(window_.context().bench().pickedString(), std::optional(derived.next().aim.string));
        }
        click("answer");
    }
    MainWindow& window_;
    JobPage& steps_;
    With with_;
};

/// What has been shown as entered: records and log together only ever grow here.
qsizetype entriesOf(const Job& job) {
    return job.work.records.size() + static_cast<qsizetype>(job.log.size());
}

/// The program that gets killed: goes on with the job in the logbook, and says after each act what it shows.
int workUntilKilled(const QString& folder) {
    const std::unique_ptr<MainWindow> window = windowOn(folder);
    if (!window)
        return 4;
    if (!window->context().session().isKept())
        return 3;
    Hands hands(*window);
    const auto say = [&] {
        const auto step = currentStep(hands.job(), window->context().session().derived());
        std::printf("%lld %s\n", static_cast<long long>(entriesOf(hands.job())), step ? qPrintable(step->name()) : "-");
        std::fflush(stdout);
    };
    say();
    while (!hands.through()) {
        hands.act();
        say();
    }
    return 0;
}

/// A second program on the same logbook: says what it sees, tries to write, waits for a word, and looks again.
int lookBeside(const QString& folder) {
    const std::unique_ptr<MainWindow> window = windowOn(folder);
    if (!window)
        return 4;
    const auto say = [&] {
        const auto& book = window->context().session().logbook();
        const bool kept = !window->context().session().addToLogbook(demoJob(1).value());
        std::printf("%s %s %d\n", book->readOnly() ? "reads" : "writes", kept ? "kept" : "refused",
                    book->jobCount().value());
        std::fflush(stdout);
    };
    for (int rounds = 0; rounds < 2; ++rounds) {
        say();
        char word[8];
        if (!std::fgets(word, sizeof word, stdin))
            return 5;
    }
    return 0;
}

} // namespace

class TestWholeJobs : public QObject, protected WindowFixture {
    Q_OBJECT

    Job demo(int index) {
        Job job = demoJob(index).value();
        job.log.clear();
        return job;
    }

private Q_SLOTS:
    void init() { beginShop(); }
    void cleanup() { endShop(); }

    void anEmptyShopExplainsItselfAndTakesTheFirstGuitar() {
        QCOMPARE(window_->page(), MainWindow::Shop);
        QVERIFY(window_->findChild<QLabel*>(QStringLiteral("emptyShop"))->isVisible());
        QTest::mouseClick(window_->findChild<QPushButton*>(QStringLiteral("firstGuitar")), Qt::LeftButton);
        QCOMPARE(window_->page(), MainWindow::Work);
        // The bridge that is chosen before anybody chooses has what belongs to it.
        const Job& begun = window_->context().session().job();
        Job chosen = begun;
        setFamily(chosen, begun.rig.bridge.family);
        QVERIFY(begun.card == chosen.card && begun.rig.strings == chosen.rig.strings);
        const QList<Step> steps = stepsOf(begun);
        QVERIFY(std::any_of(steps.begin(), steps.end(), [](const Step& step) { return step.id == StepId::Lock; }));
        auto* name = window_->findChild<QLineEdit*>(QStringLiteral("cardGuitar"));
        name->setFocus();
        QTest::keyClicks(name, QStringLiteral("First Light"));
        QTest::keyClick(name, Qt::Key_Return);
        find<QPushButton>("moreCard")->click();
        auto* nut = window_->findChild<QComboBox*>(QStringLiteral("cardNut"));
        const Nut before = window_->context().session().job().card.nut;
        nut->setFocus();
        QTest::keyClick(nut, Qt::Key_Down);
        QCOMPARE(window_->context().session().job().guitar, QStringLiteral("First Light"));
        QVERIFY(window_->context().session().job().card.nut != before);
        window_.reset();
        open(); // all of it was kept without saving, and the next start goes on there
        QCOMPARE(window_->page(), MainWindow::Work);
        QCOMPARE(window_->context().session().job().guitar, QStringLiteral("First Light"));
    }

    void wholeJobsByKeys_data() {
        QTest::addColumn<int>("index");
        for (const int index : {0, 2, 4, 5})
            QTest::newRow(qPrintable(demoNames().at(index))) << index;
    }
    void wholeJobsByKeys() {
        QFETCH(int, index);
        QVERIFY(!window_->context().session().addToLogbook(demo(index)));
        window_->showWork();
        Hands hands(*window_);
        for (int k = 0; k < 500 && !hands.through(); ++k)
            hands.act();
        QVERIFY(hands.through());
        QCOMPARE(hands.job().work.state, JobState::Finished);
        QCOMPARE(window_->context().session().derived().next().what, NextAct::Do::Done);
        QCOMPARE(window_->findChild<QLabel*>(QStringLiteral("stepAct"))->text(), QStringLiteral("Job finished"));
        const auto& book = window_->context().session().logbook();
        QCOMPARE(jobBytes(book->job(*window_->context().session().keptAs()).value()), jobBytes(hands.job()));
        for (const char* name : {"sheet.pdf", "sheet.html"}) {
            const QString file = dir_->filePath(QLatin1String(name));
            QVERIFY(!window_->exchange().exportSheet(file));
            QVERIFY(QFileInfo(file).size() > 1500);
        }
    }

    void aWholeJobByMouse() {
        QVERIFY(!window_->context().session().addToLogbook(demo(2)));
        window_->showWork();
        Hands hands(*window_, Hands::With::Mouse);
        for (int k = 0; k < 500 && !hands.through() && !QTest::currentTestFailed(); ++k)
            hands.act();
        QVERIFY(hands.through());
        QCOMPARE(hands.job().work.state, JobState::Finished);
    }

    void aWarningIsShownAndTakesAReasonByKeys() {
        QVERIFY(!window_->context().session().addToLogbook(demo(0)));
        window_->showWork();
        auto* steps = window_->findChild<JobPage*>();
        while (currentStep(window_->context().session().job(), window_->context().session().derived())->id !=
               StepId::BlockIn)
            QTest::keyClick(steps, Qt::Key_Space);
        QTest::mouseClick(window_->findChild<QPushButton*>(QStringLiteral("stepSkip")), Qt::LeftButton);
        auto* reason = window_->findChild<QLineEdit*>(QStringLiteral("reason"));
        QTest::keyClicks(reason, QStringLiteral("none at hand"));
        QTest::keyClick(reason, Qt::Key_Return);
        for (int k = 0; k < 2; ++k)
            QTest::keyClick(steps, Qt::Key_Space); // nut, arm
        QCOMPARE(currentStep(window_->context().session().job(), window_->context().session().derived())->id,
                 StepId::Slacken);
        QTest::keyClick(steps, Qt::Key_PageDown); // the pedal
        QVERIFY(reason->isVisible());
        QVERIFY(window_->findChild<QLabel*>(QStringLiteral("question"))->text().contains(QLatin1String("still")));
        QTest::keyClick(reason, Qt::Key_Escape);
        QCOMPARE(currentStep(window_->context().session().job(), window_->context().session().derived())->id,
                 StepId::Slacken);
        QTest::keyClick(steps, Qt::Key_PageUp);
        QCOMPARE(currentStep(window_->context().session().job(), window_->context().session().derived())->id,
                 StepId::ArmOff);
    }

    void theReturnTestNamesWhatHangs() {
        Job job = demo(2);
        const QString now = QStringLiteral("2026-11-25T12:00:00");
        const Derived derived = derive(job);
        while (currentStep(job, derive(job))->id != StepId::ReturnTest)
            if (apply(job, derived, WorkEvent::Done, {}, now))
                QVERIFY(!apply(job, derived, WorkEvent::Overrule, QStringLiteral("to get there"), now));
        QVERIFY(!window_->context().session().addToLogbook(job));
        window_->showWork();
        auto* table = window_->findChild<QTableWidget*>(QStringLiteral("returnTable"));
        auto* keep = window_->findChild<QPushButton*>(QStringLiteral("saveReturn"));
        QVERIFY(!keep->isEnabled());
        for (int row = 0; row < table->rowCount(); ++row)
            for (int column = 0; column < 3; ++column)
                table->setItem(row, column,
                               new QTableWidgetItem(column != 1 ? QStringLiteral("0")
                                                    : row == 2  ? QStringLiteral("6,5")
                                                                : QStringLiteral("−1"))); // the plate goes with it
        QVERIFY(window_->findChild<QLabel*>(QStringLiteral("returnVerdict"))
                    ->text()
                    .contains(QLatin1String("nut or saddle")));
        QTest::mouseClick(keep, Qt::LeftButton);
        QVERIFY(window_->context().session().job().work.returns.last().test.afterDive_cents.front() != 0.0);
    }

    void theFinderOpensFromAStep() {
        window_->newGuitar();
        QTest::mouseClick(window_->findChild<QPushButton*>(QStringLiteral("stepFinder")), Qt::LeftButton);
        auto* troubleshooting = window_->findChild<QDialog*>(QStringLiteral("finder"));
        QVERIFY(troubleshooting && troubleshooting->isVisible());
        QTest::keyClicks(troubleshooting->findChild<QLineEdit*>(QStringLiteral("finderSearch")),
                         QStringLiteral("fine tuner"));
        QVERIFY(troubleshooting->findChild<QLabel*>(QStringLiteral("finderRemedy"))
                    ->text()
                    .contains(QLatin1String("preset")));
        troubleshooting->close();
    }

    void aCaliperTellsMillimetresFromThousandths() {
        window_->newGuitar();
        auto* steps = window_->findChild<JobPage*>();
        QTest::keyClick(steps, Qt::Key_Space);
        QTest::keyClick(steps, Qt::Key_Space);
        auto* caliper = window_->findChild<QLineEdit*>(QStringLiteral("caliper"));
        const auto says = [&](const QString& typed) {
            caliper->clear();
            QTest::keyClicks(caliper, typed);
            return window_->findChild<QLabel*>(QStringLiteral("caliperSays"))->text();
        };
        QVERIFY(says(QStringLiteral("0.43")).contains(QLatin1String("17 ")) ||
                says(QStringLiteral("0.43")).contains(QLatin1String(".017")));
        QVERIFY(says(QStringLiteral("46")).contains(QLatin1String("thousandths of an inch")));
        QVERIFY(says(QStringLiteral(".010")).contains(QLatin1String("0.254")));
        QVERIFY(says(QStringLiteral("4.3")).contains(QLatin1String("is no string's")));
        caliper->setFocus();
        QTest::keyClick(caliper, Qt::Key_Return); // ends the field, not the step
        QCOMPARE(currentStep(window_->context().session().job(), window_->context().session().derived())->id,
                 StepId::OldSet);
    }

    void stepsAreUndoneAndRedoneLikeEverythingElse() {
        QVERIFY(!window_->context().session().addToLogbook(demo(0)));
        window_->showWork();
        auto* steps = window_->findChild<JobPage*>();
        const auto current = [&] {
            return currentStep(window_->context().session().job(), window_->context().session().derived())->id;
        };
        while (current() != StepId::Slacken)
            QTest::keyClick(steps, Qt::Key_Space);
        const auto kept = [&] {
            return window_->context().session().logbook()->job(*window_->context().session().keptAs()).value();
        };
        QCOMPARE(kept().log.size(), std::size_t(1)); // the block
        QTest::keyClick(steps, Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(current(), StepId::ArmOff);
        for (int k = 0; k < 2; ++k)
            QTest::keyClick(steps, Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(current(), StepId::BlockIn);
        QVERIFY(kept().log.empty());
        QVERIFY(!hazardsOf(kept(), derive(kept())).has(Hazard::BlockIn));
        for (int k = 0; k < 3; ++k)
            QTest::keyClick(steps, Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
        QCOMPARE(current(), StepId::Slacken);
        QVERIFY(hazardsOf(kept(), derive(kept())).has(Hazard::BlockIn));
        QVERIFY(window_->findChild<QLabel*>(QStringLiteral("hazard1"))->isVisible());
    }

    void aSecondWindowShowsTheShopAndChangesNothing() {
        QVERIFY(!window_->context().session().addToLogbook(demo(0)));
        MainWindow second(pathsIn(dir_->path()), bundledCatalogue().value());
        second.shop().open();
        second.show();
        QCOMPARE(second.page(), MainWindow::Shop);
        QVERIFY(second.message().contains(QLatin1String("another window")));
        QVERIFY(second.windowTitle().contains(QLatin1String("read only")));
        second.newGuitar();
        QVERIFY(second.message().contains(QLatin1String("only reads")));
        QCOMPARE(window_->context().session().logbook()->jobCount().value(), 1);
        window_->newGuitar(); // what the first one writes, the second one sees
        second.showPage(MainWindow::Shop);
        QCOMPARE(second.findChild<QTableWidget*>(QStringLiteral("jobs"))->rowCount(), 2);
    }

    void aSecondProgramReadsOnlyAndSeesWhatIsWritten() {
        QVERIFY(!window_->context().session().addToLogbook(demo(0)));
        QProcess beside;
        beside.start(QCoreApplication::applicationFilePath(), {QStringLiteral("--look-beside"), dir_->path()});
        const auto hear = [&beside] {
            while (!beside.canReadLine() && beside.waitForReadyRead(30000)) {
            }
            return beside.readLine().trimmed();
        };
        QCOMPARE(hear(), QByteArray("reads refused 1"));
        QVERIFY(!window_->context().session().addToLogbook(demo(2)));
        beside.write("on\n");
        QCOMPARE(hear(), QByteArray("reads refused 2"));
        window_.reset(); // the writer goes while the other one still reads
        open();
        QVERIFY(!window_->context().session().logbook()->readOnly() &&
                !window_->context().session().logbook()->check());
        beside.write("on\n");
        QVERIFY(beside.waitForFinished(30000));
        QCOMPARE(beside.exitCode(), 0);
        QCOMPARE(window_->context().session().logbook()->jobCount().value(), 2);
    }

    void waysAreChosenByKeysAndKeptForTheHouse() {
        QVERIFY(!window_->context().session().addToLogbook(demo(0)));
        window_->showWork();
        auto* steps = window_->findChild<JobPage*>();
        while (currentStep(window_->context().session().job(), window_->context().session().derived())->id !=
               StepId::Plan)
            QTest::keyClick(steps, Qt::Key_Space);
        auto* table = window_->findChild<MethodTable*>();
        table->finish(); // however slow the machine is
        QVERIFY(table->priced());
        auto* tree = window_->findChild<QTreeWidget*>(QStringLiteral("methods"));
        QTreeWidgetItem* topic = table->topicRow(QStringLiteral("atOnce"));
        QVERIFY(!topic->child(1)->text(2).isEmpty()); // the passes it would add
        const QString before = text("planSum");
        tree->setFocus();
        tree->setCurrentItem(topic);
        topic->setExpanded(true);
        QTest::keyClick(tree, Qt::Key_Down);
        QTest::keyClick(tree, Qt::Key_Down);
        QTest::keyClick(tree, Qt::Key_Return);
        QCOMPARE(window_->context().session().job().work.methods.value(QStringLiteral("atOnce")),
                 QStringLiteral("one"));
        QVERIFY(tree->hasFocus() && tree->currentItem() == topic->child(1)); // it keeps its place and the keys
        table->finish();
        QVERIFY(text("planSum").startsWith(QLatin1String("As chosen")) && text("planSum") != before);
        QTest::mouseClick(window_->findChild<QPushButton*>(QStringLiteral("saveHouse")), Qt::LeftButton);
        window_->newGuitar();
        QCOMPARE(window_->context().session().job().work.methods.value(QStringLiteral("atOnce")),
                 QStringLiteral("one"));
    }

    void theActFillsTheScreenAndComesBack() {
        window_->newGuitar();
        auto* steps = window_->findChild<JobPage*>();
        const int before = window_->findChild<QLabel*>(QStringLiteral("stepAct"))->fontMetrics().height();
        QTest::keyClick(steps, Qt::Key_F11);
        QVERIFY(steps->isBig() && !window_->findChild<QWidget*>(QStringLiteral("steps"))->isVisible());
        QVERIFY(window_->findChild<QLabel*>(QStringLiteral("stepAct"))->fontMetrics().height() > 1.5 * before);
        QTest::keyClick(steps, Qt::Key_F11);
        QVERIFY(!steps->isBig() && window_->findChild<QWidget*>(QStringLiteral("steps"))->isVisible());
        // Large text makes a low window; from afar the number is large all the same.
        window_->context().change([](Preferences& look) { look.textScale = 2.0; });
        window_->showBench();
        auto* figure = window_->findChild<QLabel*>(QStringLiteral("figure"));
        const int low = figure->fontMetrics().height();
        QTest::keyClick(steps, Qt::Key_F11);
        QVERIFY(figure->fontMetrics().height() > 2 * low);
        QTest::keyClick(steps, Qt::Key_F11);
        QCOMPARE(figure->fontMetrics().height(), low);
    }

    void theShopFindsRepeatsAndCompares() {
        window_->stockWithDemo();
        window_->showPage(MainWindow::Shop);
        auto* table = window_->findChild<QTableWidget*>(QStringLiteral("jobs"));
        auto* search = window_->findChild<QLineEdit*>(QStringLiteral("search"));
        QCOMPARE(table->rowCount(), 24);
        QTest::keyClicks(search, QStringLiteral("lantern"));
        QCOMPARE(table->rowCount(), 2);
        QTest::mouseClick(window_->findChild<QPushButton*>(QStringLiteral("compareJob")), Qt::LeftButton);
        QVERIFY(window_->findChild<QLabel*>(QStringLiteral("history"))
                    ->text()
                    .contains(QLatin1String("Pull of all strings")));
        QTest::mouseClick(window_->findChild<QPushButton*>(QStringLiteral("repeatJob")), Qt::LeftButton);
        QCOMPARE(window_->page(), MainWindow::Work);
        QVERIFY(window_->context().session().job().prior.has_value());
        QCOMPARE(window_->context().session().logbook()->jobCount().value(), 25);
        window_->showPage(MainWindow::Shop);
        search->clear();
        QTest::keyClicks(search, QStringLiteral("meadow"));
        QTest::keyClick(search, Qt::Key_Return);
        QVERIFY(window_->context().session().job().guitar.contains(QLatin1String("Meadow")));
        search->clear();
        QTest::keyClicks(search, QStringLiteral("no such guitar"));
        QCOMPARE(table->rowCount(), 0);
        QVERIFY(
            window_->findChild<QLabel*>(QStringLiteral("history"))->text().startsWith(QLatin1String("Nothing found")));
    }

    void aDamagedLogbookIsPutAsideForTheNewestBackup() {
        QVERIFY(!window_->context().session().addToLogbook(demo(0)));
        window_->actions().find("backUp")->trigger();
        window_.reset();
        const QString file = pathsIn(dir_->path()).logbookFile;
        QFile damaged(file);
        QVERIFY(damaged.open(QIODevice::WriteOnly));
        damaged.write(QByteArray(20000, 'z'));
        damaged.close();
        window_ = std::make_unique<MainWindow>(pathsIn(dir_->path()), bundledCatalogue().value());
        window_->show();
        window_->shop().open();
        QVERIFY(window_->message().contains(QLatin1String("damaged")));
        QTest::mouseClick(window_->findChild<QPushButton*>(QStringLiteral("putAside")), Qt::LeftButton);
        QCOMPARE(window_->context().session().logbook()->jobCount().value(), 1);
        QVERIFY(window_->message().contains(QLatin1String("-damaged-")));
    }

    void killedTwentyTimesTheJobGoesOnAtItsStep() {
        QVERIFY(!window_->context().session().addToLogbook(demo(0)));
        window_.reset();
        QByteArray last;
        int killed = 0;
        for (int run = 0; run < 60; ++run) {
            QProcess program;
            program.start(QCoreApplication::applicationFilePath(),
                          {QStringLiteral("--work-until-killed"), dir_->path()});
            QVERIFY(program.waitForStarted());
            QByteArray said;
            const int lines = 2 + QRandomGenerator::global()->bounded(6);
            while (said.count('\n') < lines && program.waitForReadyRead(30000))
                said += program.readAllStandardOutput();
            const bool more = killed < 20;
            if (more)
                program.kill(); // SIGKILL
            QVERIFY(program.state() == QProcess::NotRunning || program.waitForFinished(60000));
            said += program.readAllStandardOutput();
            const QList<QByteArray> all = said.left(said.lastIndexOf('\n')).split('\n');
            if (!last.isEmpty()) { // begins where the last one was, or one act on that was not said any more
                const qlonglong before = last.split(' ').first().toLongLong(),
                                now = all.first().split(' ').first().toLongLong();
                QVERIFY2(now == before ? all.first() == last : now > before && now <= before + 2,
                         last + " | " + all.first());
            }
            last = all.last();
            if (program.exitStatus() == QProcess::CrashExit)
                ++killed;
            if (program.exitStatus() == QProcess::NormalExit)
                break;
        }
        QVERIFY(last.endsWith(" -"));
        QVERIFY(killed >= 5);
    }
};

int main(int argc, char** argv) {
    QApplication app(argc, argv);
    loadTypeface();
    if (argc > 2 && QByteArray(argv[1]) == "--work-until-killed")
        return workUntilKilled(QString::fromLocal8Bit(argv[2]));
    if (argc > 2 && QByteArray(argv[1]) == "--look-beside")
        return lookBeside(QString::fromLocal8Bit(argv[2]));
    TestWholeJobs test;
    return QTest::qExec(&test, argc, argv);
}

#include "test_whole_jobs.moc"
