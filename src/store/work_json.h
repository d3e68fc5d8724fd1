// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/job/work.h"
#include "store/fields.h"

namespace flenzo {

[[nodiscard]] Work workFromJson(Fields fields);
[[nodiscard]] QJsonObject workToJson(const Work& work);
[[nodiscard]] QString jobStateName(JobState state); ///< as in files and the logbook

} // namespace flenzo
