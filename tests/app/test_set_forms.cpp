// SPDX-License-Identifier: GPL-3.0-or-later
// Where strings are typed, chosen and followed.
#include "app/main_window.h"
#include "support/step_forms.h"
#include "widgets/controls/set_comparison.h"
#include "widgets/text/step_figures.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDialog>
#include <QLabel>
#include <QListWidget>
#include <QPushButton>
#include <QSpinBox>
#include <QTest>

using namespace flenzo;
using namespace flenzo::testing;

class TestSetForms : public QObject, protected StepFormFixture {
    Q_OBJECT
private Q_SLOTS:
    void init() { beginShop(); }
    void cleanup() { endShop(); }

    /// A set of one's own, typed where a set is chosen, saved under a name, renamed and deleted.
    void aSetIsTypedSavedRenamedAndDeleted() {
        openAt(2, StepId::OldSet);
        auto* on = find<QComboBox>("onSet");
        on->lineEdit()->setFocus();
        on->lineEdit()->selectAll();
        QTest::keyClicks(on->lineEdit(), QStringLiteral("9 11 16 24 32"));
        QTest::keyClick(on->lineEdit(), Qt::Key_Return);
        QVERIFY2(window_->message().contains(QLatin1String("has 5 gauges; this guitar has 6 strings")),
                 qPrintable(window_->message()));
        on->lineEdit()->selectAll();
        QTest::keyClicks(on->lineEdit(), QStringLiteral("9 11 16 24 32 42"));
        QTest::keyClick(on->lineEdit(), Qt::Key_Return);
        QCOMPARE(job().onPicks.setName, QStringLiteral("Six, 9 to 42"));
        QVERIFY(std::abs(job().rig.strings.front().wire.gauge_m / (42 * 25.4e-6) - 1.0) < 0.001);
        answerWith(QStringLiteral("Light pair"));
        QTest::mouseClick(find<QPushButton>("saveSet"), Qt::LeftButton);
        QCOMPARE(job().onPicks.setName, QStringLiteral("Light pair"));
        QVERIFY(find<QComboBox>("offSet")->findText(QStringLiteral("Light pair")) >= 0);
        QTest::mouseClick(find<QPushButton>("ownSets"), Qt::LeftButton);
        auto* list = find<QListWidget>("ownSetList");
        QTRY_VERIFY(list->isVisible());
        list->item(0)->setText(QStringLiteral("Light set"));
        QCOMPARE(window_->context().own().sets.front().name, QStringLiteral("Light set"));
        list->item(0)->setText(QStringLiteral("  "));
        QCOMPARE(list->item(0)->text(), QStringLiteral("Light set")); // no name is taken back
        OwnCatalogue two = window_->context().own();
        two.sets.push_back({QStringLiteral("Other set"), two.sets.front().items});
        window_->context().setOwn(two);
        list->item(1)->setText(QStringLiteral("Light set"));
        QCOMPARE(list->item(1)->text(), QStringLiteral("Other set")); // two of one name could not be told apart
        QVERIFY(window_->message().contains(QLatin1String("is there already")));
        list->setCurrentRow(1);
        QTest::mouseClick(find<QPushButton>("deleteOwn"), Qt::LeftButton);
        list->setCurrentRow(0);
        QTest::mouseClick(find<QPushButton>("deleteOwn"), Qt::LeftButton);
        QVERIFY(window_->context().own().sets.empty() && list->count() == 0);
        list->window()->close();
    }

