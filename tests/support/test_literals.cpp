// SPDX-License-Identifier: GPL-3.0-or-later
#include <QDirIterator>
#include <QFile>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QProcess>
#include <QRegularExpression>
#include <QSet>
#include <QTemporaryDir>
#include <QTest>
#include <QXmlStreamReader>

namespace {

QString contentOf(const QString& path) {
    QFile file(path);
    return file.open(QIODevice::ReadOnly) ? QString::fromUtf8(file.readAll()) : QString();
}

/// String literals of two words and more that no translation can reach, as "line: text".
QStringList unreached(const QString& source) {
    static const QRegularExpression token(
        QStringLiteral("//[^\\n]*|\"(?:\\\\.|[^\"\\\\\\n])*\"|'(?:\\\\.|[^'\\\\\\n])'|[A-Za-z_][\\w:]*|\\s+|."),
        QRegularExpression::DotMatchesEverythingOption);
    static const QRegularExpression sentence(QStringLiteral("[A-Za-z]{2,} [A-Za-z]"));
    static const QRegularExpression translating(QStringLiteral("(^|::)(tr|translate|QT_TRANSLATE_NOOP|QT_TR_NOOP)$"));
    QStringList found, callers;
    QString before;
    auto matches = token.globalMatch(source);
    while (matches.hasNext()) {
        const auto match = matches.next();
        const QString text = match.captured();
        if (text.front().isSpace() || text.startsWith(QLatin1String("//")))
            continue;
        if (text == QLatin1String("("))
            callers.append(before);
        else if (text == QLatin1String(")") && !callers.isEmpty())
            callers.removeLast();
        else if (text.front() == QLatin1Char('"') && text.contains(sentence) && callers.filter(translating).isEmpty())
            found.append(QStringLiteral("%1: %2")
                             .arg(source.left(match.capturedStart()).count(QLatin1Char('\n')) + 1)
                             .arg(text));
        before = text;
    }
    return found;
}

/// What is not for the user's language: markup, keys of files, names of made-up guitars, what only a terminal shows.
bool isNoSentence(const QString& file, const QString& literal) {
    static const QSet<QString> names{QStringLiteral("demo.cpp"), QStringLiteral("demo_shop.cpp"),
                                     QStringLiteral("card.cpp"), QStringLiteral("help_page.cpp")};
    return names.contains(file) || literal.contains(QLatin1Char('<')) ||
           literal.contains(QLatin1String("\"name of \"")) || literal.contains(QLatin1String("\"key ")) ||
           literal.contains(QLatin1String("\"simulated guitar\"")) || literal.contains(QLatin1String("-//"));
}

QSet<QString> pluralsOf(const QString& ts, int* unfinished = nullptr) {
    QSet<QString> sources;
    QXmlStreamReader xml(contentOf(ts));
    bool plural = false;
    while (!xml.atEnd()) {
        xml.readNext();
        if (!xml.isStartElement())
            continue;
        if (xml.name() == QLatin1String("message"))
            plural = xml.attributes().value(QLatin1String("numerus")) == QLatin1String("yes");
        else if (xml.name() == QLatin1String("source") && plural)
            sources.insert(xml.readElementText());
        else if (xml.name() == QLatin1String("translation") && plural && unfinished)
            *unfinished += xml.attributes().hasAttribute(QLatin1String("type"));
    }
    return sources;
}

/// Every text of that element in a file of translations.
QStringList textsOf(const QString& ts, const char* element) {
    QStringList texts;
    QXmlStreamReader xml(contentOf(ts));
    while (!xml.atEnd()) {
        xml.readNext();
        if (xml.isStartElement() && xml.name() == QLatin1String(element))
            texts.append(xml.readElementText(QXmlStreamReader::IncludeChildElements).remove(QLatin1Char('&')));
    }
    return texts;
}

} // namespace

