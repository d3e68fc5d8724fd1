// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/help_page.h"
#include "app/main_window.h"
#include "domain/job/edits.h"
#include "domain/work/warnings.h"
#include "session/document/demo.h"
#include "support/window.h"
#include "widgets/controls/phase_path.h"
#include "widgets/controls/scene_view.h"
#include "widgets/pages/bench_page.h"
#include "widgets/pages/step_panel.h"

#include <QAccessible>
#include <QCheckBox>
#include <QComboBox>
#include <QFile>
#include <QLineEdit>
#include <QListWidget>
#include <QMouseEvent>
#include <QPushButton>
#include <QRegularExpression>
#include <QScrollArea>
#include <QScrollBar>
#include <QTableView>
#include <QTest>
#include <QTextBrowser>
#include <QToolButton>
#include <algorithm>
#include <cmath>

using namespace flenzo;
using namespace flenzo::testing;

/// One path: what somebody new would do, by keys, from an empty shop.
class TestPath : public QObject, protected WindowFixture {
    Q_OBJECT

    [[nodiscard]] const Job& job() const { return session().job(); }
    [[nodiscard]] StepId at() const { return currentStep(job(), derived())->id; }
    void key(Qt::Key key, Qt::KeyboardModifiers with = Qt::NoModifier) { QTest::keyClick(focus(), key, with); }
    [[nodiscard]] QWidget* focus() const { return window_->focusWidget() ? window_->focusWidget() : window_.get(); }
    /// Goes on with Tab until that field has the keyboard.
    void tabTo(const char* name) {
        for (int k = 0; k < 60 && focus()->objectName() != QLatin1String(name); ++k)
            key(Qt::Key_Tab);
        QCOMPARE(focus()->objectName(), QLatin1String(name));
    }
    void keep(int demo) {
        Job opened = demoJob(demo).value();
        opened.log.clear();
        QVERIFY(!session().addToLogbook(opened));
        window_->showWork();
    }

private Q_SLOTS:
    void init() { beginShop(); }
    void cleanup() { endShop(); }

    /// Three questions by keys alone, and the first answer is there.
    void threeQuestionsLeadToTheFirstAnswer() {
        QTest::mouseClick(find<QPushButton>("firstGuitar"), Qt::LeftButton);
        QCOMPARE(at(), StepId::LookOver);
        QCOMPARE(focus()->objectName(), QStringLiteral("cardGuitar")); // the keyboard is there already
        QTest::keyClicks(focus(), QStringLiteral("Marsh Tern"));
        tabTo("kind0");
        key(Qt::Key_2); // double-locking, flush
        QCOMPARE(job().rig.bridge.family, Family::DoubleLockingFlush);
        QCOMPARE(job().card.nut, Nut::Caps);
        QVERIFY(job().card.retainerBar && job().card.cavityCover);
        key(Qt::Key_Left);
        QCOMPARE(job().rig.bridge.family, Family::DoubleLocking);
        tabTo("firstCount");
        key(Qt::Key_Down); // seven strings
        QCOMPARE(job().rig.strings.size(), std::size_t{7});
        const QString before = text("firstAct") + text("firstTurns");
        tabTo("onSet");
        for (int k = 0; k < 3; ++k)
            key(Qt::Key_Down);
        QVERIFY(text("firstAct") + text("firstTurns") != before); // another set, another answer, at once
        tabTo("oldLevel");                                        // one of five: arrows choose among them
        key(Qt::Key_Right);
        QVERIFY(job().wasLevel && job().oldAngle_rad < 0.0);
        QCOMPARE(at(), StepId::LookOver); // no key of these ended the step
        QCOMPARE(job().guitar, QStringLiteral("Marsh Tern"));
        session().finishRemaining();
        QTRY_VERIFY(text("firstSum").contains(QLatin1String("min")));
        QVERIFY(text("firstAssumed").contains(QLatin1String("assumed")));
        key(Qt::Key_Return, Qt::ControlModifier);
        QCOMPARE(at(), StepId::AskOwner);
    }

