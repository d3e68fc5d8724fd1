// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/job/job.h"
#include "listen/hearing/hearing_options.h"
#include "listen/hearing/recording.h"

#include <QJsonObject>

namespace flenzo {

/// What `flenzo-cli listen` prints (docs/formats.md): with a job which string each pluck is and its cents against the
/// target, else the nearest note at `a4_Hz`.
[[nodiscard]] QJsonObject heardJson(const Recording& recording, const std::optional<Job>& job, double a4_Hz,
                                    const HearingOptions& options = {});

} // namespace flenzo
