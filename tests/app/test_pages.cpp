// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/job_exchange.h"
#include "app/main_window.h"
#include "core/simulation/simulated_guitar.h"
#include "domain/job/edits.h"
#include "session/document/demo.h"
#include "store/guitar_code.h"
#include "support/window.h"
#include "widgets/controls/scene_view.h"
#include "widgets/dialogs/case_card.h"
#include "widgets/dialogs/paper_dialog.h"
#include "widgets/forms/method_table.h"
#include "widgets/look.h"

#include <QAction>
#include <QCheckBox>
#include <QComboBox>
#include <QDialog>
#include <QFile>
#include <QImage>
#include <QLabel>
#include <QLineEdit>
#include <QPainter>
#include <QPrintPreviewWidget>
#include <QPrinter>
#include <QPushButton>
#include <QSvgRenderer>
#include <QTabWidget>
#include <QTableView>
#include <QTableWidget>
#include <QTemporaryDir>
#include <QTest>
#include <QToolButton>
#include <QTreeWidget>

using namespace flenzo;
using namespace flenzo::testing;

/// The pages on which a job is set up, and the paper it ends on.
class TestPages : public QObject, protected WindowFixture {
    Q_OBJECT

private Q_SLOTS:
    void init() {
        beginShop();
        window_->openDemo(0);
    }
    void cleanup() { endShop(); }

    void aSetIsChosenByKeys() {
        window_->actions().find("new")->trigger();
        window_->lookAt(StepId::OldSet);
        auto* sets = find<QComboBox>("onSet");
        const double before = session().derived().report.sumAfter_N;
        sets->setFocus();
        QTest::keyClick(sets, Qt::Key_Down);
        QTest::keyClick(sets, Qt::Key_Down);
        QVERIFY(session().derived().report.sumAfter_N != before);
        QVERIFY(!text("changeVerdict").isEmpty());
        auto* tuning = find<QComboBox>("onTuning");
        tuning->setFocus();
        QTest::keyClick(tuning, Qt::Key_End);
        QVERIFY(session().undoStack().count() >= 2);
    }

    void aStringIsTypedIntoTheTable() {
        window_->actions().find("new")->trigger();
        window_->lookAt(StepId::OldSet);
        auto* table = find<QTableView>("changeTable");
        const QModelIndex cell = table->model()->index(0, 3);
        table->setCurrentIndex(cell);
        table->edit(cell);
        auto* editor = table->findChild<QLineEdit*>();
        QVERIFY(editor);
        editor->selectAll();
        QTest::keyClicks(editor, QStringLiteral("56"));
        QTest::keyClick(editor, Qt::Key_Return);
        QTRY_VERIFY(std::abs(session().job().rig.strings[0].wire.gauge_m - 56 * metresPerThou) < 1e-6);
        QVERIFY(!table->model()->setData(table->model()->index(0, 4), QStringLiteral("900 Hz"), Qt::EditRole));
        QVERIFY(window_->message().contains(QLatin1String("bears")));
    }

    void figuresOfTheGuitarAreCheckedAndMarked() {
        window_->showFigures(true);
        auto* gap = find<QLineEdit>("bridge.rearGap");
        const auto enter = [gap](const QString& words) {
            gap->setFocus();
            gap->selectAll();
            QTest::keyClicks(gap, words);
            QTest::keyClick(gap, Qt::Key_Return);
        };
        enter(QStringLiteral("5.1 mm"));
        QVERIFY(std::abs(session().job().rig.bridge.rearGap_m - 0.0051) < 1e-9);
        enter(QStringLiteral("900"));
        QVERIFY(std::abs(session().job().rig.bridge.rearGap_m - 0.0051) < 1e-9);
        QVERIFY(window_->message().contains(QLatin1String("rear gap"), Qt::CaseInsensitive));
        QCOMPARE(gap->text(), QStringLiteral("5.1 mm"));
        const std::size_t springs = session().job().rig.springs.size();
        QTest::mouseClick(find<QPushButton>("addSpring"), Qt::LeftButton);
        QCOMPARE(session().job().rig.springs.size(), springs + 1);
    }