    /// What was said of the old set is drawn before anything is read, not a surprise.
    void thePictureShowsWhatWasSaid() {
        window_->newGuitar();
        const auto drawn = [this] {
            return find<SceneView>("firstSection")->scene().find(QStringLiteral("plate-text"))->text;
        };
        QVERIFY2(drawn().contains(QLatin1String("plate level")), qPrintable(drawn()));
        QTest::mouseClick(find<QPushButton>("oldForward"), Qt::LeftButton);
        QVERIFY2(drawn().contains(QLatin1String("forward 1.20")), qPrintable(drawn()));
        auto* angle = find<QLineEdit>("oldAngle");
        angle->setFocus();
        angle->selectAll();
        QTest::keyClicks(angle, QStringLiteral("3.1 mm"));
        QTest::keyClick(angle, Qt::Key_Return);
        QVERIFY(job().oldAngle_rad < 0.0);
        const auto& marks = find<SceneView>("firstSection")->scene().marks;
        QVERIFY(std::any_of(marks.begin(), marks.end(), [](const Mark& mark) {
            return mark.text.contains(QLatin1String("3.10 mm")); // as the ruler was read
        }));
        QTest::mouseClick(find<QPushButton>("oldOnBody"), Qt::LeftButton);
        QCOMPARE(job().oldAngle_rad, job().rig.bridge.rearStop_rad);
        QVERIFY(find<QPushButton>("oldOnBody")->isChecked() && job().oldSet().pressed_Nm > 0.0);
    }

    void lookingAheadDoesNothing() {
        keep(0);
        const Work before = job().work;
        QTest::mouseClick(window_->findChild<PhaseButton*>(QStringLiteral("phase3")), Qt::LeftButton);
        QCOMPARE(specOf(work().shownStep()->id).phase, Phase::String);
        QVERIFY(find("looking")->isVisible() && find<QPushButton>("toWork")->isVisible());
        QTest::keyClick(&work(), Qt::Key_Space); // back to the work; nothing was done
        QCOMPARE(work().shownStep()->id, StepId::LookOver);
        QTest::keyClick(&work(), Qt::Key_Right);
        QCOMPARE(work().shownStep()->id, StepId::AskOwner);
        for (const char* name : {"stepSkip", "stepNote", "stepPhoto"}) // they would go to another step than is seen
            QVERIFY(!find<QPushButton>(name)->isEnabled());
        QTest::keyClick(&work(), Qt::Key_Escape);
        QVERIFY(find<QPushButton>("stepNote")->isEnabled());
        QCOMPARE(work().shownStep()->id, StepId::LookOver);
        auto* steps = find<QListWidget>("steps");
        QTest::mouseClick(steps->viewport(), Qt::LeftButton, {}, steps->visualItemRect(steps->item(2)).center());
        QCOMPARE(work().shownStep()->id, StepId::OldSet);
        QCOMPARE(job().work, before);
    }

    /// The path moves with the readings; what is typed on the bench never ends a step by itself.
    void thePathFollowsTheReadings() {
        keep(0);
        window_->showBench();
        auto* entry = find<QLineEdit>("entry");
        const std::vector<RigString> strings = job().rig.strings; // the job changes meanwhile
        for (const RigString& string : strings) {
            QTest::keyClicks(entry, QStringLiteral("%1=-180").arg(QString::fromStdString(string.name)));
            QTest::keyClick(entry, Qt::Key_Return);
        }
        QVERIFY(job().work.records.isEmpty());
        QCOMPARE(at(), StepId::RoughTune);
        QTest::keyClick(entry, Qt::Key_Escape);
        QVERIFY(work().isAtBench()); // it is the bench's step
        QVERIFY(text("benchStep").startsWith(QLatin1String("Rough tune")));
        QVERIFY(find<QLabel>("benchCaution")->isVisible());
        QTest::keyClick(entry, Qt::Key_PageUp);
        QVERIFY(at() != StepId::RoughTune && !work().isAtBench());
    }

    void stringsAreTickedByTheirNumber() {
        keep(0);
        window_->lookAt(StepId::Seat);
        QVERIFY(!isTicked(job(), StepId::Seat, QStringLiteral("seated"), 0));
        QTest::keyClick(&work(), Qt::Key_7);
        QVERIFY(isTicked(job(), StepId::Seat, QStringLiteral("seated"), 0));
        QTest::keyClick(&work(), Qt::Key_7);
        QVERIFY(isTicked(job(), StepId::Seat, QStringLiteral("pulled"), 0));
        QVERIFY(find<QCheckBox>("tick pulled:0")->isChecked());
        session().undoStack().undo();
        QVERIFY(!find<QCheckBox>("tick pulled:0")->isChecked());
        window_->lookAt(StepId::Slacken); // the picture follows the ticks
        const auto dashed = [this] {
            return find<SceneView>("stepPicture")->scene().find(QStringLiteral("string-7"))->dashed;
        };
        QVERIFY(!dashed());
        QTest::keyClick(&work(), Qt::Key_7);
        QVERIFY(dashed());
    }

