// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/languages.h"
#include "domain/work/workflow.h"
#include "language/figures.h"
#include "session/document/demo.h"
#include "session/input/quantity.h"
#include "store/exercise_json.h"
#include "store/job_json.h"
#include "support/pseudo.h"
#include "support/window.h"
#include "widgets/controls/fitting_label.h"
#include "widgets/controls/rig_fields.h"
#include "widgets/pages/job_page.h"
#include "widgets/text/conflict_words.h"

#include <QAbstractButton>
#include <QLineEdit>
#include <QRegularExpression>
#include <QScopeGuard>
#include <QTest>

using namespace flenzo;
using namespace flenzo::testing;

namespace {

/// Words that come from the job or the catalogue stay as they are in any language.
QString withoutData(QString text, const Job& job, const Catalogue& catalogue) {
    QStringList data{job.guitar,           job.owner,
                     job.reason,           job.card.block,
                     job.onPicks.setName,  job.onPicks.tuningName,
                     job.offPicks.setName, job.offPicks.tuningName};
    for (const CatalogueString& string : catalogue.strings)
        data.append(string.label);
    for (const CatalogueTuning& tuning : catalogue.tunings)
        data.append(tuning.name);
    for (const CatalogueSet& set : catalogue.sets)
        data.append(set.name);
    for (const QString& demo : demoNames())
        data.append(demo);
    for (const Exercise& exercise : bundledExercises().value())
        data += {exercise.title, exercise.story, exercise.task};
    for (const QString& words : data)
        if (!words.isEmpty())
            text.remove(words);
    return text;
}

/// Three words in a row that nobody translated.
bool isPlain(const QString& text) {
    static const QRegularExpression words(QStringLiteral("[A-Za-z]{3,} [A-Za-z]{2,} [A-Za-z]{2,}"));
    const auto match = words.match(text);
    return match.hasMatch() && !PseudoTranslator::isSpoken(match.captured());
}

} // namespace

/// The program in a language half as long again, with accents on everything that can be translated.
class TestLanguage : public QObject, protected WindowFixture {
    Q_OBJECT
    std::unique_ptr<PseudoTranslator> translator_;

    void everythingIsSpoken(const QString& where) const {
        const Catalogue catalogue = bundledCatalogue().value();
        for (const QString& text : textsNow())
            QVERIFY2(!isPlain(text) || !isPlain(withoutData(text, session().job(), catalogue)),
                     qPrintable(where + QStringLiteral(": ") + text));
    }
    /// Labels that do not wrap and buttons have the room they ask for, and the window fits its screen.
    void everythingHasRoom(const QString& where) const {
        QVERIFY2(window_->minimumSizeHint().width() <= 1280, qPrintable(where));
        for (const QWidget* widget : window_->findChildren<QWidget*>()) {
            if (!widget->isVisible())
                continue;
            const auto* button = qobject_cast<const QAbstractButton*>(widget);
            if (button && !button->text().isEmpty())
                QVERIFY2(button->width() >= button->minimumSizeHint().width(), qPrintable(where + button->text()));
        }
    }

private Q_SLOTS:
    void initTestCase() {
        translator_ = std::make_unique<PseudoTranslator>();
        QCoreApplication::installTranslator(translator_.get());
    }
    void init() { beginShop(); }
    void cleanup() { endShop(); }
    void cleanupTestCase() { QCoreApplication::removeTranslator(translator_.get()); }

    void everyPageIsSpokenAndHasRoom_data() {
        QTest::addColumn<int>("demo");
        for (int demo = 0; demo < static_cast<int>(demoNames().size()); ++demo)
            QTest::addRow("guitar %d", demo) << demo;
    }
    void everyPageIsSpokenAndHasRoom() {
        QFETCH(int, demo);
        window_->openDemo(demo);
        for (int page = 0; page < MainWindow::PageCount; ++page) {
            if (page == MainWindow::Help)
                continue; // the guide is a document of its own
            window_->showPage(static_cast<MainWindow::Page>(page));
            QCoreApplication::processEvents();
            const QString where = QStringLiteral("page %1").arg(page);
            everythingIsSpoken(where);
            everythingHasRoom(where);
        }
    }

    void everyStepIsSpoken() {
        Job job = demoJob(0).value();
        job.log.clear(); // from the first step on
        QVERIFY(!session().addToLogbook(job));
        window_->showWork();
        auto* steps = window_->findChild<JobPage*>();
        auto* reason = find<QLineEdit>("reason");
        int seen = 0;
        for (int k = 0; k < 200 && currentStep(session().job(), session().derived()); ++k) {
            everythingIsSpoken(currentStep(session().job(), session().derived())->name());
            ++seen;
            if (reason->isVisible()) {
                QTest::keyClicks(reason, QStringLiteral("for the test"));
                QTest::keyClick(reason, Qt::Key_Return);
            } else {
                QTest::keyClick(steps, Qt::Key_Space);
            }
        }
        QVERIFY(seen > 20);
    }