    /// Arrow keys and the dragged name try a value: the picture follows, the job waits until it is meant.
    void valuesAreTriedUnderTheHand() {
        window_->showFigures(true);
        auto* gap = find<QLineEdit>("bridge.rearGap");
        auto* picture = find<SceneView>("rigSection");
        const auto drawn = [picture] { return picture->scene().find(QStringLiteral("plate-text"))->text; };
        const double before = session().job().rig.bridge.rearGap_m;
        const QString words = gap->text(), shown = drawn();
        const int steps = session().undoStack().count();
        gap->setFocus();
        QTest::keyClick(gap, Qt::Key_Up);
        QTest::keyClick(gap, Qt::Key_Up, Qt::ShiftModifier);
        QCOMPARE(gap->text(), QStringLiteral("5.3 mm"));
        QVERIFY(drawn() != shown);
        QCOMPARE(session().job().rig.bridge.rearGap_m, before);
        QTest::keyClick(gap, Qt::Key_Escape);
        QCOMPARE(gap->text(), words);
        QCOMPARE(drawn(), shown);
        QTest::keyClick(gap, Qt::Key_Down);
        QTest::keyClick(gap, Qt::Key_Return);
        QVERIFY(std::abs(session().job().rig.bridge.rearGap_m - before + 1e-4) < 1e-9);
        QCOMPARE(session().undoStack().count(), steps + 1);
        auto* name = find<QLabel>("name of bridge.rearGap");
        QTest::mousePress(name, Qt::LeftButton, {}, {4, 4});
        for (int x = 10; x <= 64; x += 6)
            QTest::mouseMove(name, {x, 4});
        QVERIFY(gap->text() != QStringLiteral("4.1 mm"));
        QCOMPARE(session().undoStack().count(), steps + 1);
        QTest::mouseRelease(name, Qt::LeftButton, {}, {64, 4});
        QVERIFY(std::abs(session().job().rig.bridge.rearGap_m - before - 0.9e-3) < 1e-9);
        QCOMPARE(session().undoStack().count(), steps + 2); // one drag, one step back
        session().undoStack().undo();
        QVERIFY(std::abs(session().job().rig.bridge.rearGap_m - before + 1e-4) < 1e-9);
    }

    void whatIsRefusedLeavesThePictureToo() {
        window_->showFigures(true);
        auto* gap = find<QLineEdit>("bridge.rearGap");
        const auto drawn = [this] {
            return find<SceneView>("rigSection")->scene().find(QStringLiteral("plate-text"))->text;
        };
        const QString shown = drawn();
        gap->setFocus();
        gap->selectAll();
        QTest::keyClicks(gap, QStringLiteral("7"));
        QVERIFY(drawn() != shown);
        QTest::keyClicks(gap, QStringLiteral(" apples"));
        QTest::keyClick(gap, Qt::Key_Return);
        QVERIFY(!window_->message().isEmpty());
        QCOMPARE(gap->text(), QStringLiteral("4.2 mm"));
        QCOMPARE(drawn(), shown);
    }

    void triedValuesStayInTheirRange() {
        window_->showFigures(true);
        find<QCheckBox>("advanced")->click(); // seldom known, so not among the first
        auto* stop = find<QLineEdit>("bridge.forwardStop");
        stop->setFocus();
        for (int k = 0; k < 100; ++k)
            QTest::keyClick(stop, Qt::Key_Up, Qt::ShiftModifier);
        QTest::keyClick(stop, Qt::Key_Return);
        QVERIFY(window_->message().isEmpty());
        QVERIFY(session().job().rig.bridge.forwardStop_rad > radians(14.0));
        stop->selectAll();
        QTest::keyClicks(stop, QStringLiteral("no number"));
        QTest::keyClick(stop, Qt::Key_Up);
        QCOMPARE(stop->text(), QStringLiteral("no number")); // not guessed at
        QTest::keyClick(stop, Qt::Key_Escape);
    }

    void theWayWithTheClawIsChosen() {
        window_->lookAt(StepId::Plan);
        auto* table = window_->findChild<MethodTable*>();
        auto* tree = find<QTreeWidget>("methods");
        const auto choose = [&](int option) {
            table->finish();
            QTreeWidgetItem* topic = table->topicRow(QStringLiteral("clawStep"));
            QVERIFY(topic && topic->childCount() == 4);
            topic->setExpanded(true);
            tree->setFocus();
            tree->setCurrentItem(topic->child(option));
            QTest::keyClick(tree, Qt::Key_Return);
        };
        choose(3);
        QCOMPARE(session().job().method.claw, ClawMethod::CoarseThenQuarters);
        choose(2);
        QCOMPARE(session().job().method.claw, ClawMethod::Quarters);
        session().undoStack().undo();
        QCOMPARE(session().job().method.claw, ClawMethod::CoarseThenQuarters);
    }

    void otherSpringsAreAtHandWhereAllIsWell() {
        window_->openDemo(1);
        window_->lookAt(StepId::Plan);
        auto* tabs = find<QTabWidget>("planTabs");
        auto* springs = find<QTableWidget>("ways");
        QVERIFY(springs->rowCount() >= 5 && !springs->isVisible());
        for (int tab = 0; tab < tabs->count() && !springs->isVisible(); ++tab)
            tabs->setCurrentIndex(tab);
        QVERIFY(springs->isVisible());
        QVERIFY(tabs->tabText(tabs->currentIndex()).contains(QLatin1String("prings")));
        QCOMPARE(springs->item(0, 0)->text(), QStringLiteral("as it is"));
    }