    void theTrayHasThisGuitarsTools() {
        keep(0);
        QVERIFY(!session().edit(QStringLiteral("key"), [](Job& edited) {
            edited.card.keys[QStringLiteral("caps")] = QStringLiteral("3 mm");
        }));
        window_->lookAt(StepId::Tools);
        auto* caps = find<QCheckBox>("tick key caps");
        QVERIFY(caps->text().contains(QLatin1String("3 mm")));
        caps->click();
        QCOMPARE(job().work.ticks.value(QStringLiteral("tools")), QStringList(QStringLiteral("key caps")));
        keep(4); // a roller shaft has neither caps nor claw
        window_->lookAt(StepId::Tools);
        QVERIFY(!find<QCheckBox>("tick key caps") && !find<QCheckBox>("tick claw"));
    }

    /// No step is a sentence on a blank page.
    void everyStepHasItsWork() {
        for (int demo = 0; demo < static_cast<int>(demoNames().size()); ++demo) {
            keep(demo);
            for (const Step& step : stepsOf(job())) {
                window_->lookAt(step.id);
                if (work().isAtBench())
                    continue;
                const auto* panel = window_->findChild<StepPanel*>();
                const bool picture = find<SceneView>("stepPicture")->isVisible();
                const bool form = !panel->findChildren<QCheckBox*>().isEmpty() ||
                                  !panel->findChildren<QLineEdit*>().isEmpty() ||
                                  !panel->findChildren<QPushButton*>().isEmpty();
                QVERIFY2(picture || form, qPrintable(step.name()));
            }
        }
    }

    void byEyeInThreeKeys() {
        keep(0);
        window_->showBench();
        auto* entry = find<QLineEdit>("entry");
        QVERIFY(!find<QPushButton>("eyeLevel")->isVisible());
        bench().pickGap();
        QVERIFY(find<QPushButton>("eyeLevel")->isVisible());
        QTest::keyClick(entry, Qt::Key_S);
        QVERIFY(job().log.back().angle_rad && *job().log.back().angle_rad < 0.0);
        QVERIFY(job().log.back().angleDeviation_rad > radians(0.5));
        QVERIFY(entry->text().isEmpty());
        bench().pickGap();
        QTest::keyClick(entry, Qt::Key_L);
        QCOMPARE(*job().log.back().angle_rad, 0.0);
        bench().pickString(2);
        QTest::keyClick(entry, Qt::Key_F); // of a string it is a note
        QCOMPARE(entry->text(), QStringLiteral("f"));
    }

    /// However many strings, on the usual screen and on a small one: all are in sight, and nothing scrolls.
    void theBenchShowsEveryString_data() {
        QTest::addColumn<int>("strings");
        QTest::addColumn<QSize>("screen");
        QTest::addColumn<bool>("figures");
        for (const int strings : {4, 6, 7, 9, 12})
            QTest::addRow("%d strings", strings) << strings << QSize(1280, 800) << false;
        QTest::newRow("six on a small screen") << 6 << QSize(1024, 700) << false;
        QTest::newRow("seven beside the figures") << 7 << QSize(1280, 800) << true;
    }
    void theBenchShowsEveryString() {
        QFETCH(int, strings);
        QFETCH(QSize, screen);
        QFETCH(bool, figures);
        Job job = newJob();
        QVERIFY(!setStringCount(job, static_cast<std::size_t>(strings), window_->context().catalogue()));
        QVERIFY(!session().addToLogbook(job));
        window_->resize(screen);
        window_->showBench();
        window_->showFigures(figures);
        for (int k = 0; k < 4; ++k)
            QCoreApplication::processEvents();
        auto* lanes = find<SceneView>("lanes");
        QVERIFY(lanes->isVisible() && find<SceneView>("section")->isVisible() != figures);
        const QRect seen = lanes->visibleRegion().boundingRect();
        QCOMPARE(seen.size(), lanes->size());
        for (int i = 0; i < strings; ++i)
            QVERIFY(lanes->scene().find(QStringLiteral("lane-%1").arg(i))->points.boundingRect().height() > 17.0);
        for (QWidget* up = lanes; up; up = up->parentWidget())
            if (const auto* area = qobject_cast<QScrollArea*>(up)) {
                QVERIFY(!area->verticalScrollBar()->isVisible());
                QVERIFY(!area->horizontalScrollBar()->isVisible());
            }
        QVERIFY(window_->size() == screen);
        // A click on a lane asks for that string, one on the bridge for the gap.
        const auto lane = QStringLiteral("lane-%1").arg(strings - 1);
        QTest::mouseClick(lanes, Qt::LeftButton, {},
                          lanes->scene().find(lane)->points.boundingRect().center().toPoint());
        QCOMPARE(window_->context().bench().pickedString(), std::optional(static_cast<std::size_t>(strings - 1)));
        QVERIFY(find<QLineEdit>("entry")->hasFocus());
        if (!figures)
            QTest::mouseClick(find<SceneView>("section"), Qt::LeftButton);
        QCOMPARE(window_->context().bench().gapPicked(), !figures);
        window_->showFigures(false);
    }

