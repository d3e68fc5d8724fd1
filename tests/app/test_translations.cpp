// SPDX-License-Identifier: GPL-3.0-or-later
// The languages that ship beside English: whole, with every figure in its place, and with room on every page.
#include "app/languages.h"
#include "app/main_window.h"
#include "domain/base/bundled_words.h"
#include "domain/job/edits.h"
#include "domain/work/progress.h"
#include "session/document/demo.h"
#include "session/input/string_entry.h"
#include "store/bundled.h"
#include "store/exercise_json.h"
#include "support/window.h"
#include "widgets/controls/rig_fields.h"
#include "widgets/controls/scene_view.h"
#include "widgets/look.h"
#include "widgets/pages/practice_bench.h"
#include "widgets/pages/practice_page.h"
#include "widgets/pages/shop_page.h"

#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QMultiHash>
#include <QPushButton>
#include <QRegularExpression>
#include <QScopeGuard>
#include <QScrollArea>
#include <QScrollBar>
#include <QTableWidget>
#include <QTest>
#include <QTextBrowser>
#include <QTranslator>
#include <QUrl>
#include <QXmlStreamReader>

using namespace flenzo;
using namespace flenzo::testing;

class TestTranslations : public QObject, WindowFixture {
    Q_OBJECT
    QTranslator translator_;

    static QStringList figuresIn(const QString& words) {
        static const QRegularExpression figure(QStringLiteral("%\\d|%n"));
        QStringList found;
        auto matches = figure.globalMatch(words);
        while (matches.hasNext())
            found.append(matches.next().captured());
        found.sort();
        return found;
    }
    void speak(const QString& language) {
        QVERIFY(languages().contains(language));
        QVERIFY(translator_.load(QStringLiteral("flenzo_") + language, QStringLiteral(":/flenzo/translations")));
        QCoreApplication::installTranslator(&translator_);
    }
    static QString helpText(const QString& document) {
        QFile file(QStringLiteral(":/flenzo/help/") + document);
        return file.open(QIODevice::ReadOnly) ? QString::fromUtf8(file.readAll()) : QString();
    }
    static QStringList allOf(const char* pattern, const QString& text) {
        const QRegularExpression expression(QLatin1String(pattern), QRegularExpression::MultilineOption);
        QStringList found;
        for (auto all = expression.globalMatch(text); all.hasNext();)
            found.append(all.next().captured(1));
        return found;
    }
    /// Without the marks of a menu and the key behind it.
    static QString bare(QString words) {
        static const QRegularExpression key(QStringLiteral("\\s*[(\\[][^)\\]]*[)\\]]$"));
        words = words.remove(QLatin1Char('&')).remove(QChar(0x2026)).trimmed().toLower().remove(key);
        while (words.endsWith(QLatin1Char(':')) || words.endsWith(QLatin1Char('.')))
            words.chop(1);
        return words;
    }
    /// What is said on the screen in English, and how in that language.
    static QMultiHash<QString, QString> saidOnScreen(const QString& language) {
        QMultiHash<QString, QString> said;
        QFile file(QStringLiteral(FLENZO_SOURCE_DIR "/translations/flenzo_%1.ts").arg(language));
        if (!file.open(QIODevice::ReadOnly))
            return said;
        QXmlStreamReader xml(&file);
        QString source;
        while (!xml.atEnd()) {
            xml.readNext();
            if (xml.isStartElement() && xml.name() == QLatin1String("source"))
                source = xml.readElementText();
            else if (xml.isStartElement() && xml.name() == QLatin1String("translation"))
                said.insert(bare(source), bare(xml.readElementText(QXmlStreamReader::IncludeChildElements)));
        }
        return said;
    }
    QList<QStringList> textsByPage() {
        session().finishRemaining();
        QList<QStringList> texts;
        for (int page = 0; page < MainWindow::PageCount; ++page) {
            window_->showPage(static_cast<MainWindow::Page>(page));
            for (int k = 0; k < 3; ++k) // a layout asks for another
                QCoreApplication::processEvents();
            find("stepClock")->clear(); // it goes on meanwhile
            texts.append(textsNow());
        }
        return texts;
    }
    static void compareAll(const QList<QStringList>& some, const QList<QStringList>& others) {
        QCOMPARE(some.size(), others.size());
        for (qsizetype page = 0; page < some.size(); ++page) {
            for (qsizetype k = 0; k < std::min(some[page].size(), others[page].size()); ++k)
                QCOMPARE(some[page][k], others[page][k]);
            QCOMPARE(some[page].size(), others[page].size());
        }
    }
    static void everyLanguage() {
        QTest::addColumn<QString>("language");
        QTest::newRow("German") << "de";
        QTest::newRow("Spanish") << "es";
    }

