// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/guitar/catalogue.h"

namespace flenzo {

const CatalogueString* Catalogue::stringById(const QString& id) const {
    for (const CatalogueString& string : strings)
        if (string.id == id)
            return &string;
    return nullptr;
}

std::vector<const CatalogueSet*> Catalogue::setsFor(std::size_t count) const {
    std::vector<const CatalogueSet*> fitting;
    for (const CatalogueSet& set : sets)
        if (static_cast<std::size_t>(set.items.size()) == count)
            fitting.push_back(&set);
    return fitting;
}

std::vector<const CatalogueTuning*> Catalogue::tuningsFor(std::size_t count) const {
    std::vector<const CatalogueTuning*> fitting;
    for (const CatalogueTuning& tuning : tunings)
        if (static_cast<std::size_t>(tuning.notes.size()) == count)
            fitting.push_back(&tuning);
    return fitting;
}

Catalogue with(Catalogue catalogue, const OwnCatalogue& own) {
    catalogue.tunings.insert(catalogue.tunings.begin(), own.tunings.begin(), own.tunings.end());
    catalogue.sets.insert(catalogue.sets.begin(), own.sets.begin(), own.sets.end());
    for (CatalogueString& string : catalogue.strings)
        if (const auto mass = own.unitMass_kgpm.find(string.id); mass != own.unitMass_kgpm.end())
            string.wire.unitMass_kgpm = mass->second;
    return catalogue;
}

} // namespace flenzo
