// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/job/job.h"

namespace flenzo {

/// What two benches changed to different things, as a person calls it; `path` as in `flenzo-job` ("card.owner").
[[nodiscard]] QString conflictTitle(const QString& path);
/// What a job has there.
[[nodiscard]] QString conflictText(const Job& job, const QString& path);

} // namespace flenzo
