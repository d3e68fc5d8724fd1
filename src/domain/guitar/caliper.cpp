// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/guitar/caliper.h"

#include "core/base/units.h"

#include <algorithm>
#include <cmath>

namespace flenzo {

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
        const CatalogueString* low = catalogue.stringById(set->items.first());
        const CatalogueString* high = catalogue.stringById(set->items.last());
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

double pullOff(const Catalogue& catalogue, const CatalogueSet& set, double thickest_m, double thinnest_m) {
    constexpr double told_m = 1e-5; // as finely as calipers tell
    const auto off = [&](const QString& id, double measured_m) {
        const CatalogueString* string = catalogue.stringById(id);
        const double by_m = string ? string->wire.gauge_m - measured_m : 0.0;
        const double share = 1.0 + std::copysign(std::max(0.0, std::abs(by_m) - told_m), by_m) / measured_m;
        return share * share - 1.0; // at one pitch the pull goes with the mass
    };
    const double low = off(set.items.first(), thickest_m), high = off(set.items.last(), thinnest_m);
    return std::abs(low) > std::abs(high) ? low : high;
}

} // namespace flenzo
