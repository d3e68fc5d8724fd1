// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "session/document/session.h"

namespace flenzo {

/// Copies a picture beside the logbook, so that it stays with the job when the camera's card goes; the name tells its
/// content, so the same picture is kept once. Without a logbook to write to it stays where it is. Returns where it
/// lies.
[[nodiscard]] Result<QString> keepPhoto(const Session& session, const QString& file);

/// Where a logbook's pictures lie.
[[nodiscard]] QString photoFolder(const QString& logbookPath);

} // namespace flenzo
