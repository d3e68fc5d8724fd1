// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/base/fault.h"
#include "listen/hearing/wav.h"

namespace flenzo {

/// The sound of a file, or what is wrong with it.
[[nodiscard]] Result<Wav> wavFromFile(const QString& path);

} // namespace flenzo
