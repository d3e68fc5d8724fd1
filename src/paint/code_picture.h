// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QImage>
#include <QString>

namespace flenzo {

/// Digits as a square code that cameras and scanners read, with the quiet margin that they need; `module_px` is the
/// side of one of its squares. An empty picture for an empty text. Validity: up to 500 characters.
[[nodiscard]] QImage codePicture(const QString& text, int module_px);

} // namespace flenzo