    void waysOutAreShownBeforeAStringComesOff() {
        window_->openDemo(3);
        QCOMPARE(work().shownStep()->id, StepId::Plan);
        QVERIFY(find<QTableWidget>("ways")->rowCount() >= 4);
        QVERIFY(text("clawSentence").contains(QLatin1String("Do not start")));
    }

    void aBridgeOfAnotherKindShowsItsOwnFigures() {
        window_->actions().find("new")->trigger();
        window_->showFigures(true);
        auto* kind = find<QComboBox>("bridgeKind");
        QVERIFY(find<QLineEdit>("bridge.rearGap")->isVisible() && !find<QLineEdit>("bridge.shaft")->isVisible());
        kind->setFocus();
        for (int k = 0; k < 5; ++k)
            QTest::keyClick(kind, Qt::Key_Down);
        QCOMPARE(session().job().rig.bridge.family, Family::RollerShaft);
        QVERIFY(!find<QLineEdit>("bridge.rearGap")->isVisible() && find<QLineEdit>("bridge.shaft")->isVisible());
        QCOMPARE(session().derived().report.level.status, LevelStatus::Found);
        QTest::keyClick(kind, Qt::Key_Down);
        QCOMPARE(session().job().rig.bridge.family, Family::Fixed);
        for (int k = 0; k < 6; ++k)
            QTest::keyClick(kind, Qt::Key_Up);
        QCOMPARE(session().derived().report.level.status, LevelStatus::Found);
        auto* decked = find<QCheckBox>("decked");
        decked->click();
        QVERIFY(session().job().goal.deckLoad_Nm > 0.0);
        QCOMPARE(session().derived().report.level.status, LevelStatus::Found);
    }

    /// Whichever page asks for the kind, the shop's guitars of that kind say how one begins; the kind it is already
    /// changes nothing.
    void anotherKindBeginsAsTheShopsOwn() {
        for (unsigned seed = 1; seed <= 3; ++seed) {
            Job finished = newJob();
            setFamily(finished, Family::Headless);
            finished.guitar = QStringLiteral("headless %1").arg(seed);
            finished.work.state = JobState::Finished;
            SimulatedGuitar guitar(benchJobOf(finished), UncertaintyModel(), seed);
            for (int act = 0; act < 14; ++act)
                finished.log.push_back(guitar.perform(advise(benchJobOf(finished)).act));
            QVERIFY(book().add(finished).ok());
        }
        window_->actions().find("new")->trigger();
        QVERIFY(!session().job().shopPrior);
        window_->showFigures(true);
        auto* kind = find<QComboBox>("bridgeKind");
        kind->setFocus();
        for (auto k = static_cast<int>(Family::DoubleLocking); k < static_cast<int>(Family::Headless); ++k)
            QTest::keyClick(kind, Qt::Key_Down);
        QCOMPARE(session().job().rig.bridge.family, Family::Headless);
        QVERIFY(session().job().shopPrior);
        QCOMPARE(session().job().shopPrior->guitars, 3);
        const int entries = session().undoStack().count();
        find<QToolButton>("kind4")->click();
        QCOMPARE(session().undoStack().count(), entries);
        find<QToolButton>("kind0")->click();
        QVERIFY(session().job().rig.bridge.family == Family::DoubleLocking && !session().job().shopPrior);
    }

    void aSheetIsWrittenWholeOrNotAtAll() {
        const QString pdf = dir_->filePath(QStringLiteral("sheet.pdf"));
        QVERIFY(!window_->exchange().exportSheet(pdf));
        QFile file(pdf);
        QVERIFY(file.open(QIODevice::ReadOnly));
        const QByteArray bytes = file.readAll();
        QVERIFY(bytes.startsWith("%PDF-") && bytes.size() > 3000);
        QVERIFY(bytes.trimmed().endsWith("%%EOF"));
        QVERIFY(!window_->exchange().exportSheet(dir_->filePath(QStringLiteral("sheet.html"))));
        QVERIFY(
            window_->exchange().exportSheet(dir_->filePath(QStringLiteral("no/such/folder/sheet.pdf"))).has_value());
        QFile page(dir_->filePath(QStringLiteral("sheet.html")));
        QVERIFY(page.open(QIODevice::ReadOnly));
        const QByteArray html = page.readAll();
        QCOMPARE(html.count("src="), 1); // the chart, and it is in the page itself
        const QByteArray start("src='data:image/png;base64,");
        QVERIFY(html.contains(start));
        const qsizetype from = html.indexOf(start) + start.size();
        const QImage chart = QImage::fromData(QByteArray::fromBase64(html.mid(from, html.indexOf('\'', from) - from)));
        QVERIFY(chart.width() >= 1000 && chart.height() >= 500);
        window_->actions().find("sheet")->trigger();
        auto* dialog = window_->findChild<QDialog*>(QStringLiteral("paperPreview"));
        QVERIFY(dialog && dialog->isVisible());
        auto* pages = dialog->findChild<QPrintPreviewWidget*>(QStringLiteral("paperPages"));
        QTRY_VERIFY(pages->pageCount() >= 1);
        QVERIFY(dialog->findChild<QPushButton*>(QStringLiteral("printPaper"))->isEnabled());
        QTest::keyClick(dialog, Qt::Key_Escape);
        QVERIFY(!dialog->isVisible());
    }

