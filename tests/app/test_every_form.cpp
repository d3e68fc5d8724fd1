// SPDX-License-Identifier: GPL-3.0-or-later
// What holds of every form: it follows the job, has its unit, its name and its room.
#include "app/main_window.h"
#include "session/document/demo.h"
#include "store/job_json.h"
#include "support/step_forms.h"
#include "widgets/controls/field_table.h"
#include "widgets/controls/scene_view.h"
#include "widgets/dialogs/job_sheet.h"
#include "widgets/pages/step_panel.h"
#include "widgets/text/step_figures.h"

#include <QCheckBox>
#include <QComboBox>
#include <QInputDialog>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QRegularExpression>
#include <QTableWidget>
#include <QTest>
#include <QTimer>

using namespace flenzo;
using namespace flenzo::testing;

class TestEveryForm : public QObject, protected StepFormFixture {
    Q_OBJECT
private Q_SLOTS:
    void init() { beginShop(); }
    void cleanup() { endShop(); }

    /// Undo, or another bench, changes what a form shows; leaving a field writes only what was typed in it.
    void formsFollowTheJob() {
        openAt(0, StepId::LookOver);
        find<QPushButton>("moreCard")->click();
        auto* contact = find<QLineEdit>("cardContact");
        auto* block = find<QLineEdit>("cardBlock");
        type("cardContact", QStringLiteral("rings after six"));
        QTest::keyClick(contact, Qt::Key_Return);
        QCOMPARE(job().card.contact, QStringLiteral("rings after six"));
        find<QCheckBox>("cardLeft")->click();
        const bool left = job().card.leftHanded;
        session().undoStack().undo();
        QCOMPARE(find<QCheckBox>("cardLeft")->isChecked(), !left);
        session().undoStack().undo();
        QVERIFY(contact->text().isEmpty());
        contact->setFocus();
        QTest::keyClick(contact, Qt::Key_Return);
        QVERIFY(job().card.contact.isEmpty() && session().undoStack().canRedo()); // nothing was written back
        // What is being typed stays while something else changes, and is written when it is meant.
        type("cardBlock", QStringLiteral("felt st"));
        QVERIFY(!session().edit(QStringLiteral("card"), [](Job& changed) {
            changed.card.contact = QStringLiteral("by letter");
            changed.card.block = QStringLiteral("wedge");
        }));
        QCOMPARE(contact->text(), QStringLiteral("by letter"));
        QCOMPARE(block->text(), QStringLiteral("felt st"));
        QTest::keyClicks(block, QStringLiteral("rip"));
        QTest::keyClick(block, Qt::Key_Return);
        QCOMPARE(job().card.block, QStringLiteral("felt strip"));
    }

    /// The figures keep the cell one types in while the guitar is read beside.
    void aCellStaysOpenWhileTheGuitarIsRead() {
        openAt(0, StepId::Plan);
        window_->showFigures(true);
        auto* table = window_->findChild<FieldTable*>();
        QVERIFY(table && table->model()->rowCount() > 1);
        const QModelIndex cell = table->model()->index(1, 0);
        table->setCurrentIndex(cell);
        table->edit(cell);
        auto* editor = table->findChild<QLineEdit*>();
        QVERIFY(editor);
        editor->setText(QStringLiteral("123"));
        QVERIFY(!session().append(QStringLiteral("read"), Event::read(0, -3.0)));
        QVERIFY(table->findChild<QLineEdit*>() == editor);
        QCOMPARE(editor->text(), QStringLiteral("123"));
    }

