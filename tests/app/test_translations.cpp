// SPDX-License-Identifier: GPL-3.0-or-later
// The languages that ship beside English: whole, with every figure in its place, and with room on every page.
#include "app/languages.h"
#include "app/main_window.h"
#include "domain/base/bundled_words.h"
#include "domain/job/edits.h"
#include "session/document/demo.h"
#include "session/input/string_entry.h"
#include "store/bundled.h"
#include "store/exercise_json.h"
#include "support/spoken.h"
#include "widgets/controls/rig_fields.h"
#include "widgets/pages/practice_bench.h"
#include "widgets/pages/practice_page.h"
#include "widgets/pages/shop_page.h"

#include <QDialogButtonBox>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QMultiHash>
#include <QRegularExpression>
#include <QScopeGuard>
#include <QTableWidget>
#include <QTest>
#include <QTextBrowser>
#include <QTranslator>
#include <QUrl>
#include <QXmlStreamReader>

using namespace flenzo;
using namespace flenzo::testing;

class TestTranslations : public QObject, SpokenFixture {
    Q_OBJECT

    static QStringList figuresIn(const QString& words) {
        static const QRegularExpression figure(QStringLiteral("%\\d|%n"));
        QStringList found;
        auto matches = figure.globalMatch(words);
        while (matches.hasNext())
            found.append(matches.next().captured());
        found.sort();
        return found;
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

private Q_SLOTS:
    void cleanup() { endSpeaking(); }

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

    /// The buttons that Qt names itself are named in the same language.
    void standardButtonsAreSpokenToo_data() { everyLanguage(); }
    void standardButtonsAreSpokenToo() {
        QFETCH(QString, language);
        const auto english = qScopeGuard([] { useLanguage(QStringLiteral("en")); });
        const auto words = [] {
            const QDialogButtonBox box(QDialogButtonBox::Close | QDialogButtonBox::Cancel);
            return QStringList{box.button(QDialogButtonBox::Close)->text(),
                               box.button(QDialogButtonBox::Cancel)->text()};
        };
        const QStringList before = words();
        useLanguage(language);
        QVERIFY(words()[0] != before[0] && words()[1] != before[1]);
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
        window_->showPage(MainWindow::Practice);
        auto* practice = window_->findChild<PracticePage*>();
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
};

QTEST_MAIN(TestTranslations)
#include "test_translations.moc"
