// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/guitar_code.h"

#include "domain/base/faults.h"

#include <QRandomGenerator>

namespace flenzo {

namespace {

const QString shopNumber = QStringLiteral("shopNumber"); ///< setting
constexpr int shopDigits = 6, leastJobDigits = 4, checkDigits = 2;
constexpr int mostDigits = shopDigits + 12 + checkDigits;
constexpr int modulus = 97; ///< notices every single wrong digit and every exchange of neighbours

int remainder(const QString& digits) {
    int rest = 0;
    for (const QChar digit : digits)
        rest = (10 * rest + digit.digitValue()) % modulus;
    return rest;
}

Result<qint64> shopOf(Logbook& book) {
    const Result<QString> known = book.setting(shopNumber);
    if (!known.ok())
        return known.fault();
    if (const qint64 number = known.value().toLongLong(); number > 0)
        return number;
    const qint64 drawn = QRandomGenerator::global()->bounded(100000, 1000000);
    if (const auto fault = book.setSetting(shopNumber, QString::number(drawn)))
        return *fault;
    return drawn;
}

} // namespace

QString codeDigits(const GuitarCode& code) {
    const QString digits = QStringLiteral("%1%2")
                               .arg(code.shop, shopDigits, 10, QLatin1Char('0'))
                               .arg(code.job, leastJobDigits, 10, QLatin1Char('0'));
    const int check = (modulus + 1 - remainder(digits + QStringLiteral("00"))) % modulus;
    return digits + QStringLiteral("%1").arg(check, checkDigits, 10, QLatin1Char('0'));
}

QString codeText(const GuitarCode& code) {
    const QString digits = codeDigits(code);
    QStringList groups;
    for (int at = 0; at < digits.size(); at += 4)
        groups.append(digits.mid(at, 4));
    return groups.join(QLatin1Char(' '));
}

std::optional<GuitarCode> readCode(const QString& text) {
    QString digits;
    for (const QChar sign : text.trimmed())
        if (sign.isDigit())
            digits.append(QChar::fromLatin1(static_cast<char>('0' + sign.digitValue())));
        else if (!sign.isSpace() && sign != QLatin1Char('-'))
            return std::nullopt;
    if (digits.size() < shopDigits + leastJobDigits + checkDigits || digits.size() > mostDigits ||
        remainder(digits) != 1)
        return std::nullopt;
    const QString job = digits.mid(shopDigits, digits.size() - shopDigits - checkDigits);
    return GuitarCode{digits.left(shopDigits).toLongLong(), job.toLongLong()};
}

Result<GuitarCode> codeOf(Logbook& book, qint64 job) {
    const Result<qint64> shop = shopOf(book);
    if (!shop.ok())
        return shop.fault();
    return GuitarCode{shop.value(), job};
}

Result<qint64> guitarOfCode(const Logbook& book, const GuitarCode& code) {
    const Result<QString> shop = book.setting(shopNumber);
    if (!shop.ok())
        return shop.fault();
    if (shop.value().toLongLong() != code.shop)
        return Fault{faults::codeOfOtherShop, QStringLiteral("code"), {codeText(code)}};
    Result<qint64> guitar = book.guitarOf(code.job);
    if (guitar.ok() || !guitar.fault().is(faults::jobGone))
        return guitar;
    return Fault{faults::codeOfNoJob, QStringLiteral("code"), {codeText(code)}};
}

} // namespace flenzo