    /// No scroll bar at the bench, every lane in sight, no word cut, and the window no larger than the screen.
    void benchFits(const QSize& screen, const QString& what) {
        for (int k = 0; k < 4; ++k)
            QCoreApplication::processEvents();
        QVERIFY2(window_->size() == screen, qPrintable(what));
        auto* lanes = find<SceneView>("lanes");
        QVERIFY2(lanes->visibleRegion().boundingRect().size() == lanes->size(), qPrintable(what));
        const auto strings = static_cast<int>(session().job().rig.strings.size());
        const double least_px = basePixels(window_->context().preferences()) * 0.45;
        for (int i = 0; i < strings; ++i)
            QVERIFY2(lanes->scene().find(QStringLiteral("lane-%1").arg(i))->points.boundingRect().height() > least_px,
                     qPrintable(what));
        for (QWidget* up = lanes; up; up = up->parentWidget())
            if (const auto* area = qobject_cast<QScrollArea*>(up))
                QVERIFY2(!area->verticalScrollBar()->isVisible() && !area->horizontalScrollBar()->isVisible(),
                         qPrintable(what));
        for (const QWidget* each : window_->findChildren<QWidget*>()) {
            if (!each->isVisible() || each->visibleRegion().isEmpty())
                continue;
            const auto* button = qobject_cast<const QPushButton*>(each);
            const auto* label = qobject_cast<const QLabel*>(each);
            const bool shortened = label && label->sizePolicy().horizontalPolicy() == QSizePolicy::Ignored;
            const QString named = what + QLatin1Char(' ') + each->objectName();
            if (button)
                QVERIFY2(button->width() >= button->minimumSizeHint().width(), qPrintable(named));
            if (label && !label->wordWrap() && !shortened)
                QVERIFY2(label->width() >= label->minimumSizeHint().width(), qPrintable(named));
            if (label && label->wordWrap())
                QVERIFY2(label->height() >= label->heightForWidth(label->width()), qPrintable(named));
        }
    }

private Q_SLOTS:
    void cleanup() {
        endShop();
        QCoreApplication::removeTranslator(&translator_);
    }

    void nothingIsMissing_data() { everyLanguage(); }
    /// No sentence is unfinished, none lost a figure, and a key to press is marked where English marks one.
    void nothingIsMissing() {
        QFETCH(QString, language);
        QFile file(QStringLiteral(FLENZO_SOURCE_DIR "/translations/flenzo_%1.ts").arg(language));
        QVERIFY(file.open(QIODevice::ReadOnly));
        QXmlStreamReader xml(&file);
        QString source;
        int sentences = 0;
        while (!xml.atEnd()) {
            xml.readNext();
            if (!xml.isStartElement())
                continue;
            if (xml.name() == QLatin1String("source")) {
                source = xml.readElementText();
            } else if (xml.name() == QLatin1String("translation")) {
                ++sentences;
                QVERIFY2(!xml.attributes().hasAttribute(QLatin1String("type")), qPrintable(source));
                const QString words = xml.readElementText(QXmlStreamReader::IncludeChildElements).trimmed();
                QVERIFY2(!words.isEmpty() || source.trimmed().isEmpty(), qPrintable(source));
                if (!source.contains(QLatin1String("%n")))
                    QVERIFY2(figuresIn(source) == figuresIn(words), qPrintable(source + QLatin1Char('\n') + words));
                const bool mnemonic = source.count(QLatin1Char('&')) == 1;
                QVERIFY2(!mnemonic || words.count(QLatin1Char('&')) == 1, qPrintable(words));
            }
        }
        QVERIFY(!xml.hasError() && sentences > 2000);
    }

    void theGuideIsSpokenToo_data() { everyLanguage(); }
    /// Guide, glossary and keys have the same headings, pictures, tables and things to type in every language, and call
    /// what is on the screen as the screen does.
    void theGuideIsSpokenToo() {
        QFETCH(QString, language);
        speak(language);
        beginShop();
        window_->showPage(MainWindow::Help);
        QVERIFY(find<QListWidget>("helpPlaces")->count() > 15);
        const auto said = saidOnScreen(language);
        for (const char* name : {"user-guide.md", "glossary.md", "keys.md"}) {
            const QString english = helpText(QLatin1String(name)),
                          spoken = helpText(language + QLatin1Char('/') + QLatin1String(name));
            QVERIFY(!spoken.isEmpty() && spoken != english);
            for (const char* same : {"^(#+) ", "\\]\\((?:\\.\\./)?([^)]*)\\)", "^(\\|)", "`([^`\n]+)`"})
                QCOMPARE(allOf(same, spoken), allOf(same, english));
            const QStringList named = allOf("(?<![*\\w])\\*([^*\n]+)\\*(?![*\\w])", english),
                              here = allOf("(?<![*\\w])\\*([^*\n]+)\\*(?![*\\w])", spoken);
            QCOMPARE(here.size(), named.size());
            for (qsizetype k = 0; k < named.size(); ++k)
                if (const auto words = said.values(bare(named[k])); !words.isEmpty())
                    QVERIFY2(words.contains(bare(here[k])), qPrintable(named[k] + QLatin1String(": ") + here[k]));
        }
        // F1 leads to the step's place whatever it is called.
        window_->openDemo(0);
        window_->lookAt(StepId::Lock);
        window_->actions().find("help")->trigger();
        auto* places = find<QListWidget>("helpPlaces");
        QCOMPARE(places->currentItem()->text(),
                 language == QLatin1String("de") ? QStringLiteral("Klemmen") : QStringLiteral("Bloquear"));
        QVERIFY(!find<QTextBrowser>("helpText")
                     ->document()
                     ->resource(QTextDocument::ImageResource, QUrl(QStringLiteral("screenshots/lock.png")))
                     .isNull());
    }