    /// The set that is sold and needs no claw turn is asked for, planned, and taken back with one step.
    void aSetIsChosenThatKeepsTheBalance() {
        openAt(2, StepId::OldSet);
        const Rig before = job().rig;
        QTest::mouseClick(find<QPushButton>("openChooseStrings"), Qt::LeftButton);
        auto* dialog = find<QDialog>("chooseStrings");
        QTRY_VERIFY(dialog->isVisible());
        const auto verdict = [&] { return dialog->findChild<QLabel*>(QStringLiteral("choiceVerdict"))->text(); };
        QVERIFY2(verdict().contains(QLatin1String("no claw turn")), qPrintable(verdict()));
        auto* table = dialog->findChild<SetComparison*>(QStringLiteral("setComparison"));
        QVERIFY(table->rowCount() > static_cast<int>(before.strings.size()));
        QCOMPARE(table->columnCount(), 4);
        // What passes and minutes each takes comes when it has been played; what came off is not played.
        table->finish();
        const int minutes = rowOf(table, QStringLiteral("Minutes, whole job"));
        QCOMPARE(table->item(minutes, 1)->text(), QStringLiteral("–"));
        for (const int column : {2, 3})
            QVERIFY2(table->item(minutes, column)->text().at(0).isDigit(),
                     qPrintable(table->item(minutes, column)->text()));
        // The arm by keys: the verdict follows, and says so where strings alone do not reach it.
        auto* arm = dialog->findChild<QSpinBox*>(QStringLiteral("armPercent"));
        arm->setFocus();
        QTest::keyClick(arm, Qt::Key_A, Qt::ControlModifier);
        QTest::keyClicks(arm, QStringLiteral("-50"));
        QTest::keyClick(arm, Qt::Key_Tab);
        QVERIFY(dialog->findChild<QPushButton*>(QStringLiteral("wishArm"))->isChecked());
        QVERIFY2(verdict().contains(QLatin1String("Strings alone")), qPrintable(verdict()));
        QTest::mouseClick(dialog->findChild<QPushButton*>(QStringLiteral("wishBalance")), Qt::LeftButton);
        QVERIFY(verdict().contains(QLatin1String("no claw turn")));
        QTest::mouseClick(dialog->findChild<QPushButton*>(QStringLiteral("planChosen")), Qt::LeftButton);
        QTRY_VERIFY(!dialog->isVisible());
        QVERIFY(job().rig.strings != before.strings);
        QTRY_COMPARE(session().derived().report.verdict, Verdict::Same);
        for (const StringPick& pick : job().onPicks.strings)
            QVERIFY(window_->context().catalogue().stringById(pick.item));
        session().undoStack().undo();
        QVERIFY(job().rig.strings == before.strings);
    }

    /// A set that is typed, and one by name, stand beside the chosen one with what they do, and can be planned.
    void aSetBesideIsTypedAndPlanned() {
        openAt(2, StepId::OldSet);
        const std::size_t strings = job().rig.strings.size();
        QTest::mouseClick(find<QPushButton>("openChooseStrings"), Qt::LeftButton);
        auto* dialog = find<QDialog>("chooseStrings");
        QTRY_VERIFY(dialog->isVisible());
        auto* table = dialog->findChild<SetComparison*>(QStringLiteral("setComparison"));
        auto* beside = dialog->findChild<QComboBox*>(QStringLiteral("setBeside"));
        auto* verdict = dialog->findChild<QLabel*>(QStringLiteral("choiceVerdict"));
        QVERIFY(beside->count() > 1 && beside->currentText().isEmpty());
        const auto typeBeside = [beside](const QString& gauges) {
            beside->lineEdit()->setFocus();
            beside->lineEdit()->clear();
            QTest::keyClicks(beside->lineEdit(), gauges);
            QTest::keyClick(beside->lineEdit(), Qt::Key_Return);
        };
        typeBeside(QStringLiteral("9 11"));
        QVERIFY2(verdict->text().contains(QLatin1String("Beside:")), qPrintable(verdict->text()));
        QCOMPARE(table->columnCount(), 4);
        QCOMPARE(strings, std::size_t(6));
        typeBeside(QStringLiteral("46 36 26 17 13 8.5"));
        QCOMPARE(table->columnCount(), 5);
        QCOMPARE(table->horizontalHeaderItem(4)->text(), QStringLiteral("Beside"));
        const QString thinnest = table->item(static_cast<int>(strings) - 1, 4)->text();
        QVERIFY2(thinnest.startsWith(QLatin1String("0.216 ")), qPrintable(thinnest));
        beside->setCurrentIndex(0);
        Q_EMIT beside->activated(0);
        QCOMPARE(table->columnCount(), 5);
        const QString name = beside->itemData(0).toString();
        auto* plan = dialog->findChild<QPushButton*>(QStringLiteral("planBeside"));
        if (job().onPicks.setName != name) {
            QVERIFY(plan->isEnabled());
            QTest::mouseClick(plan, Qt::LeftButton);
            QTRY_VERIFY(!dialog->isVisible());
            QCOMPARE(job().onPicks.setName, name);
            session().undoStack().undo();
            QVERIFY(job().onPicks.setName != name);
        }
    }