    /// The card is one page on either paper, also with the longest name, in PDF and SVG; what its code says finds the
    /// guitar in the search. A printer that fails is said.
    void aCardGoesIntoTheCase() {
        QVERIFY(!session().addToLogbook(demoJob(1).value()));
        QVERIFY(!session().edit(QStringLiteral("name"), [](Job& job) {
            job.guitar =
                QStringLiteral("Long Meadow baritone with a recessed plate, third of its kind, %1 of the owner's");
        }));
        for (const bool large : {false, true}) {
            const QString pdf = dir_->filePath(QStringLiteral("card.pdf"));
            QVERIFY(!window_->exchange().exportCard(pdf, cardSize(large)));
            QFile file(pdf);
            QVERIFY(file.open(QIODevice::ReadOnly));
            const QByteArray bytes = file.readAll();
            QVERIFY(bytes.startsWith("%PDF-") && bytes.count("/Type /Page\n") == 1);
            const QString svg = dir_->filePath(QStringLiteral("card.svg"));
            QVERIFY(!window_->exchange().exportCard(svg, cardSize(large)));
            QSvgRenderer picture(svg);
            QVERIFY(picture.isValid());
            const QSizeF size = cardSize(large).size(QPageSize::Point);
            QVERIFY(std::abs(picture.viewBoxF().width() / picture.viewBoxF().height() - size.width() / size.height()) <
                    0.01);
            QImage drawn(420, 594, QImage::Format_RGB32);
            drawn.fill(Qt::white);
            QPainter painter(&drawn);
            picture.render(&painter);
            painter.end();
            // Something stands in the upper half and near the end, and nothing on the margin.
            const auto ink = [&](const QRect& part) {
                int dark = 0;
                for (int y = part.top(); y <= part.bottom(); ++y)
                    for (int x = part.left(); x <= part.right(); ++x)
                        dark += qGray(drawn.pixel(x, y)) < 128 ? 1 : 0;
                return dark;
            };
            QVERIFY(ink({20, 20, 380, 277}) > 500 && ink({20, 400, 380, 174}) > 50);
            QCOMPARE(ink({0, 0, 420, 8}) + ink({0, 586, 420, 8}) + ink({0, 0, 8, 594}) + ink({412, 0, 8, 594}), 0);
        }
        QVERIFY(window_->exchange().exportCard(dir_->filePath(QStringLiteral("no/such/card.pdf")), cardSize(false)));
        const GuitarCode code = codeOf(book(), *session().keptAs()).value();
        window_->showPage(MainWindow::Page::Shop);
        auto* search = find<QLineEdit>("search");
        search->setFocus();
        QTest::keyClicks(search, codeDigits(code));
        auto* jobs = find<QTableWidget>("jobs");
        QCOMPARE(jobs->rowCount(), 1);
        QCOMPARE(jobs->item(0, 0)->text(), session().job().guitar);
        search->clear();
        QTest::keyClicks(search, codeDigits({code.shop == 123456 ? 123457 : 123456, code.job}));
        QCOMPARE(jobs->rowCount(), 0);
        QVERIFY2(text("history").contains(QLatin1String("another shop")), qPrintable(text("history")));
        search->clear();
        window_->actions().find("caseCard")->trigger();
        auto* dialog = find<PaperDialog>("paperPreview");
        QVERIFY(dialog->isVisible());
        auto* sizes = dialog->findChild<QComboBox*>(QStringLiteral("paperSize"));
        QCOMPARE(sizes->count(), 2);
        QTest::keyClick(sizes, Qt::Key_Down);
        auto* pages = dialog->findChild<QPrintPreviewWidget*>(QStringLiteral("paperPages"));
        QTRY_COMPARE(pages->pageCount(), 1);
        QPrinter broken;
        broken.setOutputFormat(QPrinter::PdfFormat);
        broken.setOutputFileName(dir_->filePath(QStringLiteral("no/such/folder/card.pdf")));
        dialog->printTo(broken);
        QVERIFY2(window_->message().contains(QLatin1String("did not take it")), qPrintable(window_->message()));
        QTest::keyClick(dialog, Qt::Key_Escape);
        QVERIFY(!dialog->isVisible());
    }
};

QTEST_MAIN(TestPages)
#include "test_pages.moc"
