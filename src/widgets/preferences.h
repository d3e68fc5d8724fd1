// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "language/figures.h"
#include "paint/theme.h"

#include <QStringList>
#include <algorithm>

namespace flenzo {

/// What a user sets once: kept between sessions.
struct Preferences {
    Units units;
    bool dark = false;
    bool labels = false;       ///< the section names its parts
    double textScale = 1.0;    ///< 1 to 2, as chosen here
    double desktopScale = 1.0; ///< 1 to 2, of the desktop's own text against the usual; not kept
    QString language;          ///< as "de"; empty: the desktop's
    QString listenInput;       ///< to which the bench listens, as the desktop tells it; empty: the usual one
    double clock_ppm = 0.0;    ///< by which that input's clock runs fast
    bool listenKnown = false;  ///< listening has been set up once
    bool speaks = false;       ///< the next act is said aloud while listening
    bool tones = false;        ///< short tones for taken, doubted, in tune
    QString server;            ///< of the shop's logbook, without a password; empty: it is a file
    QString bench;             ///< how this one is called among several
    QStringList recentFiles;   ///< newest first
    bool operator==(const Preferences&) const = default;
    /// Of everything that is written or drawn: as chosen here and on the desktop, twice the usual at most.
    [[nodiscard]] double scale() const { return std::min(2.0, textScale * desktopScale); }
    [[nodiscard]] const Theme& theme() const { return dark ? benchDark() : benchLight(); }
};

inline constexpr int mostRecentFiles = 8;
inline constexpr double mostClock_ppm = 2000.0;

/// Values out of range in a settings file are replaced by defaults.
[[nodiscard]] Preferences loadPreferences(const QString& iniFile);
void savePreferences(const QString& iniFile, const Preferences& preferences);
/// Puts a file first in the list.
void remember(Preferences& preferences, const QString& file);

} // namespace flenzo