    /// The plate and the claw's screw are dragged as a hand would: what that comes to stands in the field, and only
    /// Enter takes it.
    void whatIsDraggedIsProposed() {
        keep(0);
        window_->showBench();
        auto* section = find<SceneView>("section");
        auto* entry = find<QLineEdit>("entry");
        const std::size_t entries = job().log.size();
        const auto drag = [&](const QPointF& from, const QPointF& to) {
            QTest::mousePress(section, Qt::LeftButton, {}, from.toPoint());
            for (int k = 1; k <= 4; ++k) {
                const QPointF at = from + (to - from) * k / 4.0;
                QMouseEvent move(QEvent::MouseMove, at, section->mapToGlobal(at), Qt::NoButton, Qt::LeftButton, {});
                QCoreApplication::sendEvent(section, &move);
            }
            QTest::mouseRelease(section, Qt::LeftButton, {}, to.toPoint());
        };
        const QPointF claw = section->scene().find(QStringLiteral("claw"))->points.boundingRect().center();
        const auto pointerAt = [&](const QPointF& at) {
            QMouseEvent move(QEvent::MouseMove, at, section->mapToGlobal(at), Qt::NoButton, Qt::NoButton, {});
            QCoreApplication::sendEvent(section, &move);
            return section->cursor().shape();
        };
        QCOMPARE(pointerAt(claw), Qt::SizeHorCursor);
        QCOMPARE(pointerAt(section->scene().find(QStringLiteral("plate"))->points.boundingRect().center()),
                 Qt::SizeVerCursor);
        QCOMPARE(pointerAt({3.0, 3.0}), Qt::ArrowCursor);
        drag(claw, claw + QPointF(36.0, 0.0));
        QCOMPARE(entry->text(), QStringLiteral("claw 3/4"));
        QVERIFY(!window_->context().bench().gapPicked());
        drag(claw, claw - QPointF(48.0, 0.0));
        QCOMPARE(entry->text(), QStringLiteral("claw -1"));
        const QPointF plate = section->scene().find(QStringLiteral("plate"))->points.boundingRect().center();
        drag(plate, plate - QPointF(0.0, 24.0)); // its rear edge lifted: forward
        const double up_deg = entry->text().chopped(1).mid(4).toDouble();
        QVERIFY(entry->text().endsWith(QChar(0x00b0)) && window_->context().bench().gapPicked());
        drag(plate, plate + QPointF(0.0, 24.0));
        QVERIFY(entry->text().chopped(1).mid(4).toDouble() < up_deg - 0.5);
        QCOMPARE(job().log.size(), entries);
        QVERIFY(!section->scene().find(QStringLiteral("outline")) ||
                !section->scene().find(QStringLiteral("outline"))->tip.contains(QLatin1String("mm:"))); // let go
        QTest::keyClick(entry, Qt::Key_Return);
        QCOMPARE(job().log.size(), entries + 1);
        QVERIFY(job().log.back().angle_rad && job().log.back().angleDeviation_rad > radians(0.2)); // it was seen
    }

