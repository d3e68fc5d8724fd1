// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/job/edits.h"

namespace flenzo {

/// A string as typed: a catalogue label or id, a gauge in thousandths ("46", ".046", "17p", "17w") or in mm ("0.43
/// mm"). Between 17 and 26 thousandths, where both exist, a bare number means plain up to 20 and wound above.
[[nodiscard]] Result<const CatalogueString*> findString(const Catalogue& catalogue, const QString& text);
/// A pitch as typed: "E2", "E2 -10", "82.4 Hz".
std::optional<Fault> setPitch(Job& job, Side side, std::size_t string, const QString& text);

} // namespace flenzo
