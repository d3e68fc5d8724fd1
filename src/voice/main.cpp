// SPDX-License-Identifier: GPL-3.0-or-later
// Says aloud what comes in line by line, for the program that started it. A process of its own: engines of speech wait
// for their sound server, some of them for ever, and the bench must not wait with them.
#include <QCoreApplication>
#include <QSocketNotifier>
#include <QTextStream>
#include <QTextToSpeech>
#include <cstdio>

int main(int argc, char** argv) {
    const QCoreApplication app(argc, argv);
    if (QTextToSpeech::availableEngines().isEmpty())
        return 1;
    if (app.arguments().contains(QStringLiteral("--check")))
        return 0;
    QTextToSpeech speech;
    QTextStream in(stdin);
    QSocketNotifier lines(fileno(stdin), QSocketNotifier::Read);
    QObject::connect(&lines, &QSocketNotifier::activated, &app, [&] {
        const QString words = in.readLine();
        if (words.isNull())
            QCoreApplication::quit();
        else if (!words.isEmpty())
            speech.say(words); // an act that is over is broken off
    });
    return QCoreApplication::exec();
}
