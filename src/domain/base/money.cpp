// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/base/money.h"

#include <QLocale>
#include <QRegularExpression>
#include <cmath>

namespace flenzo {

std::optional<Money> moneyOf(const QString& typed) {
    static const QRegularExpression shape(
        QStringLiteral("^([^\\d.,-]{0,20})(\\d{1,7})(?:[.,](\\d{1,2}))?([^\\d.,-]{0,20})$"));
    const auto match = shape.match(typed.trimmed());
    constexpr qint64 most = 1000000;
    if (!match.hasMatch() || match.captured(2).toLongLong() > most)
        return std::nullopt;
    const QString hundredths = match.captured(3).leftJustified(2, QLatin1Char('0'));
    return Money{100 * match.captured(2).toLongLong() + hundredths.toLongLong(),
                 {match.captured(1), match.captured(4)}};
}

QString moneyText(qint64 minor, const Currency& currency) {
    const qint64 size = std::abs(minor);
    QString number = QString::number(size / 100);
    if (size % 100 != 0)
        number += QLocale().decimalPoint() + QStringLiteral("%1").arg(size % 100, 2, 10, QLatin1Char('0'));
    return (currency.before + (minor < 0 ? QStringLiteral("\u2212") : QString()) + number + currency.after).trimmed();
}

qint64 labour_minor(double minutes, const Money& hour) {
    return std::llround(minutes / 60.0 * static_cast<double>(hour.minor));
}

} // namespace flenzo
