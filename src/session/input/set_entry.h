// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/base/fault.h"
#include "domain/guitar/catalogue.h"

namespace flenzo {

/// A set typed in one field, thickest or thinnest first: "9 11 16 24 32 42", ".009 .011 …" or, in millimetres,
/// "0.23 0.28 …". A letter behind a gauge says how it is built where that is not the usual: p plain, w nickel-plated
/// wound, f flat-wound, n pure nickel, s stainless. Each becomes the catalogue's string of that gauge; what none is
/// near to, or another number than `strings`, is a fault.
[[nodiscard]] Result<CatalogueSet> parseSet(const QString& text, std::size_t strings, const Catalogue& catalogue);

} // namespace flenzo
