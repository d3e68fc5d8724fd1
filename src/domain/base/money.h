// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QString>
#include <optional>

namespace flenzo {

/// The shop's word for its money, on its side of the number.
struct Currency {
    QString before, after;
    bool operator==(const Currency&) const = default;
};

/// An amount in whole hundredths of the shop's money.
struct Money {
    qint64 minor = 0;
    Currency currency;
    bool operator==(const Money&) const = default;
};

/// "60 EUR", "45.50", "€ 1200,5". Nothing where it is no amount, negative, finer than hundredths, beyond
/// a million, or where the word for the money has more than 20 letters.
[[nodiscard]] std::optional<Money> moneyOf(const QString& typed);
/// "45.50 EUR"; without hundredths where there are none.
[[nodiscard]] QString moneyText(qint64 minor, const Currency& currency);
/// What so many minutes come to at a rate an hour, to the nearest hundredth.
[[nodiscard]] qint64 labour_minor(double minutes, const Money& hour);

} // namespace flenzo