    /// A form of one job is not that of the next: seven strings are no six.
    void theNextJobHasItsOwnForm() {
        const auto begin = [this](int demo) {
            Job opened = demoJob(demo).value();
            opened.log.clear();
            QVERIFY(!session().start(opened, QString(), Unsaved::Discard));
            window_->lookAt(StepId::ReturnTest);
        };
        begin(2);
        const auto strings = job().rig.strings.size();
        QCOMPARE(find<QTableWidget>("returnTable")->rowCount(), static_cast<int>(strings));
        begin(0);
        QVERIFY(job().rig.strings.size() != strings);
        auto* table = find<QTableWidget>("returnTable");
        QCOMPARE(table->rowCount(), static_cast<int>(job().rig.strings.size()));
        for (int row = 0; row < table->rowCount(); ++row)
            for (int column = 0; column < 3; ++column)
                table->setItem(row, column, new QTableWidgetItem(QStringLiteral("0.5")));
        QVERIFY(find<QPushButton>("saveReturn")->isEnabled());
        table->setItem(0, 1, new QTableWidgetItem(QStringLiteral("-1,5")));
        QTest::mouseClick(find<QPushButton>("saveReturn"), Qt::LeftButton);
        QCOMPARE(job().work.returns.size(), 1); // as figures, not as words
        QCOMPARE(job().work.returns.first().test.afterDive_cents.front(), -1.5);
        QVERIFY(illustratedSheet(job(), derived(), Units{}).contains(QLatin1String("0.5 / -1.5 / 0.5")));
        QCOMPARE(jobFromJson(jobToJson(job())).value().work.returns, job().work.returns);
    }

    /// The strings are in their lanes wherever they are looked at, as the bench has them; a lane leads to its reading.
    void theLanesShowWhatAFormHasRead() {
        openAt(0, StepId::ReturnTest);
        auto* lanes = find<SceneView>("stepLanes");
        auto* table = find<QTableWidget>("returnTable");
        QVERIFY(lanes->isVisible() && !find<QWidget>("stepPicture")->isVisible());
        QVERIFY(!lanes->scene().find(QStringLiteral("place-1")));
        table->setItem(1, 0, new QTableWidgetItem(QStringLiteral("0.5")));
        table->setItem(1, 1, new QTableWidgetItem(QStringLiteral("-6,5")));
        QVERIFY(lanes->scene().find(QStringLiteral("figure-1"))->text.contains(QLatin1String("6.5")));
        QVERIFY(lanes->scene().find(QStringLiteral("before")));
        QVERIFY(!lanes->scene().find(QStringLiteral("peg-1"))); // there is no peg to turn
        QTest::mouseClick(lanes, Qt::LeftButton, {},
                          lanes->scene().find(QStringLiteral("lane-3"))->points.boundingRect().center().toPoint());
        QCOMPARE(table->currentRow(), 3);
        QVERIFY(table->hasFocus());

        openAt(0, StepId::Intonate);
        lanes = find<SceneView>("stepLanes");
        QVERIFY(lanes->scene().description.contains(QLatin1String("calculated"))); // a guess is no reading
        find<QTableWidget>("intonation")->setItem(0, 0, new QTableWidgetItem(QStringLiteral("7")));
        QVERIFY2(lanes->scene().description.contains(QStringLiteral("+7.0 ¢, measured")),
                 qPrintable(lanes->scene().description));
        QVERIFY(lanes->scene().find(QStringLiteral("remark-0"))->text.contains(QLatin1String("back")));

        openAt(0, StepId::Lock);
        lanes = find<SceneView>("stepLanes");
        QVERIFY(lanes->isVisible() && find<QWidget>("stepPicture")->isVisible());
        openAt(0, StepId::Plan);
        QVERIFY(!find<QWidget>("stepLanes")->isVisible());
    }

    void noTensionIsShownWhileTheStringsAreOff() {
        const auto tension = [this] {
            for (const QLabel* chip : window_->findChildren<QLabel*>())
                if (chip->text().startsWith(QLatin1String("tension on, ")))
                    return !chip->isHidden();
            return false;
        };
        openAt(0, StepId::Slacken);
        QVERIFY(tension());
        openAt(0, StepId::Seat);
        QVERIFY(!tension());
        openAt(0, StepId::RoughTune);
        QVERIFY(tension());
    }

