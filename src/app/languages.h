// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QStringList>

namespace flenzo {

/// Languages the program speaks, by their code; English is the one it is written in.
[[nodiscard]] QStringList languages();
/// As its own speakers call it.
[[nodiscard]] QString languageTitle(const QString& code);
/// Speaks that language from here on, or the desktop's where the code is empty; English where neither is known.
/// Sentences that were made before stay as they are.
void useLanguage(const QString& code);

} // namespace flenzo
