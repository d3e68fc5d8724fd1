// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/guitar/caliper.h"

#include "core/base/units.h"

#include <cmath>

namespace flenzo {

namespace {

const CatalogueString* byId(const Catalogue& catalogue, const QString& id) {
    for (const CatalogueString& entry : catalogue.strings)
        if (entry.id == id)
            return &entry;
    return nullptr;
}

} // namespace

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
