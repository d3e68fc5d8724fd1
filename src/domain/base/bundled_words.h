// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QString>
#include <QStringList>

namespace flenzo {

/// What the bundled exercises, demo jobs and catalogue say, in the language of the moment; a string's label
/// (".046 nickel-plated wound") likewise; any other text as it is.
[[nodiscard]] QString bundledWords(const QString& text);

/// What the bundled data call what holds this word in the language of the moment, in small letters; empty in English
/// and for a word of one or two letters.
[[nodiscard]] QStringList bundledAs(const QString& word);

} // namespace flenzo
