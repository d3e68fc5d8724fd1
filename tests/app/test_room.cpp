// SPDX-License-Identifier: GPL-3.0-or-later
// In every language every page, every step and every act has room.
#include "app/main_window.h"
#include "domain/work/progress.h"
#include "session/document/demo.h"
#include "support/spoken.h"
#include "widgets/pages/shop_page.h"

#include <QTest>

using namespace flenzo;
using namespace flenzo::testing;

class TestRoom : public QObject, SpokenFixture {
    Q_OBJECT
private Q_SLOTS:
    void cleanup() { endSpeaking(); }

    /// Large text and small windows cut nothing off sideways, on any step of any guitar, in any language.
    void everyStepHasRoom_data() {
        QTest::addColumn<QString>("language");
        QTest::addColumn<QSize>("size");
        QTest::addColumn<int>("larger");
        QTest::newRow("English, 1024x700") << "en" << small_ << 0;
        QTest::newRow("English, 200 % text") << "en" << usual_ << 4;
        QTest::newRow("German, 1024x700") << "de" << small_ << 0;
        QTest::newRow("Spanish, 1024x700") << "es" << small_ << 0;
    }
    void everyStepHasRoom() {
        QFETCH(QString, language);
        QFETCH(QSize, size);
        QFETCH(int, larger);
        if (language != QLatin1String("en"))
            speak(language);
        beginShop();
        for (int k = 0; k < larger; ++k)
            window_->actions().find("larger")->trigger();
        window_->resize(size);
        for (const int demo : {0, 4, 5}) {
            QVERIFY(!session().addToLogbook(demoJob(demo).value()));
            window_->showWork();
            for (const Step& step : stepsOf(session().job()))
                nothingIsCutOff(step.id, size);
        }
    }

    void everyPageHasRoom_data() { everyLanguage(); }
    void everyPageHasRoom() {
        QFETCH(QString, language);
        speak(language);
        beginShop();
        window_->stockWithDemo();
        for (int page = 0; page < MainWindow::PageCount; ++page) {
            window_->showPage(static_cast<MainWindow::Page>(page));
            QCoreApplication::processEvents();
            QVERIFY2(window_->minimumSizeHint().width() <= 1024, qPrintable(QString::number(page)));
        }
        window_->showPage(MainWindow::Shop);
        for (const char* panel : {"dayPanel", "duePanel", "stockPanel", "timesPanel", "heldPanel"}) {
            window_->findChild<ShopPage*>()->showTab(QLatin1String(panel));
            QCoreApplication::processEvents();
            QVERIFY2(window_->minimumSizeHint().width() <= 1024, panel);
        }
        QVERIFY(!text("timesSay").contains(QLatin1String("finished jobs"))); // it is spoken
    }

    void everyActHasRoom_data() {
        everyLanguage();
        QTest::newRow("English") << "en";
    }
    /// In the largest text, whatever is to be done.
    void everyActHasRoom() {
        QFETCH(QString, language);
        if (language != QLatin1String("en"))
            speak(language);
        beginShop();
        look(2.0, false);
        for (const QSize& screen : {small_, usual_}) {
            showBench(6, screen, true);
            for (int act = 0; act < 9 && !QTest::currentTestFailed(); ++act) {
                benchFits(screen, QStringLiteral("act %1: %2").arg(act).arg(text("act")));
                QVERIFY(!bench().letSimulationAnswer());
            }
            bench().pickGap(); // with its keys for an eye
            benchFits(screen, QStringLiteral("gap"));
        }
    }
};

QTEST_MAIN(TestRoom)
#include "test_room.moc"
