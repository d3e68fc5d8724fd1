// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/practise.h"

#include <QJsonArray>
#include <cmath>

namespace flenzo {

QJsonObject practiceJson(const PracticeRun& run) {
    QJsonArray guesses;
    for (const Guessed& guess : run.guesses()) {
        QJsonObject one{{QStringLiteral("what"), guess.what == PracticeAct::Guess::ClawTurns
                                                     ? QStringLiteral("clawTurns")
                                                     : QStringLiteral("lowestString")},
                        {QStringLiteral("said"), guess.said}};
        if (guess.was)
            one[QLatin1String("was")] = std::round(*guess.was * 1e3) / 1e3;
        guesses.append(one);
    }
    QJsonObject json{{QStringLiteral("exercise"), run.exercise().name},
                     {QStringLiteral("seed"), static_cast<double>(run.seed())},
                     {QStringLiteral("score"), scoreToJson(run.score())},
                     {QStringLiteral("guesses"), guesses},
                     {QStringLiteral("fault"), faultName(run.hiddenFault())}};
    if (isOfAString(run.hiddenFault()))
        json[QLatin1String("faultString")] = QString::fromStdString(run.job().rig.strings[run.hiddenString()].name);
    if (const auto worst = run.costliestAct())
        json[QLatin1String("costliestAct")] = static_cast<double>(*worst + 1);
    return json;
}

} // namespace flenzo
