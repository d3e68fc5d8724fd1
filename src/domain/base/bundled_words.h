// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QString>

namespace flenzo {

/// What the bundled exercises and demo jobs say, in the language of the moment; any other text as it is.
[[nodiscard]] QString bundledWords(const QString& text);

} // namespace flenzo
