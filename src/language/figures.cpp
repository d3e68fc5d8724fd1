// SPDX-License-Identifier: GPL-3.0-or-later
#include "language/figures.h"

#include "core/base/fractions.h"

#include "core/base/units.h"
#include "language/decimal.h"

#include <QCoreApplication>
#include <cmath>
#include <numeric>

namespace flenzo {

QString signedNumber(double value, int decimals) {
    if (!std::isfinite(value))
        return QStringLiteral("–");
    QString digits = decimal(std::abs(value), decimals);
    if (digits == decimal(0.0, decimals))
        return digits;
    return (value < 0.0 ? QChar(0x2212) : QChar(QLatin1Char('+'))) + digits;
}

QString centsText(double value_cents) {
    return signedNumber(value_cents, 1) + QStringLiteral(" ¢");
}

QString degreesText(double angle_rad) {
    return signedNumber(degrees(angle_rad), 2) + QStringLiteral("°");
}

QString plateText(double angle_rad) {
    const double deg = degrees(angle_rad);
    const QString size = decimal(std::abs(deg), 2);
    return std::abs(deg) < 0.005 ? QCoreApplication::translate("Format", "plate level")
           : deg > 0.0           ? QCoreApplication::translate("Format", "plate forward %1°").arg(size)
                                 : QCoreApplication::translate("Format", "plate sunk %1°").arg(size);
}

QString lengthText(double length_m, const Units& units) {
    return units.inches ? QStringLiteral("%1 in").arg(decimal(length_m / 0.0254, 3))
                        : QStringLiteral("%1 mm").arg(decimal(length_m / metresPerMm, 2));
}

QString forceText(double force_N, const Units& units) {
    return units.poundForce ? QStringLiteral("%1 lbf").arg(decimal(force_N / newtonsPerPoundForce, 1))
                            : QStringLiteral("%1 N").arg(decimal(force_N, 1));
}

QString momentText(double moment_Nm) {
    return QStringLiteral("%1 N·m").arg(decimal(std::abs(moment_Nm), 2));
}

QString hertzText(double frequency_Hz) {
    return QStringLiteral("%1 Hz").arg(decimal(frequency_Hz, 2));
}

QString gaugeText(double gauge_m, const Units& units) {
    if (!units.inches)
        return QStringLiteral("%1 mm").arg(decimal(gauge_m / metresPerMm, 3));
    return QStringLiteral("%1 in").arg(decimal(gauge_m / 0.0254, 4));
}

QString turnsText(double turns) {
    return QString::fromStdString(inSixteenths(turns));
}

} // namespace flenzo
