// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/languages.h"
#include "app/main_window.h"
#include "app/shop_place.h"
#include "store/bundled.h"
#include "store/catalogue_files.h"
#include "store/files.h"
#include "widgets/look.h"

#include <QApplication>
#include <QCommandLineParser>
#include <QEvent>
#include <QIcon>
#include <QTemporaryDir>
#include <QTimer>
#include <cstdio>
#include <cstdlib>

namespace {

/// Ends the program once the first picture of a window is painted.
class EndWhenPainted : public QObject {
public:
    using QObject::QObject;

protected:
    bool eventFilter(QObject*, QEvent* event) override {
        if (event->type() == QEvent::Paint)
            QTimer::singleShot(0, qApp, [] { std::quick_exit(0); }); // putting away is not what is measured
        return false;
    }
};

} // namespace

int main(int argc, char** argv) {
    using namespace flenzo;
    QApplication app(argc, argv);
    QApplication::setApplicationName(QStringLiteral("flenzo"));
    QApplication::setApplicationVersion(QStringLiteral(FLENZO_VERSION));
    QApplication::setDesktopFileName(QStringLiteral("org.flenzo.flenzo"));
    ShellPaths paths = defaultPaths();
    const Preferences preferences = loadPreferences(paths.settingsFile);
    useLanguage(preferences.language);
    QCommandLineParser parser;
    parser.setApplicationDescription(
        QCoreApplication::translate("main", "Restringing and setting up guitars with floating vibrato bridges."));
    parser.addHelpOption();
    parser.addVersionOption();
    const QCommandLineOption demo(QStringLiteral("demo"),
                                  QCoreApplication::translate("main", "Start with the demo shop."));
    const QCommandLineOption logbook(
        QStringLiteral("logbook"),
        QCoreApplication::translate("main", "Use this logbook: a file, or postgresql://user@host/database."),
        QStringLiteral("PLACE"));
    const QCommandLineOption bench(QStringLiteral("bench"),
                                   QCoreApplication::translate("main", "How this bench is called among several."),
                                   QStringLiteral("NAME"));
    QCommandLineOption untilPainted(QStringLiteral("until-painted")); // measures how long a start takes
    untilPainted.setFlags(QCommandLineOption::HiddenFromHelp);
    parser.addOptions({demo, logbook, bench, untilPainted});
    parser.addPositionalArgument(QStringLiteral("file"),
                                 QCoreApplication::translate("main", "A job, guitar or exercise to open."),
                                 QStringLiteral("[file]"));
    parser.process(app);
    loadTypeface();
    openBundledData();
    QIcon::setThemeSearchPaths({}); // icons ship with the program; looking through the desktop's takes a while
    QApplication::setWindowIcon(QIcon(QStringLiteral(":/flenzo/icons/flenzo.png")));
    Result<Catalogue> catalogue = bundledCatalogue();
    if (!catalogue.ok()) {
        std::fprintf(stderr, "%s\n", qPrintable(sentence(QStringLiteral("catalogue"), catalogue.fault())));
        return 1;
    }
    QTemporaryDir scratch; // the demo must not touch what the user has
    if (parser.isSet(demo))
        paths = {scratch.filePath(QStringLiteral("recovery")), scratch.filePath(QStringLiteral("flenzo.ini")),
                 scratch.filePath(QStringLiteral("own.json")), scratch.filePath(QStringLiteral("demo.flenzo-logbook"))};
    else
        paths.server = preferences.server;
    paths.bench = preferences.bench.isEmpty() ? QSysInfo::machineHostName() : preferences.bench;
    if (parser.isSet(bench))
        paths.bench = parser.value(bench);
    if (parser.isSet(logbook)) {
        const QString place = parser.value(logbook);
        paths.server = isServerAddress(place) ? place : QString();
        if (paths.server.isEmpty())
            paths.logbookFile = place;
    }
    MainWindow window(paths, catalogue.value());
    window.shop().open();
    if (parser.isSet(demo))
        window.stockWithDemo();
    window.offerRecovery();
    if (parser.isSet(untilPainted))
        window.installEventFilter(new EndWhenPainted(&window));
    window.show();
    if (!parser.positionalArguments().isEmpty())
        window.openFromDesktop(parser.positionalArguments().constFirst());
    return QApplication::exec();
}
