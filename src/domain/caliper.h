// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/base/result.h"
#include "domain/catalogue.h"

namespace flenzo {

/// What a caliper showed. Millimetres and thousandths of an inch look alike: without a unit, a number that begins with
/// a point or is 6 or more counts as inches or thousandths, any other as millimetres.
struct CaliperReading {
    double gauge_m = 0.0;
    bool inches = false; ///< how it was read
};
/// "0.43", "0,43 mm", "17", ".017", "17 thou"; a fault says what no string measures.
[[nodiscard]] Result<CaliperReading> parseCaliper(const QString& text);

/// The catalogue's string nearest to a gauge.
[[nodiscard]] const CatalogueString* nearestString(const Catalogue& catalogue, double gauge_m);
/// The set for a number of strings whose thickest and thinnest are nearest to two gauges; none for that number:
/// nothing.
[[nodiscard]] const CatalogueSet* nearestSet(const Catalogue& catalogue, std::size_t strings, double thickest_m,
                                             double thinnest_m);

} // namespace flenzo
