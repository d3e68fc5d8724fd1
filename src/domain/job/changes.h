// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/job/job.h"

namespace flenzo {

/// What happens to the guitar in mid-job. Its rig is always the guitar as it is now; what it was at the first entry is
/// kept beside it once the log has changed it.

/// One entry more; the rig becomes what the entry leaves.
void addEntry(Job& job, Event event);
/// Another log in its place, as an answer to a question makes it.
void setLog(Job& job, std::vector<Event> log);
/// An edit of the guitar after something was logged: springs put in or out and other wires become entries, made at that
/// time; corrected figures hold from the first entry on.
void noteChanges(const Job& before, Job& after, const std::string& at);

} // namespace flenzo
