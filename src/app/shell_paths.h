// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QString>

namespace flenzo {

/// Where the program keeps its own files.
struct ShellPaths {
    QString recoveryFolder;
    QString settingsFile;
    QString ownCatalogueFile;
    QString logbookFile;
    QString server = {}; ///< the shop's logbook is there instead; an address that may hold a password
    QString bench = {};  ///< how this one is called among several
};
[[nodiscard]] ShellPaths defaultPaths();

} // namespace flenzo
