// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/base/fault.h"
#include "domain/guitar/catalogue.h"

namespace flenzo {

/// The bundled catalogue; a fault here is a broken installation.
[[nodiscard]] Result<Catalogue> bundledCatalogue();
/// An absent file is an empty catalogue.
[[nodiscard]] Result<OwnCatalogue> readOwnCatalogue(const QString& path);
[[nodiscard]] std::optional<Fault> writeOwnCatalogue(const QString& path, const OwnCatalogue& own);

} // namespace flenzo
