// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/input/quantity.h"

#include "core/base/units.h"
#include "domain/base/faults.h"
#include "domain/base/ranges.h"
#include "language/decimal.h"

#include <QCoreApplication>
#include <QRegularExpression>
#include <cmath>

namespace flenzo {

namespace {

constexpr double metresPerInch = 0.0254, thinnest_m = 0.00012, thickest_m = 0.0035;

/// Every unit that may be behind a number, as it is typed.
struct TypedUnit {
    Dimension dimension;
    const char* name;
    double si;
};
constexpr TypedUnit typedUnits[] = {
    {Dimension::Length, "mm", metresPerMm},
    {Dimension::Length, "cm", 0.01},
    {Dimension::Length, "m", 1.0},
    {Dimension::Length, "in", metresPerInch},
    {Dimension::Length, "inch", metresPerInch},
    {Dimension::Length, "\"", metresPerInch},
    {Dimension::Length, "″", metresPerInch},
    {Dimension::Length, "thou", metresPerThou},
    {Dimension::Length, "mil", metresPerThou},
    {Dimension::Angle, "°", radiansPerDegree},
    {Dimension::Angle, "deg", radiansPerDegree},
    {Dimension::Force, "N", 1.0},
    {Dimension::Force, "lbf", newtonsPerPoundForce},
    {Dimension::Force, "lb", newtonsPerPoundForce},
    {Dimension::Force, "kgf", standardGravity_mps2},
    {Dimension::Force, "kg", standardGravity_mps2}, // what a luggage scale shows
    {Dimension::Force, "g", 1e-3 * standardGravity_mps2},
    {Dimension::SpringRate, "N/mm", 1000.0},
    {Dimension::SpringRate, "N/in", 1.0 / metresPerInch},
    {Dimension::SpringRate, "lbf/in", newtonsPerPoundForce / metresPerInch},
    {Dimension::SpringRate, "lbf/mm", newtonsPerPoundForce / metresPerMm},
    {Dimension::Mass, "kg", 1.0},
    {Dimension::Mass, "g", 1e-3},
    {Dimension::UnitMass, "g/m", 1e-3},
    {Dimension::UnitMass, "kg/m", 1.0},
    {Dimension::Moment, "N·m", 1.0},
    {Dimension::Moment, "Nm", 1.0},
    {Dimension::AngularRate, "N·m/rad", 1.0},
    {Dimension::AngularRate, "Nm/rad", 1.0},
    {Dimension::Turns, "turns", 1.0},
    {Dimension::Turns, "turn", 1.0},
    {Dimension::Cents, "¢", 1.0},
    {Dimension::Cents, "c", 1.0},
    {Dimension::Cents, "ct", 1.0},
    {Dimension::Cents, "cent", 1.0},
    {Dimension::Cents, "cents", 1.0},
    {Dimension::Frequency, "Hz", 1.0},
};

/// SI per unit of that name; the name shown is understood in any language.
std::optional<double> typedUnit(Dimension dimension, const QString& name, const Units& units) {
    if (name == unitName(dimension, units))
        return shownUnit(dimension, units);
    for (const TypedUnit& unit : typedUnits)
        if (unit.dimension == dimension && name.compare(QString::fromUtf8(unit.name), Qt::CaseInsensitive) == 0)
            return unit.si;
    return std::nullopt;
}

QString example(Dimension dimension, const Units& units) {
    switch (dimension) {
    case Dimension::Length:
        return QCoreApplication::translate("Quantity", "4.2 mm, 0.165 in or 10 thou");
    case Dimension::Gauge:
        return QCoreApplication::translate("Quantity", "0.43 mm, 17 or .017");
    case Dimension::Angle:
        return QCoreApplication::translate("Quantity", "0.3° or -0.3");
    default:
        return (QStringLiteral("1.25 ") + unitName(dimension, units)).trimmed();
    }
}

/// What a bare gauge is by its size.
double bareGauge_m(double value) {
    constexpr double leastThousandths = 6.0, mostInches = 0.12;
    return value * (value >= leastThousandths ? metresPerThou : value < mostInches ? metresPerInch : metresPerMm);
}

} // namespace

std::optional<double> parseNumber(QString text) {
    text = text.trimmed();
    text.replace(QChar(0x2212), QLatin1Char('-')).replace(QLatin1Char(','), QLatin1Char('.'));
    static const QRegularExpression shape(
        QStringLiteral("^([+-]?)\\s*(?:(\\d*\\.?\\d+|\\d+\\.)|(?:(\\d+)\\s+)?(\\d+)/([1-9]\\d*))$"));
    const auto match = shape.match(text);
    if (!match.hasMatch())
        return std::nullopt;
    const double size = match.capturedLength(2) > 0 ? match.captured(2).toDouble()
                                                    : match.captured(3).toDouble() +
                                                          match.captured(4).toDouble() / match.captured(5).toDouble();
    if (!std::isfinite(size))
        return std::nullopt;
    return match.captured(1) == QLatin1String("-") ? -size : size;
}

Result<double> parseQuantity(const QString& text, Dimension dimension, const Units& units, const QString& field) {
    const Fault refused{faults::notQuantity, field, {text.trimmed(), example(dimension, units)}};
    static const QRegularExpression shape(
        QStringLiteral("^\\s*([-+\\d.,/\\s\\x{2212}]*\\d[.,]?)\\s*([^\\d\\s].*?)?\\s*$"));
    const auto match = shape.match(text);
    const auto value = match.hasMatch() ? parseNumber(match.captured(1)) : std::nullopt;
    if (!value)
        return refused;
    const QString unit = match.captured(2);
    const Dimension named = dimension == Dimension::Gauge ? Dimension::Length : dimension;
    const auto si = unit.isEmpty() ? std::optional(shownUnit(dimension, units)) : typedUnit(named, unit, units);
    if (!si)
        return refused;
    if (dimension != Dimension::Gauge)
        return *value * *si;
    const double gauge_m = unit.isEmpty() ? bareGauge_m(*value) : *value * *si;
    if (gauge_m < thinnest_m || gauge_m > thickest_m)
        return Fault{faults::noSuchGauge, field};
    return gauge_m;
}

Result<double> parseQuantity(const QString& text, Dimension dimension, const Units& units, const QString& field,
                             const Range& range) {
    constexpr double rounding = 1e-9;
    Result<double> read = parseQuantity(text, dimension, units, field);
    if (!read.ok())
        return read;
    const double inFile = read.value() / fileUnit(dimension);
    if (inFile >= range.least - rounding && inFile <= range.most + rounding)
        return read;
    const auto shown = [&](double limit) {
        const double value = limit * fileUnit(dimension) / shownUnit(dimension, units);
        return (decimal(value) + QLatin1Char(' ') + unitName(dimension, units)).trimmed();
    };
    return Fault{faults::outOfRange, field, {shown(range.least), shown(range.most), reasonOf(range)}};
}

double fileUnit(Dimension dimension) {
    switch (dimension) {
    case Dimension::Length:
    case Dimension::Gauge:
        return metresPerMm;
    case Dimension::Angle:
        return radiansPerDegree;
    case Dimension::SpringRate:
        return 1000.0;
    default:
        return 1.0;
    }
}

double shownUnit(Dimension dimension, const Units& units) {
    if (dimension == Dimension::Length && units.inches)
        return metresPerInch;
    if (dimension == Dimension::Force && units.poundForce)
        return newtonsPerPoundForce;
    if (dimension == Dimension::SpringRate && (units.poundForce || units.inches))
        return (units.poundForce ? newtonsPerPoundForce : 1.0) / (units.inches ? metresPerInch : metresPerMm);
    return dimension == Dimension::UnitMass ? 1e-3 : fileUnit(dimension);
}

QString unitName(Dimension dimension, const Units& units) {
    switch (dimension) {
    case Dimension::Length:
        return units.inches ? QStringLiteral("in") : QStringLiteral("mm");
    case Dimension::Gauge:
        return QStringLiteral("mm");
    case Dimension::Angle:
        return QStringLiteral("°");
    case Dimension::Force:
        return units.poundForce ? QStringLiteral("lbf") : QStringLiteral("N");
    case Dimension::SpringRate:
        return unitName(Dimension::Force, units) + QLatin1Char('/') + unitName(Dimension::Length, units);
    case Dimension::Mass:
        return QStringLiteral("kg");
    case Dimension::UnitMass:
        return QStringLiteral("g/m");
    case Dimension::Turns:
        return QCoreApplication::translate("Quantity", "turns");
    case Dimension::Moment:
        return QStringLiteral("N·m");
    case Dimension::AngularRate:
        return QStringLiteral("N·m/rad");
    case Dimension::Cents:
        return QStringLiteral("¢");
    case Dimension::Frequency:
        return QStringLiteral("Hz");
    case Dimension::Number:
        return {};
    }
    return {};
}

Result<double> parsePlateAngle(const QString& text, const Bridge& bridge, const QString& field, const Range& range) {
    Result<double> angle = parseQuantity(text, Dimension::Angle, {}, field, range);
    if (angle.ok())
        return angle;
    const Result<double> gap_m = parseQuantity(text, Dimension::Length, {}, field, ranges::gap_mm);
    return gap_m.ok() && !parseNumber(text) ? Result<double>(angleOfGap_rad(bridge, gap_m.value())) : angle;
}

} // namespace flenzo