class TestLiterals : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void aLiteralIsSeen() {
        QCOMPARE(unreached(QStringLiteral("f(\"two words\");")).size(), 1);
        QCOMPARE(unreached(QStringLiteral("f(tr(\"two words\"), Words::tr(\"of it\") + x);")).size(), 0);
        QCOMPARE(unreached(QStringLiteral("g(QT_TRANSLATE_NOOP(\"C\", \"two words\")); // \"not this\"")).size(), 0);
        QCOMPARE(unreached(QStringLiteral("tr(\"a b\"); h(\"cc d\");")).size(), 1);
    }

    void everySentenceCanBeTranslated_data() {
        QTest::addColumn<QString>("layer");
        for (const char* layer : {"domain", "session", "paint", "widgets", "app"})
            QTest::newRow(layer) << QString::fromLatin1(layer);
    }
    void everySentenceCanBeTranslated() {
        QFETCH(QString, layer);
        QStringList found;
        int files = 0;
        QDirIterator all(QStringLiteral(FLENZO_SOURCE_DIR "/src/") + layer,
                         {QStringLiteral("*.h"), QStringLiteral("*.cpp")}, QDir::Files, QDirIterator::Subdirectories);
        while (all.hasNext()) {
            const QString file = all.next();
            ++files;
            for (const QString& literal : unreached(contentOf(file)))
                if (!isNoSentence(all.fileName(), literal))
                    found.append(all.fileName() + QLatin1Char(':') + literal);
        }
        QVERIFY(files > 3);
        QVERIFY2(found.isEmpty(), qPrintable(found.join(QLatin1Char('\n'))));
    }

    /// What exercises and demo jobs say is gathered as well.
    void bundledTextsAreGathered() {
        const QStringList gathered = textsOf(QStringLiteral(FLENZO_SOURCE_DIR "/translations/flenzo_de.ts"), "source");
        int texts = 0;
        for (const char* folder : {"exercises", "demo"}) {
            QDirIterator files(QStringLiteral(FLENZO_SOURCE_DIR "/data/") + QLatin1String(folder), QDir::Files);
            while (files.hasNext()) {
                const QJsonObject json = QJsonDocument::fromJson(contentOf(files.next()).toUtf8()).object();
                for (const char* part : {"title", "story", "reason", "task"})
                    if (const QString text = json.value(QLatin1String(part)).toString(); !text.isEmpty()) {
                        ++texts;
                        QVERIFY2(gathered.contains(text), qPrintable(text));
                    }
            }
        }
        QVERIFY(texts > 40);
        const QJsonObject catalogue =
            QJsonDocument::fromJson(
                contentOf(QStringLiteral(FLENZO_SOURCE_DIR "/data/catalogue/catalogue.json")).toUtf8())
                .object();
        for (const char* list : {"sets", "tunings"})
            for (const QJsonValue& entry : catalogue.value(QLatin1String(list)).toArray()) {
                const QString name = entry.toObject().value(QLatin1String("name")).toString();
                QVERIFY2(!name.isEmpty() && gathered.contains(name), qPrintable(name));
            }
    }

    /// One thing has one name on every screen: what it was called before is said nowhere.
    void retiredWordsAreNowhere_data() {
        QTest::addColumn<QString>("file");
        QTest::addColumn<QString>("element");
        QTest::addColumn<QString>("word");
        for (const char* word : {"(?<!ridge )(?<!tring )\\bposts?\\b(?!, open nut)",
                                 "way home",
                                 "from home",
                                 "not home",
                                 "nudge",
                                 "natural stop",
                                 "wedge",
                                 "chock",
                                 "\\btails?\\b",
                                 "\\bhabits?\\b",
                                 "\\bschools?\\b",
                                 "touch-up",
                                 "(?<!afety )\\bglasses\\b",
                                 "fingerboard",
                                 "\\bgoals?\\b",
                                 "\\brig\\b",
                                 "hidden guitar",
                                 "times in 10",
                                 "[Tt]ake out of the shop",
                                 "\\b(?:keep|kept) in the shop",
                                 "house's",
                                 "give or take",
                                 "centring assist"})
            QTest::addRow("English: %s", word)
                << QStringLiteral("flenzo_de.ts") << QStringLiteral("source") << QString::fromLatin1(word);
        for (const char* word :
             {"\\bWirbel", "\\bKralle\\b", "Sattelkappe", "Niederhalter\\b", "Ratgeber spielt", "Ebenheit"})
            QTest::addRow("German: %s", word)
                << QStringLiteral("flenzo_de.ts") << QStringLiteral("translation") << QString::fromLatin1(word);
        for (const char* word : {"manivela", "Afinaci\303\263n gruesa", "pron\303\263stico"})
            QTest::addRow("Spanish: %s", word)
                << QStringLiteral("flenzo_es.ts") << QStringLiteral("translation") << QString::fromUtf8(word);
    }
    void retiredWordsAreNowhere() {
        QFETCH(QString, file);
        QFETCH(QString, element);
        QFETCH(QString, word);
        const QStringList texts =
            textsOf(QStringLiteral(FLENZO_SOURCE_DIR "/translations/") + file, qPrintable(element));
        QVERIFY(texts.size() > 2000);
        const QStringList said = texts.filter(QRegularExpression(word));
        QVERIFY2(said.isEmpty(), qPrintable(said.join(QLatin1Char('\n'))));
    }

    /// The gathering tool finds a context for each, and English has both numbers of what is counted.
    void everySentenceIsGathered() {
        QTemporaryDir dir;
        const QString ts = dir.filePath(QStringLiteral("all.ts"));
        QProcess gather;
        gather.setWorkingDirectory(QStringLiteral(FLENZO_SOURCE_DIR));
        gather.setProcessChannelMode(QProcess::MergedChannels);
        gather.start(QStringLiteral(FLENZO_LUPDATE), {QStringLiteral("src"), QStringLiteral("-locations"),
                                                      QStringLiteral("none"), QStringLiteral("-ts"), ts});
        QVERIFY(gather.waitForFinished(120000));
        const QString said = QString::fromUtf8(gather.readAll());
        QCOMPARE(gather.exitCode(), 0);
        QVERIFY2(!said.contains(QLatin1String("cannot")) && !said.contains(QLatin1String("warning")), qPrintable(said));
        int unfinished = 0;
        const QSet<QString> english =
            pluralsOf(QStringLiteral(FLENZO_SOURCE_DIR "/translations/flenzo_en.ts"), &unfinished);
        QCOMPARE(unfinished, 0);
        QCOMPARE(english, pluralsOf(ts));
        QVERIFY(!english.isEmpty());
    }
};

QTEST_GUILESS_MAIN(TestLiterals)
#include "test_literals.moc"