    void aLanguageIsSpokenAtOnce_data() { everyLanguage(); }
    /// A window that changes its language reads like one that began with it, and goes on where it was.
    void aLanguageIsSpokenAtOnce() {
        QFETCH(QString, language);
        speak(language);
        QLocale::setDefault(QLocale(language)); // as the program does
        beginShop();
        window_->stockWithDemo();
        const QList<QStringList> begun = textsByPage();
        cleanup();
        QLocale::setDefault(QLocale(QStringLiteral("en")));
        const auto english = qScopeGuard([] { useLanguage(QStringLiteral("en")); });
        beginShop();
        window_->stockWithDemo();
        QVERIFY(textsByPage() != begun);
        const Step looked = stepsOf(session().job()).at(2);
        window_->lookAt(looked.id);
        window_->showFigures(true);
        const QString action = QStringLiteral("language%1").arg(languages().indexOf(language) + 1);
        window_->actions().find(action.toLatin1().constData())->trigger();
        QTRY_VERIFY(window_->actions().find(action.toLatin1().constData())->isChecked());
        QVERIFY(work().shownStep() == looked && work().figuresShown());
        window_->showFigures(false);
        window_->showWork();
        compareAll(textsByPage(), begun);
    }

    /// Lists made once are said in the language of the moment, whichever came first.
    void listsFollowTheLanguage() {
        const auto said = [] {
            QStringList words;
            for (const FamilyTraits& one : families)
                words.append(familyName(one.family));
            for (const auto* fields : {&bridgeFields(), &clawFields(), &goalFields(), &springFields(), &stringFields()})
                for (const RigField& field : *fields)
                    words.append(field.label());
            return words;
        };
        const QStringList english = said();
        speak(QStringLiteral("de"));
        const QStringList german = said();
        qsizetype same = 0;
        for (qsizetype k = 0; k < english.size(); ++k)
            same += english[k] == german[k] ? 1 : 0;
        QVERIFY2(english.size() > 40 && same <= 2, qPrintable(QString::number(same)));
        QCoreApplication::removeTranslator(&translator_);
        QCOMPARE(said(), english);
    }

    /// What is typed, what can be undone and the guitar practised on outlive a change of language.
    void aChangeOfLanguageLosesNothing() {
        const auto english = qScopeGuard([] { useLanguage(QStringLiteral("en")); });
        beginShop();
        window_->openDemo(1);
        QVERIFY(!bench().enter(QStringLiteral("1 = -12"), false));
        const std::size_t entries = session().job().log.size();
        auto* practice = window_->findChild<PracticePage*>();
        window_->showPage(MainWindow::Practice);
        practice->begin(bundledExercises().value().first(), 77);
        practice->bench().takeNamed(QStringLiteral("measure"));
        const auto acts = practice->bench().run()->acts();
        QVERIFY(!acts.isEmpty());
        window_->speak(QStringLiteral("es"));
        practice = window_->findChild<PracticePage*>();
        QVERIFY(practice->isPractising() && window_->page() == MainWindow::Practice);
        QVERIFY(practice->bench().run()->acts() == acts);
        QCOMPARE(session().job().log.size(), entries);
        practice->showMethods(); // undo is the job's only while nobody practises
        window_->showBench();
        window_->actions().find("undo")->trigger();
        QCOMPARE(session().job().log.size(), entries - 1);
    }

