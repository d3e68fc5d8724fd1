// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "paint/provenance.h"

#include <QIcon>

namespace flenzo {

/// The mark of where a figure comes from, for heads and cells of tables; follows the theme by itself.
[[nodiscard]] QIcon provenanceIcon(Provenance of);

} // namespace flenzo
