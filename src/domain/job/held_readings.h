// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/job/job.h"

namespace flenzo {

/// What every string read last, as typed or heard, since anything else than a peg moved the guitar; empty where one was
/// not read since.
[[nodiscard]] std::vector<double> lastReadings_cents(const Job& job);
/// Notes how it leaves: the last readings, and the room that was told before.
void noteLeft(Job& job, const QString& at);
/// One note more; where there are too many the oldest goes.
void addHeld(Work& work, HeldReading read);
/// The last note of one kind, made where there is none.
[[nodiscard]] HeldReading& heldAs(Work& work, HeldReading::When when);

} // namespace flenzo