    /// A set, a single string and a tuning are read, typed and searched under the names the screen shows.
    void whatTheCatalogueHasIsFoundUnderItsShownName() {
        QCOMPARE(bundledWords(QStringLiteral(".046 nickel-plated wound")), QStringLiteral(".046 nickel-plated wound"));
        QVERIFY(bundledAs(QStringLiteral("six")).isEmpty());
        speak(QStringLiteral("de"));
        const QString shown = bundledWords(QStringLiteral(".046 nickel-plated wound"));
        QVERIFY2(shown.startsWith(QLatin1String(".046 ")) && !shown.contains(QLatin1String("wound")),
                 qPrintable(shown));
        const Catalogue catalogue = bundledCatalogue().value();
        const auto found = findString(catalogue, shown);
        QVERIFY(found.ok() && found.value()->label == QLatin1String(".046 nickel-plated wound"));
        beginShop();
        for (int demo = 0; demo < demoNames().size(); ++demo)
            if (Job job = demoJob(demo).value(); job.onPicks.setName == QLatin1String("Six, 10 to 52"))
                QVERIFY(!session().addToLogbook(job, Unsaved::Discard));
        window_->showPage(MainWindow::Shop);
        auto* table = find<QTableWidget>("jobs");
        const int all = table->rowCount();
        QVERIFY(all > 0);
        auto* search = find<QLineEdit>("search");
        for (const char* words : {"sechs 10 bis 52", "Six, 10 to 52"}) {
            search->setText(QLatin1String(words));
            QVERIFY2(table->rowCount() > 0, words);
        }
        search->setText(QStringLiteral("sieben 10 bis 52"));
        QCOMPARE(table->rowCount(), 0);
    }

    /// What the program named is said in the language of the screen, on every page alike; what a person wrote is not.
    void aReasonIsTranslatedAndANameIsNot() {
        const auto english = qScopeGuard([] { useLanguage(QStringLiteral("en")); });
        const QString reason = QStringLiteral("Fresh strings, the same set"), guitar = QStringLiteral("Standard");
        speak(QStringLiteral("de"));
        QVERIFY(bundledWords(reason) != reason);
        beginShop();
        window_->newGuitar();
        QVERIFY(!session().edit(QStringLiteral("names"), [&](Job& job) {
            job.reason = reason;
            job.guitar = job.owner = guitar;
        }));
        window_->showFigures(true);
        QCOMPARE(find<QLineEdit>("cardReason")->text(), bundledWords(reason));
        for (const char* name : {"cardGuitar", "cardOwner", "guitarName"})
            QCOMPARE(find<QLineEdit>(name)->text(), guitar);
        auto* edit = find<QLineEdit>("cardReason"); // looked at and left: nothing was typed
        edit->setFocus();
        QTest::keyClick(edit, Qt::Key_Return);
        QCOMPARE(session().job().reason, reason);
    }

    void theBenchHasRoom_data() {
        everyLanguage();
        QTest::newRow("English") << "en";
    }
    /// Up to twice the usual size of text, in both themes, whatever the act.
    void theBenchHasRoom() {
        QFETCH(QString, language);
        if (language != QLatin1String("en"))
            speak(language);
        beginShop();
        const auto look = [this](double scale, bool dark) {
            window_->context().change([&](Preferences& preferences) {
                preferences.textScale = scale;
                preferences.dark = dark;
            });
        };
        const auto show = [this](std::size_t strings, const QSize& screen, bool answers = false) {
            Job job = newJob();
            QVERIFY(!setStringCount(job, strings, window_->context().catalogue()));
            if (answers)
                job.simulatedSeed = 3;
            QVERIFY(!session().addToLogbook(job, Unsaved::Discard));
            window_->resize(screen);
            window_->showBench();
        };
        const QSize usual(1280, 800), small(1024, 700);
        for (const double scale : {1.0, 1.5, 2.0}) {
            look(scale, scale > 1.5); // the theme has no part in sizes
            for (const auto& [strings, screen] :
                 {std::pair{std::size_t{4}, usual}, {7, usual}, {12, usual}, {6, small}}) {
                show(strings, screen);
                benchFits(screen, QStringLiteral("%1 strings, %2").arg(strings).arg(scale));
                if (QTest::currentTestFailed())
                    return;
            }
        }
        look(1.0, false);
        for (const auto& [strings, screen] : {std::pair{std::size_t{7}, usual / 2}, {6, small / 2}}) {
            show(strings, screen); // a desktop that counts two pixels as one
            benchFits(screen, QStringLiteral("%1 strings in half the pixels").arg(strings));
        }
        look(2.0, false);
        for (const QSize& screen : {small, usual}) {
            show(6, screen, true);
            for (int act = 0; act < 9 && !QTest::currentTestFailed(); ++act) {
                benchFits(screen, QStringLiteral("act %1: %2").arg(act).arg(text("act")));
                QVERIFY(!bench().letSimulationAnswer());
            }
            bench().pickGap(); // with its keys for an eye
            benchFits(screen, QStringLiteral("gap"));
        }
    }

    void everyStepHasRoom_data() { everyLanguage(); }
    void everyStepHasRoom() {
        QFETCH(QString, language);
        speak(language);
        beginShop();
        const QSize size(1024, 700);
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
};

QTEST_MAIN(TestTranslations)
#include "test_translations.moc"