    /// Whoever works in inches types and reads them everywhere a length is asked or said.
    void inchesAreTypedAndReadInEveryForm() {
        const auto inches = [this] {
            if (!window_->context().preferences().units.inches)
                action(QStringLiteral("Lengths in inches"))->trigger();
        };
        inches();
        openAt(0, StepId::Height);
        for (const auto& [field, words] : {std::pair("actionBass", "0.080"),
                                           {"actionTreble", ".064"},
                                           {"wishBass", "0.072"},
                                           {"wishTreble", "1.8 mm"}})
            type(field, QLatin1String(words));
        QVERIFY2(text("heightSays").contains(QLatin1String("Bass bridge post: lower by 0.016 in")),
                 qPrintable(text("heightSays")));
        QVERIFY2(text("heightSays").contains(QLatin1String("Treble bridge post: raise by 0.014 in")),
                 qPrintable(text("heightSays")));
        type("wishTreble", QStringLiteral("9"));
        QVERIFY2(text("heightSays").contains(QLatin1String(" in")),
                 qPrintable(text("heightSays"))); // the range, in theirs
        openAt(0, StepId::Intonate);
        QVERIFY(text("intonationSays").contains(QLatin1String(" in,")));
        auto* octaves = find<QTableWidget>("intonation");
        octaves->setItem(0, 0, new QTableWidgetItem(QStringLiteral("4")));
        QVERIFY(octaves->item(0, 2)->text().endsWith(QLatin1String(" in")));
        openAt(4, StepId::Intonate);
        octaves = find<QTableWidget>("intonation");
        for (int row = 0; row < octaves->rowCount(); ++row)
            octaves->setItem(row, 0, new QTableWidgetItem(QStringLiteral("3")));
        QVERIFY(text("intonationSays").contains(QLatin1String(" in away")));
        openAt(0, StepId::OldSet); // a caliper's number says by its size what it is
        type("caliper", QStringLiteral(".046"));
        type("caliperThin", QStringLiteral("0.254"));
        QVERIFY2(text("caliperSays").contains(QLatin1String("46.0 thousandths")) &&
                     text("caliperSays").contains(QLatin1String("10.0 thousandths")),
                 qPrintable(text("caliperSays")));
        openAt(0, StepId::Tune);
        bench().pickGap();
        auto* entry = find<QLineEdit>("entry");
        QTest::keyClicks(entry, QStringLiteral("0.3"));
        QTest::keyClick(entry, Qt::Key_Return);
        QVERIFY(std::abs(*job().log.back().gap_m - 0.3 * 0.0254) < 1e-9);
        QVERIFY(find<QLabel>("entryName") ? text("entryName").contains(QLatin1String("in")) : true);
        openAt(0, StepId::BlockIn);
        QTimer::singleShot(0, this, [] {
            for (QWidget* top : QApplication::topLevelWidgets())
                if (auto* dialog = qobject_cast<QInputDialog*>(top); dialog && dialog->isVisible()) {
                    QVERIFY2(dialog->labelText().endsWith(QLatin1String(" in")), qPrintable(dialog->labelText()));
                    dialog->setTextValue(QStringLiteral("0.31"));
                    dialog->accept();
                }
        });
        action(QStringLiteral("Put a block in"))->trigger();
        QCOMPARE(job().log.back().kind, Event::Kind::Block);
        QVERIFY(std::abs(gapAt_m(job().rig.bridge, job().log.back().block.angle_rad) - 0.31 * 0.0254) < 1e-6);
        // And nothing that is said of a length still says it in millimetres, but for screws, which are metric.
        for (const StepId id : {StepId::Plan, StepId::BlockIn, StepId::Level, StepId::Height}) {
            openAt(0, id);
            for (const QLabel* words : window_->findChildren<QLabel*>())
                if (words->isVisible() && words->objectName() != QLatin1String("stepTools"))
                    QVERIFY2(!words->text().contains(QRegularExpression(QStringLiteral("[0-9] mm\\b"))),
                             qPrintable(words->objectName() + words->text()));
        }
    }

    void everyFormFieldHasANameAndFits() {
        for (const StepId id : {StepId::LookOver, StepId::AskOwner, StepId::OldSet, StepId::Plan, StepId::Settle,
                                StepId::Height, StepId::Intonate}) {
            openAt(0, id);
            for (QWidget* field : window_->findChild<StepPanel*>()->findChildren<QWidget*>()) {
                const bool control = qobject_cast<QLineEdit*>(field) || qobject_cast<QComboBox*>(field) ||
                                     qobject_cast<QTableWidget*>(field);
                if (!control || !field->isVisible() || field->objectName().startsWith(QLatin1String("qt_")))
                    continue;
                QVERIFY2(!field->accessibleName().isEmpty(), qPrintable(field->objectName()));
                QVERIFY2(field->width() >= 60, qPrintable(field->objectName()));
            }
        }
    }
};

QTEST_MAIN(TestEveryForm)
#include "test_every_form.moc"