    void faultsAreSpoken() {
        window_->openDemo(0);
        QVERIFY(bench().enter(QStringLiteral("banana"), false));
        QVERIFY(!isPlain(bench().enter(QStringLiteral("banana"), false)->sentence().remove(QStringLiteral("banana"))));
        QVERIFY(!isPlain(bench().enter(QStringLiteral("gap 100!"), false)->sentence()));
    }

    /// Whatever two benches may change to different things is called by a name, not as in the file.
    void everyPartOfAJobHasAName() {
        int named = 0;
        for (int demo = 0; demo < static_cast<int>(demoNames().size()); ++demo)
            for (const QString& part : jobToJson(demoJob(demo).value()).keys()) {
                static const QStringList fixed{QStringLiteral("format"), QStringLiteral("version"),
                                               QStringLiteral("simulatedSeed")};
                if (fixed.contains(part))
                    continue;
                QVERIFY2(conflictTitle(part) != part, qPrintable(part));
                ++named;
            }
        QVERIFY(named > 50);
        QVERIFY(conflictTitle(QStringLiteral("work.ownersNote")) != conflictTitle(QStringLiteral("work")));
        Job job = demoJob(0).value();
        job.work.ownersNote = QStringLiteral("Two lines");
        QCOMPARE(conflictText(job, QStringLiteral("work.ownersNote")), QStringLiteral("Two lines"));
        QVERIFY(!conflictText(job, QStringLiteral("rig.strings")).contains(QLatin1Char('{')));
    }

    /// Each language writes its own decimal sign, and a field reads both back.
    void figuresHaveTheLanguagesDecimalSign_data() {
        QTest::addColumn<QString>("code");
        QTest::addColumn<QString>("length");
        QTest::addColumn<QString>("cents");
        QTest::newRow("en") << QStringLiteral("en") << QStringLiteral("4.20 mm") << QStringLiteral("+1234.5 ¢");
        QTest::newRow("de") << QStringLiteral("de") << QStringLiteral("4,20 mm") << QStringLiteral("+1234,5 ¢");
        QTest::newRow("es") << QStringLiteral("es") << QStringLiteral("4,20 mm") << QStringLiteral("+1234,5 ¢");
    }
    void figuresHaveTheLanguagesDecimalSign() {
        QFETCH(QString, code);
        QFETCH(QString, length);
        QFETCH(QString, cents);
        const auto english = qScopeGuard([] { useLanguage(QStringLiteral("en")); });
        useLanguage(code);
        QCOMPARE(lengthText(0.0042, {}), length);
        QCOMPARE(centsText(1234.5), cents);
        QCOMPARE(centsText(-0.01), QStringLiteral("0.0 ¢").replace(QLatin1Char('.'), QLocale().decimalPoint()));
        QVERIFY(std::abs(parseQuantity(length, Dimension::Length, {}, QStringLiteral("gap")).value() - 0.0042) < 1e-12);
        const RigField& edge = bridgeFields()[1];
        Job job = newJob();
        job.rig.bridge.rearEdge_m = 0.0385;
        QCOMPARE(edge.text(job, 0, {}), QString(length.at(1)).prepend(QStringLiteral("38")) + QLatin1Char('5'));
        job.rig.bridge.rearEdge_m = 0.040;
        QCOMPARE(edge.text(job, 0, {}), QStringLiteral("40"));
    }

    void aLanguageIsChosenInTheMenuAndKept() {
        for (const char* code : {"de", "en", "es"})
            QVERIFY2(languages().contains(QLatin1String(code)), code);
        const auto action = QStringLiteral("language%1").arg(languages().indexOf(QStringLiteral("es")) + 1).toLatin1();
        const auto english = qScopeGuard([] { useLanguage(QStringLiteral("en")); });
        QAction* spanish = window_->actions().find(action.constData());
        QVERIFY(spanish && !spanish->isChecked());
        spanish->trigger();
        QTRY_COMPARE(loadPreferences(pathsIn(dir_->path()).settingsFile).language, QStringLiteral("es"));
        QVERIFY(window_->actions().find(action.constData())->isChecked());
    }
};

QTEST_MAIN(TestLanguage)
#include "test_language.moc"
