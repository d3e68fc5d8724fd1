// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/input/held_entry.h"

#include "domain/base/faults.h"
#include "domain/base/ranges.h"
#include "language/figures.h"

#include <QRegularExpression>
#include <cmath>

namespace flenzo {

Result<std::vector<double>> parseHeld(const QString& text, std::size_t strings) {
    QString plain = text.trimmed();
    plain.replace(QChar(0x2212), QLatin1Char('-')).replace(QLatin1Char(','), QLatin1Char('.'));
    static const QRegularExpression between(QStringLiteral("[\\s;/]+"));
    std::vector<double> cents;
    bool sound = true;
    for (const QString& word : plain.split(between, Qt::SkipEmptyParts)) {
        bool isNumber = false;
        cents.push_back(word.toDouble(&isNumber));
        sound = sound && isNumber && cents.back() >= ranges::reading_cents.least &&
                cents.back() <= ranges::reading_cents.most;
    }
    if (!cents.empty() && (!sound || cents.size() != strings))
        return Fault{faults::notHeldReadings, QStringLiteral("held"), {QString::number(strings), text.trimmed()}};
    return cents;
}

QString heldText(const std::vector<double>& cents) {
    QStringList words;
    for (const double one : cents)
        words.append(signedNumber(one, std::abs(one - std::round(one)) < 0.05 ? 0 : 1));
    return words.join(QLatin1Char(' '));
}

} // namespace flenzo
