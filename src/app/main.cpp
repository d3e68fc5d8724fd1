// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shell.h"
#include "app/shots.h"
#include "store/files.h"
#include "widgets/look.h"

#include <QApplication>
#include <QCommandLineParser>
#include <QTemporaryDir>
#include <cstdio>

int main(int argc, char** argv) {
    using namespace flenzo;
    QApplication app(argc, argv);
    QApplication::setApplicationName(QStringLiteral("flenzo"));
    QApplication::setApplicationVersion(QStringLiteral(FLENZO_VERSION));
    QCommandLineParser parser;
    parser.setApplicationDescription(
        QStringLiteral("Restringing and setting up guitars with floating vibrato bridges."));
    parser.addHelpOption();
    parser.addVersionOption();
    const QCommandLineOption demo(QStringLiteral("demo"), QStringLiteral("Start with the demo shop."));
    const QCommandLineOption shots(QStringLiteral("shots"), QStringLiteral("Render every main view into DIR and exit."),
                                   QStringLiteral("DIR"));
    parser.addOptions({demo, shots});
    parser.addPositionalArgument(QStringLiteral("file"), QStringLiteral("A flenzo-job to open."),
                                 QStringLiteral("[file]"));
    parser.process(app);
    loadTypeface();
    Result<Catalogue> catalogue = bundledCatalogue();
    if (!catalogue.ok()) {
        std::fprintf(stderr, "%s\n", qPrintable(sentence(QStringLiteral("catalogue"), catalogue.fault())));
        return 1;
    }
    ShellPaths paths = defaultPaths();
    QTemporaryDir scratch; // pictures must not depend on, or touch, what the user has set
    if (parser.isSet(shots))
        paths = {scratch.filePath(QStringLiteral("recovery")), scratch.filePath(QStringLiteral("flenzo.ini")),
                 scratch.filePath(QStringLiteral("own.json"))};
    Shell shell(paths, catalogue.value());
    if (parser.isSet(shots))
        return takeShots(shell, parser.value(shots)) ? 0 : 1;
    shell.offerRecovery();
    if (parser.isSet(demo))
        shell.openDemo(0);
    shell.show();
    if (!parser.positionalArguments().isEmpty())
        shell.openFile(parser.positionalArguments().constFirst());
    return QApplication::exec();
}
