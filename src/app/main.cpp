// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/languages.h"
#include "app/main_window.h"
#include "app/shots.h"
#include "store/bundled.h"
#include "store/catalogue_files.h"
#include "store/files.h"
#include "widgets/look.h"

#include <QApplication>
#include <QCommandLineParser>
#include <QIcon>
#include <QTemporaryDir>
#include <cstdio>

int main(int argc, char** argv) {
    using namespace flenzo;
    QApplication app(argc, argv);
    QApplication::setApplicationName(QStringLiteral("flenzo"));
    QApplication::setApplicationVersion(QStringLiteral(FLENZO_VERSION));
    QApplication::setDesktopFileName(QStringLiteral("org.flenzo.flenzo"));
    ShellPaths paths = defaultPaths();
    useLanguage(loadPreferences(paths.settingsFile).language);
    QCommandLineParser parser;
    parser.setApplicationDescription(
        QCoreApplication::translate("main", "Restringing and setting up guitars with floating vibrato bridges."));
    parser.addHelpOption();
    parser.addVersionOption();
    const QCommandLineOption demo(QStringLiteral("demo"),
                                  QCoreApplication::translate("main", "Start with the demo shop."));
    const QCommandLineOption shots(QStringLiteral("shots"),
                                   QCoreApplication::translate("main", "Render every main view into DIR and exit."),
                                   QStringLiteral("DIR"));
    const QCommandLineOption logbook(QStringLiteral("logbook"),
                                     QCoreApplication::translate("main", "Use this logbook."), QStringLiteral("FILE"));
    parser.addOptions({demo, shots, logbook});
    parser.addPositionalArgument(QStringLiteral("file"),
                                 QCoreApplication::translate("main", "A job, guitar or exercise to open."),
                                 QStringLiteral("[file]"));
    parser.process(app);
    loadTypeface();
    openBundledData();
    QApplication::setWindowIcon(QIcon(QStringLiteral(":/flenzo/icons/flenzo.png")));
    Result<Catalogue> catalogue = bundledCatalogue();
    if (!catalogue.ok()) {
        std::fprintf(stderr, "%s\n", qPrintable(sentence(QStringLiteral("catalogue"), catalogue.fault())));
        return 1;
    }
    QTemporaryDir scratch; // pictures must not depend on, or touch, what the user has set
    if (parser.isSet(shots) || parser.isSet(demo))
        paths = {scratch.filePath(QStringLiteral("recovery")), scratch.filePath(QStringLiteral("flenzo.ini")),
                 scratch.filePath(QStringLiteral("own.json")), scratch.filePath(QStringLiteral("demo.flenzo-logbook"))};
    if (parser.isSet(logbook))
        paths.logbookFile = parser.value(logbook);
    MainWindow window(paths, catalogue.value());
    window.openShop();
    if (parser.isSet(shots) || parser.isSet(demo))
        window.stockWithDemo();
    if (parser.isSet(shots))
        return takeShots(window, parser.value(shots)) ? 0 : 1;
    window.offerRecovery();
    window.show();
    if (!parser.positionalArguments().isEmpty())
        window.openFromDesktop(parser.positionalArguments().constFirst());
    return QApplication::exec();
}