    /// What says more takes the instrument's place at its whole size, and the same key or Escape brings it back.
    void whatSaysMoreTakesThePlaceOfTheInstrument() {
        keep(0);
        window_->showBench();
        auto* lanes = find<SceneView>("lanes");
        for (const auto& [key, view] :
             {std::pair("viewProgress", "convergence"), {"viewPasses", "passSheet"}, {"viewWhy", "momentChart"}}) {
            auto* button = find<QPushButton>(key);
            button->click();
            QCoreApplication::processEvents();
            QVERIFY2(find<QWidget>(view)->isVisible() && !lanes->isVisible(), view);
            QVERIFY(button->isChecked() && find<QWidget>(view)->height() > 300);
            QTest::keyClick(find<QLineEdit>("entry"), Qt::Key_Escape);
            QVERIFY(lanes->isVisible() && !button->isChecked() && work().isAtBench());
        }
        auto* passes = find<QTableView>("passSheet");
        find<QPushButton>("viewPasses")->click();
        QCoreApplication::processEvents();
        QVERIFY(!passes->verticalScrollBar()->isVisible()); // every string there too
        find<QPushButton>("viewPasses")->click();
        QVERIFY(lanes->isVisible());
    }

    /// Whoever has no guitar at hand sees one put in tune in a few keys.
    void aGuitarThatAnswersEndsInTune() {
        QTest::mouseClick(find<QPushButton>("tryGuitar"), Qt::LeftButton);
        QVERIFY(work().isAtBench() && session().job().simulatedSeed);
        QVERIFY(derived().next().what != NextAct::Do::Done);
        int keys = 0;
        for (; keys < 40 && derived().next().what != NextAct::Do::Done; ++keys)
            QTest::keyClick(find<QLineEdit>("entry"), Qt::Key_F9);
        QCOMPARE(derived().next().what, NextAct::Do::Done);
        QVERIFY2(keys >= 4 && keys <= 25, qPrintable(QString::number(keys)));
        QCOMPARE(book().jobCount().value(), 1);
    }

    void anEmptyShopOffersTheDemo() {
        const Scene& panels = find<SceneView>("shopExample")->scene();
        for (const char* title : {"title-1", "title-2", "title-3"})
            QVERIFY2(panels.find(QLatin1String(title)), title);
        QVERIFY(find<SceneView>("shopExample")->isVisible());
        QVERIFY(!find<SceneView>("shopExample")->scene().description.isEmpty());
        QTest::mouseClick(find<QPushButton>("openDemoShop"), Qt::LeftButton);
        QCOMPARE(book().jobCount().value(), 24);
        QCOMPARE(window_->page(), MainWindow::Work);
        QVERIFY(work().isAtBench()); // the first one is in mid-job, so it opens there
    }

    void helpOpensWhereTheStepIs() {
        keep(0);
        window_->lookAt(StepId::Plan);
        key(Qt::Key_F1);
        QCOMPARE(window_->page(), MainWindow::Help);
        auto* help = window_->findChild<HelpPage*>();
        QCOMPARE(help->place(), QStringLiteral("Plan"));
        const auto* shown = find<QTextBrowser>("helpText");
        QVERIFY(shown->toPlainText().contains(QLatin1String("labour rate")));
        auto* search = find<QLineEdit>("helpSearch");
        QTest::keyClicks(search, QStringLiteral("retainer bar"));
        QVERIFY(shown->textCursor().selectedText().compare(QLatin1String("retainer bar"), Qt::CaseInsensitive) == 0);
        search->clear();
        QTest::keyClicks(search, QStringLiteral("touchy")); // in the glossary only
        QCOMPARE(help->place(), QStringLiteral("Glossary"));
    }

    /// Every picture and every key that the guide names is there.
    void theGuideIsWhole() {
        QFile guide(QStringLiteral(":/flenzo/help/user-guide.md"));
        QVERIFY(guide.open(QIODevice::ReadOnly));
        static const QRegularExpression picture(QStringLiteral("\\]\\((screenshots/[^)]+)\\)"));
        int pictures = 0;
        auto all = picture.globalMatch(QString::fromUtf8(guide.readAll()));
        for (; all.hasNext(); ++pictures) {
            const QString file = all.next().captured(1);
            QVERIFY2(QFile::exists(QStringLiteral(":/flenzo/help/") + file), qPrintable(file));
        }
        QVERIFY(pictures > 10);
        QFile keys(QStringLiteral(":/flenzo/help/keys.md"));
        QVERIFY(keys.open(QIODevice::ReadOnly));
        const QString said = QString::fromUtf8(keys.readAll());
        for (const ActionSpec& spec : window_->actions().specs())
            for (const QKeySequence& shortcut : spec.shortcuts) {
                const QString words = shortcut.toString();
                if (QByteArray(spec.id).startsWith("string") || words.contains(QLatin1String("Ctrl+=")) ||
                    words.contains(QLatin1String("++")) || words == QLatin1String("Ctrl+-") ||
                    words == QLatin1String("Ctrl+Q") || words == QLatin1String("Ctrl+Y") ||
                    words == QLatin1String("Ctrl+Shift+S"))
                    continue;
                const QString spoken = QString(words).replace(QLatin1String("Return"), QLatin1String("Enter"));
                QVERIFY2(said.contains(spoken), qPrintable(spoken));
            }
    }

