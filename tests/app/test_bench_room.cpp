// SPDX-License-Identifier: GPL-3.0-or-later
// In every language the bench shows every string without a scroll bar.
#include "app/main_window.h"
#include "support/spoken.h"

#include <QTest>

using namespace flenzo;
using namespace flenzo::testing;

class TestBenchRoom : public QObject, SpokenFixture {
    Q_OBJECT
private Q_SLOTS:
    void cleanup() { endSpeaking(); }

    void theBenchHasRoom_data() {
        everyLanguage();
        QTest::newRow("English") << "en";
    }
    /// Up to twice the usual size of text, in both themes.
    void theBenchHasRoom() {
        QFETCH(QString, language);
        if (language != QLatin1String("en"))
            speak(language);
        beginShop();
        for (const double scale : {1.0, 1.5, 2.0}) {
            look(scale, scale > 1.5); // the theme has no part in sizes
            for (const auto& [strings, screen] :
                 {std::pair{std::size_t{4}, usual_}, {7, usual_}, {12, usual_}, {6, small_}}) {
                showBench(strings, screen);
                benchFits(screen, QStringLiteral("%1 strings, %2").arg(strings).arg(scale));
                if (QTest::currentTestFailed())
                    return;
            }
        }
        look(1.0, false);
        for (const auto& [strings, screen] : {std::pair{std::size_t{7}, usual_ / 2}, {6, small_ / 2}}) {
            showBench(strings, screen); // a desktop that counts two pixels as one
            benchFits(screen, QStringLiteral("%1 strings in half the pixels").arg(strings));
        }
    }
};

QTEST_MAIN(TestBenchRoom)
#include "test_bench_room.moc"
