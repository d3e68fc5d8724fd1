// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QString>

namespace flenzo {

class MainWindow;

/// Renders every main view of the demo shop into a folder as PNG at 1280x800. False when a file could not be written.
bool takeShots(MainWindow& window, const QString& folder);

} // namespace flenzo
