// SPDX-License-Identifier: GPL-3.0-or-later
#include "language/decimal.h"

#include <QLocale>

namespace flenzo {

namespace {

QString spoken(QString number) {
    return number.replace(QLatin1Char('.'), QLocale().decimalPoint());
}

} // namespace

QString decimal(double value, int decimals) {
    return spoken(QString::number(value, 'f', decimals));
}

QString decimal(double value) {
    return spoken(QString::number(value, 'g', 4));
}

} // namespace flenzo
