// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/guitar/catalogue.h"

namespace flenzo {

/// The catalogue's string nearest to a gauge.
[[nodiscard]] const CatalogueString* nearestString(const Catalogue& catalogue, double gauge_m);
/// The set for a number of strings whose thickest and thinnest are nearest to two gauges; none for that number:
/// nothing.
[[nodiscard]] const CatalogueSet* nearestSet(const Catalogue& catalogue, std::size_t strings, double thickest_m,
                                             double thinnest_m);
/// By how much more a set pulls at the same pitch than one of two measured gauges would, as a share: of its outer
/// strings, whichever is further off, beyond what a caliper tells.
[[nodiscard]] double pullOff(const Catalogue& catalogue, const CatalogueSet& set, double thickest_m, double thinnest_m);

} // namespace flenzo
