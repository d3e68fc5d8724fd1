// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "listen/hearing/recording.h"
#include "session/document/session.h"

namespace flenzo {

// Pictures and recordings lie with the logbook, so that they stay with the job when the camera's card goes. Their
// names tell their content: the same one is kept once.

/// Copies a picture there. Without a logbook to write to it stays where it is. Returns where it lies.
[[nodiscard]] Result<QString> savePhoto(const Session& session, const QString& file);
/// Writes a recording of the strings there, and into the job as said at that step.
[[nodiscard]] std::optional<Fault> saveTake(Session& session, const Recording& take, const QString& step,
                                            const QString& now);
/// The job's recordings, oldest first.
[[nodiscard]] QStringList takesOf(const Job& job);

/// A file of this machine with what a job calls so: a path, or a name that its logbook knows. Empty where it is gone.
[[nodiscard]] QString attachedFile(const Session& session, const QString& reference);
/// The same where it is on this machine already; nothing where a server has to be asked.
[[nodiscard]] std::optional<QString> attachedHere(const Session& session, const QString& reference);
/// Asks the server at that address, from any thread; empty where it does not have it or does not answer.
[[nodiscard]] QString fetchAttached(const QString& address, const QString& reference);

} // namespace flenzo