    /// Pictures speak to the arrow keys and to a screen reader.
    void picturesAreHeard() {
        window_->openDemo(0);
        window_->showBench();
        auto* way = find<SceneView>("convergence");
        QAccessibleInterface* heard = QAccessible::queryAccessibleInterface(way);
        QVERIFY(heard);
        QCOMPARE(heard->text(QAccessible::Name), QStringLiteral("Progress to pitch"));
        QVERIFY(heard->text(QAccessible::Description).contains(QLatin1String("acts so far")));
        QVERIFY(heard->text(QAccessible::Value).isEmpty());
        way->setFocus();
        QTest::keyClick(way, Qt::Key_Right);
        const QString first = heard->text(QAccessible::Value);
        QVERIFY(!first.isEmpty());
        QTest::keyClick(way, Qt::Key_Right);
        QVERIFY(heard->text(QAccessible::Value) != first);
        QTest::keyClick(way, Qt::Key_Left);
        QCOMPARE(heard->text(QAccessible::Value), first);
        auto* lanes = find<SceneView>("lanes");
        QAccessibleInterface* strings = QAccessible::queryAccessibleInterface(lanes);
        for (const RigString& string : job().rig.strings) // what each is and where it is to go
            QVERIFY(strings->text(QAccessible::Description)
                        .contains(QStringLiteral("String %1,").arg(QString::fromStdString(string.name))));
        QVERIFY(strings->text(QAccessible::Description).contains(QLatin1String("aim")));
        QTest::keyClick(lanes, Qt::Key_Right);
        QVERIFY(strings->text(QAccessible::Value).startsWith(QLatin1String("String 7")));
        for (const char* name : {"section", "momentChart", "movement", "passSheet"}) {
            QAccessibleInterface* each = QAccessible::queryAccessibleInterface(find<QWidget>(name));
            QVERIFY2(each && !each->text(QAccessible::Name).isEmpty(), name);
        }
    }

    /// The tension in the strip is that of the strings in the picture.
    void theTensionInTheStripIsThePictures() {
        window_->openDemo(0);
        window_->showBench();
        static const QRegularExpression newtons(QStringLiteral("([0-9.]+) N"));
        double sum_N = 0.0;
        for (const Mark& mark : find<SceneView>("section")->scene().marks)
            if (mark.id.startsWith(QLatin1String("string-")))
                sum_N += newtons.match(mark.tip).captured(1).toDouble();
        const double said_N = newtons.match(text("hazard0")).captured(1).toDouble();
        QVERIFY(said_N > 100.0);
        QVERIFY2(std::abs(said_N - sum_N) < 1.0, qPrintable(QStringLiteral("%1 and %2").arg(said_N).arg(sum_N)));
    }

    void theFiguresAreBesideAnyStep() {
        keep(0);
        key(Qt::Key_F4);
        QVERIFY(work().figuresShown() && find<QLabel>("stepAct")->isVisible());
        auto* gap = find<QLineEdit>("bridge.rearGap");
        gap->setFocus();
        gap->selectAll();
        QTest::keyClicks(gap, QStringLiteral("5 mm"));
        QTest::keyClick(gap, Qt::Key_Return); // ends the field, not the step
        QCOMPARE(at(), StepId::LookOver);
        QCOMPARE(job().rig.bridge.rearGap_m, 0.005);
        window_->resize(1024, 700);
        QTRY_VERIFY(find<QWidget>("figures")->isVisible());
        key(Qt::Key_F4);
        QVERIFY(!work().figuresShown() && find<QLabel>("stepAct")->isVisible());
    }
};

QTEST_MAIN(TestPath)
#include "test_path.moc"
