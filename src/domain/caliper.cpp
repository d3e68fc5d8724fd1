// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/caliper.h"

#include "core/base/units.h"

#include <QRegularExpression>
#include <cmath>

namespace flenzo {

namespace {

constexpr double thinnest_m = 0.00015, thickest_m = 0.0026; ///< of any guitar string

const CatalogueString* byId(const Catalogue& catalogue, const QString& id) {
    for (const CatalogueString& entry : catalogue.strings)
        if (entry.id == id)
            return &entry;
    return nullptr;
}

} // namespace

Result<CaliperReading> parseCaliper(const QString& text) {
    static const QRegularExpression shape(QStringLiteral("^(\\d*[.,]?\\d+)\\s*(mm|in|thou)?$"),
                                          QRegularExpression::CaseInsensitiveOption);
    const auto match = shape.match(text.trimmed());
    if (!match.hasMatch())
        return Fault{"caliper", "wants a number: 0.43 is millimetres, 17 or .017 thousandths of an inch"};
    const QString digits = match.captured(1), unit = match.captured(2).toLower();
    const double value = QString(digits).replace(QLatin1Char(','), QLatin1Char('.')).toDouble();
    const bool point = digits.startsWith(QLatin1Char('.')) || digits.startsWith(QLatin1Char(','));
    CaliperReading reading;
    reading.inches = unit.isEmpty() ? point || value >= 6.0 : unit != QLatin1String("mm");
    const bool thousandths = reading.inches && value >= 1.0;
    reading.gauge_m = value * (thousandths ? metresPerThou : reading.inches ? 1e3 * metresPerThou : metresPerMm);
    if (reading.gauge_m < thinnest_m || reading.gauge_m > thickest_m)
        return Fault{"caliper", "shows what no guitar string measures; see that caliper and unit are right"};
    return reading;
}

const CatalogueString* nearestString(const Catalogue& catalogue, double gauge_m) {
    const CatalogueString* nearest = nullptr;
    for (const CatalogueString& entry : catalogue.strings)
        if (!nearest || std::abs(entry.wire.gauge_m - gauge_m) < std::abs(nearest->wire.gauge_m - gauge_m))
            nearest = &entry;
    return nearest;
}

const CatalogueSet* nearestSet(const Catalogue& catalogue, std::size_t strings, double thickest, double thinnest) {
    const CatalogueSet* nearest = nullptr;
    double least = 0.0;
    for (const CatalogueSet* set : catalogue.setsFor(strings)) {
        const CatalogueString* low = byId(catalogue, set->items.first());
        const CatalogueString* high = byId(catalogue, set->items.last());
        if (!low || !high)
            continue;
        // In shares, or a thin string would count for nothing beside a thick one.
        const double off = std::hypot(std::log(low->wire.gauge_m / thickest), std::log(high->wire.gauge_m / thinnest));
        if (!nearest || off < least) {
            nearest = set;
            least = off;
        }
    }
    return nearest;
}

} // namespace flenzo