    /// Where springs may go in too, the arm comes as wished; what is planned has them.
    void otherSpringsBringTheArm() {
        openAt(2, StepId::OldSet);
        const std::vector<Spring> before = job().rig.springs;
        QTest::mouseClick(find<QPushButton>("openChooseStrings"), Qt::LeftButton);
        auto* dialog = find<QDialog>("chooseStrings");
        QTRY_VERIFY(dialog->isVisible());
        auto* verdict = dialog->findChild<QLabel*>(QStringLiteral("choiceVerdict"));
        auto* arm = dialog->findChild<QSpinBox*>(QStringLiteral("armPercent"));
        arm->setFocus();
        QTest::keyClick(arm, Qt::Key_A, Qt::ControlModifier);
        QTest::keyClicks(arm, QStringLiteral("60"));
        QTest::keyClick(arm, Qt::Key_Tab);
        QVERIFY2(verdict->text().contains(QLatin1String("Strings alone")), qPrintable(verdict->text()));
        QTest::keyClick(dialog->findChild<QCheckBox*>(QStringLiteral("springsToo")), Qt::Key_Space);
        QVERIFY2(verdict->text().contains(QLatin1String("spring")) &&
                     verdict->text().contains(QLatin1String("as wished")),
                 qPrintable(verdict->text()));
        QTest::mouseClick(dialog->findChild<QPushButton*>(QStringLiteral("planChosen")), Qt::LeftButton);
        QTRY_VERIFY(!dialog->isVisible());
        QVERIFY(job().rig.springs != before);
        session().undoStack().undo();
        QVERIFY(job().rig.springs == before);
    }

    /// Another guitar of the shop is followed; one with other strings is refused with what would do, and so is a drawer
    /// in which nothing lies.
    void anotherGuitarAndTheDrawersAreFollowed() {
        window_->stockWithDemo();
        openAt(2, StepId::OldSet);
        const int strings = static_cast<int>(job().rig.strings.size());
        QTest::mouseClick(find<QPushButton>("openChooseStrings"), Qt::LeftButton);
        auto* dialog = find<QDialog>("chooseStrings");
        QTRY_VERIFY(dialog->isVisible());
        auto* others = dialog->findChild<QComboBox*>(QStringLiteral("otherGuitar"));
        auto* verdict = dialog->findChild<QLabel*>(QStringLiteral("choiceVerdict"));
        auto* table = dialog->findChild<SetComparison*>(QStringLiteral("setComparison"));
        QVERIFY(others->count() > 3 && others->findText(job().guitar) < 0);
        int followed = 0, refused = 0;
        for (int row = 0; row < others->count(); ++row) {
            const auto other = session().logbook()->job(others->itemData(row).toLongLong());
            QVERIFY(other.ok());
            others->setCurrentIndex(row);
            Q_EMIT others->activated(row);
            QVERIFY(dialog->findChild<QPushButton*>(QStringLiteral("wishLike"))->isChecked());
            const bool alike = static_cast<int>(other.value().rig.strings.size()) == strings;
            const bool said = verdict->text().contains(QStringLiteral("Choose one with %1").arg(strings));
            QVERIFY2(alike != said, qPrintable(others->itemText(row) + verdict->text()));
            if (alike && table->isVisible()) {
                ++followed;
                QCOMPARE(table->horizontalHeaderItem(4)->text(), other.value().guitar);
            }
            refused += said ? 1 : 0;
        }
        QVERIFY2(followed > 0 && refused > 0, qPrintable(QStringLiteral("%1 %2").arg(followed).arg(refused)));
        QTest::mouseClick(dialog->findChild<QPushButton*>(QStringLiteral("wishBalance")), Qt::LeftButton);
        QVERIFY(table->isVisible());
        auto* drawers = dialog->findChild<QCheckBox*>(QStringLiteral("drawersOnly"));
        QTest::keyClick(drawers, Qt::Key_Space);
        QVERIFY(drawers->isChecked() && !table->isVisible());
        QVERIFY2(verdict->text().contains(QLatin1String("drawers")), qPrintable(verdict->text()));
        QTest::keyClick(drawers, Qt::Key_Space);
        QVERIFY(table->isVisible());
        dialog->close();
    }

    /// A tuning that no wire bears is said, with the string and what to do.
    void aTuningThatNothingBearsIsSaid() {
        openAt(2, StepId::OldSet);
        // As thin as it may be, a plain wire of that length bears no more than a certain pitch.
        const double share = figuresOf(job().rig, job().goal, job().method.order).ofBreaking.back();
        QVERIFY(!session().edit(QStringLiteral("pitch"),
                                [share](Job& job) { job.rig.strings.back().target_Hz *= std::sqrt(0.9 / share); }));
        QTest::mouseClick(find<QPushButton>("openChooseStrings"), Qt::LeftButton);
        auto* dialog = find<QDialog>("chooseStrings");
        QTRY_VERIFY(dialog->isVisible());
        auto* verdict = dialog->findChild<QLabel*>(QStringLiteral("choiceVerdict"));
        QVERIFY2(verdict->text().contains(QLatin1String("choose a lower tuning")), qPrintable(verdict->text()));
        QVERIFY(!dialog->findChild<QPushButton*>(QStringLiteral("planChosen"))->isEnabled());
        QTest::keyClick(dialog, Qt::Key_Escape);
        QTRY_VERIFY(!dialog->isVisible());
    }
};

QTEST_MAIN(TestSetForms)
#include "test_set_forms.moc"
